package hazelkeep.route;

import hazelkeep.hold.Hold;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A setup in the making: a recipe adds its steps one by one. */
public final class SetupDraft {
  private final String name;
  private final String title;
  private final Hold hold;
  private final Map<String, Frame> frames;
  private final List<Step> steps = new ArrayList<>();

  /**
   * @param name its stable name, {@code lid}
   * @param title in the trade's words
   * @param hold how the work is held
   * @param frames where each held part lies
   */
  public SetupDraft(String name, String title, Hold hold, Map<String, Frame> frames) {
    this.name = name;
    this.title = title;
    this.hold = hold;
    this.frames = frames;
  }

  /**
   * Adds a step.
   *
   * @param key its name within the setup
   * @param stepTitle in a few words
   * @param words what to do, a sentence or two
   * @param at what is done, for the speed
   * @param acts what it does to the work, in order
   */
  public void step(String key, String stepTitle, String words, Speeds.At at, List<Act> acts) {
    steps.add(new Step(key(key), stepTitle, words, at, acts));
  }

  /** Adds a step. */
  public void add(Step step) {
    steps.add(step);
  }

  /** The key of a step by its name within the setup. */
  public StepKey key(String step) {
    return new StepKey(name + "/" + step);
  }

  /** Adds a step of boring. */
  public void bore(String key, String stepTitle, String words, Bit bit, Act... acts) {
    steps.add(
        new Step(key(key), stepTitle, words, Speeds.At.BORING, List.of(acts), Optional.of(bit)));
  }

  /** Adds a step of single acts. */
  public void step(String key, String stepTitle, String words, Speeds.At at, Act... acts) {
    step(key, stepTitle, words, at, List.of(acts));
  }

  /** The setup. */
  public Setup done() {
    return new Setup(name, title, hold, frames, steps);
  }
}
