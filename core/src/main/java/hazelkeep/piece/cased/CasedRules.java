package hazelkeep.piece.cased;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.StepPair;
import hazelkeep.bore.Sweep;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Jam;
import hazelkeep.piece.Pair;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StockRules;
import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** How every dimension of a bored case follows: the bits on the wall say how slim it can be. */
final class CasedRules {
  private static final List<String> STRETCHES =
      List.of(
          "stick.face-foot",
          "stick.tenon-foot",
          "stick.waste-foot",
          "body.height",
          "joint.length",
          "stick.face-spigot",
          "stick.kerf",
          "stick.face-rim",
          "lid.height",
          "stick.waste-top",
          "stick.tenon-top",
          "stick.face-top");

  private static final Set<String> FINE =
      Set.of("joint.clearance", "joint.jam", "recess.diameter", "spigot.diameter");

  private static final StockRules<Cased> STOCK =
      new StockRules<Cased>(Cased::blank)
          .add("stick.face-foot", "Facing at the foot", 0, 60, d -> practice(2, "trues the end"))
          .tenon("foot")
          .add(
              "stick.waste-foot",
              "Waste at the foot",
              0,
              60,
              d ->
                  shop(
                      Math.max(4, Tenons.parting(d) + 2),
                      "room for the parting tool between foot and jaws"))
          .add(
              "stick.face-spigot",
              "Facing of the spigot",
              0,
              20,
              d -> practice(0.5, "cleans its end"))
          .kerf()
          .add("stick.face-rim", "Facing of the rim", 0, 20, d -> practice(1, "cleans the rim"))
          .add(
              "stick.waste-top",
              "Waste at the top",
              0,
              60,
              d -> practice(3, "lets the tool round the top"))
          .tenon("top")
          .add("stick.face-top", "Facing at the top", 0, 60, d -> practice(2, "trues the end"))
          .blank(STRETCHES, CasedRules::widest, Line.TURN_CASE_SPARE);

  static final List<Rule<Cased>> ALL = all();

  private CasedRules() {}

  private static List<Rule<Cased>> all() {
    List<Rule<Cased>> r = new ArrayList<>();
    bores(r);
    joint(r);
    outside(r);
    r.addAll(STOCK.done());
    return List.copyOf(r);
  }

  private static void bores(List<Rule<Cased>> r) {
    add(r, "bore.diameter", "Bore of the body", 2, 120, CasedRules::small);
    add(r, "recess.diameter", "Bore of the lid", 3, 120, CasedRules::large);
    add(r, "bore.depth", "Bore of the body, to its full diameter", 5, 500, CasedRules::depth);
    add(
        r,
        "lid.depth",
        "Bore of the lid, to its full diameter",
        2,
        300,
        d ->
            d.design().house()
                ? practice(d.mm("joint.length") + 1, "takes the spigot with a little air")
                : content(d)
                    .flatMap(Cased.Content::height)
                    .map(
                        s ->
                            derived(
                                d.mm("joint.length") + LID_SHARE * s.mm(),
                                "the spigot, and a quarter of what goes in"))
                    .orElse(practice(d.mm("joint.length") + 22, "the spigot and a hand's hold")));
  }

  private static final double LID_SHARE = 0.25;

  private static Pair<Cased> pair(Dims<Cased> d, String recess) {
    return new Pair<>(d, recess, "spigot.diameter");
  }

  /** The pair of bits for what goes in; deep enough for both, in case the halves share it anew. */
  private static Optional<StepPair> pair(Dims<Cased> d) {
    double holds =
        content(d)
            .flatMap(Cased.Content::diameter)
            .map(s -> s.mm() + 2 * d.custom(Line.CONTENT_CASE))
            .orElse(d.design().house() ? 36.0 : 14.0);
    double tall = content(d).flatMap(Cased.Content::height).map(Size::mm).orElse(60.0);
    return StepPair.slimmest(d.shop(), holds, (1 - LID_SHARE) * tall, LID_SHARE * tall, spigot(d));
  }

  private static double spigot(Dims<Cased> d) {
    return d.design().house() ? d.custom(Line.WALL_HOUSE_SPIGOT) : d.custom(Line.BORE_STEP_SPIGOT);
  }

  private static Rule.Value small(Dims<Cased> d) {
    Optional<StepPair> pair = pair(d);
    if (pair.isPresent()) {
      return shop(
          pair.get().small().diameter(), "the smaller of two bits that give the slimmest case");
    }
    return content(d)
        .flatMap(Cased.Content::diameter)
        .map(
            s ->
                derived(
                    s.mm() + 2 * d.custom(Line.CONTENT_CASE), "what goes in, and play round it"))
        .orElse(practice(14, "no two bits on the wall lie a step apart"));
  }

