package hazelkeep.kinds.handle;

import static hazelkeep.kinds.handle.HandleParts.BUTT;
import static hazelkeep.kinds.handle.HandleParts.KNOB;
import static hazelkeep.kinds.handle.HandleParts.PART;
import static hazelkeep.kinds.handle.HandleParts.on;

import hazelkeep.element.Built;
import hazelkeep.element.EndWork;
import hazelkeep.element.RingedStem;
import hazelkeep.element.Side;
import hazelkeep.element.Work;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
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
 * The order of work on a handle, the tailstock up to the end: the knob, the rings while the stem is
 * stout, the stem in short lengths towards the headstock, the butt; both ends sawn off clear of the
 * marks of the centres and pared by hand.
 *
 * @param p its parts
 */
record HandleOrder(HandleParts p) {
  /** Puts its holds and steps in order. */
  void in(Work w) {
    Built b = w.built();
    Frame frame = p.tenon.frame(b);
    Map<String, Frame> frames = Map.of(PART, frame);
    Hold held = Hold.of(p.tenon.squeeze(b), b.shop().live());
    w.held(
        "centres",
        "Between centres",
        Hold.of(new Centres()),
        Map.of(PART, Work.FLAT),
        (s, x) -> x.usual().round(s, PART),
        p.tenon::cut);
    w.held(
        "knob", Wording.of("any.foot-tenon-in-the-jaws"), held, frames, this::knob, this::finished);
    if (p.ringed.rings().any()) {
      double low = b.part(PART).surface(Side.NAME).line().last().z();
      double high = b.part(PART).surface(KNOB).line().first().z();
      p.ringed.rings(w, "Tail up, rings", held, frame, low, high);
    }
    w.held(
        "stem",
        "Tail up, the stem",
        held,
        frames,
        (s, x) ->
            p.ringed.lengths(
                s, x, Wording.of("handleOrder.bring-the-knob-into-the"), List.of(RingedStem.UNDER)),
        this::butt,
        this::undercut);
    EndWork.byHand(w, on("crown"), Wording.of("handleOrder.saw-the-nub-off-pare"));
    EndWork.byHand(w, on("foot"), Wording.of("handleOrder.saw-the-tenon-off-pare"));
  }

  /**
   * The knob up to a nub at the tail centre; what is beside it goes, so that a tool comes under.
   */
  private void knob(SetupDraft s, Work w) {
    Built b = w.built();
    double under = b.part(PART).surface(KNOB).line().first().z();
    HalfSection room =
        HalfSection.box(under - b.custom(Line.GOBLET_ROOM), under, p.rough(b), b.far());
    HalfSection over = b.part(PART).surface("crown").zone();
    HalfSection nub = HalfSection.box(under, b.length(), b.custom(Line.HANDLE_NUB), b.far());
    s.step(
        "knob",
        "Shape the knob",
        Wording.of("handleOrder.from-its-widest-down-to"),
        Speeds.At.TURNING,
        Acts.both(
                List.of(
                    Acts.remove(PART, room),
                    w.acts().bare(0, PART, KNOB),
                    Acts.remove(PART, over.and(nub))),
                RingedStem.read(w, p.knob))
            .toArray(Act[]::new));
  }

  private void finished(SetupDraft s, Work w) {
    s.step(
        "finish knob",
        "Sand and finish the knob",
        Wording.of("handleOrder.through-the-grits-then-the"),
        Speeds.At.SANDING,
        w.acts().treat(PART, KNOB).toArray(Act[]::new));
  }

  private void butt(SetupDraft s, Work w) {
    s.step(
        BUTT,
        "Shape the butt",
        Wording.of("handleOrder.from-its-widest-into-the"),
        Speeds.At.TURNING,
        Acts.both(
                Acts.both(
                    List.of(w.acts().bare(0, PART, Side.NAME)), w.acts().treat(PART, Side.NAME)),
                RingedStem.read(w, p.butt))
            .toArray(Act[]::new));
  }

  private void undercut(SetupDraft s, Work w) {
    Built b = w.built();
    HalfSection between = HalfSection.box(p.tenon.frame(b).zero(), b.length(), 0, b.far());
    s.step(
        "undercut",
        "Undercut the end",
        Wording.of("handleOrder.cut-in-behind-the-butt"),
        Speeds.At.PARTING,
        EndWork.undercut(b, on("foot"), between, true));
  }
}
