package hazelkeep.kinds.mill;

import static hazelkeep.kinds.mill.MillParts.BODY;
import static hazelkeep.kinds.mill.MillParts.HEAD;
import static hazelkeep.kinds.mill.MillSizes.BORE;
import static hazelkeep.kinds.mill.MillSizes.DRIVE;
import static hazelkeep.kinds.mill.MillSizes.DRIVE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.HOLE;
import static hazelkeep.kinds.mill.MillSizes.PLATE;
import static hazelkeep.kinds.mill.MillSizes.PLATE_DEEP;
import static hazelkeep.kinds.mill.MillSizes.RECESS;
import static hazelkeep.kinds.mill.MillSizes.RECESS_DEEP;
import static hazelkeep.kinds.mill.MillSizes.RING;
import static hazelkeep.kinds.mill.MillSizes.RING_DEEP;

import hazelkeep.element.Built;
import hazelkeep.element.EndWork;
import hazelkeep.element.Lay;
import hazelkeep.element.Opening;
import hazelkeep.element.Socket;
import hazelkeep.element.Spigot;
import hazelkeep.element.Work;
import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.measure.Wording;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How a mill or shaker is made: the body is bored from its mouth on its foot tenon, reversed on the
 * tenon at its mouth and bored from the foot until the bores meet, shaped there between jaws and
 * cone; its mouth comes last. The head is bored and its tenon fitted to the body, then its top.
 */
final class MillOrder {
  private static final SurfaceId TOP_OF_HEAD = new SurfaceId(HEAD, "top");

  private final Mill design;
  private final Work w;

  MillOrder(Mill design, Work w) {
    this.design = design;
    this.w = w;
  }

  /** Puts all holds and steps in order. */
  void put() {
    MillParts m = new MillParts(design);
    Built b = w.built();
    Map<String, Frame> onFoot = Map.of(BODY, m.footTenon.frame(b));
    Map<String, Frame> onMouth = Map.of(BODY, m.mouthTenon.frame(b));
    Centre cone = b.shop().centre(Centre.Form.CONE).orElseGet(b.shop()::live);
    new Opening(m.footTenon, m.topTenon, m.kerf, HEAD)
        .in(w, m.mouthTenon.cutBetween(Wording.of("millOrder.a-third-tenon-between-body")));
    w.held(
        "from the mouth",
        "Body on its foot tenon",
        Hold.of(m.footTenon.squeeze(b)),
        onFoot,
        m.bore::fromMouth);
    w.held(
        "from the foot",
        Wording.of("millOrder.reversed-body-on-the-tenon"),
        Hold.of(m.mouthTenon.squeeze(b)),
        onMouth,
        m.foot.faced("Face the foot", Wording.of("millOrder.turn-the-foots-tenon-away")),
        m.bore::fromFoot,
        m.bore::open,
        m.foot.finished(
            "sand foot",
            "Sand and finish the foot",
            Wording.of("millOrder.through-the-grits-then-the")));
    w.held(
        "outside",
        Wording.of("millOrder.body-on-the-tenon-at"),
        Hold.of(m.mouthTenon.squeeze(b), cone),
        onMouth,
        MillOrder::outside);
    // The half that is bored for the tenon comes first: the tenon is turned to it.
    if (design.onBody()) {
      boredHead(m, w);
      mouth(mouthHold(design, b), cone, m);
    } else {
      mouth(mouthHold(design, b), cone, m);
      head(m, w);
    }
    top(design, m, w);
    w.held(
        "bench",
        "On the bench",
        Hold.of(new OffLathe()),
        both(Work.FLAT),
        m.holes::drill,
        MillOrder::assemble);
  }

  private static void outside(SetupDraft s, Work w) {
    s.step(
        "side",
        "Shape the body",
        Wording.of("millOrder.keep-off-the-wood-that"),
        Speeds.At.TURNING,
        w.acts().bare(0, BODY, "side"));
    s.step(
        "finish",
        "Sand and finish the body",
        Wording.of("any.through-the-grits-then-the"),
        Speeds.At.SANDING,
        w.acts().treat(BODY, "side"));
  }

