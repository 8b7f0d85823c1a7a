package hazelkeep.shop;

import hazelkeep.measure.Refused;

/**
 * An object that is used as a gauge: the shoulder of the drill chuck, the width of a skew.
 *
 * @param name as the turner calls it
 * @param length what it measures, mm
 */
public record Landmark(String name, double length) {
  /**
   * @throws Refused when it has no name or no length
   */
  public Landmark {
    name = Checks.name(name);
    Checks.mm("Its length", length, 0.1, 1000);
  }
}
