package hazelkeep.hold;

import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.Map;

/**
 * What is mounted.
 *
 * @param parts the parts that the hold means to carry, by name
 * @param bodies the stock of each of them, as far as it exists; two parts may still be one body
 * @param frames where each lies in the setup
 */
public record Work(Map<String, Part> parts, Map<String, Body> bodies, Map<String, Frame> frames) {
  /** The sound wood of a part's stock, in the setup's frame; empty when it is gone. */
  public HalfSection sound(String part) {
    Body b = bodies.get(part);
    return b == null ? HalfSection.EMPTY : b.sound().in(frames.get(part));
  }

  /** The swept wood of a part's stock, in the setup's frame; empty when it is gone. */
  public HalfSection swept(String part) {
    Body b = bodies.get(part);
    return b == null ? HalfSection.EMPTY : b.swept().in(frames.get(part));
  }
}
