package hazelkeep.hold;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;

/**
 * Four jaws pressing on a hollow rim, as on a thin ring: closed form of the elastic ring under four
 * loads (Roark's Formulas for Stress and Strain; from memory).
 *
 * @param radius of the wall's middle, mm
 * @param wall thickness of the wall, mm
 * @param length of the rim that the jaws cover, mm; what lies beyond helps and is not counted
 * @param outward whether the jaws press outwards, which adds a pull all round
 */
public record JawsOnRing(double radius, double wall, double length, boolean outward) {
  /** Bending under a jaw, of force times radius. */
  private static final double UNDER_JAW = 0.137;

  private static final double PULL = 1 / (2 * Math.sin(Math.PI / 4));

  /** Jaws on a ring. */
  private static final int JAWS = 4;

  /**
   * @throws Refused without a wall
   */
  public JawsOnRing {
    if (!(radius > 0 && wall > 0 && length > 0)) {
      throw new Refused(Wording.of("jawsOnRing.jaws-need-a-wall-to"));
    }
  }

  /** Pull across the grain in the wall under a force of each jaw, MPa to the N. */
  public double pullPerNewton() {
    double bending = 6 * UNDER_JAW * radius / (length * wall * wall);
    return bending + (outward ? PULL / (length * wall) : 0);
  }

  /** The force of each jaw at which the wall is pulled by so much, N. */
  public double forceAt(double pull) {
    return pull / pullPerNewton();
  }

  /**
   * The torque that the jaws hold by friction under a force of each, N mm.
   *
   * @param friction of jaws on wood
   */
  public double torque(double force, double friction) {
    return JAWS * friction * force * radius;
  }
}
