package hazelkeep.piece;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Aim;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * Rules of blank and tenons, for every kind that is turned from one blank held by tenons.
 *
 * @param <D> the design
 */
public final class StockRules<D extends Design> {
  /**
   * How far the middle of a blank may lie beside the axis: an error of centring, a crooked limb.
   */
  public static final DimKey OFF = Aim.OFF;

  /** How wide a piece is, whatever the kind. */
  public static final DimKey WIDEST = new DimKey("outside.diameter");

  /** How high it is. */
  public static final DimKey HEIGHT = new DimKey("outside.height");

  /** How long it is. */
  public static final DimKey LENGTH = new DimKey("blank.length");

  /** How thick it is. */
  public static final DimKey ACROSS = new DimKey("blank.across");

  /** What it is rounded to. */
  public static final DimKey ROUND = new DimKey("blank.round");

  /** How much of its length is needed. */
  public static final DimKey NEED = new DimKey("stick.need");

  /** How long the lower half's blank has to be, where each half has its own. */
  public static final DimKey NEED_LOW = new DimKey("stick.need-low");

  /** How long the upper half's blank has to be. */
  public static final DimKey NEED_HIGH = new DimKey("stick.need-high");

  /** The width of a parting cut. */
  public static final DimKey KERF = new DimKey("stick.kerf");

  /** How far beside the blank a cut begins, mm. */
  private static final double CLEAR = 10;

  /**
   * A radius that no blank reaches, square or off its middle.
   *
   * @param across how thick it is, mm
   * @param off how far its middle lies beside the axis, mm
   */
  public static double far(double across, double off) {
    return Math.max(across + CLEAR, across / Math.sqrt(2) + off);
  }

  /**
   * How far beside the axis the middle of a blank is drawn, mm: as far as was said, of this blank
   * or of every blank; nothing where only the usual error of centring is reckoned with.
   *
   * @param stated whether it is a stated size
   * @param off the size, mm
   */
  public static double lies(boolean stated, double off, Practice practice) {
    return stated || practice.own(Line.STOCK_CENTRING).isPresent() ? off : 0;
  }

  private final Function<D, Optional<Blank>> blank;
  private final List<Rule<D>> rules = new ArrayList<>();

  /**
   * @param blank the stock that a design states
   */
  public StockRules(Function<D, Optional<Blank>> blank) {
    this.blank = blank;
  }

  /** Adds a rule in millimetres. */
  public StockRules<D> add(
      DimKey key, String label, double least, double most, Function<Dims<D>, Rule.Value> by) {
    rules.add(new Rule<>(key, label, least, most, false, by));
    return this;
  }

  /**
   * Adds the rules of the blank.
   *
   * @param stretches all that the stick is made of
   * @param widest the widest of the piece, mm
   * @param left what is left on it when it is rounded, mm a side
   * @param taken what rounding takes off it, mm on the diameter; empty for twice what is left
   */
  public StockRules<D> blank(
      List<DimKey> stretches, ToDoubleFunction<Dims<D>> widest, Line left, Optional<Line> taken) {
    return add(
            NEED,
            "Length needed",
            10,
            900,
            d ->
                derived(
                    stretches.stream().mapToDouble(d::mm).sum(),
                    Wording.of("stockRules.the-piece-and-all-that")))
        .add(
            LENGTH,
            "Length of the blank",
            10,
            900,
            d ->
                blank
                    .apply(d.design())
                    .flatMap(Blank::length)
                    .map(s -> derived(s.mm(), "the blank at hand"))
                    .orElseGet(() -> derived(d.mm(NEED), "as long as it needs")))
        .add(
            ACROSS,
            "Blank, across",
            8,
            450,
            d ->
                across(d)
                    .map(a -> derived(a, "the blank at hand"))
                    .orElseGet(
                        () ->
                            derived(
                                Math.max(widest.applyAsDouble(d), held(d) - 2 * d.custom(left))
                                    + taken.map(d::custom).orElseGet(() -> 2 * d.custom(left))
                                    + 2 * d.mm(OFF),
                                "room to round it")))
        .add(
            OFF,
            Wording.of("stockRules.middle-of-the-blank-off"),
            0,
            60,
            d -> practice(d.custom(Line.STOCK_CENTRING), Line.STOCK_CENTRING.text().source()))
        .add(
            ROUND,
            "Rounded to",
            8,
            450,
            d ->
                derived(
                    Math.min(
                        Blank.sure(blank.apply(d.design()), d.mm(ACROSS), d.mm(OFF)),
                        Math.max(widest.applyAsDouble(d) + 2 * d.custom(left), held(d))),
                    Wording.of("stockRules.the-outside-and-what-is")));
  }

  /** How thick it is rounded at least, so that jaws find a tenon at its foot, mm. */
  private double held(Dims<D> d) {
    return d.knows(TENON) && d.mm(TENON) > 0 ? Tenons.rounded(d) : 0;
  }

  private static final DimKey TENON = new DimKey("stick.tenon-foot");

  /** The blank's width, where it is stated, mm. */
  private Optional<Double> across(Dims<D> d) {
    return blank.apply(d.design()).flatMap(Blank::across).map(Size::mm);
  }

  /** The widest that a stated blank surely gives once it is rounded, mm; endless without one. */
  public double widest(Dims<D> d) {
    return widest(d, blank.apply(d.design()));
  }

  /** The same of a blank. */
  public static double widest(Dims<?> d, Optional<Blank> blank) {
    return blank
        .flatMap(Blank::across)
        .map(a -> Blank.sure(blank, a.mm(), d.mm(OFF)) - d.custom(Line.STOCK_LEFT))
        .orElse(Double.POSITIVE_INFINITY);
  }

  /** The rules. */
  public List<Rule<D>> done() {
    return List.copyOf(rules);
  }
}
