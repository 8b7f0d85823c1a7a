package hazelkeep.element;

import hazelkeep.hold.Hold;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Route;
import hazelkeep.route.Setup;
import hazelkeep.route.SetupDraft;
import hazelkeep.solid.Frame;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The work on a piece while it is put in order: one hold after the other, and what is done in each.
 */
public final class Work {
  /** Where what is not turned round lies. */
  public static final Frame FLAT = new Frame(0, false);

  /** What is done in a hold. */
  @FunctionalInterface
  public interface Task {
    /** Adds its steps to a setup. */
    void in(SetupDraft setup, Work work);
  }

  private final Built built;
  private final Acts acts;
  private final List<Setup> setups = new ArrayList<>();

  /**
   * @param acts cuts that aim at the piece, with its grit and finish
   */
  public Work(Built built, Acts acts) {
    this.built = built;
    this.acts = acts;
  }

  /** The piece. */
  public Built built() {
    return built;
  }

  /** Cuts that aim at it. */
  public Acts acts() {
    return acts;
  }

  /** Steps that every piece has. */
  public RecipeSteps usual() {
    return new RecipeSteps(built.aim(), built.shop());
  }

  /** One more hold, and what is done in it. */
  public Work held(String name, String title, Hold hold, Map<String, Frame> frames, Task... tasks) {
    SetupDraft s = new SetupDraft(name, title, hold, frames);
    for (Task t : tasks) {
      t.in(s, this);
    }
    put(s);
    return this;
  }

  /** One more hold with its steps; none where nothing is done in it. */
  public void put(SetupDraft setup) {
    Setup done = setup.done();
    if (!done.steps().isEmpty()) {
      JamStep.before(done, setups).ifPresent(setups::add);
      setups.add(done);
    }
  }

  /** A diameter that was turned, read with the calipers. */
  public Act.Read turned(DimKey key, String where) {
    double within = built.custom(Line.READ_TURNED);
    return Acts.read(key, built.shop().caliper().name(), where, within, within);
  }

  /** A diameter of a fit, read with the calipers. */
  public Act.Read fit(DimKey key, String where) {
    double within = built.custom(Line.READ_FIT);
    return Acts.read(key, built.shop().caliper().name(), where, within, within);
  }

  /** A depth, read with the depth gauge. */
  public Act.Read deep(DimKey key, String where) {
    double within = built.custom(Line.READ_TURNED);
    return Acts.read(key, built.shop().depthGauge().name(), where, within, within);
  }

  /** The whole route. */
  public Route route() {
    return new Route(setups, List.of());
  }
}
