package hazelkeep.web.start;

/** Why the application does not start, and what would help, in one sentence or two. */
public final class CantStart extends RuntimeException {
  /** In words. */
  CantStart(String words) {
    super(words);
  }

  CantStart(String words, Throwable cause) {
    super(words, cause);
  }
}
