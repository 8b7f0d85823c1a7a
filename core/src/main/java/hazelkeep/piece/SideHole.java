package hazelkeep.piece;

import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;

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
   * @throws IllegalArgumentException when out of range, saying what would be accepted
   */
  public SideHole {
    name = Stated.name(name, "A hole's name");
    Stated.within(height, 1, 600, Wording.of("sideHole.a-holes-middle-lies-above"));
    Stated.within(diameter, 1, 120, "A hole is");
    if (degrees < 0 || degrees > 359) {
      throw new IllegalArgumentException(Wording.of("sideHole.a-hole-lies-0-to"));
    }
  }

  /**
   * The wood between this hole and another on an outside of a radius, mm.
   *
   * @param radius of the outside, mm
   */
  public double between(SideHole other, double radius) {
    double turn = Math.toRadians(degrees - other.degrees());
    double chord = 2 * radius * Math.abs(Math.sin(turn / 2));
    double apart = Math.hypot(chord, height.mm() - other.height().mm());
    return apart - (diameter.mm() + other.diameter().mm()) / 2;
  }
}
