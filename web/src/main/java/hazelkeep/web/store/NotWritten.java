package hazelkeep.web.store;

/**
 * The disk did not take a change: it is full, or the folder can't be written. Nothing is stored.
 */
public final class NotWritten extends RuntimeException {
  /** What is said of it. */
  public static final String WORDS =
      "This was not saved: the disk is full, or the folder with the data can't be written. Make"
          + " room, then send it again. What was saved before stays as it was.";

  /** With what stands in the way. */
  NotWritten(String why) {
    super(why);
  }

  /** With what the database said. */
  NotWritten(Throwable cause) {
    super(cause.getMessage(), cause);
  }
}
