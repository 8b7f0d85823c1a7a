package hazelkeep.measure;

/** The two ways a workshop writes lengths. */
public enum Unit {
  MM {
    @Override
    public String show(double mm) {
      return Rounding.text(mm, 1);
    }

    @Override
    public String showFit(double mm) {
      return Rounding.text(mm, 2);
    }

    @Override
    public String word() {
      return "mm";
    }
  },
  INCH {
    @Override
    public String show(double mm) {
      return fraction(mm / Length.INCH);
    }

    @Override
    public String showFit(double mm) {
      return Rounding.text(mm / Length.INCH, 3);
    }

    @Override
    public String word() {
      return "in";
    }
  };

  /** The finest inch fraction shown: sixty-fourths. */
  private static final int FINEST = 64;

  /** A length for the eye: 0.1 mm, or inches to the nearest 1/64. No unit word. */
  public abstract String show(double mm);

  /** A length of a fit: 0.01 mm, or thousandths of an inch. No unit word. */
  public abstract String showFit(double mm);

  /** The unit's short word. */
  public abstract String word();

  /** A size with its hedge, for a field of this unit. */
  public String show(Size size) {
    return size.hedge().words() + show(size.mm());
  }

  private static String fraction(double inches) {
    long parts = Rounding.half(Math.abs(inches) * FINEST, 0).longValueExact();
    String sign = inches < 0 && parts > 0 ? "-" : "";
    long whole = parts / FINEST;
    long over = parts % FINEST;
    if (over == 0) {
      return sign + whole;
    }
    long under = FINEST;
    while (over % 2 == 0) {
      over /= 2;
      under /= 2;
    }
    return sign + (whole == 0 ? "" : whole + " ") + over + "/" + under;
  }
}
