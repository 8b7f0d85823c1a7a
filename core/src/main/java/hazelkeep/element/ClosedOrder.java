package hazelkeep.element;

import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Finishing;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The order of work on a bored body with a bored lid. The lid is bored first and measured; the body
 * is bored, and its spigot turned to the lid until it jams; closed, both are shaped in one line;
 * then the fit is eased, and the foot comes last.
 *
 * @param opening how the work begins, with the tenons at the body's foot and the lid's top
 * @param lid the lid's rim and bore
 * @param body the body's spigot and bore
 * @param end how its foot is finished
 * @param holes in its side, drilled on the bench
 * @param said what the lid is called and how it is finished
 */
public record ClosedOrder(
    Opening opening, Lid lid, Body body, EndWork end, Holes holes, Said said) {
  /**
   * The lid.
   *
   * @param thread what it is screwed on by; empty where its bore is fitted to the spigot
   */
  public record Lid(Face rim, Recess recess, Optional<ThreadPair> thread) {
    private void measure(SetupDraft s, Work w) {
      if (thread.isEmpty()) {
        recess.measure(s, w);
        return;
      }
      thread.get().shelf(s, w);
      thread.get().measure(s, w);
      thread.get().first(s, w);
    }
  }

  /** The body. */
  public record Body(Spigot spigot, Drilled bore) {}

  /**
   * How it is said and finished.
   *
   * @param shaping how the outside is shaped, in words
   * @param topBy how the top is finished
   * @param finish whether it gets a finish
   */
  public record Said(String shaping, Finishing topBy, boolean finish) {}

  private ChuckTenon low() {
    return opening.low();
  }

  private ChuckTenon high() {
    return opening.high();
  }

  private String bodyName() {
    return low().on().part();
  }

  private String lidName() {
    return high().on().part();
  }

  /** Puts its holds and steps in order. */
  public void in(Work w) {
    Built b = w.built();
    Map<String, Frame> alone = Map.of(bodyName(), low().frame(b));
    Hold onFoot = Hold.of(low().squeeze(b));
    opening.in(w);
    w.held(
        "lid",
        opening.capital() + " on its tenon",
        Hold.of(high().squeeze(b)),
        Map.of(lidName(), high().frame(b)),
        lid.rim.faced("Face the rim", Wording.of("closedOrder.cut-it-clean-and-a")),
        lid.recess::bore,
        lid.recess::open,
        lid::measure);
    w.held(
        "body",
        "Body on its tenon",
        onFoot,
        alone,
        body.spigot::face,
        body.bore::bore,
        body.bore::open,
        this::spigot);
    outside(w);
    w.held(
        "ease",
        "Body on its tenon, " + opening.called() + " off",
        onFoot,
        alone,
        this::hollow,
        this::ease,
        this::coat);
    end.in(w, new EndWork.Sawn("Body on its tenon", onFoot, low().frame(b)));
    w.held(
        "bench",
        "On the bench",
        Hold.of(new OffLathe()),
        both(Work.FLAT),
        holes::drill,
        this::sign);
  }

  /** The outside is there and the lid is off: before the fit, which moves with what is hollowed. */
  private void hollow(SetupDraft s, Work w) {
    if (body.bore instanceof Hollowed hollow) {
      hollow.hollow(s, w);
    }
  }

  /** Brought to the lid, or to the ring that is glued on it. */
  private void spigot(SetupDraft s, Work w) {
    body.spigot.shoulder(s, w);
    if (lid.thread.isPresent()) {
      lid.thread.get().size(s, w);
      lid.thread.get().last(s, w);
    } else {
      body.spigot.jam(opening.called()).in(s, w);
    }
  }

  private void ease(SetupDraft s, Work w) {
    if (lid.thread.isEmpty()) {
      body.spigot.ease(s, w);
    }
  }

  private void coat(SetupDraft s, Work w) {
    if (said.finish) {
      s.step(
          "finish",
          "Finish the body's outside",
          Wording.of("closedOrder.bring-the-bodys-side-to", opening.called()),
          Speeds.At.SANDING,
          w.acts().coat(bodyName(), Side.NAME));
    }
  }

  private void sign(SetupDraft s, Work w) {
    s.step(
        "sign",
        "Sign it",
        Wording.of("closedOrder.name-date-and-species-on"),
        Speeds.At.TURNING,
        new Act.Mark(bodyName(), "name, date, species"));
  }

  /** Closed, both halves are shaped in one line; then the top. */
  private void outside(Work w) {
    Built b = w.built();
    Grip jammed = ThreadPair.grip(lid.thread, lidName(), bodyName(), low().squeeze(b));
    String how = lid.thread.isPresent() ? " screwed on the body" : " jammed on the body";
    boolean sawn = said.topBy == Finishing.SAW;
    w.held(
        "top, tail up",
        opening.capital() + how + ", tail up",
        Hold.of(jammed, sawn ? b.shop().live() : b.shop().pad()),
        closed(b),
        this::shape,
        this::finish);
    SurfaceId top = high().on();
    if (sawn) {
      EndWork.byHand(w, top, Wording.of("closedOrder.saw-the-tenon-off-pare"));
      return;
    }
    w.held(
        "top",
        opening.capital() + how,
        Hold.of(jammed),
        closed(b),
        (s, x) ->
            s.step(
                "top",
                "Finish the top",
                Wording.of("closedOrder.take-the-nub-off-by"),
                Speeds.At.TURNING,
                Acts.both(
                    List.of(x.acts().bare(0, top.part(), top.name())),
                    x.acts().treat(top.part(), top.name()))));
  }

  private void shape(SetupDraft s, Work w) {
    Built b = w.built();
    HalfSection top = b.part(lidName()).surface(high().on().name()).zone();
    double rim = b.at(lid.rim.at());
    HalfSection nub = HalfSection.box(rim, b.length() + Lay.BEYOND, 0, b.shop().pad().radius());
    HalfSection between = HalfSection.box(rim, high().frame(b).zero(), 0, b.far());
    s.step(
        "side",
        "Shape the outside",
        said.shaping,
        Speeds.At.TURNING,
        w.acts().bare(0, bodyName(), Side.NAME),
        w.acts().bare(0, lidName(), Side.NAME),
        said.topBy == Finishing.SAW
            ? EndWork.undercut(b, high().on(), between, true)
            : Acts.remove(lidName(), top.minus(nub)));
  }

  private void finish(SetupDraft s, Work w) {
    s.step(
        "finish",
        "Sand and finish the outside",
        Wording.of("closedOrder.through-the-grits-then-the", opening.called()),
        Speeds.At.SANDING,
        Acts.both(w.acts().treat(lidName(), Side.NAME), w.acts().sand(bodyName(), Side.NAME)));
  }

  private Map<String, Frame> closed(Built b) {
    double jump = b.at(lid.rim.at()) - body.spigot.join(b);
    Map<String, Frame> out = new LinkedHashMap<>();
    out.put(lidName(), new Frame(low().frame(b).zero() + jump, false));
    out.put(bodyName(), low().frame(b));
    return out;
  }

  private Map<String, Frame> both(Frame f) {
    Map<String, Frame> out = new LinkedHashMap<>();
    out.put(bodyName(), f);
    out.put(lidName(), f);
    return out;
  }
}
