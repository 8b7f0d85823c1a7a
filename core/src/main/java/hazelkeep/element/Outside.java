package hazelkeep.element;

import hazelkeep.solid.Polyline;

/** A stretch of an outside whose line other elements ask for. */
public interface Outside {
  /** Its line from its low end to its high end, in the blank's z. */
  Polyline line(Lay lay);

  /** The radius of its true curve at a height of the blank, mm. */
  double radius(Lay lay, double z);
}
