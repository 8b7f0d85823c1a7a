package hazelkeep.solid;

import java.util.Optional;

/**
 * The thinnest place between an outer and an inner surface, as the shortest distance and not the
 * radial difference.
 *
 * @param least the distance, mm
 * @param outside where it is taken on the outside
 * @param inside where it is taken on the inside
 */
public record Wall(double least, Point outside, Point inside) {
  /**
   * Finds the thinnest wall between two lines.
   *
   * @param edge places of the inner line nearer than this to either end of the outer line are edge,
   *     judged elsewhere
   */
  public static Optional<Wall> of(Polyline outside, Polyline inside, double edge) {
    Wall best = null;
    Point a = outside.first();
    Point b = outside.last();
    for (Polyline.Sample s : inside.samples(0.25, 0)) {
      Point p = s.at();
      boolean rim = p.distance(a) < edge || p.distance(b) < edge;
      if (rim) {
        continue;
      }
      Point q = nearest(outside, p);
      double d = p.distance(q);
      if (best == null || d < best.least) {
        best = new Wall(d, q, p);
      }
    }
    return Optional.ofNullable(best);
  }

  /** The point of a line nearest to a point. */
  public static Point nearest(Polyline line, Point p) {
    Point from = line.first();
    Point to = from;
    double at = 0;
    double least = Double.POSITIVE_INFINITY;
    Point a = null;
    for (Point b : line.points()) {
      if (a != null) {
        double dz = b.z() - a.z();
        double dr = b.r() - a.r();
        double l2 = dz * dz + dr * dr;
        double t = l2 == 0 ? 0 : ((p.z() - a.z()) * dz + (p.r() - a.r()) * dr) / l2;
        t = Math.max(0, Math.min(1, t));
        double z = a.z() + t * dz - p.z();
        double r = a.r() + t * dr - p.r();
        double d2 = z * z + r * r;
        if (d2 < least) {
          least = d2;
          from = a;
          to = b;
          at = t;
        }
      }
      a = b;
    }
    return from.towards(to, at);
  }
}
