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

  private final Line line;
  private final boolean derived;
  private final boolean bit;

  private Firm(Line line, boolean derived, boolean bit) {
    this.line = line;
    this.derived = derived;
    this.bit = bit;
  }

  /** The line that a size goes by that may give way. */
  static Line of(DimKey size) {
    return ALL.get(size.path()).line;
  }

  /**
   * Whether a size may give way.
   *
   * @param derived whether it follows from others: some do for their looks alone, a foot that is as
   *     wide as the side
   */
  static boolean moves(DimKey size, boolean derived) {
    Firm firm = ALL.get(size.path());
    return firm != null && (!derived || firm.derived);
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
                  out.put(c[0], new Firm(LINES.get(c[1]), c[2].equals("yes"), c[3].equals("yes"))));
      return Map.copyOf(out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
