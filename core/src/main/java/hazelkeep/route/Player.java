package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Hold;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Progress;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.LineOfWork;
import hazelkeep.solid.Point;
import hazelkeep.stiffness.Stiffness;
import hazelkeep.wood.Body;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Plays a route, act by act. */
final class Player {
  /** Of a surface: where less was still covered, what is cut is a detail in it. */
  private static final double DETAIL = 0.5;

  /** A cut that takes less than this, mm3, took nothing. */
  private static final double NOTHING = 0.5;

  /** What a step takes beside its cuts, as {@link Patience} counts: its stiffness above all. */
  private static final int STEP = 200;

  private final Aim aim;
  private final Shop shop;
  private final Reaching reaching;
  private final Shaking shaking;
  private final Balance balance;
  private final List<Stage> stages = new ArrayList<>();
  private final Log log = new Log();
  private final Cuts cuts;
  private final Trials trials;
  private final EarlyFits fits;
  private final BesideCuts beside;

  Player(Aim aim, Shop shop) {
    this.aim = aim;
    this.shop = shop;
    this.reaching = new Reaching(shop, aim);
    this.shaking = new Shaking(shop);
    this.balance = new Balance(aim, shop);
    this.fits = new EarlyFits(aim);
    this.cuts = new Cuts(aim, log);
    this.trials = new Trials(aim, log);
    this.beside = new BesideCuts(aim, shop, log);
  }

  Rehearsal play(State start, Route route) {
    State now = start;
    int all = route.steps().size();
    for (Setup setup : route.setups()) {
      if (!setup.steps().isEmpty()) {
        log.held(setup.hold());
        now = mount(setup, now);
        for (Step step : setup.steps()) {
          Patience.spend(STEP);
          State before = now;
          now = Progress.round(stages.size(), all, () -> step(setup, step, before));
        }
      }
    }
    Rehearsal played = new Rehearsal(aim, route, List.copyOf(stages), now, List.of());
    log.held(null);
    AtTheEnd.unknown(stages, log);
    new Gates(played, reaching).unmet().forEach(log::add);
    trials.untried(stages, now);
    new AtTheEnd(aim, log).whole(now, Trials.last(stages));
    return new Rehearsal(aim, route, List.copyOf(stages), now, log.once());
  }

  /** Does what a step did, without judging it: it was done, whatever the shop has by now. */
  State perform(State before, Step step) {
    State now = before.looked(aim);
    for (Act act : step.acts()) {
      if (!aim.has(act.part())) {
        // Done to something that was taken off since: its wood is no longer the piece's.
        continue;
      }
      if (act instanceof Act.Remove r) {
        now = done(now, step, r);
      } else if (act instanceof Act.Sand s) {
        now = done(now, s.on(), was -> was.sanded(s.grit()));
      } else if (act instanceof Act.Coat c) {
        now = done(now, c.on(), Surf::finished);
      } else if (act instanceof Act.Glue g) {
        now = done(now, g.on(), Surf::finished);
      } else if (act instanceof Act.LetIn l) {
        now = filled(now, step, l);
      } else if (act instanceof Act.Drill d) {
        now = drilled(now, d);
      }
    }
    return now;
  }

  private State drilled(State now, Act.Drill d) {
    return now.stock(aim.part(d.part())).map(b -> now.drilled(b, d.hole())).orElse(now);
  }

  private State done(State now, Step step, Act.Remove r) {
    Optional<Body> body = now.stock(aim.part(r.part()));
    if (body.isEmpty()) {
      return now;
    }
    State after = cuts.cut(now, body.get(), r.region(), r.claims(), step.key());
    return after.removed() - now.removed() < NOTHING
        ? now
        : cuts.touched(now, after, step, r.region());
  }

  private State filled(State now, Step step, Act.LetIn l) {
    return now.stock(aim.part(l.part()))
        .map(b -> cuts.touched(now, now.filled(b, l.region()), step, l.region()))
        .orElse(now);
  }

  private State done(State now, SurfaceId on, UnaryOperator<Surf> treated) {
    return aim.has(on) ? now.with(Map.of(on, treated.apply(now.surf(on)))) : now;
  }

