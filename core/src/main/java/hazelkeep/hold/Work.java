package hazelkeep.hold;

import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import hazelkeep.wood.Unknown;
import hazelkeep.wood.WoodProperty;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * What is mounted.
 *
 * @param parts the parts that the hold means to carry, by name
 * @param bodies the stock of each of them, as far as it exists; two parts may still be one body
 * @param frames where each lies in the setup
 * @param practice what the turner goes by
 */
public record Work(
    Map<String, Part> parts,
    Map<String, Body> bodies,
    Map<String, Frame> frames,
    Practice practice) {
  /** What the turner goes by in one matter, in the line's unit. */
  public double custom(Line line) {
    return practice.of(line);
  }

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

  /** What a part's stock is of at a place of the setup; empty when it is gone. */
  public Optional<Species> wood(String part, double x) {
    return Optional.ofNullable(bodies.get(part)).map(b -> b.wood(frames.get(part).inverse().x(x)));
  }

  /** Parts with stock, each body once. */
  public List<String> distinct() {
    List<String> out = new ArrayList<>();
    for (String p : bodies.keySet()) {
      if (out.stream().noneMatch(q -> bodies.get(q) == bodies.get(p))) {
        out.add(p);
      }
    }
    return out;
  }

  /** Where the wood begins, mm from the setup's zero; 0 with nothing mounted. */
  public double least() {
    return ends().min().orElse(0);
  }

  /**
   * Where the wood ends towards the tailstock, mm from the setup's zero; 0 with nothing mounted.
   */
  public double most() {
    return ends().max().orElse(0);
  }

  /** The largest swept radius, mm; 0 with nothing mounted. */
  public double radius() {
    return there().mapToDouble(p -> bodies.get(p).swept().maxR()).max().orElse(0);
  }

  /** Both ends of every part's stock; read off the body, which costs less than turning it round. */
  private DoubleStream ends() {
    return there()
        .flatMapToDouble(
            p -> {
              HalfSection h = bodies.get(p).swept();
              Frame f = frames.get(p);
              return DoubleStream.of(f.x(h.minZ()), f.x(h.maxZ()));
            });
  }

  private Stream<String> there() {
    return parts.keySet().stream()
        .filter(p -> bodies.containsKey(p) && !bodies.get(p).swept().isEmpty());
  }

  /** The outermost radius of sound wood of a part at a place of the setup, mm; 0 without any. */
  public double outer(String part, double x) {
    Body b = bodies.get(part);
    return b == null ? 0 : b.sound().outer(frames.get(part).inverse().x(x));
  }

  /** The innermost radius of sound wood of a part at a place of the setup, mm; 0 when solid. */
  public double inner(String part, double x) {
    Body b = bodies.get(part);
    return b == null ? 0 : b.sound().inner(frames.get(part).inverse().x(x));
  }

  /** What is not known of the wood of a part. */
  public List<Unknown> unknown(String part, WoodProperty property) {
    return List.of(new Unknown(wood(part).map(Species::name).orElse(""), property));
  }

  /** The wood of a part; empty when there is none. */
  public Optional<Species> wood(String part) {
    return Optional.ofNullable(bodies.get(part))
        .map(b -> b.wood((b.sound().minZ() + b.sound().maxZ()) / 2));
  }
}
