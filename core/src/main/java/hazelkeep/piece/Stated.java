package hazelkeep.piece;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import java.util.Optional;

/** What is asked of anything that a turner states, whatever the kind of piece. */
public final class Stated {
  private static final int PAPER_MOST = 6;
  private static final int SLOPE_MOST = 30;
  private static final int NAME_MOST = 60;

  private Stated() {}

  /**
   * A name, without the spaces round it.
   *
   * @param what it names, as the refusal begins
   * @throws Refused when it is too long or no plain text
   */
  public static String name(String text, String what) {
    String t = text.strip();
    if (t.length() > NAME_MOST || t.chars().anyMatch(Character::isISOControl)) {
      throw new Refused(Wording.of("stated.is-a-name-of-at", what, NAME_MOST));
    }
    return t;
  }

  /**
   * Checks a size.
   *
   * @param what it is, as the refusal begins
   * @throws Refused when it is out of range, saying what would be accepted
   */
  public static void within(Size s, double least, double most, String what) {
    if (s.mm() < least || s.mm() > most) {
      throw new Refused(
          Wording.of(
              "stated.between-and-this-is",
              what,
              Dims.both(least),
              Dims.both(most),
              Dims.both(s.mm())));
    }
  }

  /** The same for a size that may be missing. */
  public static void within(Optional<Size> s, double least, double most, String what) {
    s.ifPresent(x -> within(x, least, most, what));
  }

  /**
   * Checks what every design states.
   *
   * @param grit the finest grit, 80 to 2000
   * @param paper layers of paper between a jam chuck and the work
   * @param slope lean of the grain against the axis, degrees
   * @throws Refused when one is out of range
   */
  public static void usual(int grit, int paper, int slope) {
    if (grit < 80 || grit > 2000) {
      throw new Refused(Wording.of("stated.grits-run-from-80-to"));
    }
    if (paper < 0 || paper > PAPER_MOST) {
      throw new Refused(Wording.of("stated.paper-goes-in-0-to", PAPER_MOST));
    }
    if (slope < 0 || slope > SLOPE_MOST) {
      throw new Refused(Wording.of("stated.the-grain-leans-by-0", SLOPE_MOST));
    }
  }

  /**
   * Checks how a lid fits in use.
   *
   * @throws Refused when it would not come off again
   */
  public static void worn(FitClass fit) {
    if (fit == FitClass.JAM) {
      throw new Refused(Wording.of("stated.a-jam-is-for-turning"));
    }
  }
}
