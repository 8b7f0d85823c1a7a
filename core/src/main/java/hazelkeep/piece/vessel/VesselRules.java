package hazelkeep.piece.vessel;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Sweep;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Dims;
import hazelkeep.piece.FootRecess;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StockRules;
import hazelkeep.piece.Tenons;
import hazelkeep.piece.Widest;
import hazelkeep.piece.vessel.BoredVessel.Content;
import hazelkeep.piece.vessel.BoredVessel.Form;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** How every dimension of a bored vessel follows. */
final class VesselRules {
  private VesselRules() {}

  private static List<Rule<BoredVessel>> all() {
    List<Rule<BoredVessel>> r = new ArrayList<>();
    bore(r);
    outside(r);
    r.addAll(STOCK.done());
    return List.copyOf(r);
  }

  private static void bore(List<Rule<BoredVessel>> r) {
    add(
        r,
        "bore.diameter",
        "Bore",
        2,
        120,
        d ->
            content(d)
                .flatMap(Content::diameter)
                .map(
                    s ->
                        derived(
                            s.mm() + 2 * d.custom(Line.CONTENT_VESSEL),
                            "what goes in, plus play round it"))
                .orElseGet(
                    () ->
                        d.design().rigged()
                            ? practice(25, "hooked bars pass it")
                            : d.design().necked()
                                ? practice(10, "a few dry stems stand well in it")
                                : practice(15, "a pen with play round it")));
    add(r, "bore.depth", "Bore, to its full diameter", 5, 560, VesselRules::depth);
    add(r, "bore.narrow", "Narrower bore below", 0, 118, d -> derived(0, "none: one diameter"));
    add(
        r,
        "bore.narrow-depth",
        "Narrower bore, to its full diameter",
        0,
        580,
        d ->
            derived(
                d.mm("bore.narrow") > 0 ? d.mm("bore.depth") + 20 : 0,
                "a little below the wide one"));
    add(
        r,
        "mouth.flare",
        "Flare of the mouth",
        0,
        40,
        d ->
            d.design().necked()
                ? practice(0.35 * d.planned("bore.diameter"), "a funnel that leads stems in")
                : practice(1, "breaks the edge"));
  }

  /** What goes in stands on the floor: a single piece in the bit's point, a bundle on the rim. */
  private static Rule.Value depth(Dims<BoredVessel> d) {
    Optional<Content> c = content(d);
    Optional<Double> long_ = c.flatMap(Content::height).map(Size::mm);
    if (long_.isPresent()) {
      double proud = c.flatMap(Content::proud).map(Size::mm).orElse(0.15 * long_.get());
      double bore = d.planned("bore.diameter");
      double wide =
          c.flatMap(Content::diameter)
              .map(Size::mm)
              .orElse(bore - 2 * d.custom(Line.CONTENT_VESSEL));
      double tip = c.get().bundle() ? 0 : sinks(d.shop(), bore, wide);
      return derived(
          Math.max(5, long_.get() - proud - tip),
          c.get().bundle()
              ? "what goes in, less what stands proud"
              : "what goes in, less what stands proud and what the bit's point gives");
    }
    double bore = d.planned("bore.diameter");
    double wish =
        d.stated("outside.height")
            .map(h -> h.mm() - floorUnder(d) - tip(d.shop(), bore, SHORT))
            .orElse(110.0);
    double reach = reach(d.shop(), bore, Math.max(5, wish));
    if (reach < wish) {
      return shop(reach, "as deep as the bits on the wall reach");
    }
    return d.stated("outside.height").isPresent()
        ? derived(Math.max(5, wish), "height less a floor below the point")
        : practice(wish, d.design().necked() ? "stems stand in it" : "a pen stands proud of it");
  }

  private static double floorUnder(Dims<BoredVessel> d) {
    return d.stated("body.floor").map(Size::mm).orElse(d.custom(Line.WALL_VESSEL_FLOOR) + 2);
  }

  /** Any bit reaches so deep, mm: for the point of a bit before its depth is known. */
  private static final double SHORT = 10;

  /** How deep a bore of a diameter can be made, up to a wish, mm. */
  private static double reach(Shop shop, double diameter, double wish) {
    return BoringPlan.of(Bore.plain("bore", diameter, wish), shop).verdicts().stream()
        .filter(v -> v.code().equals("bit-short"))
        .mapToDouble(v -> v.found() - v.limit() + wish)
        .findFirst()
        .orElse(wish);
  }

  /** How far a single piece stands in the point of the bit that would bore a diameter, mm. */
  private static double sinks(Shop shop, double bore, double piece) {
    return BoringPlan.of(Bore.plain("bore", bore, 10), shop).passes().stream()
        .mapToDouble(p -> Sweep.sinks(p.bit(), piece))
        .findFirst()
        .orElse(0);
  }

