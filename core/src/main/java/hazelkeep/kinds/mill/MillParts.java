package hazelkeep.kinds.mill;

import static hazelkeep.kinds.mill.MillSizes.BODY_HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.BORE;
import static hazelkeep.kinds.mill.MillSizes.DOME;
import static hazelkeep.kinds.mill.MillSizes.DRIVE;
import static hazelkeep.kinds.mill.MillSizes.DRIVE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.FOOT;
import static hazelkeep.kinds.mill.MillSizes.FROM_FOOT;
import static hazelkeep.kinds.mill.MillSizes.FROM_MOUTH;
import static hazelkeep.kinds.mill.MillSizes.HEAD_HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.HEIGHT;
import static hazelkeep.kinds.mill.MillSizes.HOLE;
import static hazelkeep.kinds.mill.MillSizes.HOLE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.JOIN;
import static hazelkeep.kinds.mill.MillSizes.PLATE;
import static hazelkeep.kinds.mill.MillSizes.PLATE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.RECESS;
import static hazelkeep.kinds.mill.MillSizes.RECESS_DEEP;
import static hazelkeep.kinds.mill.MillSizes.RING;
import static hazelkeep.kinds.mill.MillSizes.RING_DEEP;
import static hazelkeep.kinds.mill.MillSizes.TOP;
import static hazelkeep.kinds.mill.MillSizes.WAIST;
import static hazelkeep.kinds.mill.MillSizes.WAIST_AT;

import hazelkeep.element.Along;
import hazelkeep.element.Bend;
import hazelkeep.element.Cap;
import hazelkeep.element.ChuckTenon;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.Face;
import hazelkeep.element.Lay;
import hazelkeep.element.Make;
import hazelkeep.element.Member;
import hazelkeep.element.Rise;
import hazelkeep.element.SaltHoles;
import hazelkeep.element.Side;
import hazelkeep.element.Socket;
import hazelkeep.element.Spare;
import hazelkeep.element.Spigot;
import hazelkeep.element.Station;
import hazelkeep.element.Stock;
import hazelkeep.element.ThroughBore;
import hazelkeep.element.Whole;
import hazelkeep.kinds.mill.Mill.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;

/** A mill or a shaker: what it is put together from. */
final class MillParts {
  static final String BODY = "body";
  static final String HEAD = "head";

  private static final Edge AT_FOOT = Edge.from(BODY_HEIGHT);
  private static final Edge AT_MOUTH = Edge.to(BODY_HEIGHT);
  private static final Spigot.Shown SHOWN = new Spigot.Shown("tenon", false, false);
  private static final Edge AT_SHOULDER = Edge.from(HEAD_HEIGHT);
  private static final Edge AT_TOP = Edge.to(HEAD_HEIGHT);

  private final Mill d;
  private final Stock stock;
  private final MillSizes sizes;
  final Spare kerf = Spare.kerf();
  private final Spare faceMouth =
      Spare.facing("mouth", "Facing of the mouth", 20, Line.STOCK_FACE_RIM);
  private final Spare faceHead =
      Spare.facing("spigot", "Facing of the head", 20, Line.STOCK_FACE_SPIGOT);
  final ChuckTenon footTenon = ChuckTenon.at(BODY, "foot", true).bored(BORE).called("foot tenon");
  final ChuckTenon mouthTenon;
  final ChuckTenon topTenon = ChuckTenon.at(HEAD, "top", false);
  final ThroughBore bore;
  final Socket socket;
  final Spigot spigot;
  final SaltHoles holes;
  final Face foot;
  final Face end;
  private final Side bodySide;
  private final Side headSide;

