package hazelkeep.solid;

/**
 * A stretch from one number up to another, [from, to).
 *
 * @param from lower end
 * @param to upper end, not below from
 */
public record Span(double from, double to) {
  /**
   * @throws IllegalArgumentException when upside down
   */
  public Span {
    if (!(from <= to)) {
      throw new IllegalArgumentException(
          "A range runs from the smaller to the larger number; "
              + from
              + " to "
              + to
              + " is upside down");
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
