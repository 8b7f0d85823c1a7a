package hazelkeep.solid;

import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.Triangle;

/**
 * How much lies between two outlines that run beside one another all the way round. Both are walked
 * at once: as long as the next corner of one lies close to where the other goes, neither leaves the
 * other. A line from the place on one to the place on the other then sweeps over all that is in one
 * region and out of the other, a triangle with each step; so their sum is never less than the area
 * between the two. Two squares of side 10, one with a corner more that lies 0.001 beside the middle
 * of its edge, have 0.005 mm2 between them, and that is what comes out.
 */
final class Alike {
  /** Outlines that are farther from one another are not walked together, mm. */
  private static final double FAR = 0.01;

  private final Coordinate[] a;
  private final Coordinate[] b;

  private Alike(Coordinate[] a, Coordinate[] b) {
    this.a = a;
    this.b = b;
  }

  /**
   * At most so much is in one of two regions and not in the other, mm2.
   *
   * @return infinite where they do not run beside one another, are of several pieces or have holes:
   *     only laying them over one another could tell
   */
  static double between(Geometry one, Geometry other) {
    if (!(one instanceof Polygon p) || !(other instanceof Polygon q)) {
      return Double.POSITIVE_INFINITY;
    }
    boolean whole = p.getNumInteriorRing() + q.getNumInteriorRing() == 0;
    return whole && !p.isEmpty() && !q.isEmpty()
        ? new Alike(p.getExteriorRing().getCoordinates(), q.getExteriorRing().getCoordinates())
            .swept()
        : Double.POSITIVE_INFINITY;
  }

  private double swept() {
    int n = a.length - 1;
    int m = b.length - 1;
    int start = nearest();
    double sum = 0;
    int i = 0;
    int j = 0;
    boolean near = a[0].distance(b[start]) <= FAR;
    while (near && (i < n || j < m)) {
      Coordinate onA = a[i % n];
      Coordinate onB = b[(start + j) % m];
      Coordinate nextA = a[(i + 1) % n];
      Coordinate nextB = b[(start + j + 1) % m];
      boolean both = i < n && j < m && nextA.distance(nextB) <= FAR;
      boolean first = both || i < n && Distance.pointToSegment(nextA, onB, nextB) <= FAR;
      boolean second = both || !first && j < m && Distance.pointToSegment(nextB, onA, nextA) <= FAR;
      near = first || second;
      sum += first ? Triangle.area(onA, onB, nextA) : 0;
      sum += second ? Triangle.area(first ? nextA : onA, onB, nextB) : 0;
      i += first ? 1 : 0;
      j += second ? 1 : 0;
    }
    return near ? sum : Double.POSITIVE_INFINITY;
  }

  private int nearest() {
    int at = 0;
    for (int k = 1; k < b.length - 1; k++) {
      at = b[k].distance(a[0]) < b[at].distance(a[0]) ? k : at;
    }
    return at;
  }
}
