package hazelkeep.setout;

import hazelkeep.solid.Point;

/**
 * A place on a line to cut to, as it is set out on the work.
 *
 * @param from distance from the datum along the axis, mm
 * @param across diameter there, mm; 0 on the axis
 */
public record Station(double from, double across) {
  /** The place in the setup. */
  public Point in(Datum datum) {
    return new Point(datum.x(from), across / 2);
  }

  static Station of(Point p, Datum datum) {
    return new Station(datum.place(p.z()), 2 * p.r());
  }
}
