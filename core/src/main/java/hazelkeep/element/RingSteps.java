package hazelkeep.element;

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
        "To the outside of the rings, a true cylinder: all of them come from it.",
        Speeds.At.TURNING,
        turned.toArray(Act[]::new));
    s.step(
        "slots",
        "Cut the slots",
        "The rings "
            + Dims.both(c.width())
            + " wide, the slots between them "
            + Dims.both(c.slot())
            + ", all of them down to a diameter of "
            + Dims.both(2 * c.lowest())
            + ", so that chips leave; the sides straight.",
        Speeds.At.PARTING,
        slots.toArray(Act[]::new));
    if (c.edge() > 0) {
      s.step(
          "edges",
          "Round the rings",
          "Roll their edges by "
              + Dims.both(c.edge())
              + ", a small skew or a bead tool, from the middle of each ring down into the slots.",
          Speeds.At.TURNING,
          zone.rings().stream().filter(Ring::wished).map(r -> r.edged(w)).toArray(Act[]::new));
    }
    s.step(
        "sand rings",
        "Sand and finish the rings outside",
        "Outside and sides, edges broken, then the finish: once a ring is free nothing holds it.",
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
            ? "The hook goes in flat through the slot, down to its depth, and is drawn under the ring"
                + " from both sides, a little past the middle each time."
            : "The parting tool leans in by "
                + Math.round(Math.toDegrees(c.lean()))
                + "° from both sides, a little past the middle each time.";
    for (int i = rings.size() - 1; i >= 0; i--) {
      Ring r = rings.get(i);
      if (!r.wished()) {
        spare(r, c, s, w);
      }
      s.step(
          "free " + r.name(),
          "Free " + r.name(),
          in
              + " Slow; no finger behind the ring. Tape it to the side once it is free, clear of the rest.",
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
          "Its edges are rolled like those of the others.",
          Speeds.At.TURNING,
          r.edged(w));
    }
    s.step(
        "finish spare",
        "Finish the spare outside",
        "Outside and sides sanded, then the finish.",
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
        "Abrasive taped round the stem, the lathe at its slowest, each ring held lightly against it;"
            + (zone.cut(w.built()).ridge() > 0
                ? " the ridge goes."
                : " its inner edges are broken.")
            + " Then the finish.",
        Speeds.At.SANDING,
        acts.toArray(Act[]::new));
  }
}
