package hazelkeep.hold;

/** Numbers of the trade on holding: all common practice, in mm unless said otherwise. */
public final class HoldLimits {
  /** Free length in front of the jaws without tail support. */
  public static final double FREE_LENGTH = 150;

  /** Free length at which even slow speeds shake. */
  public static final double FREE_LENGTH_MOST = 250;

  /** Free length over tenon diameter: above this, light cuts only. */
  public static final double LEVER = 5;

  /** Step from tenon to shoulder that still seats on the jaw fronts, a side. */
  public static final double SHOULDER = 2;

  /** Interference that a jam is turned to in a mouth or on a spigot, per mm of diameter. */
  public static final double JAM_PER_MM = 0.0018;

  /** Least interference with which a jam drives, per mm of diameter. */
  public static final double JAM_LEAST_PER_MM = 0.0006;

  private HoldLimits() {}
}
