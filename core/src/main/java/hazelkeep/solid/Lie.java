package hazelkeep.solid;

/**
 * How a tool lies at a place of a surface. Points below the axis have a negative {@code r}.
 *
 * @param nose the middle of its nose
 * @param bar the foremost point of its bar's middle line, beside the nose where the bar is wider or
 *     hooked
 * @param lean the way its bar leads out, radians from the tailstock direction towards the turner
 */
public record Lie(Point nose, Point bar, double lean) {
  /** There is a way in, but the place is sharper than the nose. */
  static final Lie TIGHT = new Lie(new Point(0, 0), new Point(0, 0), Double.NaN);

  /** Of what lies along its own middle line. */
  public static Lie straight(double z, double r, double lean) {
    Point nose = new Point(z, r);
    return new Lie(nose, nose, lean);
  }

  /** How far its bar's middle line lies beside its nose, mm; above zero to the left of its way. */
  public double beside() {
    return (bar.r() - nose.r()) * Math.cos(lean) - (bar.z() - nose.z()) * Math.sin(lean);
  }

  /** The same place with the tool turned, and its bar so far to the left of the nose, mm. */
  Lie turned(double to, double beside) {
    Point b = new Point(nose.z() - beside * Math.sin(to), nose.r() + beside * Math.cos(to));
    return new Lie(nose, b, to);
  }
}
