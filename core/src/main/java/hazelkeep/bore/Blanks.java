package hazelkeep.bore;

/** What of sawn stock can be had in the round. */
public final class Blanks {
  /** Of a square's side: from the corner to where an octagon's flat begins. */
  private static final double SET_BACK = 1 - Math.sqrt(0.5);

  private Blanks() {}

  /** The largest sure cylinder in a square, mm: centring errors come off twice. */
  public static double cylinder(double side, double centring) {
    return side - 2 * centring;
  }

  /** How far the corners of a square are set back for an octagon, mm. */
  public static double setBack(double side) {
    return SET_BACK * side;
  }

  /** The flat of an octagon sawn from a square, mm. */
  public static double flat(double side) {
    return side - 2 * setBack(side);
  }
}
