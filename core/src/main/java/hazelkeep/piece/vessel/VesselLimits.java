package hazelkeep.piece.vessel;

import hazelkeep.piece.WallWishes;

/** Numbers of the trade on bored vessels: common practice, mm. */
final class VesselLimits {
  /** Least wall beside a bore, drift counted. */
  static final double WALL = 3.0;

  /** Least floor below the bit's point. */
  static final double FLOOR = 5.0;

  /** Least rim, which nothing presses on. */
  static final double RIM = 1.5;

  /** All of them. */
  static final WallWishes WALLS = new WallWishes(WALL, RIM, WALL, FLOOR, WALL);

  /** Play round what goes in, a side. */
  static final double PLAY = 0.75;

  /** Oversize left on the outside before it is bored, a side. */
  static final double SPARE = 1.5;

  /** What an undercut leaves in the middle for the saw, on the radius. */
  static final double NUB = 4.0;

  /** Corner at the floor of a hollow: a round nose cuts it. */
  static final double CORNER = 5.0;

  /** Where a belly is widest, as a share of the height. */
  static final double BELLY = 0.4;

  /** The same above which a neck is drawn in. */
  static final double BELLY_NECKED = 0.32;

  /** Where a neck is narrowest. */
  static final double NECK = 0.82;

  /** What a turned size may be off. */
  static final double READ = 0.5;

  private VesselLimits() {}
}
