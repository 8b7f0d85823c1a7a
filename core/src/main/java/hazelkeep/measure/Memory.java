package hazelkeep.measure;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;

/**
 * What was worked out of the very same things before. A play asks for the same cuts of the same
 * wood again and again: in the next plan, where one size changed, in each remedy that is tried, in
 * each way to hold an end that is compared. Only what follows from the change is new; the rest is
 * found here. Nothing but values goes in, so what is found is what would be worked out.
 *
 * <p>It holds two generations. When the young one has grown to its share, it becomes the old one
 * and what nobody asked for since goes; so it never grows past twice its share.
 *
 * @param <K> what it was worked out of; equal when all of it is equal
 * @param <V> what came out
 */
public final class Memory<K, V> {
  private final long share;
  private final ToIntFunction<V> weight;
  private volatile Map<K, V> young = new ConcurrentHashMap<>();
  private volatile Map<K, V> old = Map.of();
  private final AtomicLong grown = new AtomicLong();

  /**
   * A memory.
   *
   * @param share how much one generation holds, in the unit of the weights
   * @param weight how much a value weighs
   */
  public Memory(long share, ToIntFunction<V> weight) {
    this.share = share;
    this.weight = weight;
  }

  /** What comes of something: remembered, or worked out now. */
  public V of(K key, Supplier<V> make) {
    V known = young.get(key);
    if (known != null) {
      return known;
    }
    known = old.get(key);
    V made = known != null ? known : make.get();
    young.put(key, made);
    if (grown.addAndGet(weight.applyAsInt(made)) > share) {
      turn();
    }
    return made;
  }

  private synchronized void turn() {
    if (grown.get() > share) {
      old = young;
      young = new ConcurrentHashMap<>();
      grown.set(0);
    }
  }

  /** Forgets everything. */
  public synchronized void clear() {
    old = Map.of();
    young = new ConcurrentHashMap<>();
    grown.set(0);
  }

  /** How many things it knows. */
  public int size() {
    return young.size() + old.size();
  }
}
