package hazelkeep.piece.box;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;
import static hazelkeep.piece.Rule.Value.shop;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.FootRecess;
import hazelkeep.piece.Jam;
import hazelkeep.piece.Pair;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Tenons;
import hazelkeep.piece.Widest;
import hazelkeep.piece.box.LiddedBox.Content;
import hazelkeep.piece.box.LiddedBox.Gives;
import hazelkeep.piece.box.LiddedBox.School;
import hazelkeep.practice.Line;
import hazelkeep.solid.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/** How every dimension of a lidded box follows when nobody stated or measured it. */
final class BoxRules {
  /** Sizes of the fit, shown to a hundredth. */
  private static final Set<String> FIT =
      Set.of("joint.clearance", "joint.jam", "recess.diameter", "spigot.diameter");

  static final List<Rule<LiddedBox>> ALL = all();

  private BoxRules() {}

  private static List<Rule<LiddedBox>> all() {
    List<Rule<LiddedBox>> r = new ArrayList<>();
    add(r, "outside.diameter", "Outside diameter", 15, 400, BoxRules::widest);
    add(r, "outside.height", "Height", 20, 600, BoxRules::height);
    add(
        r,
        "lid.height",
        "Lid height",
        4,
        400,
        d ->
            d.fixed("body.height")
                ? derived(d.mm("outside.height") - d.mm("body.height"), "what the body leaves")
                : derived(
                    d.mm("outside.height") * d.design().share().part(),
                    d.design().share() == LiddedBox.Share.THIRDS
                        ? "a third of the height"
                        : "golden section of the height"));
    add(
        r,
        "body.height",
        "Body height",
        8,
        500,
        d -> derived(d.mm("outside.height") - d.mm("lid.height"), "height less the lid"));
    add(
        r,
        "outside.foot",
        "Foot diameter",
        10,
        400,
        d -> {
          double share =
              switch (d.design().form()) {
                case STRAIGHT -> 1;
                case TAPER -> 1;
                case BARREL -> 0.9;
                case OGEE -> 0.84;
                case FREE ->
                    d.design().points().isEmpty()
                        ? 1
                        : 2 * d.design().points().get(0).radius() / d.mm("outside.diameter");
              };
          return practice(share * d.mm("outside.diameter"), "share of the diameter by its form");
        });
    add(
        r,
        "outside.top",
        "Diameter under the top",
        10,
        400,
        d ->
            d.design().form() == LiddedBox.Form.TAPER
                ? Widest.opens(d, "outside.foot").orElseGet(() -> top(d))
                : top(d));
    add(
        r,
        "lid.dome",
        "Dome of the lid",
        0.5,
        200,
        d ->
            practice(
                Math.min(0.5 * d.mm("lid.height"), 0.3 * d.mm("outside.top")),
                "half the lid's height at most"));
    add(
        r,
        "lid.roundover",
        "Round-over of the lid",
        0.3,
        60,
        d -> practice(Math.min(3, 0.3 * d.mm("lid.height")), "a broken edge that feels soft"));
    joint(r);
    inside(r);
    stick(r);
    return List.copyOf(r);
  }

  private static Rule.Value top(Dims<LiddedBox> d) {
    List<LiddedBox.OutlinePoint> p = d.design().points();
    double share =
        switch (d.design().form()) {
          case STRAIGHT -> 1;
          case TAPER -> 0.86;
          case BARREL -> 0.9;
          case OGEE -> 0.9;
          case FREE ->
              p.isEmpty() ? 1 : 2 * p.get(p.size() - 1).radius() / d.mm("outside.diameter");
        };
    return practice(share * d.mm("outside.diameter"), "share of the diameter by its form");
  }

