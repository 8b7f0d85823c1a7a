package hazelkeep.piece.mill;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Pair;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StockRules;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** How every dimension of a mill follows: the bought parts come first, the wood round them. */
final class MillRules {
  /** All that the stick is made of. */
  static final List<String> CONSUMED =
      List.of(
          "stick.face-foot",
          "stick.tenon-foot",
          "stick.waste-foot",
          "stick.face-mouth",
          "stick.tenon-mouth",
          "stick.kerf",
          "stick.face-spigot",
          "joint.length",
          "stick.waste-top",
          "stick.tenon-top",
          "stick.face-top",
          "body.height",
          "head.height");

  private static final String NONE = "none: state one where there is such a part";

  private MillRules() {}

  private static List<Rule<Mill>> all() {
    List<Rule<Mill>> r = new ArrayList<>();
    parts(r);
    heights(r);
    outside(r);
    r.addAll(STOCK.done());
    return List.copyOf(r);
  }

  private static void parts(List<Rule<Mill>> r) {
    add(r, "plate.diameter", "Plate at the foot", 0, 150, d -> optional(d, 44, "holds the works"));
    add(r, "plate.depth", "Depth of its recess", 0, 30, d -> optional(d, 2, "flush with the foot"));
    add(
        r,
        "ring.diameter",
        "Seat at the foot",
        0,
        150,
        d ->
            d.design().grinds()
                ? practice(38, "the grinding ring")
                : practice(30, "the stopper that fills it"));
    add(r, "ring.depth", "Seat, deep from the foot", 0, 80, d -> practice(14, "ring and its lip"));
    add(
        r,
        "bore.diameter",
        "Main bore",
        8,
        120,
        d ->
            pair(d)
                .recess()
                .orElse(practice(25, "room for the corns, and a bit that most walls have")));
    add(
        r,
        "drive.diameter",
        "Seat in the head",
        0,
        120,
        d ->
            d.design().grinds()
                ? practice(18, "the plate that turns the shaft")
                : practice(18, "room over the body"));
    add(
        r,
        "drive.depth",
        "Seat in the head, deep",
        0,
        200,
        d ->
            d.design().grinds()
                ? practice(2, "flush with the tenon's end")
                : derived(
                    Math.max(1, d.mm("joint.length") + d.mm("head.height") - CAP_USUAL),
                    "the head less its cap"));
    add(r, "shaft.diameter", "Shaft", 0, 30, d -> optional(d, 6, "a common shaft"));
    add(r, "shaft.length", "Length of the shaft", 0, 600, d -> optional(d, 170, "as bought"));
    add(
        r,
        "shaft.sunk",
        "Shaft begins above the foot",
        0,
        100,
        d -> optional(d, 6, "what sits under it in the ring"));
    add(r, "shaft.hole", "Hole for the shaft", 0, 40, MillRules::hole);
    add(
        r,
        "holes.diameter",
        "Holes in the head",
        0,
        10,
        d -> d.design().grinds() ? derived(0, "a mill has none") : practice(2, "salt falls well"));
    add(
        r,
        "holes.circle",
        "Circle of the holes",
        0,
        100,
        d ->
            d.design().grinds()
                ? derived(0, "a mill has none")
                : practice(10, "well inside the hollow of the head"));
  }

  private static Pair<Mill> pair(Dims<Mill> d) {
    return new Pair<>(d, "bore.diameter", "spigot.diameter");
  }

  /** What a shaker's cap is planned with, mm. */
  private static final double CAP_USUAL = 7;

  private static Rule.Value optional(Dims<Mill> d, double usual, String why) {
    return d.design().grinds() ? practice(usual, why) : derived(0, NONE);
  }