  /** The next bit that leaves a spigot on what the smaller one bores. */
  private static Rule.Value large(Dims<Cased> d) {
    Optional<Rule.Value> follows = pair(d, "recess.diameter").recess();
    if (follows.isPresent()) {
      return follows.get();
    }
    double least = d.planned("bore.diameter") + 2 * spigot(d);
    return d.shop().bits().stream()
        .filter(b -> b.form() != Bit.Form.DEPTH)
        .mapToDouble(Bit::diameter)
        .filter(b -> b >= least - 1e-9)
        .min()
        .stream()
        .mapToObj(b -> shop(b, "the next bit that leaves a spigot on the body"))
        .findFirst()
        .orElse(derived(least, "the bore and a spigot round it"));
  }

  private static Rule.Value depth(Dims<Cased> d) {
    Optional<Double> tall = content(d).flatMap(Cased.Content::height).map(Size::mm);
    if (tall.isEmpty()) {
      return practice(d.design().house() ? 58 : 60, "a good hand's width");
    }
    boolean bundle = content(d).get().bundle();
    double wide =
        content(d)
            .flatMap(Cased.Content::diameter)
            .map(Size::mm)
            .orElse(d.planned("bore.diameter") - 2 * d.custom(Line.CONTENT_CASE));
    // A single piece stands in one point at most, and only as far as it is thinner.
    double points =
        bundle
            ? 0
            : Math.max(
                sinks(d.shop(), d.planned("bore.diameter"), wide),
                sinks(d.shop(), d.planned("recess.diameter"), wide));
    double lid = d.mm("lid.depth") - d.mm("joint.length");
    return derived(
        Math.max(5, tall.get() + d.custom(Line.CONTENT_CASE_AIR) - lid - points),
        bundle
            ? "what goes in, less what the lid takes"
            : "what goes in, less what the lid takes and the point that it stands in");
  }

  /** How far a piece stands in the point of the bit that would bore a diameter, mm. */
  private static double sinks(Shop shop, double bore, double piece) {
    return BoringPlan.of(Bore.plain("bore", bore, 10), shop).passes().stream()
        .mapToDouble(p -> Sweep.sinks(p.bit(), piece))
        .findFirst()
        .orElse(0);
  }

  /** The point of the bit that bores the body or the lid, mm. */
  private static double tip(Dims<Cased> d, String diameter, String depth) {
    return BoringPlan.of(Bore.plain("bore", d.planned(diameter), d.planned(depth)), d.shop()).tip();
  }

  private static void joint(List<Rule<Cased>> r) {
    add(
        r,
        "joint.length",
        "Spigot length",
        2,
        60,
        d -> practice(d.design().house() ? 6 : 8, "8 to 10 mm on a small box, less on a tiny one"));
    add(
        r,
        "joint.clearance",
        "Clearance in use",
        -0.1,
        2,
        d -> pair(d, "recess.diameter").clearance(d.design().fit(), "recess.diameter"));
    r.add(r.remove(r.size() - 1).difference("recess.diameter", "spigot.diameter"));
    add(
        r,
        "spigot.diameter",
        "Spigot diameter",
        3,
        120,
        d ->
            derived(
                d.mm("recess.diameter") - d.mm("joint.clearance"),
                "turned to the lid's bore less the clearance"));
    add(
        r,
        "joint.jam",
        "Diameter for the jam",
        3,
        120,
        d ->
            Jam.of(d, d.mm("recess.diameter"), d.mm("outside.eaves"), d.mm("bore.diameter"))
                .over(d.mm("recess.diameter")));
  }

