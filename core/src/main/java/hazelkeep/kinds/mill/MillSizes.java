package hazelkeep.kinds.mill;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.element.NextBit;
import hazelkeep.element.SaltHoles;
import hazelkeep.element.SizeRule;
import hazelkeep.element.Spigot;
import hazelkeep.element.Stock;
import hazelkeep.kinds.mill.Mill.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Pair;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How the sizes of a mill follow: the bought parts come first, the wood round them. */
final class MillSizes {
  static final DimKey PLATE = new DimKey("plate.diameter");
  static final DimKey PLATE_DEEP = new DimKey("plate.depth");
  static final DimKey RING = new DimKey("ring.diameter");
  static final DimKey RING_DEEP = new DimKey("ring.depth");
  static final DimKey BORE = new DimKey("bore.diameter");
  static final DimKey FROM_FOOT = new DimKey("bore.foot");
  static final DimKey FROM_MOUTH = new DimKey("bore.mouth");
  static final DimKey DRIVE = new DimKey("drive.diameter");
  static final DimKey DRIVE_DEEP = new DimKey("drive.depth");
  static final DimKey RECESS = new DimKey("recess.diameter");
  static final DimKey RECESS_DEEP = new DimKey("recess.depth");
  static final DimKey SHAFT = new DimKey("shaft.diameter");
  static final DimKey SHAFT_LONG = new DimKey("shaft.length");
  static final DimKey SUNK = new DimKey("shaft.sunk");
  static final DimKey HOLE = new DimKey("shaft.hole");
  static final DimKey HOLE_DEEP = new DimKey("shaft.bore");
  static final DimKey THREAD = new DimKey("thread.proud");
  static final DimKey HEIGHT = new DimKey("outside.height");
  static final DimKey BODY_HEIGHT = new DimKey("body.height");
  static final DimKey HEAD_HEIGHT = new DimKey("head.height");
  static final DimKey FOOT = new DimKey("outside.diameter");
  static final DimKey WAIST = new DimKey("outside.waist");
  static final DimKey WAIST_AT = new DimKey("outside.waist-at");
  static final DimKey JOIN = new DimKey("outside.join");
  static final DimKey TOP = new DimKey("outside.top");
  static final DimKey DOME = new DimKey("head.dome");

  private static final String NONE = Wording.of("millSizes.none-state-one-where-there");

  private final Mill design;
  private final Stock stock;
  private final List<DimKey> bored;

  /**
   * @param bored the stretches that a bore from the mouth goes through
   */
  MillSizes(Mill design, Stock stock, List<DimKey> bored) {
    this.design = design;
    this.stock = stock;
    this.bored = bored;
  }

  List<SizeRule> body() {
    return List.of(
        new SizeRule(PLATE, "Plate at the foot", 0, 150, d -> ofMill(d, Line.MILL_PLATE)),
        new SizeRule(
            PLATE_DEEP, "Depth of its recess", 0, 30, d -> ofMill(d, Line.MILL_PLATE_DEEP)),
        new SizeRule(
            RING,
            "Seat at the foot",
            0,
            150,
            d -> by(d, design.grinds() ? Line.MILL_RING : Line.MILL_STOPPER)),
        new SizeRule(RING_DEEP, "Seat, deep from the foot", 0, 80, d -> by(d, Line.MILL_RING_DEEP)),
        new SizeRule(
            BORE,
            "Main bore",
            8,
            120,
            d ->
                design.onBody()
                    ? by(d, Line.MILL_BORE)
                    : pair(d).recess().orElseGet(() -> by(d, Line.MILL_BORE))),
        new SizeRule(
            FROM_FOOT, Wording.of("millSizes.bore-from-the-foot-to"), 5, 560, this::fromFoot),
        new SizeRule(
            FROM_MOUTH,
            Wording.of("millSizes.bore-from-the-mouth-below"),
            5,
            560,
            d ->
                derived(
                    through(d) - d.planned(FROM_FOOT) + d.custom(Line.BORE_OVERLAP),
                    Wording.of("millSizes.the-rest-and-what-they"))));
  }

