package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.WIDEST;

import hazelkeep.element.Built;
import hazelkeep.element.Element;
import hazelkeep.element.Side;
import hazelkeep.element.SizeRule;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.OnSection;
import java.util.List;

/**
 * How wide and how high the closed box is, over both of its halves.
 *
 * @param rules of both sizes
 */
record BoxWhole(List<SizeRule> rules) implements Element {
  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  @Override
  public List<DimKey> recorded() {
    return List.of(WIDEST, HEIGHT);
  }

  @Override
  public void onSection(Built b, OnSection s) {
    String body = BoxParts.BODY;
    String lid = BoxParts.LID;
    double low = s.high(body, Side.NAME) - s.low(body, Side.NAME);
    double high = s.top(lid) - s.low(lid, Side.NAME);
    double wide = Math.max(s.widest(body, Side.NAME), s.widest(lid, Side.NAME));
    s.is(HEIGHT.path(), low + high).is(WIDEST.path(), 2 * wide);
  }
}
