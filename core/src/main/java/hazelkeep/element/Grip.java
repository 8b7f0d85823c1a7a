package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Handle;
import hazelkeep.solid.Point;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * A point of the outline that can be dragged, and what its size then is.
 *
 * @param handle the point; its name is that of the size
 * @param size the size by where the point was dragged to, mm
 */
public record Grip(Handle handle, ToDoubleFunction<Point> size) {
  /** Nothing is dragged smaller, mm. */
  private static final double LEAST = 1;

  /** The size that it drags. */
  public DimKey key() {
    return new DimKey(handle.name());
  }

  /** A diameter that is dragged outwards, and leaves the wood that is wanted beside a bore. */
  public static Grip round(DimKey key, String label, Point at, Optional<BoreWalls> walls) {
    Handle handle =
        walls
            .map(w -> Handle.round(key.path(), label, at, w))
            .orElseGet(() -> new Handle(key.path(), label, at, false, true));
    return new Grip(handle, p -> Math.max(LEAST, 2 * p.r()));
  }

  /**
   * A depth that is dragged along the axis.
   *
   * @param from where it is counted from, in the blank's z
   * @param most the deepest that leaves enough wood, mm
   */
  public static Grip deep(DimKey key, String label, Point at, double from, double most) {
    return new Grip(
        Handle.deep(key.path(), label, at, most),
        p -> Math.max(LEAST, (at.z() < from ? -1 : 1) * (p.z() - from)));
  }
}
