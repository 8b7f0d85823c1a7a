package hazelkeep.route;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.hold.Work;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Rounding;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Lump;
import java.util.Optional;

/**
 * Work that is not round all over pulls at its hold: a mass m whose middle lies e beside the axis
 * pulls with {@code F = m e w²} at a speed w, so that {@code w = sqrt(F / (m e))} at most where F
 * is what lathe and hold shall bear.
 *
 * <p>By hand: 1 kg, 3 mm off, at 1000 turns a minute: 32.9 N.
 */
final class Balance {
  private static final double MINUTE = 60;

  /** From g mm to kg m. */
  private static final double SI = 1e-6;

  /** From mm³ kg/m³ to g. */
  private static final double GRAMS = 1e-6;

  private final Aim aim;
  private final Shop shop;

  Balance(Aim aim, Shop shop) {
    this.aim = aim;
    this.shop = shop;
  }

  /** What a mass pulls with, N. */
  static double pulls(double grams, double off, double rpm) {
    double w = 2 * Math.PI * rpm / MINUTE;
    return grams * off * SI * w * w;
  }

  /** The speed at which a mass pulls with a force, rpm; endless where nothing is off. */
  static double most(double grams, double off, double force) {
    return Math.sqrt(force / (grams * off * SI)) * MINUTE / (2 * Math.PI);
  }

  /** The mass of the stretches that are not round yet, g; not a number where it is not known. */
  static double rough(Work work) {
    return work.distinct().stream()
        .map(work.bodies()::get)
        .filter(b -> !b.round())
        .mapToDouble(Balance::rough)
        .sum();
  }

  private static double rough(Body body) {
    HalfSection beside = body.swept().minus(body.sound());
    HalfSection stretch =
        body.swept().and(HalfSection.box(beside.minZ(), beside.maxZ(), 0, HalfSection.FAR));
    return body.lumps(stretch).stream().mapToDouble(Lump::grams).sum();
  }

  /**
   * What lies to one side of the axis: what is not round yet, and strips beside the axis. They may
   * lie to the same side.
   *
   * @param rough of what is not round, g mm
   * @param strips of strips, g mm; 0 where a density is not known
   */
  private record Aside(double rough, double strips) {
    double all() {
      return rough + strips;
    }
  }

  private Aside aside(Work work) {
    double strips =
        work.distinct().stream().map(work.bodies()::get).mapToDouble(Body::beside).sum();
    return new Aside(rough(work) * aim.off(), Double.isNaN(strips) ? 0 : strips);
  }

  /** The fastest that the work may turn as it lies, rpm; endless where that is not known. */
  private double most(Aside aside) {
    double rpm = most(1, aside.all(), shop.custom(Line.SPEED_BALANCE));
    return Double.isNaN(rpm) ? Double.POSITIVE_INFINITY : rpm;
  }

  /** The window that its balance leaves. */
  Speeds slowed(Speeds window, Work work) {
    double most = most(aside(work));
    return Double.isInfinite(most) ? window : window.below(most);
  }

  /** What is told where the usual speeds are too fast for it. */
  Optional<Verdict> judge(Work work, Speeds usual) {
    Aside aside = aside(work);
    double most = most(aside);
    if (most >= usual.from()) {
      return Optional.empty();
    }
    Grade grade = most < shop.lathe().slowest() ? Grade.STOP : Grade.WATCH;
    boolean strips = aside.strips() > aside.rough();
    double grams = strips ? whole(work) : rough(work);
    return Optional.of(
        (strips ? Entry.STRIP_BALANCE : Entry.OUT_OF_BALANCE)
            .told(
                grade,
                pulls(1, aside.all(), usual.from()),
                shop.custom(Line.SPEED_BALANCE),
                Rounding.text(grams, 0),
                Double.toString(Rounding.to(aside.all() / grams, 2)),
                Rounding.text(most, 0)));
  }

  private static double whole(Work work) {
    return work.distinct().stream()
        .map(work.bodies()::get)
        .flatMap(b -> b.lumps(b.swept()).stream())
        .mapToDouble(Lump::grams)
        .sum();
  }
}
