package hazelkeep.fit;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;

/**
 * Something seen on the way to a fit.
 *
 * @param what what was read, tried or done
 * @param value what goes with it, mm or s; 0 where nothing does
 */
public record Seen(What what, double value) {
  /** What may be seen. */
  public enum What {
    RECESS("recess", true),
    ROOT("spigot at its root", true),
    MIDDLE("spigot in its middle", true),
    END("spigot at its end", true),
    CUT("cut", true),
    ABRASIVE("eased with abrasive", true),
    WONT_START("won't start", false),
    STOPS("starts, stops on the way", true),
    FORCE("goes on with force", false),
    PUSH(Wording.of("any.goes-on-with-a-push"), false),
    SINKS("sinks by itself", true),
    SLIDES(Wording.of("seen.drops-into-place-without-a"), false),
    DROPS("drops, rattles", false);

    private final String words;
    private final boolean measured;

    What(String words, boolean measured) {
      this.words = words;
      this.measured = measured;
    }

    /** In the trade's words. */
    public String words() {
      return words;
    }

    /** Whether a number goes with it. */
    public boolean measured() {
      return measured;
    }

    /** Whether it is a diameter that was measured. */
    public boolean reading() {
      return ordinal() <= END.ordinal();
    }

    /** Whether wood was taken off. */
    public boolean cut() {
      return this == CUT || this == ABRASIVE;
    }

    /** Whether the lid itself was tried. */
    public boolean trial() {
      return ordinal() >= WONT_START.ordinal();
    }
  }

  /** Nothing measured is larger, mm; nothing sinks longer, s. */
  private static final double MOST = 10_000;

  /**
   * @throws Refused when the number makes no sense, saying what would
   */
  public Seen {
    if (what == null) {
      throw new Refused(Wording.of("seen.say-what-was-seen"));
    }
    if (what.measured && !(value > 0 && value < MOST)) {
      throw new Refused(Wording.of("seen.goes-with-a-number-above", what.words));
    }
    value = what.measured ? value : 0;
  }
}
