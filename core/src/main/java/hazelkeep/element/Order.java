package hazelkeep.element;

import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Route;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;

/** Where steps of elements go in a route. */
final class Order {
  private Order() {}

  /** A step of a route. */
  private record Place(int setup, int step) {}

  /**
   * A route with steps right after the last one that bares a surface before it is sanded: cut
   * first, then sanded. What was put there before comes before it. Where no step names the surface,
   * as in a bore, it is the last one that takes wood off it.
   *
   * @param work the steps, by the name of the setup that they are done in
   */
  static Route after(Route route, Surface surface, Function<String, List<Step>> work) {
    SurfaceId on = surface.id();
    Predicate<Step> bares =
        bares(route, on) ? s -> bares(s, on) : s -> surface.inside() && opens(s, surface);
    Place bared = null;
    boolean sanded = false;
    for (int i = 0; i < route.setups().size() && !sanded; i++) {
      List<Step> steps = route.setups().get(i).steps();
      for (int k = 0; k < steps.size() && !sanded; k++) {
        bared = bares.test(steps.get(k)) ? new Place(i, k) : bared;
        sanded = bared != null && treats(steps.get(k), on);
      }
    }
    return bared == null ? route : put(route, bared, work, a -> treats(a, on));
  }

  /**
   * A route with steps after a surface was sanded, as a texture that abrasive would take off again,
   * and before it is coated; after it is cut where nothing sands it.
   */
  static Route sanded(Route route, Surface surface, Function<String, List<Step>> work) {
    SurfaceId on = surface.id();
    for (int i = 0; i < route.setups().size(); i++) {
      List<Step> steps = new ArrayList<>(route.setups().get(i).steps());
      for (int k = 0; k < steps.size(); k++) {
        if (steps.get(k).acts().stream()
            .anyMatch(a -> a instanceof Act.Sand s && s.on().equals(on))) {
          return put(
              route, new Place(i, k), work, a -> a instanceof Act.Coat c && c.on().equals(on));
        }
      }
    }
    return after(route, surface, work);
  }

  /** A route with steps on the bench, before it is signed. */
  static Route bench(Route route, String part, Function<String, List<Step>> work) {
    List<Setup> setups = new ArrayList<>(route.setups());
    int last = setups.size() - 1;
    boolean there =
        last >= 0
            && !setups.get(last).hold().onLathe()
            && setups.get(last).frames().containsKey(part);
    if (!there) {
      setups.add(
          new Setup(
              "bench",
              "On the bench",
              Hold.of(new OffLathe()),
              Map.of(part, Work.FLAT),
              List.of()));
      last++;
    }
    Setup bench = setups.get(last);
    List<Step> steps = new ArrayList<>(bench.steps());
    boolean signed =
        !steps.isEmpty()
            && steps.get(steps.size() - 1).acts().stream().anyMatch(a -> a instanceof Act.Mark);
    steps.addAll(signed ? steps.size() - 1 : steps.size(), work.apply(bench.name()));
    setups.set(last, bench.with(steps));
    return new Route(setups, route.ignored());
  }

  /** A route with what is done to the blank on the bench before anything else. */
  static Route first(Route route, String part, Function<String, List<Step>> work) {
    List<Step> steps = work.apply(BLANK);
    if (steps.isEmpty()) {
      return route;
    }
    List<Setup> setups = new ArrayList<>(route.setups());
    boolean there = !setups.isEmpty() && setups.get(0).name().equals(BLANK);
    List<Step> all = new ArrayList<>(there ? setups.remove(0).steps() : List.of());
    all.addAll(steps);
    Hold bench = Hold.of(new OffLathe());
    setups.add(0, new Setup(BLANK, "The blank", bench, Map.of(part, Work.FLAT), all));
    return new Route(setups, route.ignored());
  }

  private static final String BLANK = "blank";

  /** A route with holds of something that is made by itself, before the last ones on the bench. */
  static Route own(Route route, List<Setup> more) {
    List<Setup> setups = new ArrayList<>(route.setups());
    int at = setups.size();
    while (at > 0 && !setups.get(at - 1).hold().onLathe()) {
      at--;
    }
    setups.addAll(at, more);
    return new Route(setups, route.ignored());
  }

  /** A route none of whose cuts takes what is left standing for later. */
  static Route sparing(Route route, HalfSection rough) {
    if (rough.isEmpty()) {
      return route;
    }
    List<Setup> setups =
        route.setups().stream()
            .map(s -> s.with(s.steps().stream().map(x -> sparing(x, rough)).toList()))
            .toList();
    return new Route(setups, route.ignored());
  }

  private static Step sparing(Step step, HalfSection rough) {
    List<Act> acts =
        step.acts().stream()
            .map(a -> a instanceof Act.Remove r ? Acts.sparing(r, rough) : a)
            .toList();
    return with(step, acts);
  }

  /** Steps put after another; what that one would do too early they take with them. */
  private static Route put(
      Route route, Place after, Function<String, List<Step>> work, Predicate<Act> early) {
    List<Setup> setups = new ArrayList<>(route.setups());
    Setup setup = setups.get(after.setup);
    List<Step> steps = new ArrayList<>(setup.steps());
    Step bared = steps.get(after.step);
    List<Step> added = new ArrayList<>(work.apply(setup.name()));
    List<Act> later = bared.acts().stream().filter(early).toList();
    if (!later.isEmpty()) {
      steps.set(after.step, with(bared, bared.acts().stream().filter(early.negate()).toList()));
      int last = added.size() - 1;
      added.set(last, with(added.get(last), Acts.both(added.get(last).acts(), later)));
    }
    steps.addAll(after.step + 1, added);
    setups.set(after.setup, setup.with(steps));
    return new Route(setups, route.ignored());
  }

  private static Step with(Step step, List<Act> acts) {
    return new Step(step.key(), step.title(), step.words(), step.at(), acts, step.bit());
  }

  /** Whether any step of a route bares a surface on the lathe. */
  static boolean bares(Route route, SurfaceId on) {
    return route.setups().stream()
        .filter(s -> s.hold().onLathe())
        .flatMap(s -> s.steps().stream())
        .anyMatch(s -> bares(s, on));
  }

  private static boolean bares(Step step, SurfaceId on) {
    return step.acts().stream().anyMatch(a -> a instanceof Act.Remove r && r.bares().contains(on));
  }

  /** Whether a step takes wood off all that lies before a surface, whatever it names. */
  private static boolean opens(Step step, Surface surface) {
    return step.acts().stream()
        .anyMatch(
            a ->
                a instanceof Act.Remove r
                    && r.part().equals(surface.id().part())
                    && r.region().and(surface.zone()).area() > HalfSection.DUST_AREA);
  }

  private static boolean treats(Step step, SurfaceId on) {
    return step.acts().stream().anyMatch(a -> treats(a, on));
  }

  private static boolean treats(Act act, SurfaceId on) {
    return act instanceof Act.Sand s && s.on().equals(on)
        || act instanceof Act.Coat c && c.on().equals(on);
  }
}
