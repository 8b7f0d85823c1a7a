package hazelkeep.shop;

import hazelkeep.measure.Length;

/**
 * Speed windows.
 *
 * @param from lowest of the usual speeds, rpm
 * @param to highest of the usual speeds, rpm
 * @param ceiling never above this, rpm
 */
public record Speeds(double from, double to, double ceiling) {
  /** Diameter in inches times rpm: usual passes run from here to there (common practice). */
  private static final double USUAL_LO = 3000;

  private static final double USUAL_HI = 5000;

  /**
   * Diameter in inches times rpm: the lower of the two ceilings in use for round, sound work, 6000
   * and 9000 (common practice).
   */
  private static final double CEILING = 6000;

  /** Part of it that work out of round is given (common practice). */
  private static final double OUT_OF_ROUND = 0.6;

  /** Parting off stays below this, rpm (common practice). */
  private static final double PARTING = 1000;

  /** A hand-held depth bit is pushed in at a moderate speed, rpm (common practice). */
  private static final double BORING_LO = 300;

  private static final double BORING_HI = 600;

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
    double lo = share * USUAL_LO / inches;
    double hi = share * USUAL_HI / inches;
    double ceiling = share * CEILING / inches;
    switch (at) {
      case PARTING -> {
        ceiling = Math.min(ceiling, PARTING);
        hi = Math.min(hi, PARTING);
        lo = Math.min(lo, 0.6 * PARTING);
      }
      case SANDING -> {
        // About a quarter of the last turning speed (common practice).
        lo = lo / 4;
        hi = hi / 4;
      }
      case BORING -> {
        lo = Math.min(lo, BORING_LO);
        hi = Math.min(hi, BORING_HI);
      }
      default -> {}
    }
    return new Speeds(
        tens(within(lo, lathe)), tens(within(hi, lathe)), tens(within(ceiling, lathe)));
  }

  /** This window kept below a speed, rpm. */
  public Speeds below(double rpm) {
    double most = Math.floor(rpm / 10) * 10;
    return most >= ceiling
        ? this
        : new Speeds(Math.min(from, most), Math.min(to, most), Math.min(ceiling, most));
  }

  private static double within(double rpm, Lathe lathe) {
    return Math.max(lathe.slowest(), Math.min(lathe.fastest(), rpm));
  }

  private static double tens(double rpm) {
    return Math.rint(rpm / 10) * 10;
  }
}
