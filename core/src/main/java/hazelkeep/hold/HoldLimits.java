package hazelkeep.hold;

/**
 * Numbers on holding, in mm unless said otherwise: common practice, but for those that the model
 * needs and says so.
 */
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

  /** Least share of a tenon that must still be there for jaws to grip it; the model's. */
  public static final double TENON_LEFT = 0.9;

  /** How far the wood of a jam gives, on the radius: what meets deeper stops it. */
  public static final double JAM_GIVES = 0.3;

  /** How far apart two faces may stay and still count as seated; the model's. */
  public static final double SEATED = 0.05;

  /** How far inside the mouth a jam is judged; the model's. */
  public static final double JAM_AT = 2;

  /** Least overlap of two halves that counts as a joint; the model's. */
  public static final double JOINT_LEAST = 0.5;

  private HoldLimits() {}
}
