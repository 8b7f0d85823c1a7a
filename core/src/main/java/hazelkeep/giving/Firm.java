package hazelkeep.giving;

import hazelkeep.measure.DimKey;
import hazelkeep.practice.Line;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/**
 * How firmly a size is kept when something has to give way: {@code firm.csv} says of each size that
 * may give way the line of Practice that it goes by. A size that is not there follows from others,
 * or is no size of the piece, and never gives way by itself.
 */
final class Firm {
  private static final Map<String, Line> LINES =
      Map.of(
          "detail", Line.FIRM_DETAIL,
          "hollow", Line.FIRM_HOLLOW,
          "form", Line.FIRM_FORM,
          "outside", Line.FIRM_OUTSIDE,
          "joint", Line.FIRM_JOINT,
          "wall", Line.FIRM_WALL,
          "bought", Line.FIRM_BOUGHT);

  private static final Map<String, Firm> ALL = read();

  /** Why a size may move though it follows from others. */
  private enum Follows {
    NO,
    LOOKS,
    SHARE
  }

  private final Line line;
  private final Follows follows;
  private final boolean bit;

  private Firm(Line line, Follows follows, boolean bit) {
    this.line = line;
    this.follows = follows;
    this.bit = bit;
  }

  /** The line that a size goes by that may give way. */
  static Line of(DimKey size) {
    return ALL.get(size.path()).line;
  }

  /**
   * Whether a size may give way.
   *
   * @param derived whether it follows from others
   * @param looks whether those move too that follow others for their looks alone, as a foot that is
   *     as wide as the side: one that shares out a height moves at once
   */
  static boolean moves(DimKey size, boolean derived, boolean looks) {
    Firm firm = ALL.get(size.path());
    return firm != null && (!derived || firm.follows == Follows.SHARE)
        || firm != null && looks && firm.follows == Follows.LOOKS;
  }

  /** Whether a size that may give way is one of a bit. */
  static boolean bored(DimKey size) {
    return ALL.get(size.path()).bit;
  }

  private static Map<String, Firm> read() {
    try (InputStream in = Firm.class.getResourceAsStream("firm.csv");
        BufferedReader lines =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      Map<String, Firm> out = new HashMap<>();
      lines
          .lines()
          .skip(1)
          .map(l -> l.split(","))
          .forEach(
              c ->
                  out.put(
                      c[0],
                      new Firm(
                          LINES.get(c[1]),
                          Follows.valueOf(c[2].toUpperCase(Locale.ROOT)),
                          c[3].equals("yes"))));
      return Map.copyOf(out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