  /** The point of the bit that would bore a diameter so deep, mm. */
  static double tip(Shop shop, double diameter, double depth) {
    return BoringPlan.of(Bore.plain("bore", diameter, depth), shop).tip();
  }

  private static void outside(List<Rule<BoredVessel>> r) {
    add(
        r,
        "body.floor",
        "Floor under the bit's point",
        0.5,
        200,
        d ->
            d.stated("outside.height").isPresent() || d.measured("bore.depth")
                ? derived(d.mm("outside.height") - point(d), "what the bore leaves")
                : floor(d));
    add(
        r,
        "outside.height",
        "Height",
        20,
        600,
        d ->
            derived(
                plannedPoint(d) + d.stated("body.floor").map(Size::mm).orElse(floor(d).mm()),
                "bore, its point and the floor"));
    add(r, "outside.diameter", "Widest outside", 8, 300, VesselRules::across);
    add(
        r,
        "outside.foot",
        "Foot",
        8,
        300,
        d ->
            d.design().form() == Form.STRAIGHT
                ? derived(d.mm("outside.diameter"), "straight sides")
                : practice(
                    Math.max(
                        d.mm("outside.diameter") * (d.design().form() == Form.TAPER ? 1 : 0.72),
                        d.design().recessed() ? recessed(d) : 0),
                    "narrower than the belly"));
    add(
        r,
        "outside.neck",
        "Neck",
        5,
        300,
        d ->
            d.design().necked()
                ? practice(
                    d.planned("bore.diameter") + 2 * (d.custom(Line.WALL_VESSEL) + 2.5),
                    "bore and a safe wall round it")
                : derived(d.mm("outside.diameter"), "no neck"));
    add(
        r,
        "outside.rim",
        "Rim",
        5,
        300,
        d ->
            switch (d.design().form()) {
              case STRAIGHT -> derived(d.mm("outside.diameter"), "straight sides");
              case TAPER -> Widest.opens(d, "outside.foot").orElseGet(() -> rim(d));
              case NECKED ->
                  practice(
                      d.planned("bore.diameter")
                          + 2 * d.mm("mouth.flare")
                          + 3 * d.custom(Line.WALL_VESSEL),
                      "the flare and a wall round it");
              default -> rim(d);
            });
    add(
        r,
        "hollow.wall",
        "Wall of the hollow",
        1.5,
        60,
        d ->
            d.design().rigged()
                ? practice(
                    d.custom(Line.WALL_VESSEL) + 2, "a rig goes to 3 mm; a little more is safe")
                : derived(d.custom(Line.WALL_VESSEL), "bored, not hollowed"));
    add(
        r,
        "foot.hollow",
        "Hollow of the foot",
        0,
        20,
        d ->
            d.design().recessed()
                ? practice(d.custom(Line.HOLD_RECESS_DEPTH), "3 to 6 mm hold the jaws")
                : practice(1, "only the rim stands"));
  }

  /** The narrowest foot that takes a recess with room for its dovetail, mm. */
  private static double recessed(Dims<BoredVessel> d) {
    return FootRecess.least(d.shop()) + RECESS_ROOM;
  }

  private static final double RECESS_ROOM = 2;

  private static Rule.Value rim(Dims<BoredVessel> d) {
    return practice(
        Math.max(
            0.75 * d.mm("outside.diameter"),
            d.planned("bore.diameter") + 2 * d.mm("mouth.flare") + 2 * d.custom(Line.WALL_VESSEL)),
        "drawn in a little");
  }

  private static Rule.Value across(Dims<BoredVessel> d) {
    Rule.Value own = widest(d);
    return switch (d.design().form()) {
      case STRAIGHT -> own;
      case TAPER -> Widest.taper(d, own, "outside.foot", "outside.rim");
      case BELLIED, NECKED -> Widest.of(d, own, "outside.foot", "outside.rim");
    };
  }

  private static Rule.Value widest(Dims<BoredVessel> d) {
    double bore = d.planned("bore.diameter");
    double stock = STOCK.widest(d);
    double usual =
        d.design().necked()
            ? Math.max(0.4 * d.mm("outside.height"), d.mm("outside.rim"))
            : Math.max(0.38 * d.mm("outside.height"), bore + 16);
    // A recess wants a foot that leaves a wall round it.
    double want = d.design().recessed() ? Math.max(usual, recessed(d)) : usual;
    return stock < want
        ? derived(stock, "what the blank gives")
        : practice(
            want,
            d.design().necked()
                ? "two fifths of the height"
                : "stands well, and holds still while it is bored");
  }

  private static Rule.Value floor(Dims<BoredVessel> d) {
    boolean recessed = d.design().recessed();
    return practice(
        d.custom(Line.WALL_VESSEL_FLOOR) + 2 + (recessed ? d.custom(Line.HOLD_RECESS_DEPTH) : 0),
        recessed ? "room for the recess under it" : "room to hollow the foot under it");
  }

