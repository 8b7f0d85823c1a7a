package hazelkeep.workbench;

import hazelkeep.closing.Closing;
import hazelkeep.element.Spigot;
import hazelkeep.fit.Aimed;
import hazelkeep.fit.FitClass;
import hazelkeep.fit.Seen;
import hazelkeep.fit.Seen.What;
import hazelkeep.fit.SneakUp;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.FitSteps;
import hazelkeep.route.Joint;
import hazelkeep.route.Stage;
import hazelkeep.wood.Body;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A fit that is sneaked up on at the bench: what the step at hand aims at, and all that was seen of
 * its joint.
 *
 * @param joint the joint
 * @param jam whether it is to be a jam that drives the work
 * @param so what is thought of it
 */
public record Sneaking(Joint joint, boolean jam, SneakUp so) {
  /**
   * The fit that the next step makes.
   *
   * @param log all facts of the run, in order
   * @return empty for a step that makes none
   */
  public static Optional<Sneaking> of(Bench<?> bench, List<Entry> log) {
    return bench
        .next()
        .flatMap(step -> bench.plan().rehearsal().stage(step.key()))
        .flatMap(stage -> FitSteps.tried(stage.step()).flatMap(t -> of(bench, stage, t, log)));
  }

  /**
   * How much narrower a spigot was measured at its end than at its root since it was last cut, mm;
   * 0 where it was not measured at both.
   */
  public static double taper(List<Entry> log, Joint j) {
    Set<Long> gone = Fact.withdrawn(log);
    return SneakUp.taper(
        log.stream()
            .filter(e -> !gone.contains(e.no()))
            .flatMap(e -> of(e.fact(), j).stream())
            .toList());
  }

  private static Optional<Sneaking> of(
      Bench<?> bench, Stage stage, Act.Try tried, List<Entry> log) {
    return FitSteps.joint(stage.aim(), tried)
        .map(
            j ->
                new Sneaking(
                    j, tried.jam(), SneakUp.of(aimed(stage, j, tried.jam()), seen(bench, j, log))));
  }

  private static Aimed aimed(Stage stage, Joint j, boolean jam) {
    Aim aim = stage.aim();
    boolean recessCut = j.fitted().equals(j.outer());
    double recess = recessCut ? FitSteps.diameter(stage, j.outer(), true) : aim.mm(j.recess());
    double spigot = recessCut ? aim.mm(j.spigot()) : FitSteps.diameter(stage, j.inner(), false);
    Closing closing = Closing.of(aim, j);
    double grams =
        stage.before().stock(aim.part(closing.lid())).map(Body::grams).orElse(Double.NaN);
    return new Aimed(
        jam ? FitClass.JAM : j.use(),
        recess,
        spigot,
        closing.engaged(),
        recessCut,
        grams * Closing.WEIGHT,
        aim.practice());
  }

  /**
   * What was seen of a joint: of the half that stays whenever it was, of the half that is cut since
   * the last step was done.
   */
  private static List<Seen> seen(Bench<?> bench, Joint j, List<Entry> log) {
    Set<Long> gone = Fact.withdrawn(log);
    List<Seen> out = new ArrayList<>();
    for (Entry e : log) {
      if (gone.contains(e.no()) || bench.expired().contains(e.no())) {
        continue;
      }
      if (e.fact() instanceof Fact.Done) {
        out.removeIf(s -> s.what() != stays(j));
      } else {
        of(e.fact(), j).ifPresent(out::add);
      }
    }
    return out;
  }

  private static What stays(Joint j) {
    return j.fitted().equals(j.outer()) ? What.ROOT : What.RECESS;
  }

  private static Optional<Seen> of(Fact fact, Joint j) {
    if (fact instanceof Fact.Tried t && t.joint().equals(j.name())) {
      return Optional.of(t.seen());
    }
    if (!(fact instanceof Fact.Reading r)) {
      return Optional.empty();
    }
    if (r.what().equals(j.recess())) {
      return Optional.of(new Seen(What.RECESS, r.truth()));
    }
    boolean spigot = r.what().equals(j.spigot()) || r.what().equals(Spigot.JAM);
    return spigot ? Optional.of(new Seen(What.ROOT, r.truth())) : Optional.empty();
  }
}