  List<SizeRule> head() {
    List<SizeRule> out = new ArrayList<>(seats());
    if (design.onBody()) {
      out.add(0, new SizeRule(RECESS, "Recess of the head", 6, 150, this::recess).fine());
      out.add(
          1,
          new SizeRule(
              RECESS_DEEP,
              "Recess of the head, deep",
              3,
              100,
              d ->
                  practice(
                      d.mm(Spigot.LENGTH) + d.custom(Line.MILL_AIR), "the tenon never bottoms")));
    }
    return out;
  }

  private Rule.Value recess(Dims<?> d) {
    return pair(d)
        .recess()
        .orElseGet(
            () ->
                NextBit.of(
                    d,
                    d.planned(BORE) + 2 * d.custom(Line.MILL_TENON_WALL),
                    Wording.of("millSizes.the-next-bit-that-leaves"),
                    Wording.of("millSizes.the-bore-and-a-tenon")));
  }

  private List<SizeRule> seats() {
    return List.of(
        new SizeRule(
            DRIVE,
            "Seat in the head",
            0,
            120,
            d ->
                practice(
                    d.custom(Line.MILL_DRIVE),
                    design.grinds()
                        ? Wording.of("millSizes.the-plate-that-turns-the")
                        : "room over the body")),
        new SizeRule(DRIVE_DEEP, "Seat in the head, deep", 0, 200, this::driveDeep),
        new SizeRule(HOLE, "Hole for the shaft", 0, 40, MillSizes::hole),
        new SizeRule(
            HOLE_DEEP,
            design.onBody()
                ? Wording.of("millSizes.hole-for-the-shaft-from")
                : Wording.of("millSizes.hole-for-the-shaft-from-the"),
            0,
            400,
            d ->
                d.mm(HOLE) > 0
                    ? derived(
                        headLong(d) + d.custom(Line.BORE_PAST_FACE),
                        Wording.of("millSizes.past-the-finished-top-so"))
                    : derived(0, "no shaft goes through")));
  }

  /** The bought shaft, which the height follows. */
  List<SizeRule> shaft() {
    return List.of(
        new SizeRule(SHAFT, "Shaft", 0, 30, d -> ofMill(d, Line.MILL_SHAFT)),
        new SizeRule(
            SHAFT_LONG, "Length of the shaft", 0, 600, d -> ofMill(d, Line.MILL_SHAFT_LONG)),
        new SizeRule(
            SUNK, "Shaft begins above the foot", 0, 100, d -> ofMill(d, Line.MILL_SHAFT_SUNK)),
        new SizeRule(THREAD, "Thread stands proud", 0, 100, MillSizes::thread));
  }

  List<SizeRule> holes() {
    return List.of(
        new SizeRule(
            SaltHoles.DIAMETER, "Holes in the head", 0, 10, d -> ofShaker(d, Line.MILL_HOLES)),
        new SizeRule(
            SaltHoles.CIRCLE,
            "Circle of the holes",
            0,
            100,
            d -> ofShaker(d, Line.MILL_HOLES_CIRCLE)));
  }

  private static Rule.Value by(Dims<?> d, Line line) {
    return practice(d.custom(line), line.text().source());
  }

  private Rule.Value ofMill(Dims<?> d, Line line) {
    return design.grinds() ? by(d, line) : derived(0, NONE);
  }

  private Rule.Value ofShaker(Dims<?> d, Line line) {
    return design.grinds() ? derived(0, "a mill has none") : by(d, line);
  }

  /** What the tenon goes into. */
  private DimKey mate() {
    return design.onBody() ? RECESS : BORE;
  }

  private Pair<?> pair(Dims<?> d) {
    return new Pair<>(d, mate(), Spigot.DIAMETER);
  }

