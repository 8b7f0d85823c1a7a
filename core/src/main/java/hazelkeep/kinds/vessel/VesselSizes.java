package hazelkeep.kinds.vessel;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Sweep;
import hazelkeep.element.DishedFoot;
import hazelkeep.element.Flare;
import hazelkeep.element.NextBit;
import hazelkeep.element.SizeRule;
import hazelkeep.element.Stock;
import hazelkeep.kinds.vessel.BoredVessel.Content;
import hazelkeep.kinds.vessel.BoredVessel.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Widest;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How the sizes of a bored vessel follow: the bore fixes the shape. */
final class VesselSizes {
  static final DimKey BORE = new DimKey("bore.diameter");
  static final DimKey DEPTH = new DimKey("bore.depth");
  static final DimKey NARROW = new DimKey("bore.narrow");
  static final DimKey NARROW_DEPTH = new DimKey("bore.narrow-depth");
  static final DimKey FLOOR = new DimKey("body.floor");
  static final DimKey HEIGHT = new DimKey("outside.height");
  static final DimKey WIDEST = new DimKey("outside.diameter");
  static final DimKey FOOT = new DimKey("outside.foot");
  static final DimKey NECK = new DimKey("outside.neck");
  static final DimKey RIM = new DimKey("outside.rim");
  static final DimKey BELLY_AT = new DimKey("outside.belly-at");
  static final DimKey NECK_AT = new DimKey("outside.neck-at");
  static final DimKey WALL = new DimKey("hollow.wall");

  /** Any bit reaches so deep, mm: for the point of a bit before its depth is known. */
  private static final double SHORT = 10;

  /** No bore is planned shallower, mm. */
  private static final double SHALLOWEST = 5;

  private final BoredVessel design;
  private final Stock stock;

  VesselSizes(BoredVessel design, Stock stock) {
    this.design = design;
    this.stock = stock;
  }

  List<SizeRule> bore() {
    return List.of(
        new SizeRule(BORE, "Bore", 2, 120, this::diameter),
        new SizeRule(DEPTH, "Bore, to its full diameter", 5, 560, this::depth),
        new SizeRule(NARROW, "Narrower bore below", 0, 118, d -> derived(0, "none: one diameter")),
        new SizeRule(
            NARROW_DEPTH,
            Wording.of("vesselSizes.narrower-bore-to-its-full"),
            0,
            580,
            d ->
                derived(
                    d.mm(NARROW) > 0 ? d.mm(DEPTH) + d.custom(Line.VESSEL_NARROW) : 0,
                    Wording.of("vesselSizes.a-little-below-the-wide"))),
        DishedFoot.floor(FLOOR, "Floor under the bit's point", 200, this::floorLeft));
  }

  private Rule.Value diameter(Dims<?> d) {
    Optional<Size> wide = content().flatMap(Content::diameter);
    if (wide.isPresent()) {
      Rule.Value least =
          derived(
              wide.get().mm() + 2 * d.custom(Line.CONTENT_VESSEL),
              Wording.of("any.what-goes-in-plus-play"));
      double deep =
          d.stated(DEPTH)
              .or(() -> content().flatMap(Content::height).map(h -> Size.mm(h.mm() - proud(d, h))))
              .map(Size::mm)
              .orElse(SHORT);
      return NextBit.reaching(d, least, Math.max(SHORT, deep));
    }
    return design.rigged()
        ? practice(d.custom(Line.VESSEL_BORE_RIGGED), "hooked bars pass it")
        : design.necked()
            ? practice(
                d.custom(Line.VESSEL_BORE_NECKED), Wording.of("vesselSizes.a-few-dry-stems-stand"))
            : practice(d.custom(Line.VESSEL_BORE), Wording.of("vesselSizes.a-pen-with-play-round"));
  }

  /** What goes in stands on the floor: a single piece in the bit's point, a bundle on the rim. */
  private Rule.Value depth(Dims<?> d) {
    Optional<Size> tall = content().flatMap(Content::height);
    return tall.isPresent() ? holding(d, content().get(), tall.get().mm()) : reaching(d);
  }

  /** How far what goes in stands out of the mouth, mm. */
  private double proud(Dims<?> d, Size tall) {
    return content()
        .flatMap(Content::proud)
        .map(Size::mm)
        .orElse(d.custom(Line.VESSEL_PROUD) * tall.mm());
  }

  private Rule.Value holding(Dims<?> d, Content c, double tall) {
    double bore = d.planned(BORE);
    double proud = proud(d, Size.mm(tall));
    double wide = c.diameter().map(Size::mm).orElse(bore - 2 * d.custom(Line.CONTENT_VESSEL));
    double tip = c.bundle() ? 0 : sinks(d.shop(), bore, wide);
    return derived(
        Math.max(SHALLOWEST, tall - proud - tip),
        c.bundle()
            ? Wording.of("vesselSizes.what-goes-in-less-what")
            : Wording.of("vesselSizes.what-goes-in-less-what-stands"));
  }

