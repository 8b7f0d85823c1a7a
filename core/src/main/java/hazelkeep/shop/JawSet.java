package hazelkeep.shop;

import hazelkeep.solid.Span;

/**
 * A set of jaws on a scroll chuck.
 *
 * @param name as the turner calls it
 * @param trueCircle the diameter at which the jaws form a circle and bite all round, mm
 * @param squeeze diameters that they can squeeze, mm
 * @param depth how deep a tenon may enter, mm
 * @param dovetail angle of the jaws' inner face against the axis, degrees
 * @param body outside diameter of the chuck with the jaws on, mm
 */
public record JawSet(
    String name, double trueCircle, Span squeeze, double depth, double dovetail, double body) {
  /** Kept between a tenon's end and the bottom of the jaws, mm (common practice). */
  public static final double BOTTOM_GAP = 1.5;

  /** The longest tenon whose shoulder still sits on the jaw fronts, mm. */
  public double longestTenon() {
    return depth - BOTTOM_GAP;
  }

  /** How much wider a dovetailed tenon of some length is at its end than at its root, mm. */
  public double flare(double length) {
    return 2 * length * Math.tan(Math.toRadians(dovetail));
  }

  /**
   * By how much the jaws miss a full bite on a tenon: the difference of the two arcs' rises over a
   * jaw's half width.
   *
   * @param diameter of the tenon at its root, mm
   * @param halfChord half the width of a jaw's arc, mm, below both radii
   */
  public double miss(double diameter, double halfChord) {
    return Math.abs(rise(trueCircle / 2, halfChord) - rise(diameter / 2, halfChord));
  }

  private static double rise(double r, double a) {
    return r - Math.sqrt(r * r - a * a);
  }
}
