package hazelkeep.hold;

import hazelkeep.wood.Unknown;
import java.util.List;

/**
 * What a hold stands.
 *
 * @param seat where the work is gripped, mm from the setup's zero
 * @param torque about the axis, N mm; infinite where something else gives way first
 * @param moment that tips the work, N mm; infinite where the tailstock or the jaws' shoulder takes
 *     it
 * @param towardsHeadOnly whether cuts may only press towards the headstock
 * @param hoop pull across the grain where the wood may split, MPa; 0 where nothing pulls it
 * @param strength of the wood across the grain, MPa; not a number where it is not known
 * @param basis what the numbers rest on, in words
 * @param missing figures that are not known
 */
public record Allowed(
    double seat,
    double torque,
    double moment,
    boolean towardsHeadOnly,
    double hoop,
    double strength,
    String basis,
    List<Unknown> missing) {
  /** Copies the list. */
  public Allowed {
    missing = List.copyOf(missing);
  }

  /** A hold about which nothing needs to be worked out. */
  public static Allowed free(String basis) {
    return new Allowed(
        0,
        Double.POSITIVE_INFINITY,
        Double.POSITIVE_INFINITY,
        false,
        0,
        Double.NaN,
        basis,
        List.of());
  }

  /** A hold about which nothing can be said for want of figures. */
  public static Allowed unknown(String basis, List<Unknown> missing) {
    return new Allowed(0, Double.NaN, Double.NaN, true, 0, Double.NaN, basis, missing);
  }

  /**
   * The largest cutting force, N; infinite where nothing gives way, not a number where it is not
   * known.
   *
   * @param radius where the tool cuts, mm
   * @param z where along the work, mm from the setup's zero
   */
  public double force(double radius, double z) {
    double front = Math.abs(z - seat);
    return Math.min(
        torque / Math.max(radius, 0.1), front == 0 ? Double.POSITIVE_INFINITY : moment / front);
  }

  /** Whether it holds by the press of wood in wood, of which the torque is known only roughly. */
  public boolean jam() {
    return towardsHeadOnly && hoop > 0;
  }

  /** The same hold with the tailstock up: it can't tip. */
  public Allowed steadied() {
    return new Allowed(
        seat, torque, Double.POSITIVE_INFINITY, towardsHeadOnly, hoop, strength, basis, missing);
  }

  /** The pull as a share of what the wood stands; not a number where that is not known. */
  public double splitting() {
    return hoop == 0 ? 0 : hoop / strength;
  }
}
