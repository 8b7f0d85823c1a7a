package hazelkeep.fit;

import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;

/**
 * Classes of fit, their borders lines of Practice. Clearance = recess diameter - spigot diameter;
 * below zero is interference. Each class begins where the one before it ends.
 */
public enum FitClass {
  JAM("jam", Wording.of("fitClass.drives-the-lid-while-its")),
  PUSH("push", Wording.of("any.goes-on-with-a-push")),
  SUCTION("suction", Wording.of("fitClass.the-trapped-air-slows-it")),
  SNUG("snug", Wording.of("fitClass.lifts-off-without-taking-the")),
  EASY("easy", Wording.of("fitClass.for-daily-use-and-damp")),
  DROP_ON("drop-on", "falls into place"),
  GLUED("glued", Wording.of("fitClass.room-for-the-glue-and")),
  INSERT("screwed insert", Wording.of("fitClass.the-seat-of-a-bought")),
  MECHANICAL("mechanical", Wording.of("fitClass.held-by-a-catch-or"));

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

  /** It with its article: a push fit, an easy fit. */
  public String named() {
    return ("aeiou".indexOf(word.charAt(0)) >= 0 ? "an " : "a ") + word + " fit";
  }

  /** Whether a lid goes on by it, with nothing else that holds it. */
  public boolean ofLids() {
    return ordinal() <= DROP_ON.ordinal();
  }

  /** The class of lids that a clearance lies in; the loosest beyond all. */
  public static FitClass at(double clearance, double diameter, Practice practice) {
    for (FitClass f : values()) {
      if (f.ofLids() && clearance < f.most(diameter, practice)) {
        return f;
      }
    }
    return DROP_ON;
  }

  /** What it is for. */
  public String what() {
    return what;
  }

  /**
   * Its least clearance, mm.
   *
   * @param diameter of the joint, mm
   */
  public double least(double diameter, Practice practice) {
    return switch (this) {
      case JAM -> -practice.of(Line.FIT_JAM_TIGHTEST) * diameter;
      case PUSH -> grown(practice.of(Line.FIT_PUSH_LEAST), diameter, practice);
      case SUCTION -> PUSH.most(diameter, practice);
      case SNUG -> SUCTION.most(diameter, practice);
      case EASY -> SNUG.most(diameter, practice);
      case DROP_ON -> EASY.most(diameter, practice);
      case GLUED -> grown(practice.of(Line.FIT_GLUED_LEAST), diameter, practice);
      case INSERT -> grown(practice.of(Line.FIT_INSERT_LEAST), diameter, practice);
      case MECHANICAL -> grown(practice.of(Line.FIT_MECHANICAL_LEAST), diameter, practice);
    };
  }

  /** Its largest clearance, mm. */
  public double most(double diameter, Practice practice) {
    return switch (this) {
      case JAM -> -practice.of(Line.FIT_JAM_LOOSEST) * diameter;
      case PUSH -> grown(practice.of(Line.FIT_PUSH_MOST), diameter, practice);
      case SUCTION -> grown(practice.of(Line.FIT_SUCTION_MOST), diameter, practice);
      case SNUG -> grown(practice.of(Line.FIT_SNUG_MOST), diameter, practice);
      case EASY -> grown(practice.of(Line.FIT_EASY_MOST), diameter, practice);
      case DROP_ON -> grown(practice.of(Line.FIT_DROP_ON_MOST), diameter, practice);
      case GLUED -> grown(practice.of(Line.FIT_GLUED_MOST), diameter, practice);
      case INSERT -> grown(practice.of(Line.FIT_INSERT_MOST), diameter, practice);
      case MECHANICAL -> grown(practice.of(Line.FIT_MECHANICAL_MOST), diameter, practice);
    };
  }

  /**
   * A border on a joint that is wider than those that the classes are said of: b (1 + g (D / D0 -
   * 1)), g the share of growth. Example: 0.12 at 105 mm with D0 70 and g 1 is 0.18.
   */
  private static double grown(double border, double diameter, Practice practice) {
    double over = diameter / practice.of(Line.FIT_GROWS_ABOVE) - 1;
    return border * (1 + practice.of(Line.FIT_GROWS) * Math.max(0, over));
  }

  /** The middle of the class, mm. */
  public double centre(double diameter, Practice practice) {
    return (least(diameter, practice) + most(diameter, practice)) / 2;
  }

  /** The recess diameter that a burn line shows on a slightly tapered spigot, mm. */
  public static double burnLine(double end, double root, double length, double at) {
    return end + (root - end) * at / length;
  }
}
