package hazelkeep.route;

import hazelkeep.hold.Hold;
import hazelkeep.hold.Work;
import hazelkeep.measure.Patience;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.HookedBar;
import hazelkeep.solid.Lie;
import hazelkeep.solid.LineOfWork;
import hazelkeep.solid.LineOfWork.Reach;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Whether a surface can be worked in a hold with the tools of the shop. Remembers its answers. */
final class Reaching {
  /** A tool that reaches this share is good enough: no other is tried. */
  private static final double ENOUGH = Approach.ENOUGH;

  /**
   * Over the share that may stay closed before a tool is given up, so that rounding decides
   * nothing.
   */
  private static final double GIVE_UP_SPARE = 0.02;

  /** Lengths that differ by less are one, mm. */
  private static final double SAME = 1e-6;

  private final Shop shop;
  private final Aim aim;
  private final Map<Key, Answer> memo = new HashMap<>();
  private Mounted mounted;
  private LineOfWork.Among among;

  private record Key(Object hold, List<HalfSection> wood, Surface surface, Doing doing) {}

  /**
   * How far a surface can be worked.
   *
   * @param workable whether it can
   * @param best the reach of the tool that reaches most; empty when nothing is there to be worked
   * @param tool that tool
   */
  record Answer(boolean workable, Optional<Reach> best, Optional<Tool> tool) {
    static final Answer NO = new Answer(false, Optional.empty(), Optional.empty());
  }

  /** The share of a line that falls short, and the share that is needed: as they are judged. */
  double[] lacks(Reach reach, Doing doing) {
    double open = reach.open() / reach.whole();
    double needs =
        doing == Doing.CUT ? shop.custom(Line.ROUTE_OPEN) : shop.custom(Line.ROUTE_OPEN_SOFT);
    return open < needs
        ? new double[] {open, needs}
        : new double[] {1 - reach.hidden() / reach.whole(), 1 - shop.custom(Line.ROUTE_HIDDEN)};
  }

  Reaching(Shop shop, Aim aim) {
    this.shop = shop;
    this.aim = aim;
  }

  Answer of(Setup setup, State state, Surface surface, Doing doing) {
    String part = surface.id().part();
    Hold hold = setup.hold();
    if (!setup.frames().containsKey(part) || (!hold.onLathe() && doing == Doing.CUT)) {
      return Answer.NO;
    }
    Work work = mounted(setup, state).work;
    if (!work.bodies().containsKey(part)) {
      return Answer.NO;
    }
    List<HalfSection> wood = new ArrayList<>();
    if (hold.onLathe()) {
      work.distinct().forEach(p -> wood.add(work.bodies().get(p).swept()));
    } else {
      wood.add(work.bodies().get(part).swept());
    }
    Patience.spend(
        surface.line().points().size() + wood.stream().mapToInt(HalfSection::corners).sum());
    return memo.computeIfAbsent(
        new Key(setup, wood, surface, doing),
        k -> answer(setup, state, work, surface, doing, false));
  }

  /** What a surface is worked with, the first choice first. */
  private List<Tool> tools(Surface surface, Doing doing) {
    return doing == Doing.CUT
        ? Job.of(surface).tools(shop.tools())
        : shop.tools().stream().filter(t -> t.does().contains(doing.by())).toList();
  }

  /** How far a surface can be worked, every place of it tested; for telling numbers. */
  Answer full(Setup setup, State state, Surface surface, Doing doing) {
    if (!setup.frames().containsKey(surface.id().part())) {
      return Answer.NO;
    }
    Work work = mounted(setup, state).work;
    return work.bodies().containsKey(surface.id().part())
        ? answer(setup, state, work, surface, doing, true)
        : Answer.NO;
  }

