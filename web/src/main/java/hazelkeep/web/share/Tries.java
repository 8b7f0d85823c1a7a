package hazelkeep.web.share;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

/**
 * Counts failed tries to pair, whoever makes them, and makes the next one wait: nothing for the
 * first, then five seconds, twice as long each time, a quarter of an hour at most.
 */
final class Tries {
  private static final int FREE = 2;
  private static final Duration FIRST = Duration.ofSeconds(5);
  private static final Duration LONGEST = Duration.ofMinutes(15);

  private final Clock clock;
  private int failed;
  private Instant open = Instant.EPOCH;

  Tries(Clock clock) {
    this.clock = clock;
  }

  /** How long nobody can try; zero when anybody can. */
  synchronized Duration left() {
    Duration until = Duration.between(clock.instant(), open);
    return until.isNegative() ? Duration.ZERO : until;
  }

  synchronized void failed() {
    failed++;
    if (failed > FREE) {
      Duration next = FIRST.multipliedBy(1L << Math.min(20, failed - FREE - 1));
      open = clock.instant().plus(next.compareTo(LONGEST) > 0 ? LONGEST : next);
    }
  }

  synchronized void forget() {
    failed = 0;
    open = Instant.EPOCH;
  }
}