  private static void joint(List<Rule<LiddedBox>> r) {
    add(
        r,
        "joint.length",
        "Spigot length",
        2,
        60,
        d ->
            d.stated("recess.depth").isPresent()
                ? derived(
                    d.mm("recess.depth") - d.mm("joint.air"),
                    "recess less the air under the spigot")
                : practice(
                    Math.min(
                        clamp(0.15 * d.mm("outside.diameter"), 4, 10), 0.45 * d.mm("lid.height")),
                    "8 to 10 mm on a small box, less on a tiny one"));
    add(
        r,
        "joint.shoulder",
        "Shoulder cut",
        1,
        60,
        d ->
            jointStated(d)
                ? derived((join(d) - d.mm("joint.diameter")) / 2, "what the joint leaves")
                : practice(
                    clamp(0.09 * d.mm("outside.diameter"), 3.2, 9.5),
                    "leaves the rim stout enough not to split"));
    add(
        r,
        "joint.diameter",
        "Joint diameter",
        6,
        380,
        d ->
            d.stated("spigot.diameter")
                .map(s -> derived(s.mm(), "the spigot's own diameter"))
                .or(() -> pair(d).spigot())
                .orElseGet(
                    () ->
                        derived(
                            join(d) - 2 * d.mm("joint.shoulder"),
                            "diameter at the join less two shoulders")));
    add(
        r,
        "joint.clearance",
        "Clearance in use",
        -0.1,
        2,
        d -> pair(d).clearance(d.design().fit(), "joint.diameter"));
    r.add(r.remove(r.size() - 1).difference("recess.diameter", "spigot.diameter"));
    add(
        r,
        "joint.air",
        "Air under the spigot",
        0.1,
        10,
        d ->
            d.stated("recess.depth").isPresent() && d.stated("joint.length").isPresent()
                ? derived(d.mm("recess.depth") - d.mm("joint.length"), "what the two leave")
                : practice(0.7, "so that the rim closes and not the spigot's end"));
    add(
        r,
        "recess.diameter",
        "Recess diameter",
        6,
        380,
        d ->
            over(d)
                ? derived(d.mm("joint.diameter") + d.mm("joint.clearance"), "joint plus clearance")
                : derived(
                    d.mm("spigot.diameter") + d.mm("joint.clearance"),
                    "opened to the spigot plus clearance"));
    add(
        r,
        "recess.depth",
        "Recess depth",
        2,
        80,
        d ->
            derived(
                d.mm("joint.length") + d.mm("joint.air"), "spigot length plus the air under it"));
    add(
        r,
        "spigot.diameter",
        "Spigot diameter",
        6,
        380,
        d ->
            over(d)
                ? derived(
                    d.mm("recess.diameter") - d.mm("joint.clearance"),
                    "turned to the recess less the clearance")
                : derived(d.mm("joint.diameter"), "the joint's own diameter"));
    add(
        r,
        "joint.jam",
        "Diameter for the jam",
        6,
        380,
        d -> {
          double mate = over(d) ? d.mm("recess.diameter") : d.mm("spigot.diameter");
          Jam jam = Jam.of(d, mate, rimAt(d), d.mm(over(d) ? "inside.diameter" : "lid.inside"));
          return practice(over(d) ? mate + jam.press() : mate - jam.press(), jam.reason());
        });
  }

