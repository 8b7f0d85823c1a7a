package hazelkeep.piece.mill;

import hazelkeep.piece.WallWishes;

/** Numbers of the trade on mills: common practice, mm. */
final class MillLimits {
  /** Least wall beside a bore or seat, drift counted. */
  static final double WALL = 5.0;

  /** Least wall of the head's tenon round the seat in it. */
  static final double TENON_WALL = 2.0;

  /** Least rim round the mouths of the body. */
  static final double RIM = 3.0;

  /** Least wood over a corner inside the head. */
  static final double CORNER = 3.0;

  /** All of them, for the body. */
  static final WallWishes WALLS = new WallWishes(WALL, RIM, RIM, RIM, RIM);

  /** The same for the head. */
  static final WallWishes HEAD = new WallWishes(CORNER, TENON_WALL, TENON_WALL, CORNER, CORNER);

  /** Wall of a chucking tenon round the bore in it. */
  static final double TENON_STOUT = 8.0;

  /** Least wood left above what is let into the head. */
  static final double HEAD_ROOF = 6.0;

  /** Least wood left above the hollow of a shaker's head. */
  static final double CAP = 4.0;

  /** Room round the shaft, on the diameter. */
  static final double SHAFT_PLAY = 0.5;

  /** What the nut on the shaft needs of its thread. */
  static final double THREAD = 8.0;

  /** Wood between two holes that salt falls through. */
  static final double BETWEEN = 2.0;

  /** Left on the outside before it is bored, a side. */
  static final double SPARE = 1.0;

  /** What a turned size may be off. */
  static final double READ = 0.5;

  /** The same for what a bought part sits in. */
  static final double READ_SEAT = 0.3;

  private MillLimits() {}
}
