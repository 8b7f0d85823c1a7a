package hazelkeep.piece;

import hazelkeep.measure.DimKey;

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
  /** Its length, mm. */
  public double length() {
    return to - from;
  }
}
