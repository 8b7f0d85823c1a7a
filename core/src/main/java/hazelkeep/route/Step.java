package hazelkeep.route;

import hazelkeep.shop.Bit;
import hazelkeep.shop.Speeds;
import java.util.List;
import java.util.Optional;

/**
 * One step of the work.
 *
 * @param key its stable name
 * @param title in a few words
 * @param words what to do, a sentence or two
 * @param at what is done, for the speed
 * @param acts what it does to the work
 * @param bit the bit that bores it, where one does
 */
public record Step(
    StepKey key, String title, String words, Speeds.At at, List<Act> acts, Optional<Bit> bit) {
  /** Copies the acts. */
  public Step {
    acts = List.copyOf(acts);
  }

  /** Whether the work stands still for it: it is marked, or something is glued to it. */
  public boolean still() {
    return !acts.isEmpty()
        && acts.stream().allMatch(a -> a instanceof Act.Mark || a instanceof Act.Glue);
  }

  /** A step without a bit. */
  public Step(StepKey key, String title, String words, Speeds.At at, List<Act> acts) {
    this(key, title, words, at, acts, Optional.empty());
  }
}
