package hazelkeep.element;

import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Route;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Where steps of elements go in a route. */
final class Order {
  private Order() {}

  /** A step of a route. */
  private record Place(int setup, int step) {}

  /**
   * A route with a step right after the last one that bares a surface before it is sanded: cut
   * first, then sanded. What was put there before comes before it.
   *
   * @param step the step, by the name of the setup that it is done in
   */
  static Route after(Route route, String part, String surface, Function<String, Step> step) {
    SurfaceId on = new SurfaceId(part, surface);
    Place bared = null;
    boolean sanded = false;
    for (int i = 0; i < route.setups().size() && !sanded; i++) {
      List<Step> steps = route.setups().get(i).steps();
      for (int k = 0; k < steps.size() && !sanded; k++) {
        bared = bares(steps.get(k), on) ? new Place(i, k) : bared;
        sanded = bared != null && treats(steps.get(k), on);
      }
    }
    return bared == null ? route : put(route, bared, on, step);
  }

  /** A route with a step on the bench, before it is signed. */
  static Route bench(Route route, String part, Function<String, Step> step) {
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
    steps.add(signed ? steps.size() - 1 : steps.size(), step.apply(bench.name()));
    setups.set(last, bench.with(steps));
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

  private static Route put(Route route, Place after, SurfaceId on, Function<String, Step> step) {
    List<Setup> setups = new ArrayList<>(route.setups());
    Setup setup = setups.get(after.setup);
    List<Step> steps = new ArrayList<>(setup.steps());
    Step bared = steps.get(after.step);
    Step added = step.apply(setup.name());
    if (treats(bared, on)) {
      // One step cuts and sands: what comes between takes the sanding with it.
      List<Act> later = bared.acts().stream().filter(a -> treats(a, on)).toList();
      List<Act> now = bared.acts().stream().filter(a -> !treats(a, on)).toList();
      steps.set(after.step, with(bared, now));
      added = with(added, Acts.both(added.acts(), later));
    }
    steps.add(after.step + 1, added);
    setups.set(after.setup, setup.with(steps));
    return new Route(setups, route.ignored());
  }

  private static Step with(Step step, List<Act> acts) {
    return new Step(step.key(), step.title(), step.words(), step.at(), acts, step.bit());
  }

  /** Whether any step of a route bares a surface on the lathe. */
  static boolean bares(Route route, String part, String surface) {
    SurfaceId on = new SurfaceId(part, surface);
    return route.setups().stream()
        .filter(s -> s.hold().onLathe())
        .flatMap(s -> s.steps().stream())
        .anyMatch(s -> bares(s, on));
  }

  private static boolean bares(Step step, SurfaceId on) {
    return step.acts().stream().anyMatch(a -> a instanceof Act.Remove r && r.bares().contains(on));
  }

  private static boolean treats(Step step, SurfaceId on) {
    return step.acts().stream().anyMatch(a -> treats(a, on));
  }

  private static boolean treats(Act act, SurfaceId on) {
    return act instanceof Act.Sand s && s.on().equals(on)
        || act instanceof Act.Coat c && c.on().equals(on);
  }
}