  /** The smallest bit on the wall that lets the shaft turn. */
  private static Rule.Value hole(Dims<Mill> d) {
    double shaft = d.mm("shaft.diameter");
    if (shaft <= 0) {
      return derived(0, "no shaft goes through");
    }
    double least = shaft + d.custom(Line.CONTENT_SHAFT);
    return d.shop().bits().stream()
        .mapToDouble(Bit::diameter)
        .filter(b -> b >= least - 1e-9)
        .min()
        .stream()
        .mapToObj(b -> shop(b, "the smallest bit on the wall that lets the shaft turn"))
        .findFirst()
        .orElse(derived(least, "the shaft and room to turn"));
  }

  private static void heights(List<Rule<Mill>> r) {
    add(
        r,
        "thread.proud",
        "Thread stands proud",
        0,
        100,
        d ->
            d.mm("shaft.length") <= 0
                ? derived(0, "no shaft goes through")
                : high(d).isPresent()
                    ? derived(
                        d.mm("shaft.sunk") + d.mm("shaft.length") - high(d).get(),
                        "what the height leaves of the shaft")
                    : practice(d.custom(Line.CONTENT_THREAD), "what the nut takes"));
    add(
        r,
        "outside.height",
        "Height, head on",
        40,
        600,
        d ->
            high(d).isPresent()
                ? derived(high(d).get(), "body and head")
                : d.mm("shaft.length") > 0
                    ? derived(
                        d.mm("shaft.sunk") + d.mm("shaft.length") - d.mm("thread.proud"),
                        "as the shaft is long, less the thread")
                    : practice(120, "stands well beside its mill"));
    add(
        r,
        "head.height",
        "Head",
        8,
        300,
        d ->
            d.stated("body.height").isPresent()
                ? derived(
                    d.mm("outside.height") - d.stated("body.height").get().mm(),
                    "height less the body")
                : practice(0.27 * d.mm("outside.height"), "a good quarter of the height"));
    add(
        r,
        "body.height",
        "Body",
        20,
        580,
        d -> derived(d.mm("outside.height") - d.mm("head.height"), "height less the head"));
    add(
        r,
        "joint.length",
        "Tenon of the head",
        3,
        60,
        d -> practice(10, "guides the head, and little of the room is lost"));
    add(
        r,
        "joint.clearance",
        "Clearance of the head",
        -0.1,
        2,
        d -> pair(d).clearance(d.design().fit(), "bore.diameter"));
    r.add(r.remove(r.size() - 1).difference("bore.diameter", "spigot.diameter"));
    add(
        r,
        "spigot.diameter",
        "Tenon of the head, across",
        6,
        120,
        d ->
            derived(
                d.mm("bore.diameter") - d.mm("joint.clearance"),
                "turned to the bore less the clearance"));
    add(
        r,
        "bore.foot",
        "Bore from the foot, to its full diameter",
        5,
        560,
        d ->
            d.measured("bore.mouth")
                ? derived(
                    through(d) - d.mm("bore.mouth") + d.custom(Line.BORE_OVERLAP),
                    "what the bore from the mouth has left, and what they overlap")
                : derived(
                    Math.max(
                        d.planned("ring.depth") + 1,
                        d.mm("body.height") / 2 + d.custom(Line.BORE_OVERLAP) / 2),
                    "half the body, and half of what they overlap"));
    add(
        r,
        "bore.mouth",
        "Bore from the mouth, below its tenon's end",
        5,
        560,
        d ->
            derived(
                through(d) - d.planned("bore.foot") + d.custom(Line.BORE_OVERLAP),
                "the rest, and what they overlap"));
    add(
        r,
        "shaft.bore",
        "Hole for the shaft, from the tenon's end",
        0,
        400,
        d ->
            d.mm("shaft.hole") > 0
                ? derived(
                    d.mm("joint.length") + d.mm("head.height") + d.custom(Line.BORE_PAST_FACE),
                    "past the finished top, so that it is open when the waste is off")
                : derived(0, "no shaft goes through"));
  }

  /** The height that is stated, as a whole or by its halves, mm. */
  private static Optional<Double> high(Dims<Mill> d) {
    Optional<Double> body = d.stated("body.height").map(Size::mm);
    Optional<Double> head = d.stated("head.height").map(Size::mm);
    return d.stated("outside.height")
        .map(Size::mm)
        .or(() -> body.flatMap(b -> head.map(h -> b + h)));
  }

