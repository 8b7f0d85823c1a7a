package hazelkeep.bore;

import hazelkeep.shop.Bit;

/**
 * How fast to turn for a bit.
 *
 * @param from rpm
 * @param to rpm
 * @param seen whether the rule was seen on bits of that size
 */
public record BoreSpeed(double from, double to, boolean seen) {
  private static final double MM = 1000;
  private static final double SECONDS = 60;

  /** By the speed of the rim (common practice); less in hard wood. */
  public static BoreSpeed of(Bit bit) {
    double faster = bit.form() == Bit.Form.TWIST ? BoreLimits.TWIST_FASTER : 1;
    double d = bit.diameter();
    return new BoreSpeed(
        faster * rpm(BoreLimits.RIM_SLOW, d),
        faster * rpm(BoreLimits.RIM_FAST, d),
        d >= BoreLimits.SEEN_LEAST && d <= BoreLimits.SEEN_MOST);
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
  public static double torque(double diameter) {
    return BoreLimits.CUTTING * BoreLimits.FEED * diameter * diameter / 8;
  }
}