  private State mount(Setup setup, State state) {
    StepKey first = setup.steps().get(0).key();
    Work work = Stage.mount(setup, state, aim);
    Hold hold = setup.hold();
    String part = setup.frames().keySet().stream().findFirst().orElse("");
    for (Verdict v : hold.judge(work)) {
      log.find(v, first, part, null);
    }
    new AtTheTail(aim).cone(hold, work, state).ifPresent(v -> log.find(v, first, part, null));
    log.tell(fits.mounted(hold.grip()));
    State now = state;
    for (Hold.Trace t : hold.traces(work, shop)) {
      Part marked = aim.part(t.part());
      for (Part p : aim.parts()) {
        HalfSection into = p.target().and(t.dent());
        if (into.area() > HalfSection.DUST_AREA) {
          log.find(
              Entry.DIMPLE.told(Grade.STOP, into.maxZ() - into.minZ(), 0, t.by()),
              first,
              p.name(),
              new Point((into.minZ() + into.maxZ()) / 2, 0));
        }
      }
      Body body = now.stock(marked).orElse(null);
      if (body != null) {
        now = cuts.cut(now, body, t.dent(), List.of(), first).looked(aim);
      }
    }
    return now;
  }

  private State acts(Setup setup, Step step, State before) {
    State now = before;
    List<Act> all = step.acts();
    for (int i = 0; i < all.size(); i++) {
      Act act = all.get(i);
      if (act instanceof Act.Remove r) {
        List<Act.Remove> run = run(setup, now, all.subList(i, all.size()));
        now = run.size() > 1 ? removed(setup, step, now, run) : remove(setup, step, now, r);
        i += Math.max(0, run.size() - 1);
      } else if (act instanceof Act.Sand s) {
        now = treat(setup, step, now, s.on(), Doing.SAND, s.grit());
      } else if (act instanceof Act.Coat c) {
        now = treat(setup, step, now, c.on(), Doing.FINISH, 0);
      } else if (act instanceof Act.Glue g) {
        now = treat(setup, step, now, g.on(), Doing.GLUE, 0);
      } else if (act instanceof Act.Try t) {
        fits.tried(t, step.key());
        trials.trial(step.key(), now, t);
      } else if (act instanceof Act.Mark m && !setup.frames().containsKey(m.part())) {
        notHeld(step, m.part());
      } else if (act instanceof Act.LetIn l && there(setup, step, now, l.part())) {
        now = filled(now, step, l);
      } else if (act instanceof Act.Drill d && there(setup, step, now, d.part())) {
        now = drilled(now, d);
      }
    }
    return now;
  }

  private State step(Setup setup, Step step, State before) {
    State now = acts(setup, step, before);
    if (now.removed() - before.removed() < NOTHING) {
      beside.idle(setup, step, before);
    }
    Work work = Stage.mount(setup, before, aim);
    double diameter = 2 * work.radius();
    boolean round = work.bodies().values().stream().allMatch(Body::round);
    Optional<Speeds> speeds =
        !setup.hold().onLathe() || step.still() || diameter <= 0
            ? Optional.empty()
            : Optional.of(
                BitWork.speeds(step, Speeds.of(diameter, round, step.at(), shop), work, shop));
    beside.told(setup, step, before, work, speeds);
    Work left = now.bodies() == before.bodies() ? work : Stage.mount(setup, now, aim);
    Stiffness was = shaking.of(setup, before, work);
    Stiffness is = shaking.of(setup, now, left);
    Stage stage =
        new Stage(
            setup,
            step,
            before,
            now,
            aim,
            work,
            left,
            setup.hold().freeLength(work),
            diameter,
            speeds.map(s -> balance.slowed(shaking.slowed(s, was, round), work)),
            was,
            is);
    for (Finding f : shaking.judge(stage, stages, speeds)) {
      log.add(f);
    }
    stages.add(stage);
    return now;
  }

  private void notHeld(Step step, String part) {
    log.find(Entry.NOT_HELD.told(Grade.STOP, part), step.key(), part, null);
  }

  private State remove(Setup setup, Step step, State state, Act.Remove r) {
    if (!there(setup, step, state, r.part())) {
      return state;
    }
    Part part = aim.part(r.part());
    Body body = state.stock(part).orElseThrow();
    State after = cuts.cut(state, body, r.region(), r.claims(), step.key());
    if (after.removed() - state.removed() < NOTHING) {
      return state;
    }
    if (!r.claims().isEmpty()) {
      cuts.partsInto(step, body, r);
    }
    if (r.claims().isEmpty()) {
      hangs(step, after, part, body, r.region());
    }
    after = cuts.touched(state, after, step, r.region());
    double left = after.stock(part).map(b -> b.sound().volume()).orElse(0.0);
    log.tell(fits.hollowed(part.name(), r, () -> 1 - left / body.sound().volume()));
    for (SurfaceId id : r.bares()) {
      // What is cut into an outside that was mostly bare, lines or a bead, is cut with a point.
      if (aim.surface(id).inside() || state.surf(id).covered() > DETAIL) {
        cutReached(setup, step, after, aim.surface(id));
      }
    }
    return after;
  }

