package hazelkeep.setout;

/**
 * Where places along the work are counted from.
 *
 * @param from what a rule is laid against
 * @param x where that is in the setup's frame, mm
 */
public record Datum(From from, double x) {
  /** What can be reached while the work is held. */
  public enum From {
    /** The free end of the work; places count towards the headstock. */
    END,
    /** The front of the jaws or of the chuck; places count towards the tailstock. */
    CHUCK
  }

  /** The place of an x of the setup, mm. */
  public double place(double at) {
    return from == From.END ? x - at : at - x;
  }

  /** The x in the setup of a place, mm. */
  public double x(double place) {
    return from == From.END ? x - place : x + place;
  }
}
