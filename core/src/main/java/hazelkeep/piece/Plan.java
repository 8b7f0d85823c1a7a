package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.hold.Hold;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Hedge;
import hazelkeep.measure.Length;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Progress;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Means;
import hazelkeep.route.Prompt;
import hazelkeep.route.Rehearsal;
import hazelkeep.route.Remedy;
import hazelkeep.route.Route;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A design with everything that follows from it, rehearsed.
 *
 * @param <D> the design record
 * @param sketch the design drawn, with every finding: of the design, then of the route
 * @param edits the turner's changes of the route
 * @param route the whole route
 * @param rehearsal the route played, or what is left of it
 * @param practice the lines of Practice that were asked on the way, and those of setting out
 */
public record Plan<D extends Design>(
    Sketch<D> sketch, List<RouteEdit> edits, Route route, Rehearsal rehearsal, Set<Line> practice) {

  /**
   * Where the work stands when a plan is made in the middle of it.
   *
   * @param readings valid readings, true lengths in mm
   * @param now the wood as it is, by what the aim then was; null for the untouched blank
   * @param done steps that are not played again
   * @param route the whole route from there, with the turner's changes and with steps that are owed
   *     again where they can be done; empty for the recipe's with the changes
   * @param weak what was found in the wood and only weakens it
   * @param gone parts that are lost for good, and without which the piece goes on
   */
  public record Standing(
      Map<DimKey, Double> readings,
      State now,
      Set<StepKey> done,
      Optional<Route> route,
      List<Weakness> weak,
      Set<String> gone) {
    /** Nothing done yet. */
    public static final Standing NEW =
        new Standing(Map.of(), null, Set.of(), Optional.empty(), List.of(), Set.of());
  }

  /**
   * Plans and rehearses from the blank.
   *
   * @throws BadDesign when the design can't be drawn
   */
  public static <D extends Design> Plan<D> of(
      Kind<D> kind, D design, Shop shop, List<RouteEdit> edits) {
    return of(kind, design, shop, edits, Standing.NEW);
  }

  /**
   * Plans and rehearses from where the work stands.
   *
   * @throws BadDesign when the design can't be drawn
   */
  public static <D extends Design> Plan<D> of(
      Kind<D> kind, D design, Shop shop, List<RouteEdit> edits, Standing standing) {
    Set<Line> asked = Practice.none();
    Plan<D> plan =
        Patience.within(
            Patience.PLAN,
            () -> Practice.noting(asked, () -> made(kind, design, shop, edits, standing)));
    asked.addAll(Line.SETTING_OUT);
    return new Plan<>(plan.sketch, plan.edits, plan.route, plan.rehearsal, asked);
  }

  private static <D extends Design> Plan<D> made(
      Kind<D> kind, D design, Shop shop, List<RouteEdit> edits, Standing standing) {
    Sketch<D> sketch = Sketch.of(kind, design, shop, standing.readings());
    Aim aim = sketch.aim();
    Route route =
        standing
            .route()
            .orElseGet(() -> kind.route(design, aim, shop).with(edits, new Means(aim, shop)));
    State start = standing.now() == null ? State.start(aim) : standing.now().looked(aim);
    Rehearsal played = Rehearsal.play(start, route.without(standing.done()), aim, shop);
    List<Finding> findings = new ArrayList<>(sketch.findings());
    findings.addAll(played.findings());
    Map<String, Double> planes = kind.anchors(design, aim.sizes());
    for (Weakness w : standing.weak()) {
      w.told(aim, planes.getOrDefault(w.as().part(), 0.0)).ifPresent(findings::add);
    }
    findings.removeIf(f -> standing.gone().contains(f.part()));
    for (String part : standing.gone()) {
      findings.add(Finding.of(Entry.PART_GIVEN_UP.told(Grade.NOTE, part), part, null));
    }
    if (standing.readings().isEmpty()) {
      findings.addAll(new Unused<>(kind, design, shop).sizes(aim));
    }
    findings.addAll(Unused.edits(edits, route, aim));
    Causes.effectsLeftOut(findings);
    findings.sort(Comparator.comparing(Finding::grade));
    return new Plan<>(sketch.with(findings), List.copyOf(edits), route, played, Set.of());
  }

  /** The kind of piece. */
  public Kind<D> kind() {
    return sketch.kind();
  }

  /** What holds the work, with the kind's own words for its parts. */
  public String words(Hold hold) {
    return hold.words(kind()::called);
  }

  /** What was stated. */
  public D design() {
    return sketch.design();
  }

  /** The shop it is planned for. */
  public Shop shop() {
    return sketch.shop();
  }

  /** Parts, joints and dimensions. */
  public Aim aim() {
    return sketch.aim();
  }

  /** What would go wrong, the gravest first. */
  public List<Finding> findings() {
    return sketch.findings();
  }

  /** What a step asks to be measured. */
  public List<Prompt> prompts(Step step) {
    return Prompt.of(step, aim(), shop());
  }

  /** How many findings forbid the work. */
  public long stops() {
    return count(Grade.STOP);
  }

  /** How many findings are to be watched. */
  public long watches() {
    return count(Grade.WATCH);
  }

  private long count(Grade grade) {
    return findings().stream().filter(f -> f.grade() == grade).count();
  }

  /**
   * This plan with each finding's remedies tried: those stay that remove it and add none of weight.
   */
  public Plan<D> withRemedies() {
    Map<Object, Optional<Plan<D>>> memo = new HashMap<>();
    WaysOut ways = new WaysOut(sketch);
    List<Finding> out = new ArrayList<>();
    boolean fights = findings().stream().anyMatch(f -> f.grade() == Grade.STOP && f.at().isEmpty());
    List<Remedy> ends = fights ? ends() : List.of();
    for (Finding f : findings()) {
      List<Remedy> first = f.at().isEmpty() && f.grade() == Grade.STOP ? ends : List.of();
      out.add(
          Progress.round(
              out.size(), findings().size(), () -> f.with(helping(f, first, ways, memo))));
    }
    return new Plan<>(sketch.with(out), edits, route, rehearsal, practice);
  }

  /** Whole plans that are tried for the ways out of all findings, the gravest first. */
  private static final int TRIED = 200;

  /** Ways out of a finding that are worth trying, those that a turner would take first. */
  public List<Remedy> worthTrying(Finding f) {
    return new WaysOut(sketch).of(f, kind().remedies(design(), f, aim(), shop()));
  }

  /** Whether a change keeps the wish: what was bought or must go in stays, no size is halved. */
  public boolean keepsWish(Remedy r) {
    return new WaysOut(sketch).sensible(r);
  }

  /** What stated sizes that fight would have to become. */
  private List<Remedy> ends() {
    List<Remedy> out = new ArrayList<>();
    kind()
        .fight(design(), shop())
        .forEach((key, mm) -> mm.ifPresent(to -> out.add(new Remedy.SetDim(key, Length.mm(to)))));
    return out;
  }

  private List<Remedy> helping(
      Finding f, List<Remedy> first, WaysOut ways, Map<Object, Optional<Plan<D>>> memo) {
    List<Remedy> helps = new ArrayList<>(f.remedies());
    // What the turner changed of the route may be what brought it.
    Set<Remedy> tries = new LinkedHashSet<>();
    edits.forEach(e -> tries.add(new Remedy.Restore(e.about())));
    tries.addAll(first);
    tries.addAll(ways.of(f, kind().remedies(design(), f, aim(), shop())));
    for (Remedy r : tries) {
      if (helps.size() < 2
          && memo.size() < TRIED
          && memo.computeIfAbsent(r, x -> applied(r)).filter(p -> helps(p, f)).isPresent()) {
        helps.add(r);
      }
    }
    return List.copyOf(helps);
  }

  /**
   * Whether a finding is gone, and nothing came that is as grave as a watch or graver than it was.
   */
  private boolean helps(Plan<D> then, Finding gone) {
    if (then.findings().stream().anyMatch(gone::sameAs)) {
      return false;
    }
    return then.findings().stream()
        .filter(f -> f.grade() != Grade.NOTE)
        .allMatch(
            f ->
                findings().stream()
                    .anyMatch(g -> g.sameAs(f) && g.grade().compareTo(f.grade()) <= 0));
  }

  /** The plan with a remedy applied; empty when that can't be drawn. */
  public Optional<Plan<D>> applied(Remedy remedy) {
    try {
      return Optional.of(of(kind(), changed(remedy), shop(), remedy.applied(edits)));
    } catch (Refused e) {
      return Optional.empty();
    }
  }

  /** The design with a remedy applied; itself for a remedy of the route. */
  public D changed(Remedy remedy) {
    return changed(kind(), design(), remedy);
  }

  /**
   * A design with a remedy applied; itself for a remedy of the route.
   *
   * @throws Refused when it names a choice that the kind has not
   */
  public static <D extends Design> D changed(Kind<D> kind, D from, Remedy remedy) {
    if (remedy instanceof Remedy.SetDim set) {
      return kind.size(from, set.key(), Optional.of(new Size(set.to(), Hedge.EXACT)));
    }
    if (remedy instanceof Remedy.LetGo go) {
      return kind.size(from, go.key(), Optional.empty());
    }
    if (remedy instanceof Remedy.Choose choose) {
      return kind.choose(from, choose.choice(), choose.option());
    }
    if (remedy instanceof Remedy.Together together) {
      D next = from;
      for (Remedy r : together.all()) {
        next = changed(kind, next, r);
      }
      return next;
    }
    return from;
  }

  /** Dimensions that differ between this plan and an earlier one, in this plan's words. */
  public List<Dim> changedSince(Plan<D> earlier) {
    List<Dim> out = new ArrayList<>();
    Set<DimKey> seen = new HashSet<>();
    for (Dim d : aim().dims().values()) {
      Dim was = earlier.aim().dims().get(d.key());
      if (was != null && Math.abs(was.mm() - d.mm()) > 1e-9 && seen.add(d.key())) {
        out.add(d);
      }
    }
    return out;
  }
}
