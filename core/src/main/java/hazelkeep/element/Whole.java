package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.OnSection;
import java.util.List;

/**
 * How high the closed piece is.
 *
 * @param rule of its size
 * @param sides the outsides that stand on one another
 */
public record Whole(SizeRule rule, List<Side> sides) implements Element {
  @Override
  public List<SizeRule> sizes() {
    return List.of(rule);
  }

  @Override
  public List<DimKey> recorded() {
    return List.of(rule.key());
  }

  @Override
  public void onSection(Built b, OnSection s) {
    s.is(rule.key().path(), sides.stream().mapToDouble(x -> x.rises(s)).sum());
  }
}
