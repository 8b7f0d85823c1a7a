package hazelkeep.solid;

import hazelkeep.solid.LineOfWork.From;
import java.util.Arrays;

/**
 * Straight ways out for a bar from places among edges. What a place next to it found is tried
 * first: along a surface the way out turns slowly.
 */
final class Ways {
  /** A gap narrower than this, radians, is no way in. */
  private static final double GAP = Math.toRadians(0.05);

  /** A way that was free for the place before has to be clear by so many gaps to be taken over. */
  private static final double SURE = 2 * GAP;

  /** What stands beside the bar further off than this is in no one's way, mm: a hand's width. */
  private static final double HAND = 40;

  /** After so many runs of edges it is asked whether anything is open at all. */
  private static final int LOOK = 2;

  private final double[] e;
  private final Blocks runs;
  private final ToolShape tool;
  private final From from;
  private final boolean any;
  private final long[] blocked;
  private final int bins;
  private final double upZ;
  private final double upR;
  private final double downZ;
  private final double downR;
  private double last = Double.NaN;
  private int near;
  private double endZ;
  private double endR;
  private double endAt;
  private int runFrom;
  private int runTo;

  /**
   * Among edges, for a tool that may come from some directions.
   *
   * @param any whether any way out will do; else it is looked for in all directions, which takes
   *     longer and finds the middle of a gap
   */
  Ways(LineOfWork.Among among, ToolShape tool, From from, boolean any) {
    this.e = among.edges();
    this.runs = among.runs();
    this.tool = tool;
    this.from = from;
    this.any = any;
    // Blocked directions are marked in bins of a twentieth of a degree, a bit each: no sorting.
    this.bins = (int) Math.ceil((from.hi - from.lo) / GAP);
    this.blocked = new long[(bins >> 6) + 1];
    this.upZ = Math.cos(from.hi);
    this.upR = Math.sin(from.hi);
    this.downZ = Math.cos(from.lo);
    this.downR = Math.sin(from.lo);
  }

  /** The way that was found last, radians from the tailstock direction towards the turner. */
  double found() {
    return last;
  }

  /** Whether there is a way out. */
  boolean free(double z, double r) {
    return !Double.isNaN(last) && clear(z, r, last) || swept(z, r);
  }

  /** Whether a direction is free, and by more than it needs. */
  private boolean clear(double z, double r, double angle) {
    double cos = Math.cos(angle);
    double sin = Math.sin(angle);
    int begin = e.length == 0 ? 0 : runs.of(near);
    for (int k = 0; k < runs.count(); k++) {
      int b = begin + k < runs.count() ? begin + k : begin + k - runs.count();
      if (aside(b, z, r, cos, sin)) {
        continue;
      }
      for (int i = runs.from(b); i < runs.to(b); i += 4) {
        if (inTheWay(i, z, r, cos, sin)) {
          return false;
        }
      }
    }
    return wayOut(z, r, angle) <= tool.length();
  }

  /**
   * Whether an edge may block a direction. It does not where both its ends lie behind, or on one
   * side of the bar and each of them behind or further off than the bar is wide.
   */
  private boolean inTheWay(int i, double z, double r, double cos, double sin) {
    double along1 = (e[i] - z) * cos + (e[i + 1] - r) * sin;
    double along2 = (e[i + 2] - z) * cos + (e[i + 3] - r) * sin;
    double across1 = (e[i + 1] - r) * cos - (e[i] - z) * sin;
    double across2 = (e[i + 3] - r) * cos - (e[i + 2] - z) * sin;
    boolean behind1 = along1 < -SURE * Math.abs(across1);
    boolean behind2 = along2 < -SURE * Math.abs(across2);
    if (behind1 && behind2) {
      return false;
    }
    if (across1 > 0 != across2 > 0) {
      return true;
    }
    double wide = LineOfWork.half(tool, e, i, z, r);
    return !behind1 && Math.abs(across1) <= wide + SURE * Math.abs(along1)
        || !behind2 && Math.abs(across2) <= wide + SURE * Math.abs(along2);
  }

  /** Whether a run of edges lies behind the place or wholly to one side of the bar. */
  private boolean aside(int b, double z, double r, double cos, double sin) {
    double z0 = (runs.loZ(b) - z) * cos;
    double z1 = (runs.hiZ(b) - z) * cos;
    double r0 = (runs.loR(b) - r) * sin;
    double r1 = (runs.hiR(b) - r) * sin;
    double u0 = (runs.loR(b) - r) * cos;
    double u1 = (runs.hiR(b) - r) * cos;
    double v0 = (runs.loZ(b) - z) * sin;
    double v1 = (runs.hiZ(b) - z) * sin;
    double ahead = Math.max(z0, z1) + Math.max(r0, r1);
    double behind = Math.min(z0, z1) + Math.min(r0, r1);
    double over = Math.min(u0, u1) - Math.max(v0, v1);
    double under = Math.max(u0, u1) - Math.min(v0, v1);
    if (ahead < -SURE * Math.max(Math.abs(over), Math.abs(under))) {
      return true;
    }
    double need = tool.shank() + SURE * Math.max(Math.abs(ahead), Math.abs(behind));
    return over > need || under < -need;
  }

