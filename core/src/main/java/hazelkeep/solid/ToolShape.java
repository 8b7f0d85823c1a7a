package hazelkeep.solid;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;

/**
 * What of a tool can collide: a straight bar with a nose.
 *
 * @param nose radius of the cutting nose, mm
 * @param shank half the width of the bar behind it, mm
 * @param length how far it reaches in front of the rest, mm
 */
public record ToolShape(double nose, double shank, double length) {
  /**
   * @throws Refused for a bar without width or length
   */
  public ToolShape {
    if (!(nose > 0 && shank > 0 && length > 0)) {
      throw new Refused(Wording.of("toolShape.above-zero"));
    }
  }
}
