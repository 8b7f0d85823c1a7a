package hazelkeep.kinds.goblet;

import static hazelkeep.kinds.goblet.GobletSizes.BELLY;
import static hazelkeep.kinds.goblet.GobletSizes.BELLY_AT;
import static hazelkeep.kinds.goblet.GobletSizes.BOWL_HIGH;
import static hazelkeep.kinds.goblet.GobletSizes.DEPTH;
import static hazelkeep.kinds.goblet.GobletSizes.FLOOR;
import static hazelkeep.kinds.goblet.GobletSizes.FOOT;
import static hazelkeep.kinds.goblet.GobletSizes.FOOT_EDGE;
import static hazelkeep.kinds.goblet.GobletSizes.FOOT_HIGH;
import static hazelkeep.kinds.goblet.GobletSizes.HEIGHT;
import static hazelkeep.kinds.goblet.GobletSizes.MOUTH;
import static hazelkeep.kinds.goblet.GobletSizes.RIM;
import static hazelkeep.kinds.goblet.GobletSizes.ROUND;
import static hazelkeep.kinds.goblet.GobletSizes.STEM_HIGH;
import static hazelkeep.kinds.goblet.GobletSizes.STEM_LONG;
import static hazelkeep.kinds.goblet.GobletSizes.STEM_LOW;
import static hazelkeep.kinds.goblet.GobletSizes.WALL;
import static hazelkeep.kinds.goblet.GobletSizes.WIDEST;

import hazelkeep.element.Along;
import hazelkeep.element.Bend;
import hazelkeep.element.Bowl;
import hazelkeep.element.ChuckTenon;
import hazelkeep.element.DishedFoot;
import hazelkeep.element.Edge;
import hazelkeep.element.EndWork;
import hazelkeep.element.Face;
import hazelkeep.element.Holds;
import hazelkeep.element.HolePlace;
import hazelkeep.element.HoleSizes;
import hazelkeep.element.Lay;
import hazelkeep.element.Lengths;
import hazelkeep.element.Lengths.Length;
import hazelkeep.element.Make;
import hazelkeep.element.Member;
import hazelkeep.element.RingZone;
import hazelkeep.element.RingedStem;
import hazelkeep.element.Rise;
import hazelkeep.element.Side;
import hazelkeep.element.Spare;
import hazelkeep.element.Station;
import hazelkeep.element.Stock;
import hazelkeep.element.Whole;
import hazelkeep.element.WoodLeft;
import hazelkeep.finding.Entry;
import hazelkeep.kinds.goblet.Goblet.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A goblet: foot, stem and bowl out of one blank, what it is put together from. */
final class GobletParts {
  static final String PART = "goblet";

  static final String FOOT_TOP = "foot top";

  private static final Edge AT_FOOT = Edge.from(FOOT_HIGH);
  private static final Edge AT_RIM = Edge.to(BOWL_HIGH);

  final ChuckTenon tenon = ChuckTenon.at(PART, "foot", true).stout(HEIGHT);
  final Lengths stem;
  final Lengths side;
  final RingZone rings;
  final RingedStem ringed;
  final Face rim;
  final Bowl bowl;
  final EndWork end;
  private final Goblet d;
  private final Stock stock;
  private final GobletSizes sizes;
  final Lengths footTop;
  private final DishedFoot foot;

  GobletParts(Goblet d) {
    this.d = d;
    this.stock =
        new Stock(
            d.blank(),
            d.rough() ? List.of(WIDEST) : List.of(WIDEST, FOOT),
            Stock.Round.leaving(Line.TURN_VESSEL_SPARE).but(d.rough()),
            Wording.of("gobletParts.a-lower-goblet-or-a"),
            List.of(STEM_LONG, HEIGHT),
            Line.WALL_GOBLET);
    this.sizes = new GobletSizes(d, stock);
    this.footTop = new Lengths(footTop(), FOOT_TOP, lay -> turned(d, lay));
    this.foot =
        new DishedFoot(
            on("foot"),
            AT_FOOT,
            footTop,
            FOOT,
            DishedFoot.By.dished(Line.GOBLET_FOOT_HOLLOW),
            b -> b.mm(FOOT_HIGH) - b.mm(DishedFoot.HOLLOW) - b.custom(Line.WALL_GOBLET_FLOOR));
    this.stem = new Lengths(sizes.stem().side(), "stem 1", lay -> RingedStem.even(lay, STEM_LONG));
    this.side =
        new Lengths(
            bowlLine(), Side.NAME, lay -> RingedStem.over(lay, Side.NAME, bowlLine(), rough(lay)));
    this.rings =
        new RingZone(
            d.rings(),
            d.ringTool(),
            d.spare(),
            RingedStem.room(on("stem"), side, new RingZone.Keeps(FOOT, WIDEST)));
    this.ringed = new RingedStem(PART, stem, rings);
    this.bowl = bowl();
    this.rim = new Face(on("rim"), Role.SHOW, AT_RIM, true, side, bowl::mouth);
    this.end = new EndWork(on("foot"), d.footBy(), d, bowl, Optional.empty());
  }