  /** Whether an edge lies so far outside the directions allowed that it can block none of them. */
  private boolean beside(double z1, double r1, double z2, double r2) {
    double wide = tool.shank();
    boolean over = upZ * r1 - upR * z1 > wide && upZ * r2 - upR * z2 > wide;
    boolean under = downZ * r1 - downR * z1 < -wide && downZ * r2 - downR * z2 < -wide;
    return from.hi - from.lo <= Math.PI ? over || under : over && under;
  }

  /** Looks in all directions. */
  private boolean swept(double z, double r) {
    Arrays.fill(blocked, 0);
    runFrom = 0;
    runTo = 0;
    endZ = Double.NaN;
    endR = Double.NaN;
    double nearest = Double.MAX_VALUE;
    // Begins with what was near the place before: most of what is hidden is shut in by that.
    int begin = e.length == 0 ? 0 : runs.of(near);
    for (int k = 0; k < runs.count(); k++) {
      int b = begin + k < runs.count() ? begin + k : begin + k - runs.count();
      if (k % LOOK == 0 && k > 0 && shut()) {
        return false;
      }
      if (any && Integer.bitCount(k) == 1 && k >= LOOK && widest(z, r)) {
        return true;
      }
      if (behind(b, z, r)) {
        continue;
      }
      for (int i = runs.from(b); i < runs.to(b); i += 4) {
        nearest = block(i, z, r, nearest);
      }
    }
    return gap(z, r);
  }

  /**
   * Marks what an edge blocks.
   *
   * @param nearest the square of how near the nearest edge so far begins
   * @return the same with this one
   */
  private double block(int i, double z, double r, double nearest) {
    double z1 = e[i] - z;
    double r1 = e[i + 1] - r;
    double z2 = e[i + 2] - z;
    double r2 = e[i + 3] - r;
    if (from != From.ANY && beside(z1, r1, z2, r2)) {
      return nearest;
    }
    double d2 = z1 * z1 + r1 * r1;
    double s = LineOfWork.half(tool, e, i, z, r);
    double p1 = e[i] == endZ && e[i + 1] == endR ? endAt : Angles.of(z1, r1);
    double p2 = Angles.of(z2, r2);
    endZ = e[i + 2];
    endR = e[i + 3];
    endAt = p2;
    double a1 = Angles.half(s, d2);
    double a2 = Angles.half(s, z2 * z2 + r2 * r2);
    double turn = turned(p2 - p1);
    blocked(p1 + Math.min(-a1, turn - a2), p1 + Math.max(a1, turn + a2));
    if (d2 < nearest) {
      near = i;
      return d2;
    }
    return nearest;
  }

  private static double turned(double angle) {
    return angle > Math.PI ? angle - 2 * Math.PI : angle < -Math.PI ? angle + 2 * Math.PI : angle;
  }

  /**
   * Whether all that a run of edges could block is blocked already. Seen from the place its box
   * lies between the directions to two of its corners; the bar is as wide as it gets.
   */
  private boolean behind(int b, double z, double r) {
    double loZ = runs.loZ(b) - z;
    double hiZ = runs.hiZ(b) - z;
    double loR = runs.loR(b) - r;
    double hiR = runs.hiR(b) - r;
    double dz = Math.max(0, Math.max(loZ, -hiZ));
    double dr = Math.max(0, Math.max(loR, -hiR));
    double d2 = dz * dz + dr * dr;
    double wide = tool.shank();
    if (d2 <= wide * wide) {
      return false;
    }
    if (from != From.ANY && beside(loZ, hiZ, loR, hiR, wide)) {
      return true;
    }
    double middle = Angles.of((loZ + hiZ) / 2, (loR + hiR) / 2);
    double lo = 0;
    double hi = 0;
    for (int corner = 0; corner < 4; corner++) {
      double cz = (corner & 1) == 0 ? loZ : hiZ;
      double cr = (corner & 2) == 0 ? loR : hiR;
      double turn = turned(Angles.of(cz, cr) - middle);
      lo = Math.min(lo, turn);
      hi = Math.max(hi, turn);
    }
    double half = Angles.half(wide, d2);
    return marked(middle + lo - half, middle + hi + half);
  }

  /** Whether a box lies so far outside the directions allowed that nothing in it blocks any. */
  private boolean beside(double loZ, double hiZ, double loR, double hiR, double wide) {
    // Each of the two is least, or largest, in a corner.
    double over = Math.min(upZ * loR, upZ * hiR) - Math.max(upR * loZ, upR * hiZ);
    double under = Math.max(downZ * loR, downZ * hiR) - Math.min(downR * loZ, downR * hiZ);
    return from.hi - from.lo <= Math.PI
        ? over > wide || under < -wide
        : over > wide && under < -wide;
  }

