package hazelkeep.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Setups in order.
 *
 * @param setups what is held how, in order
 * @param ignored edits whose steps are not in this route: kept, and reported
 */
public record Route(List<Setup> setups, List<RouteEdit> ignored) {
  /** Copies the lists. */
  public Route {
    setups = List.copyOf(setups);
    ignored = List.copyOf(ignored);
  }

  /** All steps in order. */
  public List<Step> steps() {
    return setups.stream().flatMap(s -> s.steps().stream()).toList();
  }

  /** The step of that name. */
  public Optional<Step> step(StepKey key) {
    return steps().stream().filter(s -> s.key().equals(key)).findFirst();
  }

  /** This route with changes that move and drop, applied in order. */
  public Route with(List<RouteEdit> edits) {
    return with(edits, null);
  }

  /**
   * This route with the turner's changes, applied in order; what can't be done is kept apart.
   *
   * @param means what new holds and steps are made with
   */
  public Route with(List<RouteEdit> edits, Means means) {
    Editing editing = new Editing(setups, means);
    List<RouteEdit> lost = new ArrayList<>(ignored);
    for (RouteEdit edit : edits) {
      if (!editing.apply(edit)) {
        lost.add(edit);
      }
    }
    return new Route(editing.setups(), lost);
  }

  /** This route with a setup before the first one that is meant; before all where none is. */
  public Route before(Setup setup, Predicate<Setup> meant) {
    List<Setup> out = new ArrayList<>(setups);
    int at = 0;
    while (at < out.size() && !meant.test(out.get(at))) {
      at++;
    }
    out.add(at == out.size() ? 0 : at, setup);
    return new Route(out, ignored);
  }

  /**
   * This route without what is done to parts that are gone: but for cuts that set something free,
   * which are made in what is still there.
   */
  public Route leaving(Set<String> parts) {
    if (parts.isEmpty()) {
      return this;
    }
    List<Setup> out = new ArrayList<>();
    for (Setup s : setups) {
      List<Step> left =
          s.steps().stream().map(x -> leaving(x, parts)).filter(x -> !x.acts().isEmpty()).toList();
      if (!left.isEmpty()) {
        out.add(s.with(left));
      }
    }
    return new Route(out, ignored);
  }

  private static Step leaving(Step step, Set<String> parts) {
    List<Act> acts =
        step.acts().stream()
            .filter(
                a ->
                    !parts.contains(a.part()) || a instanceof Act.Remove r && !r.claims().isEmpty())
            .toList();
    return new Step(step.key(), step.title(), step.words(), step.at(), acts, step.bit());
  }

  /** This route without some steps; setups left empty go with them. */
  public Route without(Set<StepKey> done) {
    List<Setup> out = new ArrayList<>();
    for (Setup s : setups) {
      List<Step> rest = s.steps().stream().filter(x -> !done.contains(x.key())).toList();
      if (!rest.isEmpty()) {
        out.add(s.with(rest));
      }
    }
    return new Route(out, ignored);
  }
}
