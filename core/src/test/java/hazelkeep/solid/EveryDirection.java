package hazelkeep.solid;

import java.util.List;

/**
 * Whether a straight tool can be laid to a surface, found out the long way: every edge against
 * every place with the platform's own angles. The quicker one has to give the same answers.
 */
final class EveryDirection {
  /** Room that a bar may rub by, mm. */
  private static final double SLACK = 0.02;

  /** A gap narrower than this, radians, is no way in. */
  private static final double GAP = Math.toRadians(0.05);

  /** The places of a gap that have to be tried: its middle, and both ends for a short tool. */
  static final double[] THREE = {0.5, 0, 1};

  /** So many of its places that none is left out. */
  static final double[] ALL =
      java.util.stream.IntStream.rangeClosed(0, 400).mapToDouble(i -> i / 400.0).toArray();

  private static final double STEP = 2.0;
  private static final double INSET = 0.5;

  private EveryDirection() {}

  /**
   * Tests a surface of mounted work.
   *
   * @param obstacles everything that stands in the way, in the setup's frame, the work included
   * @param tool the tool
   * @param surface the line to be worked, in the setup's frame, wood on its right hand
   * @param from the directions a tool may come from
   */
  static LineOfWork.Reach of(
      List<HalfSection> obstacles, ToolShape tool, Polyline surface, LineOfWork.From from) {
    return of(obstacles, tool, surface, from, THREE);
  }

  /**
   * Tests a surface.
   *
   * @param shares the places of a gap that are tried for how far the tool must stand in
   */
  static LineOfWork.Reach of(
      List<HalfSection> obstacles,
      ToolShape tool,
      Polyline surface,
      LineOfWork.From from,
      double[] shares) {
    double[] e = mirrored(obstacles);
    double open = 0;
    double tight = 0;
    double hidden = 0;
    Point hiddenAt = null;
    List<Polyline.Sample> samples = surface.samples(STEP, INSET);
    double share = surface.length() / samples.size();
    for (Polyline.Sample s : samples) {
      double cz = s.at().z() + tool.nose() * s.nz();
      double cr = s.at().r() + tool.nose() * s.nr();
      if (blockedAt(e, cz, cr, tool.nose() - SLACK)) {
        tight += share;
      } else if (freeAlongAxis(e, cz, cr, tool)
          || (from != LineOfWork.From.TAIL && freeAlongRadius(e, cz, cr, tool))
          || freeWay(e, cz, cr, tool, from, shares)) {
        open += share;
      } else {
        hidden += share;
        hiddenAt = s.at();
      }
    }
    return new LineOfWork.Reach(open, tight, hidden, hiddenAt);
  }

  private static double[] mirrored(List<HalfSection> obstacles) {
    int n = obstacles.stream().mapToInt(o -> o.edges().length).sum();
    double[] all = new double[2 * n];
    int k = 0;
    for (HalfSection o : obstacles) {
      double[] e = o.edges();
      for (int i = 0; i < e.length; i += 4) {
        // An edge on the axis is no border of the full section.
        if (e[i + 1] == 0 && e[i + 3] == 0) {
          continue;
        }
        all[k++] = e[i];
        all[k++] = e[i + 1];
        all[k++] = e[i + 2];
        all[k++] = e[i + 3];
        all[k++] = e[i];
        all[k++] = -e[i + 1];
        all[k++] = e[i + 2];
        all[k++] = -e[i + 3];
      }
    }
    return java.util.Arrays.copyOf(all, k);
  }

  private static boolean blockedAt(double[] e, double z, double r, double radius) {
    double r2 = radius * radius;
    for (int i = 0; i < e.length; i += 4) {
      if (distance2(e, i, z, r) < r2) {
        return true;
      }
    }
    return inside(e, z, r);
  }

  private static boolean inside(double[] e, double z, double r) {
    boolean in = false;
    for (int i = 0; i < e.length; i += 4) {
      if ((e[i] <= z) != (e[i + 2] <= z)) {
        in ^= r < e[i + 1] + (z - e[i]) / (e[i + 2] - e[i]) * (e[i + 3] - e[i + 1]);
      }
    }
    return in;
  }

  private static double distance2(double[] e, int i, double z, double r) {
    double dz = e[i + 2] - e[i];
    double dr = e[i + 3] - e[i + 1];
    double l2 = dz * dz + dr * dr;
    double t = l2 == 0 ? 0 : ((z - e[i]) * dz + (r - e[i + 1]) * dr) / l2;
    t = Math.max(0, Math.min(1, t));
    double a = e[i] + t * dz - z;
    double b = e[i + 1] + t * dr - r;
    return a * a + b * b;
  }

