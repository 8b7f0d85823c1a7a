package hazelkeep.solid;

import java.util.List;

/** A smooth stretch of a profile, run by a parameter from 0 to 1. Closed set, see the records. */
public sealed interface Curve {
  /** Largest distance between a curve and its flattened line, mm. */
  double CHORD = 0.005;

  /** The point at a parameter from 0 to 1. */
  Point at(double t);

  /** A straight stretch. */
  record Line(Point from, Point to) implements Curve {
    @Override
    public Point at(double t) {
      return from.towards(to, t);
    }
  }

  /**
   * An arc of an ellipse with axes along z and r.
   *
   * @param centre its centre
   * @param az half axis along z
   * @param ar half axis along r
   * @param start start angle in degrees, from the z direction towards r
   * @param end end angle in degrees
   */
  record Arc(Point centre, double az, double ar, double start, double end) implements Curve {
    @Override
    public Point at(double t) {
      double deg = start + t * (end - start);
      // Exact at the quarter points, so that neighbours meet without a gap.
      double c = deg % 180 == 90 || deg % 180 == -90 ? 0 : Math.cos(Math.toRadians(deg));
      double s = deg % 180 == 0 ? 0 : Math.sin(Math.toRadians(deg));
      return new Point(centre.z() + az * c, centre.r() + ar * s);
    }
  }

  /**
   * A cubic that starts and ends with given slopes dr/dz; z runs evenly.
   *
   * @param from start
   * @param to end
   * @param slopeFrom dr/dz at the start
   * @param slopeTo dr/dz at the end
   */
  record Hermite(Point from, Point to, double slopeFrom, double slopeTo) implements Curve {
    @Override
    public Point at(double t) {
      double h = to.z() - from.z();
      double t2 = t * t;
      double t3 = t2 * t;
      double r =
          (2 * t3 - 3 * t2 + 1) * from.r()
              + (t3 - 2 * t2 + t) * h * slopeFrom
              + (3 * t2 - 2 * t3) * to.r()
              + (t3 - t2) * h * slopeTo;
      return new Point(from.z() + t * h, r);
    }
  }

  /** Adds the flattened curve without its first point. */
  default void flatten(List<Point> into) {
    if (this instanceof Line line) {
      into.add(line.to());
      return;
    }
    // Eight stretches to begin with, so that an S-shaped stretch is not taken for straight.
    for (int i = 0; i < 8; i++) {
      split(i / 8.0, (i + 1) / 8.0, at(i / 8.0), at((i + 1) / 8.0), into, 0);
    }
  }

  private void split(double t0, double t1, Point a, Point b, List<Point> into, int depth) {
    double tm = (t0 + t1) / 2;
    Point m = at(tm);
    double l = a.distance(b);
    double off =
        l == 0
            ? a.distance(m)
            : Math.abs((b.z() - a.z()) * (m.r() - a.r()) - (b.r() - a.r()) * (m.z() - a.z())) / l;
    if (off > CHORD * 0.8 && depth < 12) {
      split(t0, tm, a, m, into, depth + 1);
      split(tm, t1, m, b, into, depth + 1);
    } else {
      into.add(b);
    }
  }
}
