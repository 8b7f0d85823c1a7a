package hazelkeep.web.api;

import org.springframework.http.HttpStatus;

/** What was sent can't be planned. */
final class NotPlanned extends RuntimeException {
  private final HttpStatus status;
  private final String field;

  /**
   * @param field what is to be changed, as a path in what was sent; empty for all of it
   * @param message what is wrong, and what would be accepted
   */
  NotPlanned(HttpStatus status, String field, String message) {
    super(message.endsWith(".") ? message : message + ".");
    this.status = status;
    this.field = field;
  }

  /** Something that is well formed and can't be. */
  static NotPlanned field(String field, String message) {
    return new NotPlanned(HttpStatus.UNPROCESSABLE_CONTENT, field, message);
  }

  HttpStatus status() {
    return status;
  }

  String field() {
    return field;
  }
}
