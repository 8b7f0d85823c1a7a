package hazelkeep.solid;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Area;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.precision.GeometryPrecisionReducer;

/** Polygons on the grid: made of corners, laid over one another, rid of dust. */
final class Polygons {
  private static final double SCALE = 8192;

  /** Corners lie on it, 2^-13 mm apart. */
  static final PrecisionModel GRID = new PrecisionModel(SCALE);

  /** Makes what lies on the grid. */
  static final GeometryFactory MAKE = new GeometryFactory(GRID);

  /** Makes what does not. */
  static final GeometryFactory MAKE_FLOATING = new GeometryFactory();

  /** A scrap that is gone after shrinking by this much, mm, is dust. */
  private static final double DUST_SHRINK = 0.002;

  /** A larger region, mm2, is never so thin all over. */
  private static final double THIN_AT_MOST = 20;

  /** What mending may change of an outline's area, mm2: more, and it ran into itself. */
  private static final double MENDED = 0.001;

  private Polygons() {}

  /** Snaps a number to the grid. */
  static double snap(double v) {
    return Math.rint(v * SCALE) / SCALE;
  }

  /**
   * The region inside a closed line.
   *
   * @throws NoOutline when it crosses itself
   */
  static Geometry of(List<Point> outline) {
    List<Coordinate> ring = new ArrayList<>();
    for (Point p : outline) {
      Coordinate c = new Coordinate(snap(p.z()), snap(Math.max(0, p.r())));
      if (ring.isEmpty() || !ring.get(ring.size() - 1).equals2D(c)) {
        ring.add(c);
      }
    }
    if (!ring.isEmpty() && !ring.get(0).equals2D(ring.get(ring.size() - 1))) {
      ring.add(ring.get(0).copy());
    }
    if (ring.size() < 4) {
      return MAKE.createPolygon();
    }
    Polygon polygon = MAKE.createPolygon(ring.toArray(Coordinate[]::new));
    if (polygon.isValid()) {
      polygon.normalize();
      return polygon;
    }
    if (polygon.getEnvelopeInternal().getArea() < HalfSection.DUST_AREA) {
      return MAKE.createPolygon();
    }
    // Rounding may make a line touch itself; a real crossing loses or doubles area.
    Geometry mended = GeometryPrecisionReducer.reduce(polygon.buffer(0), GRID);
    double area = Math.abs(Area.ofRing(ring.toArray(Coordinate[]::new)));
    if (Math.abs(mended.getArea() - area) > MENDED) {
      throw new NoOutline("The outline crosses itself");
    }
    return keep(mended);
  }

  /** A rectangle, as {@link #of} would make it, which need not be looked through. */
  static Geometry box(double z0, double z1, double r0, double r1) {
    double low = snap(z0);
    double high = snap(z1);
    double in = snap(Math.max(0, r0));
    double out = snap(Math.max(0, r1));
    if (!(high > low && out > in)) {
      return MAKE.createPolygon();
    }
    return MAKE.createPolygon(
        new Coordinate[] {
          new Coordinate(low, in),
          new Coordinate(low, out),
          new Coordinate(high, out),
          new Coordinate(high, in),
          new Coordinate(low, in)
        });
  }

  /** One laid over another. */
  static Geometry overlaid(Geometry one, Geometry other, int op) {
    return keep(
        op == OverlayNG.DIFFERENCE
            ? Stretches.without(one, other, a -> bare(a, other, op))
                .orElseGet(() -> bare(one, other, op))
            : bare(one, other, op));
  }

  private static Geometry bare(Geometry one, Geometry other, int op) {
    OverlayNG ng = new OverlayNG(one, other, GRID, op);
    ng.setStrictMode(true);
    return ng.getResult();
  }

  /** Two that do not touch, as one. */
  static Geometry beside(Geometry one, Geometry other) {
    List<Polygon> all = new ArrayList<>();
    for (Geometry g : List.of(one, other)) {
      for (int i = 0; i < g.getNumGeometries(); i++) {
        all.add((Polygon) g.getGeometryN(i).copy());
      }
    }
    return join(all);
  }

  /** Keeps polygons only: a strict overlay still returns a line for a mere touch. */
  static Geometry keep(Geometry g) {
    List<Polygon> polygons = new ArrayList<>();
    for (int i = 0; i < g.getNumGeometries(); i++) {
      if (g.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
        polygons.add(p);
      }
    }
    return join(polygons);
  }

  private static Geometry join(List<Polygon> polygons) {
    if (polygons.isEmpty()) {
      return MAKE.createPolygon();
    }
    Geometry kept =
        polygons.size() == 1
            ? polygons.get(0)
            : MAKE.createMultiPolygon(polygons.toArray(Polygon[]::new));
    kept.normalize();
    return kept;
  }

  /** A region without scraps; the very same where it has none. */
  static Geometry dusted(Geometry area) {
    List<Polygon> kept = new ArrayList<>();
    for (int i = 0; i < area.getNumGeometries(); i++) {
      Geometry g = area.getGeometryN(i);
      // Shrunk in floating numbers: on the grid, so small an allowance empties any polygon.
      boolean thin =
          g.getArea() < THIN_AT_MOST
              && MAKE_FLOATING.createGeometry(g).buffer(-DUST_SHRINK).isEmpty();
      if (g.getArea() >= HalfSection.DUST_AREA && !thin) {
        kept.add((Polygon) g);
      }
    }
    return kept.size() == area.getNumGeometries()
        ? area
        : join(kept.stream().map(g -> (Polygon) g.copy()).toList());
  }

  /**
   * A region grown by an allowance on every side, mm; shrunk when negative. What comes below the
   * axis is still there.
   */
  static Geometry grown(Geometry area, double allowance) {
    double a = Math.abs(allowance);
    // Sagitta of the buffer's corner chords below the chord error of curves.
    int q = 2;
    while (a * (1 - Math.cos(Math.PI / (4 * q))) > Curve.CHORD) {
      q++;
    }
    Geometry grown = allowance > 0 ? area.buffer(a, q) : FullSection.of(area, GRID).buffer(-a, q);
    return keep(GeometryPrecisionReducer.reduce(grown, GRID));
  }
}
