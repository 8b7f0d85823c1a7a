package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.solid.Polyline;

/** A stretch of an outside whose line other elements ask for. */
public interface Outside {
  /** Its line from its low end to its high end, in the blank's z. */
  Polyline line(Lay lay);

  /** The size that it is wide at an end: the high one or the low one. */
  DimKey across(boolean high);

  /** The radius of its true curve at a height of the blank, mm. */
  double radius(Lay lay, double z);
}
