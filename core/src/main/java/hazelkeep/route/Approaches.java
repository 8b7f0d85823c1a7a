package hazelkeep.route;

import hazelkeep.hold.Work;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.LineOfWork;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Doing;
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
      along(gone, tools(true));
    } else if (!r.claims().isEmpty()) {
      parting(gone);
    } else if (r.bares().isEmpty()) {
      along(gone, tools(false));
    } else {
      r.bares().forEach(this::bared);
    }
  }

  private void bared(SurfaceId id) {
    Surface s = stage.aim().surface(id);
    List<Tool> tools = reaching.tools(s, Doing.CUT);
    int places = LineOfWork.places(s.line());
    Approach best = Approach.of(tools, places, t -> reaching.lies(stage, stage.after(), s, t));
    if (best.lies().size() < Approach.ENOUGH * places) {
      Approach later = Approach.of(tools, places, t -> reaching.lies(stage, leaving, s, t));
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
              t -> LineOfWork.lies(obstacles, t.shape(), line, LineOfWork.From.OUTSIDE));
      if (!way.lies().isEmpty()) {
        all.add(way);
      }
    }
  }

  /** Straight tools that cut: those that part, or the others. */
  private List<Tool> tools(boolean part) {
    return shop.tools().stream()
        .filter(t -> t.does().contains(Doing.CUT) && t.parts() == part && t.hook() == 0)
        .toList();
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