  /** Most places end here: straight out along the axis nothing stands in the way. */
  private static boolean freeAlongAxis(double[] e, double z, double r, ToolShape tool) {
    double far = z;
    for (int i = 0; i < e.length; i += 4) {
      double hi = Math.max(e[i], e[i + 2]);
      if (hi > z) {
        double s = half(tool, Math.sqrt(distance2(e, i, z, r)));
        double lo = Math.min(e[i + 1], e[i + 3]);
        double up = Math.max(e[i + 1], e[i + 3]);
        if (up > r - s && lo < r + s) {
          return false;
        }
        far = Math.max(far, hi);
      }
    }
    return far - z <= tool.length();
  }

  /** Outsides mostly end here: straight out along the radius nothing stands in the way. */
  private static boolean freeAlongRadius(double[] e, double z, double r, ToolShape tool) {
    for (int i = 0; i < e.length; i += 4) {
      double up = Math.max(e[i + 1], e[i + 3]);
      if (up > r) {
        double s = half(tool, Math.sqrt(distance2(e, i, z, r)));
        if (Math.max(e[i], e[i + 2]) > z - s && Math.min(e[i], e[i + 2]) < z + s) {
          return false;
        }
      }
    }
    return true;
  }

  private static double half(ToolShape tool, double d) {
    // The bar is as slim as its nose close to the edge, and full width behind.
    double s = d < 2 * tool.shank() ? Math.min(tool.nose(), tool.shank()) : tool.shank();
    return s - SLACK;
  }

  private static boolean freeWay(
      double[] e, double z, double r, ToolShape tool, LineOfWork.From from, double[] shares) {
    // Blocked directions are counted in bins of a twentieth of a degree: no sorting.
    int bins = (int) Math.ceil((from.hi - from.lo) / GAP);
    int[] change = new int[bins + 1];
    for (int i = 0; i < e.length; i += 4) {
      double s = half(tool, Math.sqrt(distance2(e, i, z, r)));
      double z1 = e[i] - z;
      double r1 = e[i + 1] - r;
      double z2 = e[i + 2] - z;
      double r2 = e[i + 3] - r;
      double a1 = Math.asin(Math.min(1, s / Math.sqrt(z1 * z1 + r1 * r1)));
      double a2 = Math.asin(Math.min(1, s / Math.sqrt(z2 * z2 + r2 * r2)));
      double p1 = Math.atan2(r1, z1);
      double turn = Math.atan2(r2, z2) - p1;
      if (turn > Math.PI) {
        turn -= 2 * Math.PI;
      } else if (turn < -Math.PI) {
        turn += 2 * Math.PI;
      }
      double lo = p1 + Math.min(-a1, turn - a2);
      double hi = p1 + Math.max(a1, turn + a2);
      for (double round = -2 * Math.PI; round <= 2 * Math.PI; round += 2 * Math.PI) {
        int b0 = (int) Math.floor((lo + round - from.lo) / GAP);
        int b1 = (int) Math.ceil((hi + round - from.lo) / GAP);
        if (b1 > 0 && b0 < bins) {
          change[Math.max(0, b0)]++;
          change[Math.min(bins, b1)]--;
        }
      }
    }
    int depth = 0;
    int start = -1;
    for (int i = 0; i <= bins; i++) {
      depth += change[i];
      boolean free = i < bins && depth == 0;
      if (free && start < 0) {
        start = i;
      } else if (!free && start >= 0) {
        for (double share : shares) {
          double angle = from.lo + (start + share * (i - start)) * GAP;
          if (wayOut(e, z, r, angle) <= tool.length()) {
            return true;
          }
        }
        start = -1;
      }
    }
    return false;
  }

  /** How far along a direction the tool must stand in before it is past all wood. */
  private static double wayOut(double[] e, double z, double r, double angle) {
    double cos = Math.cos(angle);
    double sin = Math.sin(angle);
    double far = 0;
    for (int i = 0; i < e.length; i += 4) {
      // Only what lies beside the bar within a hand's width is in the way of the rest.
      double along = (e[i] - z) * cos + (e[i + 1] - r) * sin;
      double across = Math.abs((e[i + 1] - r) * cos - (e[i] - z) * sin);
      if (across < 40) {
        far = Math.max(far, along);
      }
    }
    return far;
  }
}
