package hazelkeep.air;

import hazelkeep.wood.Figure;
import hazelkeep.wood.Species;
import hazelkeep.wood.WoodProperty;
import java.util.Optional;

/**
 * How a wood moves with its moisture.
 *
 * @param radial shrinkage along the rays from green to dry, %
 * @param tangential shrinkage along the rings from green to dry, %
 * @param saturation moisture above which it no longer moves, %
 */
public record Movement(double radial, double tangential, double saturation) {
  /** Of a wood; empty where its shrinkage is not known. */
  public static Optional<Movement> of(Species wood, double saturation) {
    Optional<Figure> r = wood.figure(WoodProperty.SHRINK_RADIAL);
    Optional<Figure> t = wood.figure(WoodProperty.SHRINK_TANGENTIAL);
    return r.isEmpty() || t.isEmpty()
        ? Optional.empty()
        : Optional.of(new Movement(r.get().value(), t.get().value(), saturation));
  }

  /**
   * What a length across the grain gains, as a share of what it is now.
   *
   * <p>Shrinkage S is the share of the green length that is lost on the way from saturation F to
   * dry, in a straight line: L(M) = L_green (1 - S/100 (F - M)/F). So going from M1 to M2 gains (M2
   * - M1) / (100 F/S - F + M1). At M1 = 10 and F = 30 this is the Wood Handbook's coefficient of
   * change per %: S = 9.9 gives 0.003533. Example: 45 mm along the rings of sugar maple from 8 to
   * 12 % gain 45 x 4 x 0.00356 = 0.64 mm.
   *
   * @param from moisture now, %
   * @param to moisture then, %
   */
  public double radially(double from, double to) {
    return gain(radial, from, to);
  }

  /** The same along the rings. */
  public double tangentially(double from, double to) {
    return gain(tangential, from, to);
  }

  private double gain(double shrinkage, double from, double to) {
    double a = Math.min(from, saturation);
    double b = Math.min(to, saturation);
    return (b - a) / (100 * saturation / shrinkage - saturation + a);
  }
}
