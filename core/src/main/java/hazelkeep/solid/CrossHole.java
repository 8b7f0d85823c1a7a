package hazelkeep.solid;

import java.util.List;

/**
 * A round hole drilled through one wall of turned work, square to its axis and through it: from
 * outside into the hollow.
 *
 * @param z how high its middle lies
 * @param turn where it lies round the axis, radians from the grain mark
 * @param radius mm
 */
public record CrossHole(double z, double turn, double radius) {
  /** Slices that it is summed over. */
  private static final int SLICES = 400;

  /** What it takes, and where the middle of that lies along the axis. */
  public record Taken(double mm3, double z) {}

  /**
   * What it takes of a section turned round.
   *
   * <p>At a height u beside its middle it is w = sqrt(ρ² - u²) to either side. Between two radii it
   * takes there F(out, w) - F(in, w), F(r, w) = w sqrt(r² - w²) + r² asin(w/r) up to w = r: twice
   * the area under the circle of radius r from the middle to w. The slices are summed.
   *
   * <p>Example: of a solid bar of radius 20 a hole of radius 3 to its axis takes 564 mm3, a little
   * less than π 3² 20 = 565.
   */
  public Taken of(HalfSection section) {
    double sum = 0;
    double moment = 0;
    double step = 2 * radius / SLICES;
    for (int i = 0; i < SLICES; i++) {
      double u = -radius + (i + 0.5) * step;
      List<Span> wood = section.at(z + u);
      if (!wood.isEmpty()) {
        Span wall = wood.get(wood.size() - 1);
        double w = Math.sqrt(radius * radius - u * u);
        double here = step * (area(wall.to(), w) - area(wall.from(), w));
        sum += here;
        moment += here * (z + u);
      }
    }
    return new Taken(sum, sum > 0 ? moment / sum : z);
  }

  private static double area(double r, double w) {
    double side = Math.min(w, r);
    return r <= 0 ? 0 : side * Math.sqrt(r * r - side * side) + r * r * Math.asin(side / r);
  }

  /** The same hole counted from elsewhere along the axis, mm. */
  public CrossHole shifted(double dz) {
    return new CrossHole(z + dz, turn, radius);
  }

  /** The same hole as it lies in a setup. */
  public CrossHole in(Frame f) {
    return new CrossHole(f.x(z), turn, radius);
  }

  /** Whether a place lies within it, on its side of the axis: y along the axis. */
  boolean holds(double[] p) {
    double out = out(p);
    return out > 0 && Math.hypot(beside(p), p[1] - z) < radius;
  }

  /** How far beside its middle plane a place lies, mm. */
  double beside(double[] p) {
    return -p[2] * Math.cos(turn) - p[0] * Math.sin(turn);
  }

  /** How far out along its middle a place lies, mm: seen from above it goes round to the left. */
  double out(double[] p) {
    return p[0] * Math.cos(turn) - p[2] * Math.sin(turn);
  }
}
