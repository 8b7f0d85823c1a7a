package hazelkeep.element;

import static hazelkeep.element.PairSizes.BODY_HEIGHT;
import static hazelkeep.element.PairSizes.BORE;
import static hazelkeep.element.PairSizes.DEPTH;
import static hazelkeep.element.PairSizes.DOME;
import static hazelkeep.element.PairSizes.EAVES;
import static hazelkeep.element.PairSizes.END;
import static hazelkeep.element.PairSizes.FLOOR;
import static hazelkeep.element.PairSizes.FOOT;
import static hazelkeep.element.PairSizes.HEIGHT;
import static hazelkeep.element.PairSizes.JOIN;
import static hazelkeep.element.PairSizes.LID_DEPTH;
import static hazelkeep.element.PairSizes.LID_HEIGHT;
import static hazelkeep.element.PairSizes.RECESS;
import static hazelkeep.element.PairSizes.TOP;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Design;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.practice.Line;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A bored body with a bored lid over its spigot: what slim cases, little houses and lidded wells
 * are put together from, and the order in which they are made.
 */
public final class BoredPair {
  /** The name of the body. */
  public static final String BODY = "body";

  /** The name of the lid. */
  public static final String LID = "lid";

  /** The body's foot. */
  public static final SurfaceId FOOT_OF_BODY = new SurfaceId(BODY, "foot");

  /** The lid's top. */
  public static final SurfaceId TOP_OF_LID = new SurfaceId(LID, "top");

  private static final SurfaceId WALL = new SurfaceId(LID, "recess");
  private static final Edge AT_FOOT = Edge.from(BODY_HEIGHT);
  private static final Edge AT_JOIN = Edge.to(BODY_HEIGHT);
  private static final Edge AT_RIM = Edge.from(LID_HEIGHT);
  private static final Edge AT_TOP = Edge.to(LID_HEIGHT);

  private static final List<Line> WALLS =
      List.of(
          Line.WALL_CASE,
          Line.WALL_CASE_RIM,
          Line.WALL_CASE_SPIGOT,
          Line.WALL_CASE_END,
          Line.WALL_CASE);

  /**
   * How it looks.
   *
   * @param lid what the lid is called
   * @param bend how its sides run
   * @param foot whether its foot has a width of its own to show
   * @param eaves whether its lid's rim has
   * @param shaping how its outside is shaped, in words
   */
  public record Look(String lid, Bend bend, boolean foot, boolean eaves, String shaping) {}

  /**
   * A body that swells between foot and neck and is hollowed through its mouth.
   *
   * @param belly its widest diameter
   * @param at how high that lies over the foot
   * @param wall the wall of the hollow, which follows the outside
   * @param sizes their rules
   */
  public record Swell(DimKey belly, DimKey at, DimKey wall, List<SizeRule> sizes) {}

  /** How both ends are finished. */
  public record Ends(Finishing foot, Finishing top) {}

  private final Design design;
  private final PairSizes sizes;
  private final Look look;
  private final Ends ends;
  private final Optional<Swell> swell;
  private final Spare kerf = Spare.kerf();
  private final ChuckTenon low = ChuckTenon.at(BODY, "foot", true);
  private final ChuckTenon high = ChuckTenon.at(LID, "top", false);
  private final Drilled bore;
  private final Recess recess;
  private final Side bodySide;
  private final Side lidSide;
  private final Spigot spigot;
  private final Face rim;
  private final Optional<ThreadPair> thread;
  private final EndWork end;

  /** A pair with its sizes, its look and its ends, bored straight. */
  public BoredPair(Design design, PairSizes sizes, Look look, Ends ends) {
    this(design, sizes, look, ends, Optional.empty());
  }

