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
    nz = (int) Math.round(length / h);
    nr = (int) Math.round(mm("blank.across") / 2 / h);
    wood = new boolean[nz * nr];
    java.util.Arrays.fill(wood, true);
  }

  private double mm(String key) {
    return sizes.computeIfAbsent(key, k -> plan.aim().mm(k));
  }

  private double cap() {
    return mm(d.top() == Top.DOME ? "lid.dome" : "lid.roundover");
  }

  /** Outside radius at a closed height; -1 above the top. */
  private double outer(double z) {
    double whole = mm("body.height") + mm("lid.height");
    double side = whole - cap();
    double r0 = mm("outside.foot") / 2;
    double r1 = mm("outside.top") / 2;
    double r = mm("outside.diameter") / 2;
    if (z > whole) {
      return -1;
    }
    if (z > side) {
      double u = (z - side) / cap();
      return d.top() == Top.DOME
          ? r1 * Math.sqrt(Math.max(0, 1 - u * u))
          : r1 - cap() + cap() * Math.sqrt(Math.max(0, 1 - u * u));
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
    double ri = mm("inside.diameter") / 2;
    double floor = mouth - mm("inside.depth");
    double from = over ? mouth : mouth - mm("recess.depth");
    if (z < floor || z > from || r > ri) {
      return false;
    }
    double deep = from - floor;
    boolean rounded = d.floor() == Floor.ROUNDED;
    double cz =
        rounded ? Math.min(ri, deep) : Math.min(mm("inside.corner"), Math.min(ri, deep) - 0.01);
    double cr = rounded ? ri : cz;
    double u = (floor + cz - z) / cz;
    double v = (r - (ri - cr)) / cr;
    return u <= 0 || v <= 0 || u * u + v * v <= 1;
  }

  private boolean lidCavity(double z, double r) {
    double ri = mm("lid.inside") / 2;
    double face = over ? rim : rim - mm("joint.length");
    double end = face + mm("lid.depth");
    double from = over ? rim + mm("recess.depth") : face;
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
    double rs = mm("spigot.diameter") / 2;
    double rr = mm("recess.diameter") / 2;
    boolean hull;
    if (z >= foot && z <= join) {
      double rFoot = mm("outside.foot") / 2;
      boolean hollow = z < foot + mm("foot.hollow") * (1 - r / rFoot);
      hull = r <= outer(z - foot) && !hollow;
      if (!over && z > mouth - mm("recess.depth") && r <= rr) {
        hull = false;
      }
    } else {
      hull = over && z > join && z <= mouth && r <= rs;
    }
    return hull && !bodyCavity(z, r);
  }

  private boolean inLid(double z, double r) {
    double rs = mm("spigot.diameter") / 2;
    double rr = mm("recess.diameter") / 2;
    boolean hull = z >= rim && z <= top && r <= outer(z - foot - jump);
    if (over) {
      hull &= !(z <= rim + mm("recess.depth") && r <= rr);
    } else {
      hull |= z < rim && z >= rim - mm("joint.length") && r <= rs;
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
    double rs = mm("spigot.diameter") / 2;
    double rr = mm("recess.diameter") / 2;
    double jam = mm("joint.jam") / 2;
    double t0 = top + mm("stick.waste-top");
    double t1 = t0 + mm("stick.tenon-top");
    double f0 = mm("stick.face-foot");
    double f1 = f0 + mm("stick.tenon-foot");
    double sideEnd = top - cap();
    double floor = mouth - mm("inside.depth");
    boolean low = z < (kerf0 + kerf1) / 2 || !parted;
    boolean high = z > (kerf0 + kerf1) / 2 || !parted;
    switch (step) {
      case "centres/round":
        return r > mm("blank.round") / 2;
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
        return z > join && z < kerf1 && r > rs && !(z < kerf0 && r <= rs + 1);
      case "whole/spigot":
        return z > kerf0 && z < rim && r > rs;
      case "whole/part":
        return z > kerf0 && z < kerf1;
      case "lid/hollow":
        return high
            && (z > kerf0 && z < (over ? rim : rim - mm("joint.length"))
                || lidCavity(z, r)
                || over
                    && z >= rim
                    && z < rim + mm("recess.depth")
                    && r <= Math.min(mm("lid.inside") / 2, rr));
      case "lid/recess":
        return high && z > rim && z < rim + mm("recess.depth") && r < rr;
      case "body/depth hole":
        return low && hole(z, r);
      case "body/hollow":
        return low
            && (z > mouth && z < kerf1
                || bodyCavity(z, r)
                || !over
                    && z > floor
                    && z <= mouth
                    && z >= mouth - mm("recess.depth")
                    && r < mm("inside.diameter") / 2);
      case "body/jam":
        return low
            && (over
                ? z > join && z < kerf0 && r > jam
                : z > mouth - mm("recess.depth") && z < mouth && r < jam);
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
                : z > mouth - mm("recess.depth") && z < mouth && r < rr);
      case "foot, tail up/bulk":
        return low && belowFoot(z, r) && !(r < 8) && !nearTarget(true, z, r, 1);
      case "foot/foot":
        return low && belowFoot(z, r) && !inBody(z, r);
      default:
        return false;
    }
  }

  private boolean belowFoot(double z, double r) {
    double rFoot = mm("outside.foot") / 2;
    return z < foot || z < foot + mm("foot.hollow") * (1 - r / rFoot);
  }

  private boolean hole(double z, double r) {
    double full = mouth - mm("depth-hole.body");
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
    double t1 = top + mm("stick.waste-top") + mm("stick.tenon-top");
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
    for (double z = mouth - mm("inside.depth") + h / 2; z < mouth; z += h) {
      double r = 0;
      while (bodyCavity(z, r + h) && r < 300) {
        r += h;
      }
      if (Math.hypot(z - foot, r - mm("outside.foot") / 2) < edge
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
