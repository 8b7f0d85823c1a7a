package hazelkeep.solid;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.ArrayList;
import java.util.List;

/**
 * A true curve from foot to top, z never falling, flattened once. Every region that follows it
 * clips the one flattened line: two flattenings of one curve would leave slivers between them.
 */
public final class Profile {
  private final List<Curve> curves;
  private final Polyline flat;

  /**
   * @param curves one after the other, each starting where the last ended
   * @throws NoOutline when a curve runs back along the axis
   * @throws Refused when a curve leaves a gap
   */
  public Profile(List<Curve> curves) {
    this.curves = List.copyOf(curves);
    List<Point> points = new ArrayList<>();
    points.add(curves.get(0).at(0));
    Point end = null;
    for (Curve c : curves) {
      if (end != null && end.distance(c.at(0)) > 1e-6) {
        throw new Refused("The profile has a gap at " + end);
      }
      c.flatten(points);
      end = c.at(1);
    }
    for (int i = 1; i < points.size(); i++) {
      if (points.get(i).z() < points.get(i - 1).z() - 1e-6) {
        throw new NoOutline(Wording.of("profile.the-outline-runs-back"));
      }
    }
    this.flat = new Polyline(points);
  }

  /** The flattened line. */
  public Polyline flat() {
    return flat;
  }

  /** The radius of the true curve at z; ends are carried on. Where the curve steps, the outer. */
  public double radius(double z) {
    Curve hit = curves.get(0);
    for (Curve c : curves) {
      if (c.at(0).z() <= z + 1e-9) {
        hit = c;
      }
    }
    if (hit instanceof Curve.Line line && line.to().z() - line.from().z() < 1e-9) {
      return Math.max(line.from().r(), line.to().r());
    }
    if (!(hit instanceof Curve.Arc)) {
      // Along a straight or a cubic stretch z runs evenly.
      Point from = hit.at(0);
      double high = hit.at(1).z() - from.z();
      return hit.at(Math.max(0, Math.min(1, (z - from.z()) / high))).r();
    }
    double lo = 0;
    double hi = 1;
    for (int i = 0; i < 60; i++) {
      double mid = (lo + hi) / 2;
      if (hit.at(mid).z() < z) {
        lo = mid;
      } else {
        hi = mid;
      }
    }
    return hit.at(hi).r();
  }

  /** The flattened line between two heights, its new ends read from the true curve. */
  public Polyline between(double from, double to) {
    List<Point> out = new ArrayList<>();
    if (flat.first().z() < from - 1e-9) {
      out.add(new Point(from, radius(from)));
    }
    for (Point p : flat.points()) {
      boolean inside = p.z() >= from - 1e-9 && p.z() <= to + 1e-9;
      if (inside && (out.isEmpty() || out.get(out.size() - 1).distance(p) > 1e-9)) {
        out.add(p);
      }
    }
    if (flat.last().z() > to + 1e-9 && (out.isEmpty() || out.get(out.size() - 1).z() < to - 1e-9)) {
      out.add(new Point(to, radius(to)));
    }
    if (out.size() < 2) {
      out.add(new Point(to, radius(to)));
    }
    return new Polyline(out);
  }

  /** A smooth line through points that never swings past them (Fritsch and Carlson's slopes). */
  public static List<Curve> smooth(List<Point> p) {
    int n = p.size();
    double[] d = new double[n - 1];
    for (int i = 0; i < n - 1; i++) {
      d[i] = (p.get(i + 1).r() - p.get(i).r()) / (p.get(i + 1).z() - p.get(i).z());
    }
    double[] m = new double[n];
    m[0] = d[0];
    m[n - 1] = d[n - 2];
    for (int i = 1; i < n - 1; i++) {
      m[i] = d[i - 1] * d[i] <= 0 ? 0 : 2 * d[i - 1] * d[i] / (d[i - 1] + d[i]);
    }
    List<Curve> out = new ArrayList<>();
    for (int i = 0; i < n - 1; i++) {
      out.add(new Curve.Hermite(p.get(i), p.get(i + 1), m[i], m[i + 1]));
    }
    return out;
  }
}