  private Rule.Value reaching(Dims<?> d) {
    double bore = d.planned(BORE);
    boolean stated = d.stated(HEIGHT).isPresent();
    double wish =
        stated
            ? d.stated(HEIGHT).get().mm() - floorUnder(d) - tip(d.shop(), bore, SHORT)
            : d.custom(Line.VESSEL_DEPTH);
    double reach = reach(d.shop(), bore, Math.max(SHALLOWEST, wish));
    if (reach < wish) {
      return shop(reach, Wording.of("vesselSizes.as-deep-as-the-bits"));
    }
    return stated
        ? derived(Math.max(SHALLOWEST, wish), Wording.of("vesselSizes.height-less-a-floor-below"))
        : practice(
            wish,
            design.necked()
                ? "stems stand in it"
                : Wording.of("vesselSizes.a-pen-stands-proud-of"));
  }

  private double floorUnder(Dims<?> d) {
    return d.stated(FLOOR)
        .map(Size::mm)
        .orElse(d.custom(Line.WALL_VESSEL_FLOOR) + d.custom(Line.VESSEL_FLOOR_ROOM));
  }

  /** How deep a bore of a diameter can be made, up to a wish, mm. */
  private static double reach(Shop shop, double diameter, double wish) {
    return BoringPlan.of(Bore.plain("bore", diameter, wish), shop).verdicts().stream()
        .filter(v -> v.entry() == hazelkeep.finding.Entry.BIT_SHORT)
        .mapToDouble(v -> v.found() - v.limit() + wish)
        .findFirst()
        .orElse(wish);
  }

  /** How far a single piece stands in the point of the bit that would bore a diameter, mm. */
  private static double sinks(Shop shop, double bore, double piece) {
    return BoringPlan.of(Bore.plain("bore", bore, SHORT), shop).passes().stream()
        .mapToDouble(p -> Sweep.sinks(p.bit(), piece))
        .findFirst()
        .orElse(0);
  }

  private static double tip(Shop shop, double diameter, double depth) {
    return BoringPlan.of(Bore.plain("bore", diameter, depth), shop).tip();
  }

  private Rule.Value floorLeft(Dims<?> d) {
    return d.stated(HEIGHT).isPresent() || d.measured(DEPTH)
        ? derived(
            d.mm(HEIGHT) - Math.max(d.mm(DEPTH), d.mm(NARROW_DEPTH)) - tipBelow(d),
            "what the bore leaves")
        : floor(d);
  }

  private Rule.Value floor(Dims<?> d) {
    boolean recessed = design.recessed();
    return practice(
        d.custom(Line.WALL_VESSEL_FLOOR)
            + d.custom(Line.VESSEL_FLOOR_ROOM)
            + (recessed ? d.custom(Line.HOLD_RECESS_DEPTH) : 0),
        recessed
            ? Wording.of("any.room-for-the-recess-under")
            : Wording.of("any.room-to-hollow-the-foot"));
  }

  private double tipBelow(Dims<?> d) {
    if (design.rigged()) {
      return 0;
    }
    List<Bore.Step> steps = new ArrayList<>();
    steps.add(new Bore.Step(d.planned(BORE), d.planned(DEPTH)));
    double narrow = d.planned(NARROW);
    if (narrow > 0 && narrow < d.planned(BORE) && d.planned(NARROW_DEPTH) > d.planned(DEPTH)) {
      steps.add(new Bore.Step(narrow, d.planned(NARROW_DEPTH)));
    }
    return BoringPlan.of(new Bore("bore", steps), d.shop()).tip();
  }

  Rule.Value flare(Dims<?> d) {
    return design.necked()
        ? practice(
            d.custom(Line.VESSEL_FLARE) * d.planned(BORE),
            Wording.of("vesselSizes.a-funnel-that-leads-stems"))
        : practice(d.custom(Line.VESSEL_EDGE), "breaks the edge");
  }

  List<SizeRule> outside() {
    return List.of(
        new SizeRule(HEIGHT, "Height", 20, 600, this::height),
        new SizeRule(WIDEST, "Widest outside", 8, 300, this::across),
        new SizeRule(FOOT, "Foot", 8, 300, this::foot),
        new SizeRule(NECK, "Neck", 5, 300, this::neck),
        new SizeRule(RIM, "Rim", 5, 300, this::rim),
        new SizeRule(BELLY_AT, "Belly, over the foot", 1, 590, this::bellyAt),
        new SizeRule(NECK_AT, "Neck, over the foot", 2, 595, this::neckAt),
        new SizeRule(WALL, "Wall of the hollow", 1.5, 60, this::wall));
  }

