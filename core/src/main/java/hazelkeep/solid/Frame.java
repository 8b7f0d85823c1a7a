package hazelkeep.solid;

/**
 * Where a body sits in a setup: body z to setup x, x from the jaw face towards the tailstock.
 *
 * @param zero the body's z at x = 0; kept on the grid of the half-sections so that turning a body
 *     round and back changes nothing
 * @param turned whether the body is turned end for end
 */
public record Frame(double zero, boolean turned) {
  /** Snaps the origin to the grid. */
  public Frame {
    zero = HalfSection.snap(zero);
  }

  /** The setup's x of a body's z. */
  public double x(double z) {
    return turned ? zero - z : z - zero;
  }

  /** The way back. */
  public Frame inverse() {
    return turned ? this : new Frame(-zero, false);
  }

  /** A point taken along. */
  public Point of(Point p) {
    return new Point(x(p.z()), p.r());
  }
}
