package hazelkeep.solid;

/**
 * What of a tool can collide: a straight bar with a nose.
 *
 * @param nose radius of the cutting nose, mm
 * @param shank half the width of the bar behind it, mm
 * @param length how far it reaches in front of the rest, mm
 */
public record ToolShape(double nose, double shank, double length) {
  /**
   * @throws IllegalArgumentException for a bar without width or length
   */
  public ToolShape {
    if (!(nose > 0 && shank > 0 && length > 0)) {
      throw new IllegalArgumentException("A tool has a nose, a width and a length above zero");
    }
  }
}
