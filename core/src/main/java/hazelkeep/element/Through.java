package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * The places that a turner's outsides go through beside those of their kind.
 *
 * @param added everything that was added
 * @param lows where the outside of each part begins
 */
public record Through(List<Added> added, Map<String, Edge> lows) {
  /** Places nearer than this along the axis are one, mm: no line goes through both. */
  private static final double ONE = 0.1;

  static Through of(Design design, Make make) {
    return new Through(
        design.elements(),
        make.members().stream().collect(Collectors.toMap(Member::name, Member::low)));
  }

  Edge low(String part) {
    return lows.get(part);
  }

  /**
   * The places on a part, upwards, each a height over the low end of its outside and a radius, mm.
   *
   * @param mm a size
   */
  List<Point> of(String part, ToDoubleFunction<DimKey> mm) {
    return on(added, part, mm);
  }

  /** The same of a design. */
  public static List<Point> on(List<Added> added, String part, ToDoubleFunction<DimKey> mm) {
    return added.stream()
        .filter(a -> a.what().equals(OutlinePoint.POINT) && a.part().equals(part))
        .map(
            a ->
                new Point(
                    mm.applyAsDouble(a.size(OutlinePoint.HEIGHT)),
                    mm.applyAsDouble(a.size(OutlinePoint.DIAMETER)) / 2))
        .sorted(Comparator.comparingDouble(Point::z))
        .toList();
  }

  /**
   * The places of a line with those that were added between its ends. What lies past them, or where
   * a place is already, is left out.
   *
   * @param own its own places, upwards
   * @param added other places, upwards
   */
  public static List<Point> merged(List<Point> own, List<Point> added) {
    List<Point> out = new ArrayList<>(own);
    double low = own.get(0).z();
    double high = own.get(own.size() - 1).z();
    for (Point p : added) {
      if (p.z() > low
          && p.z() < high
          && out.stream().allMatch(o -> Math.abs(o.z() - p.z()) > ONE)) {
        out.add(p);
      }
    }
    out.sort(Comparator.comparingDouble(Point::z));
    return out;
  }
}
