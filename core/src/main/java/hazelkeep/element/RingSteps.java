package hazelkeep.element;

import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The steps of captive rings, in the order in which they are done. */
public final class RingSteps {
  private RingSteps() {}

  /**
   * The zone turned to their outside, the slots cut, all that shows outside sanded and finished.
   *
   * @param zone what is turned away first
   */
  public static void shaped(RingZone zone, Act.Remove first, SetupDraft s, Work w) {
    RingCut c = zone.cut(w.built());
    List<Act> turned = new ArrayList<>(List.of(first));
    List<Act> slots = new ArrayList<>();
    List<Act> finished = new ArrayList<>();
    for (Ring r : zone.rings()) {
      turned.add(r.turned(w));
      slots.add(r.slotted(w));
      if (r.wished()) {
        finished.addAll(r.finished(w));
      }
    }
    HalfSection spared = zone.spared(w.built());
    if (!spared.isEmpty()) {
      slots.add(Acts.remove(first.part(), spared));
    }
    turned.add(w.turned(RingZone.OUT, "across the ring zone"));
    s.step(
        "ring zone",
        "Turn the ring zone",
        Wording.of("ringSteps.to-the-outside-of-the"),
        Speeds.At.TURNING,
        turned.toArray(Act[]::new));
    s.step(
        "slots",
        "Cut the slots",
        Wording.of(
            "ringSteps.the-rings-wide-the-slots",
            Dims.both(c.width()),
            Dims.both(c.slot()),
            Dims.both(2 * c.lowest())),
        Speeds.At.PARTING,
        slots.toArray(Act[]::new));
    if (c.edge() > 0) {
      s.step(
          "edges",
          "Round the rings",
          Wording.of("ringSteps.roll-their-edges-by-a", Dims.both(c.edge())),
          Speeds.At.TURNING,
          zone.rings().stream().filter(Ring::wished).map(r -> r.edged(w)).toArray(Act[]::new));
    }
    s.step(
        "sand rings",
        Wording.of("ringSteps.sand-and-finish-the-rings"),
        Wording.of("ringSteps.outside-and-sides-edges-broken"),
        Speeds.At.SANDING,
        finished.toArray(Act[]::new));
  }

  /** Freed one after the other, the highest first. */
  public static void freed(RingZone zone, String stem, SetupDraft s, Work w) {
    List<Ring> rings = new ArrayList<>(zone.rings());
    rings.sort(Comparator.comparingDouble(r -> zone.middle(w.built(), r.no())));
    RingCut c = zone.cut(w.built());
    String in =
        c.tool().hooked()
            ? Wording.of("ringSteps.the-hook-goes-in-flat")
            : Wording.of(
                "ringSteps.the-parting-tool-leans-in", Math.round(Math.toDegrees(c.lean())));
    String blade = Wording.of("ringSteps.its-blade", Dims.both(c.blade()));
    for (int i = rings.size() - 1; i >= 0; i--) {
      Ring r = rings.get(i);
      if (!r.wished()) {
        spare(r, c, s, w);
      }
      s.step(
          "free " + r.name(),
          "Free " + r.name(),
          Wording.of("ringSteps.slow-no-finger-behind-the", in, blade),
          Speeds.At.PARTING,
          r.freed(w, stem));
    }
  }

  /** What the others got before they were freed: the spare was still a block then. */
  private static void spare(Ring r, RingCut c, SetupDraft s, Work w) {
    if (c.edge() > 0) {
      s.step(
          "edge spare",
          "Round the spare",
          Wording.of("ringSteps.its-edges-are-rolled-like"),
          Speeds.At.TURNING,
          r.edged(w));
    }
    s.step(
        "finish spare",
        "Finish the spare outside",
        Wording.of("ringSteps.outside-and-sides-sanded-then"),
        Speeds.At.SANDING,
        r.finished(w).toArray(Act[]::new));
  }

  /** Their inside, once they are free. */
  public static void rounded(RingZone zone, SetupDraft s, Work w) {
    List<Act> acts = new ArrayList<>();
    zone.rings().forEach(r -> acts.addAll(r.rounded(w)));
    s.step(
        "sand inside",
        "Sand the rings inside",
        Wording.of(
            "ringSteps.abrasive-taped-round-the-stem",
            zone.cut(w.built()).ridge() > 0 ? " the ridge goes." : " its inner edges are broken."),
        Speeds.At.SANDING,
        acts.toArray(Act[]::new));
  }
}
