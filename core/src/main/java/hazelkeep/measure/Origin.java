package hazelkeep.measure;

/** Where a number of the plan comes from. */
public enum Origin {
  WISHED("your wish"),
  DERIVED("worked out"),
  SHOP("from your shop"),
  COMMON_PRACTICE("common practice"),
  /** A custom that gave way to what was stated. */
  GAVE_WAY("gave way"),
  MEASURED("measured");

  private final String words;

  Origin(String words) {
    this.words = words;
  }

  /** The origin in words for the screen. */
  public String words() {
    return words;
  }
}
