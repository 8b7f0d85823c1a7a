package hazelkeep.kinds.goblet;

import static hazelkeep.kinds.goblet.GobletParts.FOOT_TOP;
import static hazelkeep.kinds.goblet.GobletParts.PART;
import static hazelkeep.kinds.goblet.GobletParts.UNDER;

import hazelkeep.element.Built;
import hazelkeep.element.EndWork;
import hazelkeep.element.Lengths.Length;
import hazelkeep.element.RingSteps;
import hazelkeep.element.Side;
import hazelkeep.element.Work;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.hold.OffLathe;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.LinkedHashMap;
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
        (s, x) -> x.usual().round(s, PART),
        p.tenon::cut);
    w.held(
        "outside",
        "Foot tenon in the jaws, tail up",
        Hold.of(jaws, b.shop().live()),
        frames,
        this::outside);
    w.held(
        "bowl",
        "Foot tenon in the jaws",
        Hold.of(jaws),
        frames,
        p.rim.faced("Face the rim", "Cut it clean; the centre's mark goes with it."),
        p.bowl::bore,
        p.bowl::hollow,
        this::finished);
    if (p.rings.any()) {
      rings(w, padded, frame);
    }
    w.held("stem", "Pad in the bowl", padded, frames, this::stem);
    p.end.in(w, new EndWork.Sawn("Pad in the bowl", padded, frame, Line.TURN_NUB));
  }

  /** What is beside the bowl is roughed away, so that a tool comes under it. */
  private void outside(SetupDraft s, Work w) {
    Built b = w.built();
    double to = b.part(PART).surface(Side.NAME).line().first().z();
    HalfSection room = HalfSection.box(to - b.custom(Line.GOBLET_ROOM), to, p.rough(b), b.far());
    s.step(
        "side",
        "Shape the bowl outside",
        "From the rim down to where the stem is left stout: it carries the bowl while that is"
            + " hollowed.",
        Speeds.At.TURNING,
        Acts.both(
                List.of(Acts.remove(PART, room), w.acts().bare(0, PART, Side.NAME)),
                p.read(w, p.side))
            .toArray(Act[]::new));
  }

  /**
   * The rings while the stem is stout: turned, slotted, sanded and finished outside, then freed one
   * after the other; their inside by hand.
   */
  private void rings(Work w, Hold padded, Frame frame) {
    Built b = w.built();
    Map<String, Frame> all = new LinkedHashMap<>();
    Map<String, Frame> loose = new LinkedHashMap<>();
    all.put(PART, frame);
    p.rings
        .rings()
        .forEach(
            r -> {
              all.put(r.name(), frame);
              loose.put(r.name(), Work.FLAT);
            });
    double low = b.part(PART).surface(FOOT_TOP).line().last().z();
    double high = b.part(PART).surface(Side.NAME).line().first().z();
    HalfSection zone =
        HalfSection.box(low, high, p.rings.cut(b).outer(), b.far()).minus(b.part(PART).target());
    w.held(
        "rings",
        "Pad in the bowl, rings",
        padded,
        all,
        (s, x) -> RingSteps.shaped(p.rings, Acts.remove(PART, zone), s, x),
        (s, x) -> RingSteps.freed(p.rings, PART, s, x));
    w.held(
        "rings by hand",
        "The free rings",
        Hold.of(new OffLathe()),
        loose,
        (s, x) -> RingSteps.rounded(p.rings, s, x));
  }

  private void finished(SetupDraft s, Work w) {
    s.step(
        "finish bowl",
        "Sand and finish the bowl",
        "Inside, rim and outside through the grits, then the finish: once the stem is thin nothing"
            + " presses on the bowl any more.",
        Speeds.At.SANDING,
        w.acts().treat(PART, "inside", "rim", Side.NAME).toArray(Act[]::new));
  }

  /** Length by length, each whole before the next; the foot's top with the last of them. */
  private void stem(SetupDraft s, Work w) {
    List<Length> lengths = p.stem.of(w.built());
    List<Act.Read> reads = p.read(w, p.stem);
    for (int i = 0; i < lengths.size(); i++) {
      List<String> names = new ArrayList<>();
      if (i == 0) {
        names.add(UNDER);
      }
      names.add(lengths.get(i).name());
      String[] on = names.toArray(String[]::new);
      s.step(
          lengths.get(i).name(),
          i == 0 ? "Bring the bowl into the stem" : "The next length of the stem",
          "Light cuts towards the foot; sand and finish it before you go on. Never back to a thin"
              + " place.",
          Speeds.At.TURNING,
          Acts.both(
                  Acts.both(List.of(w.acts().bare(0, PART, on)), w.acts().treat(PART, on)),
                  i == lengths.size() - 1 ? reads : List.of())
              .toArray(Act[]::new));
    }
    s.step(
        FOOT_TOP,
        "Shape the top of the foot",
        "From its edge into the stem, then sand and finish it.",
        Speeds.At.TURNING,
        Acts.both(
                Acts.both(
                    List.of(w.acts().bare(0, PART, FOOT_TOP)), w.acts().treat(PART, FOOT_TOP)),
                p.read(w, p.footTop))
            .toArray(Act[]::new));
  }
}