  /** From the head's lower end to its top, mm. */
  private double headLong(Dims<?> d) {
    return d.mm(HEAD_HEIGHT) + (design.onBody() ? 0 : d.mm(Spigot.LENGTH));
  }

  private Rule.Value driveDeep(Dims<?> d) {
    if (!design.grinds()) {
      return derived(Math.max(1, headLong(d) - d.custom(Line.MILL_CAP)), "the head less its cap");
    }
    return design.onBody()
        ? practice(
            d.mm(RECESS_DEEP) + d.custom(Line.MILL_DRIVE_DEEP), "flush with the recess's floor")
        : by(d, Line.MILL_DRIVE_DEEP);
  }

  /** The smallest bit on the wall that lets the shaft turn. */
  private static Rule.Value hole(Dims<?> d) {
    double shaft = d.mm(SHAFT);
    if (shaft <= 0) {
      return derived(0, "no shaft goes through");
    }
    return NextBit.of(
        d,
        shaft + d.custom(Line.CONTENT_SHAFT),
        Wording.of("millSizes.the-smallest-bit-on-the"),
        Wording.of("millSizes.the-shaft-and-room-to"));
  }

  private static Rule.Value thread(Dims<?> d) {
    if (d.mm(SHAFT_LONG) <= 0) {
      return derived(0, "no shaft goes through");
    }
    return high(d)
        .map(
            h ->
                derived(
                    d.mm(SUNK) + d.mm(SHAFT_LONG) - h,
                    Wording.of("millSizes.what-the-height-leaves-of")))
        .orElseGet(() -> practice(d.custom(Line.CONTENT_THREAD), "what the nut takes"));
  }

  SizeRule whole() {
    return new SizeRule(HEIGHT, "Height, head on", 40, 600, this::height);
  }

  private Rule.Value height(Dims<?> d) {
    Optional<Double> high = high(d);
    if (high.isPresent()) {
      return derived(high.get(), "body and head");
    }
    return d.mm(SHAFT_LONG) > 0
        ? derived(
            d.mm(SUNK) + d.mm(SHAFT_LONG) - d.mm(THREAD),
            Wording.of("millSizes.as-the-shaft-is-long"))
        : by(d, Line.MILL_HIGH);
  }

  /** The height that is stated, as a whole or by its halves, mm. */
  private static Optional<Double> high(Dims<?> d) {
    Optional<Double> body = d.stated(BODY_HEIGHT).map(Size::mm);
    Optional<Double> head = d.stated(HEAD_HEIGHT).map(Size::mm);
    return d.stated(HEIGHT).map(Size::mm).or(() -> body.flatMap(b -> head.map(h -> b + h)));
  }

  private Rule.Value fromFoot(Dims<?> d) {
    double overlap = d.custom(Line.BORE_OVERLAP);
    return d.measured(FROM_MOUTH)
        ? derived(
            through(d) - d.mm(FROM_MOUTH) + overlap, Wording.of("millSizes.what-the-bore-from-the"))
        : derived(
            Math.max(
                d.planned(RING_DEEP) + d.custom(Line.MILL_SEAT_STEP),
                d.mm(BODY_HEIGHT) / 2 + overlap / 2),
            Wording.of("millSizes.half-the-body-and-half"));
  }

  /** How long the body is when it is bored: its mouth still carries the tenon, mm. */
  private double through(Dims<?> d) {
    return bored.stream().mapToDouble(d::mm).sum();
  }

  List<SizeRule> joint() {
    return List.of(
        new SizeRule(
            Spigot.LENGTH,
            design.onBody() ? "Tenon of the body" : "Tenon of the head",
            3,
            60,
            d -> by(d, Line.MILL_TENON)),
        new SizeRule(
                Spigot.CLEARANCE,
                "Clearance of the head",
                -0.1,
                2,
                d -> pair(d).clearance(design.fit(), mate()))
            .fine()
            .difference(mate(), Spigot.DIAMETER),
        new SizeRule(
                Spigot.DIAMETER,
                design.onBody() ? "Tenon of the body, across" : "Tenon of the head, across",
                6,
                120,
                d ->
                    derived(
                        d.mm(mate()) - d.mm(Spigot.CLEARANCE),
                        Wording.of("millSizes.turned-to-what-it-goes")))
            .fine());
  }

