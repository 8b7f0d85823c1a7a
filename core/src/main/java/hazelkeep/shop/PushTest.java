package hazelkeep.shop;

import hazelkeep.measure.Refused;

/**
 * A push test: a straight round bar in the jaws, pushed sideways with a known force, its deflection
 * read. It says how much the lathe and the chuck yield.
 *
 * @param species the bar's wood
 * @param diameter the bar's diameter, mm
 * @param tenon diameter of the tenon it is held by, mm
 * @param at how far in front of the jaws it was pushed and read, mm
 * @param force N; a kilogram on a scale is 9.81 N
 * @param deflection read by a dial gauge, mm
 */
public record PushTest(
    String species, double diameter, double tenon, double at, double force, double deflection) {
  /**
   * @throws Refused when a test can't be so, saying what would be accepted
   */
  public PushTest {
    species = Checks.name(species);
    Checks.mm("The bar's diameter", diameter, 10, 200);
    Checks.mm("The tenon's diameter", tenon, 10, 200);
    Checks.mm("The place of the push", at, 20, 500);
    Checks.plain("The force", force, 1, 1000, " N");
    Checks.mm("The deflection", deflection, 0.005, 20);
  }
}
