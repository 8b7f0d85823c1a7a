package hazelkeep.element;

import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.measure.Wording;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import java.util.Map;

/**
 * The order of work on an open vessel: bored before it is shaped, so that the bore fixes the shape;
 * a cone in the mouth carries it while the outside is turned; a hollow behind a narrow mouth
 * follows the outside; the foot comes last, or first where a recess holds it.
 *
 * @param low the tenon at its foot
 * @param high the tenon at its rim, that holds it while a recess is made in the foot
 * @param foot its foot
 * @param bore its bore
 * @param rim its rim
 * @param flare its mouth
 * @param end how its foot is finished
 * @param shaping how its outside is shaped, in words
 */
public record OpenOrder(
    ChuckTenon low,
    ChuckTenon high,
    DishedFoot foot,
    Drilled bore,
    Face rim,
    Flare flare,
    EndWork end,
    String shaping) {
  /** Puts its holds and steps in order. */
  public void in(Work w) {
    Built b = w.built();
    String part = foot.on().part();
    boolean recessed = foot.held(b);
    InJaws jaws = recessed ? foot.expand(b) : low.squeeze(b);
    String held =
        recessed ? Wording.of("openOrder.jaws-opened-in-the-foots") : "Foot tenon in the jaws";
    Frame frame = recessed ? foot.frame(b) : low.frame(b);
    Map<String, Frame> frames = Map.of(part, frame);
    Hold coned = Hold.of(jaws, b.shop().centre(Centre.Form.CONE).orElseGet(b.shop()::live));
    w.held(
        "centres",
        "Between centres",
        Hold.of(new Centres()),
        Map.of(part, Work.FLAT),
        (s, x) -> x.usual().round(s, part),
        recessed ? high::cut : low::cut);
    if (recessed) {
      Map<String, Frame> turned = Map.of(part, high.frame(b));
      w.held("foot", "Rim tenon in the jaws", Hold.of(high.squeeze(b)), turned, foot::first);
    }
    w.held(
        "bore",
        held,
        Hold.of(jaws),
        frames,
        rim.faced("Face the rim", Wording.of("openOrder.cut-it-clean-and-flat")),
        bore::bore,
        flare.cut(bore),
        rim.finished(
            "sand rim",
            "Sand and finish the rim",
            Wording.of("openOrder.rim-and-flare-through-the")));
    w.held("outside", "Cone in the mouth", coned, frames, (s, x) -> outside(part, s, x));
    if (bore instanceof Hollowed hollow) {
      w.held("hollow", held, Hold.of(jaws), frames, hollow::hollow);
    }
    if (!recessed) {
      end.in(w, new EndWork.Sawn("Cone in the mouth", coned, frame));
    }
  }

  private void outside(String part, SetupDraft s, Work w) {
    s.step(
        "side", "Shape the outside", shaping, Speeds.At.TURNING, w.acts().bare(0, part, Side.NAME));
    s.step(
        "finish",
        "Sand and finish the outside",
        Wording.of("any.through-the-grits-then-the"),
        Speeds.At.SANDING,
        w.acts().treat(part, Side.NAME));
  }
}
