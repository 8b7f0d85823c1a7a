package hazelkeep.element;

import hazelkeep.hold.Hold;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.OffLathe;
import hazelkeep.hold.Touch;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.route.Act;
import hazelkeep.route.Setup;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A plug or a cup that work is jammed on is turned itself, before the hold that needs it: from an
 * offcut in the jaws, the part beside the lathe, tried on until it holds.
 */
final class JamStep {
  private JamStep() {}

  /**
   * The hold in which it is turned; empty where nothing is jammed, where the chuck hangs on the
   * wall already, or where it was turned for the hold before.
   *
   * @param before the holds before it
   */
  static Optional<Setup> before(Setup next, List<Setup> before) {
    if (!(next.hold().grip() instanceof JamChuck jam) || jam.kept().isPresent()) {
      return Optional.empty();
    }
    boolean there = !before.isEmpty() && before.get(before.size() - 1).hold().grip().equals(jam);
    if (there) {
      return Optional.empty();
    }
    SetupDraft s =
        new SetupDraft(
            next.name() + " jam",
            jam.cup() ? "A jam cup from an offcut" : "A jam plug from an offcut",
            Hold.of(new OffLathe()),
            Map.of(jam.part(), Work.FLAT));
    s.step(
        "turn",
        jam.cup() ? "Turn the jam cup" : "Turn the jam plug",
        Wording.of("jamStep.an-offcut", jam.wood().name(), across(jam))
            + " "
            + (jam.cup() ? cup(jam) : plug(jam)),
        Speeds.At.TURNING,
        new Act.Mark(jam.part(), jam.cup() ? "cup" : "plug"));
    return Optional.of(s.done());
  }

  private static String across(JamChuck jam) {
    return Dims.both(2 * jam.chuck().maxR());
  }

  private static String plug(JamChuck jam) {
    HalfSection c = jam.chuck();
    return Wording.of(
        "jamStep.a-plug",
        Dims.both(2 * c.outer(Touch.PROBE)),
        Dims.both(2 * c.outer(c.maxZ() - Touch.PROBE)),
        Dims.both(c.maxZ()),
        jam.seat());
  }

  private static String cup(JamChuck jam) {
    HalfSection c = jam.chuck();
    double deep = 0;
    while (deep < -c.minZ() && c.inner(-deep - Touch.PROBE) > 0) {
      deep += Touch.PROBE;
    }
    return Wording.of(
        "jamStep.a-cup", Dims.both(2 * c.inner(-Touch.JAM_AT)), Dims.both(deep), jam.seat());
  }
}
