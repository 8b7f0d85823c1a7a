package hazelkeep.web.drawing;

import hazelkeep.measure.Grade;
import hazelkeep.route.Finding;
import hazelkeep.solid.Point;
import java.util.HashMap;
import java.util.Map;

/** Findings at their places. */
final class PinDrawing {
  private PinDrawing() {}

  /** Findings at their places; drawn last, but labels keep clear of them. */
  static Svg draw(Board on) {
    Svg over = new Svg();
    Map<String, Integer> same = new HashMap<>();
    int no = 0;
    for (Finding f : on.sketch().findings()) {
      no++;
      if (f.where().isEmpty() || f.at().isPresent()) {
        continue;
      }
      Point p = f.where().get();
      double x = on.sheet().x(p.z());
      double y = on.sheet().up(p.r());
      int n = same.merge(Math.round(x / 20) + "/" + Math.round(y / 20), 1, Integer::sum) - 1;
      boolean stop = f.grade() == Grade.STOP;
      double cy = y - 22 * n;
      on.labels().keepClear(x - 13, cy - 28, x + 32, cy + 13);
      over.open(
          "a",
          "href",
          "#finding-" + no,
          "class",
          "pin " + (stop ? "stop" : "watch"),
          "aria-label",
          "Finding " + no + ": " + f.verdict().title());
      over.empty("circle", "class", "pin-ring", "cx", x, "cy", cy, "r", 13);
      over.path(
          "pin-mark",
          stop
              ? Svg.d("M", x + 8, cy - 26, "h20v20h-20z")
              : Svg.d("M", x + 18, cy - 28, "l12 22h-24z"));
      over.text("pin-number", x + 18, cy - 11, Integer.toString(no)).close("a");
    }
    return over;
  }
}
