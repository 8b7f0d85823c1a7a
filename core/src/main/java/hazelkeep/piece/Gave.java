package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is customary of a design and gave way to what was stated.
 *
 * @param sizes that gave way, each with where it was by custom and where it is now
 * @param because the stated sizes that they gave way to; empty where it was the blank or a choice
 */
public record Gave(List<Moved> sizes, List<DimKey> because) {
  /** Nothing gave way. */
  public static final Gave NONE = new Gave(List.of(), List.of());

  /** Copies the lists. */
  public Gave {
    sizes = List.copyOf(sizes);
    because = List.copyOf(because);
  }

  /**
   * A size that gave way.
   *
   * @param key its name
   * @param label in the trade's words
   * @param custom what it is by custom, mm
   * @param to what it is now, mm
   */
  public record Moved(DimKey key, String label, double custom, double to) {}

  /** Each size that gave way with where it is now, mm. */
  public Map<DimKey, Double> to() {
    Map<DimKey, Double> out = new LinkedHashMap<>();
    sizes.forEach(m -> out.put(m.key, m.to));
    return out;
  }
}
