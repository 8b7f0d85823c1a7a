package hazelkeep.element;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Jam;
import hazelkeep.piece.Pair;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import java.util.ArrayList;
import java.util.List;

/**
 * How the sizes of a bored body with a bored lid follow from one another. A kind says its customs
 * by saying otherwise: how wide and deep it is bored, how its outside is drawn.
 */
public class PairSizes {
  /** The bore of the body. */
  public static final DimKey BORE = new DimKey("bore.diameter");

  /** How deep that is. */
  public static final DimKey DEPTH = new DimKey("bore.depth");

  /** The bore of the lid. */
  public static final DimKey RECESS = new DimKey("recess.diameter");

  /** How deep that is. */
  public static final DimKey LID_DEPTH = new DimKey("lid.depth");

  /** How high the body is without its spigot. */
  public static final DimKey BODY_HEIGHT = new DimKey("body.height");

  /** How high the lid is. */
  public static final DimKey LID_HEIGHT = new DimKey("lid.height");

  /** How high both are, closed. */
  public static final DimKey HEIGHT = new DimKey("outside.height");

  /** What is left under the body's bore. */
  public static final DimKey FLOOR = new DimKey("body.floor");

  /** What is left over the lid's bore. */
  public static final DimKey END = new DimKey("lid.end");

  /** How high the lid's top is rounded. */
  public static final DimKey DOME = new DimKey("lid.dome");

  /** Across, where both meet. */
  public static final DimKey JOIN = new DimKey("outside.diameter");

  /** Across the foot. */
  public static final DimKey FOOT = new DimKey("outside.foot");

  /** Across the lid's rim. */
  public static final DimKey EAVES = new DimKey("outside.eaves");

  /** Across, under the top. */
  public static final DimKey TOP = new DimKey("outside.top");

  private final Stock stock;
  private final FitClass fit;
  private final Closes closes;

  /**
   * @param stock that it is turned from
   * @param fit of its lid in use
   * @param closes by what it closes
   */
  public PairSizes(Stock stock, FitClass fit, Closes closes) {
    this.stock = stock;
    this.fit = fit;
    this.closes = closes;
  }

  /** The blank. */
  public final Stock stock() {
    return stock;
  }

  /** How the lid fits. */
  public final FitClass fit() {
    return fit;
  }

  /** By what it closes. */
  public final Closes closes() {
    return closes;
  }

  private boolean threaded() {
    return closes == Closes.THREAD;
  }

  final List<SizeRule> bodyBore() {
    return List.of(
        new SizeRule(BORE, "Bore of the body", 2, 120, this::bore),
        new SizeRule(DEPTH, depthSaid(), 5, 500, this::depth),
        DishedFoot.floor(FLOOR, floorSaid(), 100, this::floorLeft));
  }

  final List<SizeRule> lidBore() {
    return List.of(
        new SizeRule(RECESS, "Bore of the lid", 3, 120, this::recess).fine(),
        new SizeRule(LID_DEPTH, Wording.of("pairSizes.bore-of-the-lid-to"), 2, 300, this::lidDepth),
        new SizeRule(END, "End over the lid's bore", 0.5, 200, this::endLeft));
  }

  final List<SizeRule> joint() {
    List<SizeRule> out = new ArrayList<>();
    out.add(
        new SizeRule(
            Spigot.LENGTH,
            "Spigot length",
            2,
            60,
            d -> practice(d.custom(spigot()), Wording.of("any.8-to-10-mm-on"))));
    out.add(
        SizeRule.clearance(closes, d -> pair(d).clearance(fit, RECESS))
            .difference(RECESS, Spigot.DIAMETER));
    out.add(
        new SizeRule(
                Spigot.DIAMETER,
                "Spigot diameter",
                3,
                120,
                d ->
                    derived(
                        d.mm(RECESS) - d.mm(Spigot.CLEARANCE),
                        Wording.of("pairSizes.turned-to-the-lids-bore")))
            .fine());
    if (!threaded()) {
      out.add(
          new SizeRule(
                  Spigot.JAM,
                  "Diameter for the jam",
                  3,
                  120,
                  d -> Jam.of(d, d.mm(RECESS), d.mm(EAVES), d.mm(BORE)).over(d.mm(RECESS)))
              .fine());
    }
    return out;
  }

  final List<SizeRule> bodySide() {
    return List.of(
        new SizeRule(BODY_HEIGHT, "Body height", 5, 500, this::bodyHeight),
        new SizeRule(JOIN, "Outside, at the join", 6, 200, this::join),
        new SizeRule(FOOT, "Foot, across", 4, 200, this::foot));
  }

  final List<SizeRule> lidSide() {
    return List.of(
        new SizeRule(LID_HEIGHT, "Lid height", 4, 300, this::lidHeight),
        new SizeRule(EAVES, "Across the lid's rim", 6, 250, this::eaves),
        new SizeRule(TOP, "Across, under the top", 2, 200, this::top));
  }

  final SizeRule dome() {
    return new SizeRule(DOME, "Rounding of the top", 0.3, 100, this::rounding);
  }

  final SizeRule whole() {
    return new SizeRule(
        HEIGHT,
        "Height, lid on",
        10,
        600,
        d -> derived(d.mm(BODY_HEIGHT) + d.mm(LID_HEIGHT), "body and lid"));
  }

  private Pair<?> pair(Dims<?> d) {
    return new Pair<>(d, RECESS, Spigot.DIAMETER, closes);
  }

  /** What is left under the body's bore, in words. */
  protected String floorSaid() {
    return "Floor under the bit's point";
  }

  /** How deep the body is, in words. */
  protected String depthSaid() {
    return Wording.of("pairSizes.bore-of-the-body-to");
  }

