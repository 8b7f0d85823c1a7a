package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Wall;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * The wood between everything inside of a part and everything outside of it, read from its drawn
 * section: the least true distance, less what a bit may drift by at that place. Where an outer
 * surface runs into the mouth of a hollow, what lies within one wall of that edge is rim, and
 * judged as rim against the other surfaces.
 */
public final class Walls {
  /** How far apart places of a line are looked at, mm: its corners are always among them. */
  private static final double EVERY = 0.5;

  /** Points closer than this are one, mm. */
  private static final double SAME = 1e-3;

  /** How far behind an inner surface there has to be wood, mm. */
  private static final double BEHIND = 0.05;

  /** Looked at as well: what was measured may lie a hair off what the bit was chosen for. */
  private static final double FURTHER = 0.6;

  /** A floor is told on the axis unless it is thinner beside it by more than this share. */
  private static final double SLANT = 0.97;

  /** What lies under an outer surface. */
  private enum Under {
    SIDE,
    RIM,
    SPIGOT,
    FOOT,
    TOP
  }

  /**
   * A thinnest place.
   *
   * @param left the wood there once the bit has drifted, mm
   * @param inside the place on the inner line
   */
  private record Thin(double left, Point inside) {}

  /**
   * The thinnest wood of one sort.
   *
   * @param code the finding that would tell it
   * @param mm what is left once the bit has drifted
   * @param wanted what is wanted, mm
   * @param drift what the bit may drift by there, mm
   * @param at the place on the inner line
   */
  public record Least(String code, double mm, double wanted, double drift, Point at) {
    /** Whether it is wall: a side or its rim, and no spigot, floor or corner of a lid. */
    boolean wall() {
      return code.equals(Entry.WALL_THIN.code()) || code.equals(Entry.RIM_THIN.code());
    }
  }

  private final Part part;
  private final WallWishes wishes;
  private final DoubleUnaryOperator drift;
  private final double reach;
  private final List<Surface> inner;
  private final List<Surface> outer;
  private final List<Point> mouths = new ArrayList<>();
  private final Map<Under, Thin> least = new LinkedHashMap<>();

  /** By the very object: asked of every pair of places. */
  private final Map<Surface, Under> unders = new IdentityHashMap<>();

  private Walls(Part part, WallWishes wishes, DoubleUnaryOperator drift, double reach) {
    this.part = part;
    this.wishes = wishes;
    this.drift = drift;
    this.reach = reach;
    this.inner = part.surfaces().stream().filter(Surface::inside).toList();
    this.outer = part.surfaces().stream().filter(s -> !s.inside()).toList();
    for (Surface in : inner) {
      for (Point p : List.of(in.line().first(), in.line().last())) {
        if (outer.stream().anyMatch(o -> ends(o, p))) {
          mouths.add(p);
        }
      }
    }
  }

  /**
   * What is thinner than it is wanted to be.
   *
   * @param part the part
   * @param wishes how thick its walls are wanted
   * @param drift how far a bore may lie off the axis at a z of the blank, mm
   */
  public static List<Finding> of(Part part, WallWishes wishes, DoubleUnaryOperator drift) {
    Walls w = new Walls(part, wishes, drift, wishes.most());
    if (w.inner.isEmpty()) {
      return List.of();
    }
    Optional<Thin> open = w.pierced();
    if (open.isPresent()) {
      return List.of(w.through(open.get()));
    }
    w.look();
    return w.told();
  }

  /** The thinnest places of a part, however thick. */
  static List<Least> least(Walled of) {
    Walls w = new Walls(of.part(), of.wishes(), of.drift(), Double.MAX_VALUE);
    List<Least> out = new ArrayList<>();
    if (w.inner.isEmpty() || w.pierced().isPresent()) {
      return out;
    }
    w.look();
    w.least.forEach(
        (under, t) ->
            out.add(
                new Least(
                    entry(under).code(),
                    t.left(),
                    w.wanted(under),
                    of.drift().applyAsDouble(t.inside().z()),
                    t.inside())));
    return out;
  }

  private static Entry entry(Under under) {
    return switch (under) {
      case SIDE -> Entry.WALL_THIN;
      case RIM -> Entry.RIM_THIN;
      case SPIGOT -> Entry.SPIGOT_WALL;
      case TOP -> Entry.LID_CORNER;
      case FOOT -> Entry.FLOOR_THIN;
    };
  }

  private double wanted(Under under) {
    return switch (under) {
      case SIDE -> wishes.wall();
      case RIM -> wishes.rim();
      case SPIGOT -> wishes.spigot();
      case TOP -> wishes.corner();
      case FOOT -> wishes.floor();
    };
  }

  private static boolean ends(Surface s, Point p) {
    return s.line().first().distance(p) < SAME || s.line().last().distance(p) < SAME;
  }

  /** Where the inside lies furthest outside of the wood: the outside is shaped into it. */
  private Optional<Thin> pierced() {
    Thin out = null;
    for (Surface s : inner) {
      for (Polyline.Sample x : s.line().samples(2 * EVERY, BEHIND)) {
        Point p = x.at();
        boolean edge = mouths.stream().anyMatch(m -> m.distance(p) < 2 * EVERY);
        if (!edge && p.r() > BEHIND && !wood(x, BEHIND) && !wood(x, FURTHER)) {
          double by =
              outer.stream()
                  .mapToDouble(o -> Wall.nearest(o.line(), p).distance(p))
                  .min()
                  .orElse(0);
          out = out == null || -by < out.left() ? new Thin(-by, p) : out;
        }
      }
    }
    return Optional.ofNullable(out);
  }

