package hazelkeep.hold;

/**
 * Numbers on holding, in mm unless said otherwise: common practice, but for those that the model
 * needs and says so.
 */
public final class HoldLimits {
  /** Free length in front of the jaws without tail support. */
  public static final double FREE_LENGTH = 150;

  /** Free length over tenon diameter: up to this, stout work of any length stands comfortably. */
  public static final double LEVER_COMFORT = 3;

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

  /** Wall of a bored tenon that jaws squeeze without crushing it. */
  public static final double TENON_WALL = 6;

  /** How far the wood of a jam gives, on the radius: what meets deeper stops it. */
  public static final double JAM_GIVES = 0.3;

  /** How far apart two faces may stay and still count as seated; the model's. */
  public static final double SEATED = 0.05;

  /** How far inside the mouth a jam is judged; the model's. */
  public static final double JAM_AT = 2;

  /** Least overlap of two halves that counts as a joint; the model's. */
  public static final double JOINT_LEAST = 0.5;

  /** How far on either side of a shoulder the wood is looked at; the model's. */
  public static final double PROBE = 0.05;

  /** What calipers can't tell from a jam. */
  public static final double JAM_SLACK = 0.005;

  /** Share of the bending strength that a tenon or stem is trusted with. */
  public static final double STRENGTH_WATCH = 0.25;

  /** Share of the bending strength at which it is expected to break under a catch. */
  public static final double STRENGTH_STOP = 0.5;

  /** The lightest cut that a hold by friction has to stand, N (assumed). */
  public static final double LIGHT_CUT = 10;

  /** Strength across the grain over the pull: below this, watch. */
  public static final double SPLIT_WATCH = 3;

  /** Strength across the grain over the pull: below this, it splits. */
  public static final double SPLIT_STOP = 1.5;

  /** Least wall round a recess in end grain that jaws open in. */
  public static final double EXPAND_WALL = 10;

  /** Shallowest recess that jaws hold in. */
  public static final double RECESS_LEAST = 3;

  /** Largest force of a jaw tightened by hand, N (assumed). */
  public static final double JAW_FORCE = 500;

  /** Force of a tail centre brought up by hand, N (assumed). */
  public static final double TAIL_PRESS = 200;

  /** Force of a tail centre that only steadies, N (assumed). */
  public static final double TAIL_TOUCH = 50;

  /** Lean of a surface under the jaws, over their depth, that they still bite on. */
  public static final double JAWS_LEAN = 0.5;

  /** Share of a wood screw's withdrawal load that is counted on (Wood Handbook; from memory). */
  public static final double SCREW_SHARE = 1 / 6.0;

  /** Thickness of a layer of paper pressed in a jam (assumed). */
  public static final double PAPER = 0.1;

  private HoldLimits() {}
}
