package hazelkeep.kinds.cased;

import static hazelkeep.kinds.cased.CasedSizes.BODY_HEIGHT;
import static hazelkeep.kinds.cased.CasedSizes.BORE;
import static hazelkeep.kinds.cased.CasedSizes.DEPTH;
import static hazelkeep.kinds.cased.CasedSizes.DOME;
import static hazelkeep.kinds.cased.CasedSizes.EAVES;
import static hazelkeep.kinds.cased.CasedSizes.END;
import static hazelkeep.kinds.cased.CasedSizes.FLOOR;
import static hazelkeep.kinds.cased.CasedSizes.FOOT;
import static hazelkeep.kinds.cased.CasedSizes.HEIGHT;
import static hazelkeep.kinds.cased.CasedSizes.JOIN;
import static hazelkeep.kinds.cased.CasedSizes.LID_DEPTH;
import static hazelkeep.kinds.cased.CasedSizes.LID_HEIGHT;
import static hazelkeep.kinds.cased.CasedSizes.RECESS;
import static hazelkeep.kinds.cased.CasedSizes.TOP;

import hazelkeep.element.Along;
import hazelkeep.element.Built;
import hazelkeep.element.Cap;
import hazelkeep.element.ChuckTenon;
import hazelkeep.element.ClosedOrder;
import hazelkeep.element.DishedFoot;
import hazelkeep.element.Drilled;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.EndWork;
import hazelkeep.element.Face;
import hazelkeep.element.GoesIn;
import hazelkeep.element.Holes;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Member;
import hazelkeep.element.Recess;
import hazelkeep.element.Side;
import hazelkeep.element.Side.Bend;
import hazelkeep.element.Side.Place;
import hazelkeep.element.Side.Reads;
import hazelkeep.element.Spare;
import hazelkeep.element.Spigot;
import hazelkeep.element.Stock;
import hazelkeep.element.Whole;
import hazelkeep.finding.Entry;
import hazelkeep.kinds.cased.Cased.Form;
import hazelkeep.piece.BoreWalls;
import hazelkeep.practice.Line;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A bored case or a little house: what it is put together from. */
final class CasedParts {
  static final String BODY = "body";
  static final String LID = "lid";

  private static final SurfaceId WALL = new SurfaceId(LID, "recess");
  private static final Edge AT_FOOT = Edge.from(BODY_HEIGHT);
  private static final Edge AT_JOIN = Edge.to(BODY_HEIGHT);
  private static final Edge AT_MOUTH = Edge.to(Spigot.LENGTH);
  private static final Edge AT_RIM = Edge.from(LID_HEIGHT);
  private static final Edge AT_TOP = Edge.to(LID_HEIGHT);

  private final Cased d;
  private final Stock stock;
  private final CasedSizes sizes;
  private final Spare kerf = Spare.kerf();
  private final ChuckTenon footTenon = ChuckTenon.at(BODY, "foot", true);
  private final ChuckTenon topTenon = ChuckTenon.at(LID, "top", false);
  private final Drilled bore;
  private final Recess recess;
  private final Spigot spigot;
  private final Face rim;
  private final Holes holes;
  private final EndWork end;
  private final Side bodySide;
  private final Side lidSide;

  CasedParts(Cased d) {
    this.d = d;
    this.stock =
        new Stock(
            d.blank(),
            List.of(JOIN, EAVES),
            Stock.Round.leaving(Line.TURN_CASE_SPARE),
            "A shorter content or a longer blank.",
            List.of(DEPTH, LID_DEPTH),
            Line.WALL_CASE);
    this.sizes = new CasedSizes(d, stock);
    this.bore = bore();
    this.recess = recess();
    this.bodySide = bodySide();
    this.lidSide = lidSide();
    this.spigot =
        new Spigot(
            new SurfaceId(BODY, "spigot"),
            sizes.joint(),
            bodySide,
            new Spigot.Reach(
                true,
                lay -> lay.mm(BORE) / 2,
                Edge.from(kerf.key()),
                Edge.from(kerf.key()),
                Optional.of(Line.TURN_SPIGOT_SPARE),
                new Spigot.Shown("spigot", true, false)),
            new Spigot.Mate(WALL, RECESS, Optional.of(LID_DEPTH), new SurfaceId(BODY, "spigot")));
    this.rim =
        new Face(
            new SurfaceId(LID, "rim"),
            Role.MEET,
            AT_RIM,
            false,
            lidSide,
            lay -> lay.mm(RECESS) / 2);
    this.end = new EndWork(new SurfaceId(BODY, "foot"), d.footBy(), d, bore, Optional.of(spigot));
    this.holes = new Holes(BODY, d.holes(), DEPTH);
  }

  /** What the lid is called. */
  String lidName() {
    return d.house() ? "roof" : "lid";
  }

  Make make() {
    Along along =
        new Along()
            .then(Spare.facing("foot", "Facing at the foot", 60, Line.STOCK_FACE))
            .then(footTenon)
            .then(Spare.waste("foot", Spare::parting))
            .kept(BODY_HEIGHT, BODY)
            .kept(Spigot.LENGTH, "spigot")
            .then(Spare.facing("spigot", "Facing of the spigot", 20, Line.STOCK_FACE_SPIGOT))
            .then(kerf)
            .then(Spare.facing("rim", "Facing of the rim", 20, Line.STOCK_FACE_RIM))
            .kept(LID_HEIGHT, lidName())
            .then(Spare.waste("top", Spare.by(Line.STOCK_WASTE_TOP)))
            .then(topTenon)
            .then(Spare.facing("top", "Facing at the top", 60, Line.STOCK_FACE));
    return new Make(
        stock,
        along,
        List.of(body(), lid()),
        others(),
        List.of(spigot.joint(d.fit())),
        List.of(Set.of(FLOOR, BODY_HEIGHT, HEIGHT), Set.of(END, LID_HEIGHT)));
  }

