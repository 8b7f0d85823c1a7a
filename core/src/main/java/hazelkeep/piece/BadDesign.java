package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;

/** A design that can't be drawn, with the size that is to blame and what would be accepted. */
public final class BadDesign extends Refused {
  private final DimKey key;

  /**
   * @param key the size to blame
   * @param message what is wrong and what would be accepted
   */
  public BadDesign(DimKey key, String message) {
    super(message);
    this.key = key;
  }

  /** The size to blame. */
  public DimKey key() {
    return key;
  }
}