  /**
   * The same.
   *
   * @param swell how its body swells; empty where it is bored straight
   */
  public BoredPair(Design design, PairSizes sizes, Look look, Ends ends, Optional<Swell> swell) {
    this.design = design;
    this.sizes = sizes;
    this.look = look;
    this.ends = ends;
    this.swell = swell;
    this.bodySide = bodySide();
    this.bore = bore();
    this.recess = recess();
    this.lidSide = lidSide();
    this.spigot = spigot();
    this.thread =
        threaded() ? Optional.of(new ThreadPair(spigot, AT_RIM, EAVES)) : Optional.empty();
    this.rim =
        new Face(
            new SurfaceId(LID, "rim"),
            Role.MEET,
            AT_RIM,
            false,
            lidSide,
            lay -> thread.map(t -> t.mouth(lay)).orElseGet(() -> lay.mm(RECESS) / 2));
    this.end = new EndWork(FOOT_OF_BODY, ends.foot, design, bore, Optional.of(spigot));
  }

  private boolean threaded() {
    return sizes.closes() == Closes.THREAD;
  }

  /**
   * The ways to finish both ends.
   *
   * @param foot how the foot is
   * @param top how the top is
   */
  public static List<End> ends(Finishing foot, Finishing top) {
    return List.of(
        End.of(
            FOOT_OF_BODY,
            "footBy",
            "How the foot is finished",
            foot,
            Finishing.SAW,
            Finishing.JAM_PLUG,
            Finishing.JAM_CUP,
            Finishing.AROUND,
            Finishing.MANDREL,
            Finishing.EXPAND,
            Finishing.PRESSED),
        End.of(
            TOP_OF_LID,
            "topBy",
            "How the top is finished",
            top,
            Finishing.ON_PARTNER,
            Finishing.SAW));
  }

  /**
   * What it is put together from.
   *
   * @param others what else it has: holes, what goes in
   */
  public Make make(List<Element> others) {
    Along along =
        new Along()
            .then(Spare.facing("foot", "Facing at the foot", 60, Line.STOCK_FACE))
            .then(low)
            .then(Spare.waste("foot", Spare::parting))
            .kept(BODY_HEIGHT, BODY)
            .kept(Spigot.LENGTH, "spigot")
            .then(Spare.facing("spigot", "Facing of the spigot", 20, Line.STOCK_FACE_SPIGOT))
            .then(kerf)
            .then(Spare.facing("rim", "Facing of the rim", 20, Line.STOCK_FACE_RIM))
            .kept(LID_HEIGHT, look.lid)
            .then(Spare.waste("top", Spare.by(Line.STOCK_WASTE_TOP)))
            .then(high)
            .then(Spare.facing("top", "Facing at the top", 60, Line.STOCK_FACE));
    List<Element> all = new ArrayList<>();
    all.add(Whole.of(sizes.whole(), List.of(bodySide, lidSide)));
    all.addAll(others);
    List<Set<DimKey>> either =
        new ArrayList<>(List.of(Set.of(FLOOR, BODY_HEIGHT, HEIGHT), Set.of(END, LID_HEIGHT)));
    thread.ifPresent(t -> either.addAll(ThreadPair.either(RECESS)));
    return new Make(
        sizes.stock(), along, List.of(body(), lid()), all, spigot.joint(sizes.fit()), either);
  }

  /**
   * The order of its work.
   *
   * @param holes in its side
   */
  public ClosedOrder order(Holes holes) {
    return new ClosedOrder(
        new Opening(low, high, kerf, look.lid),
        new ClosedOrder.Lid(rim, recess, thread),
        new ClosedOrder.Body(spigot, bore),
        end,
        holes,
        new ClosedOrder.Said(look.shaping, ends.top, !design.finish().isEmpty()));
  }

  private Member body() {
    DishedFoot foot =
        new DishedFoot(
            FOOT_OF_BODY,
            AT_FOOT,
            bodySide,
            FOOT,
            DishedFoot.By.dished(Line.CASE_FOOT_HOLLOW),
            bore::spare);
    return new Member(
        BODY,
        List.of(foot, bodySide, spigot, bore, low, end),
        WALLS,
        Optional.of(bore::walls),
        AT_FOOT,
        Optional.empty());
  }

