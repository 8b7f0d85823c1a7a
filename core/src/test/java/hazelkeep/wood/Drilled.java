package hazelkeep.wood;

/** What the holes of a part take, summed on a grid over each hole's round mouth. */
public final class Drilled {
  private static final double STEP = 0.1;

  private Drilled() {}

  /** mm3, to a few in a thousand. */
  public static double mm3(Part part) {
    return mm3(part, Double.POSITIVE_INFINITY);
  }

  /** The same of what lies under a height, mm3. */
  public static double mm3(Part part, double under) {
    double sum = 0;
    for (Hole h : part.holes()) {
      double radius = h.diameter() / 2;
      for (double u = -radius + STEP / 2; u < radius; u += STEP) {
        for (double w = -radius + STEP / 2; w < radius; w += STEP) {
          if (Math.hypot(u, w) < radius && h.at().z() + u < under) {
            double out = part.target().outer(h.at().z() + u);
            double in = part.target().inner(h.at().z() + u);
            sum += STEP * STEP * (half(out, w) - half(in, w));
          }
        }
      }
    }
    return sum;
  }

  /** How far a circle of a radius reaches, so far beside its middle. */
  private static double half(double r, double w) {
    return Math.sqrt(Math.max(0, r * r - w * w));
  }
}
