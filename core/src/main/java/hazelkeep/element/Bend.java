package hazelkeep.element;

/** How a line runs from place to place. */
public enum Bend {
  /** Straight. */
  STRAIGHT,
  /** By one smooth line that never swings past its places. */
  SMOOTH,
  /** Bulging: level where it is widest. */
  BULGING,
  /** Hollow: level where it is narrowest, twice as steep as the straight line at its wider end. */
  HOLLOW,
  /**
   * A quarter of an ellipse: level where it is widest, square to the axis where it is narrowest.
   */
  ROUND
}
