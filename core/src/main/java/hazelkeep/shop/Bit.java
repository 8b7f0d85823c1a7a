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
  /** Tip length of a twist bit: half the diameter over the tangent of half the point angle. */
  public static double twistTip(double diameter, double pointAngle) {
    return diameter / 2 / Math.tan(Math.toRadians(pointAngle / 2));
  }
}
