package hazelkeep.web.store;

/** What was asked for is not in the store. */
public final class NotThere extends RuntimeException {
  /** With a message for the user. */
  public NotThere(String message) {
    super(message);
  }
}
