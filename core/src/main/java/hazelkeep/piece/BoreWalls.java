package hazelkeep.piece;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * The wood beside a bore: what is left of it when the bit has drifted, and where the outside may
 * not go.
 *
 * @param target the finished part
 * @param along from where to where its wall is looked at, in the blank's z
 * @param least the wall that is wanted, mm
 * @param drift how far the bore may lie off the axis at a z, mm
 */
public record BoreWalls(HalfSection target, Span along, double least, DoubleUnaryOperator drift) {
  /** How far apart walls are looked at, mm. */
  private static final double EVERY = 1;

  /** How far beside a border of the stretch a radius is read, mm. */
  private static final double PROBE = 0.02;

  /** The least radius that the outside may have at a z, mm; 0 where nothing is bored. */
  public double keep(double z) {
    double in =
        z < along.from() || z > along.to() ? 0 : target.inner(Math.min(z, along.to() - PROBE));
    return in <= 0 ? 0 : in + drift.applyAsDouble(z) + least;
  }

  /** The wood that no cut from outside may enter. */
  public HalfSection zone() {
    List<Point> line = new ArrayList<>();
    List<Double> at = places();
    for (double z : at) {
      double keep = keep(z);
      if (keep > 0) {
        line.add(new Point(z, keep));
      }
    }
    if (line.size() < 2) {
      return HalfSection.EMPTY;
    }
    List<Point> ring = new ArrayList<>();
    ring.add(new Point(line.get(0).z(), 0));
    ring.addAll(line);
    ring.add(new Point(line.get(line.size() - 1).z(), 0));
    return HalfSection.of(ring).and(target);
  }

  private List<Double> places() {
    List<Double> out = new ArrayList<>();
    for (double z = along.from() + PROBE; z < along.to() - PROBE; z += EVERY) {
      out.add(z);
    }
    out.add(along.to() - PROBE);
    return out;
  }
}
