package hazelkeep.web.store;

import java.time.LocalDate;
import java.util.Optional;

/**
 * How long a piece is left alone, and why.
 *
 * @param until the day from which it may be worked on; empty when it does not wait
 * @param what what it waits for, in the turner's words; may be empty
 */
public record Wait(Optional<LocalDate> until, String what) {
  /** Does not wait. */
  public static final Wait NONE = new Wait(Optional.empty(), "");

  private static final int LONGEST = 120;

  /** No blank dries longer. */
  private static final int YEARS = 20;

  /**
   * What was asked for; empty when the day is none of the days to come, or too much is said.
   *
   * @param until may be null
   */
  public static Optional<Wait> asked(LocalDate until, String what) {
    LocalDate today = LocalDate.now();
    boolean fine =
        until != null
            && until.isAfter(today)
            && !until.isAfter(today.plusYears(YEARS))
            && what.strip().length() <= LONGEST;
    return fine ? Optional.of(new Wait(Optional.of(until), what.strip())) : Optional.empty();
  }

  /** What is stored, as it counts on a day: that it waited till then is over. */
  static Wait on(LocalDate today, LocalDate until, String what) {
    return until == null || !until.isAfter(today) ? NONE : new Wait(Optional.of(until), what);
  }
}
