package hazelkeep.hold;

/**
 * How the headstock's end of the work is kept.
 *
 * @param at where, mm from the setup's zero
 * @param kind in which way
 * @param diameter by which the jaws hold it, mm; 0 where no jaws do
 */
public record Support(double at, Kind kind, double diameter) {
  /** Ways of keeping an end. */
  public enum Kind {
    /** It can turn about the place: a centre, a pad. */
    PINNED,
    /** It can't turn but as far as jaws and lathe yield. */
    SPRUNG,
    /** It can't turn as long as its seat does not tip. */
    CLAMPED
  }
}
