package hazelkeep.route;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.wood.Unknown;
import java.util.List;

/** A way out of a finding that can be applied with one press. */
public sealed interface Remedy {
  /** Sets a dimension. */
  record SetDim(DimKey key, Length to) implements Remedy {}

  /**
   * Leaves a stated size to the rules again.
   *
   * @param key the size
   * @param then what it becomes
   */
  record LetGo(DimKey key, Length then) implements Remedy {}

  /** Several changes that only help together. */
  record Together(List<Remedy> all) implements Remedy {}

  /** Takes another option of a choice. */
  record Choose(String choice, String option) implements Remedy {}

  /** Says what is not known of a wood: only the turner can, with the wood's own figures. */
  record Know(Unknown what) implements Remedy {}

  /** Takes back the turner's own changes of a step, as the recipe has it. */
  record Restore(StepKey step) implements Remedy {}
}
