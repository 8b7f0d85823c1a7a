package hazelkeep.setout;

import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.hipparchus.analysis.interpolation.SplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * The line that a hand cuts fair through places that were cut to a setting, and the fewest places
 * with which it comes near enough to the line that is meant.
 *
 * <p>A stick of even bend laid through the places is a cubic spline with free ends: of all lines
 * through them it bends least (Holladay 1957). It is taken over the length of the chords, so that a
 * dome may run into the axis. Example: of a bowl's side told by 21 places, five are set and the
 * rest is joined fair within a quarter of a millimetre.
 */
final class FairLine {
  /** Places of the joined line between two settings. */
  private static final int BETWEEN = 12;

  /** How far apart places are at which the joined line is looked at, mm at most. */
  private static final double LOOKED = 1;

  private FairLine() {}

  /**
   * The fewest of a line's places, both ends, the widest and the narrowest among them always.
   *
   * @param line its places, straight from one to the next
   * @param within how far the joined line may lie off it, mm
   * @return those of them that are set, in order; on a long straight stretch one between may be
   */
  static List<Point> fewest(List<Point> line, double within) {
    List<Point> meant = closer(line);
    TreeSet<Integer> set = new TreeSet<>(extremes(meant));
    while (set.size() < meant.size()) {
      int worst = worst(meant, set, within);
      if (worst < 0) {
        break;
      }
      set.add(worst);
    }
    for (int i : List.copyOf(set)) {
      TreeSet<Integer> without = new TreeSet<>(set);
      without.remove(i);
      if (!extremes(meant).contains(i) && worst(meant, without, within) < 0) {
        set = without;
      }
    }
    return set.stream().map(meant::get).toList();
  }

  /** The same line with places on its long straight stretches. */
  private static List<Point> closer(List<Point> line) {
    List<Point> out = new ArrayList<>(List.of(line.get(0)));
    for (int i = 1; i < line.size(); i++) {
      Point a = line.get(i - 1);
      Point b = line.get(i);
      int parts = (int) Math.ceil(a.distance(b) / LOOKED);
      for (int k = 1; k < parts; k++) {
        out.add(a.towards(b, (double) k / parts));
      }
      out.add(b);
    }
    return out;
  }

  private static List<Integer> extremes(List<Point> meant) {
    int wide = 0;
    int narrow = 0;
    for (int i = 1; i < meant.size(); i++) {
      wide = meant.get(i).r() > meant.get(wide).r() ? i : wide;
      narrow = meant.get(i).r() < meant.get(narrow).r() ? i : narrow;
    }
    return List.of(0, Math.min(wide, narrow), Math.max(wide, narrow), meant.size() - 1);
  }

  /** The place that lies furthest off the joined line; below 0 where none lies too far. */
  private static int worst(List<Point> meant, TreeSet<Integer> set, double within) {
    Polyline joined = new Polyline(through(set.stream().map(meant::get).toList()));
    int at = -1;
    double most = within;
    for (int i = 0; i < meant.size(); i++) {
      double off = off(joined, meant.get(i));
      if (off > most && !set.contains(i)) {
        most = off;
        at = i;
      }
    }
    return at;
  }

  private static double off(Polyline line, Point p) {
    double least = Double.MAX_VALUE;
    for (int i = 1; i < line.points().size(); i++) {
      least = Math.min(least, p.distance(line.points().get(i - 1), line.points().get(i)));
    }
    return least;
  }

  /** The fair line through places, as points close to one another; no place lies below the axis. */
  static List<Point> through(List<Point> places) {
    if (places.size() < 3) {
      return places;
    }
    double[] along = new double[places.size()];
    for (int i = 1; i < along.length; i++) {
      along[i] = along[i - 1] + places.get(i - 1).distance(places.get(i));
    }
    PolynomialSplineFunction z = spline(along, places.stream().mapToDouble(Point::z).toArray());
    PolynomialSplineFunction r = spline(along, places.stream().mapToDouble(Point::r).toArray());
    List<Point> out = new ArrayList<>(List.of(places.get(0)));
    for (int i = 1; i < along.length; i++) {
      for (int k = 1; k < BETWEEN; k++) {
        double t = along[i - 1] + k * (along[i] - along[i - 1]) / BETWEEN;
        out.add(new Point(z.value(t), Math.max(0, r.value(t))));
      }
      out.add(places.get(i));
    }
    return out;
  }

  private static PolynomialSplineFunction spline(double[] along, double[] value) {
    return new SplineInterpolator().interpolate(along, value);
  }
}
