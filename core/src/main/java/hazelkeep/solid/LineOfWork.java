package hazelkeep.solid;

import hazelkeep.measure.Memory;
import java.util.List;

/**
 * Whether a straight tool can be laid to a surface. A straight bar is drawn back along itself, so a
 * free ray as wide as the bar <em>is</em> a free path out.
 */
public final class LineOfWork {
  /**
   * How much of a surface a tool reaches, in mm of its line.
   *
   * @param open can be worked
   * @param tooTight a hollow sharper than the tool's nose
   * @param hidden no straight way in
   * @param hiddenAt a hidden place, or null
   */
  public record Reach(double open, double tooTight, double hidden, Point hiddenAt) {
    /** The whole line asked about. */
    public double whole() {
      return open + tooTight + hidden;
    }
  }

  /** Which ways a tool may come from. Degrees from the tailstock direction towards the turner. */
  public enum From {
    /** Into a hollow: within 80 degrees of the axis, from the tailstock. */
    TAIL(-80, 80),
    /** To an outside or an end: from the tailstock round to 75 degrees past the radius. */
    OUTSIDE(-80, 165),
    /** By hand off the lathe. */
    ANY(-180, 180);

    final double lo;
    final double hi;

    From(double lo, double hi) {
      this.lo = Math.toRadians(lo);
      this.hi = Math.toRadians(hi);
    }
  }

  /** Room that a bar may rub by, mm. */
  private static final double SLACK = 0.02;

  private static final double STEP = 2.0;
  private static final double INSET = 0.5;

  private LineOfWork() {}

  /**
   * Tests a surface of mounted work.
   *
   * @param obstacles everything that stands in the way, in the setup's frame, the work included
   * @param tool the tool
   * @param surface the line to be worked, in the setup's frame, wood on its right hand
   * @param from the directions a tool may come from
   */
  public static Reach of(List<HalfSection> obstacles, ToolShape tool, Polyline surface, From from) {
    return of(obstacles, tool, surface, from, 1);
  }

  /**
   * Tests a surface, giving up early.
   *
   * @param giveUp share of the line that may be closed before the rest is taken for hidden
   */
  public static Reach of(
      List<HalfSection> obstacles, ToolShape tool, Polyline surface, From from, double giveUp) {
    return REACHES.of(
        new Asked(List.copyOf(obstacles), tool, surface, from, giveUp),
        () -> tested(obstacles, tool, surface, from, giveUp));
  }

  /** Answers that a generation of the memory holds: some 5 MB. */
  private static final int REMEMBERED = 6_000;

  private static final Memory<Asked, Reach> REACHES = new Memory<>(REMEMBERED, r -> 1);

  private record Asked(
      List<HalfSection> obstacles, ToolShape tool, Polyline surface, From from, double giveUp) {}

  private static Reach tested(
      List<HalfSection> obstacles, ToolShape tool, Polyline surface, From from, double giveUp) {
    double[] e = mirrored(obstacles);
    double open = 0;
    double tight = 0;
    double hidden = 0;
    Point hiddenAt = null;
    List<Polyline.Sample> samples = surface.samples(STEP, INSET);
    double share = surface.length() / samples.size();
    double closed = giveUp * surface.length();
    Ways ways = new Ways(e, tool, from);
    for (Polyline.Sample s : samples) {
      if (tight + hidden > closed) {
        return new Reach(open, tight, surface.length() - open - tight, hiddenAt);
      }
      double cz = s.at().z() + tool.nose() * s.nz();
      double cr = s.at().r() + tool.nose() * s.nr();
      if (blockedAt(e, cz, cr, tool.nose() - SLACK)) {
        tight += share;
      } else if (freeAlongAxis(e, cz, cr, tool)
          || (from != From.TAIL && freeAlongRadius(e, cz, cr, tool))
          || ways.free(cz, cr)) {
        open += share;
      } else {
        hidden += share;
        hiddenAt = s.at();
      }
    }
    return new Reach(open, tight, hidden, hiddenAt);
  }

  /** How far apart a hooked bar's leans are tried, degrees, and how far it leans at the most. */
  private static final double LEAN_STEP = 4;

  private static final double LEAN_MOST = 60;

