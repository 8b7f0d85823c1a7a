package hazelkeep.element;

import hazelkeep.piece.Dimensions;
import hazelkeep.piece.OnSection;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * How high the closed piece is.
 *
 * @param rule of its size
 * @param read how high it was drawn
 */
public record Whole(SizeRule rule, ToDoubleFunction<OnSection> read) implements Element {
  /** As high as outsides that stand on one another. */
  public static Whole of(SizeRule rule, List<Side> sides) {
    return new Whole(rule, s -> sides.stream().mapToDouble(x -> x.rises(s)).sum());
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(rule);
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    d.size(rule.key(), "").reads(read).recorded();
  }
}
