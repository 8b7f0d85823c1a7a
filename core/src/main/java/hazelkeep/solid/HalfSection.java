package hazelkeep.solid;

import hazelkeep.measure.Memory;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Refused;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
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
  /** A region beyond all work: what is larger than this is no wood of a turner. */
  public static final double FAR = 16_000;

  /** A scrap below this area, mm2, is dust. */
  public static final double DUST_AREA = 0.01;

  /** Nothing at all. */
  public static final HalfSection EMPTY = new HalfSection(Polygons.MAKE.createPolygon());

  private final Geometry area;
  private final Crossings lines;
  private Envelope envelope;
  private double volume = Double.NaN;
  private int hash;

  private HalfSection(Geometry area) {
    this.area = area;
    this.lines = new Crossings(area);
  }

  private static HalfSection with(Geometry area) {
    return area.isEmpty() ? EMPTY : new HalfSection(area);
  }

  /** Snaps a number to the grid. */
  public static double snap(double v) {
    return Polygons.snap(v);
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
   * @throws NoOutline when the outline crosses itself
   */
  public static HalfSection of(List<Point> outline) {
    return with(Polygons.of(outline));
  }

  /** The region as text that {@link #parse} reads back exactly. */
  public String text() {
    return new WKTWriter().write(Polygons.MAKE_FLOATING.createGeometry(area));
  }

  /**
   * The region that {@link #text} wrote.
   *
   * @throws Refused when the text is no region
   */
  public static HalfSection parse(String text) {
    try {
      Geometry g = new WKTReader(Polygons.MAKE_FLOATING).read(text);
      if (!g.isValid()) {
        throw new Refused("The region crosses itself");
      }
      Geometry on = Polygons.MAKE.createGeometry(g);
      return with(Polygons.keep(GeometryPrecisionReducer.reduce(on, Polygons.GRID)));
    } catch (ParseException e) {
      throw new Refused("This is no region: " + e.getMessage(), e);
    }
  }

  /** A rectangle; empty when it has no extent. */
  public static HalfSection box(double z0, double z1, double r0, double r1) {
    return with(Polygons.box(z0, z1, r0, r1));
  }

  /** How many corners its outlines have: what it costs to work with it. */
  public int corners() {
    return area.getNumPoints();
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
    return apart(o) ? with(Polygons.beside(area, o.area)) : overlay(o, OverlayNG.UNION);
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
    Patience.spend(corners() + o.corners());
    return OVERLAYS.of(new Overlay(this, o, op), () -> with(Polygons.overlaid(area, o.area, op)));
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
    return with(Polygons.keep(t.transform(area)));
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
    return with(Polygons.grown(area, allowance)).and(box(-FAR, FAR, 0, FAR));
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
    out.sort(Comparator.comparingDouble(p -> p.envelope().getMinX()));
    return out;
  }

  /**
   * How many pieces are left when every neck thinner than this has broken, scraps not counted.
   *
   * @param neck thickness in mm, measured across the full section
   */
  public int countWithout(double neck) {
    return COUNTED.of(
        new Counting(this, neck),
        () -> FullSection.counted(FullSection.of(area, Polygons.GRID), neck));
  }

  private static final int COUNTS = 2_000;

  private static final Memory<Counting, Integer> COUNTED = new Memory<>(COUNTS, n -> 1);

  private record Counting(HalfSection one, double neck) {}

  /** This without scraps that no one could hold: below 0.01 mm2 or thinner than 4 micrometres. */
  public HalfSection dusted() {
    Geometry clean = isEmpty() ? area : Polygons.dusted(area);
    return clean == area ? this : with(clean);
  }

  /** Spans of wood on the radius at z, innermost first. */
  public List<Span> at(double z) {
    return lines.at(z);
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
    return lines.along(r);
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
    return !isEmpty() && envelope().contains(z, r) && lines.holds(z, r);
  }

  /** The solid's volume, mm3, by Pappus per edge (frusta); exact for the flattened region. */
  public double volume() {
    if (Double.isNaN(volume)) {
      volume = Revolved.volume(area);
    }
    return volume;
  }

  /** The axial place of the solid's centre of mass, mm; exact for the flattened region. */
  public double centroid() {
    return Revolved.centroid(lines.edges());
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
   * Whether the section is somewhere near a cut thinner than this, along a radius or along the
   * axis. Cheap: a no spares the costly count of what hangs on necks.
   *
   * @param cut what was taken off: beside it nothing became thinner
   */
  public boolean thinSomewhere(double thickness, HalfSection cut) {
    Span near = new Span(cut.minZ() - thickness, cut.maxZ() + thickness);
    return lines.thin(thickness, near, maxR());
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

  /** The closed lines round the region and its holes; fill them even-odd. */
  public List<Polyline> rings() {
    return Crossings.rings(area).stream().map(HalfSection::line).toList();
  }

  private static Polyline line(Coordinate[] ring) {
    return new Polyline(Arrays.stream(ring).map(c -> new Point(c.x, c.y)).toList());
  }

  /** Edges as z1 r1 z2 r2 ..., outer rings one way round and holes the other. */
  double[] edges() {
    return lines.edges();
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
