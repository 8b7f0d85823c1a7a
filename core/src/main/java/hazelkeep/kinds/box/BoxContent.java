package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.INSIDE;

import hazelkeep.element.Built;
import hazelkeep.element.Element;
import hazelkeep.element.Holds;
import hazelkeep.finding.Entry;
import hazelkeep.kinds.box.LiddedBox.Content;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Told;
import hazelkeep.solid.Point;
import java.util.List;

/**
 * What must go into a box: something round, or a volume.
 *
 * @param d the box
 */
record BoxContent(LiddedBox d) implements Element {
  private static final String BODY = BoxParts.BODY;

  /** Lengths that differ by less read alike: nobody can measure it, mm. */
  private static final double SAME = 0.01;

  @Override
  public void check(Built b, Told told) {
    d.content().ifPresent(c -> check(b, told, c));
  }

  private void check(Built b, Told told, Content c) {
    double mouth = new BoxParts(d).mouthAt(b);
    double wide = c.diameter().map(Size::mm).orElse(0.0);
    if (wide > b.mm(INSIDE) + SAME) {
      told.found(
          Entry.CONTENT_WIDE.told(Grade.STOP, b.mm(INSIDE), wide),
          BODY,
          new Point(mouth, b.mm(INSIDE) / 2));
      return;
    }
    c.height().ifPresent(h -> tall(b, told, c, h.mm()));
    new Holds(BODY, c.ml(), 0, List.of()).check(b, told);
  }

  private void tall(Built b, Told told, Content c, double high) {
    double across = c.diameter().map(Size::mm).orElse(1.0);
    double room = new BoxRoom(d, b::mm, b.shop().practice()).closed(across / 2);
    if (high > room + SAME) {
      told.found(
          Entry.CONTENT_TALL.told(
              Grade.STOP, room, high, Wording.of("boxContent.with-the-lid-on-there")),
          BODY,
          new Point(new BoxParts(d).mouthAt(b) - b.mm(DEPTH), across / 2));
    }
  }
}
