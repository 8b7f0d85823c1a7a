package hazelkeep.hold;

/** How closely the program looks where work and hold touch, mm: of its model, not of the trade. */
public final class Touch {
  /** How far apart two faces may stay and still count as seated. */
  public static final double SEATED = 0.05;

  /** How far inside the mouth a jam is judged. */
  public static final double JAM_AT = 2;

  /** Least overlap of two halves that counts as a joint. */
  public static final double JOINT_LEAST = 0.5;

  /** How far on either side of a shoulder the wood is looked at. */
  public static final double PROBE = 0.05;

  private Touch() {}
}
