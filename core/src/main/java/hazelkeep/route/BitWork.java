package hazelkeep.route;

import hazelkeep.bore.BoreSpeed;
import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Allowed;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.Pressed;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a bit asks of the wood and of the hold. */
final class BitWork {
  /** How far apart the centre is looked at, mm. */
  private static final double EVERY = 1;

  /** A hole within this of the bit's own radius leaves it nothing to cut, mm. */
  private static final double OPEN = 0.1;

  private BitWork() {}

  /** The window of the work in which its bit may turn as well; the work's own without a bit. */
  static Speeds speeds(Step step, Speeds work, Work mounted, Shop shop) {
    return step.bit()
        .map(b -> BoreSpeed.of(b, density(mounted), shop.practice()))
        .map(s -> work.and(s.from(), s.to(), shop))
        .orElse(work);
  }

  /** The densest wood that is mounted, kg/m3; not a number where one is not known. */
  private static double density(Work work) {
    return work.bodies().values().stream().mapToDouble(Body::density).max().orElse(Double.NaN);
  }

  /** The lathe can't turn as slowly as a bit of that size asks. */
  static Optional<Verdict> tooFast(Bit bit, Work mounted, Lathe lathe) {
    double most = BoreSpeed.of(bit, density(mounted), mounted.practice()).to();
    return most >= lathe.slowest()
        ? Optional.empty()
        : Optional.of(
            Entry.BIT_FAST.told(
                lathe.slowest() > mounted.custom(Line.BORE_TOO_FAST) * most
                    ? Grade.STOP
                    : Grade.WATCH,
                lathe.slowest(),
                most,
                bit.name()));
  }

  /** What would go wrong with the bit of a step. */
  static List<Verdict> judge(Setup setup, Step step, Work work, Lathe lathe) {
    List<Verdict> out = new ArrayList<>();
    step.bit()
        .filter(b -> !b.byHand())
        .ifPresent(
            b ->
                step.acts().stream()
                    .filter(Act.Remove.class::isInstance)
                    .map(Act.Remove.class::cast)
                    .filter(r -> work.bodies().containsKey(r.part()))
                    .findFirst()
                    .ifPresent(
                        r -> {
                          one(setup, b, r, work, out);
                          drawn(b, r, work, lathe).ifPresent(out::add);
                        }));
    return out;
  }

  /** What a bit grips as it is withdrawn pulls at the taper it stands in. */
  private static Optional<Verdict> drawn(Bit bit, Act.Remove r, Work work, Lathe lathe) {
    double deep = r.region().maxZ() - r.region().minZ();
    double least = work.custom(Line.BORE_PULLS) / bit.diameter();
    return lathe.drawbar() || deep <= least
        ? Optional.empty()
        : Optional.of(Entry.DRAWBAR.told(Grade.NOTE, deep, least));
  }

  private static void one(Setup setup, Bit bit, Act.Remove r, Work work, List<Verdict> out) {
    HalfSection hole = r.region().in(setup.frames().get(r.part()));
    double deep = hole.minZ() + bit.tip();
    double blind = bit.needsCentre() ? blind(work, r.part(), deep, bit.diameter() / 2) : 0;
    if (blind > work.custom(Line.BORE_BLIND)) {
      out.add(Entry.NO_CENTRE.told(Grade.STOP, blind, work.custom(Line.BORE_BLIND)));
    }

    setup.hold().tail().ifPresent(t -> out.add(Entry.TAIL_TAKEN.told(Grade.STOP, t.name())));
    boolean jam =
        setup.hold().grip() instanceof JamChuck
            || setup.hold().grip() instanceof JamOn
            || setup.hold().grip() instanceof Pressed;
    Allowed allowed = setup.hold().allows(work);
    double torque = BoreSpeed.torque(bit.diameter(), work.practice());
    // What a jam stands is known only roughly; where it is not known at all nothing is bored.
    double sure = jam ? work.custom(Line.BORE_JAM) * allowed.torque() : allowed.torque();
    if (jam && Double.isNaN(sure) || sure < torque) {
      out.add(
          Entry.BORE_TURNS.told(
              Grade.STOP,
              torque / 1000,
              Double.isFinite(allowed.torque()) ? allowed.torque() / 1000 : 0));
    }
  }

  /** For how long at a stretch the rim cuts while the spur finds nothing, mm. */
  private static double blind(Work work, String part, double deep, double r) {
    double longest = 0;
    double without = 0;
    for (double x = deep; x < work.most(); x += EVERY) {
      double in = work.inner(part, x);
      without = in > 0 && in < r - OPEN ? without + EVERY : 0;
      longest = Math.max(longest, without);
    }
    return longest;
  }
}
