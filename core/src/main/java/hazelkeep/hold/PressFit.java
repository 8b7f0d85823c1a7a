package hazelkeep.hold;

import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import java.util.Optional;

/**
 * A wooden ring pressed on a wooden plug, by Lame's thick cylinders. Wood is taken as alike all
 * round, with its mean stiffness across the grain: the torque of real wood, which is stiffer
 * radially than tangentially, lies between a quarter less and twice as much.
 *
 * @param pressure between ring and plug, MPa
 * @param hoop pull at the ring's bore, MPa: what splits it
 * @param plugHoop pressure at a hollow plug's bore, MPa, below zero; 0 for a solid one
 * @param torque that the seat holds by friction, N mm
 * @param pullOff that the seat holds along the axis, N
 */
public record PressFit(
    double pressure, double hoop, double plugHoop, double torque, double pullOff) {
  /** Of the torque worked out, the least that real wood may hold. */
  public static final double TORQUE_LEAST = 0.75;

  /** Of the torque worked out, the most that real wood may hold. */
  public static final double TORQUE_MOST = 2;

  /** Friction of dry wood on wood (common practice). */
  public static final double FRICTION = 0.3;

  /**
   * One half of the seat.
   *
   * @param radius the other radius of it: a ring's outside, a plug's bore, mm; 0 for a solid plug
   * @param modulus across the grain, MPa
   * @param poisson across the grain
   */
  public record Half(double radius, double modulus, double poisson) {}

  /**
   * The seat of a ring on a plug.
   *
   * @param seat radius of the seat, mm
   * @param ring the outer half
   * @param plug the inner half
   * @param interference on the diameter, mm
   * @param length of the seat, mm
   * @throws IllegalArgumentException when ring or plug have no wall
   */
  public static PressFit of(double seat, Half ring, Half plug, double interference, double length) {
    if (!(ring.radius() > seat && seat > plug.radius() && plug.radius() >= 0)) {
      throw new IllegalArgumentException("A press fit needs a wall outside and inside of its seat");
    }
    double p = interference / 2 / give(seat, ring, plug);
    double s2 = seat * seat;
    double r2 = ring.radius() * ring.radius();
    double b2 = plug.radius() * plug.radius();
    double torque = FRICTION * p * 2 * Math.PI * s2 * length;
    return new PressFit(
        p, p * (r2 + s2) / (r2 - s2), b2 == 0 ? 0 : -2 * p * s2 / (s2 - b2), torque, torque / seat);
  }

  /**
   * The interference at which the ring's bore is pulled by so much, mm on the diameter.
   *
   * @param hoop MPa
   */
  public static double interferenceAt(double seat, Half ring, Half plug, double hoop) {
    double s2 = seat * seat;
    double r2 = ring.radius() * ring.radius();
    double p = hoop * (r2 - s2) / (r2 + s2);
    return 2 * p * give(seat, ring, plug);
  }

  /**
   * The largest interference that the program plans a jam with, mm on the diameter: what pulls the
   * ring to a third of its strength across the grain, less a hair for what is rounded on the way.
   *
   * @param seat radius of the seat, mm
   * @param outside radius of the ring's outside, mm
   * @param bore radius of the plug's bore, mm; 0 for a solid one
   * @return empty where a figure is not known or there is no wall
   */
  public static Optional<Double> most(
      double seat, double outside, Species ring, double bore, Species plug) {
    Optional<Double> strength = ring.tensionAcross().map(Figure::value);
    if (strength.isEmpty()
        || ring.across().isEmpty()
        || plug.across().isEmpty()
        || !(outside > seat && seat > bore)) {
      return Optional.empty();
    }
    return Optional.of(
        interferenceAt(
            seat,
            new Half(outside, ring.across().get().value(), ring.poisson().value()),
            new Half(bore, plug.across().get().value(), plug.poisson().value()),
            SPARE * strength.get() / HoldLimits.SPLIT_WATCH));
  }

  /** Of the pull that is watched, what a jam is planned with. */
  private static final double SPARE = 0.97;

  /** How far the two halves give together on the radius, mm to the MPa. */
  private static double give(double seat, Half ring, Half plug) {
    double s2 = seat * seat;
    double r2 = ring.radius() * ring.radius();
    double b2 = plug.radius() * plug.radius();
    return seat / ring.modulus() * ((r2 + s2) / (r2 - s2) + ring.poisson())
        + seat / plug.modulus() * ((s2 + b2) / (s2 - b2) - plug.poisson());
  }

  /** The largest cutting force that it turns against at a radius, N. */
  public double forceAt(double radius) {
    return torque / radius;
  }

  /** The largest sideways force at a distance in front of the seat that does not tip it, N. */
  public double tippingForceAt(double distance) {
    return torque / distance;
  }
}
