package hazelkeep.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;

/**
 * A screw chuck.
 *
 * @param name as the turner calls it
 * @param diameter of the thread, mm
 * @param length of thread in the wood, mm
 * @param face diameter of the face that the wood is drawn against, mm
 */
public record WoodScrew(String name, double diameter, double length, double face) {
  /**
   * @throws Refused when a screw can't be so, saying what would be accepted
   */
  public WoodScrew {
    name = Checks.name(name);
    Checks.mm("The screw's diameter", diameter, 2, 25);
    Checks.mm("The screw's length", length, 5, 80);
    Checks.mm("The face behind the wood", face, 10, 250);
    if (face <= diameter) {
      throw new Refused(Wording.of("woodScrew.the-face-behind-the-wood"));
    }
  }
}