  private Member lid() {
    Cap cap = new Cap(TOP_OF_LID, sizes.dome(), lidSide, AT_TOP, lay -> 0);
    List<Element> elements = new ArrayList<>(List.of(recess, rim, lidSide, cap, high));
    thread.ifPresent(elements::add);
    return new Member(
        LID, elements, WALLS, Optional.of(recess::walls), AT_RIM, Optional.of(AT_JOIN));
  }

  private Spigot spigot() {
    SurfaceId on = new SurfaceId(BODY, "spigot");
    Edge beyond = Edge.from(kerf.key());
    return new Spigot(
        on,
        sizes.joint(),
        bodySide,
        new Spigot.Reach(
            true,
            lay -> lay.mm(BORE) / 2,
            beyond,
            beyond,
            Optional.of(Line.TURN_SPIGOT_SPARE),
            new Spigot.Shown("spigot", true, false)),
        new Spigot.Mate(WALL, RECESS, Optional.of(LID_DEPTH), on, sizes.closes()));
  }

  private Side bodySide() {
    Station foot = Station.of(FOOT, "foot", lay -> 0, Station.Reads.FIRST);
    Station join = Station.of(JOIN, "join", lay -> 1, Station.Reads.LAST).plain();
    List<SizeRule> rules = new ArrayList<>(sizes.bodySide());
    List<Station> places = new ArrayList<>(List.of(foot.hiddenIf(!look.foot)));
    swell.ifPresent(
        s -> {
          rules.addAll(s.sizes);
          places.add(Station.at(s.belly, "belly", s.at, BODY_HEIGHT, Station.Reads.WIDEST));
        });
    places.add(join);
    return new Side(
        new SurfaceId(BODY, Side.NAME),
        Rise.whole(BODY_HEIGHT, BODY, look.bend),
        rules,
        places,
        Optional.empty(),
        Optional.of(b -> bore.walls(b)));
  }

  private Side lidSide() {
    Station eaves = Station.of(EAVES, "eaves", lay -> 0, Station.Reads.FIRST);
    Station top = Station.of(TOP, "top edge", lay -> 1, Station.Reads.LAST).hiddenIf(true);
    return new Side(
        new SurfaceId(LID, Side.NAME),
        Rise.under(DOME, LID_HEIGHT, look.lid, look.bend),
        sizes.lidSide(),
        List.of(eaves.hiddenIf(!look.eaves).stillIf(!look.eaves), top),
        Optional.empty(),
        Optional.of(b -> recess.walls(b)));
  }

  private Drilled bore() {
    HolePlace place =
        new HolePlace(
            "body's bore",
            new SurfaceId(BODY, "inside"),
            "spigot's end",
            Edge.to(Spigot.LENGTH),
            true,
            lay -> lay.at(Edge.from(kerf.key())) + Lay.BEYOND,
            lay -> 0);
    HoleSizes hole = new HoleSizes(sizes.bodyBore(), BORE, DEPTH, Optional.empty());
    WoodLeft left =
        new WoodLeft(
            Line.WALL_CASE,
            Line.WALL_CASE_END,
            Entry.FLOOR_THIN,
            lay -> lay.at(AT_JOIN),
            lay -> lay.at(AT_FOOT) + lay.mm(DishedFoot.HOLLOW),
            FLOOR,
            AT_FOOT,
            List.of(Spigot.DIAMETER));
    // Under the shoulder a wall is left as all round: the hollow widens below it.
    return swell
        .<Drilled>map(
            s ->
                new Hollowed(
                    place, hole, left, bodySide, s.wall, lay -> lay.at(AT_JOIN) - lay.mm(s.wall)))
        .orElseGet(() -> new Drilled(place, hole, left));
  }

  private Recess recess() {
    return new Recess(
        new HolePlace(
            "lid's bore",
            new SurfaceId(LID, "roof"),
            "rim",
            AT_RIM,
            false,
            lay -> lay.at(AT_RIM) - Lay.BEYOND,
            lay -> threaded() ? ThreadPair.lip(lay) : 0),
        WALL,
        new HoleSizes(sizes.lidBore(), RECESS, LID_DEPTH, Optional.empty()),
        new WoodLeft(
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
