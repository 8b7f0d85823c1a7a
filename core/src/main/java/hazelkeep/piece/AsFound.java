package hazelkeep.piece;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The wood found otherwise than planned.
 *
 * @param part on which part
 * @param what what was found
 * @param at the place along the part, mm from the foot on a body, from the rim on a lid; 0 where it
 *     has none
 * @param to where it ends, for something that runs along the part; not below {@code at}
 * @param value the size found, mm: what {@link What#asked} says; 0 where it has none
 * @param degrees where it lies round the axis, counted from the grain mark
 * @param round whether it is turned off all round; else it only weakens the wood where it is
 */
public record AsFound(
    String part, What what, double at, double to, double value, int degrees, boolean round) {
  /** What a turner says besides the part. */
  public enum Says {
    VALUE,
    AT,
    TO,
    DEGREES,
    ROUND
  }

  /** What can be found. */
  public enum What {
    SPIGOT(
        "spigot broken off",
        Wording.of("asFound.what-is-left-of-it"),
        Wording.of("asFound.spigot-helps"),
        Says.VALUE),
    RIM(
        "rim torn or chipped",
        "how deep, from the rim",
        Wording.of("asFound.rim-helps"),
        Says.VALUE,
        Says.DEGREES,
        Says.ROUND),
    CRACK(
        "a crack",
        Wording.of("asFound.how-deep-empty-if-nobody"),
        Wording.of("asFound.crack-helps"),
        Says.VALUE,
        Says.AT,
        Says.TO,
        Says.DEGREES),
    FLAW(
        "a flaw in the wood",
        "how deep",
        Wording.of("asFound.flaw-helps"),
        Says.VALUE,
        Says.AT,
        Says.DEGREES,
        Says.ROUND),
    PIERCED(
        "floor pierced", "how wide the hole is", Wording.of("asFound.pierced-helps"), Says.VALUE),
    DEPTH(
        "too deep",
        Wording.of("asFound.how-deep-it-is-from"),
        Wording.of("asFound.depth-helps"),
        Says.VALUE),
    DIAMETER(
        "too thin",
        "the diameter there",
        Wording.of("asFound.diameter-helps"),
        Says.VALUE,
        Says.AT),
    LENGTH(
        "too short",
        Wording.of("asFound.its-whole-length-now-spigot"),
        Wording.of("asFound.length-helps"),
        Says.VALUE),
    OFF("bored off the middle", "by how much", Wording.of("asFound.off-helps"), Says.VALUE),
    DROPPED("dropped, looks whole", "", Wording.of("asFound.dropped-helps")),
    LOST("lost or broken to pieces", "", Wording.of("asFound.lost-helps"));

    private final String word;
    private final String asked;
    private final String helps;
    private final Set<Says> says;

    What(String word, String asked, String helps, Says... says) {
      this.word = word;
      this.asked = asked;
      this.helps = helps;
      this.says = says.length == 0 ? EnumSet.noneOf(Says.class) : EnumSet.of(says[0], says);
    }

    /**
     * By its name, in whatever case.
     *
     * @throws Refused when there is none, saying which there are
     */
    public static What named(String name) {
      return Arrays.stream(values())
          .filter(w -> w.name().equalsIgnoreCase(name))
          .findFirst()
          .orElseThrow(
              () ->
                  new Refused(
                      Wording.of(
                          "asFound.found-can-be",
                          Arrays.stream(values())
                              .map(w -> w.name().toLowerCase(Locale.ROOT))
                              .collect(Collectors.joining(", ")))));
    }

    /** Its words on screen. */
    public String word() {
      return word;
    }

    /** What its size means; empty where it has none. */
    public String asked() {
      return asked;
    }

    /** What turners do about it by hand. */
    public String helps() {
      return helps;
    }

    /** What has to be said of it. */
    public Set<Says> says() {
      return says;
    }

    /** Whether it means nothing without its size. */
    boolean sized() {
      return switch (this) {
        case RIM, DEPTH, DIAMETER, LENGTH, OFF -> true;
        default -> false;
      };
    }

    /** Whether wood is missing all round, whatever else is said. */
    boolean allRound() {
      return switch (this) {
        case SPIGOT, PIERCED, DEPTH, DIAMETER, LENGTH -> true;
        default -> false;
      };
    }
  }

  private static final double MOST = 1000;

  /**
   * @throws Refused when the numbers make no sense, saying what would be accepted
   */
  public AsFound {
    // Logs from before it could be said end where they begin.
    to = Math.max(at, to);
    if (!(at >= 0 && to < MOST) || !(value >= 0 && value < MOST)) {
      throw new Refused(Wording.of("asFound.a-place-and-a-size"));
    }
    if (degrees < 0 || degrees > 359) {
      throw new Refused(Wording.of("asFound.round-the-axis-it-lies"));
    }
    if (value == 0 && what.sized()) {
      throw new Refused(Wording.of("asFound.say-its-size", what.asked()));
    }
  }

  /** Something with one place, or none. */
  public AsFound(String part, What what, double at, double value) {
    this(part, what, at, at, value, 0, false);
  }

  /** The same, turned off all round. */
  public AsFound allRound() {
    return new AsFound(part, what, at, to, value, degrees, true);
  }

  /** Whether wood is missing all round. */
  public boolean takesWood() {
    return round || what.allRound();
  }
}
