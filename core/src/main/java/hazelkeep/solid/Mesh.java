package hazelkeep.solid;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

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