  private static void outside(List<Rule<Cased>> r) {
    add(
        r,
        "outside.diameter",
        "Outside, at the join",
        6,
        200,
        d -> {
          double want = d.planned("recess.diameter") + 2 * (d.design().house() ? 5 : WALL_USUAL);
          double stock = STOCK.widest(d);
          return stock < want
              ? derived(stock, "what the blank gives")
              : practice(want, "the lid's bore and a wall round it");
        });
    add(
        r,
        "outside.foot",
        "Foot, across",
        4,
        200,
        d ->
            d.design().form() == Cased.Form.SPINDLE
                ? practice(
                    Math.max(
                        0.8 * d.mm("outside.diameter"),
                        d.planned("bore.diameter") + 2 * d.custom(Line.WALL_CASE)),
                    "drawn in, with a wall round the bore")
                : derived(d.mm("outside.diameter"), "straight sides"));
    add(
        r,
        "outside.eaves",
        "Across the lid's rim",
        6,
        250,
        d ->
            d.design().house()
                ? practice(d.mm("outside.diameter") + 2 * 8, "the roof stands over its walls")
                : derived(d.mm("outside.diameter"), "one line with the body"));
    add(
        r,
        "outside.top",
        "Across, under the top",
        2,
        200,
        d ->
            switch (d.design().form()) {
              case HOUSE ->
                  practice(Math.max(8, 0.14 * d.mm("outside.eaves")), "a ridge that takes an eye");
              case SPINDLE ->
                  practice(
                      Math.max(
                          0.86 * d.mm("outside.eaves"),
                          d.planned("recess.diameter") + 2 * d.custom(Line.WALL_CASE)),
                      "drawn in, with a wall round the bore");
              case CASE -> derived(d.mm("outside.eaves"), "straight sides");
            });
    add(
        r,
        "body.floor",
        "Floor under the bit's point",
        0.5,
        100,
        d ->
            d.stated("outside.height").isPresent()
                    || d.fixed("body.height")
                    || d.measured("bore.depth")
                ? derived(d.mm("body.height") - above(d), "what the bore leaves of the body")
                : floor(d));
    add(
        r,
        "outside.height",
        "Height, lid on",
        10,
        600,
        d -> derived(d.mm("body.height") + d.mm("lid.height"), "body and lid"));
    add(
        r,
        "body.height",
        "Body height",
        5,
        500,
        d ->
            d.stated("outside.height").isPresent()
                ? derived(
                    d.stated("outside.height").get().mm() - d.mm("lid.height"),
                    "height less the lid")
                : derived(
                    plannedAbove(d) + d.stated("body.floor").map(Size::mm).orElse(floor(d).mm()),
                    "bore, its point and the floor, less the spigot"));
    add(
        r,
        "lid.end",
        "End over the lid's bore",
        0.5,
        200,
        d ->
            d.fixed("lid.height") || d.measured("lid.depth")
                ? derived(
                    d.mm("lid.height") - d.mm("lid.depth") - tip(d, "recess.diameter", "lid.depth"),
                    "what the bore leaves of the lid")
                : end(d));
    add(
        r,
        "lid.height",
        "Lid height",
        4,
        300,
        d ->
            derived(
                d.planned("lid.depth")
                    + tip(d, "recess.diameter", "lid.depth")
                    + d.stated("lid.end").map(Size::mm).orElse(end(d).mm()),
                "bore, its point and the end"));
    add(
        r,
        "lid.dome",
        "Rounding of the top",
        0.3,
        100,
        d ->
            d.design().house()
                ? practice(1.5, "a ridge with its edge broken")
                : practice(Math.min(0.3 * d.mm("outside.top"), 0.4 * d.mm("lid.end") + 1), "soft"));
    add(r, "foot.hollow", "Hollow of the foot", 0, 20, d -> practice(0.8, "only the rim stands"));
  }

  private static Rule.Value floor(Dims<Cased> d) {
    return practice(
        d.custom(Line.WALL_CASE_END) + 2.5, "room to hollow the foot and to texture it");
  }

  private static Rule.Value end(Dims<Cased> d) {
    return d.design().house()
        ? derived(
            Math.max(
                d.custom(Line.WALL_CASE_END) + 3,
                0.55 * d.mm("outside.eaves") - d.planned("lid.depth")),
            "a roof that sheds rain")
        : practice(d.custom(Line.WALL_CASE_END) + 2, "room to texture it");
  }

  /** What the body's bore takes of its height, its point included, mm. */
  private static double above(Dims<Cased> d) {
    return d.mm("bore.depth") + tip(d, "bore.diameter", "bore.depth") - d.mm("joint.length");
  }

  /** The same before anything was measured: heights do not follow a reading. */
  private static double plannedAbove(Dims<Cased> d) {
    return d.planned("bore.depth") + tip(d, "bore.diameter", "bore.depth") - d.mm("joint.length");
  }

  /** Wall that a slim case is planned with, mm. */
  private static final double WALL_USUAL = 3.5;

  private static double widest(Dims<Cased> d) {
    return Math.max(d.mm("outside.diameter"), d.mm("outside.eaves"));
  }

  private static Optional<Cased.Content> content(Dims<Cased> d) {
    return d.design().content();
  }

  private static void add(
      List<Rule<Cased>> r,
      String key,
      String label,
      double least,
      double most,
      Function<Dims<Cased>, Rule.Value> by) {
    r.add(new Rule<>(new DimKey(key), label, least, most, FINE.contains(key), by));
  }
}
