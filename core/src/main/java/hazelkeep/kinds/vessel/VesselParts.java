package hazelkeep.kinds.vessel;

import static hazelkeep.kinds.vessel.VesselSizes.BELLY_AT;
import static hazelkeep.kinds.vessel.VesselSizes.BORE;
import static hazelkeep.kinds.vessel.VesselSizes.DEPTH;
import static hazelkeep.kinds.vessel.VesselSizes.FLOOR;
import static hazelkeep.kinds.vessel.VesselSizes.FOOT;
import static hazelkeep.kinds.vessel.VesselSizes.HEIGHT;
import static hazelkeep.kinds.vessel.VesselSizes.NARROW;
import static hazelkeep.kinds.vessel.VesselSizes.NARROW_DEPTH;
import static hazelkeep.kinds.vessel.VesselSizes.NECK;
import static hazelkeep.kinds.vessel.VesselSizes.NECK_AT;
import static hazelkeep.kinds.vessel.VesselSizes.RIM;
import static hazelkeep.kinds.vessel.VesselSizes.WALL;
import static hazelkeep.kinds.vessel.VesselSizes.WIDEST;

import hazelkeep.element.Along;
import hazelkeep.element.Bend;
import hazelkeep.element.Built;
import hazelkeep.element.ChuckTenon;
import hazelkeep.element.DishedFoot;
import hazelkeep.element.Drilled;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.EndWork;
import hazelkeep.element.Face;
import hazelkeep.element.Flare;
import hazelkeep.element.GoesIn;
import hazelkeep.element.HolePlace;
import hazelkeep.element.HoleSizes;
import hazelkeep.element.Hollowed;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Member;
import hazelkeep.element.OpenOrder;
import hazelkeep.element.Rise;
import hazelkeep.element.Side;
import hazelkeep.element.Spare;
import hazelkeep.element.Station;
import hazelkeep.element.Stock;
import hazelkeep.element.WoodLeft;
import hazelkeep.finding.Entry;
import hazelkeep.kinds.vessel.BoredVessel.Form;
import hazelkeep.measure.Wording;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A vessel that is bored, or hollowed through its mouth: what it is put together from. */
final class VesselParts {
  static final String BODY = "vessel";

  private static final Edge AT_FOOT = Edge.from(HEIGHT);
  private static final Edge AT_RIM = Edge.to(HEIGHT);

  private final BoredVessel d;
  private final Stock stock;
  private final VesselSizes sizes;
  private final ChuckTenon footTenon;
  private final ChuckTenon rimTenon;
  private final Side side;
  private final DishedFoot foot;
  private final Flare flare;
  private final Face rim;
  private final Drilled bore;
  private final EndWork end;

  VesselParts(BoredVessel d) {
    this.d = d;
    this.stock =
        new Stock(
            d.blank(),
            List.of(RIM, WIDEST, FOOT),
            Stock.Round.leaving(Line.TURN_VESSEL_SPARE),
            Wording.of("vesselParts.a-shallower-bore-or-a"),
            List.of(DEPTH, HEIGHT),
            Line.WALL_VESSEL);
    this.sizes = new VesselSizes(d, stock);
    ChuckTenon low = ChuckTenon.at(BODY, "foot", true).stout(HEIGHT);
    ChuckTenon high = ChuckTenon.at(BODY, "rim", false);
    this.footTenon = d.recessed() ? low.without(Wording.of("any.none-a-recess-holds-the")) : low;
    this.rimTenon =
        d.recessed() ? high : high.without(Wording.of("vesselParts.none-the-foots-tenon-holds"));
    this.side = side();
    this.foot =
        new DishedFoot(
            on("foot"),
            AT_FOOT,
            side,
            FOOT,
            DishedFoot.By.recessed(d.recessed(), Line.VESSEL_FOOT_HOLLOW),
            b -> over(b));
    this.flare = new Flare(on("flare"), AT_RIM, BORE, sizes::flare, List.of(RIM, WIDEST));
    this.rim = new Face(on("rim"), Role.SHOW, AT_RIM, true, side, flare::mouth);
    this.bore = bore();
    this.end = new EndWork(on("foot"), d.footBy(), d, bore, Optional.empty());
  }

  private static SurfaceId on(String surface) {
    return new SurfaceId(BODY, surface);
  }

