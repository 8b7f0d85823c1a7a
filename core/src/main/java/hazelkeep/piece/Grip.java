package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.solid.Point;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * A point of the outline that can be dragged, and what its sizes then are.
 *
 * @param handle the point
 * @param key the size that it is about
 * @param sizes what its sizes are by where the point was dragged to, mm
 * @param keeps the size that stays while it is dragged; empty where nothing has to
 */
public record Grip(
    Handle handle, DimKey key, Function<Point, Map<DimKey, Double>> sizes, Optional<DimKey> keeps) {
  /** Nothing is dragged smaller, mm. */
  private static final double LEAST = 1;

  /** A point of one size. */
  public static Grip of(DimKey key, Handle handle, ToDoubleFunction<Point> size) {
    return new Grip(handle, key, p -> Map.of(key, size.applyAsDouble(p)), Optional.empty());
  }

  /** A diameter that is dragged outwards, and leaves the wood that is wanted beside a bore. */
  public static Grip round(DimKey key, String label, Point at, Optional<BoreWalls> walls) {
    return of(key, handle(key, label, at, walls), p -> across(p));
  }

  /**
   * A diameter that is dragged outwards, and along the axis.
   *
   * @param height the size of its height
   * @param from where that is counted from, in the blank's z
   */
  public static Grip free(Grip round, DimKey height, double from) {
    Handle h = round.handle;
    Handle both = new Handle(h.name(), h.label(), h.at(), true, true, h.least(), h.most());
    return new Grip(
        both,
        round.key,
        p -> Map.of(round.key, across(p), height, Math.max(LEAST, p.z() - from)),
        Optional.empty());
  }

  private static double across(Point p) {
    return Math.max(LEAST, 2 * p.r());
  }

  private static Handle handle(DimKey key, String label, Point at, Optional<BoreWalls> walls) {
    return walls
        .map(w -> Handle.round(key.path(), label, at, w))
        .orElseGet(() -> new Handle(key.path(), label, at, false, true));
  }

  /**
   * A depth that is dragged along the axis.
   *
   * @param from where it is counted from, in the blank's z
   * @param most the deepest that leaves enough wood, mm
   */
  public static Grip deep(DimKey key, String label, Point at, double from, double most) {
    int way = at.z() < from ? -1 : 1;
    return of(
        key, Handle.deep(key.path(), label, at, most), p -> Math.max(LEAST, way * (p.z() - from)));
  }

  /** The same while a size stays. */
  public Grip keeping(DimKey other) {
    return new Grip(handle, key, sizes, Optional.of(other));
  }
}