  /** What the point of the body's bit takes under its depth, mm. */
  protected double tip(Dims<?> d) {
    return tip(d, BORE, DEPTH);
  }

  /** The line of how long the spigot is. */
  protected Line spigot() {
    return Line.CASE_SPIGOT;
  }

  /** The line of how thick its wall is at least. */
  protected Line spigotWall() {
    return Line.BORE_STEP_SPIGOT;
  }

  /** The line of the wall round the lid's bore. */
  protected Line wall() {
    return Line.CASE_WALL;
  }

  /** How wide the body is bored. */
  protected Rule.Value bore(Dims<?> d) {
    return practice(d.custom(Line.CASE_HOLDS), Line.CASE_HOLDS.text().source());
  }

  /** How deep the body is bored. */
  protected Rule.Value depth(Dims<?> d) {
    return practice(d.custom(Line.CASE_TALL), Line.CASE_TALL.text().source());
  }

  /** How deep the lid is bored. */
  protected Rule.Value lidDepth(Dims<?> d) {
    return practice(
        d.mm(Spigot.LENGTH) + d.custom(Line.CASE_LID_DEPTH),
        Wording.of("pairSizes.the-spigot-and-a-hands"));
  }

  /** The next bit that leaves a spigot on what the smaller one bores. */
  private Rule.Value recess(Dims<?> d) {
    return pair(d).recess().orElseGet(() -> next(d));
  }

  private Rule.Value next(Dims<?> d) {
    return NextBit.of(
        d,
        d.planned(BORE) + 2 * d.custom(spigotWall()) + (threaded() ? d.mm(Spigot.CLEARANCE) : 0),
        Wording.of("pairSizes.the-next-bit-that-leaves"),
        Wording.of("pairSizes.the-bore-and-a-spigot"));
  }

  private Rule.Value join(Dims<?> d) {
    double want = mouth(d) + 2 * d.custom(wall());
    double gives = stock.gives(d);
    return gives < want
        ? derived(gives, "what the blank gives")
        : practice(want, Wording.of("pairSizes.the-lids-bore-and-a"));
  }

  /** How wide the lid's mouth is, mm. */
  private double mouth(Dims<?> d) {
    return threaded()
        ? Math.max(d.planned(RECESS), ThreadPair.mouth(d, RECESS))
        : d.planned(RECESS);
  }

  /** Across the foot. */
  protected Rule.Value foot(Dims<?> d) {
    return derived(d.mm(JOIN), "straight sides");
  }

  /** Across the lid's rim. */
  protected Rule.Value eaves(Dims<?> d) {
    return derived(d.mm(JOIN), "one line with the body");
  }

  /** Across, under the top. */
  protected Rule.Value top(Dims<?> d) {
    return derived(d.mm(EAVES), "straight sides");
  }

  /** How high the top is rounded. */
  protected Rule.Value rounding(Dims<?> d) {
    double most = d.custom(Line.CASE_DOME_END) * d.mm(END) + 1;
    return practice(Math.min(d.custom(Line.CASE_DOME) * d.mm(TOP), most), "soft");
  }

  /** What is left over the lid's bore where nothing else says it. */
  protected Rule.Value end(Dims<?> d) {
    return practice(
        d.custom(Line.WALL_CASE_END) + d.custom(Line.CASE_END_ROOM), "room to texture it");
  }

  private static Rule.Value floor(Dims<?> d) {
    return practice(
        d.custom(Line.WALL_CASE_END) + d.custom(Line.CASE_FLOOR_ROOM),
        Wording.of("pairSizes.room-to-hollow-the-foot"));
  }

  private Rule.Value floorLeft(Dims<?> d) {
    return d.stated(HEIGHT).isPresent() || d.fixed(BODY_HEIGHT) || d.measured(DEPTH)
        ? derived(
            d.mm(BODY_HEIGHT) - above(d, d.mm(DEPTH)),
            Wording.of("pairSizes.what-the-bore-leaves-of"))
        : floor(d);
  }

  /** What a bore takes of the body's height, its point included, mm. */
  private double above(Dims<?> d, double depth) {
    return depth + tip(d) - d.mm(Spigot.LENGTH);
  }

  /** The point of the bit that bores the body or the lid, mm. */
  private static double tip(Dims<?> d, DimKey diameter, DimKey depth) {
    return BoringPlan.of(Bore.plain("bore", d.planned(diameter), d.planned(depth)), d.shop()).tip();
  }

  /** Heights do not follow a reading. */
  private Rule.Value bodyHeight(Dims<?> d) {
    return d.stated(HEIGHT)
        .map(h -> derived(h.mm() - d.mm(LID_HEIGHT), "height less the lid"))
        .orElseGet(
            () ->
                derived(
                    above(d, d.planned(DEPTH))
                        + d.stated(FLOOR).map(Size::mm).orElseGet(() -> floor(d).mm()),
                    Wording.of("pairSizes.bore-its-point-and-the")));
  }

  private Rule.Value endLeft(Dims<?> d) {
    return d.fixed(LID_HEIGHT) || d.measured(LID_DEPTH)
        ? derived(
            d.mm(LID_HEIGHT) - d.mm(LID_DEPTH) - tip(d, RECESS, LID_DEPTH),
            Wording.of("pairSizes.what-the-bore-leaves-of-the"))
        : end(d);
  }

  private Rule.Value lidHeight(Dims<?> d) {
    double end = d.stated(END).map(Size::mm).orElseGet(() -> end(d).mm());
    return derived(
        d.planned(LID_DEPTH) + tip(d, RECESS, LID_DEPTH) + end,
        Wording.of("pairSizes.bore-its-point-and-the-end"));
  }
}
