package hazelkeep.hold;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.shop.JawSet;
import hazelkeep.solid.FirstContact;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A part screwed on its partner by a threaded pair that is glued into both. The cut drags the part
 * back against the way its partner turns: a right-hand thread is drawn tight by it until the two
 * meet, and from then on drives as a shoulder does. What gives way first are the jaws that hold the
 * partner.
 *
 * @param guest the part that is turned
 * @param host the part that carries it
 * @param hostHeld how the host is held
 */
public record ScrewedOn(String guest, String host, InJaws hostHeld) implements OnPartner {
  /**
   * @throws Refused when a part is to hold itself
   */
  public ScrewedOn {
    if (guest.equals(host) || !host.equals(hostHeld.part())) {
      throw new Refused(Wording.of("screwedOn.a-part-is-screwed-on"));
    }
  }

  @Override
  public String words(UnaryOperator<String> called) {
    return words("screwed on", called);
  }

  @Override
  public ScrewedOn in(JawSet jaws) {
    return new ScrewedOn(guest, host, hostHeld.in(jaws));
  }

  @Override
  public Allowed allows(Work work) {
    return hostHeld.allows(work);
  }

  /** A thread pulls no wood out of the way: what meets before the two halves do stops it. */
  @Override
  public List<Verdict> judge(Work work, Backing back) {
    List<Verdict> out = new ArrayList<>(hostHeld.judge(work, back));
    HalfSection h = work.sound(host);
    HalfSection g = work.sound(guest);
    boolean joined = work.bodies().get(host) == work.bodies().get(guest);
    if (!joined && !h.isEmpty() && !g.isEmpty()) {
      double stop = FirstContact.of(h, g, work.custom(Line.HOLD_JAM_SLACK)).stop();
      if (stop > Touch.SEATED) {
        out.add(Entry.DOES_NOT_CLOSE.told(Grade.STOP, stop, 0, guest));
      }
    }
    return out;
  }
}
