package hazelkeep.piece;

import java.util.List;

/**
 * The side of a part rolled out flat, with the holes bored into it.
 *
 * @param part whose side it is
 * @param radius of its outside where it is bored, mm
 * @param height from its foot to its upper edge, mm
 * @param places its holes
 */
public record Rolled(String part, double radius, double height, List<Place> places) {
  /**
   * A hole where it lies.
   *
   * @param hole the hole
   * @param along how far round from the grain mark its middle lies on the outside, mm
   * @param wall that it goes through, mm
   * @param nearest wood to the next hole, mm; not a number for a single one
   */
  public record Place(SideHole hole, double along, double wall, double nearest) {}

  /** All the way round, mm. */
  public double round() {
    return 2 * Math.PI * radius;
  }
}
