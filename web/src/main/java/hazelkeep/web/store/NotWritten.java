package hazelkeep.web.store;

/** The disk did not take a change: it is full, or the folder can't be written. */
public final class NotWritten extends RuntimeException {
  /** What is said of it. */
  public static final String WORDS =
      "This was not saved: the disk is full, or the folder with the data can't be written. Make"
          + " room, then send it again. What was saved before stays as it was.";

  /** With what the database said. */
  public NotWritten(Throwable cause) {
    super(WORDS, cause);
  }
}
