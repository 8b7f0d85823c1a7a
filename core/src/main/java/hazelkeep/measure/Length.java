package hazelkeep.measure;

/**
 * A length in millimetres.
 *
 * @param mm finite, and smaller than 10 000 either way
 */
public record Length(double mm) implements Comparable<Length> {
  /** The largest length that is taken, in millimetres: no lathe is ten metres long. */
  public static final double MOST = 10_000;

  /** Millimetres in an inch, exact by definition (international inch, 1959). */
  public static final double INCH = 25.4;

  /**
   * @throws Refused when the value is not finite or too large
   */
  public Length {
    if (!Double.isFinite(mm) || Math.abs(mm) >= MOST) {
      throw new Refused(Wording.of("length.a-length-stays-below-10", mm));
    }
  }

  /** A length of so many millimetres. */
  public static Length mm(double mm) {
    return new Length(mm);
  }

  /** A length of so many inches. */
  public static Length inches(double inches) {
    return new Length(inches * INCH);
  }

  /** This length in inches. */
  public double inInches() {
    return mm / INCH;
  }

  @Override
  public int compareTo(Length other) {
    return Double.compare(mm, other.mm);
  }
}