  /** How long the body is when it is bored: its mouth still carries the tenon, mm. */
  static double through(Dims<Mill> d) {
    return d.mm("body.height") + d.mm("stick.face-mouth") + d.mm("stick.tenon-mouth");
  }

  private static void outside(List<Rule<Mill>> r) {
    add(
        r,
        "outside.diameter",
        "Foot, across",
        20,
        200,
        d -> {
          double seats = Math.max(d.planned("plate.diameter"), d.planned("ring.diameter"));
          double want = Math.max(seats, d.planned("bore.diameter")) + 2 * 7;
          double stock = STOCK.widest(d);
          return stock < want
              ? derived(stock, "what the blank gives")
              : practice(want, "the seats, and a wall round them");
        });
    add(
        r,
        "outside.waist",
        "Waist",
        15,
        200,
        d ->
            d.design().form() == Mill.Form.STRAIGHT
                ? derived(d.mm("outside.diameter"), "straight sides")
                : practice(
                    Math.max(
                        0.78 * d.mm("outside.diameter"),
                        d.planned("bore.diameter") + 2 * (d.custom(Line.WALL_MILL) + 2)),
                    "a hand's grip, with a wall round the bore"));
    add(
        r,
        "outside.join",
        "Across, where the head sits",
        15,
        200,
        d ->
            d.design().form() == Mill.Form.STRAIGHT
                ? derived(d.mm("outside.diameter"), "straight sides")
                : practice(0.86 * d.mm("outside.diameter"), "a little less than the foot"));
    add(
        r,
        "outside.top",
        "Head, across",
        12,
        200,
        d -> practice(0.95 * d.mm("outside.join"), "drawn in a little"));
    add(
        r,
        "head.dome",
        "Dome of the head",
        1,
        150,
        d -> practice(0.4 * d.mm("head.height"), "fits the palm"));
  }

  private static final StockRules<Mill> STOCK =
      new StockRules<Mill>(Mill::blank)
          .add("stick.face-foot", "Facing at the foot", 0, 60, d -> practice(2, "trues the end"))
          .tenon("foot", d -> d.planned("bore.diameter") + 2 * d.custom(Line.WALL_CHUCK_TENON))
          .add(
              "stick.waste-foot",
              "Waste at the foot",
              0,
              60,
              d -> practice(2.5, "the parting tool and a little room, to face the foot clean"))
          .add(
              "stick.face-mouth",
              "Facing of the mouth",
              0,
              20,
              d -> practice(1, "cleans the mouth"))
          .tenon("mouth", d -> d.planned("bore.diameter") + 2 * d.custom(Line.WALL_CHUCK_TENON))
          .kerf()
          .add(
              "stick.face-spigot",
              "Facing of the head",
              0,
              20,
              d -> practice(0.5, "cleans its end"))
          .add(
              "stick.waste-top",
              "Waste at the top",
              0,
              60,
              d -> practice(4, "lets the tool round the top"))
          .tenon("top")
          .add("stick.face-top", "Facing at the top", 0, 60, d -> practice(2, "trues the end"))
          .blank(CONSUMED, MillRules::widest, Line.TURN_MILL_SPARE);

  static final List<Rule<Mill>> ALL = all();

  private static double widest(Dims<Mill> d) {
    return Math.max(
        Math.max(d.mm("outside.diameter"), d.mm("outside.waist")),
        Math.max(d.mm("outside.join"), d.mm("outside.top")));
  }

  private static void add(
      List<Rule<Mill>> r,
      String key,
      String label,
      double least,
      double most,
      Function<Dims<Mill>, Rule.Value> by) {
    boolean fit = key.equals("joint.clearance") || key.equals("spigot.diameter");
    r.add(new Rule<>(new DimKey(key), label, least, most, fit, by));
  }
}
