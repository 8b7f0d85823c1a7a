package hazelkeep.piece;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.solid.CrossHole;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;

/**
 * A hole bored into the side, square to the axis.
 *
 * @param name what it is for
 * @param height of its middle above the foot
 * @param degrees round the axis, 0 to 359, counted from the grain mark
 * @param diameter of the hole
 */
public record SideHole(String name, Size height, int degrees, Size diameter) {
  /**
   * @throws Refused when out of range, saying what would be accepted
   */
  public SideHole {
    name = Stated.name(name, "A hole's name");
    Stated.within(height, 1, 600, Wording.of("sideHole.a-holes-middle-lies-above"));
    Stated.within(diameter, 1, 120, "A hole is");
    if (degrees < 0 || degrees > 359) {
      throw new Refused(Wording.of("sideHole.a-hole-lies-0-to"));
    }
  }

  /**
   * It as it lies on a part.
   *
   * @param or its name where it has none
   */
  public Hole on(Part part, String or) {
    double z = part.datum() + height.mm();
    CrossHole at = new CrossHole(z, Math.toRadians(degrees), diameter.mm() / 2);
    return new Hole(name.isEmpty() ? or : name, at);
  }
}
