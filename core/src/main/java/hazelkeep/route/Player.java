package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.fit.FitClass;
import hazelkeep.hold.Hold;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Patience;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.stiffness.Stiffness;
import hazelkeep.wood.Body;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import hazelkeep.wood.Unknown;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;

/** Plays a route, act by act. */
final class Player {
  /** How far inside the borders of a parting cut a bore is looked for, mm. */
  private static final double EDGE = 0.05;

  /** Of a surface: where less was still covered, what is cut is a detail in it. */
  private static final double DETAIL = 0.5;

  /** A cut that takes less than this, mm3, took nothing. */
  private static final double NOTHING = 0.5;

  private final Aim aim;
  private final Shop shop;
  private final Reaching reaching;
  private final Shaking shaking;
  private final List<Stage> stages = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();
  private final EarlyFits fits;

  /** What the step at hand is held by; null before and after the route. */
  private Hold held;

  Player(Aim aim, Shop shop) {
    this.aim = aim;
    this.shop = shop;
    this.reaching = new Reaching(shop, aim);
    this.shaking = new Shaking(aim, shop);
    this.fits = new EarlyFits(aim);
  }

  Rehearsal play(State start, Route route) {
    State now = start;
    for (Setup setup : route.setups()) {
      if (!setup.steps().isEmpty()) {
        held = setup.hold();
        now = mount(setup, now);
        for (Step step : setup.steps()) {
          Patience.check();
          now = step(setup, step, now);
        }
      }
    }
    Rehearsal played = new Rehearsal(aim, route, List.copyOf(stages), now, List.of());
    held = null;
    unknown();
    findings.addAll(new Gates(played, reaching).unmet());
    whole(now);
    return new Rehearsal(aim, route, List.copyOf(stages), now, List.copyOf(once(findings)));
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
      } else if (act instanceof Act.LetIn l) {
        now = filled(now, step, l);
      }
    }
    return now;
  }

  private State done(State now, Step step, Act.Remove r) {
    Optional<Body> body = now.stock(aim.part(r.part()));
    if (body.isEmpty()) {
      return now;
    }
    State after = cut(now, body.get(), r.region(), r.claims(), step.key());
    return after.removed() - now.removed() < NOTHING ? now : touched(now, after, step, r.region());
  }

  private State filled(State now, Step step, Act.LetIn l) {
    return now.stock(aim.part(l.part()))
        .map(b -> touched(now, now.filled(b, l.region()), step, l.region()))
        .orElse(now);
  }

  private State done(State now, SurfaceId on, UnaryOperator<Surf> treated) {
    return aim.has(on) ? now.with(Map.of(on, treated.apply(now.surf(on)))) : now;
  }

  /** One mistake is told once at each step and part. */
  private static List<Finding> once(List<Finding> all) {
    List<Finding> out = new ArrayList<>();
    for (Finding f : all) {
      if (out.stream().noneMatch(f::sameAs)) {
        out.add(f);
      }
    }
    return out;
  }

  private State mount(Setup setup, State state) {
    StepKey first = setup.steps().get(0).key();
    Work work = Stage.mount(setup, state, aim);
    Hold hold = setup.hold();
    String part = setup.frames().keySet().stream().findFirst().orElse("");
    for (Verdict v : hold.judge(work)) {
      find(v, first, part, null);
    }
    tell(fits.mounted(hold.grip()));
    State now = state;
    for (Hold.Trace t : hold.traces(work, shop)) {
      Part marked = aim.part(t.part());
      for (Part p : aim.parts()) {
        HalfSection into = p.target().and(t.dent());
        if (into.area() > HalfSection.DUST_AREA) {
          find(
              Entry.DIMPLE.told(Grade.STOP, into.maxZ() - into.minZ(), 0, t.by()),
              first,
              p.name(),
              new Point((into.minZ() + into.maxZ()) / 2, 0));
        }
      }
      Body body = now.stock(marked).orElse(null);
      if (body != null) {
        now = cut(now, body, t.dent(), List.of(), first).looked(aim);
      }
    }
    return now;
  }

  private State acts(Setup setup, Step step, State before) {
    State now = before;
    for (Act act : step.acts()) {
      if (act instanceof Act.Remove r) {
        now = remove(setup, step, now, r);
      } else if (act instanceof Act.Sand s) {
        now = treat(setup, step, now, s.on(), Doing.SAND, s.grit());
      } else if (act instanceof Act.Coat c) {
        now = treat(setup, step, now, c.on(), Doing.FINISH, 0);
      } else if (act instanceof Act.Try t) {
        fits.tried(t, step.key());
        trial(step.key(), now, t);
      } else if (act instanceof Act.Mark m && !setup.frames().containsKey(m.part())) {
        notHeld(step, m.part());
      } else if (act instanceof Act.LetIn l) {
        now = letIn(setup, step, now, l);
      }
    }
    return now;
  }

  private State step(Setup setup, Step step, State before) {
    State now = acts(setup, step, before);
    if (now.removed() - before.removed() < NOTHING) {
      idle(setup, step, before);
    }
    Work work = Stage.mount(setup, before, aim);
    double diameter = 2 * work.radius();
    boolean round = work.bodies().values().stream().allMatch(Body::round);
    Optional<Speeds> speeds =
        !setup.hold().onLathe() || diameter <= 0
            ? Optional.empty()
            : Optional.of(
                BitWork.speeds(step, Speeds.of(diameter, round, step.at(), shop), work, shop));
    sandedEarly(setup, step, before);
    for (Customs.Told t : new Customs(aim).judge(setup, step, before)) {
      find(t.verdict(), step.key(), t.on(), null);
    }
    for (Verdict v : BitWork.judge(setup, step, work, shop.lathe())) {
      find(v, step.key(), setup.frames().keySet().iterator().next(), null);
    }
    speeds
        .flatMap(s -> tooFast(step, s, work))
        .ifPresent(v -> find(v, step.key(), setup.frames().keySet().iterator().next(), null));
    Stiffness was = shaking.of(setup, before);
    Stiffness left = shaking.of(setup, now);
    Stage stage =
        new Stage(
            setup,
            step,
            before,
            now,
            aim,
            setup.hold().freeLength(work),
            diameter,
            speeds.map(s -> shaking.slowed(s, was, round)),
            was,
            left);
    for (Finding f : shaking.judge(stage, stages, speeds)) {
      findings.add(f);
    }
    stages.add(stage);
    return now;
  }

  /** The lathe turns faster at its slowest than the work, or its bit, may turn. */
  private Optional<Verdict> tooFast(Step step, Speeds window, Work work) {
    if (window.ceiling() >= shop.lathe().slowest()) {
      return Optional.empty();
    }
    return step.bit()
        .flatMap(b -> BitWork.tooFast(b, work, shop.lathe()))
        .or(
            () ->
                Optional.of(
                    Entry.LATHE_FAST.told(Grade.STOP, shop.lathe().slowest(), window.ceiling())));
  }

  /** Abrasive leaves grit in the wood, and a bit that goes into it is blunted. */
  private void sandedEarly(Setup setup, Step step, State before) {
    if (step.bit().isEmpty()) {
      return;
    }
    for (Step earlier : setup.steps()) {
      if (earlier == step) {
        return;
      }
      for (Act act : earlier.acts()) {
        if (act instanceof Act.Sand s && before.surf(s.on()).grit() > 0) {
          find(
              Entry.SANDED_EARLY.told(
                  Grade.WATCH, before.surf(s.on()).grit(), 0, s.on().part(), s.on().name()),
              step.key(),
              s.on().part(),
              null);
          return;
        }
      }
    }
  }

  /** What is not known of a wood is told once, with what is not judged for want of it. */
  private void unknown() {
    TreeSet<Unknown> all = new TreeSet<>();
    for (Stage s : stages) {
      all.addAll(s.setup().hold().allows(s.mounted()).missing());
      all.addAll(s.stiffBefore().missing());
    }
    for (Unknown u : all) {
      Verdict v = Entry.NOT_JUDGED.told(Grade.NOTE, u.property().judges(), u.words());
      findings.add(
          new Finding(
              v,
              Optional.empty(),
              "blank",
              u.words(),
              Optional.empty(),
              v.helps(false),
              List.of(new Remedy.Know(u))));
    }
  }

  private void notHeld(Step step, String part) {
    find(Entry.NOT_HELD.told(Grade.STOP, part), step.key(), part, null);
  }

  /** A step that was to cut something and found all of it gone. */
  private void idle(Setup setup, Step step, State before) {
    step.acts().stream()
        .filter(Act.Remove.class::isInstance)
        .map(Act.Remove.class::cast)
        .filter(r -> !r.bares().isEmpty() || !r.claims().isEmpty())
        .filter(r -> setup.frames().containsKey(r.part()))
        .filter(r -> before.stock(aim.part(r.part())).isPresent())
        .findFirst()
        .ifPresent(r -> find(Entry.NOTHING_REMOVED.told(Grade.NOTE), step.key(), r.part(), null));
  }

  private State remove(Setup setup, Step step, State state, Act.Remove r) {
    if (!setup.frames().containsKey(r.part())) {
      notHeld(step, r.part());
      return state;
    }
    Part part = aim.part(r.part());
    Body body = state.stock(part).orElse(null);
    if (body == null) {
      find(Entry.PART_GONE.told(Grade.STOP, r.part()), step.key(), r.part(), null);
      return state;
    }
    State after = cut(state, body, r.region(), r.claims(), step.key());
    if (after.removed() - state.removed() < NOTHING) {
      return state;
    }
    if (!r.claims().isEmpty()) {
      partsInto(step, body, r);
    }
    if (r.claims().isEmpty() && neck(after, part, body)) {
      find(
          Entry.HANGS.told(Grade.WATCH, aim.custom(Line.ROUTE_NECK), aim.custom(Line.ROUTE_NECK)),
          step.key(),
          r.part(),
          null);
    }
    after = touched(state, after, step, r.region());
    double left = after.stock(part).map(b -> b.sound().volume()).orElse(0.0);
    tell(fits.hollowed(part.name(), r, () -> 1 - left / body.sound().volume()));
    for (SurfaceId id : r.bares()) {
      // What is cut into an outside that was mostly bare, lines or a bead, is cut with a point.
      if (aim.surface(id).inside() || state.surf(id).covered() > DETAIL) {
        cutReached(setup, step, after, aim.surface(id));
      }
    }
    return after;
  }

  private State letIn(Setup setup, Step step, State state, Act.LetIn l) {
    if (!setup.frames().containsKey(l.part())) {
      notHeld(step, l.part());
      return state;
    }
    if (state.stock(aim.part(l.part())).isEmpty()) {
      find(Entry.PART_GONE.told(Grade.STOP, l.part()), step.key(), l.part(), null);
    }
    return filled(state, step, l);
  }

  private boolean neck(State after, Part part, Body before) {
    return after
        .stock(part)
        .filter(b -> b.sound().thinSomewhere(aim.custom(Line.ROUTE_NECK)))
        .map(b -> b.sound().countWithout(aim.custom(Line.ROUTE_NECK)))
        .filter(n -> n > 1)
        .filter(n -> n > before.sound().countWithout(aim.custom(Line.ROUTE_NECK)))
        .isPresent();
  }

  private void partsInto(Step step, Body body, Act.Remove r) {
    double z = (r.region().minZ() + r.region().maxZ()) / 2;
    double bore =
        DoubleStream.of(r.region().minZ() + EDGE, z, r.region().maxZ() - EDGE)
            .map(x -> 2 * body.sound().inner(x))
            .max()
            .orElse(0);
    if (bore > aim.custom(Line.ROUTE_NECK)) {
      find(
          Entry.PARTS_INTO_HOLLOW.told(Grade.STOP, bore, 0),
          step.key(),
          r.part(),
          new Point(z, bore / 2));
    }
  }

  /** Takes a region off a body; what comes loose gets a name or is lost. */
  private State cut(State state, Body body, HalfSection region, List<Claim> claims, StepKey at) {
    Body rest = body.without(region);
    HalfSection clean = rest.sound().dusted();
    HalfSection cleanSwept = rest.round() ? clean : rest.swept().dusted();
    double gone = body.swept().volume() - rest.swept().volume();
    double dust = rest.swept().volume() - cleanSwept.volume();
    List<HalfSection> pieces = clean.pieces();
    List<HalfSection> sweptPieces = rest.round() ? pieces : cleanSwept.pieces();
    List<Part> inside = state.partsIn(body, aim);
    List<Body> now = new ArrayList<>();
    double loose = 0;
    List<HalfSection> kept = new ArrayList<>();
    for (HalfSection piece : pieces) {
      List<Part> owners = inside.stream().filter(p -> piece.holds(p.core())).toList();
      Optional<Claim> claim =
          claims.stream()
              .filter(c -> owners.stream().anyMatch(o -> o.name().equals(c.part())))
              .findFirst();
      boolean main = pieces.size() == 1;
      boolean holds = claim.isPresent() || main;
      if (owners.isEmpty() && !main) {
        loose += piece.volume();
        loose(piece, at, body.name());
        continue;
      }
      if (!holds) {
        // Set loose without anyone minding it: told, and the play goes on with it.
        loose(piece, at, owners.get(0).name());
      }
      HalfSection swept =
          rest.round()
              ? piece
              : sweptPieces.stream()
                  .filter(s -> owners.isEmpty() || s.holds(owners.get(0).core()))
                  .findFirst()
                  .orElse(piece);
      String name = main ? body.name() : owners.get(0).name();
      now.add(body.become(name, piece, rest.round() ? piece : swept));
      kept.add(piece);
    }
    if (claims.size() > 1 && pieces.size() == 1 && inside.size() > 1) {
      find(
          Entry.WEB_LEFT.told(
              Grade.STOP,
              pieces.get(0).at((region.minZ() + region.maxZ()) / 2).stream()
                  .mapToDouble(hazelkeep.solid.Span::length)
                  .sum(),
              0),
          at,
          body.name(),
          new Point((region.minZ() + region.maxZ()) / 2, 0));
    }
    return state.replaced(body, now, gone, dust, loose);
  }

  private void loose(HalfSection piece, StepKey at, String part) {
    find(
        Entry.COMES_LOOSE.told(Grade.STOP, piece.maxZ() - piece.minZ(), 0),
        at,
        part,
        new Point((piece.minZ() + piece.maxZ()) / 2, piece.maxR()));
  }

  /** Looks again at the surfaces near a cut; what it bared or hurt loses its treatment. */
  private State touched(State before, State after, Step step, HalfSection region) {
    Map<SurfaceId, Surf> changed = new LinkedHashMap<>();
    for (Part p : aim.parts()) {
      Optional<Body> was = before.stock(p);
      Optional<Body> is = after.stock(p);
      if (was.equals(is) && was.isPresent() && was.get().sound() == is.get().sound()) {
        continue;
      }
      HalfSection wood = is.map(Body::sound).orElse(HalfSection.EMPTY);
      for (Surface s : p.surfaces()) {
        if (is.isPresent() && !near(region, s.line())) {
          continue;
        }
        Surf old = after.surf(s.id());
        Surf now = State.look(wood, s, old);
        boolean cutHere =
            Math.abs(now.covered() - old.covered()) > 1e-9
                || Math.abs(now.lost() - old.lost()) > 1e-9;

        changed.put(
            s.id(),
            cutHere ? new Surf(now.covered(), now.lost(), 0, false, Optional.of(step.key())) : now);
      }
    }
    return after.with(changed);
  }

  private static boolean near(HalfSection region, Polyline line) {
    double z0 = Double.POSITIVE_INFINITY;
    double z1 = Double.NEGATIVE_INFINITY;
    double r1 = 0;
    for (Point p : line.points()) {
      z0 = Math.min(z0, p.z());
      z1 = Math.max(z1, p.z());
      r1 = Math.max(r1, p.r());
    }
    return region.minZ() <= z1 + 1 && region.maxZ() >= z0 - 1 && r1 >= region.minR() - 1;
  }

  private void cutReached(Setup setup, Step step, State after, Surface s) {
    Reaching.Answer a = reaching.of(setup, after, s, Doing.CUT);
    if (!a.workable() && after.surf(s.id()).bare()) {
      hidden(step, s, reaching.full(setup, after, s, Doing.CUT), Doing.CUT);
    }
  }

  private void hidden(Step step, Surface s, Reaching.Answer a, Doing doing) {
    double[] lacks = a.best().map(b -> reaching.lacks(b, doing)).orElse(new double[] {0, 1});
    find(
        Entry.HIDDEN.told(
            Grade.STOP, 100 * lacks[0], 100 * lacks[1], s.id().part(), s.id().name(), doing.done()),
        step.key(),
        s.id(),
        a.best().map(hazelkeep.solid.LineOfWork.Reach::hiddenAt).isPresent()
            ? s.line().points().get(s.line().points().size() / 2)
            : null);
  }

  /** Holds the two halves of a joint against one another as they now are. */
  private void trial(StepKey at, State state, Act.Try t) {
    Joint j =
        aim.joints().stream().filter(x -> x.name().equals(t.joint())).findFirst().orElseThrow();
    Optional<Body> outer = state.stock(aim.part(j.outer().part()));
    Optional<Body> inner = state.stock(aim.part(j.inner().part()));
    if (outer.isEmpty() || inner.isEmpty() || outer.get() == inner.get()) {
      return;
    }
    double recess = 2 * outer.get().sound().inner(midZ(j.outer()));
    double spigot = 2 * inner.get().swept().outer(midZ(j.inner()));
    double clearance = recess - spigot;
    if (clearance < NO_FIT) {
      // One of the two was not cut at all, which is told as wood that is left.
      return;
    }
    FitClass fit = t.jam() ? FitClass.JAM : j.use();
    double most = fit.most(recess, aim.practice());
    double least = fit.least(recess, aim.practice());
    double slack = aim.custom(Line.FIT_SLACK);
    if (clearance > most + slack) {
      Verdict v =
          t.jam()
              ? Entry.RECESS_TOO_BIG.told(Grade.STOP, clearance, most)
              : Entry.FIT_LOOSE.told(Grade.WATCH, clearance, most, fit.named());
      find(v, at, j.fitted().part(), aim.surface(j.fitted()).line().first());
    } else if (clearance < least - slack) {
      Entry tight = t.jam() ? Entry.JAM_HARD : Entry.FIT_TIGHT;
      Verdict v = tight.told(Grade.WATCH, clearance, least, fit.named());
      find(v, at, j.fitted().part(), aim.surface(j.fitted()).line().first());
    }
  }

  /** What is tighter than this by design is no fit yet, mm (common practice). */
  private static final double NO_FIT = -1;

  private double midZ(SurfaceId id) {
    Polyline line = aim.surface(id).line();
    return (line.first().z() + line.last().z()) / 2;
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
      find(
          Entry.BEFORE_CUT.told(Grade.STOP, 100 * was.covered(), 0, on.part(), on.name()),
          step.key(),
          on,
          s.line().first());
      return state;
    }
    Reaching.Answer a = reaching.of(setup, state, s, doing);
    if (!a.workable()) {
      hidden(step, s, reaching.full(setup, state, s, doing), doing);
      return state;
    }
    return state.with(Map.of(on, doing == Doing.SAND ? was.sanded(grit) : was.finished()));
  }

  /** A fit that no step of this play tries any more is held against its class as it is. */
  private void fitted(State end) {
    StepKey last = stages.isEmpty() ? null : stages.get(stages.size() - 1).step().key();
    for (Joint j : aim.joints()) {
      boolean tries =
          stages.stream()
              .flatMap(s -> s.step().acts().stream())
              .anyMatch(a -> a instanceof Act.Try t && !t.jam() && t.joint().equals(j.name()));
      if (!tries && end.surf(j.outer()).bare() && end.surf(j.inner()).bare()) {
        trial(last, end, new Act.Try(j.name(), false));
      }
    }
  }

  /** Two equalities end every play: no wood left, none missing. */
  private void whole(State end) {
    fitted(end);
    for (Part p : aim.parts()) {
      HalfSection wood = end.stock(p).map(Body::sound).orElse(HalfSection.EMPTY);
      if (wood.isEmpty()) {
        continue;
      }
      HalfSection left = wood.minus(p.target()).dusted();
      HalfSection missing = p.target().minus(wood).dusted();
      StepKey last = stages.isEmpty() ? null : stages.get(stages.size() - 1).step().key();
      if (left.area() > HalfSection.DUST_AREA) {
        find(
            Entry.WOOD_LEFT.told(Grade.STOP, left.volume() / 1000, 0, p.name()),
            last,
            p.name(),
            middle(left));
      }
      if (missing.area() > HalfSection.DUST_AREA) {
        find(
            Entry.WOOD_MISSING.told(Grade.STOP, missing.volume() / 1000, 0, p.name()),
            last,
            p.name(),
            middle(missing));
      }
    }
  }

  private static Point middle(HalfSection h) {
    HalfSection most = h.pieces().get(0);
    double z = (most.minZ() + most.maxZ()) / 2;
    return new Point(z, (most.inner(z) + most.outer(z)) / 2);
  }

  private void tell(List<EarlyFits.Early> early) {
    early.forEach(e -> find(e.verdict(), e.at(), e.part(), null));
  }

  private void find(Verdict v, StepKey at, String part, Point where) {
    find(v, at, new SurfaceId(part, ""), where);
  }

  private void find(Verdict v, StepKey at, SurfaceId on, Point where) {
    findings.add(
        new Finding(
            v,
            Optional.ofNullable(at),
            on.part(),
            on.name(),
            Optional.ofNullable(where),
            v.helps(held != null && (held.supported() || held.steady().isPresent())),
            List.of()));
  }
}
