package hazelkeep.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;

/**
 * A drill chuck in the tailstock.
 *
 * @param name as the turner calls it
 * @param nose diameter of its nose, mm: a wider bore lets it follow
 * @param length from its nose to its shoulder, mm: a landmark for depths
 */
public record DrillChuck(String name, double nose, double length) {
  /**
   * @throws Refused when a drill chuck can't be so, saying what would be accepted
   */
  public DrillChuck {
    name = Checks.name(name);
    Checks.mm("The chuck's nose", nose, 5, 100);
    Checks.mm(Wording.of("drillChuck.from-its-nose-to-its"), length, 5, 200);
  }
}
