package hazelkeep.element;

import hazelkeep.solid.Curve;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import java.util.ArrayList;
import java.util.List;

/**
 * How a captive ring is cut free through slots beside it. A straight tool leans in from both sides:
 * the ring is a house in section, straight sides and two flat faces inside that meet in a ridge in
 * its middle. A hook goes in flat and leaves it square inside. Its outer edges may be rounded, by
 * half its width into a half round.
 *
 * <pre>
 * outer ___ ________ ____        the ridge lies at r = inner, h = outer - inner
 *          |        |   / /      along a side h - q is straight
 *          | ring   |  / /       q = (width / 2) / tan lean
 *          |________| / /        the tool goes `past` beyond the middle; both sides are cut
 *           \      / / /
 * inner      \____/_/_/
 * </pre>
 *
 * @param outer radius of its outside, mm
 * @param inner radius of its ridge, mm
 * @param width along the axis, mm
 * @param slot between two rings, mm
 * @param edge by what its outer edges are rounded, mm
 * @param tool that frees it
 */
public record RingCut(
    double outer, double inner, double width, double slot, double edge, RingTool tool) {
  private double high() {
    return outer - inner;
  }

  /**
   * The lean of the tool against the radius that a slot allows, radians. The tool's near edge runs
   * through the ridge; its far edge, {@code tool / cos lean} further on along the axis, just clears
   * the neighbour's corner: {@code slot = high tan lean - width / 2 + tool / cos lean + play}.
   *
   * <p>With G = slot - play and R = sqrt((G + width/2)² + high²) this is {@code acos(tool / R) -
   * atan(high / (G + width / 2))}. A slot of 4 beside a ring of 40 to 28 that is 6 wide, with a
   * tool of 2 and a play of 0.5, gives 34.22 degrees. Not a number where no tool of that thickness
   * goes in at all.
   */
  public double lean() {
    if (tool.hooked()) {
      return 0;
    }
    double thick = tool.thick();
    double g = slot - tool.play() + width / 2;
    double far = Math.hypot(g, high());
    return thick >= far ? Double.NaN : Math.acos(thick / far) - Math.atan(high() / g);
  }

  /** How high the ridge stands between the straight sides, mm; a hook leaves none. */
  public double ridge() {
    return tool.hooked() ? 0 : width / 2 / Math.tan(lean());
  }

  /** How long its straight sides are, mm; below 0 the tools meet too deep. */
  public double straight() {
    return high() - ridge();
  }

  /** The lowest point that the tool reaches, as a radius, mm: slots are cut as deep. */
  public double lowest() {
    return tool.hooked()
        ? inner - tool.thick()
        : inner - tool.past() * Math.cos(lean()) - tool.thick() * Math.sin(lean());
  }

  /**
   * How high the tool's blade may be, mm: it stands on edge in the slot, its upper edge at the
   * height of the axis, and its lower one comes to sqrt(r^2 + b^2) from the axis where the ring's
   * inside lies at r. By the play along the axis it may lie deeper in the cone that it cuts: b =
   * sqrt((r + play / tan lean)^2 - r^2), for a hook with its play all of it.
   *
   * <p>Example: an inside of 14 mm, a lean of 34 degrees, a play of 0.5: 4.6 mm.
   */
  public double blade() {
    double in = tool.hooked() ? tool.play() : tool.play() / Math.tan(lean());
    return Math.sqrt((inner + in) * (inner + in) - inner * inner);
  }

  /**
   * How far from a ring's middle something beside it has to stay for the tool to come in over it.
   *
   * @param stands the radius that it stands to, mm
   */
  public double clear(double stands) {
    return tool.hooked()
        ? width / 2 + tool.slot(width)
        : (stands - inner) * Math.tan(lean()) + tool.thick() / Math.cos(lean()) + tool.play();
  }

  /** How many rings there are room for between two places of that distance, mm. */
  public int fit(double room) {
    return room < 0 ? 0 : 1 + (int) Math.floor(room / (width + slot) + 1e-9);
  }

  /**
   * The stress in a ring that is squeezed between two fingers, MPa: the moment of a thin ring under
   * a diametral load, {@code M = F R / pi} (Roark's Formulas for Stress and Strain, from memory),
   * over the modulus of its own section, a tenth more for its curvature.
   *
   * <p>By hand, 10 N, inner 14, outer 20, width 6: a rectangle 1.50, a triangle 6.37, a house with
   * a ridge of 3 3.72 MPa, before the tenth.
   *
   * @param force N
   */
  public double squeezed(double force) {
    return CURVED * thin(force);
  }

  /**
   * The same without what its curvature adds: the second moment of its section about the line
   * through its centroid along the axis, edge by edge of its outline (Green's theorem).
   */
  double thin(double force) {
    List<Point> p = outline(0);
    double area = 0;
    double first = 0;
    double second = 0;
    for (int i = 0; i < p.size(); i++) {
      Point a = p.get(i);
      Point b = p.get((i + 1) % p.size());
      double cross = a.z() * b.r() - b.z() * a.r();
      area += cross / 2;
      first += cross * (a.r() + b.r()) / 6;
      second += cross * (a.r() * a.r() + a.r() * b.r() + b.r() * b.r()) / 12;
    }
    double centre = first / area;
    double inertia = Math.abs(second - area * centre * centre);
    double fibre = Math.max(centre - inner, outer - centre);
    return force * centre / Math.PI * fibre / inertia;
  }

  private static final double CURVED = 1.1;

  /** A ring with its middle at a height. */
  HalfSection ring(double z) {
    return HalfSection.of(outline(z));
  }

  /** Its outline, from the low side's outer end over its outside. */
  private List<Point> outline(double z) {
    double q = Math.min(ridge(), high());
    List<Point> out = new ArrayList<>(outside(z).points());
    out.add(new Point(z + width / 2, inner + q));
    if (q > 0) {
      out.add(new Point(z, inner));
    }
    out.add(new Point(z - width / 2, inner + q));
    return out;
  }

  /** By what its edges can be rounded at most, mm. */
  double roundest() {
    return Math.min(width / 2, Math.max(0, straight()));
  }

  /** Its outside from the low side to the high one, its edges rounded. */
  Polyline outside(double z) {
    double z0 = z - width / 2;
    double z1 = z + width / 2;
    double e = Math.min(edge, roundest());
    if (e <= 0) {
      return Polyline.of(z0, outer, z1, outer);
    }
    List<Curve> curves = new ArrayList<>();
    curves.add(new Curve.Arc(new Point(z0 + e, outer - e), e, e, 180, 90));
    if (z1 - z0 > 2 * e) {
      curves.add(new Curve.Line(new Point(z0 + e, outer), new Point(z1 - e, outer)));
    }
    curves.add(new Curve.Arc(new Point(z1 - e, outer - e), e, e, 90, 0));
    return new Profile(curves).flat();
  }

  /**
   * What the tool sweeps under a ring with its middle at a height.
   *
   * @param way -1 from the low side, 1 from the high one
   */
  HalfSection under(double z, int way) {
    double past = tool.past();
    if (tool.hooked()) {
      double from = z + way * (width / 2);
      double to = z - way * past;
      return HalfSection.box(Math.min(from, to), Math.max(from, to), lowest(), inner);
    }
    double lean = lean();
    // Along the tool from its tip outwards, and across it towards the stem.
    double az = way * Math.sin(lean);
    double ar = Math.cos(lean);
    double tz = z - way * past * Math.sin(lean);
    double tr = inner - past * Math.cos(lean);
    double cz = way * Math.cos(lean) * tool.thick();
    double cr = -Math.sin(lean) * tool.thick();
    double long_ = (outer - tr) / ar;
    return HalfSection.of(
        List.of(
            new Point(tz, tr),
            new Point(tz + az * long_, tr + ar * long_),
            new Point(tz + az * long_ + cz, tr + ar * long_ + cr),
            new Point(tz + cz, tr + cr)));
  }
}
