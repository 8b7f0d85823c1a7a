package hazelkeep.kinds.lid;

import hazelkeep.element.Along;
import hazelkeep.element.Bend;
import hazelkeep.element.Built;
import hazelkeep.element.Cap;
import hazelkeep.element.ChuckTenon;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.Make;
import hazelkeep.element.Member;
import hazelkeep.element.Rise;
import hazelkeep.element.Side;
import hazelkeep.element.Spare;
import hazelkeep.element.Spigot;
import hazelkeep.element.Station;
import hazelkeep.element.Stock;
import hazelkeep.element.Whole;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.practice.Line;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;

/** A lid: a lip that goes into a mouth, a seat on its rim, an edge, a dome, a hollow under it. */
final class LidParts {
  static final String LID = "lid";
  static final SurfaceId TOP = new SurfaceId(LID, "top");
  static final SurfaceId LIP = new SurfaceId(LID, "lip");

  private static final Edge AT_SEAT = Edge.from(LidSizes.HEIGHT);
  private static final Edge AT_TOP = Edge.to(LidSizes.HEIGHT);

  private static final List<Line> WALLS =
      List.of(
          Line.WALL_BOX, Line.WALL_BOX_RIM, Line.WALL_BOX_RIM, Line.WALL_BOX, Line.WALL_BOX_CORNER);

  final ChuckTenon tenon = ChuckTenon.at(LID, "top", false);
  final Spigot lip;
  final UnderHollow hollow;
  private final FittedLid d;
  private final LidSizes sizes;
  private final Side side;
  private final Spare face = Spare.facing("foot", "Facing under the lip", 60, Line.STOCK_FACE);

  LidParts(FittedLid d) {
    this.d = d;
    this.sizes = new LidSizes(d);
    this.hollow = new UnderHollow(new SurfaceId(LID, "inside"), sizes.inside(), sizes.depth());
    this.side = side();
    Edge below = Edge.from(face.key());
    this.lip =
        new Spigot(
            LIP,
            sizes.joint(),
            side,
            new Spigot.Reach(
                false,
                lay -> lay.mm(LidSizes.INSIDE) / 2,
                below,
                below,
                Optional.empty(),
                new Spigot.Shown("lip", true, true),
                lay -> lay.mm(LidSizes.SEAT)),
            new Spigot.Mate(Vessel.INSIDE, Vessel.MOUTH, Optional.of(Vessel.DEEP), LIP));
  }

  private Side side() {
    Station seat = Station.of(LidSizes.EDGE, "seat", lay -> 0, Station.Reads.FIRST).plain();
    Station edge = Station.of(LidSizes.TOP, "edge", lay -> 1, Station.Reads.LAST).hiddenIf(true);
    return new Side(
        new SurfaceId(LID, Side.NAME),
        Rise.under(LidSizes.DOME, LidSizes.HEIGHT, LID, Bend.STRAIGHT),
        sizes.side(),
        List.of(seat, edge),
        Optional.empty(),
        Optional.empty());
  }

  /** Its edge is read once it is turned: the stock follows. */
  private static Element read() {
    return new Element() {
      @Override
      public void dimensions(Built b, Dimensions d) {
        d.size(LidSizes.EDGE, new SurfaceId(LID, Side.NAME)).corrects(Feature.Kind.SKIN);
      }
    };
  }

  Make make() {
    Along along =
        new Along()
            .then(face)
            .kept(Spigot.LENGTH, "lip")
            .kept(LidSizes.HEIGHT, LID)
            .then(Spare.waste("top", Spare.by(Line.STOCK_WASTE_TOP)))
            .then(tenon)
            .then(Spare.facing("top", "Facing at the top", 60, Line.STOCK_FACE));
    Cap cap = new Cap(TOP, sizes.dome(), side, AT_TOP, lay -> 0);
    Member lid =
        new Member(
            LID,
            List.of(lip, side, cap, hollow, tenon),
            WALLS,
            Optional.empty(),
            AT_SEAT,
            Optional.empty());
    Whole whole = new Whole(sizes.whole(), s -> s.top(LID) - s.bottom(LID));
    return new Make(
        new Stock(
            d.blank(),
            List.of(LidSizes.EDGE, LidSizes.TOP),
            Stock.Round.leaving(Line.TURN_VESSEL_SPARE),
            Wording.of("lidParts.a-lower-lid-or-a"),
            List.of(LidSizes.HEIGHT),
            Line.WALL_BOX),
        along,
        List.of(lid),
        List.of(whole, read()),
        lip.joint(d.fit()),
        List.of(new Vessel()),
        List.of());
  }
}
