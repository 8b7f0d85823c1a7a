package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;

/** Two halves of a joint held against one another as they are. */
final class Trials {
  /** What is tighter than this by design is no fit yet, mm (common practice). */
  private static final double NO_FIT = -1;

  private final Aim aim;
  private final Log log;

  Trials(Aim aim, Log log) {
    this.aim = aim;
    this.log = log;
  }

  /** Holds the two halves of a joint against one another as they now are. */
  void trial(StepKey at, State state, Act.Try t) {
    Joint j =
        aim.joints().stream().filter(x -> x.name().equals(t.joint())).findFirst().orElseThrow();
    Optional<Body> outer = state.stock(aim.part(j.outer().part()));
    Optional<Body> inner = state.stock(aim.part(j.inner().part()));
    if (outer.isEmpty() || inner.isEmpty() || outer.get() == inner.get()) {
      return;
    }
    double recess = 2 * outer.get().sound().inner(midZ(j.outer()));
    double spigot = 2 * inner.get().swept().outer(midZ(j.inner()));
    double clearance = recess - spigot;
    if (clearance < NO_FIT || spigot == 0) {
      // One of the two was not cut at all, or broke off: told as wood that is left or missing.
      return;
    }
    FitClass fit = t.jam() ? FitClass.JAM : j.use();
    double most = fit.most(recess, aim.practice());
    double least = fit.least(recess, aim.practice());
    double slack = aim.custom(Line.FIT_SLACK);
    if (clearance > most + slack) {
      Verdict v =
          t.jam()
              ? Entry.RECESS_TOO_BIG.told(Grade.STOP, clearance, most)
              : Entry.FIT_LOOSE.told(Grade.WATCH, clearance, most, fit.named());
      log.find(v, at, j.fitted().part(), aim.surface(j.fitted()).line().first());
    } else if (clearance < least - slack) {
      Entry tight = t.jam() ? Entry.JAM_HARD : Entry.FIT_TIGHT;
      Verdict v = tight.told(Grade.WATCH, clearance, least, fit.named());
      log.find(v, at, j.fitted().part(), aim.surface(j.fitted()).line().first());
    }
  }

  private double midZ(SurfaceId id) {
    Polyline line = aim.surface(id).line();
    return (line.first().z() + line.last().z()) / 2;
  }

  /** A fit that no step of this play tries any more is held against its class as it is. */
  void untried(List<Stage> stages, State end) {
    StepKey last = last(stages);
    for (Joint j : aim.joints()) {
      boolean tries =
          stages.stream()
              .flatMap(s -> s.step().acts().stream())
              .anyMatch(a -> a instanceof Act.Try t && !t.jam() && t.joint().equals(j.name()));
      if (!tries && end.surf(j.outer()).bare() && end.surf(j.inner()).bare()) {
        trial(last, end, new Act.Try(j.name(), false));
      }
    }
  }

  /** The last step of a play; null where it had none. */
  static StepKey last(List<Stage> stages) {
    return stages.isEmpty() ? null : stages.get(stages.size() - 1).step().key();
  }
}