  private void mouth(EndHolds.Mount mount, Centre cone, MillParts m) {
    w.held(
        "mouth",
        Wording.of("millOrder.body-by-its-foot-cone"),
        Hold.of(mount.grip(), cone),
        Map.of(BODY, mount.frame()),
        design.onBody() ? (s, x) -> bodyTenon(m, s) : this::mouth);
  }

  private void mouth(SetupDraft s, Work x) {
    double within = x.built().custom(Line.READ_SEAT);
    String calipers = x.built().shop().caliper().name();
    s.step(
        "mouth",
        Wording.of("millOrder.turn-the-tenon-at-the"),
        Wording.of("millOrder.light-cuts-face-the-mouth"),
        Speeds.At.TURNING,
        x.acts().bare(0, BODY, "mouth"),
        Acts.read(BORE, calipers, "inside the mouth", within, within));
  }

  private void bodyTenon(MillParts m, SetupDraft s) {
    s.step(
        "mouth",
        "Turn the chuck's tenon away",
        Wording.of("millOrder.light-cuts-down-to-the"),
        Speeds.At.TURNING,
        w.acts().bare(0, BODY, Spigot.END));
    fitted(
        s,
        BODY,
        Wording.of("millOrder.turn-the-bodys-tenon-to"),
        Wording.of("millOrder.draw-the-cone-back-for", turns(m)));
  }

  private void fitted(SetupDraft s, String part, String title, String words) {
    s.step(
        "tenon",
        title,
        words,
        Speeds.At.TURNING,
        w.acts().bare(0, part, "shoulder", "spigot"),
        w.fit(Spigot.DIAMETER, "on the tenon"),
        new Act.Try("closure", false));
  }

  private String turns(MillParts m) {
    return m.socket.pierced(w.built())
        ? Wording.of("millOrder.it-has-to-turn-freely")
        : Wording.of("millOrder.grain-lines-together");
  }

  private void boredHead(MillParts m, Work w) {
    w.held(
        "head",
        "Head on its tenon",
        Hold.of(m.topTenon.squeeze(w.built())),
        Map.of(HEAD, m.topTenon.frame(w.built())),
        m.end.faced("Face the head's rim", Wording.of("millOrder.clean-and-a-hair-hollow")),
        m.socket::bore,
        m.socket::open,
        m.socket::measure);
  }

  private void head(MillParts m, Work w) {
    w.held(
        "head",
        "Head on its tenon",
        Hold.of(m.topTenon.squeeze(w.built())),
        Map.of(HEAD, m.topTenon.frame(w.built())),
        (s, x) ->
            s.step(
                "face",
                "Face the head",
                Wording.of("millOrder.face-the-end-of-its"),
                Speeds.At.TURNING,
                x.acts().bare(0, HEAD, "spigot end")),
        m.socket::bore,
        m.socket::open,
        (s, x) ->
            fitted(
                s,
                HEAD,
                Wording.of("millOrder.turn-the-heads-tenon-to"),
                Wording.of("millOrder.sneak-up-on-it-with", turns(m))));
  }

