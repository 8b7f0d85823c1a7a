package hazelkeep.piece.box;

import hazelkeep.piece.WallWishes;

/** Numbers of the trade on box making: common practice, mm, with their reasons. */
final class BoxLimits {
  /** Least wall; egg-shaped boxes go down to this. */
  static final double WALL = 3.0;

  /** Least floor, so that the foot can be hollowed and stays stiff. */
  static final double FLOOR = 4.0;

  /** Least thickness over the inside corner of the lid. */
  static final double LID_CORNER = 3.0;

  /** Least rim round a recess: end grain splits along a thin ring. */
  static final double RIM = 2.5;

  /** Least spigot wall while it drives the lid as a jam chuck. */
  static final double SPIGOT_JAM = 4.0;

  /** Least spigot wall in use. */
  static final double SPIGOT_USE = 2.0;

  /** All of them, for body and lid. */
  static final WallWishes WALLS = new WallWishes(WALL, RIM, SPIGOT_JAM, FLOOR, LID_CORNER);

  /** Play round a content, a side. */
  static final double CONTENT_PLAY = 1.0;

  /** Wood turned off in rounding, on the diameter. */
  static final double ROUNDING = 4.0;

  /** Oversize left on a diameter between roughing and finish, a side. */
  static final double SPARE = 1.0;

  /** Left on outsides when they are first trued, a side. */
  static final double TRUE_LEAVE = 0.5;

  /** Lean of the tool that hollows the foot, degrees. */
  static final double FOOT_LEAN = 3.0;

  /** Corner of a flat roof inside the lid. */
  static final double ROOF_CORNER = 4.0;

  /** The same on a small lid, as a share of its inside radius. */
  static final double ROOF_CORNER_SHARE = 0.3;

  /** Water line below the brim for the second capacity. */
  static final double LINE_BELOW_BRIM = 10.0;

  /** What a turned size may be off, on the diameter or the length: the rest follows it. */
  static final double READ_TURNED = 0.5;

  /** What a recess may be shallower: the spigot's end keeps its air. */
  static final double READ_RECESS_SHORT = 0.2;

  /** What a size of the fit may be off, on the diameter; common practice. */
  static final double READ_FIT = 0.03;

  /** How far in front of the first hold a tool stays. */
  static final double START_CLEAR = 3.0;

  /** What an undercut leaves in the middle for the saw, on the radius. */
  static final double NUB = 4.0;

  private BoxLimits() {}
}
