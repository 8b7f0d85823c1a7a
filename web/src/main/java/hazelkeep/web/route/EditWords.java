package hazelkeep.web.route;

import hazelkeep.piece.Plan;
import hazelkeep.route.Route;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.web.drawing.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A change of a route in words. */
final class EditWords {
  private final Route recipe;
  private final Route now;
  private final Show show;

  /**
   * @param recipe the route as the recipe has it
   * @param plan the plan in force
   */
  EditWords(Route recipe, Plan<?> plan, Show show) {
    this.recipe = recipe;
    this.now = plan.route();
    this.show = show;
  }

  String of(RouteEdit edit) {
    if (edit instanceof RouteEdit.MoveAfter e) {
      return step(e.what()) + " comes after " + step(e.after());
    }
    if (edit instanceof RouteEdit.MoveInto e) {
      return step(e.what()) + " comes first in " + setup(e.setup());
    }
    if (edit instanceof RouteEdit.Drop e) {
      return step(e.what()) + " is left out";
    }
    if (edit instanceof RouteEdit.Add e) {
      return "The "
          + e.on().part()
          + "'s "
          + e.on().name()
          + " is "
          + e.doing().done()
          + " after "
          + step(e.after());
    }
    if (edit instanceof RouteEdit.MoveSetup e) {
      return setup(e.setup())
          + (e.after().isEmpty() ? " comes first" : " comes after " + setup(e.after()));
    }
    if (edit instanceof RouteEdit.DropSetup e) {
      return setup(e.setup()) + " is left out";
    }
    if (edit instanceof RouteEdit.Again e) {
      return setup(e.like()) + " is held once more";
    }
    return rehold((RouteEdit.Rehold) edit);
  }

  private String rehold(RouteEdit.Rehold e) {
    List<String> said = new ArrayList<>();
    e.jaws().ifPresent(j -> said.add("in the " + j));
    e.tail().ifPresent(t -> said.add(t.isEmpty() ? "without the tailstock" : t + " up"));
    e.steady()
        .ifPresent(s -> said.add(s.isEmpty() ? "without a steady" : s + " at " + show.len(e.at())));
    return setup(e.setup()) + " is held " + String.join(", ", said);
  }

  private String step(StepKey key) {
    Optional<Step> step = now.step(key).or(() -> recipe.step(key));
    return "“" + step.map(Step::title).orElse(key.path()) + "”";
  }

  private String setup(String name) {
    return "“"
        + now.setups().stream()
            .filter(s -> s.name().equals(name))
            .findFirst()
            .or(() -> recipe.setups().stream().filter(s -> s.name().equals(name)).findFirst())
            .map(Setup::title)
            .orElse(name)
        + "”";
  }
}
