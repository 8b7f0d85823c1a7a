package hazelkeep.shop;

import hazelkeep.measure.Refused;
import hazelkeep.solid.Span;

/**
 * A steady rest: wheels round the work that keep it from giving way.
 *
 * @param name as the turner calls it
 * @param range diameters that its wheels take, mm
 * @param width of the band they run on, mm: it must stay round
 */
public record Steady(String name, Span range, double width) {
  /**
   * @throws Refused when a steady can't be so, saying what would be accepted
   */
  public Steady {
    name = Checks.name(name);
    Checks.mm("The steady's smallest diameter", range.from(), 0, 1000);
    Checks.mm("The steady's largest diameter", range.to(), 5, 1000);
    Checks.rises("The steady's range", range.from(), range.to());
    Checks.mm("The band under the wheels", width, 2, 80);
  }
}
