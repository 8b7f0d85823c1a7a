package hazelkeep.shop;

import hazelkeep.measure.Refused;

/**
 * A device that shows a length. A reading is not yet a depth: some devices start from a dead
 * length.
 *
 * @param name as the turner calls it
 * @param dead added to what is shown, mm; 0 for one that shows the length itself
 * @param depth whether it reads depths, from a rim or a mouth; what starts from a dead length does
 */
public record Gauge(String name, double dead, boolean depth) {
  /**
   * @throws Refused when it has no name, or a dead length beyond any device
   */
  public Gauge {
    name = Checks.name(name);
    Checks.mm("The dead length", dead, -500, 500);
    depth = depth || dead != 0;
  }

  /** Calipers, or a depth gauge that starts from a dead length. */
  public Gauge(String name, double dead) {
    this(name, dead, false);
  }

  /**
   * The dead length that a trial tells.
   *
   * @param truth a length that is known, mm
   * @param shown what the device shows there, mm
   */
  public static double dead(double truth, double shown) {
    return truth - shown;
  }

  /** The true length behind a value shown, mm. */
  public double truth(double shown) {
    return shown + dead;
  }

  /** What the device shows for a true length, mm. */
  public double shows(double truth) {
    return truth - dead;
  }
}
