package hazelkeep.hold;

import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;

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

  /** Parts with stock, each body once. */
  public List<String> distinct() {
    return bodies.keySet().stream()
        .filter(
            p ->
                bodies.keySet().stream()
                        .filter(q -> bodies.get(q) == bodies.get(p))
                        .findFirst()
                        .orElseThrow()
                    == p)
        .toList();
  }

  /** Where the wood begins, mm from the setup's zero; 0 with nothing mounted. */
  public double least() {
    return ends(HalfSection::minZ).min().orElse(0);
  }

  /**
   * Where the wood ends towards the tailstock, mm from the setup's zero; 0 with nothing mounted.
   */
  public double most() {
    return ends(HalfSection::maxZ).max().orElse(0);
  }

  /** The largest swept radius, mm; 0 with nothing mounted. */
  public double radius() {
    return ends(HalfSection::maxR).max().orElse(0);
  }

  /** The wood of a part; empty when there is none. */
  public Optional<Species> wood(String part) {
    return Optional.ofNullable(bodies.get(part)).map(Body::wood);
  }

  private DoubleStream ends(ToDoubleFunction<HalfSection> end) {
    return parts.keySet().stream().map(this::swept).filter(h -> !h.isEmpty()).mapToDouble(end);
  }
}
