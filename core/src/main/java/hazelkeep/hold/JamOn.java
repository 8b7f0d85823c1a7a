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
 * A part pressed on its partner, which is itself held.
 *
 * @param guest the part that is turned
 * @param host the part that carries it
 * @param hostHeld how the host is held
 */
public record JamOn(String guest, String host, InJaws hostHeld) implements OnPartner {
  /**
   * @throws Refused when a part is to hold itself
   */
  public JamOn {
    if (guest.equals(host) || !host.equals(hostHeld.part())) {
      throw new Refused(Wording.of("jamOn.a-part-is-jammed-on"));
    }
  }

  @Override
  public String words(UnaryOperator<String> called) {
    return words("jammed on", called);
  }

  @Override
  public JamOn in(JawSet jaws) {
    return new JamOn(guest, host, hostHeld.in(jaws));
  }

  @Override
  public Allowed allows(Work work) {
    HalfSection h = work.sound(host);
    HalfSection g = work.sound(guest);
    if (h.isEmpty() || g.isEmpty() || joined(work)) {
      return hostHeld.allows(work);
    }
    return Seat.between(h, g, work.practice())
        .map(
            s ->
                s.spigotOnHost()
                    ? s.allowed(work.wood(guest), work.wood(host), work.custom(Line.HOLD_FRICTION))
                    : s.allowed(work.wood(host), work.wood(guest), work.custom(Line.HOLD_FRICTION)))
        .orElseGet(() -> hostHeld.allows(work));
  }

  private boolean joined(Work work) {
    return work.bodies().get(host) == work.bodies().get(guest);
  }

  @Override
  public List<Verdict> judge(Work work, Backing back) {
    List<Verdict> out = new ArrayList<>(hostHeld.judge(work, back));
    HalfSection h = work.sound(host);
    HalfSection g = work.sound(guest);
    if (h.isEmpty() || g.isEmpty() || joined(work)) {
      return out;
    }
    // A jam presses a tenth or two of a millimetre past; what is left apart then does not close.
    FirstContact c = FirstContact.of(h, g, work.custom(Line.HOLD_JAM_GIVES));
    if (c.stop() > Touch.SEATED) {
      out.add(Entry.DOES_NOT_CLOSE.told(Grade.STOP, c.stop(), 0, guest));
      return out;
    }
    Seat.between(h, g, work.practice()).ifPresent(s -> eased(work, s, back, out));
    return out;
  }

  private void eased(Work work, Seat s, Backing back, List<Verdict> out) {
    double least = -work.custom(Line.HOLD_JAM_PRESS_LEAST) * s.diameter();
    if (s.play() > least + work.custom(Line.HOLD_JAM_SLACK)) {
      out.add(
          Entry.JAM_EASED.told(s.play() > 0 ? Grade.STOP : Grade.WATCH, s.play(), least, guest));
      return;
    }
    Allowed allowed = allows(work);
    Jaws.splits(work, allowed, s.spigotOnHost() ? guest : host, out);
    Jaws.weak(work, allowed, back, out);
  }
}
