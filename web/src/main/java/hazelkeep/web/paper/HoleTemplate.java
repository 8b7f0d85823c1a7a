package hazelkeep.web.paper;

import hazelkeep.piece.Rolled;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import java.util.List;

/** The side rolled out, to be wrapped round it and pricked through. */
final class HoleTemplate {
  private HoleTemplate() {}

  static void draw(Sheet s, Printed of) {
    s.sheet("Hole template 1:1");
    s.text(Sheet.LEFT, Sheet.TOP, 9.5, Sentences.of("holeTemplate.the-left-edge-on-the"));
    List<Rolled> sides = of.plan().sketch().rolled();
    if (sides.isEmpty()) {
      s.text(18, 56, 10, Sentences.of("holeTemplate.this-piece-has-no-holes"));
    }
    for (int i = 0; i < sides.size(); i++) {
      if (i > 0) {
        s.next();
      }
      strips(s, sides.get(i), of.show());
    }
  }

  /** Wider than the page, what is further round goes on the next strip below. */
  private static void strips(Sheet s, Rolled side, Show show) {
    double base = 56 + side.height();
    double room = Sheet.RIGHT - Sheet.LEFT;
    int strips = (int) Math.ceil(side.round() / room);
    for (int i = 0; i < strips; i++) {
      if (i > 0 && base + side.height() + 24 > s.bottom()) {
        s.next();
        base = Sheet.TOP + 4 + side.height();
      } else if (i > 0) {
        base += side.height() + 18;
      }
      strip(s, side, show, i * room, Math.min(side.round(), (i + 1) * room), base);
    }
  }

  private static void strip(Sheet s, Rolled side, Show show, double from, double to, double base) {
    double high = side.height();
    double left = 18;
    s.line(left, base, left + to - from, base);
    s.line(left, base - high, left + to - from, base - high);
    s.line(left, base, left, base - high);
    s.line(left + to - from, base, left + to - from, base - high);
    s.text(left, base + 5, 8, from == 0 ? side.part() + ", grain mark" : show.len(from) + " round");
    for (Rolled.Place p : side.places()) {
      if (p.along() < from || p.along() >= to) {
        continue;
      }
      double x = left + p.along() - from;
      double y = base - p.height();
      double d = p.hole().diameter();
      s.circle(x, y, d / 2);
      s.line(x - 2, y, x + 2, y);
      s.line(x, y - 2, x, y + 2);
      s.text(x + d / 2 + 2, y, 8, p.hole().name() + " " + show.len(d));
    }
  }
}
