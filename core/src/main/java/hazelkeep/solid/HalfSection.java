package hazelkeep.solid;

import hazelkeep.measure.Memory;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKTReader;
import org.locationtech.jts.io.WKTWriter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.precision.GeometryPrecisionReducer;

/**
 * A region of wood in the plane of axis and radius: what is seen when turned work is sawn in half
 * along its axis, one side of it. Immutable and valid; polygons only, radius never negative,
 * vertices on a grid of 2^-13 mm so that shifting and turning are exact.
 *
 * <p>Overlays are snap-rounded on that grid: floating overlays leave scraps of 1e-14 mm2 that a
 * route of thirty cuts would have to sweep up.
 */
public final class HalfSection {
  private static final double SCALE = 8192;
  private static final PrecisionModel GRID = new PrecisionModel(SCALE);
  private static final GeometryFactory MAKE = new GeometryFactory(GRID);
  private static final GeometryFactory MAKE_FLOATING = new GeometryFactory();

  /** A region beyond all work: what is larger than this is no wood of a turner. */
  public static final double FAR = 16_000;

  /** A scrap below this area, mm2, is dust. */
  public static final double DUST_AREA = 0.01;

  /** A scrap that is gone after shrinking by this much, mm, is dust. */
  private static final double DUST_SHRINK = 0.002;

  /** A larger region, mm2, is never so thin all over. */
  private static final double THIN_AT_MOST = 20;

  /** Nothing at all. */
  public static final HalfSection EMPTY = new HalfSection(MAKE.createPolygon());

  private final Geometry area;
  private Envelope envelope;
  private double[] edges;
  private Slabs slabs;
  private int asked;
  private double volume = Double.NaN;
  private int hash;

  private HalfSection(Geometry area) {
    this.area = area;
  }

  /** Snaps a number to the grid. */
  public static double snap(double v) {
    return Math.rint(v * SCALE) / SCALE;
  }

  /** What a line and some points after it enclose. */
  public static HalfSection closed(Polyline line, Point... rest) {
    List<Point> all = new ArrayList<>(line.points());
    all.addAll(List.of(rest));
    return of(all);
  }

