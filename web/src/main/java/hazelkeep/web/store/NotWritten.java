package hazelkeep.web.store;

import hazelkeep.web.said.Sentences;

/**
 * The disk did not take a change: it is full, or the folder can't be written. Nothing is stored.
 */
public final class NotWritten extends RuntimeException {
  /** What is said of it. */
  public static final String WORDS = Sentences.of("notWritten.this-was-not-saved-the");

  /** With what stands in the way. */
  NotWritten(String why) {
    super(why);
  }

  /** With what the database said. */
  NotWritten(Throwable cause) {
    super(cause.getMessage(), cause);
  }
}
