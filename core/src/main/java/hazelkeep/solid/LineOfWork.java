package hazelkeep.solid;

import hazelkeep.measure.Memory;
import java.util.List;
import java.util.function.Function;

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

    /** How much of a line is reached, by how the tool lies at its places; gives up early. */
    static Reach over(Polyline surface, double giveUp, Function<Polyline.Sample, Lie> lies) {
      double open = 0;
      double tight = 0;
      double hidden = 0;
      Point hiddenAt = null;
      List<Polyline.Sample> samples = surface.samples(STEP, INSET);
      double share = surface.length() / samples.size();
      for (Polyline.Sample s : samples) {
        if (tight + hidden > giveUp * surface.length()) {
          return new Reach(open, tight, surface.length() - open - tight, hiddenAt);
        }
        Lie lie = lies.apply(s);
        if (lie == null) {
          hidden += share;
          hiddenAt = s.at();
        } else if (lie == Lie.TIGHT) {
          tight += share;
        } else {
          open += share;
        }
      }
      return new Reach(open, tight, hidden, hiddenAt);
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
  static final double SLACK = 0.02;

  /** How far apart places of a surface are tested, and how far from its ends, mm. */
  static final double STEP = 2.0;

  static final double INSET = 0.5;

  private final double[] e;
  private final Blocks runs;
  private final ToolShape tool;
  private final From from;
  private final Ways ways;

  /**
   * Tests a surface of mounted work.
   *
   * @param obstacles everything that stands in the way, in the setup's frame, the work included
   * @param tool the tool
   * @param surface the line to be worked, in the setup's frame, wood on its right hand
   * @param from the directions a tool may come from
   */
  public static Reach of(List<HalfSection> obstacles, ToolShape tool, Polyline surface, From from) {
    return of(new Among(obstacles), tool, surface, from, 1);
  }

  /**
   * Tests a surface, giving up early.
   *
   * @param giveUp share of the line that may be closed before the rest is taken for hidden
   */
  public static Reach of(
      Among obstacles, ToolShape tool, Polyline surface, From from, double giveUp) {
    return REACHES.of(
        new Asked(obstacles.all(), tool, surface, from, giveUp),
        () -> tested(obstacles, tool, surface, from, giveUp));
  }

  /**
   * Everything that stands in the way, in the setup's frame, the work included. What one tool was
   * tested among is kept for the next.
   */
  public static final class Among {
    private final List<HalfSection> all;
    private double[] edges;
    private Blocks runs;

    /** Of some obstacles. */
    public Among(List<HalfSection> obstacles) {
      this.all = List.copyOf(obstacles);
    }

    /** What stands in the way. */
    public List<HalfSection> all() {
      return all;
    }

    double[] edges() {
      if (edges == null) {
        edges = Edges.mirrored(all);
      }
      return edges;
    }

    Blocks runs() {
      if (runs == null) {
        runs = new Blocks(edges());
      }
      return runs;
    }
  }

  /** Answers that a generation of the memory holds: some 5 MB. */
  static final int REMEMBERED = 6_000;

  private static final Memory<Asked, Reach> REACHES = new Memory<>(REMEMBERED, r -> 1);

  private record Asked(
      List<HalfSection> obstacles, ToolShape tool, Polyline surface, From from, double giveUp) {}

  private static Reach tested(
      Among obstacles, ToolShape tool, Polyline surface, From from, double giveUp) {
    return Reach.over(surface, giveUp, new LineOfWork(obstacles, tool, from, true)::lie);
  }

  /**
   * How a tool lies at the places of a surface that it reaches, one after another.
   *
   * @param obstacles everything that stands in the way, in the setup's frame, the work included
   */
  public static List<Lie> lies(
      List<HalfSection> obstacles, ToolShape tool, Polyline surface, From from) {
    LineOfWork work = new LineOfWork(new Among(obstacles), tool, from, false);
    return lies(surface, new Lean(work.e, tool, from, work::lie)::lie);
  }

  /** At how many places a surface is looked at. */
  public static int places(Polyline surface) {
    return surface.samples(STEP, INSET).size();
  }

  static List<Lie> lies(Polyline surface, Function<Polyline.Sample, Lie> lie) {
    return surface.samples(STEP, INSET).stream()
        .map(lie)
        .filter(l -> l != null && l != Lie.TIGHT)
        .toList();
  }

  private LineOfWork(Among among, ToolShape tool, From from, boolean any) {
    this.e = among.edges();
    this.runs = among.runs();
    this.tool = tool;
    this.from = from;
    this.ways = new Ways(among, tool, from, any);
  }

  /** How the tool lies at a place; null where it has no way in. */
  private Lie lie(Polyline.Sample s) {
    double z = s.at().z() + tool.nose() * s.nz();
    double r = s.at().r() + tool.nose() * s.nr();
    if (Edges.blockedAt(e, runs, z, r, tool.nose() - SLACK)) {
      return Lie.TIGHT;
    }
    if (freeAlongAxis(z, r)) {
      return Lie.straight(z, r, 0);
    }
    if (from != From.TAIL && freeAlongRadius(z, r)) {
      return Lie.straight(z, r, Math.PI / 2);
    }
    return ways.free(z, r) ? Lie.straight(z, r, ways.found()) : null;
  }

  /** Most places end here: straight out along the axis nothing stands in the way. */
  private boolean freeAlongAxis(double z, double r) {
    double far = z;
    for (int b = 0; b < runs.count(); b++) {
      if (runs.hiZ(b) <= z) {
        continue;
      }
      far = Math.max(far, runs.hiZ(b));
      boolean beside = runs.hiR(b) <= r - tool.shank() || runs.loR(b) >= r + tool.shank();
      if (!beside && besetAlongAxis(b, z, r)) {
        return false;
      }
    }
    return far - z <= tool.length();
  }

  private boolean besetAlongAxis(int run, double z, double r) {
    for (int i = runs.from(run); i < runs.to(run); i += 4) {
      double lo = Math.min(e[i + 1], e[i + 3]);
      double up = Math.max(e[i + 1], e[i + 3]);
      boolean ahead = Math.max(e[i], e[i + 2]) > z;
      if (ahead && up > r - tool.shank() && lo < r + tool.shank()) {
        double s = half(i, z, r);
        if (up > r - s && lo < r + s) {
          return true;
        }
      }
    }
    return false;
  }

  /** Outsides mostly end here: straight out along the radius nothing stands in the way. */
  private boolean freeAlongRadius(double z, double r) {
    for (int b = 0; b < runs.count(); b++) {
      boolean beside = runs.hiZ(b) <= z - tool.shank() || runs.loZ(b) >= z + tool.shank();
      if (runs.hiR(b) > r && !beside && besetAlongRadius(b, z, r)) {
        return false;
      }
    }
    return true;
  }

  private boolean besetAlongRadius(int run, double z, double r) {
    for (int i = runs.from(run); i < runs.to(run); i += 4) {
      double up = Math.max(e[i + 1], e[i + 3]);
      double hi = Math.max(e[i], e[i + 2]);
      double lo = Math.min(e[i], e[i + 2]);
      if (up > r && hi > z - tool.shank() && lo < z + tool.shank()) {
        double s = half(i, z, r);
        if (hi > z - s && lo < z + s) {
          return true;
        }
      }
    }
    return false;
  }

  private double half(int edge, double z, double r) {
    return half(tool, e, edge, z, r);
  }

  /** How wide the bar is to either side where it passes an edge, mm. */
  static double half(ToolShape tool, double[] e, int edge, double z, double r) {
    double near = 2 * tool.shank();
    return Edges.within(e, edge, z, r, near)
        ? half(tool, Math.sqrt(Edges.distance2(e, edge, z, r)))
        : tool.shank() - SLACK;
  }

  static double half(ToolShape tool, double d) {
    // The bar is as slim as its nose close to the edge, and full width behind.
    double s = d < 2 * tool.shank() ? Math.min(tool.nose(), tool.shank()) : tool.shank();
    return s - SLACK;
  }
}
