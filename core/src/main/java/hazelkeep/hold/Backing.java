package hazelkeep.hold;

/**
 * What carries the work beside its grip.
 *
 * @param tail whether the tailstock is up
 * @param steady whether a steady is set
 */
public record Backing(boolean tail, boolean steady) {
  /** The grip alone. */
  public static final Backing NONE = new Backing(false, false);

  /** Whether the work can't tip in its grip. */
  public boolean carried() {
    return tail || steady;
  }
}