  /**
   * Tests a hollow with a hooked bar, which goes in through the mouth. Its tip stands out beside
   * the bar, so that it works where no straight bar gets to.
   *
   * @param wood the work, in the setup's frame
   * @param bar the bar and its nose
   * @param hook how far the tip stands out from the bar's middle, mm
   * @param giveUp share of the line that may be closed before the rest is taken for hidden
   */
  public static Reach hooked(
      HalfSection wood, ToolShape bar, double hook, Polyline surface, double giveUp) {
    return HOOKED.of(
        new Hooked(wood, bar, hook, surface, giveUp),
        () -> testedHooked(wood, bar, hook, surface, giveUp));
  }

  private static final Memory<Hooked, Reach> HOOKED = new Memory<>(REMEMBERED, r -> 1);

  private record Hooked(
      HalfSection wood, ToolShape bar, double hook, Polyline surface, double giveUp) {}

  private static Reach testedHooked(
      HalfSection wood, ToolShape bar, double hook, Polyline surface, double giveUp) {
    double[] e = mirrored(List.of(wood));
    double stuck = stuck(wood, hook + bar.shank());
    double open = 0;
    double hidden = 0;
    Point hiddenAt = null;
    List<Polyline.Sample> samples = surface.samples(STEP, INSET);
    double share = surface.length() / samples.size();
    for (Polyline.Sample s : samples) {
      if (hidden > giveUp * surface.length()) {
        return new Reach(open, 0, surface.length() - open, hiddenAt);
      }
      if (s.at().z() > stuck && laid(e, wood.maxZ(), bar, hook, s)) {
        open += share;
      } else {
        hidden += share;
        hiddenAt = s.at();
      }
    }
    return new Reach(open, 0, hidden, hiddenAt);
  }

  /** How far in something so wide comes before the hollow is too narrow for it: a place on z. */
  private static double stuck(HalfSection wood, double wide) {
    for (double z = wood.maxZ() - INSET; z > wood.minZ(); z -= STEP) {
      double in = wood.inner(z);
      if (in > 0 && 2 * in < wide) {
        return z - STEP;
      }
    }
    return Double.NEGATIVE_INFINITY;
  }

  /** Whether the bar finds a lean at which its tip is on a place and it is clear of the wood. */
  private static boolean laid(
      double[] e, double rim, ToolShape bar, double hook, Polyline.Sample s) {
    double cz = s.at().z() + bar.nose() * s.nz();
    double cr = s.at().r() + bar.nose() * s.nr();
    for (double lean = 0; lean <= LEAN_MOST; lean += LEAN_STEP) {
      for (int way = -1; way <= 1; way += 2) {
        double cos = Math.cos(Math.toRadians(way * lean));
        double sin = Math.sin(Math.toRadians(way * lean));
        // The bar stands on the open side of its tip.
        double side = s.nr() * cos - s.nz() * sin >= 0 ? 1 : -1;
        double bz = cz - side * hook * sin;
        double br = cr + side * hook * cos;
        double out = (rim + 1 - bz) / cos;
        if (out <= bar.length()
            && clear(e, bz, br, bz + out * cos, br + out * sin, bar.shank() - SLACK)
            && clear(e, cz, cr, bz, br, bar.nose() - SLACK)) {
          return true;
        }
      }
    }
    return false;
  }

  /** Whether a straight stretch, so wide to either side, is clear of all edges. */
  private static boolean clear(
      double[] e, double z0, double r0, double z1, double r1, double half) {
    if (inside(e, z0, r0)) {
      return false;
    }
    double[] bar = {z0, r0, z1, r1};
    double h2 = half * half;
    for (int i = 0; i < e.length; i += 4) {
      if (crosses(e, i, bar)
          || distance2(e, i, z0, r0) < h2
          || distance2(e, i, z1, r1) < h2
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

  private static double[] mirrored(List<HalfSection> obstacles) {
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

  static double half(ToolShape tool, double d) {
    // The bar is as slim as its nose close to the edge, and full width behind.
    double s = d < 2 * tool.shank() ? Math.min(tool.nose(), tool.shank()) : tool.shank();
    return s - SLACK;
  }
}
