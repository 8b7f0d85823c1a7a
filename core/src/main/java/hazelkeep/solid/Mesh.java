package hazelkeep.solid;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;

/**
 * A surface of triangles, closed: a half-section turned round its axis. Corners are shared, so that
 * every edge belongs to two triangles that run along it in opposite directions.
 *
 * @param corners x, y, z of each corner, mm; y runs along the axis
 * @param triangles three corners each, counter-clockwise seen from outside
 */
public record Mesh(List<double[]> corners, List<int[]> triangles) {
  /** Nearer to the axis than this a point lies on it, mm. */
  private static final double ON_AXIS = 1e-6;

  /**
   * A half-section turned round.
   *
   * @param around how many steps a turn takes, 3 or more: 128 on a radius of 40 leave 0.012 mm
   */
  public static Mesh turned(HalfSection section, int around) {
    Mesh out = new Mesh(new ArrayList<>(), new ArrayList<>());
    for (Polyline ring : section.rings()) {
      out.add(woodOnTheLeft(section, ring.points()), around);
    }
    return out;
  }

  /**
   * The same with holes drilled through its wall; one that does not go from outside into a hollow
   * is left out.
   */
  public static Mesh turned(HalfSection section, int around, List<CrossHole> holes) {
    if (holes.isEmpty()) {
      return turned(section, around);
    }
    Mesh out = new Mesh(new ArrayList<>(), new ArrayList<>());
    TreeSet<Double> heights = Drilling.heights(holes);
    for (Polyline ring : section.rings()) {
      out.add(divided(woodOnTheLeft(section, ring.points()), heights), around);
    }
    for (CrossHole h : holes) {
      out = Drilling.of(out, h);
    }
    return out;
  }

  /** A ring with corners at some heights as well. */
  private static List<Point> divided(List<Point> ring, TreeSet<Double> heights) {
    List<Point> out = new ArrayList<>(List.of(ring.get(0)));
    for (int i = 1; i < ring.size(); i++) {
      Point a = ring.get(i - 1);
      Point b = ring.get(i);
      boolean up = b.z() > a.z();
      NavigableSet<Double> between =
          heights.subSet(Math.min(a.z(), b.z()), false, Math.max(a.z(), b.z()), false);
      for (double z : up ? between : between.descendingSet()) {
        out.add(new Point(z, a.r() + (z - a.z()) / (b.z() - a.z()) * (b.r() - a.r())));
      }
      out.add(b);
    }
    return out;
  }

  /** A ring with its wood on the left hand, whether it goes round wood or round a hollow. */
  private static List<Point> woodOnTheLeft(HalfSection section, List<Point> ring) {
    int longest = 1;
    for (int i = 1; i < ring.size(); i++) {
      if (ring.get(i - 1).distance(ring.get(i))
          > ring.get(longest - 1).distance(ring.get(longest))) {
        longest = i;
      }
    }
    Point a = ring.get(longest - 1);
    Point b = ring.get(longest);
    double length = a.distance(b);
    double hair = Math.min(HAIR, length / 8);
    double z = (a.z() + b.z()) / 2 - hair * (b.r() - a.r()) / length;
    double r = (a.r() + b.r()) / 2 + hair * (b.z() - a.z()) / length;
    return section.holds(z, r) && r > 0 ? ring : new Polyline(ring).reversed().points();
  }

  /** How far beside a line wood is looked for, mm. */
  private static final double HAIR = 1e-3;

  private void add(List<Point> ring, int around) {
    Map<Point, int[]> known = new HashMap<>();
    for (int i = 1; i < ring.size(); i++) {
      Point a = ring.get(i - 1);
      Point b = ring.get(i);
      if (a.r() < ON_AXIS && b.r() < ON_AXIS) {
        continue;
      }
      int[] low = known.computeIfAbsent(a, p -> round(p, around));
      int[] high = known.computeIfAbsent(b, p -> round(p, around));
      for (int k = 0; k < around; k++) {
        int next = (k + 1) % around;
        triangle(low[k], high[next], high[k]);
        triangle(low[k], low[next], high[next]);
      }
    }
  }