  Make make() {
    Along along =
        new Along()
            .then(Spare.facing("foot", "Facing at the foot", 60, Line.STOCK_FACE))
            .then(footTenon)
            .then(Spare.waste("foot", this::waste))
            .kept(HEIGHT, BODY)
            .then(Spare.facing("rim", "Facing of the rim", 60, Line.VESSEL_FACE_RIM))
            .then(rimTenon);
    ChuckTenon tenon = d.recessed() ? rimTenon : footTenon;
    Member body =
        new Member(
            BODY,
            List.of(flare, foot, side, rim, bore, tenon, end),
            WALLS,
            Optional.of(bore::walls),
            AT_FOOT,
            Optional.empty());
    return new Make(
        stock, along, List.of(body), goesIn(), List.of(), List.of(Set.of(FLOOR, HEIGHT)));
  }

  private static final List<Line> WALLS =
      List.of(
          Line.WALL_VESSEL,
          Line.WALL_VESSEL_RIM,
          Line.WALL_VESSEL,
          Line.WALL_VESSEL_FLOOR,
          Line.WALL_VESSEL);

  private Rule.Value waste(Dims<?> x) {
    return d.recessed()
        ? Rule.Value.derived(0, Wording.of("any.none-the-foot-is-finished"))
        : Spare.parting(x);
  }

  private List<Element> goesIn() {
    return d
        .content()
        .<Element>map(
            c ->
                new GoesIn(
                    c.diameter(),
                    c.height(),
                    c.proud(),
                    c.bundle(),
                    BORE,
                    BODY,
                    Optional.empty(),
                    Line.CONTENT_VESSEL))
        .stream()
        .toList();
  }

  /** The order of its work. */
  OpenOrder order() {
    String shaping =
        d.necked()
            ? Wording.of("vesselParts.belly-first-then-the-neck")
            : Wording.of("vesselParts.one-clean-line-from-foot");
    return new OpenOrder(footTenon, rimTenon, foot, bore, rim, flare, end, shaping);
  }

  private static final double MIDDLE = 0.5;

  private Side side() {
    Station low = Station.of(FOOT, "foot", lay -> 0, Station.Reads.FIRST);
    Station high = Station.of(RIM, "rim", lay -> 1, Station.Reads.LAST);
    boolean bellied = d.form() == Form.BELLIED || d.necked();
    Station wide =
        bellied
            ? Station.at(WIDEST, "belly", BELLY_AT, HEIGHT, Station.Reads.WIDEST).plain()
            : Station.of(WIDEST, "widest", lay -> MIDDLE, Station.Reads.WIDEST).plain();
    Station neck = Station.at(NECK, "neck", NECK_AT, HEIGHT, Station.Reads.NARROWEST);
    List<Station> places =
        switch (d.form()) {
          case STRAIGHT -> List.of(low.drawnBy(WIDEST), high.drawnBy(WIDEST));
          case TAPER -> List.of(low, high);
          case BELLIED -> List.of(low, wide, high);
          case NECKED -> List.of(low, wide, neck, high);
        };
    boolean along = places.contains(wide);
    return new Side(
        on("side"),
        Rise.whole(HEIGHT, "height", along ? Bend.SMOOTH : Bend.STRAIGHT),
        sizes.outside(),
        places,
        along ? Optional.empty() : Optional.of(wide),
        Optional.of(b -> walls(b)));
  }

  private double over(Built b) {
    return bore.spare(b);
  }

  private BoreWalls walls(Built b) {
    return bore.walls(b);
  }

  private Drilled bore() {
    HolePlace place =
        new HolePlace(
            "bore", on("inside"), "rim", AT_RIM, true, lay -> lay.length() + CLEAR, Flare::deep);
    WoodLeft left =
        new WoodLeft(
            Line.WALL_VESSEL,
            Line.WALL_VESSEL_FLOOR,
            Entry.FLOOR_THIN,
            lay -> lay.at(AT_RIM) - lay.custom(Line.WALL_VESSEL) - Flare.deep(lay),
            lay -> lay.at(AT_FOOT) + lay.mm(DishedFoot.HOLLOW),
            FLOOR,
            AT_FOOT,
            d.necked() ? List.of(NECK) : List.of());
    Optional<HoleSizes.Narrow> narrow =
        d.rigged() ? Optional.empty() : Optional.of(new HoleSizes.Narrow(NARROW, NARROW_DEPTH));
    HoleSizes s = new HoleSizes(sizes.bore(), BORE, DEPTH, narrow);
    return d.rigged()
        ? new Hollowed(place, s, left, side, WALL, this::opensUnder)
        : new Drilled(place, s, left);
  }

  /** From where a bit comes, mm in front of the blank. */
  private static final double CLEAR = 1;

  /** Above a neck the outside flares out again; the hollow begins below it. */
  private double opensUnder(Lay lay) {
    return d.necked() ? lay.at(AT_FOOT) + lay.mm(NECK_AT) : lay.at(AT_RIM) - Flare.deep(lay);
  }
}
