package hazelkeep.element;

import hazelkeep.measure.DimKey;

/**
 * A station of a piece in its blank: one end of a stretch of the stick.
 *
 * @param stretch the size that the stretch is
 * @param far whether it is the end away from the blank's foot
 */
public record Edge(DimKey stretch, boolean far) {
  /** Where a stretch begins. */
  public static Edge from(DimKey stretch) {
    return new Edge(stretch, false);
  }

  /** Where a stretch ends. */
  public static Edge to(DimKey stretch) {
    return new Edge(stretch, true);
  }
}