  /** Down to the deepest point, mm below the mouth. */
  private static double point(Dims<BoredVessel> d) {
    return Math.max(d.mm("bore.depth"), d.mm("bore.narrow-depth")) + tipBelow(d);
  }

  /** The same before anything was measured: the height does not follow a reading. */
  private static double plannedPoint(Dims<BoredVessel> d) {
    return Math.max(d.planned("bore.depth"), d.planned("bore.narrow-depth")) + tipBelow(d);
  }

  private static double tipBelow(Dims<BoredVessel> d) {
    if (d.design().rigged()) {
      return 0;
    }
    List<Bore.Step> steps = new ArrayList<>();
    steps.add(new Bore.Step(d.planned("bore.diameter"), d.planned("bore.depth")));
    double narrow = d.planned("bore.narrow");
    boolean stepped =
        narrow > 0
            && narrow < d.planned("bore.diameter")
            && d.planned("bore.narrow-depth") > d.planned("bore.depth");
    if (stepped) {
      steps.add(new Bore.Step(narrow, d.planned("bore.narrow-depth")));
    }
    return BoringPlan.of(new Bore("bore", steps), d.shop()).tip();
  }

  private static final List<String> STRETCHES =
      List.of(
          "stick.face-foot",
          "stick.tenon-foot",
          "stick.waste-foot",
          "outside.height",
          "stick.face-rim",
          "stick.tenon-rim");

  private static final StockRules<BoredVessel> STOCK =
      new StockRules<BoredVessel>(BoredVessel::blank)
          .add("stick.face-foot", "Facing at the foot", 0, 60, d -> practice(2, "trues the end"))
          .add(
              "stick.tenon-foot",
              "Tenon at the foot",
              0,
              40,
              d ->
                  d.design().recessed()
                      ? derived(0, "none: a recess holds the foot")
                      : Tenons.tenon(d))
          .add(
              "stick.waste-foot",
              "Waste at the foot",
              0,
              60,
              d ->
                  d.design().recessed()
                      ? derived(0, "none: the foot is finished first")
                      : shop(
                          Math.max(4, Tenons.parting(d) + 2),
                          "room for the parting tool between foot and jaws"))
          .add(
              "stick.face-rim",
              "Facing of the rim",
              0,
              60,
              d -> practice(3, "the centre's mark goes with it"))
          .add(
              "stick.tenon-rim",
              "Tenon at the rim",
              0,
              40,
              d ->
                  d.design().recessed()
                      ? Tenons.tenon(d)
                      : derived(0, "none: the foot's tenon holds it"))
          .blank(
              STRETCHES,
              d ->
                  Math.max(
                      d.mm("outside.rim"),
                      Math.max(d.mm("outside.diameter"), d.mm("outside.foot"))),
              Line.TURN_VESSEL_SPARE)
          .add("tenon-foot.diameter", "Foot tenon, at its end", 8, 200, VesselRules::tenon)
          .add(
              "tenon-foot.root",
              "Foot tenon, at its root",
              6,
              200,
              d -> Tenons.tenonRoot(d, "tenon-foot.diameter", "stick.tenon-foot"))
          .add(
              "tenon-rim.diameter",
              "Rim tenon, at its end",
              8,
              200,
              d -> Tenons.tenonEnd(d, "stick.tenon-rim"))
          .add(
              "tenon-rim.root",
              "Rim tenon, at its root",
              6,
              200,
              d -> Tenons.tenonRoot(d, "tenon-rim.diameter", "stick.tenon-rim"))
          .add(
              "foot.recess",
              "Recess in the foot",
              0,
              400,
              d ->
                  d.design().recessed()
                      ? FootRecess.rule(d, "outside.foot", "foot.hollow")
                      : derived(0, "the foot is held otherwise"));

  static final List<Rule<BoredVessel>> ALL = all();

  /** Long work wants a stout tenon: as wide as the jaws take, where their true circle is slim. */
  private static Rule.Value tenon(Dims<BoredVessel> d) {
    Rule.Value usual = Tenons.tenonEnd(d, "stick.tenon-foot");
    if (d.mm("outside.height") / usual.mm() <= d.custom(Line.HOLD_LEVER_NONE)) {
      return usual;
    }
    return Tenons.widest(
            d, "stick.tenon-foot", "as wide as the jaws take: long work wants a stout tenon")
        .filter(v -> v.mm() > usual.mm())
        .orElse(usual);
  }

  private static Optional<Content> content(Dims<BoredVessel> d) {
    return d.design().content();
  }

  private static void add(
      List<Rule<BoredVessel>> r,
      String key,
      String label,
      double least,
      double most,
      Function<Dims<BoredVessel>, Rule.Value> by) {
    r.add(new Rule<>(new DimKey(key), label, least, most, false, by));
  }
}
