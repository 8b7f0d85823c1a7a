package hazelkeep.piece.cased;

import hazelkeep.piece.WallWishes;

/** Numbers of the trade on bored cases: common practice, mm. */
final class CasedLimits {
  /** Least wall round a bore, drift counted. */
  static final double WALL = 2.5;

  /** Least end beyond a bit's point, so that it can be textured. */
  static final double END = 3.0;

  /** Least wall of a spigot that a step leaves. */
  static final double SPIGOT = 1.0;

  /** Least rim. */
  static final double RIM = 2.0;

  /** All of them, for body and lid. */
  static final WallWishes WALLS = new WallWishes(WALL, RIM, SPIGOT, END, WALL);

  /** The step's spigot wall on a house, which is lifted by its roof. */
  static final double SPIGOT_HOUSE = 3.0;

  /** Play round what goes in, a side. */
  static final double PLAY = 0.5;

  /** Play along what goes in. */
  static final double AIR = 1.0;

  /** Left on the outside until it is bored, a side: a slim case is bored while it is stout. */
  static final double STOUT = 5.0;

  /** Left on the spigot until the body is bored, a side. */
  static final double SPARE = 1.0;

  /** What an undercut leaves in the middle for the saw, on the radius. */
  static final double NUB = 3.0;

  /** Least wood between two holes, and between a hole and an edge. */
  static final double HOLE_WALL = 4.0;

  /** Air that the spigot's end keeps. */
  static final double GAP = 0.3;

  /** What a turned size may be off. */
  static final double READ = 0.5;

  /** What a size of the fit may be off. */
  static final double READ_FIT = 0.03;

  private CasedLimits() {}
}
