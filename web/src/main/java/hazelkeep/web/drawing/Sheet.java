package hazelkeep.web.drawing;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;

/**
 * Where the work lies on the sheet.
 *
 * @param left x of z = 0
 * @param axis y of the axis
 * @param scale units of the sheet to the mm
 */
record Sheet(double left, double axis, double scale) {
  /** The sheet's x of a place along the axis. */
  double x(double z) {
    return left + z * scale;
  }

  /** The sheet's y of a radius above the axis. */
  double up(double r) {
    return axis - r * scale;
  }

  /** The sheet's y of a radius below the axis. */
  double down(double r) {
    return axis + r * scale;
  }

  /** A region above the axis. */
  String above(HalfSection h) {
    return path(h, -1);
  }

  /** Its mirror image below. */
  String below(HalfSection h) {
    return path(h, 1);
  }

  /** Both. */
  String both(HalfSection h) {
    return above(h) + below(h);
  }

  private String path(HalfSection h, int side) {
    StringBuilder d = new StringBuilder();
    for (Polyline ring : h.rings()) {
      line(d, ring, side);
      d.append('Z');
    }
    return d.toString();
  }

  /** A line above the axis. */
  String above(Polyline line) {
    StringBuilder d = new StringBuilder();
    line(d, line, -1);
    return d.toString();
  }

  /** A line below the axis. */
  String below(Polyline line) {
    StringBuilder d = new StringBuilder();
    line(d, line, 1);
    return d.toString();
  }

  private void line(StringBuilder d, Polyline line, int side) {
    char op = 'M';
    for (Point p : line.points()) {
      d.append(op).append(Svg.n(x(p.z()))).append(' ').append(Svg.n(axis + side * p.r() * scale));
      op = 'L';
    }
  }
}