  MillParts(Mill d) {
    this.d = d;
    ChuckTenon mouth = ChuckTenon.at(BODY, "mouth", false).bored(BORE);
    this.mouthTenon = d.onBody() ? mouth.on(Spigot.END) : mouth;
    this.stock =
        new Stock(
            d.blank(),
            List.of(FOOT, WAIST, JOIN, TOP),
            Stock.Round.leaving(Line.TURN_MILL_SPARE),
            Wording.of("millParts.a-shorter-shaft-or-a"),
            List.of(HEIGHT),
            Line.WALL_MILL);
    this.sizes =
        new MillSizes(
            d,
            stock,
            d.onBody()
                ? List.of(BODY_HEIGHT, Spigot.LENGTH, faceMouth.key(), mouthTenon.length())
                : List.of(BODY_HEIGHT, faceMouth.key(), mouthTenon.length()));
    this.bore = bore();
    this.bodySide = bodySide();
    this.headSide = headSide();
    this.foot =
        new Face(new SurfaceId(BODY, "foot"), Role.SHOW, AT_FOOT, false, bodySide, bore::opening);
    this.socket =
        new Socket(
            HEAD,
            new Socket.Keys(
                sizes.head(),
                d.onBody() ? Optional.of(new Socket.Mouth(RECESS, RECESS_DEEP)) : Optional.empty(),
                DRIVE,
                DRIVE_DEEP,
                HOLE,
                HOLE_DEEP),
            d.onBody() ? AT_SHOULDER : Edge.from(Spigot.LENGTH),
            AT_TOP,
            d.grinds() ? Line.WALL_MILL_ROOF : Line.WALL_SHAKER_ROOF);
    this.end = end();
    this.spigot = d.onBody() ? tenon(true) : tenon(false);
    this.holes = new SaltHoles(HEAD, d.holes(), sizes.holes(), DRIVE, AT_TOP);
  }

  /** The flat end of the half that is bored for the tenon. */
  private Face end() {
    return d.onBody()
        ? new Face(
            new SurfaceId(HEAD, "rim"), Role.MEET, AT_SHOULDER, false, headSide, socket::opening)
        : new Face(
            new SurfaceId(BODY, "mouth"),
            Role.MEET,
            AT_MOUTH,
            true,
            bodySide,
            lay -> lay.mm(BORE) / 2);
  }

  /** The tenon of the head, or of the body, which stands up from it. */
  private Spigot tenon(boolean up) {
    SurfaceId on = new SurfaceId(up ? BODY : HEAD, "spigot");
    Edge freed = up ? Edge.to(faceMouth.key()) : Edge.from(faceHead.key());
    Spigot.Mate mate =
        up
            ? new Spigot.Mate(
                new SurfaceId(HEAD, Socket.WALL), RECESS, Optional.of(RECESS_DEEP), on)
            : new Spigot.Mate(new SurfaceId(BODY, ThroughBore.MOUTH), BORE, Optional.empty(), on);
    return new Spigot(
        on,
        sizes.joint(),
        up ? bodySide : headSide,
        new Spigot.Reach(
            up,
            up ? lay -> lay.mm(BORE) / 2 : socket::opening,
            freed,
            freed,
            Optional.empty(),
            SHOWN),
        mate);
  }

  /** The size that is faced off at the mouth. */
  DimKey mouthFacing() {
    return faceMouth.key();
  }

  double footAt(Lay lay) {
    return lay.at(AT_FOOT);
  }

  /** The head's lower end: of its tenon, or its rim. */
  double endAt(Lay lay) {
    return lay.at(socket.end());
  }

  double shoulderAt(Lay lay) {
    return lay.at(AT_SHOULDER);
  }

  double topAt(Lay lay) {
    return lay.at(AT_TOP);
  }

  Make make() {
    Whole whole = Whole.of(sizes.whole(), List.of(bodySide, headSide));
    List<Element> others =
        List.of(whole, new MillShaft(sizes.shaft(), HEAD, AT_TOP, whole.read()), holes);
    return new Make(
        stock, along(), List.of(body(), head()), others, spigot.joint(d.fit()), List.of());
  }

