package hazelkeep.kinds.goblet;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.element.SizeRule;
import hazelkeep.element.StemLine;
import hazelkeep.element.Stock;
import hazelkeep.element.Through;
import hazelkeep.kinds.goblet.Goblet.Form;
import hazelkeep.kinds.goblet.Goblet.Stands;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Widest;
import hazelkeep.practice.Line;
import hazelkeep.solid.Point;
import hazelkeep.wood.SurfaceId;
import java.util.List;

/** How the sizes of a goblet follow: bowl, stem and foot share its height. */
final class GobletSizes {
  static final DimKey HEIGHT = new DimKey("outside.height");
  static final DimKey WIDEST = new DimKey("outside.diameter");
  static final DimKey RIM = new DimKey("outside.rim");
  static final DimKey FOOT = new DimKey("outside.foot");
  static final DimKey FOOT_HIGH = new DimKey("foot.height");
  static final DimKey FOOT_EDGE = new DimKey("foot.edge");
  static final DimKey STEM_LONG = StemLine.LONG;
  static final DimKey STEM = StemLine.THIN;
  static final DimKey STEM_LOW = StemLine.LOW;
  static final DimKey STEM_HIGH = StemLine.HIGH;
  static final DimKey WAIST_AT = StemLine.WAIST_AT;
  static final DimKey BOWL_HIGH = new DimKey("bowl.height");
  static final DimKey BELLY = new DimKey("bowl.belly");
  static final DimKey BELLY_AT = new DimKey("bowl.belly-at");
  static final DimKey MOUTH = new DimKey("bowl.mouth");
  static final DimKey DEPTH = new DimKey("bowl.depth");
  static final DimKey FLOOR = new DimKey("bowl.floor");
  static final DimKey WALL = new DimKey("bowl.wall");
  static final DimKey ROUND = new DimKey("bowl.round");

  /** No bowl is planned shallower, mm. */
  private static final double SHALLOWEST = 5;

  /** Bounds of a bowl that is looked for by what it holds, mm. */
  private static final double NARROWEST = 20;

  private static final double BROADEST = 300;

  private final Goblet design;
  private final Stock stock;

  GobletSizes(Goblet design, Stock stock) {
    this.design = design;
    this.stock = stock;
  }

  SizeRule whole() {
    return new SizeRule(HEIGHT, "Height", 30, 500, this::height);
  }

  List<SizeRule> foot() {
    return List.of(
        new SizeRule(FOOT, "Foot", 10, 300, this::footWide),
        new SizeRule(FOOT_HIGH, "Foot, up to the stem", 3, 250, this::footHigh),
        new SizeRule(
            FOOT_EDGE,
            design.rough() ? Wording.of("gobletSizes.left-as-it-grew-up") : "Edge of the foot",
            0.5,
            200,
            usual(design.rough() ? Line.GOBLET_ROUGH_HIGH : Line.GOBLET_FOOT_EDGE)));
  }

  private Rule.Value footHigh(Dims<?> d) {
    return design.rough()
        ? derived(
            d.mm(FOOT_EDGE) + d.custom(Line.GOBLET_ROUGH_TOP),
            Wording.of("gobletSizes.what-stays-and-the-rise"))
        : practice(d.custom(Line.GOBLET_FOOT_HIGH), Line.GOBLET_FOOT_HIGH.text().source());
  }

  StemLine stem() {
    return new StemLine(
        new SurfaceId(GobletParts.PART, "stem"),
        design.stem() == StemLine.Form.WAISTED,
        new StemLine.Customs(
            Line.GOBLET_STEM,
            Line.GOBLET_STEM_ENDS,
            Line.GOBLET_WAIST,
            "the foot",
            "under the bowl"),
        new SizeRule(STEM_LONG, "Stem", 3, 400, this::stemLong));
  }

  List<SizeRule> side() {
    return List.of(
        new SizeRule(BOWL_HIGH, "Bowl, outside", 10, 300, this::bowlHigh),
        new SizeRule(WIDEST, "Widest outside", 15, 300, this::widest),
        new SizeRule(BELLY, "Belly of the bowl", 10, 300, this::belly),
        new SizeRule(BELLY_AT, "Belly, over the bowl's foot", 1, 290, this::bellyAt),
        new SizeRule(RIM, "Rim", 10, 300, this::rim));
  }

  List<SizeRule> bowl() {
    return List.of(
        new SizeRule(MOUTH, "Mouth of the bowl", 5, 298, this::mouth),
        new SizeRule(DEPTH, "Depth of the bowl", 5, 280, this::depth),
        new SizeRule(FLOOR, Wording.of("gobletSizes.floor-of-the-bowl-over"), 0.5, 80, this::floor),
        new SizeRule(WALL, "Wall of the bowl", 0.8, 40, usual(Line.GOBLET_WALL)),
        new SizeRule(ROUND, "Rounding of the bowl's floor", 1, 200, this::round));
  }

  private static java.util.function.Function<Dims<?>, Rule.Value> usual(Line line) {
    return d -> practice(d.custom(line), line.text().source());
  }

  /** Where the stem is stated and the height is not, the height follows. */
  private Rule.Value height(Dims<?> d) {
    if (d.stated(STEM_LONG).isEmpty()) {
      return practice(d.custom(Line.GOBLET_HEIGHT), "a goblet for the hand");
    }
    double below = d.mm(FOOT_HIGH) + d.stated(STEM_LONG).get().mm();
    return derived(
        d.stated(BOWL_HIGH)
            .map(b -> below + b.mm())
            .orElse(below / (1 - d.custom(Line.GOBLET_BOWL))),
        "foot, stem and bowl");
  }

