package hazelkeep.measure;

/** What a size is a size of; the last word of its name says so. */
public enum Quantity {
  /** A length, mm: every size whose name ends in none of the words below. */
  LENGTH("mm", "mm"),
  /** A volume, ml. */
  VOLUME("ml", "ml"),
  /** A mass, g. */
  MASS("grams", "g"),
  /** An angle, degrees. */
  ANGLE("degrees", "°");

  private final String word;
  private final String sign;

  Quantity(String word, String sign) {
    this.word = word;
    this.sign = sign;
  }

  /** The last word of the name of such a size. */
  public String word() {
    return word;
  }

  /** What a name is the name of. Example: {@code holds-1.ml} is a volume. */
  static Quantity of(String path) {
    String last = path.substring(path.lastIndexOf('.') + 1);
    for (Quantity q : values()) {
      if (q != LENGTH && q.word.equals(last)) {
        return q;
      }
    }
    return LENGTH;
  }

  /** A number of it as text with its sign, a length in both units: 54.0 mm (2 1/8 in), 250.0 ml. */
  public String words(double value) {
    return this == LENGTH
        ? Unit.MM.show(value) + " mm (" + Unit.INCH.show(value) + " in)"
        : signed(Rounding.text(value, 1));
  }

  /** A number with its sign behind it: 250 ml, 15°. */
  public String signed(String number) {
    return number + (this == ANGLE ? "" : " ") + sign;
  }
}
