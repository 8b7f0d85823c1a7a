package hazelkeep.solid;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** The solid that a section sweeps as it turns round the axis: a sum of frusta, edge by edge. */
final class Revolved {
  private Revolved() {}

  /**
   * Its volume, mm3: an edge from (z1, a) to (z2, b) sweeps a frustum of pi/3 (z2 - z1) (a^2 + ab +
   * b^2), the edges on the way back take away what lies inside.
   */
  static double volume(Geometry area) {
    double sum = 0;
    for (int g = 0; g < area.getNumGeometries(); g++) {
      Polygon p = (Polygon) area.getGeometryN(g);
      if (p.isEmpty()) {
        continue;
      }
      sum += Math.abs(frusta(p.getExteriorRing()));
      for (int h = 0; h < p.getNumInteriorRing(); h++) {
        sum -= Math.abs(frusta(p.getInteriorRingN(h)));
      }
    }
    return sum;
  }

  private static double frusta(LinearRing ring) {
    double sum = 0;
    Coordinate[] c = ring.getCoordinates();
    for (int i = 1; i < c.length; i++) {
      double a = c[i - 1].y;
      double b = c[i].y;
      sum += (c[i].x - c[i - 1].x) * (a * a + a * b + b * b);
    }
    return Math.PI / 3 * sum;
  }

  /**
   * The axial place of its centre of mass, mm.
   *
   * @param e edges as z1 r1 z2 r2 ...
   */
  static double centroid(double[] e) {
    double sum = 0;
    double volume = 0;
    for (int i = 0; i < e.length; i += 4) {
      // Integral of z r^2 dz along the edge, Simpson being exact for a cubic.
      double zm = (e[i] + e[i + 2]) / 2;
      double rm = (e[i + 1] + e[i + 3]) / 2;
      sum +=
          (e[i + 2] - e[i])
              / 6
              * (e[i] * e[i + 1] * e[i + 1] + 4 * zm * rm * rm + e[i + 2] * e[i + 3] * e[i + 3]);
      // The solid by the same edges, so that the way round they run does not count.
      volume += (e[i + 2] - e[i]) / 6 * (e[i + 1] * e[i + 1] + 4 * rm * rm + e[i + 3] * e[i + 3]);
    }
    return sum / volume;
  }
}
