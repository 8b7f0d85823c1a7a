package hazelkeep.piece;

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
}
