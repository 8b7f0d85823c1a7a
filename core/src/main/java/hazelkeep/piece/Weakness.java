package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import java.util.Optional;

/**
 * Something that was found in the wood and takes none of it: it only weakens it where it is.
 *
 * @param as what was found
 * @param reaches how far from the axis it begins, mm, or how far from the part's plane a chipped
 *     rim is sound again; not a number where nobody knows
 * @param plane where the part's plane lay then, in the blank's z
 */
public record Weakness(AsFound as, double reaches, double plane) {
  /** A hole so far off the middle, mm, shows and thins a wall. */
  private static final double OFF = 0.5;

  /**
   * What is told of it as the piece is planned now; nothing once it is turned away.
   *
   * @param now where the part's plane lies now, in the blank's z
   */
  Optional<Finding> told(Aim aim, double now) {
    Part part = aim.part(as.part());
    String name = as.part();
    double place = part.datum() + as.at();
    return switch (as.what()) {
      case RIM -> rim(part, now);
      case CRACK -> {
        boolean away = reaches >= part.target().outer(place);
        yield away
            ? Optional.empty()
            : tell(
                Entry.CRACKED.told(Grade.WATCH, as.to() - as.at(), 0, name, words()),
                new Point(place, part.target().outer(place)));
      }
      case FLAW -> {
        boolean away = reaches >= part.target().outer(place);
        yield away
            ? Optional.empty()
            : tell(
                Entry.FLAWED.told(Grade.WATCH, as.value(), 0, name, words()),
                new Point(place, part.target().outer(place)));
      }
      case OFF ->
          as.value() <= OFF
              ? Optional.empty()
              : tell(Entry.OFF_CENTRE.told(Grade.WATCH, as.value(), 0, name), null);
      case DROPPED -> tell(Entry.DROPPED.told(Grade.NOTE, name), null);
      default -> Optional.empty();
    };
  }

  private Optional<Finding> rim(Part part, double now) {
    Gone gone = new Gone(part);
    double sound = now + reaches;
    boolean away = gone.opensUp() ? gone.mouth() <= sound + 1e-6 : gone.mouth() >= sound - 1e-6;
    return away
        ? Optional.empty()
        : tell(
            Entry.RIM_CHIPPED.told(Grade.WATCH, as.value(), 0, as.part(), words()),
            new Point(gone.mouth(), part.target().outer(gone.mouth())));
  }

  private String words() {
    return as.degrees() == 0 ? "" : ", " + as.degrees() + " degrees from the grain mark";
  }

  private Optional<Finding> tell(Verdict v, Point at) {
    Finding f = Finding.of(v, as.part(), at);
    return Optional.of(f.on(as.what().name() + " " + Math.round(as.at()) + " " + as.degrees()));
  }
}
