package hazelkeep.bore;

import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Bit;

/**
 * How fast to turn for a bit.
 *
 * @param from rpm
 * @param to rpm
 * @param seen whether the rule was seen on bits of that size
 * @param basis what it rests on, in words
 */
public record BoreSpeed(double from, double to, boolean seen, String basis) {
  private static final double MM = 1000;
  private static final double SECONDS = 60;

  /**
   * By the speed of the rim (common practice). Twist bits take the same band in hard wood from 8 mm
   * up; slimmer ones, and all of them in soft wood, up to twice as much. All others take its lower
   * half in hard wood.
   *
   * @param density of the wood, kg/m3; not a number where it is not known, which counts as hard
   */
  public static BoreSpeed of(Bit bit, double density, Practice practice) {
    double d = bit.diameter();
    boolean twist = bit.form() == Bit.Form.TWIST;
    boolean soft = density < practice.of(Line.BORE_HARD);
    boolean faster = twist && (soft || d < practice.of(Line.BORE_TWIST_SEEN_LEAST));
    double slow = practice.of(Line.BORE_RIM_SLOW);
    double band = practice.of(Line.BORE_RIM_FAST);
    double fast =
        faster
            ? practice.of(Line.BORE_TWIST_FASTER) * band
            : twist || soft ? band : (slow + band) / 2;
    boolean seen =
        twist
            ? d >= practice.of(Line.BORE_TWIST_SEEN_LEAST)
                && d <= practice.of(Line.BORE_TWIST_SEEN_MOST)
            : d >= practice.of(Line.BORE_SEEN_LEAST) && d <= practice.of(Line.BORE_SEEN_MOST);
    String basis =
        faster
            ? Wording.of("boreSpeed.a-twist-bit-slim-or")
            : Wording.of("boreSpeed.speed-of-the-rim-common");
    BoreSpeed usual = new BoreSpeed(rpm(slow, d), rpm(fast, d), seen, basis);
    return usual.own(bit.own());
  }

  /** What was found out about the bit wins; where only one end was, the other gives way to it. */
  private BoreSpeed own(Bit.Own own) {
    if (own.slow().isEmpty() && own.fast().isEmpty()) {
      return this;
    }
    double slow = own.slow().orElseGet(() -> Math.min(from, own.fast().get()));
    double fast = own.fast().orElseGet(() -> Math.max(to, own.slow().get()));
    return new BoreSpeed(slow, fast, true, Wording.of("boreSpeed.as-you-found-it-with"));
  }

  /** rpm of a rim speed, m/s, on a diameter, mm. */
  public static double rpm(double rim, double diameter) {
    return rim * MM * SECONDS / (Math.PI * diameter);
  }

  /** m/s of a diameter, mm, at rpm. */
  public static double rim(double diameter, double rpm) {
    return Math.PI * diameter * rpm / SECONDS / MM;
  }

  /** Torque of a bit, N mm: u f d^2 / 8 (common practice figures). */
  public static double torque(double diameter, Practice practice) {
    return practice.of(Line.BORE_CUTTING) * practice.of(Line.BORE_FEED) * diameter * diameter / 8;
  }
}