  /** The corners of a point turned round; one and the same where it lies on the axis. */
  private int[] round(Point p, int around) {
    int[] out = new int[around];
    for (int k = 0; k < around; k++) {
      if (k > 0 && p.r() < ON_AXIS) {
        out[k] = out[0];
      } else {
        double turn = 2 * Math.PI * k / around;
        out[k] = corners.size();
        corners.add(new double[] {p.r() * Math.cos(turn), p.z(), p.r() * Math.sin(turn)});
      }
    }
    return out;
  }

  /** One that has two corners at one place is none. */
  private void triangle(int a, int b, int c) {
    if (a != b && b != c && c != a) {
      triangles.add(new int[] {a, b, c});
    }
  }

  /**
   * The same surface with no triangle on both sides of a plane along the axis: what crosses it is
   * split where it does, on both sides of an edge at the same corner, so that it stays closed.
   *
   * @param x how far the plane lies beside the axis, mm
   */
  public Mesh cutAt(double x) {
    Mesh out = new Mesh(new ArrayList<>(corners), new ArrayList<>());
    Map<Long, Integer> on = new HashMap<>();
    for (int[] t : triangles) {
      List<Integer> low = new ArrayList<>();
      List<Integer> high = new ArrayList<>();
      for (int k = 0; k < 3; k++) {
        double is = side(t[k], x);
        if (is <= 0) {
          low.add(t[k]);
        }
        if (is >= 0) {
          high.add(t[k]);
        }
        int next = t[(k + 1) % 3];
        if (is * side(next, x) < 0) {
          long edge = (long) Math.min(t[k], next) << Integer.SIZE | Math.max(t[k], next);
          int between =
              on.computeIfAbsent(edge, e -> out.crossing((int) (e >> 32), e.intValue(), x));
          low.add(between);
          high.add(between);
        }
      }
      out.fan(low);
      if (!high.equals(low)) {
        out.fan(high);
      }
    }
    return out;
  }

  private double side(int corner, double x) {
    double d = corners.get(corner)[0] - x;
    return Math.abs(d) < ON_AXIS ? 0 : d;
  }

  /** A new corner where an edge crosses a plane. */
  private int crossing(int from, int to, double x) {
    double[] a = corners.get(from);
    double[] b = corners.get(to);
    double t = (x - a[0]) / (b[0] - a[0]);
    corners.add(new double[] {x, a[1] + t * (b[1] - a[1]), a[2] + t * (b[2] - a[2])});
    return corners.size() - 1;
  }

  private void fan(List<Integer> round) {
    for (int k = 2; k < round.size(); k++) {
      triangle(round.get(0), round.get(k - 1), round.get(k));
    }
  }

  /** Those of its triangles whose middle lies between two planes along the axis, mm beside it. */
  public Mesh between(double from, double to) {
    Mesh out = new Mesh(new ArrayList<>(), new ArrayList<>());
    Map<Integer, Integer> known = new HashMap<>();
    for (int[] t : triangles) {
      double x = (corners.get(t[0])[0] + corners.get(t[1])[0] + corners.get(t[2])[0]) / 3;
      if (x > from && x <= to) {
        int[] is = new int[3];
        for (int k = 0; k < 3; k++) {
          is[k] = known.computeIfAbsent(t[k], c -> out.corner(corners.get(c)));
        }
        out.triangles.add(is);
      }
    }
    return out;
  }

  private int corner(double[] at) {
    corners.add(at);
    return corners.size() - 1;
  }

  /**
   * What it encloses, mm3: by the divergence theorem, six times each tetrahedron over the origin.
   */
  public double volume() {
    double six = 0;
    for (int[] t : triangles) {
      double[] a = corners.get(t[0]);
      double[] b = corners.get(t[1]);
      double[] c = corners.get(t[2]);
      six +=
          a[0] * (b[1] * c[2] - b[2] * c[1])
              + a[1] * (b[2] * c[0] - b[0] * c[2])
              + a[2] * (b[0] * c[1] - b[1] * c[0]);
    }
    return six / 6;
  }
}