  private boolean wood(Polyline.Sample x, double behind) {
    return part.target()
        .holds(x.at().z() - behind * x.nz(), Math.max(0, x.at().r() - behind * x.nr()));
  }

  private void look() {
    List<Box> outside = outer.stream().map(o -> Box.round(o.line())).toList();
    List<Box> inside = inner.stream().map(i -> Box.round(i.line())).toList();
    double[] most = inner.stream().mapToDouble(this::most).toArray();
    for (int i = 0; i < most.length; i++) {
      for (Point p : places(inner.get(i).line())) {
        for (int o = 0; o < outer.size(); o++) {
          if (outside.get(o).from(p) <= most[i]) {
            pair(p, Wall.nearest(outer.get(o).line(), p), outer.get(o));
          }
        }
      }
    }
    for (Surface out : outer) {
      for (Point o : out.line().points()) {
        for (int i = 0; i < most.length; i++) {
          if (inside.get(i).from(o) <= most[i]) {
            pair(Wall.nearest(inner.get(i).line(), o), o, out);
          }
        }
      }
    }
  }

  /**
   * How far off the outside may lie and still be told. A bit drifts the more the deeper it goes:
   * along a stretch most at one of its ends.
   */
  private double most(Surface in) {
    return reach + in.line().points().stream().mapToDouble(this::drift).max().orElse(0);
  }

  private double drift(Point in) {
    return drift.applyAsDouble(in.z());
  }

  /** The box round a line: no place of the line is nearer than it. */
  private record Box(double z0, double z1, double r0, double r1) {
    static Box round(Polyline line) {
      DoubleSummaryStatistics z = line.points().stream().mapToDouble(Point::z).summaryStatistics();
      DoubleSummaryStatistics r = line.points().stream().mapToDouble(Point::r).summaryStatistics();
      return new Box(z.getMin(), z.getMax(), r.getMin(), r.getMax());
    }

    double from(Point p) {
      double dz = Math.max(0, Math.max(z0 - p.z(), p.z() - z1));
      double dr = Math.max(0, Math.max(r0 - p.r(), p.r() - r1));
      return Math.max(dz, dr);
    }
  }

  /** The corners of a line and places between them. */
  private static List<Point> places(Polyline line) {
    List<Point> out = new ArrayList<>(line.points());
    for (Polyline.Sample s : line.samples(EVERY, EVERY)) {
      out.add(s.at());
    }
    return out;
  }

  /**
   * Looks at the wood between a place inside and one outside. A bit drifts sideways: it takes of
   * the wood between them what of its drift lies along it, all beside a bore and nothing under it.
   */
  private void pair(Point in, Point out, Surface surface) {
    double d = in.distance(out);
    double left = d - (d > 0 ? drift(in) * Math.abs(out.r() - in.r()) / d : 0);
    if (left > reach) {
      return;
    }
    Under under = unders.computeIfAbsent(surface, this::under);
    boolean rim = false;
    for (Point m : mouths) {
      if (out.distance(m) < wishes.most() && ends(surface, m)) {
        return;
      }
      rim |= in.distance(m) < wishes.wall() || out.distance(m) < wishes.wall();
    }
    Under place = rim && under == Under.SIDE ? Under.RIM : under;
    Thin was = least.get(place);
    if (was == null || left < was.left()) {
      least.put(place, new Thin(left, in));
    }
  }

  /** An end runs in to the axis, or more inwards than along to a mouth; all else is side. */
  private Under under(Surface s) {
    if (s.role() != Role.SHOW) {
      return Under.SPIGOT;
    }
    Point a = s.line().first();
    Point b = s.line().last();
    boolean axis = Math.min(a.r(), b.r()) < SAME;
    boolean mouth = mouths.stream().anyMatch(m -> ends(s, m));
    boolean inwards = Math.abs(a.r() - b.r()) > Math.abs(a.z() - b.z());
    if (!axis && !(mouth && inwards)) {
      return Under.SIDE;
    }
    double low = Math.min(a.z(), b.z()) - part.target().minZ();
    double high = part.target().maxZ() - Math.max(a.z(), b.z());
    return low < high ? Under.FOOT : Under.TOP;
  }

  private List<Finding> told() {
    Told told = new Told();
    for (Under under : List.of(Under.SIDE, Under.RIM, Under.SPIGOT, Under.TOP)) {
      Thin t = least.get(under);
      if (t != null) {
        String drifts = drift(t.inside()) > SAME ? Wording.of("walls.drift-counted-off") : "";
        told.thin(
            entry(under), t.left(), wanted(under), part.name(), t.inside(), part.name(), drifts);
      }
    }
    floor(told);
    return told.done();
  }

  /** The floor is counted along the axis; beside it a foot that is hollowed may come nearer. */
  private void floor(Told told) {
    HalfSection wood = part.target();
    double axis = wood.alongAxis().stream().mapToDouble(s -> s.length()).findFirst().orElse(0);
    Thin t = least.get(Under.FOOT);
    boolean slant = t != null && t.left() < SLANT * axis && t.inside().r() > SAME;
    if (slant) {
      told.thin(
          Entry.FLOOR_THIN, t.left(), wishes.floor(), part.name(), t.inside(), "near the wall");
    }
  }

  private Finding through(Thin open) {
    return Finding.of(
        Entry.OUTSIDE_INTO_INSIDE.told(Grade.STOP, open.left(), wishes.wall(), part.name()),
        part.name(),
        open.inside());
  }
}
