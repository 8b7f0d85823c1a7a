package hazelkeep.hold;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
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
 * @param seat its radius, mm
 * @param length along which the two touch, mm
 */
public record PressFit(double pressure, double hoop, double plugHoop, double seat, double length) {
  /**
   * One half of the seat.
   *
   * @param radius the other radius of it: a ring's outside, a plug's bore, mm; 0 for a solid plug
   * @param modulus across the grain, MPa
   * @param poisson across the grain
   */
  public record Half(double radius, double modulus, double poisson) {}

  /**
   * One half of the seat of a wood that is known.
   *
   * @param radius the other radius of it: a ring's outside, a plug's bore, mm; 0 for a solid plug
   */
  public record Turned(double radius, Species wood) {
    private Half half() {
      return new Half(radius, wood.across().orElseThrow().value(), wood.poisson().value());
    }
  }

  /**
   * The seat of a ring on a plug.
   *
   * @param seat radius of the seat, mm
   * @param ring the outer half
   * @param plug the inner half
   * @param interference on the diameter, mm
   * @param length of the seat, mm
   * @throws Refused when ring or plug have no wall
   */
  public static PressFit of(double seat, Half ring, Half plug, double interference, double length) {
    if (!(ring.radius() > seat && seat > plug.radius() && plug.radius() >= 0)) {
      throw new Refused(Wording.of("pressFit.a-press-fit-needs-a"));
    }
    double p = interference / 2 / give(seat, ring, plug);
    double s2 = seat * seat;
    double r2 = ring.radius() * ring.radius();
    double b2 = plug.radius() * plug.radius();
    return new PressFit(
        p, p * (r2 + s2) / (r2 - s2), b2 == 0 ? 0 : -2 * p * s2 / (s2 - b2), seat, length);
  }

  /**
   * The torque that the seat holds by friction, N mm.
   *
   * @param friction of wood on wood
   */
  public double torque(double friction) {
    return friction * pressure * 2 * Math.PI * seat * seat * length;
  }

  /** What the seat holds along the axis, N. */
  public double pullOff(double friction) {
    return torque(friction) / seat;
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
   * ring to a share of its strength across the grain.
   *
   * @param seat radius of the seat, mm
   * @param ring the outer half, by the radius of its outside
   * @param plug the inner half, by the radius of its bore
   * @param practice which share is watched, and how much of it is planned with
   * @return empty where a figure is not known or there is no wall
   */
  public static Optional<Double> most(double seat, Turned ring, Turned plug, Practice practice) {
    Optional<Double> strength = ring.wood().tensionAcross().map(Figure::value);
    if (strength.isEmpty()
        || ring.wood().across().isEmpty()
        || plug.wood().across().isEmpty()
        || !(ring.radius() > seat && seat > plug.radius())) {
      return Optional.empty();
    }
    return Optional.of(
        interferenceAt(
            seat,
            ring.half(),
            plug.half(),
            practice.of(Line.HOLD_SPLIT_SPARE)
                * strength.get()
                / practice.of(Line.HOLD_SPLIT_WATCH)));
  }

  /** How far the two halves give together on the radius, mm to the MPa. */
  private static double give(double seat, Half ring, Half plug) {
    double s2 = seat * seat;
    double r2 = ring.radius() * ring.radius();
    double b2 = plug.radius() * plug.radius();
    return seat / ring.modulus() * ((r2 + s2) / (r2 - s2) + ring.poisson())
        + seat / plug.modulus() * ((s2 + b2) / (s2 - b2) - plug.poisson());
  }
}
