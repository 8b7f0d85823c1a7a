package hazelkeep.kinds.box;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.element.DishedFoot;
import hazelkeep.element.SizeRule;
import hazelkeep.element.Spigot;
import hazelkeep.element.ThreadPair;
import hazelkeep.kinds.box.LiddedBox.Form;
import hazelkeep.kinds.box.LiddedBox.School;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Jam;
import hazelkeep.piece.Pair;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Tenons;
import hazelkeep.piece.Widest;
import hazelkeep.practice.Line;
import hazelkeep.solid.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How the sizes of a lidded box follow when nobody stated or measured them. */
final class BoxSizes {
  static final DimKey WIDEST = new DimKey("outside.diameter");
  static final DimKey HEIGHT = new DimKey("outside.height");
  static final DimKey LID_HEIGHT = new DimKey("lid.height");
  static final DimKey BODY_HEIGHT = new DimKey("body.height");
  static final DimKey FOOT = new DimKey("outside.foot");
  static final DimKey TOP = new DimKey("outside.top");
  static final DimKey DOME = new DimKey("lid.dome");
  static final DimKey ROUNDOVER = new DimKey("lid.roundover");
  static final DimKey SHOULDER = new DimKey("joint.shoulder");
  static final DimKey JOINT = new DimKey("joint.diameter");
  static final DimKey AIR = new DimKey("joint.air");
  static final DimKey RECESS = new DimKey("recess.diameter");
  static final DimKey RECESS_DEEP = new DimKey("recess.depth");
  static final DimKey INSIDE = new DimKey("inside.diameter");
  static final DimKey DEPTH = new DimKey("inside.depth");
  static final DimKey CORNER = new DimKey("inside.corner");
  static final DimKey FLOOR = new DimKey("body.floor");
  static final DimKey HOLE = new DimKey("depth-hole.body");
  static final DimKey LID_THICK = new DimKey("lid.thickness");
  static final DimKey LID_DEPTH = new DimKey("lid.depth");
  static final DimKey LID_INSIDE = new DimKey("lid.inside");

  private final LiddedBox design;
  private final BoxHeights heights;

  BoxSizes(LiddedBox design, BoxHeights heights) {
    this.design = design;
    this.heights = heights;
  }

  private boolean over() {
    return design.school() == School.LID_OVER;
  }

  /** A share of the diameter, no less and no more than some lengths, mm. */
  static double ofDiameter(Dims<?> d, Line share, Line least, Line most) {
    double wish = d.custom(share) * d.mm(WIDEST);
    return Math.max(d.custom(least), Math.min(d.custom(most), wish));
  }

  SizeRule whole() {
    return new SizeRule(HEIGHT, "Height", 20, 600, heights::height);
  }

  SizeRule widest() {
    return new SizeRule(WIDEST, "Outside diameter", 15, 400, this::across);
  }

  List<SizeRule> bodySide() {
    return List.of(
        new SizeRule(
            BODY_HEIGHT,
            "Body height",
            8,
            500,
            d -> derived(d.mm(HEIGHT) - d.mm(LID_HEIGHT), "height less the lid")),
        new SizeRule(FOOT, "Foot diameter", 10, 400, d -> share(d, footShare(d))));
  }

  List<SizeRule> lidSide() {
    return List.of(
        new SizeRule(LID_HEIGHT, "Lid height", 4, 400, this::lidHeight),
        new SizeRule(
            TOP,
            "Diameter under the top",
            10,
            400,
            d ->
                design.form() == Form.TAPER
                    ? Widest.opens(d, FOOT).orElseGet(() -> top(d))
                    : top(d)));
  }

  List<SizeRule> cap() {
    return List.of(
        new SizeRule(
            DOME,
            "Dome of the lid",
            0.5,
            200,
            d ->
                practice(
                    Math.min(
                        d.custom(Line.BOX_DOME) * d.mm(LID_HEIGHT),
                        d.custom(Line.BOX_DOME_WIDE) * d.mm(TOP)),
                    Wording.of("boxSizes.half-the-lids-height-at"))),
        new SizeRule(
            ROUNDOVER,
            "Round-over of the lid",
            0.3,
            60,
            d ->
                practice(
                    Math.min(
                        d.custom(Line.BOX_ROUNDOVER),
                        d.custom(Line.BOX_ROUNDOVER_LID) * d.mm(LID_HEIGHT)),
                    Wording.of("boxSizes.a-broken-edge-that-feels"))));
  }

