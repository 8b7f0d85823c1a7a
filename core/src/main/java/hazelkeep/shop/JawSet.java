package hazelkeep.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.solid.Span;
import java.util.Optional;

/**
 * A set of jaws on a scroll chuck.
 *
 * @param name as the turner calls it
 * @param form what its jaws look like
 * @param trueCircle the diameter at which the jaws form a circle and bite all round, mm
 * @param squeeze diameters that they can squeeze, mm
 * @param expand inside diameters that they can expand into, mm; empty for jaws that only squeeze
 * @param depth how deep a tenon may enter, mm
 * @param dovetail angle of the jaws' inner face against the axis, degrees
 * @param body outside diameter of the chuck with the jaws on, mm
 */
public record JawSet(
    String name,
    Form form,
    double trueCircle,
    Span squeeze,
    Optional<Span> expand,
    double depth,
    double dovetail,
    double body) {
  /** Half the width of a jaw's arc, of its true radius (common practice). */
  private static final double HALF_ARC = 0.48;

  /** What jaws look like. */
  public enum Form {
    DOVETAIL("dovetail jaws", "bite on a flared tenon"),
    STRAIGHT("straight jaws", Wording.of("jawSet.bite-on-a-parallel-tenon")),
    PIN("pin jaws", Wording.of("jawSet.go-into-a-small-bored")),
    STEP("step jaws", Wording.of("jawSet.several-true-circles-one-in")),
    BUTTON("button jaws", "soft buttons round a rim");

    private final String words;
    private final String what;

    Form(String words, String what) {
      this.words = words;
      this.what = what;
    }

    /** In the trade's words. */
    public String words() {
      return words;
    }

    /** What they are for. */
    public String what() {
      return what;
    }
  }

  /**
   * @throws Refused when jaws can't be so, saying what would be accepted
   */
  public JawSet {
    name = Checks.name(name);
    expand = expand == null ? Optional.empty() : expand;
    Checks.mm("The true circle", trueCircle, 4, 500);
    range("The squeezing range", squeeze);
    expand.ifPresent(e -> range("The expanding range", e));
    Checks.mm("The jaws' depth", depth, 2, 80);
    Checks.plain("The dovetail angle", dovetail, 0, 30, " degrees");
    Checks.mm("The diameter over the jaws", body, 15, 600);
  }

  private static void range(String what, Span s) {
    Checks.mm(what, s.from(), 1, 600);
    Checks.mm(what, s.to(), 1, 600);
    Checks.rises(what, s.from(), s.to());
  }

  /** Dovetail jaws that only squeeze. */
  public static JawSet squeezing(
      String name, double trueCircle, Span squeeze, double depth, double dovetail, double body) {
    return new JawSet(
        name, Form.DOVETAIL, trueCircle, squeeze, Optional.empty(), depth, dovetail, body);
  }

  /** The longest tenon whose shoulder still sits on the jaw fronts, mm. */
  public double longestTenon(Practice practice) {
    return depth - practice.of(Line.HOLD_BOTTOM_GAP);
  }

  /** Whether it is made to bite on a tenon. */
  public boolean forTenons() {
    return form != Form.PIN && form != Form.BUTTON;
  }

  /** How much wider a dovetailed tenon of some length is at its end than at its root, mm. */
  public double flare(double length) {
    return 2 * length * Math.tan(Math.toRadians(dovetail));
  }

  /** Half the width of one jaw's arc, mm. */
  public double halfChord() {
    return HALF_ARC * trueCircle / 2;
  }

  /** By how much the jaws miss a full bite on a diameter, mm; 0 at the true circle. */
  public double miss(double diameter) {
    return miss(diameter, Math.min(halfChord(), HALF_ARC * diameter / 2));
  }

  /** On how many lines the jaws bite on a diameter: 0 for all round. */
  public int lines(double diameter, Practice practice) {
    if (Math.abs(diameter - trueCircle) <= practice.of(Line.HOLD_FULL_BITE)) {
      return 0;
    }
    return diameter > trueCircle ? 8 : 4;
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
