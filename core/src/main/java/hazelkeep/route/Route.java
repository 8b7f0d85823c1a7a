package hazelkeep.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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

  /** This route with the turner's changes, applied in order. */
  public Route with(List<RouteEdit> edits) {
    List<List<Step>> steps = new ArrayList<>();
    setups.forEach(s -> steps.add(new ArrayList<>(s.steps())));
    List<RouteEdit> lost = new ArrayList<>(ignored);
    for (RouteEdit edit : edits) {
      if (!apply(edit, steps)) {
        lost.add(edit);
      }
    }
    List<Setup> out = new ArrayList<>();
    for (int i = 0; i < setups.size(); i++) {
      Setup s = setups.get(i);
      out.add(new Setup(s.name(), s.title(), s.hold(), s.frames(), steps.get(i)));
    }
    return new Route(out, lost);
  }

  private static boolean apply(RouteEdit edit, List<List<Step>> steps) {
    Optional<Step> moved =
        steps.stream().flatMap(List::stream).filter(s -> s.key().equals(edit.what())).findFirst();
    if (moved.isEmpty()) {
      return false;
    }
    if (edit instanceof RouteEdit.MoveAfter move) {
      for (List<Step> in : steps) {
        int at = index(in, move.after());
        if (at >= 0 && !move.after().equals(move.what())) {
          Step anchor = in.get(at);
          steps.forEach(l -> l.remove(moved.get()));
          in.add(in.indexOf(anchor) + 1, moved.get());
          return true;
        }
      }
      return false;
    }
    steps.forEach(l -> l.remove(moved.get()));
    return true;
  }

  private static int index(List<Step> in, StepKey key) {
    for (int i = 0; i < in.size(); i++) {
      if (in.get(i).key().equals(key)) {
        return i;
      }
    }
    return -1;
  }

  /** This route without some steps; setups left empty go with them. */
  public Route without(java.util.Set<StepKey> done) {
    List<Setup> out = new ArrayList<>();
    for (Setup s : setups) {
      List<Step> rest = s.steps().stream().filter(x -> !done.contains(x.key())).toList();
      if (!rest.isEmpty()) {
        out.add(new Setup(s.name(), s.title(), s.hold(), s.frames(), rest));
      }
    }
    return new Route(out, ignored);
  }
}
