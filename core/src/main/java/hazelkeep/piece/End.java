package hazelkeep.piece;

/**
 * Where the ways to hold a piece differ: how its blank is first held, how an end is finished.
 *
 * @param name with which the setups begin that it is about: centres, foot, top
 * @param part the part that is held
 * @param choice the ways
 */
public record End(String name, String part, Choice choice) {
  /** Whether a setup works on it: its name begins with the end's. */
  public boolean at(String setup) {
    return setup.startsWith(name);
  }
}
