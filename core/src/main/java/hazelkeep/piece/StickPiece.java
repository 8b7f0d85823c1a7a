package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A stretch of the blank's length with a name.
 *
 * @param key the dimension it is
 * @param label what consumes it
 * @param from where it starts, mm from the blank's foot end
 * @param to where it ends
 * @param kept whether it stays in the piece
 */
public record StickPiece(DimKey key, String label, double from, double to, boolean kept) {
  /** What every blank has, whatever is made of it. */
  private static final Set<DimKey> BLANK =
      Set.of(
          new DimKey("blank.length"),
          new DimKey("blank.across"),
          new DimKey("blank.round"),
          new DimKey("stick.need"));

  /**
   * The sizes that are of the stock and of nothing in the piece: what is consumed, and the blank.
   */
  public static Set<DimKey> stock(List<StickPiece> stick) {
    Set<DimKey> out = new HashSet<>(BLANK);
    stick.stream().filter(s -> !s.kept).forEach(s -> out.add(s.key));
    return out;
  }

  /** Its length, mm. */
  public double length() {
    return to - from;
  }
}
