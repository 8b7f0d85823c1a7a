package hazelkeep.kinds.box;

import hazelkeep.kinds.box.LiddedBox.Floor;
import hazelkeep.kinds.box.LiddedBox.Form;
import hazelkeep.kinds.box.LiddedBox.Roof;
import hazelkeep.kinds.box.LiddedBox.School;
import hazelkeep.kinds.box.LiddedBox.Top;
import hazelkeep.piece.Plan;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;

/**
 * Plays a box on a raster of square cells. It knows inequalities and the dimensions, and nothing of
 * the engine's regions: an independent second opinion.
 */
final class RasterOracle {
  final double h;
  private final Map<String, Double> sizes = new HashMap<>();
  private final Plan<LiddedBox> plan;
  private final LiddedBox d;
  private final boolean over;
  private final int nz;
  private final int nr;
  private final boolean[] wood;
  private final double foot;
  private final double join;
  private final double jump;
  private final double rim;
  private final double top;
  private final double mouth;
  private final double kerf0;
  private final double kerf1;
  private final double length;
  // Asked of every cell: looked up once.
  private final double bodyHigh;
  private final double lidHigh;
  private final double footR;
  private final double topR;
  private final double wideR;
  private final double insideR;
  private final double depth;
  private final double recessDeep;
  private final double corner;
  private final double lidInsideR;
  private final double spigotLong;
  private final double lidDepth;
  private final double spigotR;
  private final double recessR;
  private final double dish;
  private final double cap;
  private final double jam;
  private final double t0;
  private final double t1;
  private final double f0;
  private final double f1;
  private final double roundR;
  private final double holeDeep;
  private boolean parted;

  RasterOracle(Plan<LiddedBox> plan, double cell) {
    this.plan = plan;
    this.d = plan.design();
    this.h = cell;
    this.over = d.school() == School.LID_OVER;
    foot = mm("stick.face-foot") + mm("stick.tenon-foot") + mm("stick.waste-foot");
    join = foot + mm("body.height");
    jump = mm("joint.length") + mm("stick.face-spigot") + mm("stick.kerf") + mm("stick.face-rim");
    rim = join + jump;
    top = rim + mm("lid.height");
    mouth = over ? join + mm("joint.length") : join;
    kerf0 = mouth + mm(over ? "stick.face-spigot" : "stick.face-rim");
    kerf1 = kerf0 + mm("stick.kerf");
    length = mm("blank.length");
    bodyHigh = mm("body.height");
    lidHigh = mm("lid.height");
    footR = mm("outside.foot") / 2;
    topR = mm("outside.top") / 2;
    wideR = mm("outside.diameter") / 2;
    insideR = mm("inside.diameter") / 2;
    depth = mm("inside.depth");
    recessDeep = mm("recess.depth");
    corner = mm("inside.corner");
    lidInsideR = mm("lid.inside") / 2;
    spigotLong = mm("joint.length");
    lidDepth = mm("lid.depth");
    spigotR = mm("spigot.diameter") / 2;
    recessR = mm("recess.diameter") / 2;
    dish = mm("foot.hollow");
    jam = mm("joint.jam") / 2;
    t0 = top + mm("stick.waste-top");
    t1 = t0 + mm("stick.tenon-top");
    f0 = mm("stick.face-foot");
    f1 = f0 + mm("stick.tenon-foot");
    roundR = mm("blank.round") / 2;
    holeDeep = mm("depth-hole.body");
    cap = mm(d.top() == Top.DOME ? "lid.dome" : "lid.roundover");
    nz = (int) Math.round(length / h);
    nr = (int) Math.round(mm("blank.across") / 2 / h);
    wood = new boolean[nz * nr];
    java.util.Arrays.fill(wood, true);
  }

  private double mm(String key) {
    return sizes.computeIfAbsent(key, k -> plan.aim().mm(k));
  }

  /** Outside radius at a closed height; -1 above the top. */
  private double outer(double z) {
    double whole = bodyHigh + lidHigh;
    double side = whole - cap;
    double r0 = footR;
    double r1 = topR;
    double r = wideR;
    if (z > whole) {
      return -1;
    }
    if (z > side) {
      double u = (z - side) / cap;
      return d.top() == Top.DOME
          ? r1 * Math.sqrt(Math.max(0, 1 - u * u))
          : r1 - cap + cap * Math.sqrt(Math.max(0, 1 - u * u));
    }
    if (d.form() != Form.BARREL) {
      return r0 + (r1 - r0) * z / side;
    }
    // Two cubics, level at the belly.
    double half = side / 2;
    boolean low = z < half;
    double t = low ? z / half : (z - half) / half;
    double a = low ? r0 : r;
    double b = low ? r : r1;
    double ma = low ? 4 * (r - r0) / side * half : 0;
    double mb = low ? 0 : -4 * (r - r1) / side * half;
    return (2 * t * t * t - 3 * t * t + 1) * a
        + (t * t * t - 2 * t * t + t) * ma
        + (3 * t * t - 2 * t * t * t) * b
        + (t * t * t - t * t) * mb;
  }