  private Rule.Value lidHeight(Dims<?> d) {
    return d.fixed(BODY_HEIGHT)
        ? derived(d.mm(HEIGHT) - d.mm(BODY_HEIGHT), "what the body leaves")
        : derived(
            d.mm(HEIGHT) * design.share().part(),
            design.share() == LiddedBox.Share.THIRDS
                ? "a third of the height"
                : "golden section of the height");
  }

  /** A share of the diameter; all of it is what straight sides follow from. */
  private static Rule.Value share(Dims<?> d, double share) {
    return share == 1
        ? derived(d.mm(WIDEST), "straight sides")
        : practice(share * d.mm(WIDEST), Wording.of("boxSizes.share-of-the-diameter-by"));
  }

  private double footShare(Dims<?> d) {
    return switch (design.form()) {
      case STRAIGHT, TAPER -> 1;
      case BARREL -> d.custom(Line.BOX_FOOT_BARREL);
      case OGEE -> d.custom(Line.BOX_FOOT_OGEE);
      case FREE ->
          design.points().isEmpty() ? 1 : 2 * design.points().get(0).radius() / d.mm(WIDEST);
    };
  }

  private Rule.Value top(Dims<?> d) {
    List<LiddedBox.OutlinePoint> p = design.points();
    double share =
        switch (design.form()) {
          case STRAIGHT -> 1;
          case TAPER -> d.custom(Line.BOX_TOP_TAPER);
          case BARREL -> d.custom(Line.BOX_TOP_BARREL);
          case OGEE -> d.custom(Line.BOX_TOP_OGEE);
          case FREE -> p.isEmpty() ? 1 : 2 * p.get(p.size() - 1).radius() / d.mm(WIDEST);
        };
    return share(d, share);
  }

  private Rule.Value across(Dims<?> d) {
    Rule.Value own = heights.diameter(d);
    return switch (design.form()) {
      case STRAIGHT, FREE -> own;
      case TAPER -> Widest.taper(d, own, FOOT, TOP);
      case BARREL, OGEE -> Widest.of(d, own, FOOT, TOP);
    };
  }

  List<SizeRule> joint() {
    List<SizeRule> out = new ArrayList<>(joined());
    if (!design.threaded()) {
      out.add(new SizeRule(Spigot.JAM, "Diameter for the jam", 6, 380, this::jam).fine());
    }
    return out;
  }

  private List<SizeRule> joined() {
    return List.of(
        new SizeRule(Spigot.LENGTH, "Spigot length", 2, 60, this::spigotLength),
        new SizeRule(SHOULDER, "Shoulder cut", 1, 60, this::shoulder),
        new SizeRule(JOINT, "Joint diameter", 6, 380, this::jointDiameter),
        SizeRule.clearance(design.closes(), d -> pair(d).clearance(design.fit(), JOINT))
            .difference(RECESS, Spigot.DIAMETER),
        new SizeRule(AIR, "Air under the spigot", 0.1, 10, BoxSizes::air),
        new SizeRule(RECESS, "Recess diameter", 6, 380, this::recess).fine(),
        new SizeRule(
            RECESS_DEEP,
            "Recess depth",
            2,
            80,
            d ->
                derived(
                    d.mm(Spigot.LENGTH) + d.mm(AIR),
                    Wording.of("boxSizes.spigot-length-plus-the-air"))),
        new SizeRule(Spigot.DIAMETER, "Spigot diameter", 6, 380, this::spigot).fine());
  }

  private Rule.Value spigotLength(Dims<?> d) {
    return d.stated(RECESS_DEEP).isPresent()
        ? derived(d.mm(RECESS_DEEP) - d.mm(AIR), Wording.of("boxSizes.recess-less-the-air-under"))
        : practice(
            Math.min(
                ofDiameter(d, Line.BOX_SPIGOT, Line.BOX_SPIGOT_LEAST, Line.BOX_SPIGOT_MOST),
                d.custom(Line.BOX_SPIGOT_LID) * d.mm(LID_HEIGHT)),
            Wording.of("any.8-to-10-mm-on"));
  }

  private Rule.Value shoulder(Dims<?> d) {
    boolean stated =
        d.stated(JOINT).isPresent() || pair(d).inner().isPresent() || pair(d).outer().isPresent();
    return stated
        ? derived((join(d) - d.mm(JOINT)) / 2, "what the joint leaves")
        : practice(
            takes(d, design)
                + Math.max(
                    ofDiameter(
                        d, Line.BOX_SHOULDER, Line.BOX_SHOULDER_LEAST, Line.BOX_SHOULDER_MOST),
                    join(d) / 2
                        - under(d, d.mm(BODY_HEIGHT) + (over() ? 1 : -1) * d.mm(RECESS_DEEP))),
            Wording.of("boxSizes.leaves-the-rim-stout-enough"));
  }

