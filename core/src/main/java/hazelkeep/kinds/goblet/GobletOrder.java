package hazelkeep.kinds.goblet;

import static hazelkeep.kinds.goblet.GobletParts.FOOT_TOP;
import static hazelkeep.kinds.goblet.GobletParts.PART;

import hazelkeep.element.Built;
import hazelkeep.element.EndWork;
import hazelkeep.element.RingedStem;
import hazelkeep.element.Side;
import hazelkeep.element.Work;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import java.util.List;
import java.util.Map;

/**
 * The order of work on a goblet: the bowl outside with the tailstock up, the bowl hollowed while
 * all that carries it is still stout, a pad in the bowl, the stem in short lengths from the bowl to
 * the foot, the foot last.
 *
 * @param p its parts
 */
record GobletOrder(GobletParts p) {
  /** Puts its holds and steps in order. */
  void in(Work w) {
    Built b = w.built();
    InJaws jaws = p.tenon.squeeze(b);
    Frame frame = p.tenon.frame(b);
    Map<String, Frame> frames = Map.of(PART, frame);
    Hold padded = Hold.of(jaws, b.shop().pad());
    w.held(
        "centres",
        "Between centres",
        Hold.of(new Centres()),
        Map.of(PART, Work.FLAT),
        (s, x) -> x.usual().round(s, PART, p.rounded(b)),
        p.tenon::cut);
    w.held(
        "outside",
        Wording.of("any.foot-tenon-in-the-jaws"),
        Hold.of(jaws, b.shop().live()),
        frames,
        this::outside);
    w.held(
        "bowl",
        "Foot tenon in the jaws",
        Hold.of(jaws),
        frames,
        p.rim.faced("Face the rim", Wording.of("gobletOrder.cut-it-clean-the-centres")),
        p.bowl::bore,
        p.bowl::hollow,
        this::finished);
    if (p.rings.any()) {
      rings(w, padded, frame);
    }
    w.held("stem", "Pad in the bowl", padded, frames, this::stem);
    p.end.in(w, new EndWork.Sawn("Pad in the bowl", padded, frame));
  }

  /** What is beside the bowl is roughed away, so that a tool comes under it. */
  private void outside(SetupDraft s, Work w) {
    Built b = w.built();
    double to = b.part(PART).surface(Side.NAME).line().first().z();
    HalfSection room = HalfSection.box(to - b.custom(Line.GOBLET_ROOM), to, p.rough(b), b.far());
    s.step(
        "side",
        "Shape the bowl outside",
        Wording.of("gobletOrder.from-the-rim-down-to"),
        Speeds.At.TURNING,
        Acts.both(
                List.of(Acts.remove(PART, room), w.acts().bare(0, PART, Side.NAME)),
                RingedStem.read(w, p.side))
            .toArray(Act[]::new));
  }

  private void rings(Work w, Hold padded, Frame frame) {
    Built b = w.built();
    double low = b.part(PART).surface(FOOT_TOP).line().last().z();
    double high = b.part(PART).surface(Side.NAME).line().first().z();
    p.ringed.rings(w, "Pad in the bowl, rings", padded, frame, low, high);
  }

  private void finished(SetupDraft s, Work w) {
    s.step(
        "finish bowl",
        "Sand and finish the bowl",
        Wording.of("gobletOrder.inside-rim-and-outside-through"),
        Speeds.At.SANDING,
        w.acts().treat(PART, "inside", "rim", Side.NAME).toArray(Act[]::new));
  }

  /** Length by length; the foot's top with the last of them. */
  private void stem(SetupDraft s, Work w) {
    p.ringed.lengths(
        s, w, Wording.of("gobletOrder.bring-the-bowl-into-the"), List.of(RingedStem.UNDER));
    s.step(
        FOOT_TOP,
        Wording.of("gobletOrder.shape-the-top-of-the"),
        Wording.of("gobletOrder.from-its-edge-into-the"),
        Speeds.At.TURNING,
        Acts.both(
                Acts.both(
                    List.of(w.acts().bare(0, PART, FOOT_TOP)), w.acts().treat(PART, FOOT_TOP)),
                RingedStem.read(w, p.footTop))
            .toArray(Act[]::new));
  }
}