  /** Whether all directions between two angles are in the run that is known to be blocked. */
  private boolean marked(double lo, double hi) {
    int b0 = (int) Math.floor((lo - from.lo) / GAP);
    int b1 = (int) Math.ceil((hi - from.lo) / GAP);
    for (int turn = -TURN; turn <= TURN; turn += TURN) {
      int m0 = Math.max(0, b0 + turn);
      int m1 = Math.min(bins, b1 + turn);
      if (m1 > m0 && (m0 < runFrom || m1 > runTo)) {
        return false;
      }
    }
    return true;
  }

  /** Marks the directions between two angles, of which the first is within a turn of the range. */
  private void blocked(double lo, double hi) {
    int b0 = (int) Math.floor((lo - from.lo) / GAP);
    int b1 = (int) Math.ceil((hi - from.lo) / GAP);
    for (int turn = -TURN; turn <= TURN; turn += TURN) {
      mark(Math.max(0, b0 + turn), Math.min(bins, b1 + turn));
    }
  }

  /** So many bins are a whole turn. */
  private static final int TURN = 7_200;

  /** Whether every direction is blocked. */
  private boolean shut() {
    int known = runFrom == 0 ? runTo : 0;
    return known >= bins || next(known, true) >= bins;
  }

  /** Marks bins from one to before another. */
  private void mark(int b0, int b1) {
    // Most edges stand behind what blocks already: that run is remembered.
    if (b1 <= b0 || b0 >= runFrom && b1 <= runTo) {
      return;
    }
    if (runTo > runFrom && b0 <= runTo && b1 >= runFrom) {
      // Only what it adds to the run on either side is new.
      fill(b0, Math.min(b1, runFrom));
      fill(Math.max(b0, runTo), b1);
      runFrom = Math.min(runFrom, b0);
      runTo = Math.max(runTo, b1);
      return;
    }
    fill(b0, b1);
    if (b1 - b0 > runTo - runFrom) {
      runFrom = b0;
      runTo = b1;
    }
  }

  private void fill(int b0, int b1) {
    if (b1 <= b0) {
      return;
    }
    int w0 = b0 >> 6;
    int w1 = (b1 - 1) >> 6;
    long first = -1L << b0;
    long last = -1L >>> (63 - (b1 - 1 & 63));
    if (w0 == w1) {
      blocked[w0] |= first & last;
      return;
    }
    blocked[w0] |= first;
    Arrays.fill(blocked, w0 + 1, w1, -1L);
    blocked[w1] |= last;
  }

  /** The first bin from one on that is free, or that is blocked; the end where there is none. */
  private int next(int from, boolean free) {
    int w = from >> 6;
    long bits = (free ? ~blocked[w] : blocked[w]) & (-1L << from);
    while (bits == 0) {
      if (++w >= blocked.length) {
        return bins;
      }
      bits = free ? ~blocked[w] : blocked[w];
    }
    return Math.min(bins, (w << 6) + Long.numberOfTrailingZeros(bits));
  }

  /** Whether the middle of the widest gap that is left so far leads out: most often it does. */
  private boolean widest(double z, double r) {
    int at = 0;
    int wide = 0;
    for (int start = next(0, true); start < bins; ) {
      int end = next(start, false);
      if (end - start > wide) {
        at = start;
        wide = end - start;
      }
      start = end < bins ? next(end, true) : bins;
    }
    double angle = from.lo + (at + wide / 2.0) * GAP;
    if (wide > 0 && clear(z, r, angle)) {
      last = angle;
      return true;
    }
    return false;
  }

  /** Whether a direction that nothing blocks leads out. */
  private boolean gap(double z, double r) {
    for (int start = next(0, true); start < bins; ) {
      int end = next(start, false);
      // A wide gap is tried at both ends too: the shortest way out may lie there.
      for (double share : SHARES) {
        double angle = from.lo + (start + share * (end - start)) * GAP;
        if (wayOut(z, r, angle) <= tool.length()) {
          last = angle;
          return true;
        }
      }
      start = end < bins ? next(end, true) : bins;
    }
    return false;
  }

  private static final double[] SHARES = {0.5, 0, 1};

  /** How far along a direction the tool must stand in before it is past all wood. */
  private double wayOut(double z, double r, double angle) {
    double cos = Math.cos(angle);
    double sin = Math.sin(angle);
    double far = 0;
    for (int i = 0; i < e.length; i += 4) {
      // Only what lies beside the bar within a hand's width is in the way of the rest.
      double along = (e[i] - z) * cos + (e[i + 1] - r) * sin;
      double across = Math.abs((e[i + 1] - r) * cos - (e[i] - z) * sin);
      if (across < HAND) {
        far = Math.max(far, along);
      }
    }
    return far;
  }
}
