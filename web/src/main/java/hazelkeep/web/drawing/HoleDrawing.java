package hazelkeep.web.drawing;

import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Hole;

/** Holes from outside on a section: seen below the axis, those at the back left out. */
final class HoleDrawing {
  private HoleDrawing() {}

  /**
   * Draws one.
   *
   * @param hole as the wood lies on the sheet
   * @param wood the half-section that it is in
   */
  static void draw(Svg svg, Sheet sheet, Hole hole, HalfSection wood) {
    double cos = Math.cos(hole.at().turn());
    double out = hole.mouth(wood).r() * Math.sin(hole.at().turn());
    if (cos > 0 && out >= 0) {
      double r = hole.at().radius() * sheet.scale();
      svg.path("hole", half(sheet.x(hole.at().z()), sheet.down(out), r * cos, r, out));
    }
  }

  /** A hole seen from aside; one on the axis is cut by it. */
  private static String half(double x, double y, double ry, double rx, double out) {
    return out > 0
        ? Svg.d("M", x - rx, y, "A", rx, ry, "0 1 0", x + rx, y, "A", rx, ry, "0 1 0", x - rx, y)
        : Svg.d("M", x - rx, y, "A", rx, ry, "0 0 0", x + rx, y, "Z");
  }
}