  private boolean bodyCavity(double z, double r) {
    double ri = insideR;
    double floor = mouth - depth;
    double from = over ? mouth : mouth - recessDeep;
    if (z < floor || z > from || r > ri) {
      return false;
    }
    double deep = from - floor;
    boolean rounded = d.floor() == Floor.ROUNDED;
    double cz = rounded ? Math.min(ri, deep) : Math.min(corner, Math.min(ri, deep) - 0.01);
    double cr = rounded ? ri : cz;
    double u = (floor + cz - z) / cz;
    double v = (r - (ri - cr)) / cr;
    return u <= 0 || v <= 0 || u * u + v * v <= 1;
  }

  private boolean lidCavity(double z, double r) {
    double ri = lidInsideR;
    double face = over ? rim : rim - spigotLong;
    double end = face + lidDepth;
    double from = over ? rim + recessDeep : face;
    if (z < from || z > end || r > ri) {
      return false;
    }
    double deep = end - from;
    boolean domed = d.roof() == Roof.DOMED;
    double cz =
        domed ? Math.min(ri, deep) : Math.min(Math.min(4, 0.3 * ri), Math.max(0, deep - 0.01));
    double cr = domed ? ri : cz;
    if (cz < 0.01) {
      return true;
    }
    double u = (z - (end - cz)) / cz;
    double v = (r - (ri - cr)) / cr;
    return u <= 0 || v <= 0 || u * u + v * v <= 1;
  }

  private boolean inBody(double z, double r) {
    double rs = spigotR;
    double rr = recessR;
    boolean hull;
    if (z >= foot && z <= join) {
      double rFoot = footR;
      boolean hollow = z < foot + dish * (1 - r / rFoot);
      hull = r <= outer(z - foot) && !hollow;
      if (!over && z > mouth - recessDeep && r <= rr) {
        hull = false;
      }
    } else {
      hull = over && z > join && z <= mouth && r <= rs;
    }
    return hull && !bodyCavity(z, r);
  }

  private boolean inLid(double z, double r) {
    double rs = spigotR;
    double rr = recessR;
    boolean hull = z >= rim && z <= top && r <= outer(z - foot - jump);
    if (over) {
      hull &= !(z <= rim + recessDeep && r <= rr);
    } else {
      hull |= z < rim && z >= rim - spigotLong && r <= rs;
    }
    return hull && !lidCavity(z, r);
  }

  private boolean nearTarget(boolean body, double z, double r, double reach) {
    if (body ? inBody(z, r) : inLid(z, r)) {
      return true;
    }
    for (int i = 0; i < 32; i++) {
      double a = Math.PI * i / 16;
      for (double share : new double[] {1, 0.5}) {
        double pz = z + share * reach * Math.cos(a);
        double pr = Math.abs(r + share * reach * Math.sin(a));
        if (body ? inBody(pz, pr) : inLid(pz, pr)) {
          return true;
        }
      }
    }
    return false;
  }

  /** What a step takes away, by its name. */
  private boolean goes(String step, double z, double r) {
    double rs = spigotR;
    double rr = recessR;
    double sideEnd = top - cap;
    double floor = mouth - depth;
    boolean low = z < (kerf0 + kerf1) / 2 || !parted;
    boolean high = z > (kerf0 + kerf1) / 2 || !parted;
    switch (step) {
      case "centres/round":
        return r > roundR;
      case "centres/face":
        return z < f0 || z > t1;
      case "centres/tenons":
        return z > f0 && z < f1 && r > tenon("tenon-foot", (f1 - z) / (f1 - f0))
            || z > t0 && z < t1 && r > tenon("tenon-top", (z - t0) / (t1 - t0));
      case "whole/true":
        return z > foot && z < join && r > outer(z - foot) && !nearTarget(true, z, r, 0.5)
            || z > rim
                && z < sideEnd
                && r > outer(z - foot - jump)
                && !nearTarget(false, z, r, 0.5);
      case "whole/shoulder":
        return z > join && z < kerf1 && r > rs + 1;
      case "whole/spigot":
        return z > kerf0 && z < rim && r > rs;
      case "whole/part":
        return z > kerf0 && z < kerf1;
      case "lid/hollow":
        return high
            && (z > kerf0 && z < (over ? rim : rim - spigotLong)
                || lidCavity(z, r)
                || over && z >= rim && z < rim + recessDeep && r <= Math.min(lidInsideR, rr));
      case "lid/recess":
        return high && z > rim && z < rim + recessDeep && r < rr;
      case "body/face":
        return low && z > mouth && z < kerf1;
      case "body/depth hole":
        return low && hole(z, r);
      case "body/hollow":
        return low
            && (z > mouth && z < kerf1
                || bodyCavity(z, r)
                || !over && z > floor && z <= mouth && z >= mouth - recessDeep && r < insideR);
      case "body/jam":
        return low
            && (over
                ? z > join && z < kerf0 && r > jam
                : z > mouth - recessDeep && z < mouth && r < jam);
      case "top, tail up/bulk":
        return high && z > rim && z < sideEnd && r > outer(z - foot - jump)
            || high && z > sideEnd && !(r < 8) && !nearTarget(false, z, r, 1)
            || low && z > foot && z < join && r > outer(z - foot);
      case "top/top":
        return high && z > sideEnd && !inLid(z, r) && !lidCavity(z, r);
      case "ease/ease":
        return low
            && (over
                ? z > join && z < kerf0 && r > rs
                : z > mouth - recessDeep && z < mouth && r < rr);
      case "foot, tail up/bulk":
        return low && belowFoot(z, r) && !(r < 8) && !nearTarget(true, z, r, 1);
      case "foot/foot":
        return low && belowFoot(z, r) && !inBody(z, r);
      default:
        return false;
    }
  }

