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
    return bared == null ? route : put(route, bared, step);
  }

  private static Route put(Route route, Place after, Function<String, Step> step) {
    List<Setup> setups = new ArrayList<>(route.setups());
    Setup setup = setups.get(after.setup);
    List<Step> steps = new ArrayList<>(setup.steps());
    steps.add(after.step + 1, step.apply(setup.name()));
    setups.set(after.setup, setup.with(steps));
    return new Route(setups, route.ignored());
  }

  private static boolean bares(Step step, SurfaceId on) {
    return step.acts().stream().anyMatch(a -> a instanceof Act.Remove r && r.bares().contains(on));
  }

  private static boolean treats(Step step, SurfaceId on) {
    return step.acts().stream()
        .anyMatch(
            a ->
                a instanceof Act.Sand s && s.on().equals(on)
                    || a instanceof Act.Coat c && c.on().equals(on));
  }
}
