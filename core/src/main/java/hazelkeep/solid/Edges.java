package hazelkeep.solid;

import java.util.Arrays;
import java.util.List;

/**
 * Edges of full sections, above and below the axis: from, to, four numbers an edge. What is asked
 * of them is asked so often that they stay bare numbers.
 */
final class Edges {
  private Edges() {}

  /** Whether a straight stretch, so wide to either side, is clear of all edges. */
  static boolean clear(double[] e, double[] bar, double half) {
    if (inside(e, bar[0], bar[1])) {
      return false;
    }
    double h2 = half * half;
    for (int i = 0; i < e.length; i += 4) {
      if (crosses(e, i, bar)
          || distance2(e, i, bar[0], bar[1]) < h2
          || distance2(e, i, bar[2], bar[3]) < h2
          || distance2(bar, 0, e[i], e[i + 1]) < h2
          || distance2(bar, 0, e[i + 2], e[i + 3]) < h2) {
        return false;
      }
    }
    return true;
  }

  private static boolean crosses(double[] e, int i, double[] b) {
    return side(b, e[i], e[i + 1]) * side(b, e[i + 2], e[i + 3]) < 0
        && side(new double[] {e[i], e[i + 1], e[i + 2], e[i + 3]}, b[0], b[1])
                * side(new double[] {e[i], e[i + 1], e[i + 2], e[i + 3]}, b[2], b[3])
            < 0;
  }

  /** On which side of a stretch a point lies. */
  private static double side(double[] s, double z, double r) {
    return (s[2] - s[0]) * (r - s[1]) - (s[3] - s[1]) * (z - s[0]);
  }

  /** The edges of sections and of their mirror images; those on the axis border nothing. */
  static double[] mirrored(List<HalfSection> obstacles) {
    int n = obstacles.stream().mapToInt(o -> o.edges().length).sum();
    double[] all = new double[2 * n];
    int k = 0;
    // Round by round, then mirrored: an edge begins where the one before it ends.
    for (int side = 1; side >= -1; side -= 2) {
      for (HalfSection o : obstacles) {
        double[] e = o.edges();
        for (int i = 0; i < e.length; i += 4) {
          // An edge on the axis is no border of the full section.
          if (e[i + 1] == 0 && e[i + 3] == 0) {
            continue;
          }
          all[k++] = e[i];
          all[k++] = side * e[i + 1];
          all[k++] = e[i + 2];
          all[k++] = side * e[i + 3];
        }
      }
    }
    return Arrays.copyOf(all, k);
  }

  /** Whether a disc of that radius meets an edge, or its middle lies in the wood. */
  static boolean blockedAt(double[] e, Blocks in, double z, double r, double radius) {
    double r2 = radius * radius;
    boolean inside = false;
    for (int b = 0; b < in.count(); b++) {
      if (in.near(b, z, r, radius)) {
        for (int i = in.from(b); i < in.to(b); i += 4) {
          if (within(e, i, z, r, radius) && distance2(e, i, z, r) < r2) {
            return true;
          }
        }
      }
      if (in.loZ(b) <= z && in.hiZ(b) > z) {
        inside ^= crossed(e, in.from(b), in.to(b), z, r);
      }
    }
    return inside;
  }

  /** Whether the box round an edge comes so near to a point; cheaper than the distance itself. */
  static boolean within(double[] e, int i, double z, double r, double near) {
    return (e[i] > z - near || e[i + 2] > z - near)
        && (e[i] < z + near || e[i + 2] < z + near)
        && (e[i + 1] > r - near || e[i + 3] > r - near)
        && (e[i + 1] < r + near || e[i + 3] < r + near);
  }

  private static boolean inside(double[] e, double z, double r) {
    return crossed(e, 0, e.length, z, r);
  }

  /** Whether a line up from a point crosses an odd number of some edges. */
  private static boolean crossed(double[] e, int from, int to, double z, double r) {
    boolean in = false;
    for (int i = from; i < to; i += 4) {
      if ((e[i] <= z) != (e[i + 2] <= z)) {
        in ^= r < e[i + 1] + (z - e[i]) / (e[i + 2] - e[i]) * (e[i + 3] - e[i + 1]);
      }
    }
    return in;
  }

  /** The square of the distance from a point to an edge. */
  static double distance2(double[] e, int i, double z, double r) {
    double dz = e[i + 2] - e[i];
    double dr = e[i + 3] - e[i + 1];
    double l2 = dz * dz + dr * dr;
    double t = l2 == 0 ? 0 : ((z - e[i]) * dz + (r - e[i + 1]) * dr) / l2;
    t = Math.max(0, Math.min(1, t));
    double a = e[i] + t * dz - z;
    double b = e[i + 1] + t * dr - r;
    return a * a + b * b;
  }
}
