package hazelkeep.web.store;

/** Somebody else, or another tab, was quicker: nothing was stored. */
public final class Stale extends RuntimeException {
  private final long now;

  /**
   * @param now the version, or the last entry, that is there now
   */
  public Stale(long now) {
    super("Changed elsewhere in the meantime");
    this.now = now;
  }

  /** The version, or the last entry, that is there now. */
  public long now() {
    return now;
  }
}