  /** The height does not follow a reading of the bore. */
  private Rule.Value height(Dims<?> d) {
    double deepest = Math.max(d.planned(DEPTH), d.planned(NARROW_DEPTH)) + tipBelow(d);
    double floor = d.stated(FLOOR).map(Size::mm).orElseGet(() -> floor(d).mm());
    return derived(deepest + floor, Wording.of("vesselSizes.bore-its-point-and-the"));
  }

  private Rule.Value wall(Dims<?> d) {
    double least = d.custom(Line.WALL_VESSEL);
    return design.rigged()
        ? practice(
            least + d.custom(Line.VESSEL_HOLLOW_ROOM), Wording.of("vesselSizes.a-rig-goes-to-3"))
        : derived(least, "bored, not hollowed");
  }

  private Rule.Value foot(Dims<?> d) {
    if (design.form() == Form.STRAIGHT) {
      return derived(d.mm(WIDEST), "straight sides");
    }
    double share = design.form() == Form.TAPER ? 1 : d.custom(Line.VESSEL_FOOT);
    return practice(
        Math.max(d.mm(WIDEST) * share, design.recessed() ? DishedFoot.least(d) : 0),
        "narrower than the belly");
  }

  private Rule.Value bellyAt(Dims<?> d) {
    return switch (design.form()) {
      case NECKED ->
          practice(d.custom(Line.FORM_BELLY_NECKED) * d.mm(HEIGHT), "fullest below the middle");
      case BELLIED ->
          practice(d.custom(Line.FORM_BELLY) * d.mm(HEIGHT), "fullest below the middle");
      default -> derived(d.mm(HEIGHT) / 2, "no belly");
    };
  }

  private Rule.Value neckAt(Dims<?> d) {
    double at = d.custom(Line.FORM_NECK) * d.mm(HEIGHT);
    return design.necked() ? practice(at, "drawn in under the rim") : derived(at, "no neck");
  }

  private Rule.Value neck(Dims<?> d) {
    double wall = d.custom(Line.WALL_VESSEL) + d.custom(Line.VESSEL_NECK_ROOM);
    return design.necked()
        ? practice(d.planned(BORE) + 2 * wall, Wording.of("vesselSizes.bore-and-a-safe-wall"))
        : derived(d.mm(WIDEST), "no neck");
  }

  private Rule.Value rim(Dims<?> d) {
    return switch (design.form()) {
      case STRAIGHT -> derived(d.mm(WIDEST), "straight sides");
      case TAPER -> Widest.opens(d, FOOT).orElseGet(() -> drawnIn(d));
      case BELLIED -> drawnIn(d);
      case NECKED ->
          practice(
              open(d) + 2 * d.custom(Line.VESSEL_RIM_WALLS) * d.custom(Line.WALL_VESSEL),
              Wording.of("vesselSizes.the-flare-and-a-wall"));
    };
  }

  private Rule.Value drawnIn(Dims<?> d) {
    double least = open(d) + 2 * d.custom(Line.WALL_VESSEL);
    return practice(Math.max(d.custom(Line.VESSEL_RIM) * d.mm(WIDEST), least), "drawn in a little");
  }

  /** Across the flared mouth, mm. */
  private static double open(Dims<?> d) {
    return d.planned(BORE) + 2 * d.mm(Flare.WIDE);
  }

  private Rule.Value across(Dims<?> d) {
    Rule.Value own = widest(d);
    return switch (design.form()) {
      case STRAIGHT -> own;
      case TAPER -> Widest.taper(d, own, FOOT, RIM);
      case BELLIED, NECKED -> Widest.of(d, own, FOOT, RIM);
    };
  }

  private Rule.Value widest(Dims<?> d) {
    double gives = stock.gives(d);
    double round = d.planned(BORE) + 2 * d.custom(Line.VESSEL_ROUND);
    double usual =
        design.necked()
            ? Math.max(d.custom(Line.VESSEL_WIDE_NECKED) * d.mm(HEIGHT), d.mm(RIM))
            : Math.max(d.custom(Line.VESSEL_WIDE) * d.mm(HEIGHT), round);
    // A recess wants a foot that leaves a wall round it.
    double want = design.recessed() ? Math.max(usual, DishedFoot.least(d)) : usual;
    return gives < want
        ? derived(gives, "what the blank gives")
        : practice(
            want,
            design.necked()
                ? "two fifths of the height"
                : Wording.of("vesselSizes.stands-well-and-holds-still"));
  }

  private Optional<Content> content() {
    return design.content();
  }
}