  /**
   * The region inside a closed line.
   *
   * @param outline its corners in order; the last need not repeat the first
   * @throws NoOutline when the outline crosses itself or has no area
   */
  public static HalfSection of(List<Point> outline) {
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
      return EMPTY;
    }
    Polygon polygon = MAKE.createPolygon(ring.toArray(Coordinate[]::new));
    if (!polygon.isValid()) {
      if (polygon.getEnvelopeInternal().getArea() < DUST_AREA) {
        return EMPTY;
      }
      // Rounding may make a line touch itself; a real crossing loses or doubles area.
      Geometry mended = GeometryPrecisionReducer.reduce(polygon.buffer(0), GRID);
      if (Math.abs(mended.getArea() - Math.abs(signedArea(ring))) > 0.001) {
        throw new NoOutline("The outline crosses itself");
      }
      return keep(mended);
    }
    polygon.normalize();
    return new HalfSection(polygon);
  }

  private static double signedArea(List<Coordinate> ring) {
    return org.locationtech.jts.algorithm.Area.ofRing(ring.toArray(Coordinate[]::new));
  }

  /** The region as text that {@link #parse} reads back exactly. */
  public String text() {
    return new WKTWriter().write(MAKE_FLOATING.createGeometry(area));
  }

  /**
   * The region that {@link #text} wrote.
   *
   * @throws IllegalArgumentException when the text is no region
   */
  public static HalfSection parse(String text) {
    try {
      Geometry g = new WKTReader(MAKE_FLOATING).read(text);
      if (!g.isValid()) {
        throw new IllegalArgumentException("The region crosses itself");
      }
      return keep(GeometryPrecisionReducer.reduce(MAKE.createGeometry(g), GRID));
    } catch (ParseException e) {
      throw new IllegalArgumentException("This is no region: " + e.getMessage(), e);
    }
  }

  /** A rectangle; empty when it has no extent. */
  public static HalfSection box(double z0, double z1, double r0, double r1) {
    if (z1 <= z0 || r1 <= r0) {
      return EMPTY;
    }
    return of(List.of(new Point(z0, r0), new Point(z1, r0), new Point(z1, r1), new Point(z0, r1)));
  }

  /** This without another. */
  public HalfSection minus(HalfSection o) {
    return apart(o) ? this : overlay(o, OverlayNG.DIFFERENCE);
  }

  /** What this and another share. */
  public HalfSection and(HalfSection o) {
    return apart(o) ? EMPTY : overlay(o, OverlayNG.INTERSECTION);
  }

  /** This and another together. */
  public HalfSection plus(HalfSection o) {
    if (isEmpty() || o.isEmpty()) {
      return isEmpty() ? o : this;
    }
    return apart(o) ? beside(o) : overlay(o, OverlayNG.UNION);
  }

  /** What is in one of the two and not in the other. */
  public HalfSection xor(HalfSection o) {
    return isEmpty() || o.isEmpty() ? plus(o) : overlay(o, OverlayNG.SYMDIFFERENCE);
  }

  /**
   * Whether this and another region surely differ by no more than dust; a quick look, that answers
   * no where only laying them over one another could tell.
   */
  public boolean alike(HalfSection o) {
    return Alike.between(area, o.area) <= DUST_AREA;
  }

  /** Two regions that do not touch, as one. */
  private HalfSection beside(HalfSection o) {
    List<Polygon> all = new ArrayList<>();
    for (Geometry g : List.of(area, o.area)) {
      for (int i = 0; i < g.getNumGeometries(); i++) {
        all.add((Polygon) g.getGeometryN(i).copy());
      }
    }
    return join(all);
  }

  private boolean apart(HalfSection o) {
    return isEmpty() || o.isEmpty() || !envelope().intersects(o.envelope());
  }

  /** Points that a generation of the memory of overlays holds: some 8 MB. */
  private static final int REMEMBERED = 200_000;

  /** An entry's own weight, in points. */
  private static final int ENTRY = 10;

  private static final Memory<Overlay, HalfSection> OVERLAYS =
      new Memory<>(REMEMBERED, h -> ENTRY + h.area.getNumPoints());

  private record Overlay(HalfSection one, HalfSection other, int op) {}

  private HalfSection overlay(HalfSection o, int op) {
    return OVERLAYS.of(new Overlay(this, o, op), () -> overlaid(o, op));
  }

  private HalfSection overlaid(HalfSection o, int op) {
    return keep(
        op == OverlayNG.DIFFERENCE
            ? Stretches.without(area, o.area, a -> overlaid(a, o.area, op))
                .orElseGet(() -> overlaid(area, o.area, op))
            : overlaid(area, o.area, op));
  }

  private static Geometry overlaid(Geometry one, Geometry other, int op) {
    OverlayNG ng = new OverlayNG(one, other, GRID, op);
    ng.setStrictMode(true);
    return ng.getResult();
  }

  /** Keeps polygons only: a strict overlay still returns a line for a mere touch. */
  private static HalfSection keep(Geometry g) {
    List<Polygon> polygons = new ArrayList<>();
    for (int i = 0; i < g.getNumGeometries(); i++) {
      if (g.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
        polygons.add(p);
      }
    }
    return join(polygons);
  }

  private static HalfSection join(List<Polygon> polygons) {
    if (polygons.isEmpty()) {
      return EMPTY;
    }
    Geometry kept =
        polygons.size() == 1
            ? polygons.get(0)
            : MAKE.createMultiPolygon(polygons.toArray(Polygon[]::new));
    kept.normalize();
    return new HalfSection(kept);
  }

  /** This region as it lies in a setup. */
  public HalfSection in(Frame f) {
    return isEmpty() ? this : PLACED.of(new Placed(this, f), () -> placed(f));
  }

  private static final Memory<Placed, HalfSection> PLACED =
      new Memory<>(REMEMBERED, h -> ENTRY + h.area.getNumPoints());

  private record Placed(HalfSection one, Frame at) {}

  private HalfSection placed(Frame f) {
    AffineTransformation t =
        f.turned()
            ? new AffineTransformation(-1, 0, f.zero(), 0, 1, 0)
            : new AffineTransformation(1, 0, -f.zero(), 0, 1, 0);
    return keep(t.transform(area));
  }

  /** This region moved along the axis, mm. */
  public HalfSection shifted(double dz) {
    return dz == 0 ? this : in(new Frame(-dz, false));
  }

  /** This region grown by an allowance on every side, mm; shrunk when negative. */
  public HalfSection leaving(double allowance) {
    if (allowance == 0 || isEmpty()) {
      return this;
    }
    return LEFT.of(new Left(this, allowance), () -> grown(allowance));
  }

  private static final Memory<Left, HalfSection> LEFT =
      new Memory<>(REMEMBERED / ENTRY, h -> ENTRY + h.area.getNumPoints());

  private record Left(HalfSection one, double allowance) {}

  private HalfSection grown(double allowance) {
    double a = Math.abs(allowance);
    // Sagitta of the buffer's corner chords below the chord error of curves.
    int q = 2;
    while (a * (1 - Math.cos(Math.PI / (4 * q))) > Curve.CHORD) {
      q++;
    }
    Geometry grown = allowance > 0 ? area.buffer(a, q) : mirrored().buffer(-a, q);
    HalfSection out = keep(GeometryPrecisionReducer.reduce(grown, GRID));
    return out.and(box(-FAR, FAR, 0, FAR));
  }

  /** The full section, both sides of the axis. */
  private Geometry mirrored() {
    return FullSection.of(area, GRID);
  }

  /** Its separate pieces, in order along the axis. */
  public List<HalfSection> pieces() {
    if (area.getNumGeometries() == 1 && !isEmpty()) {
      // What is worked out of one piece stays known with it.
      return List.of(this);
    }
    List<HalfSection> out = new ArrayList<>();
    for (int i = 0; i < area.getNumGeometries(); i++) {
      if (!area.getGeometryN(i).isEmpty()) {
        out.add(new HalfSection(area.getGeometryN(i).copy()));
      }
    }
    out.sort(java.util.Comparator.comparingDouble(p -> p.envelope().getMinX()));
    return out;
  }

  /**
   * How many pieces are left when every neck thinner than this has broken, scraps not counted.
   *
   * @param neck thickness in mm, measured across the full section
   */
  public int countWithout(double neck) {
    return COUNTED.of(new Counting(this, neck), () -> FullSection.counted(mirrored(), neck));
  }

  private static final int COUNTS = 2_000;

  private static final Memory<Counting, Integer> COUNTED = new Memory<>(COUNTS, n -> 1);

  private record Counting(HalfSection one, double neck) {}

  /** This without scraps that no one could hold: below 0.01 mm2 or thinner than 4 micrometres. */
  public HalfSection dusted() {
    if (isEmpty()) {
      return this;
    }
    List<Polygon> kept = new ArrayList<>();
    for (int i = 0; i < area.getNumGeometries(); i++) {
      Geometry g = area.getGeometryN(i);
      // Shrunk in floating numbers: on the grid, so small an allowance empties any polygon.
      boolean thin =
          g.getArea() < THIN_AT_MOST
              && MAKE_FLOATING.createGeometry(g).buffer(-DUST_SHRINK).isEmpty();
      if (g.getArea() >= DUST_AREA && !thin) {
        kept.add((Polygon) g);
      }
    }
    return kept.size() == area.getNumGeometries()
        ? this
        : join(kept.stream().map(g -> (Polygon) g.copy()).toList());
  }

  /** Spans of wood on the radius at z, innermost first. */
  public List<Span> at(double z) {
    double[] e = edges();
    Slabs in = slabs();
    int slab = in == null ? 0 : in.slab(z);
    int end = in == null ? e.length / 4 : in.to(slab);
    double[] hits = new double[8];
    int n = 0;
    for (int k = in == null ? 0 : in.from(slab); k < end; k++) {
      int i = in == null ? 4 * k : in.edge(k);
      double z1 = e[i];
      double z2 = e[i + 2];
      if ((z1 <= z) != (z2 <= z)) {
        if (n == hits.length) {
          hits = java.util.Arrays.copyOf(hits, n * 2);
        }
        hits[n++] = e[i + 1] + (z - z1) / (z2 - z1) * (e[i + 3] - e[i + 1]);
      }
    }
    sort(hits, n);
    List<Span> spans = new ArrayList<>();
    for (int i = 0; i + 1 < n; i += 2) {
      spans.add(new Span(hits[i], hits[i + 1]));
    }
    return spans;
  }

  /** A radius crosses a handful of edges: put in order one by one. */
  private static void sort(double[] hits, int n) {
    for (int i = 1; i < n; i++) {
      double hit = hits[i];
      int j = i - 1;
      for (; j >= 0 && hits[j] > hit; j--) {
        hits[j + 1] = hits[j];
      }
      hits[j + 1] = hit;
    }
  }

  /** Just beside the axis, where edges that lie on it don't count, mm. */
  private static final double ON_AXIS = 1e-3;

  /** Stretches of wood along the axis, from low to high z. */
  public List<Span> alongAxis() {
    return along(ON_AXIS);
  }

  /**
   * Stretches of wood along a line beside the axis, from low to high z.
   *
   * @param r the line's distance from the axis, mm
   */
  public List<Span> along(double r) {
    double[] e = edges();
    List<Double> hits = new ArrayList<>();
    for (int i = 0; i < e.length; i += 4) {
      if ((e[i + 1] <= r) != (e[i + 3] <= r)) {
        hits.add(e[i] + (r - e[i + 1]) / (e[i + 3] - e[i + 1]) * (e[i + 2] - e[i]));
      }
    }
    java.util.Collections.sort(hits);
    List<Span> out = new ArrayList<>();
    for (int i = 0; i + 1 < hits.size(); i += 2) {
      out.add(new Span(hits.get(i), hits.get(i + 1)));
    }
    return out;
  }

  /** The outermost radius of wood at z; 0 where there is none. */
  public double outer(double z) {
    List<Span> spans = at(z);
    return spans.isEmpty() ? 0 : spans.get(spans.size() - 1).to();
  }

  /** The innermost radius of wood at z; 0 when solid, and 0 where there is none. */
  public double inner(double z) {
    List<Span> spans = at(z);
    return spans.isEmpty() ? 0 : spans.get(0).from();
  }

  /** Whether a point lies in the wood. */
  public boolean holds(Point p) {
    return holds(p.z(), p.r());
  }

  /** Whether a point lies in the wood; below the axis is the mirror image. */
  public boolean holds(double z, double radius) {
    double r = Math.abs(radius);
    if (isEmpty() || !envelope().contains(z, r)) {
      return false;
    }
    double[] e = edges();
    Slabs by = slabs();
    int slab = by == null ? 0 : by.slab(z);
    int end = by == null ? e.length / 4 : by.to(slab);
    boolean in = false;
    for (int k = by == null ? 0 : by.from(slab); k < end; k++) {
      int i = by == null ? 4 * k : by.edge(k);
      double z1 = e[i];
      double z2 = e[i + 2];
      if ((z1 <= z) != (z2 <= z)) {
        in ^= r < e[i + 1] + (z - z1) / (z2 - z1) * (e[i + 3] - e[i + 1]);
      }
    }
    return in;
  }

  /** The solid's volume, mm3, by Pappus per edge (frusta); exact for the flattened region. */
  public double volume() {
    if (Double.isNaN(volume)) {
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
      volume = sum;
    }
    return volume;
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

  /** The axial place of the solid's centre of mass, mm; exact for the flattened region. */
  public double centroid() {
    double sum = 0;
    double volume = 0;
    double[] e = edges();
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

  /** The area of the half-section, mm2. */
  public double area() {
    return area.getArea();
  }

  /** Whether there is nothing here. */
  public boolean isEmpty() {
    return area.isEmpty();
  }

  /** Lowest z. */
  public double minZ() {
    return envelope().getMinX();
  }

  /** Highest z. */
  public double maxZ() {
    return envelope().getMaxX();
  }

  /** Smallest radius. */
  public double minR() {
    return envelope().getMinY();
  }

  /**
   * Whether the section is somewhere thinner than this along a radius near a cut, or along the
   * axis. Cheap: a no spares the costly count of what hangs on necks.
   *
   * @param cut what was taken off: beside it nothing became thinner
   */
  public boolean thinSomewhere(double thickness, HalfSection cut) {
    double[] e = edges();
    double low = cut.minZ() - thickness;
    double high = cut.maxZ() + thickness;
    for (int i = 0; i < e.length; i += 4) {
      if (e[i] < low || e[i] > high) {
        continue;
      }
      for (double z : new double[] {e[i] - 0.01, e[i] + 0.01}) {
        for (Span s : at(z)) {
          if (s.from() < 1e-9 ? 2 * s.to() < thickness : s.length() < thickness) {
            return true;
          }
        }
      }
    }
    for (double r = 0.05; r < maxR(); r += Math.max(0.5, maxR() / 12)) {
      if (along(r).stream().anyMatch(s -> s.length() < thickness)) {
        return true;
      }
    }
    return false;
  }

  /** Largest radius. */
  public double maxR() {
    return envelope().getMaxY();
  }

  private Envelope envelope() {
    Envelope e = envelope;
    if (e == null) {
      e = area.getEnvelopeInternal();
      envelope = e;
    }
    return e;
  }

  /** Its edges by height, once they are asked for often; null until then. */
  private Slabs slabs() {
    Slabs s = slabs;
    if (s == null && edges().length > 4 * Slabs.FEW && ++asked > OFTEN) {
      s = new Slabs(edges());
      slabs = s;
    }
    return s;
  }

  /** So many questions are answered edge by edge before the edges are put in order. */
  private static final int OFTEN = 4;

  /** The closed lines round the region and its holes; fill them even-odd. */
  public List<Polyline> rings() {
    List<Polyline> out = new ArrayList<>();
    for (int g = 0; g < area.getNumGeometries(); g++) {
      Polygon p = (Polygon) area.getGeometryN(g);
      if (!p.isEmpty()) {
        out.add(line(p.getExteriorRing()));
        for (int h = 0; h < p.getNumInteriorRing(); h++) {
          out.add(line(p.getInteriorRingN(h)));
        }
      }
    }
    return out;
  }

  private static Polyline line(LinearRing ring) {
    List<Point> points = new ArrayList<>();
    for (Coordinate c : ring.getCoordinates()) {
      points.add(new Point(c.x, c.y));
    }
    return new Polyline(points);
  }

  /** Edges as z1 r1 z2 r2 ..., outer rings one way round and holes the other. */
  double[] edges() {
    if (edges == null) {
      List<Coordinate[]> rings = new ArrayList<>();
      for (int g = 0; g < area.getNumGeometries(); g++) {
        Polygon p = (Polygon) area.getGeometryN(g);
        rings.add(p.getExteriorRing().getCoordinates());
        for (int h = 0; h < p.getNumInteriorRing(); h++) {
          rings.add(p.getInteriorRingN(h).getCoordinates());
        }
      }
      double[] e = new double[4 * rings.stream().mapToInt(c -> Math.max(0, c.length - 1)).sum()];
      int i = 0;
      for (Coordinate[] ring : rings) {
        for (int k = 1; k < ring.length; k++) {
          e[i++] = ring[k - 1].x;
          e[i++] = ring[k - 1].y;
          e[i++] = ring[k].x;
          e[i++] = ring[k].y;
        }
      }
      edges = e;
    }
    return edges;
  }

  /** Regions are equal when they have the same corners. */
  @Override
  public boolean equals(Object o) {
    return this == o
        || o instanceof HalfSection h
            && hashCode() == h.hashCode()
            && Arrays.equals(edges(), h.edges());
  }

  @Override
  public int hashCode() {
    if (hash == 0) {
      int h = 1;
      for (Coordinate c : area.getCoordinates()) {
        h = 31 * (31 * h + Double.hashCode(c.x)) + Double.hashCode(c.y);
      }
      hash = h;
    }
    return hash;
  }

  @Override
  public String toString() {
    return "HalfSection " + area;
  }
}
