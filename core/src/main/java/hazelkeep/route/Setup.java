package hazelkeep.route;

import hazelkeep.hold.Hold;
import hazelkeep.solid.Frame;
import java.util.List;
import java.util.Map;

/**
 * Work held one way, and what is done so.
 *
 * @param name its stable name, {@code lid}
 * @param title in the trade's words
 * @param hold how it is held
 * @param frames where each held part lies
 * @param steps what is done
 */
public record Setup(
    String name, String title, Hold hold, Map<String, Frame> frames, List<Step> steps) {
  /** Copies the steps. */
  public Setup {
    steps = List.copyOf(steps);
  }

  /** This setup with other steps. */
  public Setup with(List<Step> other) {
    return new Setup(name, title, hold, frames, other);
  }

  /** This setup held otherwise. */
  public Setup with(Hold other) {
    return new Setup(name, title, other, frames, steps);
  }
}
