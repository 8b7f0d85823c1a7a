package hazelkeep.solid;

/**
 * A point of the half-section.
 *
 * @param z along the axis, mm
 * @param r distance from the axis, mm
 */
public record Point(double z, double r) {
  /** Distance to another point, mm. */
  public double distance(Point o) {
    double dz = z - o.z;
    double dr = r - o.r;
    return Math.sqrt(dz * dz + dr * dr);
  }

  /** Distance to the straight line between two points, mm. */
  public double distance(Point a, Point b) {
    double l = a.distance(b);
    double t = l == 0 ? 0 : ((z - a.z) * (b.z - a.z) + (r - a.r) * (b.r - a.r)) / (l * l);
    return distance(a.towards(b, Math.max(0, Math.min(1, t))));
  }

  /** The point between this and another, t from 0 to 1. */
  public Point towards(Point o, double t) {
    return new Point(z + t * (o.z - z), r + t * (o.r - r));
  }
}
