package hazelkeep.element;

import hazelkeep.solid.Curve;
import hazelkeep.solid.Point;
import hazelkeep.solid.Profile;
import java.util.ArrayList;
import java.util.List;

/** Lines from place to place, each bent its own way. */
public final class Bent {
  private Bent() {}

  /**
   * A line through places.
   *
   * @param p the places, upwards
   * @param bends how the line comes up to each of them; the first is not asked
   */
  public static List<Curve> through(List<Point> p, List<Bend> bends) {
    if (bends.stream().allMatch(b -> b == Bend.SMOOTH)) {
      return Profile.smooth(p);
    }
    List<Curve> out = new ArrayList<>();
    for (int i = 1; i < p.size(); i++) {
      out.add(curve(p.get(i - 1), p.get(i), bends.get(i)));
    }
    return out;
  }

  private static Curve curve(Point a, Point b, Bend bend) {
    double steep = 2 * (b.r() - a.r()) / (b.z() - a.z());
    boolean opens = b.r() > a.r();
    return switch (bend) {
      case BULGING -> new Curve.Hermite(a, b, opens ? steep : 0, opens ? 0 : steep);
      case HOLLOW -> new Curve.Hermite(a, b, opens ? 0 : steep, opens ? steep : 0);
      case ROUND -> round(a, b);
      default -> new Curve.Line(a, b);
    };
  }

  /** What is as wide at both ends has nothing to round. */
  private static Curve round(Point a, Point b) {
    double high = b.z() - a.z();
    double wide = Math.abs(b.r() - a.r());
    if (wide == 0 || high == 0) {
      return new Curve.Line(a, b);
    }
    return b.r() > a.r()
        ? new Curve.Arc(new Point(b.z(), a.r()), high, wide, 180, 90)
        : new Curve.Arc(new Point(a.z(), b.r()), high, wide, 90, 0);
  }
}
