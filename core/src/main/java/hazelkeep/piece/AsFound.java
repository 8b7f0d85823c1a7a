package hazelkeep.piece;

/**
 * The wood found otherwise than planned.
 *
 * @param part on which part
 * @param what what was found
 * @param at the place along the part, mm from the foot on a body, from the rim on a lid; 0 where it
 *     has none
 * @param value the size found, mm; the depth of a flaw; 0 for a loss
 */
public record AsFound(String part, What what, double at, double value) {
  /** What can be found. */
  public enum What {
    LENGTH("length"),
    DIAMETER("diameter"),
    DEPTH("depth"),
    FLAW("flaw"),
    LOST("lost or broken");

    private final String word;

    What(String word) {
      this.word = word;
    }

    /** Its word on screen. */
    public String word() {
      return word;
    }
  }

  /**
   * @throws IllegalArgumentException when the numbers make no sense, saying what would be accepted
   */
  public AsFound {
    if (!(at >= 0 && at < 1000) || !(value >= 0 && value < 1000)) {
      throw new IllegalArgumentException(
          "A place and a size on a part lie between 0 and 1000 mm (39 in)");
    }
    if (value == 0 && what != What.LOST && what != What.FLAW) {
      throw new IllegalArgumentException("Say what the " + what.word() + " measures now");
    }
  }
}
