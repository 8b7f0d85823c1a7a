package hazelkeep.web.paper;

import hazelkeep.web.holding.HoldView;
import java.util.List;

/** What is cut and set for every hold, for the wall behind the chuck. */
final class HoldSheet {
  private HoldSheet() {}

  static void draw(Sheet s, Printed of) {
    String wood = of.piece().design().species();
    String in = of.show().unit().word();
    s.titled(of.piece().name(), "Holds · " + wood + " · all sizes in " + in);
    double y = 54;
    for (HoldView h : HoldView.all(of.plan(), of.show())) {
      y = hold(s, h, s.room(y, 44));
      s.rule(18, y, 192);
      y += 8;
    }
  }

  private static double hold(Sheet s, HoldView h, double from) {
    s.text(18, from, 12, h.title());
    s.text(18, from + 5.4, 10, h.words());
    double y = from + 11;
    for (String size : h.cut()) {
      s.text(24, y, 10, size);
      y += 5;
    }
    for (String line : List.of(h.why(), h.stands(), h.soft())) {
      if (!line.isEmpty()) {
        s.text(24, y, 9, line);
        y += 4.6;
      }
    }
    return y;
  }
}
