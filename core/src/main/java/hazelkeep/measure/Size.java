package hazelkeep.measure;

/**
 * A length as a person states it: with a hedge.
 *
 * @param value the length
 * @param hedge how firmly it is meant
 */
public record Size(Length value, Hedge hedge) {
  /** An exact size in millimetres. */
  public static Size mm(double mm) {
    return new Size(Length.mm(mm), Hedge.EXACT);
  }

  /** The value in millimetres. */
  public double mm() {
    return value.mm();
  }
}
