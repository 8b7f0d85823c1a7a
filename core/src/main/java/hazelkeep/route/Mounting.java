package hazelkeep.route;

import hazelkeep.hold.Hold;
import hazelkeep.solid.Frame;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * How work is held while a step is done, as it is logged: whole, so that no recipe is asked when it
 * is replayed.
 *
 * @param name the setup's stable name
 * @param title in the trade's words
 * @param hold how it is held
 * @param frames where each held part lies
 */
public record Mounting(String name, String title, Hold hold, Map<String, Frame> frames) {
  /** Copies the frames, in their order. */
  public Mounting {
    frames = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(frames));
  }

  /** That of a setup. */
  public static Mounting of(Setup setup) {
    return new Mounting(setup.name(), setup.title(), setup.hold(), setup.frames());
  }
}
