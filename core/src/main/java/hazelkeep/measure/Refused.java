package hazelkeep.measure;

/**
 * Something said that can't be, with what would be accepted.
 *
 * <p>It is the turner's to mend and is told him as it stands. A slip in the program is never one:
 * that stays an {@link IllegalArgumentException} or an {@link IllegalStateException}, and is not
 * caught where this is.
 */
public class Refused extends RuntimeException {
  /**
   * @param message what is wrong, and what would be accepted
   */
  public Refused(String message) {
    super(message);
  }

  /**
   * @param message what is wrong, and what would be accepted
   * @param cause what showed it
   */
  public Refused(String message, Throwable cause) {
    super(message, cause);
  }
}
