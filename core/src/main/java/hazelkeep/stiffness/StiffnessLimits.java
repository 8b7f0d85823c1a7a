package hazelkeep.stiffness;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;

/** What stiffness and speed are held against. */
public final class StiffnessLimits {
  /** What is asked of the stiffness at the tool, N/mm. */
  public enum Cut {
    ROUGHING(
        "roughing, facing, hollowing, boring",
        Line.STIFF_ROUGHING_SOUND,
        Line.STIFF_ROUGHING_LIGHT,
        Line.STIFF_ROUGHING_LEAST,
        Line.STIFF_ROUGHING_FORCE),
    FINISHING(
        "finishing a shape or a thin wall",
        Line.STIFF_FINISHING_SOUND,
        Line.STIFF_FINISHING_LIGHT,
        Line.STIFF_FINISHING_LEAST,
        Line.STIFF_FINISHING_FORCE),
    SLENDER(
        Wording.of("stiffnessLimits.slender-work"),
        Line.STIFF_SLENDER_SOUND,
        Line.STIFF_SLENDER_LIGHT,
        Line.STIFF_SLENDER_LEAST,
        Line.STIFF_SLENDER_FORCE);

    private final String words;
    private final Line sound;
    private final Line light;
    private final Line least;
    private final Line force;

    Cut(String words, Line sound, Line light, Line least, Line force) {
      this.words = words;
      this.sound = sound;
      this.light = light;
      this.least = least;
      this.force = force;
    }

    /** In the trade's words. */
    public String words() {
      return words;
    }

    /** From here on light cuts go well, N/mm. */
    public Line light() {
      return light;
    }

    /** Below this it is not to be done so, N/mm. */
    public Line least() {
      return least;
    }

    /** Sideways force of the tool, N. */
    public Line force() {
      return force;
    }

    /** What a stiffness means. */
    public Judgement of(double k, Practice practice) {
      if (k >= practice.of(sound)) {
        return Judgement.SOUND;
      }
      if (k >= practice.of(light)) {
        return Judgement.LIGHT;
      }
      return k >= practice.of(least) ? Judgement.SUPPORT : Judgement.NOT;
    }
  }

  /** How stiff is stiff enough. */
  public enum Judgement {
    SOUND("stiff"),
    LIGHT("light cuts"),
    SUPPORT("support it"),
    NOT("too soft");

    private final String words;

    Judgement(String words) {
      this.words = words;
    }

    /** In the trade's words. */
    public String words() {
      return words;
    }

    /** How grave. */
    public Grade grade() {
      return switch (this) {
        case NOT -> Grade.STOP;
        case SUPPORT -> Grade.WATCH;
        default -> Grade.NOTE;
      };
    }
  }

  private StiffnessLimits() {}
}
