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
    for (Act a : stage.step().acts()) {
      if (a instanceof Act.Try t) {
        return stage.aim().joints().stream()
            .filter(j -> j.name().equals(t.joint()))
            .findFirst()
            .map(j -> ladder(stage, j, t.jam()));
      }
    }
    return Optional.empty();
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

  private static double diameter(Stage stage, SurfaceId id, boolean outer) {
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
