package hazelkeep.route;

/**
 * What becomes of a piece that a cut sets loose.
 *
 * @param part the part whose core the piece holds
 * @param fate what happens to it
 */
public record Claim(String part, Fate fate) {
  /** What happens to a piece. */
  public enum Fate {
    /** It stays in the hold. */
    HELD,
    /** It is caught by hand. */
    CAUGHT,
    /** It hangs loose round what is held: a captive ring. */
    FREED
  }
}
