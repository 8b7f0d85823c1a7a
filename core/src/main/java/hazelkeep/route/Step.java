package hazelkeep.route;

import hazelkeep.shop.Speeds;
import java.util.List;

/**
 * One step of the work.
 *
 * @param key its stable name
 * @param title in a few words
 * @param words what to do, a sentence or two
 * @param at what is done, for the speed
 * @param acts what it does to the work
 */
public record Step(StepKey key, String title, String words, Speeds.At at, List<Act> acts) {
  /** Copies the acts. */
  public Step {
    acts = List.copyOf(acts);
  }
}
