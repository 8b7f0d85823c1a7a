package hazelkeep.measure;

import java.time.Duration;
import java.util.function.Supplier;

/**
 * A bound on the time that something long may take. Long loops ask {@link #check} as they go; what
 * takes longer is given up, wherever it stands.
 */
public final class Patience {
  private static final ThreadLocal<Long> UNTIL = new ThreadLocal<>();

  private Patience() {}

  /** It took longer than it may. */
  public static final class Lost extends RuntimeException {
    private Lost() {
      super(Wording.of("patience.this-takes-longer-than-it"));
    }
  }

  /**
   * Does something within a time, on this thread.
   *
   * @throws Lost when it takes longer
   */
  public static <T> T within(Duration most, Supplier<T> what) {
    Long outer = UNTIL.get();
    long until = System.nanoTime() + most.toNanos();
    UNTIL.set(outer == null ? until : Math.min(outer, until));
    try {
      return what.get();
    } finally {
      if (outer == null) {
        UNTIL.remove();
      } else {
        UNTIL.set(outer);
      }
    }
  }

  /**
   * Asks whether there is time left.
   *
   * @throws Lost when there is none
   */
  public static void check() {
    Long until = UNTIL.get();
    if (until != null && System.nanoTime() - until > 0) {
      throw new Lost();
    }
  }
}
