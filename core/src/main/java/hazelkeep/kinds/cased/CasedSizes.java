package hazelkeep.kinds.cased;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.StepPair;
import hazelkeep.bore.Sweep;
import hazelkeep.element.SizeRule;
import hazelkeep.element.Spigot;
import hazelkeep.element.Stock;
import hazelkeep.kinds.cased.Cased.Content;
import hazelkeep.kinds.cased.Cased.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Jam;
import hazelkeep.piece.Pair;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Optional;

/** How the sizes of a bored case follow: the bits on the wall say how slim it can be. */
final class CasedSizes {
  static final DimKey BORE = new DimKey("bore.diameter");
  static final DimKey DEPTH = new DimKey("bore.depth");
  static final DimKey RECESS = new DimKey("recess.diameter");
  static final DimKey LID_DEPTH = new DimKey("lid.depth");
  static final DimKey BODY_HEIGHT = new DimKey("body.height");
  static final DimKey LID_HEIGHT = new DimKey("lid.height");
  static final DimKey HEIGHT = new DimKey("outside.height");
  static final DimKey FLOOR = new DimKey("body.floor");
  static final DimKey END = new DimKey("lid.end");
  static final DimKey DOME = new DimKey("lid.dome");
  static final DimKey JOIN = new DimKey("outside.diameter");
  static final DimKey FOOT = new DimKey("outside.foot");
  static final DimKey EAVES = new DimKey("outside.eaves");
  static final DimKey TOP = new DimKey("outside.top");

  /** Any bit reaches so deep, mm. */
  private static final double SHORT = 10;

  /** No bore is planned shallower, mm. */
  private static final double SHALLOWEST = 5;

  /** Sizes that differ by less are one, mm. */
  private static final double SAME = 1e-9;

  private final Cased design;
  private final Stock stock;

  CasedSizes(Cased design, Stock stock) {
    this.design = design;
    this.stock = stock;
  }

  private Line either(Line house, Line other) {
    return design.house() ? house : other;
  }

  List<SizeRule> bodyBore() {
    return List.of(
        new SizeRule(BORE, "Bore of the body", 2, 120, this::small),
        new SizeRule(DEPTH, "Bore of the body, to its full diameter", 5, 500, this::depth),
        new SizeRule(FLOOR, "Floor under the bit's point", 0.5, 100, this::floorLeft));
  }

  List<SizeRule> lidBore() {
    return List.of(
        new SizeRule(RECESS, "Bore of the lid", 3, 120, this::large).fine(),
        new SizeRule(LID_DEPTH, "Bore of the lid, to its full diameter", 2, 300, this::lidDepth),
        new SizeRule(END, "End over the lid's bore", 0.5, 200, this::endLeft));
  }

  List<SizeRule> joint() {
    return List.of(
        new SizeRule(
            Spigot.LENGTH,
            "Spigot length",
            2,
            60,
            d ->
                practice(
                    d.custom(either(Line.HOUSE_SPIGOT, Line.CASE_SPIGOT)),
                    "8 to 10 mm on a small box, less on a tiny one")),
        new SizeRule(
                Spigot.CLEARANCE,
                "Clearance in use",
                -0.1,
                2,
                d -> pair(d).clearance(design.fit(), RECESS.path()))
            .fine()
            .difference(RECESS, Spigot.DIAMETER),
        new SizeRule(
                Spigot.DIAMETER,
                "Spigot diameter",
                3,
                120,
                d ->
                    derived(
                        d.mm(RECESS) - d.mm(Spigot.CLEARANCE),
                        "turned to the lid's bore less the clearance"))
            .fine(),
        new SizeRule(
                Spigot.JAM,
                "Diameter for the jam",
                3,
                120,
                d -> Jam.of(d, d.mm(RECESS), d.mm(EAVES), d.mm(BORE)).over(d.mm(RECESS)))
            .fine());
  }

  private static Pair<?> pair(Dims<?> d) {
    return new Pair<>(d, RECESS.path(), Spigot.DIAMETER.path());
  }

  /** The pair of bits for what goes in; deep enough for both, in case the halves share it anew. */
  private Optional<StepPair> bits(Dims<?> d) {
    double holds =
        wide()
            .map(s -> s + 2 * d.custom(Line.CONTENT_CASE))
            .orElse(d.custom(either(Line.HOUSE_HOLDS, Line.CASE_HOLDS)));
    double tall = tall().orElse(d.custom(Line.CASE_TALL));
    double inLid = d.custom(Line.CASE_LID_SHARE);
    return StepPair.slimmest(d.shop(), holds, (1 - inLid) * tall, inLid * tall, wall(d));
  }

