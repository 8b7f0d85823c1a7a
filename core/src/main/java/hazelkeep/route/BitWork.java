package hazelkeep.route;

import hazelkeep.bore.BoreSpeed;
import hazelkeep.hold.Allowed;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.Pressed;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Verdict;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a bit asks of the wood and of the hold. */
final class BitWork {
  /** A bit is started clear of what was bored before by more than this, mm. */
  private static final double STARTED = 1;

  private BitWork() {}

  /** The speed of a bit, kept within the lathe's, in whole tens. */
  static Optional<Speeds> speeds(Step step, Lathe lathe) {
    return step.bit()
        .map(
            b -> {
              BoreSpeed s = BoreSpeed.of(b);
              double from = tens(s.from(), lathe);
              double to = tens(s.to(), lathe);
              return new Speeds(from, to, to);
            });
  }

  private static double tens(double rpm, Lathe lathe) {
    return Math.rint(Math.max(lathe.slowest(), Math.min(lathe.fastest(), rpm)) / 10) * 10;
  }

  /** What would go wrong with the bit of a step. */
  static List<Verdict> judge(Setup setup, Step step, Work work) {
    List<Verdict> out = new ArrayList<>();
    step.bit()
        .ifPresent(
            b ->
                step.acts().stream()
                    .filter(Act.Remove.class::isInstance)
                    .map(Act.Remove.class::cast)
                    .filter(r -> work.bodies().containsKey(r.part()))
                    .findFirst()
                    .ifPresent(r -> one(setup, b, r, work, out)));
    return out;
  }

  private static void one(Setup setup, Bit bit, Act.Remove r, Work work, List<Verdict> out) {
    HalfSection hole = r.region().in(setup.frames().get(r.part()));
    double deep = hole.minZ() + bit.tip();
    if (bit.needsCentre() && hollow(work, r.part(), deep)) {
      out.add(
          new Verdict(
              "no-centre",
              Grade.STOP,
              0,
              bit.tip(),
              "mm",
              "No wood at the centre for the bit's spur",
              "A smaller hole took it: the spur finds nothing and the bit wanders."));
    }

    boolean jam =
        setup.hold().grip() instanceof JamChuck
            || setup.hold().grip() instanceof JamOn
            || setup.hold().grip() instanceof Pressed;
    Allowed allowed = setup.hold().allows(work);
    double torque = BoreSpeed.torque(bit.diameter());
    if (jam || allowed.torque() < torque) {
      out.add(
          new Verdict(
              "bore-turns",
              Grade.STOP,
              torque / 1000,
              Double.isFinite(allowed.torque()) ? allowed.torque() / 1000 : 0,
              "N m",
              "The bit turns the work in its hold",
              "Nothing is bored against a jam: it takes more than a cut."));
    }
  }

  /** Whether there is no wood on the axis over the last of a hole, where the spur goes. */
  private static boolean hollow(Work work, String part, double deep) {
    return work.inner(part, deep + STARTED) > 0 && work.inner(part, deep) > 0;
  }
}
