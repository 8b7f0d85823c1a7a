package hazelkeep.route;

import hazelkeep.bore.BoreSpeed;
import hazelkeep.hold.Allowed;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.Pressed;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Verdict;
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
            new Verdict(
                "bit-fast",
                lathe.slowest() > mounted.custom(Line.BORE_TOO_FAST) * most
                    ? Grade.STOP
                    : Grade.WATCH,
                lathe.slowest(),
                most,
                "rpm",
                "The lathe's slowest speed is too fast for the " + bit.name(),
                "Its rim runs faster than it cuts: it smokes and loses its edge."));
  }

  /** What would go wrong with the bit of a step. */
  static List<Verdict> judge(Setup setup, Step step, Work work, Lathe lathe) {
    List<Verdict> out = new ArrayList<>();
    step.bit()
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
        : Optional.of(
            new Verdict(
                "drawbar",
                Grade.NOTE,
                deep,
                least,
                "mm",
                "The drill chuck may come out of the quill",
                "No drawbar keeps its taper: a wide or deep bit that sticks pulls it out as it is"
                    + " withdrawn, and it whirls round in the work."));
  }

  private static void one(Setup setup, Bit bit, Act.Remove r, Work work, List<Verdict> out) {
    HalfSection hole = r.region().in(setup.frames().get(r.part()));
    double deep = hole.minZ() + bit.tip();
    double blind = bit.needsCentre() ? blind(work, r.part(), deep, bit.diameter() / 2) : 0;
    if (blind > work.custom(Line.BORE_BLIND)) {
      out.add(
          new Verdict(
              "no-centre",
              Grade.STOP,
              blind,
              work.custom(Line.BORE_BLIND),
              "mm",
              "No wood at the centre for the bit's spur",
              "A smaller hole took it: the spur finds nothing and the bit wanders."));
    }

    setup
        .hold()
        .tail()
        .ifPresent(
            t ->
                out.add(
                    new Verdict(
                        "tail-taken",
                        Grade.STOP,
                        1,
                        0,
                        "",
                        "The tailstock holds the " + t.name() + ", not the bit",
                        "A bit goes in from the tailstock, where a centre supports the work now.")));
    boolean jam =
        setup.hold().grip() instanceof JamChuck
            || setup.hold().grip() instanceof JamOn
            || setup.hold().grip() instanceof Pressed;
    Allowed allowed = setup.hold().allows(work);
    double torque = BoreSpeed.torque(bit.diameter(), work.practice());
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
