package hazelkeep.piece.vessel;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.hold.HoldLimits;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Tenons;
import hazelkeep.piece.vessel.BoredVessel.Content;
import hazelkeep.piece.vessel.BoredVessel.Form;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** How every dimension of a bored vessel follows. */
final class VesselRules {
  static final List<Rule<BoredVessel>> ALL = all();

  private VesselRules() {}

  private static List<Rule<BoredVessel>> all() {
    List<Rule<BoredVessel>> r = new ArrayList<>();
    bore(r);
    outside(r);
    stick(r);
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
                        derived(s.mm() + 2 * VesselLimits.PLAY, "what goes in, plus play round it"))
                .orElseGet(
                    () ->
                        d.design().necked()
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
                ? practice(0.35 * d.mm("bore.diameter"), "a funnel that leads stems in")
                : practice(1, "breaks the edge"));
  }

  /** What goes in stands on the floor: a single piece in the bit's point, a bundle on the rim. */
  private static Rule.Value depth(Dims<BoredVessel> d) {
    Optional<Content> c = content(d);
    Optional<Double> long_ = c.flatMap(Content::height).map(Size::mm);
    if (long_.isPresent()) {
      double proud = c.flatMap(Content::proud).map(Size::mm).orElse(0.15 * long_.get());
      double tip = c.get().bundle() ? 0 : tip(d.shop(), d.mm("bore.diameter"));
      return derived(
          Math.max(5, long_.get() - proud - tip),
          c.get().bundle()
              ? "what goes in, less what stands proud"
              : "what goes in, less what stands proud and what the bit's point gives");
    }
    double bore = d.mm("bore.diameter");
    double wish =
        d.stated("outside.height")
            .map(h -> h.mm() - VesselLimits.FLOOR - 2 - tip(d.shop(), bore))
            .orElse(110.0);
    double reach = reach(d.shop(), bore, Math.max(5, wish));
    if (reach < wish) {
      return shop(reach, "as deep as the bits on the wall reach");
    }
    return d.stated("outside.height").isPresent()
        ? derived(Math.max(5, wish), "height less a floor below the point")
        : practice(wish, d.design().necked() ? "stems stand in it" : "a pen stands proud of it");
  }

  /** How deep a bore of a diameter can be made, up to a wish, mm. */
  private static double reach(Shop shop, double diameter, double wish) {
    return BoringPlan.of(Bore.plain("bore", diameter, wish), shop).verdicts().stream()
        .filter(v -> v.code().equals("bit-short"))
        .mapToDouble(v -> v.found() - v.limit() + wish)
        .findFirst()
        .orElse(wish);
  }

  /** The point of the bit that would bore a diameter. */
  static double tip(Shop shop, double diameter) {
    return BoringPlan.of(Bore.plain("bore", diameter, 10), shop).passes().stream()
        .map(Pass::bit)
        .mapToDouble(b -> b.tip())
        .findFirst()
        .orElse(0);
  }

  private static void outside(List<Rule<BoredVessel>> r) {
    add(
        r,
        "body.floor",
        "Floor under the bit's point",
        0.5,
        200,
        d ->
            d.stated("outside.height").isPresent()
                ? derived(d.stated("outside.height").get().mm() - point(d), "what the bore leaves")
                : practice(VesselLimits.FLOOR + 2, "room to hollow the foot under it"));
    add(
        r,
        "outside.height",
        "Height",
        20,
        600,
        d -> derived(point(d) + d.mm("body.floor"), "bore, its point and the floor"));
    add(r, "outside.diameter", "Widest outside", 8, 300, d -> widest(d));
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
                    d.mm("outside.diameter") * (d.design().form() == Form.TAPER ? 1 : 0.72),
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
                    d.mm("bore.diameter") + 2 * (VesselLimits.WALL + 2.5),
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
              case NECKED ->
                  practice(
                      d.mm("bore.diameter") + 2 * d.mm("mouth.flare") + 3 * VesselLimits.WALL,
                      "the flare and a wall round it");
              default ->
                  practice(
                      Math.max(
                          0.75 * d.mm("outside.diameter"),
                          d.mm("bore.diameter") + 2 * d.mm("mouth.flare") + 2 * VesselLimits.WALL),
                      "drawn in a little");
            });
    add(r, "foot.hollow", "Hollow of the foot", 0, 20, d -> practice(1, "only the rim stands"));
  }

  private static Rule.Value widest(Dims<BoredVessel> d) {
    double bore = d.mm("bore.diameter");
    double stock =
        across(d)
            .map(a -> Blank.sure(d.design().blank(), a) - VesselLimits.ROUNDING / 2)
            .orElse(Double.NaN);
    double want =
        d.design().necked()
            ? Math.max(0.4 * d.mm("outside.height"), bore + 4 * VesselLimits.WALL)
            : Math.max(0.38 * d.mm("outside.height"), bore + 16);
    return stock < want
        ? derived(stock, "what the blank gives")
        : practice(
            want,
            d.design().necked()
                ? "two fifths of the height"
                : "stands well, and holds still while it is bored");
  }

  /** Down to the deepest point, mm below the mouth. */
  private static double point(Dims<BoredVessel> d) {
    double deep = Math.max(d.mm("bore.depth"), d.mm("bore.narrow-depth"));
    double last = d.mm("bore.narrow") > 0 ? d.mm("bore.narrow") : d.mm("bore.diameter");
    return deep + tip(d.shop(), last);
  }

  private static void stick(List<Rule<BoredVessel>> r) {
    add(r, "stick.face-foot", "Facing at the foot", 0, 60, d -> practice(2, "trues the end"));
    add(r, "stick.tenon-foot", "Tenon at the foot", 0, 40, Tenons::tenon);
    add(
        r,
        "stick.waste-foot",
        "Waste at the foot",
        0,
        60,
        d ->
            shop(
                Math.max(4, Tenons.parting(d) + 2),
                "room for the parting tool between foot and jaws"));
    add(
        r,
        "stick.face-rim",
        "Facing of the rim",
        0,
        60,
        d -> practice(3, "the centre's mark goes with it"));
    add(
        r,
        "stick.need",
        "Length that it needs",
        10,
        900,
        d ->
            derived(
                d.mm("stick.face-foot")
                    + d.mm("stick.tenon-foot")
                    + d.mm("stick.waste-foot")
                    + d.mm("outside.height")
                    + d.mm("stick.face-rim"),
                "the piece and all that is consumed"));
    add(
        r,
        "blank.length",
        "Length of the blank",
        10,
        900,
        d ->
            d.design()
                .blank()
                .flatMap(Blank::length)
                .map(s -> derived(s.mm(), "the blank at hand"))
                .orElseGet(() -> derived(d.mm("stick.need"), "as long as it needs")));
    add(
        r,
        "blank.across",
        "Blank, across",
        8,
        450,
        d ->
            across(d)
                .map(a -> derived(a, "the blank at hand"))
                .orElseGet(
                    () ->
                        derived(
                            d.mm("outside.diameter") + VesselLimits.ROUNDING, "room to round it")));
    add(
        r,
        "blank.round",
        "Rounded to",
        8,
        450,
        d ->
            derived(
                Math.min(
                    Blank.sure(d.design().blank(), d.mm("blank.across")),
                    d.mm("outside.diameter") + 2 * VesselLimits.SPARE),
                "the outside and what is left on it"));
    add(r, "tenon-foot.diameter", "Foot tenon, at its end", 8, 200, d -> tenon(d));
    add(
        r,
        "tenon-foot.root",
        "Foot tenon, at its root",
        6,
        200,
        d -> Tenons.tenonRoot(d, "tenon-foot.diameter", "stick.tenon-foot"));
  }

  /** Long work wants a stout tenon: as wide as the jaws take, where their true circle is slim. */
  private static Rule.Value tenon(Dims<BoredVessel> d) {
    Rule.Value usual = Tenons.tenonEnd(d, "stick.tenon-foot");
    if (d.mm("outside.height") / usual.mm() <= COMFORTABLE) {
      return usual;
    }
    double most = d.mm("blank.round") - 2 * (HoldLimits.SHOULDER + 0.5);
    return d.shop().tenonJaws().stream()
        .map(j -> Math.min(most, j.squeeze().to() - 0.5 + j.flare(d.mm("stick.tenon-foot"))))
        .filter(e -> e <= most && e > usual.mm())
        .max(Double::compare)
        .map(e -> shop(e, "as wide as the jaws take: long work wants a stout tenon"))
        .orElse(usual);
  }

  /** Free length over tenon diameter up to which nothing needs to be done (common practice). */
  private static final double COMFORTABLE = 2.5;

  private static Optional<Content> content(Dims<BoredVessel> d) {
    return d.design().content();
  }

  private static Optional<Double> across(Dims<BoredVessel> d) {
    return d.design().blank().flatMap(Blank::across).map(Size::mm);
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