  private static void inside(List<Rule<LiddedBox>> r) {
    add(
        r,
        "inside.diameter",
        "Inside diameter",
        4,
        380,
        d -> {
          Optional<Double> holds = contentDiameter(d);
          double most = over(d) ? d.mm("joint.diameter") - 4 : d.mm("joint.diameter") - 2;
          if (holds.isPresent() && holds.get() + 2 * d.custom(Line.CONTENT_BOX) <= most) {
            return derived(
                holds.get() + 2 * d.custom(Line.CONTENT_BOX), "what goes in, plus play round it");
          }
          double wall = clamp(0.08 * d.mm("outside.diameter"), 4.2, 7);
          return over(d)
              ? practice(
                  d.mm("joint.diameter") - 2 * wall, "joint less a spigot wall that drives the lid")
              : practice(d.mm("joint.diameter") - 2, "joint less a ledge for the spigot");
        });
    add(
        r,
        "body.floor",
        "Floor",
        0.5,
        200,
        d ->
            d.fixed("inside.depth")
                ? derived(brim(d) - d.mm("inside.depth"), "what the depth leaves")
                : practice(
                    clamp(0.1 * d.mm("outside.diameter"), 5.5, 9)
                        + (recessed(d) ? d.custom(Line.HOLD_RECESS_DEPTH) : 0),
                    recessed(d)
                        ? "room for the recess under it"
                        : "room to hollow the foot under it"));
    add(
        r,
        "inside.depth",
        "Depth inside",
        1,
        560,
        d -> derived(brim(d) - d.mm("body.floor"), "brim to floor, along the axis"));
    add(
        r,
        "inside.corner",
        "Corner at the floor",
        0.5,
        200,
        d ->
            practice(
                Math.min(Math.min(6, 0.25 * d.mm("inside.diameter")), 0.4 * d.mm("inside.depth")),
                "a corner that a round nose cuts"));
    add(
        r,
        "lid.thickness",
        "Lid thickness",
        0.5,
        200,
        d ->
            d.fixed("lid.depth")
                ? derived(lidRoom(d) - d.mm("lid.depth"), "what the depth leaves")
                : practice(
                    d.design().top() == LiddedBox.Top.DOME
                        ? clamp(0.1 * d.mm("outside.diameter"), 5.5, 10)
                        : clamp(0.09 * d.mm("outside.diameter"), 5, 8),
                    "stout enough to take its tenon off"));
    add(
        r,
        "lid.depth",
        "Depth in the lid",
        1,
        400,
        d -> {
          double least = over(d) ? d.mm("recess.depth") : 1;
          return derived(
              Math.max(least, lidRoom(d) - d.mm("lid.thickness")), "lid less its thickness");
        });
    add(
        r,
        "lid.inside",
        "Inside of the lid",
        3,
        380,
        d ->
            over(d)
                ? derived(
                    Math.min(d.mm("inside.diameter"), d.mm("recess.diameter") - 1),
                    "flush with the body's inside")
                : practice(
                    d.mm("spigot.diameter") - 2 * clamp(0.08 * d.mm("outside.diameter"), 4.2, 7),
                    "spigot less a wall that drives the lid"));
    add(
        r,
        "foot.hollow",
        "Hollow of the foot",
        0,
        20,
        d ->
            recessed(d)
                ? practice(d.custom(Line.HOLD_RECESS_DEPTH), "3 to 6 mm hold the jaws")
                : practice(
                    d.mm("outside.foot")
                        / 2
                        * Math.tan(Math.toRadians(d.custom(Line.TURN_FOOT_LEAN))),
                    "only the rim stands"));
    add(
        r,
        "foot.recess",
        "Recess in the foot",
        0,
        400,
        d ->
            recessed(d)
                ? FootRecess.rule(d, "outside.foot", "foot.hollow")
                : derived(0, "the foot is held otherwise"));
    add(
        r,
        "depth-hole.body",
        "Depth hole, to the full diameter",
        0.5,
        560,
        d -> derived(d.mm("inside.depth") - Tenons.tip(d), "depth less the bit's point"));
  }

  private static void stick(List<Rule<LiddedBox>> r) {
    add(r, "stick.face-foot", "Facing at the foot", 0, 60, d -> practice(2, "trues the end"));
    add(
        r,
        "stick.tenon-foot",
        "Tenon at the foot",
        0,
        40,
        d -> recessed(d) ? derived(0, "none: a recess holds the foot") : Tenons.tenon(d));
    add(
        r,
        "stick.waste-foot",
        "Waste at the foot",
        0,
        60,
        d ->
            recessed(d)
                ? derived(0, "none: the foot is finished first")
                : shop(
                    Math.max(3, Tenons.parting(d) + 1),
                    "room for the parting tool between foot and jaws"));
    add(
        r,
        "stick.face-spigot",
        "Facing of the spigot",
        0,
        20,
        d -> practice(0.5, "cleans its end"));
    add(
        r,
        "stick.kerf",
        "Kerf",
        0,
        30,
        d ->
            shop(1.5 * Tenons.parting(d), "one and a half widths, so that the tool does not bind"));
    add(r, "stick.face-rim", "Facing of the rim", 0, 20, d -> practice(1, "cleans the rim"));
    add(
        r,
        "stick.waste-top",
        "Waste at the top",
        0,
        60,
        d -> practice(2.5, "lets the tool round the top"));
    add(r, "stick.tenon-top", "Tenon at the top", 0, 40, d -> Tenons.tenon(d));
    add(r, "stick.face-top", "Facing at the top", 0, 60, d -> practice(2, "trues the end"));
    add(
        r,
        "stick.need",
        "Length needed",
        1,
        900,
        d ->
            derived(
                fixedParts(d) + d.mm("body.height") + d.mm("lid.height"), "all that is consumed"));
    add(
        r,
        "blank.length",
        "Blank length",
        20,
        900,
        d -> {
          Optional<Double> has = d.design().blank().flatMap(Blank::length).map(Size::mm);
          return has.isPresent()
              ? Rule.Value.derived(has.get(), "the blank at hand")
              : derived(d.mm("stick.need"), "as long as the piece needs");
        });
    add(
        r,
        "blank.across",
        "Blank across",
        10,
        450,
        d -> {
          Optional<Double> has = d.design().blank().flatMap(Blank::across).map(Size::mm);
          return has.isPresent()
              ? derived(has.get(), "the blank at hand")
              : practice(
                  d.mm("outside.diameter")
                      + d.custom(Line.TURN_ROUNDING)
                      + 2 * d.custom(Line.STOCK_CENTRING),
                  "diameter plus what rounding takes");
        });
    add(
        r,
        "blank.round",
        "Rounded to",
        10,
        450,
        d ->
            derived(
                Math.min(
                    d.mm("outside.diameter") + 2,
                    Blank.sure(d.design().blank(), d.mm("blank.across"), d.shop().practice())),
                "a little over the diameter"));
    add(
        r,
        "tenon-foot.root",
        "Foot tenon, at its root",
        5,
        200,
        d -> Tenons.tenonRoot(d, "tenon-foot.diameter", "stick.tenon-foot"));
    add(
        r,
        "tenon-top.root",
        "Top tenon, at its root",
        5,
        200,
        d -> Tenons.tenonRoot(d, "tenon-top.diameter", "stick.tenon-top"));
    add(
        r,
        "tenon-foot.diameter",
        "Foot tenon, at its end",
        10,
        200,
        d -> Tenons.tenonEnd(d, "stick.tenon-foot"));
    add(
        r,
        "tenon-top.diameter",
        "Top tenon, at its end",
        10,
        200,
        d -> Tenons.tenonEnd(d, "stick.tenon-top"));
  }

