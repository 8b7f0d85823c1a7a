package hazelkeep.element;

/** How a line runs from place to place. */
public enum Bend {
  /** Straight. */
  STRAIGHT,
  /** By one smooth line that never swings past its places. */
  SMOOTH,
  /** Bulging: level where it is widest. */
  BULGING
}
