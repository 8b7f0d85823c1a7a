package hazelkeep.route;

/** A change of the recipe's route by the turner. */
public sealed interface RouteEdit {
  /** The step that it moves or drops. */
  StepKey what();

  /** Does a step right after another, in that other's setup. */
  record MoveAfter(StepKey what, StepKey after) implements RouteEdit {}

  /** Leaves a step out. */
  record Drop(StepKey what) implements RouteEdit {}
}
