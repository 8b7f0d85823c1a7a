package hazelkeep.measure;

/** How firmly a size is meant. */
public enum Hedge {
  EXACT(""),
  ABOUT("about "),
  AT_MOST("at most "),
  AT_LEAST("at least ");

  private final String words;

  Hedge(String words) {
    this.words = words;
  }

  /** The words before the number, with a blank behind them; empty when exact. */
  public String words() {
    return words;
  }
}