  private static void top(Mill d, MillParts m, Work w) {
    Built b = w.built();
    EndHolds.Mount mount = topHold(d, b);
    Map<String, Frame> frame = Map.of(HEAD, mount.frame());
    HalfSection nub =
        HalfSection.box(m.shoulderAt(b), b.length() + Lay.BEYOND, 0, b.shop().pad().radius());
    String by = d.onBody() ? "Head by its recess" : "Head by its own tenon";
    w.held(
        "top, tail up",
        by + ", tail up",
        Hold.of(mount.grip(), b.shop().pad()),
        frame,
        (s, x) ->
            s.step(
                "bulk",
                "Shape the head",
                Wording.of("millOrder.side-and-dome-in-one"),
                Speeds.At.TURNING,
                x.acts().bare(0, HEAD, "side"),
                Acts.remove(HEAD, b.part(HEAD).surface("top").zone().minus(nub))),
        (s, x) ->
            s.step(
                "finish",
                Wording.of("millOrder.sand-and-finish-the-heads"),
                Wording.of("any.through-the-grits-then-the"),
                Speeds.At.SANDING,
                x.acts().treat(HEAD, "side")));
    if (d.topBy() == Finishing.PRESSED) {
      EndWork.byHand(w, TOP_OF_HEAD, Wording.of("millOrder.pare-the-nub-off-sand"));
      return;
    }
    w.held(
        "top",
        by,
        Hold.of(mount.grip()),
        frame,
        (s, x) ->
            s.step(
                "top",
                "Finish the top",
                Wording.of(
                    m.socket.pierced(b)
                        ? "millOrder.the-shafts-hole-opens"
                        : "millOrder.take-the-nub-off-by"),
                Speeds.At.TURNING,
                Acts.both(List.of(x.acts().bare(0, HEAD, "top")), x.acts().treat(HEAD, "top"))));
  }

  private static void assemble(SetupDraft s, Work w) {
    s.step(
        "assemble",
        "Put it together, sign it",
        Wording.of("millOrder.in-the-order-of-the"),
        Speeds.At.TURNING,
        new Act.Mark(BODY, "name, date, species"));
  }

  /** The body held by its foot, so that its mouth can be finished. */
  static EndHolds.Mount mouthHold(Mill d, Built b) {
    double foot = new MillParts(d).footAt(b);
    boolean plate = b.mm(PLATE) > 0 && b.mm(PLATE_DEEP) > 0;
    double deep = b.mm(plate ? PLATE_DEEP : RING_DEEP);
    HalfSection body = b.part(BODY).target();
    double outer = 2 * body.outer(foot + b.custom(Line.HOLD_ROUND_DEPTH) / 2);
    return new EndHolds(b.aim().wood(BODY), d.jamWood(), d.paper(), b.shop())
        .mount(
            d.mouthBy(),
            new EndHolds.Half(
                    BODY, "seats", b.mm(plate ? PLATE : RING), deep, 2 * deep, outer, foot, false)
                .on(body, b.shop().practice()),
            Double.NaN);
  }

  /** The head held by its own tenon or in its recess, so that its top can be finished. */
  static EndHolds.Mount topHold(Mill d, Built b) {
    MillParts m = new MillParts(d);
    EndHolds.Half half = d.onBody() ? inRecess(m, b) : overTenon(m, b);
    return new EndHolds(b.aim().wood(HEAD), d.jamWood(), d.paper(), b.shop())
        .mount(
            d.topBy(),
            half.on(b.part(HEAD).target(), b.shop().practice()),
            d.onBody() ? Double.NaN : m.shoulderAt(b));
  }

  private static EndHolds.Half overTenon(MillParts m, Built b) {
    double drive = b.mm(DRIVE_DEEP);
    double mouth = drive > 0 ? b.mm(DRIVE) : b.mm(HOLE);
    double outer = b.mm(Spigot.DIAMETER);
    return new EndHolds.Half(HEAD, "under", mouth, drive, 2 * drive, outer, m.endAt(b), false);
  }

  private static EndHolds.Half inRecess(MillParts m, Built b) {
    double deep = b.mm(RECESS_DEEP);
    double wide = b.mm(RECESS);
    double rim = m.endAt(b);
    double outer = 2 * b.part(HEAD).target().outer(rim + b.custom(Line.HOLD_ROUND_DEPTH) / 2);
    return new EndHolds.Half(HEAD, Socket.WALL, wide, deep, 2 * deep, outer, rim, false);
  }

  private static Map<String, Frame> both(Frame f) {
    Map<String, Frame> out = new LinkedHashMap<>();
    out.put(BODY, f);
    out.put(HEAD, f);
    return out;
  }
}