  private double wall(Dims<?> d) {
    return d.custom(either(Line.WALL_HOUSE_SPIGOT, Line.BORE_STEP_SPIGOT));
  }

  private Rule.Value small(Dims<?> d) {
    return bits(d)
        .map(p -> shop(p.small().diameter(), "the smaller of two bits that give the slimmest case"))
        .or(
            () ->
                wide()
                    .map(
                        s ->
                            derived(
                                s + 2 * d.custom(Line.CONTENT_CASE),
                                "what goes in, and play round it")))
        .orElseGet(
            () -> practice(d.custom(Line.CASE_HOLDS), "no two bits on the wall lie a step apart"));
  }

  /** The next bit that leaves a spigot on what the smaller one bores. */
  private Rule.Value large(Dims<?> d) {
    return pair(d).recess().orElseGet(() -> next(d));
  }

  private Rule.Value next(Dims<?> d) {
    double least = d.planned(BORE) + 2 * wall(d);
    return d.shop().bits().stream()
        .filter(b -> b.form() != Bit.Form.DEPTH)
        .mapToDouble(Bit::diameter)
        .filter(b -> b >= least - SAME)
        .min()
        .stream()
        .mapToObj(b -> shop(b, "the next bit that leaves a spigot on the body"))
        .findFirst()
        .orElse(derived(least, "the bore and a spigot round it"));
  }

  private Rule.Value lidDepth(Dims<?> d) {
    double spigot = d.mm(Spigot.LENGTH);
    if (design.house()) {
      return practice(spigot + d.custom(Line.HOUSE_LID_AIR), "takes the spigot with a little air");
    }
    return tall()
        .map(
            s ->
                derived(
                    spigot + d.custom(Line.CASE_LID_SHARE) * s,
                    "the spigot, and a quarter of what goes in"))
        .orElseGet(
            () -> practice(spigot + d.custom(Line.CASE_LID_DEPTH), "the spigot and a hand's hold"));
  }

  private Rule.Value depth(Dims<?> d) {
    if (tall().isEmpty()) {
      return practice(d.custom(either(Line.HOUSE_DEPTH, Line.CASE_TALL)), "a good hand's width");
    }
    boolean bundle = design.content().get().bundle();
    double wide = wide().orElse(d.planned(BORE) - 2 * d.custom(Line.CONTENT_CASE));
    // A single piece stands in one point at most, and only as far as it is thinner.
    double points =
        bundle
            ? 0
            : Math.max(
                sinks(d.shop(), d.planned(BORE), wide), sinks(d.shop(), d.planned(RECESS), wide));
    double lid = d.mm(LID_DEPTH) - d.mm(Spigot.LENGTH);
    return derived(
        Math.max(SHALLOWEST, tall().get() + d.custom(Line.CONTENT_CASE_AIR) - lid - points),
        bundle
            ? "what goes in, less what the lid takes"
            : "what goes in, less what the lid takes and the point that it stands in");
  }

  /** How far a piece stands in the point of the bit that would bore a diameter, mm. */
  private static double sinks(Shop shop, double bore, double piece) {
    return BoringPlan.of(Bore.plain("bore", bore, SHORT), shop).passes().stream()
        .mapToDouble(p -> Sweep.sinks(p.bit(), piece))
        .findFirst()
        .orElse(0);
  }

  /** The point of the bit that bores the body or the lid, mm. */
  private static double tip(Dims<?> d, DimKey diameter, DimKey depth) {
    return BoringPlan.of(Bore.plain("bore", d.planned(diameter), d.planned(depth)), d.shop()).tip();
  }

  List<SizeRule> bodySide() {
    return List.of(
        new SizeRule(BODY_HEIGHT, "Body height", 5, 500, this::bodyHeight),
        new SizeRule(JOIN, "Outside, at the join", 6, 200, this::join),
        new SizeRule(FOOT, "Foot, across", 4, 200, this::foot));
  }

  List<SizeRule> lidSide() {
    return List.of(
        new SizeRule(LID_HEIGHT, "Lid height", 4, 300, this::lidHeight),
        new SizeRule(EAVES, "Across the lid's rim", 6, 250, this::eaves),
        new SizeRule(TOP, "Across, under the top", 2, 200, this::top));
  }

