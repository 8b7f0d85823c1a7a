package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.WIDEST;

import hazelkeep.element.Built;
import hazelkeep.element.Element;
import hazelkeep.element.Side;
import hazelkeep.element.SizeRule;
import hazelkeep.piece.Dimensions;
import hazelkeep.wood.SurfaceId;
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
  public void dimensions(Built b, Dimensions d) {
    SurfaceId body = new SurfaceId(BoxParts.BODY, Side.NAME);
    SurfaceId lid = new SurfaceId(BoxParts.LID, Side.NAME);
    d.size(WIDEST, body).reads(s -> 2 * Math.max(s.widest(body), s.widest(lid))).recorded();
    d.size(HEIGHT, body)
        .reads(s -> s.high(body) - s.low(body) + s.top(lid.part()) - s.low(lid))
        .recorded();
  }
}
