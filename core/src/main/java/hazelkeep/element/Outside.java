package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.util.Comparator;

/** A stretch of an outside whose line other elements ask for. */
public interface Outside {
  /** Its line from its low end to its high end, in the blank's z. */
  Polyline line(Lay lay);

  /** The size that it is wide at an end: the high one or the low one. */
  DimKey across(boolean high);

  /** The radius of its true curve at a height of the blank, mm. */
  double radius(Lay lay, double z);

  /**
   * Where a diameter of it stands on the drawing: at a height, if it is as wide there, or else at
   * the nearest corner that is.
   */
  default double shows(Lay lay, DimKey diameter, double z) {
    double r = lay.mm(diameter) / 2;
    return Math.abs(radius(lay, z) - r) < AS_WIDE
        ? z
        : line(lay).points().stream()
            .filter(p -> Math.abs(p.r() - r) < AS_WIDE)
            .mapToDouble(Point::z)
            .boxed()
            .min(Comparator.comparingDouble(at -> Math.abs(at - z)))
            .orElse(z);
  }

  /** Radii that differ by less are one on a drawing, mm. */
  double AS_WIDE = 0.01;
}
