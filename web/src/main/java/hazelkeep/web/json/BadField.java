package hazelkeep.web.json;

import hazelkeep.measure.Refused;

/** A field that can't be what it is, with its place in what was sent. */
public final class BadField extends Refused {
  private final String field;

  /**
   * @param field its path; empty for all of it
   * @param message what is wrong, and what would be accepted
   */
  public BadField(String field, String message) {
    super(message);
    this.field = field;
  }

  /** Its path. */
  public String field() {
    return field;
  }
}
