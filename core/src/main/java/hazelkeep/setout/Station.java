package hazelkeep.setout;

import hazelkeep.measure.Rounding;
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

  /** Of a place on the grid of the wood, which lies a hair beside what was meant. */
  static Station of(Point p, Datum datum) {
    return new Station(Rounding.to(datum.place(p.z()), MEANT), Rounding.to(2 * p.r(), MEANT));
  }

  /** Digits of a millimetre that are meant: the grid is coarser than the next. */
  private static final int MEANT = 3;
}
