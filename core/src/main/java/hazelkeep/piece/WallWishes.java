package hazelkeep.piece;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;

/**
 * How thick the walls of a part are wanted, mm.
 *
 * @param wall between a hollow and the side
 * @param rim round a mouth
 * @param spigot between a hollow and a spigot or shoulder over it
 * @param floor between a hollow and the foot
 * @param corner between a hollow and the top
 */
public record WallWishes(double wall, double rim, double spigot, double floor, double corner) {
  /** The thickest of them: what is thicker still is never looked at twice. */
  double most() {
    return Math.max(Math.max(Math.max(wall, rim), Math.max(spigot, floor)), corner);
  }

  /** Wishes that are lines of Practice, in the order of this record. */
  public static WallWishes of(Practice practice, Line... lines) {
    return new WallWishes(
        practice.of(lines[0]),
        practice.of(lines[1]),
        practice.of(lines[2]),
        practice.of(lines[3]),
        practice.of(lines[4]));
  }
}
