package hazelkeep.web.route;

import hazelkeep.measure.Refused;
import hazelkeep.route.Route;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.List;

/** Where a step or a hold goes when it goes one place on, and the changes with one more. */
final class Moves {
  /** More changes than this make a recipe of one's own, not a changed one. */
  private static final int MOST = 200;

  private Moves() {}

  /**
   * Changes of a route with one more.
   *
   * @throws Refused when there are too many already
   */
  static List<RouteEdit> with(List<RouteEdit> edits, RouteEdit more) {
    if (edits.size() >= MOST) {
      throw new Refused(Sentences.of("moves.there-are-changes-already", MOST));
    }
    List<RouteEdit> all = new ArrayList<>(edits);
    all.add(more);
    return all;
  }

  /**
   * A step right before the one it follows now, or last in the hold before.
   *
   * @throws Refused when it is the first, or in the route no more
   */
  static RouteEdit earlier(Route route, StepKey what) {
    List<Setup> setups = route.setups();
    for (int i = 0; i < setups.size(); i++) {
      List<Step> steps = setups.get(i).steps();
      for (int j = 0; j < steps.size(); j++) {
        if (!steps.get(j).key().equals(what)) {
          continue;
        }
        if (j > 0) {
          return j == 1
              ? new RouteEdit.MoveInto(what, setups.get(i).name())
              : new RouteEdit.MoveAfter(what, steps.get(j - 2).key());
        }
        if (i == 0) {
          throw new Refused(Sentences.of("moves.it-is-the-first"));
        }
        List<Step> before = setups.get(i - 1).steps();
        return before.isEmpty()
            ? new RouteEdit.MoveInto(what, setups.get(i - 1).name())
            : new RouteEdit.MoveAfter(what, before.get(before.size() - 1).key());
      }
    }
    throw new Refused(Sentences.of("moves.this-step-is-not"));
  }

  /**
   * A step right after the one that follows it now, or first in the hold after.
   *
   * @throws Refused when it is the last, or in the route no more
   */
  static RouteEdit later(Route route, StepKey what) {
    List<Setup> setups = route.setups();
    for (int i = 0; i < setups.size(); i++) {
      List<Step> steps = setups.get(i).steps();
      for (int j = 0; j < steps.size(); j++) {
        if (!steps.get(j).key().equals(what)) {
          continue;
        }
        if (j + 1 < steps.size()) {
          return new RouteEdit.MoveAfter(what, steps.get(j + 1).key());
        }
        if (i + 1 == setups.size()) {
          throw new Refused(Sentences.of("moves.it-is-the-last"));
        }
        return new RouteEdit.MoveInto(what, setups.get(i + 1).name());
      }
    }
    throw new Refused(Sentences.of("moves.this-step-is-not"));
  }

  /**
   * A hold before the one it follows, or after the one that follows it.
   *
   * @throws Refused when there is none on that side
   */
  static RouteEdit hold(Route route, String name, boolean earlier) {
    List<String> names = route.setups().stream().map(Setup::name).toList();
    int at = names.indexOf(name);
    if (at < 0 || (earlier ? at == 0 : at + 1 == names.size())) {
      throw new Refused(
          earlier
              ? Sentences.of("moves.it-is-the-first-2")
              : Sentences.of("moves.it-is-the-last-2"));
    }
    String after = earlier ? (at == 1 ? "" : names.get(at - 2)) : names.get(at + 1);
    return new RouteEdit.MoveSetup(name, after);
  }

  /** A name for a hold that is taken once more. */
  static String fresh(Route route, String like) {
    for (int i = 2; ; i++) {
      String name = like + " " + i;
      if (route.setups().stream().noneMatch(s -> s.name().equals(name))) {
        return name;
      }
    }
  }
}
