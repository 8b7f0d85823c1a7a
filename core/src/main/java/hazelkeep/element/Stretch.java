package hazelkeep.element;

import hazelkeep.measure.DimKey;

/**
 * A stretch of the blank's length that a size consumes.
 *
 * @param key the size
 * @param word what consumes it
 * @param kept whether it stays in the piece
 */
public record Stretch(DimKey key, String word, boolean kept) {
  /** What stays in the piece. */
  public static Stretch kept(DimKey key, String word) {
    return new Stretch(key, word, true);
  }

  /** What is cut away. */
  public static Stretch spent(DimKey key, String word) {
    return new Stretch(key, word, false);
  }
}