  List<SizeRule> bodySide() {
    return List.of(
        new SizeRule(
            BODY_HEIGHT,
            "Body",
            20,
            580,
            d -> derived(d.mm(HEIGHT) - d.mm(HEAD_HEIGHT), "height less the head")),
        new SizeRule(FOOT, "Foot, across", 20, 200, this::foot),
        new SizeRule(WAIST, "Waist", 15, 200, this::waist),
        new SizeRule(WAIST_AT, "Waist, over the foot", 1, 570, this::waistAt),
        new SizeRule(JOIN, "Across, where the head sits", 15, 200, this::join));
  }

  private Rule.Value join(Dims<?> d) {
    if (design.form() == Form.STRAIGHT) {
      return derived(d.mm(FOOT), "straight sides");
    }
    double usual = d.custom(Line.MILL_JOIN) * d.mm(FOOT);
    double least = recessed(d, Line.WALL_MILL);
    return usual < least
        ? derived(least, Wording.of("millSizes.the-heads-recess-and-the"))
        : practice(usual, Wording.of("millSizes.a-little-less-than-the"));
  }

  /** The recess and a wall round it, mm; nothing where the head has none. */
  private double recessed(Dims<?> d, Line wall) {
    return design.onBody() ? d.planned(RECESS) + 2 * d.custom(wall) : 0;
  }

  List<SizeRule> headSide() {
    return List.of(
        new SizeRule(
            HEAD_HEIGHT,
            "Head",
            8,
            300,
            d ->
                d.stated(BODY_HEIGHT)
                    .map(b -> derived(d.mm(HEIGHT) - b.mm(), "height less the body"))
                    .orElseGet(
                        () ->
                            practice(
                                d.custom(Line.MILL_HEAD) * d.mm(HEIGHT),
                                Wording.of("millSizes.a-good-quarter-of-the")))),
        new SizeRule(
            TOP,
            "Head, across",
            12,
            200,
            d -> practice(d.custom(Line.MILL_TOP) * d.mm(JOIN), "drawn in a little")));
  }

  SizeRule dome() {
    return new SizeRule(
        DOME,
        "Dome of the head",
        1,
        150,
        d -> practice(d.custom(Line.MILL_DOME) * d.mm(HEAD_HEIGHT), "fits the palm"));
  }

  private Rule.Value foot(Dims<?> d) {
    double seats = Math.max(d.planned(PLATE), d.planned(RING));
    double bored = Math.max(seats, d.planned(BORE)) + 2 * d.custom(Line.MILL_WALL);
    double want = Math.max(bored, recessed(d, Line.MILL_WALL));
    double gives = stock.gives(d);
    return gives < want
        ? derived(gives, "what the blank gives")
        : practice(want, Wording.of("millSizes.the-seats-and-a-wall"));
  }

  private Rule.Value waistAt(Dims<?> d) {
    double at = d.custom(Line.FORM_WAIST) * d.mm(BODY_HEIGHT);
    return design.form() == Form.STRAIGHT
        ? derived(at, "no waist")
        : practice(at, "it fits the hand");
  }

  private Rule.Value waist(Dims<?> d) {
    double wall = d.custom(Line.WALL_MILL) + d.custom(Line.MILL_WAIST_ROOM);
    return design.form() == Form.STRAIGHT
        ? derived(d.mm(FOOT), "straight sides")
        : practice(
            Math.max(d.custom(Line.MILL_WAIST) * d.mm(FOOT), d.planned(BORE) + 2 * wall),
            Wording.of("millSizes.a-hands-grip-with-a"));
  }
}
