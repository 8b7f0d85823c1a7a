package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import java.util.regex.Pattern;

/**
 * Something that a turner added to a piece: a line, a bead, a knob.
 *
 * @param what its stable name in piece files: {@code line}, {@code bead}
 * @param no tells it from others of its sort, 1 to 99
 * @param part the part that it is on
 */
public record Added(String what, int no, String part) {
  private static final Pattern WORD = Pattern.compile("[a-z][a-z-]{0,19}");
  private static final Pattern PART = Pattern.compile("[a-z][a-z0-9 -]{0,19}");

  /** The highest number. */
  public static final int NO_MOST = 99;

  /**
   * @throws IllegalArgumentException when it can't be so, saying what would be accepted
   */
  public Added {
    if (what == null || !WORD.matcher(what).matches()) {
      throw new IllegalArgumentException("What is added has a name like line or bead");
    }
    if (no < 1 || no > NO_MOST) {
      throw new IllegalArgumentException("What is added is numbered from 1 to " + NO_MOST);
    }
    if (part == null || !PART.matcher(part).matches()) {
      throw new IllegalArgumentException("What is added is on a part like body or lid");
    }
  }

  /** The first words of the names of its sizes and of its step: {@code bead-2}. */
  public String id() {
    return what + "-" + no;
  }

  /** The name of one of its sizes. */
  public DimKey size(String name) {
    return new DimKey(id() + "." + name);
  }
}
