package hazelkeep.solid;

import java.util.List;

/**
 * How far regions reach.
 *
 * @param low lowest place along the axis, mm
 * @param high highest place along the axis, mm
 * @param radius largest distance from the axis, mm
 */
public record Extent(double low, double high, double radius) {
  /** Of some regions, those that are empty left out; all 0 where none is left. */
  public static Extent of(List<HalfSection> regions) {
    List<HalfSection> there = regions.stream().filter(h -> !h.isEmpty()).toList();
    return new Extent(
        there.stream().mapToDouble(HalfSection::minZ).min().orElse(0),
        there.stream().mapToDouble(HalfSection::maxZ).max().orElse(0),
        there.stream().mapToDouble(HalfSection::maxR).max().orElse(0));
  }

  /** Along the axis, mm. */
  public double length() {
    return high - low;
  }

  /** Across the axis, mm. */
  public double across() {
    return 2 * radius;
  }
}
