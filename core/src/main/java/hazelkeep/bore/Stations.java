package hazelkeep.bore;

import hazelkeep.shop.Gauge;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** Hollowing stations of a vessel that opens towards greater z: sizes at depths below its rim. */
public final class Stations {
  /** How far beside a border a size is read, mm. */
  private static final double PROBE = 0.02;

  private Stations() {}

  /**
   * One station.
   *
   * @param depth below the rim, mm
   * @param inside diameter there, mm; 0 at the floor
   * @param outside diameter there, mm
   * @param wall least thickness there, across the wall, mm
   * @param reading what the gauge shows at that depth, mm
   */
  public record Station(double depth, double inside, double outside, double wall, double reading) {}

  /**
   * The stations of a vessel: every so many millimetres and at each change of slope of its inside.
   *
   * @param wood the finished half-section, its rim at the greatest z
   * @param rim where depths are counted from, mm: what stands there when it is hollowed
   * @param inside the line of the hollow
   * @param gauge with which depths are read
   * @param every how far apart they are, mm
   */
  public static List<Station> of(
      HalfSection wood, double rim, Polyline inside, Gauge gauge, double every) {
    TreeSet<Double> depths = new TreeSet<>();
    double floor = inside.points().stream().mapToDouble(Point::z).min().orElse(rim);
    for (double d = every; d < rim - floor - PROBE; d += every) {
      depths.add(d);
    }
    List<Point> p = inside.points();
    for (int i = 1; i + 1 < p.size(); i++) {
      if (bends(p.get(i - 1), p.get(i), p.get(i + 1))) {
        depths.add(HalfSection.snap(rim - p.get(i).z()));
      }
    }
    depths.add(rim - floor);
    List<Station> out = new ArrayList<>();
    for (double d : depths) {
      // Just below the depth: at a shoulder both sizes would do.
      double z = Math.max(floor + PROBE, rim - d - PROBE);
      double in = wood.inner(z);
      double outer = wood.outer(z);
      if (outer > 0 && d > 0) {
        out.add(new Station(d, 2 * in, 2 * outer, wall(wood, inside, z, in), gauge.shows(d)));
      }
    }
    return out;
  }

  /** Whether a line turns by more than a curve's flat pieces do. */
  private static boolean bends(Point a, Point b, Point c) {
    double one = Math.atan2(b.r() - a.r(), b.z() - a.z());
    double two = Math.atan2(c.r() - b.r(), c.z() - b.z());
    double turn = Math.abs(Math.IEEEremainder(two - one, 2 * Math.PI));
    return turn > Math.toRadians(20);
  }

  /** From the inside there to the nearest outside, mm. */
  private static double wall(HalfSection wood, Polyline inside, double z, double r) {
    double straight = wood.outer(z) - r;
    double least = straight;
    for (double dz = -straight; dz <= straight; dz += straight / 40) {
      double outer = wood.outer(z + dz);
      if (outer > 0) {
        least = Math.min(least, Math.sqrt(dz * dz + (outer - r) * (outer - r)));
      }
    }
    return least;
  }
}