  private static Rule.Value widest(Dims<LiddedBox> d) {
    Rule.Value own = diameter(d);
    return switch (d.design().form()) {
      case STRAIGHT, FREE -> own;
      case TAPER -> Widest.taper(d, own, "outside.foot", "outside.top");
      case BARREL, OGEE -> Widest.of(d, own, "outside.foot", "outside.top");
    };
  }

  private static Rule.Value diameter(Dims<LiddedBox> d) {
    if (d.design().form() == LiddedBox.Form.FREE) {
      return derived(2 * BoxHandles.widest(d.design().points()), "the outline's widest point");
    }
    Optional<Double> holds = contentDiameter(d);
    if (holds.isPresent()) {
      double in = holds.get() + 2 * d.custom(Line.CONTENT_BOX);
      return derived(in + 2 * clamp(0.21 * in, 7.6, 16), "what goes in, plus walls and joint");
    }
    Optional<Blank> blank = d.design().blank().filter(b -> b.across().isPresent());
    if (blank.isPresent()) {
      double sure = Blank.sure(blank, blank.get().across().get().mm(), d.shop().practice());
      return derived(sure - 2, "largest round that the blank surely gives");
    }
    Optional<Double> ml = d.design().content().flatMap(Content::ml);
    if (ml.isPresent()) {
      double in = Math.cbrt(4 * ml.get() * 1000 / (1.3 * Math.PI));
      return derived(
          in + 2 * clamp(0.2 * in, 7.6, 16), "the volume wanted, a little taller than wide");
    }
    return practice(60, "a small box that most jaws hold");
  }

  private static Rule.Value height(Dims<LiddedBox> d) {
    if (d.stated("body.height").isPresent() && d.stated("lid.height").isPresent()) {
      return derived(d.mm("body.height") + d.mm("lid.height"), "body and lid");
    }
    double share = d.design().share().part();
    if (d.stated("body.height").isPresent()) {
      return derived(d.mm("body.height") / (1 - share), "the body's share");
    }
    Optional<Double> tall = d.design().content().flatMap(Content::height).map(Size::mm);
    if (tall.isPresent()) {
      return derived(heightFor(d, tall.get()), "what goes in, plus floor and lid");
    }
    Optional<Double> ml = d.design().content().flatMap(Content::ml);
    if (ml.isPresent()) {
      double dia = d.mm("outside.diameter");
      double in = dia - 2 * clamp(0.165 * dia, 7.6, 16);
      double deep = ml.get() * 1000 / (Math.PI / 4 * in * in) * 1.04;
      double spigot = over(d) ? clamp(0.15 * dia, 4, 10) : 0;
      return derived((deep - spigot + clamp(0.1 * dia, 5.5, 9)) / (1 - share), "the volume wanted");
    }
    Optional<Double> long_ = d.design().blank().flatMap(Blank::length).map(Size::mm);
    if (long_.isPresent()) {
      return derived(
          Math.max(20, long_.get() - fixedForLength(d)), "the largest that the blank gives");
    }
    return practice(1.5 * d.mm("outside.diameter"), "half again as tall as wide");
  }

