package hazelkeep.season;

import hazelkeep.fit.FitClass;

/**
 * A joint whose halves move with the air.
 *
 * @param diameter of the joint, mm
 * @param clearance as it is cut today, mm
 * @param outer the half with the recess
 * @param inner the half with the spigot
 * @param wanted the class of fit
 */
public record Pairing(double diameter, double clearance, Half outer, Half inner, FitClass wanted) {
  /** The same joint with another clearance. */
  public Pairing with(double other) {
    return new Pairing(diameter, other, outer, inner, wanted);
  }

  /** The same joint with other halves. */
  public Pairing of(Half o, Half i) {
    return new Pairing(diameter, clearance, o, i, wanted);
  }

  /** The same joint with another fit wanted. */
  public Pairing wanting(FitClass other) {
    return new Pairing(diameter, clearance, outer, inner, other);
  }
}
