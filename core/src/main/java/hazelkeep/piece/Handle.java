package hazelkeep.piece;

import hazelkeep.solid.Point;

/**
 * A point of the outline that can be dragged.
 *
 * @param name its stable name
 * @param label what it shapes
 * @param at where it is, in the blank's z
 * @param along whether it may move along the axis
 * @param across whether it may move in radius
 * @param least the smallest that its size should become, mm; not a number where nothing bounds it
 * @param most the largest
 */
public record Handle(
    String name, String label, Point at, boolean along, boolean across, double least, double most) {
  /** A point that nothing bounds. */
  public Handle(String name, String label, Point at, boolean along, boolean across) {
    this(name, label, at, along, across, Double.NaN, Double.NaN);
  }

  /** The point of a diameter that must leave wood round a bore. */
  public static Handle round(String name, String label, Point at, BoreWalls walls) {
    double keep = 2 * walls.keep(at.z());
    return new Handle(name, label, at, false, true, keep > 0 ? keep : Double.NaN, Double.NaN);
  }

  /** The point of a depth that must leave so much. */
  public static Handle deep(String name, String label, Point at, double most) {
    return new Handle(name, label, at, true, false, Double.NaN, most);
  }
}