  /**
   * The least height whose closed room takes a content, with a hair of air: the height is tried
   * through all the rules, and grown by what is lacking until nothing is.
   */
  private static double heightFor(Dims<LiddedBox> d, double tall) {
    double radius = contentDiameter(d).orElse(1.0) / 2;
    double wanted = tall + d.custom(Line.CONTENT_BOX);
    double height = Math.max(20, tall);
    for (int i = 0; i < 30; i++) {
      double room = roomAt(d, Math.min(600, height), radius);
      if (room >= wanted) {
        return height;
      }
      height += Math.max(0.05, wanted - room);
    }
    return height;
  }

  private static double roomAt(Dims<LiddedBox> d, double height, double radius) {
    LiddedBox tried = d.design().with("outside.height", height);
    try {
      Map<DimKey, Dim> dims = Dims.resolve(tried, ALL, d.shop(), Map.of());
      return new BoxRoom(tried, key -> dims.get(new DimKey(key)).mm(), d.shop().practice())
          .closed(radius);
    } catch (BadDesign e) {
      // Too low to be drawn at all.
      return 0;
    }
  }

  /** All of the stick but body and lid. */
  static double fixedParts(Dims<LiddedBox> d) {
    return d.mm("joint.length") + allowances(d);
  }

  private static double allowances(Dims<LiddedBox> d) {
    double sum = 0;
    for (String k :
        List.of(
            "face-foot",
            "tenon-foot",
            "waste-foot",
            "face-spigot",
            "kerf",
            "face-rim",
            "waste-top",
            "tenon-top",
            "face-top")) {
      sum += d.mm("stick." + k);
    }
    return sum;
  }

  /** As fixedParts, but without asking for the joint's length, which may follow from the height. */
  private static double fixedForLength(Dims<LiddedBox> d) {
    double joint =
        d.stated("joint.length")
            .map(Size::mm)
            .orElse(clamp(0.15 * d.mm("outside.diameter"), 4, 10));
    return joint + allowances(d);
  }

  private static boolean recessed(Dims<LiddedBox> d) {
    return d.design().footBy() == Finishing.RECESS;
  }

  private static Optional<Double> contentDiameter(Dims<LiddedBox> d) {
    return d.design().content().flatMap(Content::diameter).map(Size::mm);
  }

  /** The outside diameter at the join by the true curve. */
  private static double join(Dims<LiddedBox> d) {
    return 2 * BoxShape.outline(d.design(), d::mm).radius(d.mm("body.height"));
  }

  private static Pair<LiddedBox> pair(Dims<LiddedBox> d) {
    return new Pair<>(d, "recess.diameter", "spigot.diameter");
  }

  /** Whether the turner stated how wide the joint is, by whatever size. */
  private static boolean jointStated(Dims<LiddedBox> d) {
    return Stream.of("joint.diameter", "spigot.diameter", "recess.diameter")
        .anyMatch(k -> d.stated(k).isPresent());
  }

  /** The least outside diameter over the joint: what the ring has to bear the jam with. */
  private static double rimAt(Dims<LiddedBox> d) {
    Profile line = BoxShape.outline(d.design(), d::mm);
    double join = d.mm("body.height");
    double far = join + (over(d) ? 1 : -1) * d.mm("joint.length");
    return 2 * Math.min(line.radius(join), line.radius(far));
  }

  private static double brim(Dims<LiddedBox> d) {
    return d.mm("body.height") + (over(d) ? d.mm("joint.length") : 0);
  }

  private static double lidRoom(Dims<LiddedBox> d) {
    return d.mm("lid.height") + (over(d) ? 0 : d.mm("joint.length"));
  }

  private static boolean over(Dims<LiddedBox> d) {
    return d.design().school() == School.LID_OVER;
  }

  static double clamp(double v, double least, double most) {
    return Math.max(least, Math.min(most, v));
  }

  private static void add(
      List<Rule<LiddedBox>> rules,
      String key,
      String label,
      double least,
      double most,
      Function<Dims<LiddedBox>, Rule.Value> by) {
    rules.add(new Rule<>(new DimKey(key), label, least, most, FIT.contains(key), by));
  }

  /** Which dimension to shorten, by the turner's choice. */
  static String giving(Gives gives) {
    return switch (gives) {
      case BOTH -> "outside.height";
      case BODY -> "body.height";
      case LID -> "lid.height";
      case JOINT -> "joint.length";
    };
  }
}
