package hazelkeep.element;

import hazelkeep.route.Act;
import hazelkeep.route.Route;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Where steps of elements go in a route. */
final class Order {
  private Order() {}

  /**
   * A route with a step right after the last one that bares a surface, and after those that were
   * put there before; cut before it is sanded.
   *
   * @param step the step, by the name of the setup that it is done in
   */
  static Route after(Route route, String part, String surface, Function<String, Step> step) {
    SurfaceId on = new SurfaceId(part, surface);
    int last = -1;
    for (int i = 0; i < route.setups().size(); i++) {
      if (route.setups().get(i).steps().stream().anyMatch(s -> bares(s, on))) {
        last = i;
      }
    }
    if (last < 0) {
      return route;
    }
    List<Setup> setups = new ArrayList<>(route.setups());
    Setup setup = setups.get(last);
    List<Step> steps = new ArrayList<>(setup.steps());
    int at = 0;
    for (int i = 0; i < steps.size(); i++) {
      at = bares(steps.get(i), on) ? i + 1 : at;
    }
    steps.add(at, step.apply(setup.name()));
    setups.set(last, setup.with(steps));
    return new Route(setups, route.ignored());
  }

  private static boolean bares(Step step, SurfaceId on) {
    return step.acts().stream().anyMatch(a -> a instanceof Act.Remove r && r.bares().contains(on));
  }
}
