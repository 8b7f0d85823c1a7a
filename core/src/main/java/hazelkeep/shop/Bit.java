package hazelkeep.shop;

/**
 * A boring bit.
 *
 * @param name as the turner calls it
 * @param form what it looks like
 * @param diameter mm
 * @param tip how far its point or spur reaches beyond its full diameter, mm
 * @param reach usable length from the cutting rim, mm
 * @param shank diameter of its shank, mm
 * @param needsCentre whether its spur needs wood at the centre
 */
public record Bit(
    String name,
    Form form,
    double diameter,
    double tip,
    double reach,
    double shank,
    boolean needsCentre) {
  /** What a bit looks like. */
  public enum Form {
    TWIST("twist bit"),
    BRAD_POINT("brad point bit"),
    FORSTNER("Forstner bit"),
    SPADE("spade bit"),
    STEP("step bit"),
    DEPTH("hand depth bit");

    private final String words;

    Form(String words) {
      this.words = words;
    }

    /** In the trade's words. */
    public String words() {
      return words;
    }
  }

  /** The shank of a bit that nobody measured, mm: common chucks take up to this. */
  private static final double SHANK = 10;

  /**
   * @throws IllegalArgumentException when a bit can't be so, saying what would be accepted
   */
  public Bit {
    name = Checks.name(name);
    // Bits from before these were asked: a spur that needs wood is a Forstner bit's.
    form = form != null ? form : needsCentre ? Form.FORSTNER : Form.TWIST;
    Checks.mm("The bit's diameter", diameter, 0.5, 150);
    Checks.mm("The bit's point", tip, 0, 60);
    Checks.mm("The bit's reach", reach, 2, 1000);
    if (tip > reach) {
      throw new IllegalArgumentException(
          "The point is longer than the bit reaches: the reach is counted from the cutting rim back"
              + " to what holds it, the point from the rim forward");
    }
    shank = shank == 0 ? Math.min(SHANK, diameter) : shank;
    Checks.mm("The bit's shank", shank, 0.5, 40);
  }

  /** A twist bit with a common point of 118 degrees. */
  public static Bit twist(String name, double diameter, double reach) {
    return new Bit(
        name, Form.TWIST, diameter, twistTip(diameter, COMMON_POINT), reach, diameter, false);
  }

  /** A Forstner bit. */
  public static Bit forstner(String name, double diameter, double spur, double reach) {
    return new Bit(name, Form.FORSTNER, diameter, spur, reach, SHANK, true);
  }

  private static final double COMMON_POINT = 118;

  /** Tip length of a twist bit: half the diameter over the tangent of half the point angle. */
  public static double twistTip(double diameter, double pointAngle) {
    return diameter / 2 / Math.tan(Math.toRadians(pointAngle / 2));
  }
}
