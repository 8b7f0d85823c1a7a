package hazelkeep.shop;

import hazelkeep.measure.Refused;

/**
 * An extension for bits.
 *
 * @param name as the turner calls it
 * @param diameter mm
 * @param length by which it lengthens a bit, mm
 */
public record Extension(String name, double diameter, double length) {
  /**
   * @throws Refused when an extension can't be so, saying what would be accepted
   */
  public Extension {
    name = Checks.name(name);
    Checks.mm("The extension's diameter", diameter, 2, 60);
    Checks.mm("The extension's length", length, 20, 1000);
  }
}
