package hazelkeep.setout;

import hazelkeep.shop.Gauge;

/**
 * A number that is set out or measured.
 *
 * @param kind what it is
 * @param mm the true length, mm
 * @param gauge what shows it
 * @param within how far off will do on either side, mm
 * @param fine whether it belongs to a fit and is shown as finely as one
 */
public record Figure(Kind kind, double mm, Gauge gauge, double within, boolean fine) {
  /** What a number says. */
  public enum Kind {
    /** How much comes off an end. */
    TAKE_OFF,
    /** A place along the work, a rule laid against its datum. */
    PLACE,
    /** A place down in a hollow. */
    DEPTH,
    /** A diameter with the wood inside of it. */
    OUTSIDE,
    /** A diameter with the wood round it. */
    INSIDE,
    /** The radius of a round. */
    RADIUS
  }

  /** Whether it is a diameter. */
  public boolean across() {
    return kind == Kind.OUTSIDE || kind == Kind.INSIDE;
  }
}
