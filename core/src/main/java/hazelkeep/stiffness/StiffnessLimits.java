package hazelkeep.stiffness;

import hazelkeep.measure.Grade;

/** What stiffness and speed are held against. */
public final class StiffnessLimits {
  /** What is rigid for a turner, N/mm: more is shown as more than this. */
  public static final double RIGID = 2000;

  /** Share of the first critical speed that a speed may come to (common practice). */
  public static final double CRITICAL_SHARE = 0.7;

  /** Share of it for work out of round, which is shaken twice a turn (common practice). */
  public static final double CRITICAL_SHARE_UNROUND = 0.45;

  /**
   * What is asked of the stiffness at the tool, N/mm (common practice; calibrated on work that was
   * turned).
   */
  public enum Cut {
    ROUGHING("roughing, facing, hollowing, boring", 500, 200, 50, 50),
    FINISHING("finishing a shape or a thin wall", 150, 60, 20, 20),
    SLENDER("fine cuts or abrasive on slender work", 60, 25, 10, 10);

    private final String words;
    private final double sound;
    private final double light;
    private final double least;
    private final double force;

    Cut(String words, double sound, double light, double least, double force) {
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

    /** From here on nothing needs to be watched, N/mm. */
    public double sound() {
      return sound;
    }

    /** From here on light cuts go well, N/mm. */
    public double light() {
      return light;
    }

    /** Below this it is not to be done so, N/mm. */
    public double least() {
      return least;
    }

    /** Sideways force of the tool, N (assumed). */
    public double force() {
      return force;
    }

    /** What a stiffness means. */
    public Judgement of(double k) {
      if (k >= sound) {
        return Judgement.SOUND;
      }
      if (k >= light) {
        return Judgement.LIGHT;
      }
      return k >= least ? Judgement.SUPPORT : Judgement.NOT;
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
