package hazelkeep.workbench;

import hazelkeep.hold.OnPartner;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.Means;
import hazelkeep.route.Prompt;
import hazelkeep.route.Route;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Where a run stands, not rehearsed: the wood as the facts made it, what is to become of it, and
 * the route from there.
 *
 * @param <D> the design record
 */
final class Standing<D extends Design> {
  /** Less wood than this in the way of a cut, mm2 of section, is not owed. */
  private static final double OWED = 0.5;

  final Kind<D> kind;
  final D design;
  final Shop shop;
  private final List<RouteEdit> edits;
  final Replay<D> log;
  final Aim aim;
  final State now;
  private Route recipe;
  private Route route;
  private Set<StepKey> done;

  Standing(Kind<D> kind, D design, Shop shop, List<RouteEdit> edits, Replay<D> log) {
    this.kind = kind;
    this.design = design;
    this.shop = shop;
    this.edits = edits;
    this.log = log;
    this.aim = log.aim();
    this.now = log.now();
  }

  /** What is to be made, with everything that was measured. */
  Aim aim() {
    return aim;
  }

  Map<String, Double> anchors() {
    return kind.anchors(design, aim.sizes());
  }

  /** The route with the turner's changes, nothing left out. */
  Route recipe() {
    if (recipe == null) {
      recipe = kind.route(design, aim, shop).with(edits, new Means(aim, shop));
      // What has an offcut of its own begins with that in the recipe as it is.
      for (String part : log.raw().stream().filter(p -> aim.own(p).isEmpty()).toList()) {
        recipe = recipe.before(FreshBlank.setup(aim, part), s -> alone(s, part));
      }
      recipe = recipe.leaving(log.gone());
    }
    return recipe;
  }

  /** Whether a setup holds a part that hangs on no one blank with another. */
  private static boolean alone(Setup s, String part) {
    return s.frames().containsKey(part)
        && (s.frames().size() == 1 || s.hold().grip() instanceof OnPartner);
  }

  /** The route from here, with what is owed again where it can be done. */
  Route route() {
    if (route == null) {
      route = recipe().with(moves());
    }
    return route;
  }

  Optional<Setup> setup(StepKey key) {
    return recipe().setups().stream()
        .filter(s -> s.steps().stream().anyMatch(x -> x.key().equals(key)))
        .findFirst();
  }

  /** Steps that were done and are not owed again. */
  Set<StepKey> done() {
    if (done == null) {
      done = new LinkedHashSet<>();
      for (StepKey key : log.logged().keySet()) {
        boolean owed =
            recipe().step(key).stream()
                .flatMap(x -> x.acts().stream())
                .anyMatch(a -> a instanceof Act.Remove r && owes(r));
        if (!owed) {
          done.add(key);
        }
      }
      recipe().setups().forEach(this::passed);
      marked();
    }
    return done;
  }

  /**
   * Steps that only cut, before others of their hold that were done, and that find no wood to cut:
   * an order that came later has them, and their work is done.
   */
  private void passed(Setup s) {
    List<StepKey> keys = s.steps().stream().map(Step::key).toList();
    int last = -1;
    for (StepKey key : log.logged().keySet()) {
      last = Math.max(last, keys.indexOf(key));
    }
    for (Step step : s.steps().subList(0, last + 1)) {
      boolean cuts =
          step.acts().stream().allMatch(a -> a instanceof Act.Remove || a instanceof Act.Read);
      boolean owed = step.acts().stream().anyMatch(a -> a instanceof Act.Remove r && finds(r));
      if (cuts && !owed && !log.logged().containsKey(step.key())) {
        done.add(step.key());
      }
    }
  }

  /** Steps that leave the wood as it is, before another hold in which something was done. */
  private void marked() {
    List<Setup> all = recipe().setups();
    int last = all.size() - 1;
    while (last >= 0
        && all.get(last).steps().stream().noneMatch(s -> log.logged().containsKey(s.key()))) {
      last--;
    }
    for (Setup s : all.subList(0, Math.max(0, last))) {
      s.steps().stream()
          .filter(x -> x.acts().stream().allMatch(Act.Mark.class::isInstance))
          .map(Step::key)
          .forEach(done::add);
    }
  }

  /** What is measured in steps that were done: sizes that are cut. */
  Set<DimKey> cut() {
    return route().steps().stream()
        .filter(s -> done().contains(s.key()))
        .flatMap(s -> Prompt.of(s, aim, shop).stream())
        .map(p -> p.dim().key())
        .collect(Collectors.toSet());
  }

  /** Whether a cut to size, as it is planned now, would still find wood. */
  private boolean owes(Act.Remove r) {
    return !r.bares().isEmpty() && finds(r);
  }

  /** Whether a cut still finds wood. */
  private boolean finds(Act.Remove r) {
    return now.stock(aim.part(r.part()))
        .filter(b -> b.sound().and(r.region()).area() > OWED)
        .isPresent();
  }

  /**
   * Steps owed again are done in the setup now mounted, where it holds their part; else in the next
   * one that does, when the one they belong to held parts together that now lie apart.
   */
  private List<RouteEdit> moves() {
    List<RouteEdit> moves = new ArrayList<>();
    StepKey last = null;
    for (StepKey key : log.logged().keySet()) {
      last = setup(key).isPresent() ? key : last;
    }
    for (StepKey key : log.logged().keySet()) {
      Optional<Setup> own = setup(key);
      if (done().contains(key) || own.isEmpty()) {
        continue;
      }
      if (setup(last).filter(s -> !s.equals(own.get()) && holds(s, key)).isPresent()) {
        moves.add(new RouteEdit.MoveAfter(key, last));
      } else if (apart(own.get())) {
        recipe().setups().stream()
            .filter(s -> !s.equals(own.get()) && holds(s, key))
            .flatMap(s -> s.steps().stream())
            .map(Step::key)
            .filter(k -> !done().contains(k) && !log.logged().containsKey(k))
            .findFirst()
            .ifPresent(k -> moves.add(new RouteEdit.MoveAfter(key, k)));
      }
    }
    return moves;
  }

  private boolean holds(Setup s, StepKey step) {
    return s.hold().onLathe() && s.frames().keySet().containsAll(parts(step));
  }

  /** Whether a setup would carry parts as one blank that are one no more. */
  private boolean apart(Setup s) {
    return !(s.hold().grip() instanceof OnPartner)
        && s.frames().keySet().stream().map(p -> now.stock(aim.part(p))).distinct().count() > 1;
  }

  private Set<String> parts(StepKey key) {
    Set<String> out = new HashSet<>();
    for (Act a : recipe().step(key).map(Step::acts).orElse(List.of())) {
      if (a instanceof Act.Remove r) {
        out.add(r.part());
      }
    }
    return out;
  }

  /** What is left, rehearsed from the wood as it is. */
  Plan<D> plan() {
    return Plan.of(
        kind,
        design,
        shop,
        edits,
        new Plan.Standing(
            log.standing(), now, done(), Optional.of(route()), log.weak(), log.gone()));
  }

  /** Whether a part hangs on no one blank with another any more. */
  static boolean alone(State now, Aim aim, String part) {
    Optional<Body> stock = now.stock(aim.part(part));
    return stock.isPresent()
        && aim.parts().stream()
            .map(Part::name)
            .filter(q -> !q.equals(part))
            .noneMatch(q -> now.stock(aim.part(q)).equals(stock));
  }
}
