package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Something that a turner added to a piece: a line, a bead, a knob.
 *
 * @param what its stable name in piece files: {@code line}, {@code bead}
 * @param no tells it from others of its sort, 1 to 99
 * @param part the part that it is on
 * @param wood the wood of what has a blank of its own; empty where it is the piece's
 * @param square whether that blank is sawn square; empty where it is as the piece's
 */
public record Added(
    String what, int no, String part, Optional<String> wood, Optional<Boolean> square) {
  private static final Pattern WORD = Pattern.compile("[a-z][a-z-]{0,19}");
  private static final Pattern PART = Pattern.compile("[a-z][a-z0-9 -]{0,19}");

  /** The highest number. */
  public static final int NO_MOST = 99;

  /**
   * @throws Refused when it can't be so, saying what would be accepted
   */
  public Added {
    // Files from before anything had a wood of its own name none.
    square = square == null ? Optional.empty() : square;
    wood = wood == null ? Optional.empty() : wood.map(w -> Stated.name(w, "Its wood"));
    if (what == null || !WORD.matcher(what).matches()) {
      throw new Refused(Wording.of("added.what-is-added-has-a"));
    }
    if (no < 1 || no > NO_MOST) {
      throw new Refused(Wording.of("added.what-is-added-is-numbered", NO_MOST));
    }
    if (part == null || !PART.matcher(part).matches()) {
      throw new Refused(Wording.of("added.what-is-added-is-on"));
    }
  }

  /** The name in piece files of a blank of its own, for the upper half of a piece of two. */
  public static final String BLANK = "blank";

  /** Whether, by what was added, each half comes from a blank of its own. */
  public static boolean apart(List<Added> all) {
    return upper(all).isPresent();
  }

  /** The blank of its own that the upper half is made of; empty where both are of one. */
  public static Optional<Added> upper(List<Added> all) {
    return all.stream().filter(a -> a.what().equals(BLANK)).findFirst();
  }

  /** Of the piece's own wood. */
  public Added(String what, int no, String part) {
    this(what, no, part, Optional.empty(), Optional.empty());
  }

  /** The same of a wood of its own. */
  public Added of(Optional<String> other) {
    return new Added(what, no, part, other, square);
  }

  /** The same from a blank that is square, or round. */
  public Added sawn(Optional<Boolean> other) {
    return new Added(what, no, part, wood, other);
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
