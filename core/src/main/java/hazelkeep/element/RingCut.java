package hazelkeep.element;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.List;

/**
 * How a captive ring is cut free with a straight tool that leans in from both sides through slots
 * beside it. The ring is a house in section: straight sides, and two flat faces inside that meet in
 * a ridge in its middle.
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
 * @param tool thickness of the tool, mm
 * @param play of the tool in the slot, along the axis, mm
 * @param past how far the tool's tip goes beyond the middle, mm
 */
public record RingCut(
    double outer, double inner, double width, double slot, double tool, double play, double past) {
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
    double g = slot - play + width / 2;
    double far = Math.hypot(g, high());
    return tool >= far ? Double.NaN : Math.acos(tool / far) - Math.atan(high() / g);
  }

  /** How high the ridge stands between the straight sides, mm. */
  public double ridge() {
    return width / 2 / Math.tan(lean());
  }

  /** How long its straight sides are, mm; below 0 the tools meet too deep. */
  public double straight() {
    return high() - ridge();
  }

  /** The lowest point that the tool reaches, as a radius, mm: slots are cut as deep. */
  public double lowest() {
    return inner - past * Math.cos(lean()) - tool * Math.sin(lean());
  }

  /**
   * How far from a ring's middle something beside it has to stay for the tool to come in over it.
   *
   * @param stands the radius that it stands to, mm
   */
  public double clear(double stands) {
    return (stands - inner) * Math.tan(lean()) + tool / Math.cos(lean()) + play;
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

  /** The same without what its curvature adds. */
  double thin(double force) {
    double q = Math.min(ridge(), high());
    double side = high() - q;
    double box = width * side;
    double tip = width * q / 2;
    double boxAt = outer - side / 2;
    double tipAt = inner + 2 * q / 3;
    double centre = (box * boxAt + tip * tipAt) / (box + tip);
    double inertia =
        width * Math.pow(side, 3) / 12
            + box * Math.pow(boxAt - centre, 2)
            + width * Math.pow(q, 3) / 36
            + tip * Math.pow(tipAt - centre, 2);
    double fibre = Math.max(centre - inner, outer - centre);
    return force * centre / Math.PI * fibre / inertia;
  }

  private static final double CURVED = 1.1;

  /** A ring with its middle at a height. */
  HalfSection ring(double z) {
    double q = Math.min(ridge(), high());
    double z0 = z - width / 2;
    double z1 = z + width / 2;
    return HalfSection.of(
        List.of(
            new Point(z0, outer),
            new Point(z1, outer),
            new Point(z1, inner + q),
            new Point(z, inner),
            new Point(z0, inner + q)));
  }

  /**
   * What the tool sweeps under a ring with its middle at a height.
   *
   * @param way -1 from the low side, 1 from the high one
   */
  HalfSection under(double z, int way) {
    double lean = lean();
    // Along the tool from its tip outwards, and across it towards the stem.
    double az = way * Math.sin(lean);
    double ar = Math.cos(lean);
    double tz = z - way * past * Math.sin(lean);
    double tr = inner - past * Math.cos(lean);
    double cz = way * Math.cos(lean) * tool;
    double cr = -Math.sin(lean) * tool;
    double long_ = (outer - tr) / ar;
    return HalfSection.of(
        List.of(
            new Point(tz, tr),
            new Point(tz + az * long_, tr + ar * long_),
            new Point(tz + az * long_ + cz, tr + ar * long_ + cr),
            new Point(tz + cz, tr + cr)));
  }
}