  /** What a threaded pair with its flange takes of the wall round the spigot, mm a side. */
  static double takes(Dims<?> d, LiddedBox design) {
    if (!design.threaded()) {
      return 0;
    }
    double flange = d.mm(ThreadPair.SHELF_DEEP) > 0 ? d.custom(Line.INSERT_FLANGE) : 0;
    return d.mm(Spigot.CLEARANCE) / 2 + flange;
  }

  /**
   * The largest radius of a hollow at a height that leaves wood enough to the outside. The wall is
   * measured square to the outside, which leans by its slope s: radius less wall times sqrt(1 +
   * s²).
   */
  private double under(Dims<?> d, double z) {
    Profile line = outline(d);
    double slope = (line.radius(z + SLOPE) - line.radius(z - SLOPE)) / (2 * SLOPE);
    double wall = d.custom(Line.WALL_BOX) + d.custom(Line.BOX_WALL_ROOM);
    return line.radius(z) - wall * Math.hypot(1, slope);
  }

  /** A slope is read over twice this, mm. */
  private static final double SLOPE = 0.05;

  private Rule.Value jointDiameter(Dims<?> d) {
    return pair(d)
        .inner()
        .map(s -> derived(s, "the spigot's own diameter"))
        .or(() -> pair(d).spigot())
        .orElseGet(
            () ->
                derived(
                    join(d) - 2 * d.mm(SHOULDER),
                    Wording.of("boxSizes.diameter-at-the-join-less")));
  }

  private static Rule.Value air(Dims<?> d) {
    return d.stated(RECESS_DEEP).isPresent() && d.stated(Spigot.LENGTH).isPresent()
        ? derived(d.mm(RECESS_DEEP) - d.mm(Spigot.LENGTH), "what the two leave")
        : practice(d.custom(Line.BOX_AIR), Wording.of("boxSizes.so-that-the-rim-closes"));
  }

  private Rule.Value recess(Dims<?> d) {
    double clearance = d.mm(Spigot.CLEARANCE);
    return over()
        ? derived(d.mm(JOINT) + clearance, "joint plus clearance")
        : derived(
            d.mm(Spigot.DIAMETER) + clearance, Wording.of("boxSizes.opened-to-the-spigot-plus"));
  }

  private Rule.Value spigot(Dims<?> d) {
    return over()
        ? derived(
            d.mm(RECESS) - d.mm(Spigot.CLEARANCE), Wording.of("boxSizes.turned-to-the-recess-less"))
        : derived(d.mm(JOINT), "the joint's own diameter");
  }

  private Rule.Value jam(Dims<?> d) {
    double mate = d.mm(over() ? RECESS : Spigot.DIAMETER);
    Jam jam = Jam.of(d, mate, rimAt(d), d.mm(over() ? INSIDE : LID_INSIDE));
    return practice(over() ? mate + jam.press() : mate - jam.press(), jam.reason());
  }

  private Pair<?> pair(Dims<?> d) {
    return new Pair<>(d, RECESS, Spigot.DIAMETER, design.closes());
  }

  /** The outside diameter at the join by the true curve. */
  private double join(Dims<?> d) {
    return 2 * outline(d).radius(d.mm(BODY_HEIGHT));
  }

  private Profile outline(Dims<?> d) {
    return BoxLine.of(design, d::mm, d.shop().practice());
  }

  /** The least outside diameter over the joint: what the ring has to bear the jam with. */
  private double rimAt(Dims<?> d) {
    Profile line = outline(d);
    double join = d.mm(BODY_HEIGHT);
    double far = join + (over() ? 1 : -1) * d.mm(Spigot.LENGTH);
    return 2 * Math.min(line.radius(join), line.radius(far));
  }

  List<SizeRule> inside() {
    return List.of(
        new SizeRule(INSIDE, "Inside diameter", 4, 380, this::insideDiameter),
        DishedFoot.floor(FLOOR, "Floor", 200, this::floor),
        new SizeRule(
            DEPTH,
            "Depth inside",
            1,
            560,
            d -> derived(brim(d) - d.mm(FLOOR), Wording.of("boxSizes.brim-to-floor-along-the"))),
        new SizeRule(CORNER, "Corner at the floor", 0.5, 200, BoxSizes::corner),
        new SizeRule(
            HOLE,
            Wording.of("boxSizes.depth-hole-to-the-full"),
            0.5,
            560,
            d -> derived(d.mm(DEPTH) - Tenons.tip(d), "depth less the bit's point")));
  }

