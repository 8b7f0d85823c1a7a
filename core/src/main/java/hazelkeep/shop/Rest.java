package hazelkeep.shop;

import hazelkeep.measure.Refused;

/**
 * A tool rest.
 *
 * @param name as the turner calls it
 * @param length mm
 */
public record Rest(String name, double length) {
  /**
   * @throws Refused when it has no name or no length
   */
  public Rest {
    name = Checks.name(name);
    Checks.mm("The rest's length", length, 20, 2000);
  }
}
