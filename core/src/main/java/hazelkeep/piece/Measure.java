package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.solid.Point;

/**
 * Where a dimension lies on the work.
 *
 * @param key which
 * @param label its short name on the drawing
 * @param from one end, in the blank's z
 * @param to the other end
 * @param kind how it is drawn
 * @param part the part it is measured on
 * @param hangs whether it hangs on the piece's drawing; others show at the bench only
 */
public record Measure(
    DimKey key, String label, Point from, Point to, Kind kind, String part, boolean hangs) {
  /** How a dimension is drawn. */
  public enum Kind {
    /** A length along the axis, above the work. */
    LENGTH,
    /** An outside diameter, below the axis. */
    OUTSIDE,
    /** An inside diameter, above the axis. */
    INSIDE,
    /** A depth along the axis, inside. */
    DEPTH
  }

  /** The same, shown at the bench only. */
  Measure atBench() {
    return new Measure(key, label, from, to, kind, part, false);
  }
}
