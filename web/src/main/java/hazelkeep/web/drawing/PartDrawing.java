package hazelkeep.web.drawing;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.List;

/**
 * A part in its blank: section above the axis, outside below.
 *
 * @param svg what is drawn on
 * @param labels where there is room
 * @param sheet where its blank lies
 * @param wood the colour of its wood
 */
record PartDrawing(Svg svg, Labels labels, Sheet sheet, String wood) {
  /** Two lines closer than this can't be told apart, mm. */
  private static final double SEEN = 0.3;

  /** Whether a part goes round others and has no wood or hollow on the axis. */
  static boolean isRing(Part p) {
    return p.target().minR() > SEEN
        && p.surfaces().stream().noneMatch(s -> s.inside() && s.zone().minR() <= SEEN);
  }

  void part(Part p) {
    if (isRing(p)) {
      ring(p);
      return;
    }
    StringBuilder cavity = new StringBuilder();
    StringBuilder hull = new StringBuilder(sheet.below(p.target()));
    for (Surface s : p.surfaces()) {
      if (s.inside()) {
        cavity.append(sheet.above(s.zone()));
        hull.append(sheet.below(s.zone()));
      }
    }
    svg.path("hollow", cavity.toString());
    svg.empty("path", "class", "outside", "d", hull, "fill", wood);
    svg.empty("path", "class", "outside-grain", "d", hull, "fill", "url(#grain)");
    String target = sheet.above(p.target());
    svg.region("wood", target, wood).region("grain", target, "url(#grain)");
    p.target().rings().forEach(ring -> labels.outline(sheet, ring));
    for (Surface s : p.surfaces()) {
      if (!s.inside()) {
        svg.path("edge", sheet.below(s.line()));
        // Where the outline turns a corner the eye sees an edge right across.
        Point corner = s.line().last();
        if (corner.r() > SEEN && turns(p, s)) {
          double x = sheet.x(corner.z());
          svg.line("corner", x, sheet.axis(), x, sheet.down(corner.r()));
        }
      }
    }
  }

  /** Whether the outline turns a corner at the end of a surface, and does not run on smoothly. */
  private static boolean turns(Part p, Surface s) {
    List<Point> in = s.line().points();
    Point end = in.get(in.size() - 1);
    Point before = in.get(in.size() - 2);
    for (Surface o : p.surfaces()) {
      List<Point> on = o.line().points();
      if (!o.inside() && on.get(0).distance(end) < SEEN) {
        double a = Math.atan2(end.r() - before.r(), end.z() - before.z());
        double b = Math.atan2(on.get(1).r() - end.r(), on.get(1).z() - end.z());
        return Math.abs(Math.toDegrees(a - b)) > SMOOTH;
      }
    }
    return true;
  }

  /** An outline that turns by less is one line to the eye, degrees. */
  private static final double SMOOTH = 8;

  /** What goes round others and has no wood on the axis: seen from outside it hides them. */
  private void ring(Part p) {
    HalfSection ring = p.target();
    String out = sheet.below(HalfSection.box(ring.minZ(), ring.maxZ(), 0, ring.maxR()));
    String target = sheet.above(ring);
    svg.empty("path", "class", "outside", "d", out, "fill", wood);
    svg.empty("path", "class", "outside-grain", "d", out, "fill", "url(#grain)");
    svg.path("edge", out);
    svg.region("wood", target, wood).region("grain", target, "url(#grain)");
    ring.rings().forEach(r -> labels.outline(sheet, r));
  }
}
