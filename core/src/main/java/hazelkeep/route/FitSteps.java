package hazelkeep.route;

import hazelkeep.fit.FitClass;
import hazelkeep.fit.Ladder;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.SurfaceId;
import java.util.Optional;

/** The diameters on the way to a fit, from what the wood measures before the step. */
public final class FitSteps {
  private FitSteps() {}

  /** The ladder of a step that tries a fit; empty for other steps. */
  public static Optional<Ladder> ladder(Stage stage) {
    return tried(stage.step())
        .flatMap(t -> joint(stage.aim(), t).map(j -> ladder(stage, j, t.jam())));
  }

  /** The fit that a step tries; empty for other steps. */
  public static Optional<Act.Try> tried(Step step) {
    return step.acts().stream()
        .filter(Act.Try.class::isInstance)
        .map(Act.Try.class::cast)
        .findFirst();
  }

  /** The joint of a fit that is tried. */
  public static Optional<Joint> joint(Aim aim, Act.Try t) {
    return aim.joints().stream().filter(j -> j.name().equals(t.joint())).findFirst();
  }

  private static Ladder ladder(Stage stage, Joint j, boolean jam) {
    Aim aim = stage.aim();
    boolean outer = j.fitted().equals(j.outer());
    double recess = aim.dims().get(j.recess()).mm();
    double spigot = aim.dims().get(j.spigot()).mm();
    double mate = outer ? spigot : recess;
    double clearance = jam ? FitClass.JAM.centre(mate, aim.practice()) : recess - spigot;
    double now = diameter(stage, j.fitted(), outer);
    return Ladder.of(now, mate, clearance, outer);
  }

  /** The diameter of a joint's half as the wood is before a step, mm; 0 where there is none. */
  public static double diameter(Stage stage, SurfaceId id, boolean outer) {
    HalfSection wood =
        stage
            .before()
            .stock(stage.aim().part(id.part()))
            .map(Body::sound)
            .orElse(HalfSection.EMPTY);
    Polyline line = stage.aim().surface(id).line();
    double z = (line.first().z() + line.last().z()) / 2;
    return wood.isEmpty() ? 0 : 2 * (outer ? wood.inner(z) : wood.outer(z));
  }
}
