package hazelkeep.wood;

/**
 * A figure of a wood that nobody has stated: what hangs on it is not judged, and that is told.
 *
 * @param wood its common name
 * @param property what is not known of it
 */
public record Unknown(String wood, WoodProperty property) implements Comparable<Unknown> {
  /** In words: strength across the grain of European lime. */
  public String words() {
    return property.word() + " of " + (wood.isBlank() ? "a wood without a name" : wood);
  }

  @Override
  public int compareTo(Unknown o) {
    int by = property.compareTo(o.property);
    return by != 0 ? by : wood.compareTo(o.wood);
  }
}
