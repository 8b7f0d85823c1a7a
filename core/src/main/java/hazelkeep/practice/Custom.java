package hazelkeep.practice;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.math.BigDecimal;

/**
 * The turner's own value of a line of Practice.
 *
 * @param name the line's name
 * @param value in the line's unit
 */
public record Custom(String name, double value) {
  /**
   * @throws Refused when there is no such line, or the value makes no sense
   */
  public Custom {
    Line.Text text = line(name).text();
    if (!(value >= text.least() && value <= text.most())) {
      throw new Refused(
          Wording.of(
              "custom.lies-between-and-this-is",
              text.meaning(),
              plain(text.least()),
              plain(text.most()),
              text.unit(),
              plain(value)));
    }
  }

  private static Line line(String name) {
    return Line.named(name == null ? "" : name)
        .orElseThrow(() -> new Refused(Wording.of("custom.practice-has-no-line-called", name)));
  }

  /** The line. */
  public Line line() {
    return line(name);
  }

  /** A value as it is typed, without needless places. */
  public static String plain(double value) {
    return Double.isFinite(value)
        ? BigDecimal.valueOf(value).stripTrailingZeros().toPlainString()
        : Double.toString(value);
  }
}
