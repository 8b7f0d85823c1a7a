package hazelkeep.shop;

import hazelkeep.measure.Length;

/**
 * Speed windows.
 *
 * @param from lowest sensible rpm
 * @param to ceiling, rpm
 */
public record Speeds(double from, double to) {
  /** Diameter in inches times rpm: the ceiling for round, sound work (common practice). */
  private static final double CEILING_LO = 6000;

  private static final double CEILING_HI = 9000;

  /** Part of the ceiling that work out of round is given (common practice). */
  private static final double OUT_OF_ROUND = 0.5;

  /** Parting off stays below this, rpm (common practice). */
  private static final double PARTING = 1000;

  /** What is done at the speed. */
  public enum At {
    TURNING,
    PARTING,
    SANDING,
    BORING
  }

  /**
   * The window for a diameter.
   *
   * @param diameter largest swept diameter, mm
   * @param round whether the work is round
   * @param at what is done
   * @param lathe its slowest and fastest speeds bound the window
   */
  public static Speeds of(double diameter, boolean round, At at, Lathe lathe) {
    double inches = Math.max(diameter, 5) / Length.INCH;
    double share = round ? 1 : OUT_OF_ROUND;
    double lo = share * CEILING_LO / inches;
    double hi = share * CEILING_HI / inches;
    switch (at) {
      case PARTING -> {
        hi = Math.min(hi, PARTING);
        lo = Math.min(lo, 0.6 * PARTING);
      }
      case SANDING -> {
        // About a quarter of the last turning speed (common practice).
        lo = lo / 4;
        hi = hi / 4;
      }
      case BORING -> {
        lo = Math.min(lo, 300);
        hi = Math.min(hi, 600);
      }
      default -> {}
    }
    return new Speeds(tens(within(lo, lathe)), tens(within(hi, lathe)));
  }

  private static double within(double rpm, Lathe lathe) {
    return Math.max(lathe.slowest(), Math.min(lathe.fastest(), rpm));
  }

  private static double tens(double rpm) {
    return Math.rint(rpm / 10) * 10;
  }
}
