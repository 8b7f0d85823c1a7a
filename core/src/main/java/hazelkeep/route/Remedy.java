package hazelkeep.route;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.measure.Needed;
import hazelkeep.measure.Refused;
import hazelkeep.wood.Unknown;
import java.util.List;
import java.util.stream.Stream;

/** A way out of a finding that can be applied with one press. */
public sealed interface Remedy {
  /** Sets a dimension. */
  record SetDim(DimKey key, Length to) implements Remedy {
    /**
     * @throws Refused when something is left out
     */
    public SetDim {
      Needed.of(key, "key");
      Needed.of(to, "to");
    }
  }

  /**
   * Leaves a stated size to the rules again.
   *
   * @param key the size
   * @param then what it becomes
   */
  record LetGo(DimKey key, Length then) implements Remedy {
    /**
     * @throws Refused when something is left out
     */
    public LetGo {
      Needed.of(key, "key");
    }
  }

  /** Several changes that only help together. */
  record Together(List<Remedy> all) implements Remedy {
    /**
     * @throws Refused when something is left out
     */
    public Together {
      all = List.copyOf(Needed.of(all, "all"));
    }
  }

  /** Takes another option of a choice. */
  record Choose(String choice, String option) implements Remedy {
    /**
     * @throws Refused when something is left out
     */
    public Choose {
      Needed.of(choice, "choice");
      Needed.of(option, "option");
    }
  }

  /** Says what is not known of a wood: only the turner can, with the wood's own figures. */
  record Know(Unknown what) implements Remedy {
    /**
     * @throws Refused when something is left out
     */
    public Know {
      Needed.of(what, "what");
    }
  }

  /** Takes back the turner's own changes of a step, as the recipe has it. */
  record Restore(StepKey step) implements Remedy {
    /**
     * @throws Refused when something is left out
     */
    public Restore {
      Needed.of(step, "step");
    }
  }

  /** Holds the work of a setup otherwise. */
  record Rehold(RouteEdit.Rehold by) implements Remedy {
    /**
     * @throws Refused when something is left out
     */
    public Rehold {
      Needed.of(by, "by");
    }
  }

  /** Whether it changes the route and not the design. */
  default boolean ofRoute() {
    return this instanceof Restore || this instanceof Rehold;
  }

  /** The changes of a route with this remedy applied; the same for one of the design. */
  default List<RouteEdit> applied(List<RouteEdit> edits) {
    if (this instanceof Restore restore) {
      return edits.stream().filter(e -> !e.touches(restore.step())).toList();
    }
    return this instanceof Rehold rehold
        ? Stream.concat(edits.stream(), Stream.of(rehold.by())).toList()
        : edits;
  }
}