  private static SurfaceId on(String surface) {
    return new SurfaceId(PART, surface);
  }

  Make make() {
    Along along =
        new Along()
            .then(Spare.facing("foot", "Facing at the foot", 60, Line.STOCK_FACE))
            .then(tenon)
            .then(Spare.waste("foot", Spare::parting))
            .kept(FOOT_HIGH, "foot")
            .kept(STEM_LONG, "stem")
            .kept(BOWL_HIGH, "bowl")
            .then(Spare.facing("rim", "Facing of the rim", 60, Line.GOBLET_FACE_RIM));
    Member goblet =
        new Member(
            PART,
            List.of(foot, footTop, stem, side, rim, bowl, tenon, end),
            WALLS,
            Optional.empty(),
            AT_FOOT,
            Optional.empty());
    List<Member> all = new ArrayList<>(List.of(goblet));
    all.addAll(rings.members(AT_FOOT));
    return new Make(
        stock,
        along,
        all,
        List.of(
            rings,
            new Whole(sizes.whole(), s -> s.top(PART) - s.bottom(PART)),
            new Holds(PART, d.ml(), d.below(), List.of(WIDEST, BOWL_HIGH))),
        List.of(),
        List.of(Set.of(DEPTH, FLOOR)));
  }

  private static final List<Line> WALLS =
      List.of(
          Line.WALL_GOBLET,
          Line.WALL_GOBLET_RIM,
          Line.WALL_GOBLET,
          Line.WALL_GOBLET_FLOOR,
          Line.WALL_GOBLET);

  private Side footTop() {
    Station edge =
        Station.at(FOOT, "edge", FOOT_EDGE, FOOT_HIGH, Station.Reads.FIRST)
            .hiddenIf(true)
            .stillIf(true);
    Station high =
        Station.of(STEM_LOW, "stem", lay -> 1, Station.Reads.LAST)
            .hiddenIf(true)
            .stillIf(true)
            .by(Bend.HOLLOW);
    return new Side(
        on(FOOT_TOP),
        Rise.whole(FOOT_HIGH, "foot", Bend.STRAIGHT),
        sizes.foot(),
        List.of(Station.of(FOOT, "foot", lay -> 0, Station.Reads.FIRST), edge, high),
        Optional.empty(),
        Optional.empty());
  }

  private Side bowlLine() {
    List<Bend> bends = BowlShape.bends(d.form());
    Station low =
        Station.of(STEM_HIGH, "stem", lay -> 0, Station.Reads.FIRST).hiddenIf(true).stillIf(true);
    DimKey belly = d.form() == Form.EGG ? WIDEST : BELLY;
    Station wide =
        Station.at(belly, "belly", BELLY_AT, BOWL_HIGH, Station.Reads.HERE).by(bends.get(1));
    Station high =
        d.form() == Form.EGG
            ? Station.of(RIM, "rim", lay -> 1, Station.Reads.LAST)
            : Station.of(WIDEST, "rim", lay -> 1, Station.Reads.LAST);
    high = high.by(bends.get(bends.size() - 1));
    return new Side(
        on("side"),
        Rise.whole(BOWL_HIGH, "bowl", Bend.STRAIGHT),
        sizes.side(),
        d.form() == Form.CONE ? List.of(low, high) : List.of(low, wide, high),
        Optional.empty(),
        Optional.empty());
  }

  /** The foot's top, all of it at once; what stays as it grew is no surface. */
  private static List<Length> turned(Goblet d, Lay lay) {
    double from = lay.at(AT_FOOT) + (d.rough() ? lay.mm(FOOT_EDGE) : 0);
    return List.of(new Length(FOOT_TOP, from, lay.at(Edge.to(FOOT_HIGH))));
  }

  /** Up to where the blank stays as it is, in its z; below all of it where nothing does. */
  double rounded(Lay lay) {
    return d.rough() ? lay.at(AT_FOOT) + lay.mm(FOOT_EDGE) : -Lay.BEYOND;
  }

  /** How stout the stem is left until the bowl is hollowed, as a radius, mm. */
  double rough(Lay lay) {
    return RingedStem.rough(lay, rings, WIDEST);
  }

  private Bowl bowl() {
    HolePlace place =
        new HolePlace(
            "depth hole", on("inside"), "rim", AT_RIM, true, lay -> lay.length() + 1, lay -> 0);
    WoodLeft left =
        new WoodLeft(
            Line.WALL_GOBLET,
            Line.WALL_GOBLET_FLOOR,
            Entry.FLOOR_THIN,
            lay -> lay.at(AT_RIM),
            lay -> lay.at(Edge.from(BOWL_HIGH)),
            FLOOR,
            Edge.from(BOWL_HIGH),
            List.of());
    return new Bowl(
        place,
        new HoleSizes(sizes.bowl(), MOUTH, DEPTH, Optional.empty()),
        left,
        new Bowl.Follows(side, WALL),
        ROUND,
        Line.GOBLET_HOLE);
  }
}
