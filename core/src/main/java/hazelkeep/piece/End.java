package hazelkeep.piece;

/**
 * An end of a piece and the ways to finish it.
 *
 * @param name in the trade's words: foot, top
 * @param part the part whose end it is
 * @param choice how it is finished
 */
public record End(String name, String part, Choice choice) {
  /** Whether a setup works on it: its name begins with the end's. */
  public boolean at(String setup) {
    return setup.startsWith(name);
  }
}
