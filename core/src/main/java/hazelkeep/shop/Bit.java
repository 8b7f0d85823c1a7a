package hazelkeep.shop;

/**
 * A boring bit.
 *
 * @param name as the turner calls it
 * @param diameter mm
 * @param tip how far its point or spur reaches beyond its full diameter, mm
 * @param reach usable length from the cutting rim, mm
 * @param needsCentre whether its spur needs wood at the centre
 */
public record Bit(String name, double diameter, double tip, double reach, boolean needsCentre) {
  /**
   * @throws IllegalArgumentException when a bit can't be so, saying what would be accepted
   */
  public Bit {
    name = Checks.name(name);
    Checks.mm("The bit's diameter", diameter, 0.5, 150);
    Checks.mm("The bit's point", tip, 0, 60);
    Checks.mm("The bit's reach", reach, 2, 1000);
  }

  /** Tip length of a twist bit: half the diameter over the tangent of half the point angle. */
  public static double twistTip(double diameter, double pointAngle) {
    return diameter / 2 / Math.tan(Math.toRadians(pointAngle / 2));
  }
}