  private Along along() {
    Along along =
        new Along()
            .then(Spare.facing("foot", "Facing at the foot", 60, Line.STOCK_FACE))
            .then(footTenon)
            .then(Spare.waste("foot", Spare.by(Line.MILL_WASTE_FOOT)))
            .kept(BODY_HEIGHT, BODY);
    if (d.onBody()) {
      along.kept(Spigot.LENGTH, "body's tenon");
    }
    along.then(faceMouth).then(mouthTenon).then(kerf).then(faceHead);
    if (!d.onBody()) {
      along.kept(Spigot.LENGTH, "head's tenon");
    }
    return along
        .kept(HEAD_HEIGHT, HEAD)
        .then(Spare.waste("top", Spare.by(Line.MILL_WASTE_TOP)))
        .then(topTenon)
        .then(Spare.facing("top", "Facing at the top", 60, Line.STOCK_FACE));
  }

  private Member body() {
    return new Member(
        BODY,
        List.of(foot, bodySide, d.onBody() ? spigot : end, bore, footTenon, mouthTenon),
        List.of(
            Line.WALL_MILL,
            Line.WALL_MILL_RIM,
            Line.WALL_MILL_RIM,
            Line.WALL_MILL_RIM,
            Line.WALL_MILL_RIM),
        Optional.of(bore::walls),
        AT_FOOT,
        Optional.empty());
  }

  private Member head() {
    Cap cap =
        new Cap(
            new SurfaceId(HEAD, "top"), sizes.dome(), headSide, AT_TOP, lay -> lay.mm(HOLE) / 2);
    return new Member(
        HEAD,
        List.of(socket, d.onBody() ? end : spigot, headSide, cap, topTenon),
        List.of(
            Line.WALL_MILL_CORNER,
            Line.WALL_MILL_TENON,
            Line.WALL_MILL_TENON,
            Line.WALL_MILL_CORNER,
            Line.WALL_MILL_CORNER),
        Optional.empty(),
        AT_SHOULDER,
        Optional.of(AT_MOUTH));
  }

  private ThroughBore bore() {
    return new ThroughBore(
        BODY,
        new ThroughBore.Keys(
            sizes.body(),
            BORE,
            FROM_FOOT,
            FROM_MOUTH,
            List.of(
                new ThroughBore.Seat(PLATE, PLATE_DEEP, "plate"),
                new ThroughBore.Seat(RING, RING_DEEP, "seat"))),
        new ThroughBore.Ends(
            AT_FOOT,
            d.onBody() ? Edge.to(Spigot.LENGTH) : AT_MOUTH,
            Edge.to(mouthTenon.length()),
            !d.onBody()),
        FOOT,
        Line.WALL_MILL,
        d.grinds()
            ? Wording.of("millParts.neither-mouth-is-seen-the")
            : Wording.of("millParts.the-stopper-covers-the-foots"));
  }

  private Side bodySide() {
    Station low = Station.of(FOOT, "foot", lay -> 0, Station.Reads.FIRST);
    Station waist = Station.at(WAIST, "waist", WAIST_AT, BODY_HEIGHT, Station.Reads.HERE);
    Station high = Station.of(JOIN, "under the head", lay -> 1, Station.Reads.LAST).plain();
    boolean straight = d.form() == Form.STRAIGHT;
    return new Side(
        new SurfaceId(BODY, "side"),
        Rise.whole(BODY_HEIGHT, BODY, straight ? Bend.STRAIGHT : Bend.SMOOTH),
        sizes.bodySide(),
        straight ? List.of(low, high) : List.of(low, waist, high),
        Optional.empty(),
        Optional.of(b -> bore.walls(b)));
  }

  private Side headSide() {
    Station low =
        Station.of(JOIN, "join", lay -> 0, Station.Reads.FIRST).hiddenIf(true).stillIf(true);
    Station high = Station.of(TOP, HEAD, lay -> 1, Station.Reads.LAST);
    return new Side(
        new SurfaceId(HEAD, "side"),
        Rise.under(DOME, HEAD_HEIGHT, HEAD, Bend.STRAIGHT),
        sizes.headSide(),
        List.of(low, high),
        Optional.empty(),
        Optional.empty());
  }
}
