package hazelkeep.air;

/**
 * How the annual rings lie in the end grain of a round piece: what share of a diameter's movement
 * is radial, the rest being tangential.
 *
 * @param pith how far the pith lies from the axis, as a share of the piece's radius; infinite where
 *     the rings are as good as straight
 * @param mark where the pith lies, degrees from the grain mark
 */
public record Rings(double pith, double mark) {
  /** Rings without curvature, the pith at the grain mark. */
  public static final Rings STRAIGHT = new Rings(Double.POSITIVE_INFINITY, 0);

  /** Nearer than this the piece holds its pith: it cracks rather than moves. */
  public static final double INSIDE = 1;

  /**
   * The radial share of a diameter's movement, 0 to 1.
   *
   * <p>At each point of the diameter the strain is e_R cos² b + e_T sin² b, b between the diameter
   * and the direction to the pith. With u along the diameter from the foot of the pith's
   * perpendicular and q that perpendicular, cos² b = u²/(u² + q²), and its mean over the diameter
   * is 1 - q/2 [atan((1 + p cos a)/q) + atan((1 - p cos a)/q)], lengths in radii. Far away it is
   * cos² a.
   *
   * @param degrees the diameter's direction from the grain mark
   */
  public double radialShare(double degrees) {
    double a = Math.toRadians(degrees - mark);
    if (Double.isInfinite(pith)) {
      return Math.cos(a) * Math.cos(a);
    }
    double q = Math.abs(pith * Math.sin(a));
    double along = pith * Math.cos(a);
    return q < 1e-12 ? 1 : 1 - q / 2 * (Math.atan((1 + along) / q) + Math.atan((1 - along) / q));
  }
}