  private Rule.Value bowlHigh(Dims<?> d) {
    double high = d.planned(HEIGHT);
    return d.stated(STEM_LONG).isPresent() && d.stated(HEIGHT).isPresent()
        ? derived(high - d.planned(FOOT_HIGH) - d.planned(STEM_LONG), "what foot and stem leave")
        : practice(
            d.custom(Line.GOBLET_BOWL) * high, Wording.of("gobletSizes.a-little-less-than-half"));
  }

  private Rule.Value stemLong(Dims<?> d) {
    return derived(
        d.planned(HEIGHT) - d.planned(FOOT_HIGH) - d.planned(BOWL_HIGH),
        "what foot and bowl leave");
  }

  private Rule.Value footWide(Dims<?> d) {
    if (design.rough()) {
      return derived(2 * stock.reaches(d), Wording.of("gobletSizes.what-the-blank-surely-is"));
    }
    return design.stands() == Stands.AS_WIDE
        ? derived(d.mm(WIDEST), "as wide as the bowl")
        : practice(
            d.custom(Line.GOBLET_FOOT) * d.mm(WIDEST),
            Wording.of("gobletSizes.a-little-smaller-than-the"));
  }

  private Rule.Value widest(Dims<?> d) {
    if (design.form() != Form.EGG && d.stated(RIM).isPresent()) {
      return derived(d.stated(RIM).get().mm(), Wording.of("gobletSizes.its-rim-is-its-widest"));
    }
    double gives = stock.gives(d);
    double want = design.ml().map(ml -> holding(d, ml)).orElseGet(() -> wide(d));
    if (gives < want) {
      return derived(gives, "what the blank gives");
    }
    return design.ml().isPresent()
        ? derived(want, "it shall hold so much")
        : Widest.of(d, practice(want, Wording.of("gobletSizes.less-than-half-of-the")), RIM);
  }

  private static double wide(Dims<?> d) {
    return d.custom(Line.GOBLET_WIDE) * d.planned(HEIGHT);
  }

  /** How wide the bowl has to be to hold so much, everything else as it is. */
  private double holding(Dims<?> d, double ml) {
    double usual = wide(d);
    return usual * shape(d, usual).times(ml, design.below(), NARROWEST / usual, BROADEST / usual);
  }

  private BowlShape shape(Dims<?> d, double widest) {
    double belly = design.form() == Form.EGG ? widest : bellyShare(d) * widest;
    double rim =
        design.form() != Form.EGG
            ? widest
            : d.stated(RIM).map(Size::mm).orElse(d.custom(Line.GOBLET_EGG_RIM) * widest);
    return shape(d, belly, rim);
  }

  private BowlShape shape(Dims<?> d, double belly, double rim) {
    return new BowlShape(
        design.form(),
        d.mm(BOWL_HIGH),
        d.mm(STEM_HIGH),
        d.mm(BELLY_AT),
        belly,
        rim,
        through(d),
        new BowlShape.Hollow(d.mm(WALL), d.mm(FLOOR), d.mm(ROUND)));
  }

  /** The places that were added to it, heights over the bowl's low end. */
  private List<Point> through(Dims<?> d) {
    return Through.on(design.elements(), GobletParts.PART, d::mm).stream()
        .map(p -> new Point(p.z() - d.planned(FOOT_HIGH) - d.planned(STEM_LONG), p.r()))
        .toList();
  }

  private double bellyShare(Dims<?> d) {
    return switch (design.form()) {
      case TULIP -> d.custom(Line.GOBLET_TULIP_WIDE);
      case BELL -> d.custom(Line.GOBLET_BELL_WIDE);
      default -> 1;
    };
  }

  private Rule.Value belly(Dims<?> d) {
    double share = bellyShare(d);
    return share < 1
        ? practice(share * d.mm(WIDEST), "the rim opens over it")
        : derived(d.mm(WIDEST), design.form() == Form.EGG ? "its widest place" : "no belly");
  }

  private Rule.Value bellyAt(Dims<?> d) {
    Line share =
        switch (design.form()) {
          case TULIP -> Line.GOBLET_TULIP_BELLY;
          case BELL -> Line.GOBLET_BELL_BELLY;
          default -> Line.GOBLET_EGG_BELLY;
        };
    return practice(d.custom(share) * d.mm(BOWL_HIGH), share.text().source());
  }

  private Rule.Value rim(Dims<?> d) {
    return design.form() == Form.EGG
        ? practice(d.custom(Line.GOBLET_EGG_RIM) * d.mm(WIDEST), "drawn in a little")
        : derived(d.mm(WIDEST), "its widest place");
  }

  private Rule.Value mouth(Dims<?> d) {
    double belly = d.mm(BELLY);
    double rim = design.form() == Form.EGG ? d.mm(RIM) : d.mm(WIDEST);
    return derived(shape(d, belly, rim).mouth(), "the rim less its wall");
  }

  private Rule.Value depth(Dims<?> d) {
    return derived(Math.max(SHALLOWEST, d.planned(BOWL_HIGH) - d.mm(FLOOR)), "down to the floor");
  }

  private Rule.Value floor(Dims<?> d) {
    return d.stated(DEPTH).isPresent() || d.measured(DEPTH)
        ? derived(d.planned(BOWL_HIGH) - d.mm(DEPTH), "what the bowl leaves")
        : practice(d.custom(Line.GOBLET_FLOOR), Wording.of("gobletSizes.the-stems-root-is-in"));
  }

  private Rule.Value round(Dims<?> d) {
    double deep = d.planned(BOWL_HIGH) - d.mm(FLOOR);
    return design.form() == Form.CONE
        ? practice(d.custom(Line.GOBLET_CONE_ROUND) * deep, "a round nose cuts it")
        : derived(Math.max(1, d.mm(BELLY_AT) - d.mm(FLOOR)), "from the belly down");
  }
}
