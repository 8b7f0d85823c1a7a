package hazelkeep.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.Optional;

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
 * @param own what the turner found out about this very bit
 */
public record Bit(
    String name,
    Form form,
    double diameter,
    double tip,
    double reach,
    double shank,
    boolean needsCentre,
    Own own) {
  /**
   * What the turner found out about one bit: it wins over what is usual.
   *
   * @param drift how far it wanders off the axis, mm in 100 mm of bore
   * @param slow the slowest that it cuts well at, rpm
   * @param fast the fastest, rpm
   */
  public record Own(Optional<Double> drift, Optional<Double> slow, Optional<Double> fast) {
    /** Nothing yet. */
    public static final Own NOTHING = new Own(Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * @throws Refused when a number can't be so, saying what would be accepted
     */
    public Own {
      drift = drift == null ? Optional.empty() : drift;
      slow = slow == null ? Optional.empty() : slow;
      fast = fast == null ? Optional.empty() : fast;
      drift.ifPresent(d -> Checks.mm("The bit's drift in 100 mm", d, 0, 20));
      slow.ifPresent(s -> Checks.plain("The bit's slowest speed", s, 20, 10_000, " rpm"));
      fast.ifPresent(f -> Checks.plain("The bit's fastest speed", f, 20, 10_000, " rpm"));
      if (slow.isPresent() && fast.isPresent() && slow.get() > fast.get()) {
        throw new Refused(Wording.of("bit.the-bits-slowest-speed-is"));
      }
    }
  }

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
   * @throws Refused when a bit can't be so, saying what would be accepted
   */
  public Bit {
    name = Checks.name(name);
    // Bits from before these were asked: a spur that needs wood is a Forstner bit's.
    form = form != null ? form : needsCentre ? Form.FORSTNER : Form.TWIST;
    Checks.mm("The bit's diameter", diameter, 0.5, 150);
    Checks.mm("The bit's point", tip, 0, 60);
    Checks.mm("The bit's reach", reach, 2, 1000);
    if (tip > reach) {
      throw new Refused(Wording.of("bit.the-point-is-longer-than"));
    }
    own = own == null ? Own.NOTHING : own;
    shank = shank == 0 ? Math.min(SHANK, diameter) : shank;
    Checks.mm("The bit's shank", shank, 0.5, 40);
  }

  /** One of which nothing was found out yet. */
  public Bit(
      String name,
      Form form,
      double diameter,
      double tip,
      double reach,
      double shank,
      boolean needsCentre) {
    this(name, form, diameter, tip, reach, shank, needsCentre, Own.NOTHING);
  }

  /** The same bit, with what was found out about it. */
  public Bit with(Own found) {
    return new Bit(name, form, diameter, tip, reach, shank, needsCentre, found);
  }

  /** The same bit in a handle: pushed by hand, the tailstock has no part in it. */
  public Bit inHandle() {
    return new Bit(name, Form.DEPTH, diameter, tip, reach, shank, false, own);
  }

  /** Whether it is pushed by hand. */
  public boolean byHand() {
    return form == Form.DEPTH;
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