  /** The order of its work. */
  ClosedOrder order() {
    String shaping =
        d.house()
            ? "The walls straight, the roof over them; keep off the wood that the bores need."
            : "Both in one line, by light cuts; keep off the wood that the bores need.";
    return new ClosedOrder(
        footTenon,
        topTenon,
        kerf,
        new ClosedOrder.Lid(rim, recess),
        new ClosedOrder.Body(spigot, bore),
        end,
        holes,
        new ClosedOrder.Said(lidName(), shaping, d.topBy(), !d.finish().isEmpty()));
  }

  private List<Element> others() {
    List<Element> out = new ArrayList<>();
    out.add(new Whole(sizes.whole(), List.of(bodySide, lidSide)));
    d.content()
        .ifPresent(
            c ->
                out.add(
                    new GoesIn(
                        c.diameter(),
                        c.height(),
                        Optional.empty(),
                        c.bundle(),
                        BORE,
                        BODY,
                        Optional.of(LID),
                        Line.CONTENT_CASE)));
    out.add(holes);
    return out;
  }

  private static final List<Line> WALLS =
      List.of(
          Line.WALL_CASE,
          Line.WALL_CASE_RIM,
          Line.WALL_CASE_SPIGOT,
          Line.WALL_CASE_END,
          Line.WALL_CASE);

  private Member body() {
    DishedFoot foot =
        new DishedFoot(
            new SurfaceId(BODY, "foot"),
            AT_FOOT,
            bodySide,
            FOOT,
            DishedFoot.By.dished(Line.CASE_FOOT_HOLLOW),
            bore::spare);
    return new Member(
        BODY,
        List.of(foot, bodySide, spigot, bore, footTenon, end),
        WALLS,
        Optional.of(bore::walls),
        AT_FOOT,
        Optional.empty());
  }

  private Member lid() {
    Cap cap = new Cap(new SurfaceId(LID, "top"), sizes.dome(), lidSide, AT_TOP, lay -> 0);
    return new Member(
        LID,
        List.of(recess, rim, lidSide, cap, topTenon),
        WALLS,
        Optional.of(recess::walls),
        AT_RIM,
        Optional.of(AT_JOIN));
  }

  private Side bodySide() {
    Place low = Place.of(FOOT, "foot", lay -> 0, Reads.FIRST);
    Place high = Place.of(JOIN, "join", lay -> 1, Reads.LAST).plain();
    return new Side(
        new SurfaceId(BODY, "side"),
        Side.Rise.whole(BODY_HEIGHT, "body", bend()),
        sizes.bodySide(),
        List.of(low.hiddenIf(d.form() != Form.SPINDLE), high),
        Optional.empty(),
        Optional.of(b -> walls(bore, b)));
  }

  private Side lidSide() {
    Place low = Place.of(EAVES, "eaves", lay -> 0, Reads.FIRST);
    Place high = Place.of(TOP, "top edge", lay -> 1, Reads.LAST).hiddenIf(true);
    return new Side(
        new SurfaceId(LID, "side"),
        Side.Rise.under(DOME, LID_HEIGHT, lidName(), bend()),
        sizes.lidSide(),
        List.of(low.hiddenIf(!d.house()).stillIf(!d.house()), high),
        Optional.empty(),
        Optional.of(b -> walls(recess, b)));
  }

  private static BoreWalls walls(Drilled hole, Built b) {
    return hole.walls(b);
  }

  private Bend bend() {
    return d.form() == Form.SPINDLE ? Bend.BULGING : Bend.STRAIGHT;
  }

  private Drilled bore() {
    return new Drilled(
        new Drilled.Place(
            "body's bore",
            new SurfaceId(BODY, "inside"),
            "spigot's end",
            AT_MOUTH,
            true,
            lay -> lay.at(Edge.from(kerf.key())) + Lay.BEYOND,
            lay -> 0),
        new Drilled.Sizes(sizes.bodyBore(), BORE, DEPTH, Optional.empty()),
        new Drilled.Left(
            Line.WALL_CASE,
            Line.WALL_CASE_END,
            Entry.FLOOR_THIN,
            lay -> lay.at(AT_JOIN),
            lay -> lay.at(AT_FOOT) + lay.mm(DishedFoot.HOLLOW),
            FLOOR,
            AT_FOOT,
            List.of(Spigot.DIAMETER)));
  }

  private Recess recess() {
    return new Recess(
        new Drilled.Place(
            "lid's bore",
            new SurfaceId(LID, "roof"),
            "rim",
            AT_RIM,
            false,
            lay -> lay.at(AT_RIM) - Lay.BEYOND,
            lay -> 0),
        WALL,
        new Drilled.Sizes(sizes.lidBore(), RECESS, LID_DEPTH, Optional.empty()),
        new Drilled.Left(
            Line.WALL_CASE,
            Line.WALL_CASE_END,
            Entry.LID_THIN,
            lay -> lay.at(AT_RIM),
            lay -> lay.at(AT_TOP),
            END,
            AT_TOP,
            List.of(EAVES)));
  }
}
