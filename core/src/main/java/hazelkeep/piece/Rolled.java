package hazelkeep.piece;

import hazelkeep.wood.Hole;
import java.util.List;

/**
 * The side of a part rolled out flat, with the holes bored into it.
 *
 * @param part whose side it is
 * @param datum where heights are counted from, in the blank's z
 * @param radius of its outside where it is bored, mm
 * @param height from there to its upper edge, mm
 * @param places its holes
 */
public record Rolled(String part, double datum, double radius, double height, List<Place> places) {
  /**
   * A hole where it lies.
   *
   * @param hole the hole
   * @param height of its middle, mm
   * @param along how far round from the grain mark its middle lies on the outside, mm
   * @param wall that it goes through, mm
   * @param nearest wood to the next hole, mm; not a number for a single one
   */
  public record Place(Hole hole, double height, double along, double wall, double nearest) {}

  /** All the way round, mm. */
  public double round() {
    return 2 * Math.PI * radius;
  }
}
