package hazelkeep.solid;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;

/**
 * A stretch from one number up to another, [from, to).
 *
 * @param from lower end
 * @param to upper end, not below from
 */
public record Span(double from, double to) {
  /**
   * @throws Refused when upside down
   */
  public Span {
    if (!(from <= to)) {
      throw new Refused(Wording.of("span.upside-down", from, to));
    }
  }

  /** Its length. */
  public double length() {
    return to - from;
  }

  /** Whether it holds a value. */
  public boolean holds(double value) {
    return value >= from && value < to;
  }
}
