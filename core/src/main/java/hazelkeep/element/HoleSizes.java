package hazelkeep.element;

import hazelkeep.measure.DimKey;
import java.util.List;
import java.util.Optional;

/**
 * The sizes of a hole.
 *
 * @param rules of all of them
 * @param diameter of the hole
 * @param depth to where the full diameter ends
 * @param narrow the diameter below that, and its depth; empty where there is one diameter only
 */
public record HoleSizes(
    List<SizeRule> rules, DimKey diameter, DimKey depth, Optional<Narrow> narrow) {
  /** A narrower hole further down. */
  public record Narrow(DimKey diameter, DimKey depth) {}
}
