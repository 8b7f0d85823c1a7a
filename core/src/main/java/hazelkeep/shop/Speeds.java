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

  /** Sanding takes about a quarter of the last turning speed (common practice). */
  private static final double SANDING_SHARE = 0.25;

  /** Thinner work than this is taken for so thick, mm. */
  private static final double SMALLEST = 5;

  /** What is done at the speed. */
  public enum At {
    TURNING,
    PARTING,
    SANDING,
    BORING
  }

  /**
   * The window for a diameter. The lathe's range bounds what is usual; it never raises the ceiling:
   * where its slowest speed lies above that, the window says so by ending below it.
   *
   * @param diameter largest swept diameter, mm
   * @param round whether the work is round
   * @param at what is done
   * @param lathe its slowest and fastest speeds bound the window
   */
  public static Speeds of(double diameter, boolean round, At at, Lathe lathe) {
    double inch = (round ? 1 : OUT_OF_ROUND) * Length.INCH / Math.max(diameter, SMALLEST);
    double lo = inch * USUAL_LO;
    double hi = inch * USUAL_HI;
    double ceiling = inch * CEILING;
    switch (at) {
      case PARTING -> {
        ceiling = Math.min(ceiling, PARTING);
        lo = Math.min(lo, PARTING * USUAL_LO / USUAL_HI);
      }
      case SANDING -> {
        lo = lo * SANDING_SHARE;
        hi = hi * SANDING_SHARE;
      }
      case BORING -> {
        lo = Math.min(lo, BORING_LO);
        hi = Math.min(hi, BORING_HI);
      }
      default -> {}
    }
    return within(lo, hi, ceiling, lathe);
  }

  /**
   * The part of this window in which a bit may turn as well: the work turns and not the bit, so
   * both ceilings hold.
   *
   * @param slow lowest of the bit's speeds, rpm
   * @param fast highest of the bit's speeds, rpm
   */
  public Speeds and(double slow, double fast, Lathe lathe) {
    return within(slow, fast, Math.min(ceiling, fast), lathe);
  }

  private static Speeds within(double lo, double hi, double ceiling, Lathe lathe) {
    double most = tens(Math.min(ceiling, lathe.fastest()));
    double to = Math.min(most, tens(Math.max(hi, lathe.slowest())));
    // Small work would want more than the lathe has: a window stays below its top.
    double from = hi > most ? Math.min(lo, to * USUAL_LO / USUAL_HI) : lo;
    return new Speeds(Math.min(to, tens(Math.max(from, lathe.slowest()))), to, most);
  }

  /** This window kept below a speed, rpm. */
  public Speeds below(double rpm) {
    double most = tens(rpm);
    return most >= ceiling
        ? this
        : new Speeds(Math.min(from, most), Math.min(to, most), Math.min(ceiling, most));
  }

  /** Down to whole tens: a ceiling is never rounded up. */
  private static double tens(double rpm) {
    return Math.floor(rpm / 10 + 1e-9) * 10;
  }
}