  /** Cuts from outside, one after the other on the same wood, that nothing comes loose by. */
  private List<Act.Remove> run(Setup setup, State state, List<Act> acts) {
    List<Act.Remove> out = new ArrayList<>();
    Body on = null;
    for (Act act : acts) {
      if (!(act instanceof Act.Remove r)
          || !r.claims().isEmpty()
          || !setup.frames().containsKey(r.part())
          || r.bares().stream().anyMatch(id -> aim.surface(id).inside())) {
        break;
      }
      Body body = state.stock(aim.part(r.part())).orElse(null);
      if (body == null || on != null && body != on) {
        break;
      }
      on = body;
      out.add(r);
    }
    return out;
  }

  /** A run of cuts as one: slots beside one another are one cut of the wood. */
  private State removed(Setup setup, Step step, State state, List<Act.Remove> run) {
    Part part = aim.part(run.get(0).part());
    Body body = state.stock(part).orElseThrow();
    HalfSection region = HalfSection.EMPTY;
    for (Act.Remove r : run) {
      // What an earlier cut of the run takes leaves no corner of its own in the wood.
      boolean more = r.region().minus(region).area() > HalfSection.DUST_AREA;
      region = more ? region.plus(r.region()) : region;
    }
    State after = cuts.cut(state, body, region, List.of(), step.key());
    if (after.removed() - state.removed() < NOTHING) {
      return state;
    }
    hangs(step, after, part, body, region);
    after = cuts.touched(state, after, step, region);
    for (Act.Remove r : run) {
      for (SurfaceId id : r.bares()) {
        if (state.surf(id).covered() > DETAIL) {
          cutReached(setup, step, after, aim.surface(id));
        }
      }
    }
    return after;
  }

  private void hangs(Step step, State after, Part part, Body before, HalfSection region) {
    double neck = aim.custom(Line.ROUTE_NECK);
    if (cuts.neck(after, part, before, region)) {
      log.find(Entry.HANGS.told(Grade.WATCH, neck, neck), step.key(), part.name(), null);
    }
  }

  /** Whether a part is held and exists; what is not is told. */
  private boolean there(Setup setup, Step step, State state, String part) {
    if (!setup.frames().containsKey(part)) {
      notHeld(step, part);
      return false;
    }
    if (state.stock(aim.part(part)).isEmpty()) {
      log.find(Entry.PART_GONE.told(Grade.STOP, part), step.key(), part, null);
      return false;
    }
    return true;
  }

  private void cutReached(Setup setup, Step step, State after, Surface s) {
    Reaching.Answer a = reaching.of(setup, after, s, Doing.CUT);
    if (!a.workable() && after.surf(s.id()).bare()) {
      hidden(setup, step, s, reaching.full(setup, after, s, Doing.CUT), Doing.CUT);
    }
  }

  private void hidden(Setup setup, Step step, Surface s, Reaching.Answer a, Doing doing) {
    double[] lacks = a.best().map(b -> reaching.lacks(b, doing)).orElse(new double[] {0, 1});
    log.find(
        Entry.HIDDEN.told(
            Grade.STOP, 100 * lacks[0], 100 * lacks[1], s.id().part(), s.id().name(), doing.done()),
        step.key(),
        s.id(),
        a.best()
            .map(LineOfWork.Reach::hiddenAt)
            .map(setup.frames().get(s.id().part()).inverse()::of)
            .orElse(null));
  }

  private State treat(Setup setup, Step step, State state, SurfaceId on, Doing doing, int grit) {
    if (!setup.frames().containsKey(on.part())) {
      notHeld(step, on.part());
      return state;
    }
    Surface s = aim.surface(on);
    Surf was = state.surf(on);
    if (state.stock(aim.part(on.part())).isEmpty()) {
      return state;
    }
    if (!was.bare()) {
      log.find(
          Entry.BEFORE_CUT.told(Grade.STOP, 100 * was.covered(), 0, on.part(), on.name()),
          step.key(),
          on,
          s.line().first());
      return state;
    }
    Reaching.Answer a = reaching.of(setup, state, s, doing);
    if (!a.workable()) {
      hidden(setup, step, s, reaching.full(setup, state, s, doing), doing);
      return state;
    }
    return state.with(Map.of(on, doing == Doing.SAND ? was.sanded(grit) : was.finished()));
  }
}
