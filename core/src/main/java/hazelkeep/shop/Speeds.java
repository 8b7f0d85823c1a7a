package hazelkeep.shop;

import hazelkeep.measure.Length;
import hazelkeep.practice.Line;

/**
 * Speed windows.
 *
 * @param from lowest of the usual speeds, rpm
 * @param to highest of the usual speeds, rpm
 * @param ceiling never above this, rpm
 */
public record Speeds(double from, double to, double ceiling) {
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
   * @param shop its lathe's slowest and fastest speeds bound the window, its practice shapes it
   */
  public static Speeds of(double diameter, boolean round, At at, Shop shop) {
    double counts = Math.max(diameter, shop.custom(Line.SPEED_SMALLEST));
    double inch = (round ? 1 : shop.custom(Line.SPEED_OUT_OF_ROUND)) * Length.INCH / counts;
    double lo = inch * shop.custom(Line.SPEED_USUAL_FROM);
    double hi = inch * shop.custom(Line.SPEED_USUAL_TO);
    double ceiling = inch * shop.custom(Line.SPEED_CEILING);
    double share = lo / hi;
    switch (at) {
      case PARTING -> {
        double parting = shop.custom(Line.SPEED_PARTING);
        ceiling = Math.min(ceiling, parting);
        lo = Math.min(lo, parting * share);
      }
      case SANDING -> {
        lo *= shop.custom(Line.SPEED_SANDING);
        hi *= shop.custom(Line.SPEED_SANDING);
      }
      case BORING -> {
        lo = Math.min(lo, shop.custom(Line.SPEED_BORING_FROM));
        hi = Math.min(hi, shop.custom(Line.SPEED_BORING_TO));
      }
      default -> {}
    }
    return within(lo, hi, ceiling, share, shop.lathe());
  }

  /**
   * The part of this window in which a bit may turn as well: the work turns and not the bit, so
   * both ceilings hold.
   *
   * @param slow lowest of the bit's speeds, rpm
   * @param fast highest of the bit's speeds, rpm
   */
  public Speeds and(double slow, double fast, Shop shop) {
    double share = shop.custom(Line.SPEED_USUAL_FROM) / shop.custom(Line.SPEED_USUAL_TO);
    return within(slow, fast, Math.min(ceiling, fast), share, shop.lathe());
  }

  private static Speeds within(double lo, double hi, double ceiling, double share, Lathe lathe) {
    double most = tens(Math.min(ceiling, lathe.fastest()));
    double to = Math.min(most, tens(Math.max(hi, lathe.slowest())));
    // Small work would want more than the lathe has: a window stays below its top.
    double from = hi > most ? Math.min(lo, to * share) : lo;
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
