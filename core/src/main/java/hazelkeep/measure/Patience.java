package hazelkeep.measure;

import java.util.function.Supplier;

/**
 * A bound on the work that something may take, counted and never timed: the same is given up on
 * every machine, busy or idle, or on none. What works spends as it goes, about a unit for each
 * point of an outline that is looked at; what is remembered from before is spent all the same, so
 * that it does not hang on what was asked earlier.
 */
public final class Patience {
  /**
   * What one plan may take. A box takes 9,000 from nothing, a goblet with five rings 30,000: a
   * hundred times as much is no piece that anybody turns.
   */
  public static final long PLAN = 3_000_000;

  /** What taking a log up may take, beside the plan of what is left: some ten thousand entries. */
  public static final long LOG = 4 * PLAN;

  /**
   * What looking for sizes may take, one question: the hardest that was met takes 170,000, a usual
   * one 10,000 to 60,000.
   */
  public static final long SIZES = PLAN / 15;

  private static final ThreadLocal<Patience> NOW = new ThreadLocal<>();

  private final long most;
  private long spent;

  private Patience(long most) {
    this.most = most;
  }

  /** It took more work than it may. */
  public static final class Lost extends RuntimeException {
    private Lost() {
      super(Wording.of("patience.this-takes-more-work"));
    }
  }

  /**
   * Does something within so much work, on this thread. What is done within it in patience of its
   * own is not counted again.
   *
   * @throws Lost when it takes more
   */
  public static <T> T within(long most, Supplier<T> what) {
    Patience outer = NOW.get();
    NOW.set(new Patience(most));
    try {
      return what.get();
    } finally {
      NOW.set(outer);
    }
  }

  /**
   * Does something within so much work, or gives up quietly.
   *
   * @param lost what it is when it takes more
   */
  public static <T> T orElse(long most, Supplier<T> what, T lost) {
    try {
      return within(most, what);
    } catch (Lost e) {
      return lost;
    }
  }

  /**
   * Spends some work.
   *
   * @throws Lost when more was spent than may be
   */
  public static void spend(long work) {
    Patience now = NOW.get();
    if (now != null) {
      now.spent += work;
      if (now.spent > now.most) {
        throw new Lost();
      }
    }
  }

  /** What was spent so far in the patience at hand; 0 outside of any. */
  public static long spent() {
    Patience now = NOW.get();
    return now == null ? 0 : now.spent;
  }
}
