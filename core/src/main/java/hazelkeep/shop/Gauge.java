package hazelkeep.shop;

/**
 * A device that shows a length. A reading is not yet a depth: some devices start from a dead
 * length.
 *
 * @param name as the turner calls it
 * @param dead added to what is shown, mm; 0 for calipers
 */
public record Gauge(String name, double dead) {
  /**
   * @throws IllegalArgumentException when it has no name, or a dead length beyond any device
   */
  public Gauge {
    name = Checks.name(name);
    Checks.mm("The dead length", dead, -500, 500);
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