  private boolean belowFoot(double z, double r) {
    double rFoot = footR;
    return z < foot || z < foot + dish * (1 - r / rFoot);
  }

  private boolean hole(double z, double r) {
    double full = mouth - holeDeep;
    double tip = 3 / Math.tan(Math.toRadians(59));
    return z > full ? r < 3 && z < kerf0 + 1 : z > full - tip && r < 3 * (z - full + tip) / tip;
  }

  private double tenon(String which, double share) {
    double end = mm(which + ".diameter") / 2;
    double root = mm(which + ".root") / 2;
    return root + (end - root) * share;
  }

  /** Mounts a setup: centres leave their marks. */
  void mount(String setup) {
    if (setup.equals("centres")) {
      clear((z, r) -> r < 4 * (1 - z / 3) || r < 2 * (1 - (length - z) / 3));
    } else if (setup.equals("whole")) {
      clear((z, r) -> z <= t1 && r < 2 * (1 - (t1 - z) / 3));
    }
  }

  void play(String step) {
    clear((z, r) -> goes(step, z, r));
    if (step.equals("whole/part")) {
      parted = true;
    }
  }

  private interface Region {
    boolean holds(double z, double r);
  }

  private void clear(Region region) {
    for (int i = 0; i < nz; i++) {
      for (int j = 0; j < nr; j++) {
        int k = i * nr + j;
        if (wood[k] && region.holds(sample(i, j), sample(j, i))) {
          wood[k] = false;
        }
      }
    }
  }

  /**
   * Where a cell is looked at, along one way. The place shifts evenly from one row to the next:
   * looked at in its middle, a straight wall between two cells would always err to the same side.
   */
  private double sample(int cell, int beside) {
    double shift = beside * 0.618_033_988_75;
    return (cell + shift - Math.floor(shift)) * h;
  }

  /** Area of wood below or above the kerf, mm2; of everything before it is parted. */
  double area(String body) {
    double mid = (kerf0 + kerf1) / 2;
    long n = 0;
    for (int i = 0; i < nz; i++) {
      double z = (i + 0.5) * h;
      boolean counts = body.equals("blank") || body.equals("body") == z < mid;
      for (int j = 0; counts && j < nr; j++) {
        n += wood[i * nr + j] ? 1 : 0;
      }
    }
    return n * h * h;
  }

  /** How many pieces there are, larger than a few cells. */
  int pieces() {
    boolean[] seen = new boolean[wood.length];
    int n = 0;
    Deque<Integer> open = new ArrayDeque<>();
    for (int k = 0; k < wood.length; k++) {
      if (!wood[k] || seen[k]) {
        continue;
      }
      int size = 0;
      open.push(k);
      seen[k] = true;
      while (!open.isEmpty()) {
        int c = open.pop();
        size++;
        int i = c / nr;
        int j = c % nr;
        if (i > 0) {
          visit(c - nr, seen, open);
        }
        if (i < nz - 1) {
          visit(c + nr, seen, open);
        }
        if (j > 0) {
          visit(c - 1, seen, open);
        }
        if (j < nr - 1) {
          visit(c + 1, seen, open);
        }
      }
      n += size > 12 ? 1 : 0;
    }
    return n;
  }

  private void visit(int k, boolean[] seen, Deque<Integer> open) {
    if (wood[k] && !seen[k]) {
      seen[k] = true;
      open.push(k);
    }
  }

  /** The thinnest wall of the body beside its hollow, measured cell to cell. */
  double bodyWall(double edge) {
    double best = Double.MAX_VALUE;
    double z1 = join;
    for (double z = mouth - depth + h / 2; z < mouth; z += h) {
      double r = 0;
      while (bodyCavity(z, r + h) && r < 300) {
        r += h;
      }
      if (Math.hypot(z - foot, r - footR) < edge
          || Math.hypot(z - z1, r - outer(z1 - foot)) < edge) {
        continue;
      }
      for (double q = foot; q <= z1; q += h) {
        best = Math.min(best, Math.hypot(q - z, outer(q - foot) - r));
      }
    }
    return best;
  }
}
