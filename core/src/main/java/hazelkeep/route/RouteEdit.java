package hazelkeep.route;

import hazelkeep.measure.Needed;
import hazelkeep.measure.Refused;
import hazelkeep.wood.Doing;
import hazelkeep.wood.SurfaceId;
import java.util.Optional;

/** A change of the recipe's route by the turner. */
public sealed interface RouteEdit {
  /** Whether it changes where, or how, a step is done. */
  boolean touches(StepKey step);

  /** The step that it is about; of a setup, any step in it. */
  StepKey about();

  /** Does a step right after another, in that other's setup. */
  record MoveAfter(StepKey what, StepKey after) implements RouteEdit {
    /**
     * @throws Refused when something is not said
     */
    public MoveAfter {
      Needed.of(what, "what");
      Needed.of(after, "after");
    }

    @Override
    public boolean touches(StepKey step) {
      return what.equals(step);
    }

    @Override
    public StepKey about() {
      return what;
    }
  }

  /** Does a step first of all in a setup. */
  record MoveInto(StepKey what, String setup) implements RouteEdit {
    /**
     * @throws Refused when no setup can have that name
     */
    public MoveInto {
      Needed.of(what, "what");
      Needed.of(setup, "setup");
      StepKey.any(setup);
    }

    @Override
    public boolean touches(StepKey step) {
      return what.equals(step);
    }

    @Override
    public StepKey about() {
      return what;
    }
  }

  /** Leaves a step out. */
  record Drop(StepKey what) implements RouteEdit {
    /**
     * @throws Refused when something is not said
     */
    public Drop {
      Needed.of(what, "what");
    }

    @Override
    public boolean touches(StepKey step) {
      return what.equals(step);
    }

    @Override
    public StepKey about() {
      return what;
    }
  }

  /**
   * Adds a step on a surface: cut to size, sanded, coated, or glued.
   *
   * @param key its name
   * @param after the step after which it is done
   * @param on the surface
   * @param doing what is done to it
   * @param grit the finest grit, for sanding
   * @param product the finish, for coating; what is glued to it, for gluing
   */
  record Add(StepKey key, StepKey after, SurfaceId on, Doing doing, int grit, String product)
      implements RouteEdit {
    /**
     * @throws Refused when something is not said
     */
    public Add {
      Needed.of(key, "key");
      Needed.of(after, "after");
      Needed.of(on, "on");
      Needed.of(doing, "doing");
      product = product == null ? "" : product;
    }

    @Override
    public boolean touches(StepKey step) {
      return key.equals(step);
    }

    @Override
    public StepKey about() {
      return key;
    }
  }

  /**
   * Does a setup with all its steps after another.
   *
   * @param after the other's name; empty to do it first
   */
  record MoveSetup(String setup, String after) implements RouteEdit {
    /**
     * @throws Refused when no setup can have that name
     */
    public MoveSetup {
      Needed.of(setup, "setup");
      Needed.of(after, "after");
      StepKey.any(setup);
    }

    @Override
    public boolean touches(StepKey step) {
      return step.in(setup);
    }

    @Override
    public StepKey about() {
      return StepKey.any(setup);
    }
  }

  /** Leaves a setup out, with all its steps. */
  record DropSetup(String setup) implements RouteEdit {
    /**
     * @throws Refused when no setup can have that name
     */
    public DropSetup {
      Needed.of(setup, "setup");
      StepKey.any(setup);
    }

    @Override
    public boolean touches(StepKey step) {
      return step.in(setup);
    }

    @Override
    public StepKey about() {
      return StepKey.any(setup);
    }
  }

  /**
   * Holds the work once more as it was held, right after that setup; steps can then be moved there.
   *
   * @param like the setup whose hold it is
   * @param name the new one's name
   */
  record Again(String like, String name) implements RouteEdit {
    /**
     * @throws Refused when no setup can have that name
     */
    public Again {
      Needed.of(like, "like");
      Needed.of(name, "name");
      StepKey.any(name);
    }

    @Override
    public boolean touches(StepKey step) {
      return step.in(name);
    }

    @Override
    public StepKey about() {
      return StepKey.any(name);
    }
  }

  /**
   * Holds the work of a setup otherwise.
   *
   * @param jaws the name of the jaw set; empty to leave it
   * @param tail the name of the tail centre; an empty name takes the tailstock away; empty to leave
   *     it
   * @param steady the name of the steady; an empty name takes it away; empty to leave it
   * @param at where the steady stands, mm from the setup's zero
   */
  record Rehold(
      String setup,
      Optional<String> jaws,
      Optional<String> tail,
      Optional<String> steady,
      double at)
      implements RouteEdit {
    /**
     * What is left out is left as it is.
     *
     * @throws Refused when no setup can have that name
     */
    public Rehold {
      Needed.of(setup, "setup");
      StepKey.any(setup);
      jaws = jaws == null ? Optional.empty() : jaws;
      tail = tail == null ? Optional.empty() : tail;
      steady = steady == null ? Optional.empty() : steady;
    }

    @Override
    public boolean touches(StepKey step) {
      return step.in(setup);
    }

    @Override
    public StepKey about() {
      return StepKey.any(setup);
    }
  }
}
