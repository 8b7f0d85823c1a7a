package hazelkeep.solid;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.overlayng.OverlayNG;

/** Both sides of the axis: what is seen when turned work is sawn in half. */
final class FullSection {
  private FullSection() {}

  /**
   * A half section and its mirror image. A piece that lies along the axis in one stretch is joined
   * by running back along its own line; only what meets the axis otherwise is overlaid.
   */
  static Geometry of(Geometry half, PrecisionModel grid) {
    GeometryFactory make = half.getFactory();
    List<Polygon> out = new ArrayList<>();
    for (int g = 0; g < half.getNumGeometries(); g++) {
      Polygon p = (Polygon) half.getGeometryN(g);
      Coordinate[] ring = p.getExteriorRing().getCoordinates();
      int on = onAxis(ring);
      if (on == 0) {
        out.add(p);
        out.add((Polygon) flipped(p));
      } else if (on < 0) {
        return union(half, grid);
      } else {
        out.add(joined(p, ring, make));
      }
    }
    return out.size() == 1 ? out.get(0) : make.createMultiPolygon(out.toArray(Polygon[]::new));
  }

  private static Geometry flipped(Geometry g) {
    return new AffineTransformation(1, 0, 0, 0, -1, 0).transform(g);
  }

  private static Geometry union(Geometry half, PrecisionModel grid) {
    OverlayNG ng = new OverlayNG(half, flipped(half), grid, OverlayNG.UNION);
    ng.setStrictMode(true);
    return ng.getResult();
  }

  /**
   * How a ring meets the axis: not at all 0, along one stretch the number of its corners there, any
   * other way below 0.
   */
  private static int onAxis(Coordinate[] ring) {
    int n = ring.length - 1;
    int corners = 0;
    int begins = 0;
    for (int i = 0; i < n; i++) {
      if (ring[i].y == 0) {
        corners++;
        begins += ring[(i + n - 1) % n].y == 0 ? 0 : 1;
      }
    }
    return corners == 0 ? 0 : begins == 1 && corners > 1 ? corners : -1;
  }

  /** A piece that lies along the axis, run round to the axis and back along its mirror image. */
  private static Polygon joined(Polygon p, Coordinate[] ring, GeometryFactory make) {
    int n = ring.length - 1;
    int leaves = 0;
    while (!(ring[leaves].y == 0 && ring[(leaves + 1) % n].y != 0)) {
      leaves++;
    }
    List<Coordinate> there = new ArrayList<>();
    there.add(ring[leaves]);
    int k = leaves + 1;
    for (; ring[k % n].y != 0; k++) {
      there.add(ring[k % n]);
    }
    there.add(ring[k % n]);
    List<Coordinate> all = new ArrayList<>(there);
    for (int i = there.size() - 2; i >= 0; i--) {
      all.add(new Coordinate(there.get(i).x, -there.get(i).y));
    }
    // Back where it left the axis, to the bit.
    all.set(all.size() - 1, all.get(0).copy());
    List<LinearRing> holes = new ArrayList<>();
    for (int h = 0; h < p.getNumInteriorRing(); h++) {
      holes.add(p.getInteriorRingN(h));
      holes.add((LinearRing) flipped(p.getInteriorRingN(h)));
    }
    return make.createPolygon(
        make.createLinearRing(all.toArray(Coordinate[]::new)), holes.toArray(LinearRing[]::new));
  }

  /** A piece smaller than this, mm2, is none. */
  private static final double SCRAP = 1;

  /**
   * How many pieces are left when every neck thinner than this has broken, scraps not counted.
   *
   * @param full the full section
   * @param neck thickness in mm
   */
  static int counted(Geometry full, double neck) {
    Geometry shrunk = full.buffer(-neck / 2, 4);
    // A ring shows twice in the full section, mirror images of one another.
    int axis = 0;
    int beside = 0;
    for (int i = 0; i < shrunk.getNumGeometries(); i++) {
      Geometry g = shrunk.getGeometryN(i);
      if (g.isEmpty() || g.getArea() < SCRAP) {
        continue;
      }
      Envelope e = g.getEnvelopeInternal();
      if (e.getMinY() < 0 && e.getMaxY() > 0) {
        axis++;
      } else {
        beside++;
      }
    }
    return axis + (beside + 1) / 2;
  }
}
