package hazelkeep.wood;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import java.util.function.DoubleUnaryOperator;

/**
 * A board that was glued into a blank along the grain, between two planes beside the axis. It is no
 * ring: of a radius r it has the part of the circle that lies between them.
 *
 * @param from the plane on its one side, mm beside the axis; below zero on the other half
 * @param to the plane on its other side, above from
 * @param wood what it is of
 */
public record Strip(double from, double to, Species wood) {
  /** Heights are summed over steps of this, mm. */
  private static final double STEP = 0.25;

  /**
   * How much of a disc lies on the low side of a plane, mm2: r² asin(c/r) + c sqrt(r² - c²) + π r²
   * / 2, all or nothing of it past its edge.
   *
   * <p>Example: half of it for a plane through the middle.
   *
   * @param c how far the plane lies beside the middle, mm
   * @param r the disc's radius, mm
   */
  static double below(double c, double r) {
    if (r <= 0 || c <= -r) {
      return 0;
    }
    double all = Math.PI * r * r;
    return c >= r ? all : r * r * Math.asin(c / r) + c * Math.sqrt(r * r - c * c) + all / 2;
  }

  /** What it has of a disc, mm2. */
  private double of(double r) {
    return below(to, r) - below(from, r);
  }

  /** What it has of a section turned round the axis: its volume, and where its middle is. */
  Lump in(HalfSection region) {
    double volume = summed(region, this::of, z -> 1);
    double moment = summed(region, this::of, z -> z);
    return new Lump(wood, volume, volume > 0 ? moment / volume : low(region));
  }

  private static double low(HalfSection region) {
    return region.isEmpty() ? 0 : region.minZ();
  }

  /**
   * What every disc of a section has, summed over its heights.
   *
   * @param disc of a radius
   * @param weight by which what lies at a height counts
   */
  private static double summed(
      HalfSection region, DoubleUnaryOperator disc, DoubleUnaryOperator weight) {
    if (region.isEmpty()) {
      return 0;
    }
    double low = region.minZ();
    int steps = (int) Math.ceil((region.maxZ() - low) / STEP);
    double step = (region.maxZ() - low) / steps;
    double sum = 0;
    for (int i = 0; i < steps; i++) {
      double z = low + (i + 0.5) * step;
      for (Span s : region.at(z)) {
        double ring = disc.applyAsDouble(s.to()) - disc.applyAsDouble(s.from());
        sum += step * ring * weight.applyAsDouble(z);
      }
    }
    return sum;
  }

  /**
   * How far to one side it lies, times how much of it there is, mm4. Of a disc the strip between c
   * and d beside the middle has 2/3 ((r² - c²)^1.5 - (r² - d²)^1.5), none of it past the edge.
   */
  double beside(HalfSection region) {
    return summed(region, this::beside, z -> 1);
  }

  private double beside(double r) {
    return 2.0 / 3 * (past(from, r) - past(to, r));
  }

  private static double past(double c, double r) {
    double left = Math.max(0, r * r - c * c);
    return left * Math.sqrt(left);
  }

  /**
   * Where a section across it shows it.
   *
   * @param side 1 on the side that distances beside the axis are counted to, -1 on the other
   */
  public HalfSection section(int side) {
    double near = Math.max(0, side > 0 ? from : -to);
    double far = Math.max(0, side > 0 ? to : -from);
    return HalfSection.box(-HalfSection.FAR, HalfSection.FAR, near, far);
  }

  /** How far another strip lies over this one, mm; 0 where it lies beside it. */
  public double over(Strip other) {
    return Math.max(0, Math.min(to, other.to) - Math.max(from, other.from));
  }
}