  private Rule.Value insideDiameter(Dims<?> d) {
    double joint = d.mm(JOINT);
    double most = joint - 2 * d.custom(over() ? Line.BOX_SPIGOT_WALL : Line.BOX_LEDGE);
    Optional<Double> holds = heights.holds().map(w -> w + 2 * d.custom(Line.CONTENT_BOX));
    if (holds.isPresent() && holds.get() <= most) {
      return derived(holds.get(), Wording.of("any.what-goes-in-plus-play"));
    }
    return over()
        ? practice(joint - 2 * wall(d), Wording.of("boxSizes.joint-less-a-spigot-wall"))
        : practice(most, Wording.of("boxSizes.joint-less-a-ledge-for"));
  }

  private static double wall(Dims<?> d) {
    return ofDiameter(d, Line.BOX_WALL, Line.BOX_WALL_LEAST, Line.BOX_WALL_MOST);
  }

  private Rule.Value floor(Dims<?> d) {
    if (d.fixed(DEPTH)) {
      return derived(brim(d) - d.mm(DEPTH), "what the depth leaves");
    }
    double usual = ofDiameter(d, Line.BOX_FLOOR, Line.BOX_FLOOR_LEAST, Line.BOX_FLOOR_MOST);
    return design.footBy() == Finishing.RECESS
        ? practice(
            usual + d.custom(Line.HOLD_RECESS_DEPTH), Wording.of("any.room-for-the-recess-under"))
        : practice(usual, Wording.of("any.room-to-hollow-the-foot"));
  }

  private static Rule.Value corner(Dims<?> d) {
    double most =
        Math.min(
            d.custom(Line.BOX_CORNER_WIDE) * d.mm(INSIDE),
            d.custom(Line.BOX_CORNER_DEEP) * d.mm(DEPTH));
    return practice(
        Math.min(d.custom(Line.BOX_CORNER), most), Wording.of("boxSizes.a-corner-that-a-round"));
  }

  private double brim(Dims<?> d) {
    return d.mm(BODY_HEIGHT) + (over() ? d.mm(Spigot.LENGTH) : 0);
  }

  private double lidRoom(Dims<?> d) {
    return d.mm(LID_HEIGHT) + (over() ? 0 : d.mm(Spigot.LENGTH));
  }

  List<SizeRule> roof() {
    return List.of(
        new SizeRule(LID_THICK, "Lid thickness", 0.5, 200, this::thickness),
        new SizeRule(LID_DEPTH, "Depth in the lid", 1, 400, this::lidDepth),
        new SizeRule(LID_INSIDE, "Inside of the lid", 3, 380, this::lidInside));
  }

  private Rule.Value thickness(Dims<?> d) {
    if (d.fixed(LID_DEPTH)) {
      return derived(lidRoom(d) - d.mm(LID_DEPTH), "what the depth leaves");
    }
    return practice(
        design.top() == LiddedBox.Top.DOME
            ? ofDiameter(d, Line.BOX_LID_DOME, Line.BOX_LID_DOME_LEAST, Line.BOX_LID_DOME_MOST)
            : ofDiameter(d, Line.BOX_LID, Line.BOX_LID_LEAST, Line.BOX_LID_MOST),
        Wording.of("boxSizes.stout-enough-to-take-its"));
  }

  /** No recess is shallower than this, mm. */
  private static final double SHALLOWEST = 1;

  private Rule.Value lidDepth(Dims<?> d) {
    double least = over() ? d.mm(RECESS_DEEP) : SHALLOWEST;
    return derived(Math.max(least, lidRoom(d) - d.mm(LID_THICK)), "lid less its thickness");
  }

  private Rule.Value lidInside(Dims<?> d) {
    return over()
        ? derived(
            Stream.of(
                    d.mm(INSIDE),
                    d.mm(RECESS) - d.custom(Line.BOX_LID_LESS),
                    2 * under(d, d.mm(BODY_HEIGHT) + d.mm(LID_DEPTH)))
                .min(Double::compare)
                .orElseThrow(),
            "flush with the body's inside")
        : practice(
            d.mm(Spigot.DIAMETER) - 2 * wall(d), Wording.of("boxSizes.spigot-less-a-wall-that"));
  }

  /** The hollow of the foot, by the lean of the tool. */
  Rule.Value footHollow(Dims<?> d) {
    double lean = Math.tan(Math.toRadians(d.custom(Line.TURN_FOOT_LEAN)));
    return practice(d.mm(FOOT) / 2 * lean, "only the rim stands");
  }
}
