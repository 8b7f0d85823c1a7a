package hazelkeep.piece;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Species;
import java.util.Optional;

/**
 * The stock at hand: sawn, or a limb in its bark.
 *
 * @param length along the grain
 * @param across diameter, the larger one of a limb that is out of round, or the side of a square
 * @param square whether it is sawn square
 * @param slim the smaller diameter of a limb that is out of round, over the bark
 * @param bark how thick the bark of a limb is
 * @param barkStays whether patches of bark may stay on the finished piece
 */
public record Blank(
    Optional<Size> length,
    Optional<Size> across,
    boolean square,
    Optional<Size> slim,
    Optional<Size> bark,
    boolean barkStays) {
  /** Bark thicker than this share of a limb's radius leaves too little wood to speak of. */
  private static final double BARK_MOST = 0.5;

  private static final double LEAST = 10;
  private static final double MOST = 450;

  /**
   * @throws Refused when out of range, saying what would be accepted
   */
  public Blank {
    // Files from before limbs were known have neither.
    slim = slim == null ? Optional.empty() : slim;
    bark = bark == null ? Optional.empty() : bark;
    Stated.within(length, 20, 900, "A blank is");
    Stated.within(across, LEAST, MOST, "A blank is");
    Stated.within(slim, LEAST, MOST, "A limb's smaller diameter is");
    Stated.within(bark, 0, 40, "Bark is");
    if (square && (slim.isPresent() || bark.isPresent())) {
      throw new Refused(Wording.of("blank.a-sawn-square-has-neither"));
    }
    if (slim.isPresent() && across.isPresent() && slim.get().mm() > across.get().mm()) {
      throw new Refused(
          Wording.of("blank.the-smaller-diameter-of-a", Dims.both(across.get().mm())));
    }
    double thick = bark.map(Size::mm).orElse(0.0);
    double least = slim.map(Size::mm).orElse(MOST);
    if (thick > BARK_MOST * Math.min(least, across.map(Size::mm).orElse(least)) / 2) {
      throw new Refused(Wording.of("blank.bark-stays-thinner-than-half"));
    }
  }

  /** Sawn stock. */
  public Blank(Optional<Size> length, Optional<Size> across, boolean square) {
    this(length, across, square, Optional.empty(), Optional.empty(), false);
  }

  /** Whether it is a limb, with its pith in its middle. */
  public boolean limb() {
    return slim.isPresent() || bark.isPresent();
  }

  /** How thick the bark is, mm; 0 for sawn stock. */
  public double thick() {
    return bark.map(Size::mm).orElse(0.0);
  }

  /** How far sound wood, or bark that may stay, surely reaches from the axis, mm. */
  private double surely(double wide) {
    return slim.map(Size::mm).orElse(wide) / 2 - (barkStays ? 0 : thick());
  }

  /**
   * The largest cylinder that a blank surely gives, mm across: the errors of centring come off
   * twice.
   *
   * @param across its resolved width, mm
   * @param off how far its middle may lie beside the axis, mm
   */
  public static double sure(Optional<Blank> blank, double across, double off) {
    double r = blank.map(b -> b.surely(across)).orElse(across / 2);
    return 2 * (r - off);
  }

  /**
   * How a blank lies on the lathe.
   *
   * @param length its resolved length, mm
   * @param across its resolved width, mm
   * @param off how far beside the axis its middle is drawn, mm ({@link StockRules#lies})
   */
  public record Lying(double length, double across, double off) {}

  /** How far a blank surely reaches from the axis, as it lies, mm. */
  public static double reaches(Optional<Blank> blank, Lying at) {
    return blank.map(b -> b.surely(at.across)).orElse(at.across / 2) - at.off;
  }

  /**
   * The stock before anything is cut: what is wood at every angle, and what is wood at some.
   *
   * @param at how it lies
   */
  public static Body body(Optional<Blank> blank, Lying at, Species wood, int grainSlope) {
    boolean square = blank.map(Blank::square).orElse(false);
    double far = at.across / 2 * (square ? Math.sqrt(2) : 1) + at.off;
    HalfSection swept = HalfSection.box(0, at.length, 0, far);
    double sound = reaches(blank, at);
    HalfSection core = sound == far ? swept : HalfSection.box(0, at.length, 0, sound);
    return new Body("blank", core, swept, wood.leaning(grainSlope));
  }
}
