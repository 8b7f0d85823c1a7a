package hazelkeep.measure;

/** Where a number of the plan comes from. */
public enum Origin {
  WISHED("your wish"),
  DERIVED("worked out"),
  SHOP("from your shop"),
  COMMON_PRACTICE("common practice"),
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