  private Answer answer(
      Setup setup, State state, Work work, Surface surface, Doing doing, boolean full) {
    Place at = new Place(setup, state, work, surface, doing);
    Reach best = null;
    Tool with = null;
    double needs =
        doing == Doing.CUT ? shop.custom(Line.ROUTE_OPEN) : shop.custom(Line.ROUTE_OPEN_SOFT);
    double giveUp = full ? 1 : 1 - needs + GIVE_UP_SPARE;
    for (Tool tool : tools(surface, doing)) {
      Reach r = at.reach(tool, giveUp);
      if (best == null || r.open() > best.open()) {
        best = r;
        with = tool;
      }
      if (best.open() >= ENOUGH * best.whole()) {
        break;
      }
    }
    if (best == null) {
      return Answer.NO;
    }
    double whole = best.whole();
    // Abrasive and brush may leave a corner sharper than their nose; an edge tool may not.
    boolean workable =
        best.open() >= needs * whole - SAME
            && (doing == Doing.CUT || best.hidden() <= shop.custom(Line.ROUTE_HIDDEN) * whole);
    return new Answer(workable, Optional.of(best), Optional.of(with));
  }

  /** How a tool lies along a surface in a stage's hold, one place after another. */
  List<Lie> lies(Stage stage, State wood, Surface surface, Tool tool) {
    Setup setup = stage.setup();
    Work work = Stage.mount(setup, wood, aim);
    return new Place(setup, wood, work, surface, Doing.CUT).lies(tool);
  }

  /** The work as it is held: surface after surface is looked at in one hold of one wood. */
  private Mounted mounted(Setup setup, State state) {
    if (mounted == null || mounted.setup != setup || mounted.bodies != state.bodies()) {
      mounted = new Mounted(setup, state);
    }
    return mounted;
  }

  /** Work in a hold, and what holds it. */
  private final class Mounted {
    private final Setup setup;
    private final Map<String, Body> bodies;
    private final Work work;
    private List<HalfSection> fixtures;

    Mounted(Setup setup, State state) {
      this.setup = setup;
      this.bodies = state.bodies();
      this.work = Stage.mount(setup, state, aim);
    }

    List<HalfSection> fixtures() {
      if (fixtures == null) {
        fixtures = setup.hold().fixtures(work, shop);
      }
      return fixtures;
    }
  }

  /** What stands in the way, as it was told last where it is the same. */
  private LineOfWork.Among among(List<HalfSection> obstacles) {
    if (among == null || !among.all().equals(obstacles)) {
      among = new LineOfWork.Among(obstacles);
    }
    return among;
  }

  /** A surface as it lies in a hold, and what stands in a tool's way there. */
  private final class Place {
    private final Surface surface;
    private final HalfSection wood;
    private final List<HalfSection> obstacles = new ArrayList<>();
    private final Polyline line;
    private final LineOfWork.From from;

    Place(Setup setup, State state, Work work, Surface surface, Doing doing) {
      String part = surface.id().part();
      Hold hold = setup.hold();
      this.surface = surface;
      this.wood = work.swept(part);
      if (hold.onLathe()) {
        // The wood over a surface goes as the tool comes to it: it stands in no one's way.
        HalfSection over =
            doing == Doing.CUT && !state.surf(surface.id()).bare()
                ? surface.zone().minus(aim.part(part).target()).in(setup.frames().get(part))
                : HalfSection.EMPTY;
        // A body that carries several parts stands in the way once.
        for (String p : work.distinct()) {
          boolean own = work.bodies().get(p) == work.bodies().get(part);
          obstacles.add(own ? wood.minus(over) : work.swept(p));
        }
        obstacles.addAll(mounted(setup, state).fixtures());
      } else {
        obstacles.add(wood);
      }
      this.line = surface.line().in(setup.frames().get(part));
      this.from = hold.onLathe() ? surface.from() : LineOfWork.From.ANY;
    }

    /** A hooked bar works hollows only, through their mouth. */
    Reach reach(Tool tool, double giveUp) {
      if (tool.hook() == 0) {
        return LineOfWork.of(among(obstacles), tool.shape(), line, from, giveUp);
      }
      return surface.inside()
          ? new HookedBar(tool.shape(), tool.hook()).in(wood, line, giveUp)
          : new Reach(0, 0, line.length(), line.first());
    }

    List<Lie> lies(Tool tool) {
      return tool.hook() == 0
          ? LineOfWork.lies(obstacles, tool.shape(), line, from)
          : new HookedBar(tool.shape(), tool.hook()).lies(wood, line);
    }
  }
}
