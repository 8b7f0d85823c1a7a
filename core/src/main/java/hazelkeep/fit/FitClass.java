package hazelkeep.fit;

/**
 * Classes of fit on 40 to 70 mm boxes (common practice). Clearance = recess diameter - spigot
 * diameter; below zero is interference.
 */
public enum FitClass {
  JAM("jam", "drives the lid while its top is turned"),
  PUSH("push", "goes on with a push, stays on upside down"),
  SUCTION("suction", "the trapped air slows it and sounds when it is pulled"),
  SNUG("snug", "lifts off without taking the body along"),
  EASY("easy", "for daily use and damp seasons"),
  DROP_ON("drop-on", "falls into place");

  private final String word;
  private final String what;

  FitClass(String word, String what) {
    this.word = word;
    this.what = what;
  }

  /** Its word in the trade. */
  public String word() {
    return word;
  }

  /** What it is for. */
  public String what() {
    return what;
  }

  /**
   * Its least clearance, mm.
   *
   * @param diameter of the joint, mm; the jam class grows with it
   */
  public double least(double diameter) {
    return switch (this) {
      case JAM -> -0.003 * diameter;
      case PUSH -> -0.03;
      case SUCTION -> 0.03;
      case SNUG -> 0.12;
      case EASY -> 0.25;
      case DROP_ON -> 0.5;
    };
  }

  /** Its largest clearance, mm. */
  public double most(double diameter) {
    return switch (this) {
      case JAM -> -0.0006 * diameter;
      case PUSH -> 0.03;
      case SUCTION -> 0.12;
      case SNUG -> 0.25;
      case EASY -> 0.5;
      case DROP_ON -> 0.9;
    };
  }

  /** The middle of the class, mm. */
  public double centre(double diameter) {
    return (least(diameter) + most(diameter)) / 2;
  }

  /** The recess diameter that a burn line shows on a slightly tapered spigot, mm. */
  public static double burnLine(double end, double root, double length, double at) {
    return end + (root - end) * at / length;
  }
}
