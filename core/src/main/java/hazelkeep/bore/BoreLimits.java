package hazelkeep.bore;

/** Numbers on boring: common practice, in mm unless said otherwise. */
public final class BoreLimits {
  /** Speed of the cutting rim of a bit with a rim, m/s. */
  public static final double RIM_SLOW = 0.33;

  /** The same at most. */
  public static final double RIM_FAST = 0.79;

  /** Slim twist bits, and all of them in soft wood, may turn so many times as fast. */
  public static final double TWIST_FASTER = 2;

  /** Smallest twist bit that turns no faster than other bits in hard wood. */
  public static final double TWIST_SEEN_LEAST = 8;

  /** Largest twist bit that the rule was seen on. */
  public static final double TWIST_SEEN_MOST = 20;

  /** Wood from this density on is hard, kg/m3 (assumed: a little below that of cherry). */
  public static final double HARD = 550;

  /** Smallest size that the rule of speeds was seen on. */
  public static final double SEEN_LEAST = 12;

  /** Largest size that the rule of speeds was seen on. */
  public static final double SEEN_MOST = 54;

  /** Chips are cleared after so much at the most, and after one diameter. */
  public static final double CHIPS = 12;

  /** From so many diameters on a bore drifts. */
  public static final double DRIFT_DIAMETERS = 6;

  /** Drift to the millimetre of length beyond the start without an extension. */
  public static final double DRIFT = 0.01;

  /** A bit whose size differs by no more than this is the bit that is wanted. */
  public static final double SAME_SIZE = 0.05;

  /** Room at the mouth between the wood and what holds the bit. */
  public static final double STAND_OFF = 3;

  /** Cutting force of a bit on its section, MPa. */
  public static final double CUTTING = 30;

  /** Feed of a bit, mm a turn. */
  public static final double FEED = 0.2;

  private BoreLimits() {}
}
