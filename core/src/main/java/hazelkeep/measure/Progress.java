package hazelkeep.measure;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;

/**
 * How far something long has come: each long loop says in which of its rounds it is, and a loop
 * within a round shares that round out. Nothing is timed.
 *
 * <p>Example: in the third of four rounds a loop stands in the second of its two: 2/4 + 1/2 · 1/4 =
 * 0.625 is done.
 */
public final class Progress {
  private static final ThreadLocal<Progress> NOW = new ThreadLocal<>();

  private volatile double share;
  private double from;
  private double span = 1;

  /** The share that is done, 0 to 1; read from any thread. */
  public double share() {
    return share;
  }

  /** What is told to a progress until it is closed. */
  public interface Telling {
    /** Nothing more is told. */
    void close();
  }

  /** From here on loops of this thread tell this progress; until it is closed. */
  public Telling told() {
    Progress outer = NOW.get();
    NOW.set(this);
    return () -> NOW.set(outer);
  }

  /** Does one thing after the other, each a round. */
  public static void each(List<Runnable> all) {
    for (int i = 0; i < all.size(); i++) {
      Runnable one = all.get(i);
      round(
          i,
          all.size(),
          () -> {
            one.run();
            return one;
          });
    }
  }

  /**
   * A count of rounds that are done side by side on other threads: each calls it when it is done.
   *
   * @param rounds how many there are
   */
  public static Runnable rounds(int rounds) {
    Progress p = NOW.get();
    AtomicInteger done = new AtomicInteger();
    if (p == null) {
      return () -> {};
    }
    double from = p.from;
    double span = p.span;
    return () -> p.share = Math.max(p.share, from + span * done.incrementAndGet() / rounds);
  }

  /**
   * Does one round of a loop.
   *
   * @param round from 0
   * @param rounds how many there are
   */
  public static <T> T round(int round, int rounds, Supplier<T> what) {
    Progress p = NOW.get();
    if (p == null || rounds < 1) {
      return what.get();
    }
    double from = p.from;
    double span = p.span;
    p.from = from + span * Math.min(round, rounds) / rounds;
    p.span = span / rounds;
    p.share = Math.max(p.share, p.from);
    try {
      return what.get();
    } finally {
      p.from = from;
      p.span = span;
    }
  }
}
