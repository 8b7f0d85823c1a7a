package hazelkeep.route;

import hazelkeep.hold.Work;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.shop.Tool;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.LineOfWork;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** How the tools of the shop come to what one step cuts. */
final class Approaches {
  /** How far beside an outline it is looked whether wood is there, mm. */
  private static final double HAIR = 0.05;

  private final Stage stage;
  private final State leaving;
  private final Shop shop;
  private final Reaching reaching;
  private final List<Approach> all = new ArrayList<>();

  /**
   * Looks at a step.
   *
   * @param leaving the wood as it leaves the hold: later cuts there may open a surface further
   */
  Approaches(Stage stage, State leaving, Shop shop) {
    this.stage = stage;
    this.leaving = leaving;
    this.shop = shop;
    this.reaching = new Reaching(shop, stage.aim());
  }

  List<Approach> all() {
    for (Act act : stage.step().acts()) {
      if (act instanceof Act.Remove r && stage.setup().hold().onLathe()) {
        Frame frame = stage.setup().frames().get(r.part());
        if (frame != null) {
          cut(r, r.region().in(frame).and(stage.mounted().swept(r.part())));
        }
      }
    }
    return List.copyOf(all);
  }

  private void cut(Act.Remove r, HalfSection gone) {
    if (gone.isEmpty()) {
      return;
    }
    if (stage.step().bit().isPresent()) {
      all.add(Approach.of(stage.step().bit().get(), gone.maxZ(), gone.minZ()));
    } else if (r.claims().stream().anyMatch(c -> c.fate() == Claim.Fate.FREED)) {
      // What hangs loose afterwards is undercut: the tool leans in from both sides.
      along(gone, Job.SLOT.tools(shop.tools()));
    } else if (!r.claims().isEmpty()) {
      parting(gone);
    } else if (r.bares().isEmpty()) {
      gone.pieces().forEach(p -> along(p, unnamed(p).tools(shop.tools())));
    } else {
      r.bares().forEach(id -> bared(id, gone));
    }
  }

  /** What a cut is that finishes nothing. */
  private Job unnamed(HalfSection gone) {
    if (stage.step().at() == Speeds.At.PARTING) {
      return Job.SLOT;
    }
    boolean round = stage.mounted().bodies().values().stream().allMatch(Body::round);
    return round && gone.maxZ() - gone.minZ() < shop.custom(Line.TURN_SIZED) ? Job.SIZE : Job.ROUGH;
  }

  /** What baring a surface is: a slot straight in, a small thing in an outside that is bare. */
  private Job job(Surface s, HalfSection gone) {
    boolean outside = !s.inside();
    if (outside && stage.step().at() == Speeds.At.PARTING) {
      return Job.SLOT;
    }
    if (!outside || Job.of(s) != Job.SHAPE) {
      return Job.of(s);
    }
    boolean small = gone.maxZ() - gone.minZ() < shop.custom(Line.TURN_DETAIL);
    return hollow(s.line()) ? Job.COVE : small ? Job.DETAIL : Job.SHAPE;
  }

  /** Whether an outside is hollow along a curve; an inner corner alone is none. */
  private static boolean hollow(Polyline line) {
    List<Point> p = line.points();
    double along = Math.signum(line.last().z() - line.first().z());
    int turns = 0;
    for (int i = 1; i < p.size() - 1; i++) {
      Point a = p.get(i - 1);
      Point c = p.get(i);
      Point b = p.get(i + 1);
      double turn =
          Math.atan2(b.r() - c.r(), along * (b.z() - c.z()))
              - Math.atan2(c.r() - a.r(), along * (c.z() - a.z()));
      turns += turn > TURNED && turn < CORNER ? 1 : 0;
    }
    return turns >= CURVE;
  }

  /** A line that turns by less goes straight on, radians. */
  private static final double TURNED = 0.005;

  /** One that turns by more has a corner, radians. */
  private static final double CORNER = 0.5;

  /** So many turns one after the other are a curve. */
  private static final int CURVE = 3;

  private void bared(SurfaceId id, HalfSection gone) {
    Frame f = stage.setup().frames().get(id.part()).inverse();
    Surface whole = stage.aim().surface(id);
    boolean part = gone.maxZ() - gone.minZ() < shop.custom(Line.TURN_DETAIL) && !whole.inside();
    double a = f.x(gone.minZ());
    double b = f.x(gone.maxZ());
    Surface s = part ? whole.between(Math.min(a, b), Math.max(a, b)) : whole;
    List<Tool> tools = job(s, gone).tools(shop.tools());
    int places = LineOfWork.places(s.line());
    double enough = s.inside() ? Approach.ENOUGH : Approach.MOST;
    Approach best =
        Approach.of(tools, places, enough, t -> reaching.lies(stage, stage.after(), s, t));
    if (best.lies().size() < enough * places) {
      Approach later = Approach.of(tools, places, enough, t -> reaching.lies(stage, leaving, s, t));
      best = later.lies().size() > best.lies().size() ? later : best;
    }
    all.add(s.inside() ? best.fromMiddle() : best);
  }

  /** Pushed straight in, in the middle of the kerf. */
  private void parting(HalfSection gone) {
    shop.tools().stream()
        .filter(Tool::parts)
        .findFirst()
        .ifPresent(t -> all.add(Approach.parting(t, gone)));
  }

  /** A cut that finishes nothing: along the wood that is left beside it. */
  private void along(HalfSection gone, List<Tool> tools) {
    Work left = stage.left();
    List<HalfSection> obstacles = new ArrayList<>(stage.setup().hold().fixtures(left, shop));
    left.distinct().forEach(p -> obstacles.add(left.swept(p)));
    for (Polyline line : border(gone, obstacles)) {
      Approach way =
          Approach.of(
              tools,
              LineOfWork.places(line),
              Approach.MOST,
              t -> LineOfWork.lies(obstacles, t.shape(), line, LineOfWork.From.OUTSIDE));
      if (!way.lies().isEmpty()) {
        all.add(way);
      }
    }
  }

  /** The stretches of a region's outline that wood borders on, the wood on the right hand. */
  private static List<Polyline> border(HalfSection gone, List<HalfSection> wood) {
    List<Polyline> out = new ArrayList<>();
    for (Polyline ring : bothWays(gone)) {
      List<Point> line = new ArrayList<>();
      for (int i = 1; i < ring.points().size(); i++) {
        Point a = ring.points().get(i - 1);
        Point b = ring.points().get(i);
        if (a.distance(b) > 0 && beside(a, b, wood)) {
          if (line.isEmpty()) {
            line.add(a);
          }
          line.add(b);
        } else {
          close(line, out);
        }
      }
      close(line, out);
    }
    return out;
  }

  private static List<Polyline> bothWays(HalfSection h) {
    return h.rings().stream().flatMap(r -> Stream.of(r, r.reversed())).toList();
  }

  private static void close(List<Point> line, List<Polyline> out) {
    if (line.size() > 1) {
      out.add(new Polyline(line));
    }
    line.clear();
  }

  /** Whether wood lies on the right hand of a stretch. */
  private static boolean beside(Point a, Point b, List<HalfSection> wood) {
    Point mid = a.towards(b, 0.5);
    double off = HAIR / a.distance(b);
    Point at = new Point(mid.z() + off * (b.r() - a.r()), mid.r() - off * (b.z() - a.z()));
    return at.r() > 0 && wood.stream().anyMatch(w -> w.holds(at));
  }
}
