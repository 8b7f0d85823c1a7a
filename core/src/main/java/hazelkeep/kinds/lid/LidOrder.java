package hazelkeep.kinds.lid;

import static hazelkeep.kinds.lid.LidParts.LID;
import static hazelkeep.kinds.lid.LidParts.TOP;

import hazelkeep.element.Built;
import hazelkeep.element.Edge;
import hazelkeep.element.Lay;
import hazelkeep.element.Side;
import hazelkeep.element.Spigot;
import hazelkeep.element.Work;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.JamChuck;
import hazelkeep.measure.Wording;
import hazelkeep.piece.EndHolds;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import java.util.Map;

/**
 * The order of work on a lid: by a tenon at its top its underside is hollowed, seat and lip are
 * fitted to the vessel itself and its edge is turned; reversed on its lip the dome.
 *
 * @param p its parts
 */
record LidOrder(FittedLid d, LidParts p) {
  /** Puts its holds and steps in order. */
  void in(Work w) {
    Built b = w.built();
    w.held(
        "centres",
        "Between centres",
        Hold.of(new Centres()),
        Map.of(LID, Work.FLAT),
        (s, x) -> x.usual().round(s, LID),
        p.tenon::cut);
    w.held(
        "underside",
        "Top tenon in the jaws",
        Hold.of(p.tenon.squeeze(b)),
        Map.of(LID, p.tenon.frame(b)),
        this::face,
        p.hollow::hollow,
        this::lip,
        this::inside);
    EndHolds.Mount on = mount(b);
    Map<String, Frame> reversed = Map.of(LID, on.frame());
    w.held(
        "top, tail up",
        "Reversed, tail up",
        Hold.of(on.grip(), b.shop().pad()),
        reversed,
        this::rough);
    w.held("top", "Reversed", Hold.of(on.grip()), reversed, this::top);
  }

  /** How it is held by its lip, or what stands in the way. */
  EndHolds.Mount mount(Built b) {
    double end = b.at(Edge.from(Spigot.LENGTH));
    EndHolds.Half half =
        new EndHolds.Half(
            LID,
            p.hollow.on().name(),
            b.mm(p.hollow.diameter()),
            b.mm(Spigot.LENGTH),
            b.mm(p.hollow.depth()),
            b.mm(Spigot.DIAMETER),
            end,
            false);
    EndHolds.Mount out =
        new EndHolds(b.aim().wood(LID), d.jamWood(), d.paper(), b.shop())
            .mount(
                d.topBy(),
                half.on(b.part(LID).target(), b.shop().practice()),
                b.at(Edge.to(Spigot.LENGTH)));
    return out.grip() instanceof JamChuck j
        ? new EndHolds.Mount(under(b, j), out.frame(), out.missing())
        : out;
  }

  /** A chuck that stays clear of the edge, so that this can be turned and sanded beside it. */
  private static JamChuck under(Built b, JamChuck j) {
    double edge = b.mm(LidSizes.EDGE) / 2 - b.custom(Line.LID_CHUCK_CLEAR);
    double least = b.mm(Spigot.DIAMETER) / 2 + b.custom(Line.HOLD_CUP_WALL) / CUP_SHARE;
    double clear = Math.max(edge, least);
    HalfSection past = HalfSection.box(-HalfSection.FAR, HalfSection.FAR, clear, HalfSection.FAR);
    return new JamChuck(j.part(), j.seat(), j.chuck().minus(past), j.wood(), j.paper(), j.kept());
  }

  /** Of the usual wall of a cup, what is left under a narrow edge at least: it holds light cuts. */
  private static final double CUP_SHARE = 4;

  private void lip(SetupDraft s, Work w) {
    s.step(
        "lip",
        Wording.of("lidOrder.seat-and-lip-to-the"),
        Wording.of("lidOrder.sink-the-seat-a-hair"),
        Speeds.At.TURNING,
        w.acts().bare(0, LID, "shoulder", p.lip.on().name()),
        w.fit(Spigot.DIAMETER, "on the lip"),
        new Act.Try("closure", false));
  }

  private void face(SetupDraft s, Work w) {
    s.step(
        "face",
        "Face the underside",
        Wording.of("lidOrder.cut-it-clean-depths-are"),
        Speeds.At.TURNING,
        w.acts().bare(0, LID, "spigot end"));
  }

  private void inside(SetupDraft s, Work w) {
    s.step(
        "finish inside",
        "Sand and finish the underside",
        Wording.of("lidOrder.through-the-grits-then-the"),
        Speeds.At.SANDING,
        w.acts().treat(LID, p.hollow.on().name()));
  }

  /** What is over the top goes, but for a nub under the pad. */
  private void rough(SetupDraft s, Work w) {
    Built b = w.built();
    HalfSection zone = b.part(LID).surface(TOP.name()).zone();
    HalfSection nub =
        HalfSection.box(
            b.at(Edge.from(LidSizes.HEIGHT)), b.length() + Lay.BEYOND, 0, b.shop().pad().radius());
    s.step(
        "rough",
        "Rough the top",
        Wording.of("lidOrder.turn-the-tenon-and-the"),
        Speeds.At.TURNING,
        Acts.remove(LID, zone.minus(nub)));
  }

  private void top(SetupDraft s, Work w) {
    s.step(
        "edge",
        "Turn edge and dome",
        Wording.of("lidOrder.the-edge-first-in-line"),
        Speeds.At.TURNING,
        w.acts().bare(0, LID, Side.NAME, TOP.name()),
        w.turned(LidSizes.EDGE, "where it sits"));
    s.step(
        "finish top",
        "Sand and finish the top",
        Wording.of("any.through-the-grits-then-the"),
        Speeds.At.SANDING,
        w.acts().treat(LID, Side.NAME, TOP.name()));
  }
}
