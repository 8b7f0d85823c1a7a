package hazelkeep.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** How numbers are rounded everywhere: a half goes away from zero, as on paper. */
public final class Rounding {
  /** Digits after which a binary number holds noise only. */
  private static final int NOISE = 9;

  private Rounding() {}

  /**
   * A number rounded to so many places. What lies a binary hair beside a half counts as the half:
   * 0.285 is stored a little below and still becomes 0.29.
   *
   * @param value finite
   */
  public static BigDecimal half(double value, int places) {
    return BigDecimal.valueOf(value)
        .setScale(Math.max(NOISE, places + 1), RoundingMode.HALF_UP)
        .setScale(places, RoundingMode.HALF_UP);
  }

  /** The same as a plain number. */
  public static double to(double value, int places) {
    return half(value, places).doubleValue();
  }

  /** The same as text, with all its places and no minus before a zero. */
  public static String text(double value, int places) {
    if (!Double.isFinite(value)) {
      return Double.isNaN(value) ? "not known" : value > 0 ? "endless" : "none";
    }
    return half(value, places).toPlainString();
  }

  /** Up to the next tenth, mm: what is set can be read off a rule. Example: 5.01 is 5.1. */
  public static double up(double mm) {
    return Math.ceil(mm * 10 - HAIR) / 10;
  }

  /** Down to the tenth, mm. Example: 5.09 is 5.0. */
  public static double down(double mm) {
    return Math.floor(mm * 10 + HAIR) / 10;
  }

  /** Less than this over a tenth is that tenth. */
  private static final double HAIR = 1e-6;
}
