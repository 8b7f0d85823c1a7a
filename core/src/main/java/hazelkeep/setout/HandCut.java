package hazelkeep.setout;

import java.util.List;
import java.util.Optional;

/**
 * One cut as a hand makes it: where it begins, one number that stops it.
 *
 * @param does what is done
 * @param from where places are counted from
 * @param places the places that it is told by, in order: one where a setting is cut in, both ends
 *     of a stretch, every place that a joined line goes through; none for what is only bored or
 *     sawn
 * @param stop what stops it
 * @param mm the number that stops it, mm; 0 where no number does
 * @param of the stretch that it makes; empty for an end that is faced, a saw's cut, a hole
 */
public record HandCut(
    Does does, Datum.From from, List<Station> places, Stop stop, double mm, Optional<Cut> of) {
  /** What a cut does. */
  public enum Does {
    /** Faces the end clean. */
    FACE,
    /** Strikes pencil lines on the turning work. */
    STRIKE,
    /** Parts in beside a line, down to a setting: a shoulder. */
    SHOULDER,
    /** Parts down to the centre. */
    PART,
    /** Parts in at a line to a setting, for a line that is joined later. */
    SET,
    /** Turns parallel. */
    PARALLEL,
    /** Cuts a face leaning, hollow or proud, by so much. */
    LEAN,
    /** Marks a fine line: a groove no wider than a wire. */
    GROOVE,
    /** Cuts under from one side, leaning, what the other side will free. */
    UNDER,
    /** Cuts under from the other side, until it comes free. */
    FREE,
    /** Joins two settings straight. */
    STRAIGHT,
    /** Joins settings by a fair line. */
    FAIR,
    /** Rounds over from one line to another. */
    ROUND,
    /** Eases an edge. */
    EASE,
    /** Bores with a bit. */
    BORE,
    /** Takes a floor down. */
    FLOOR,
    /** Cuts to length off the lathe. */
    LENGTH,
    /** Drills a hole from outside off the lathe. */
    DRILL
  }

  /** What stops a cut. */
  public enum Stop {
    /** So much is gone, by a pencil line. */
    TAKEN_OFF,
    /** Calipers that go over. */
    CALIPERS,
    /** A caliper held inside. */
    INSIDE,
    /** A depth gauge or a stop. */
    DEPTH,
    /** A rule laid against the datum. */
    PLACE,
    /** A card cut to a radius. */
    CARD,
    /** It meets what was cut before. */
    MEETS
  }

  /** Copies the places. */
  public HandCut {
    places = List.copyOf(places);
  }

  /** Whether it lies inside of a hollow. */
  public boolean inside() {
    return of.filter(c -> c.inside() || c.sunk()).isPresent();
  }
}
