package hazelkeep.web.paper;

import hazelkeep.web.holding.HoldView;
import java.util.List;

/** What is cut and set for every hold, for the wall behind the chuck. */
final class HoldSheet {
  private HoldSheet() {}

  static void draw(Sheet s, Printed of) {
    s.sheet("Holds");
    double y = Sheet.TOP + 4;
    for (HoldView h : HoldView.all(of.plan(), of.show())) {
      y = hold(s, h, s.room(y, 44));
      s.rule(y);
      y += 8;
    }
  }

  private static double hold(Sheet s, HoldView h, double from) {
    s.text(Faces.Face.TITLE, Sheet.LEFT, from, 12, h.title());
    s.text(18, from + 5.4, 10, h.words());
    double y = from + 11;
    for (String size : h.cut()) {
      s.text(24, y, 10, size);
      y += 5;
    }
    for (String line : List.of(h.why(), h.stands(), h.soft())) {
      if (!line.isEmpty()) {
        y = s.wrapped(24, y, 9, Sheet.RIGHT - 24, line);
      }
    }
    return y;
  }
}