  private Rule.Value join(Dims<?> d) {
    double wall = d.custom(either(Line.HOUSE_WALL, Line.CASE_WALL));
    double want = d.planned(RECESS) + 2 * wall;
    double gives = stock.gives(d);
    return gives < want
        ? derived(gives, "what the blank gives")
        : practice(want, "the lid's bore and a wall round it");
  }

  private Rule.Value foot(Dims<?> d) {
    return design.form() == Form.SPINDLE
        ? practice(
            Math.max(
                d.custom(Line.CASE_FOOT) * d.mm(JOIN),
                d.planned(BORE) + 2 * d.custom(Line.WALL_CASE)),
            "drawn in, with a wall round the bore")
        : derived(d.mm(JOIN), "straight sides");
  }

  private Rule.Value eaves(Dims<?> d) {
    return design.house()
        ? practice(d.mm(JOIN) + 2 * d.custom(Line.HOUSE_EAVES), "the roof stands over its walls")
        : derived(d.mm(JOIN), "one line with the body");
  }

  private Rule.Value top(Dims<?> d) {
    return switch (design.form()) {
      case HOUSE ->
          practice(
              Math.max(d.custom(Line.HOUSE_RIDGE_LEAST), d.custom(Line.HOUSE_RIDGE) * d.mm(EAVES)),
              "a ridge that takes an eye");
      case SPINDLE ->
          practice(
              Math.max(
                  d.custom(Line.CASE_TOP) * d.mm(EAVES),
                  d.planned(RECESS) + 2 * d.custom(Line.WALL_CASE)),
              "drawn in, with a wall round the bore");
      case CASE -> derived(d.mm(EAVES), "straight sides");
    };
  }

  private Rule.Value floorLeft(Dims<?> d) {
    return d.stated(HEIGHT).isPresent() || d.fixed(BODY_HEIGHT) || d.measured(DEPTH)
        ? derived(d.mm(BODY_HEIGHT) - above(d, d.mm(DEPTH)), "what the bore leaves of the body")
        : floor(d);
  }

  private static Rule.Value floor(Dims<?> d) {
    return practice(
        d.custom(Line.WALL_CASE_END) + d.custom(Line.CASE_FLOOR_ROOM),
        "room to hollow the foot and to texture it");
  }

  /** What a bore takes of the body's height, its point included, mm. */
  private static double above(Dims<?> d, double depth) {
    return depth + tip(d, BORE, DEPTH) - d.mm(Spigot.LENGTH);
  }

  SizeRule whole() {
    return new SizeRule(
        HEIGHT,
        "Height, lid on",
        10,
        600,
        d -> derived(d.mm(BODY_HEIGHT) + d.mm(LID_HEIGHT), "body and lid"));
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
                    "bore, its point and the floor, less the spigot"));
  }

  private Rule.Value endLeft(Dims<?> d) {
    return d.fixed(LID_HEIGHT) || d.measured(LID_DEPTH)
        ? derived(
            d.mm(LID_HEIGHT) - d.mm(LID_DEPTH) - tip(d, RECESS, LID_DEPTH),
            "what the bore leaves of the lid")
        : end(d);
  }

  private Rule.Value end(Dims<?> d) {
    double least = d.custom(Line.WALL_CASE_END);
    return design.house()
        ? derived(
            Math.max(
                least + d.custom(Line.HOUSE_END_ROOM),
                d.custom(Line.HOUSE_ROOF) * d.mm(EAVES) - d.planned(LID_DEPTH)),
            "a roof that sheds rain")
        : practice(least + d.custom(Line.CASE_END_ROOM), "room to texture it");
  }

  private Rule.Value lidHeight(Dims<?> d) {
    double end = d.stated(END).map(Size::mm).orElseGet(() -> end(d).mm());
    return derived(
        d.planned(LID_DEPTH) + tip(d, RECESS, LID_DEPTH) + end, "bore, its point and the end");
  }

  SizeRule dome() {
    return new SizeRule(
        DOME,
        "Rounding of the top",
        0.3,
        100,
        d ->
            design.house()
                ? practice(d.custom(Line.HOUSE_DOME), "a ridge with its edge broken")
                : practice(
                    Math.min(
                        d.custom(Line.CASE_DOME) * d.mm(TOP),
                        d.custom(Line.CASE_DOME_END) * d.mm(END) + 1),
                    "soft"));
  }

  private Optional<Double> wide() {
    return design.content().flatMap(Content::diameter).map(Size::mm);
  }

  private Optional<Double> tall() {
    return design.content().flatMap(Content::height).map(Size::mm);
  }
}
