package hazelkeep.web.problem;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What was sent and not stored, to be sent again as it was.
 *
 * @param path where it was sent to
 * @param fields all that was sent
 */
public record Again(String path, List<Field> fields) {
  /** What a page carries back at most, letters. */
  private static final int MOST = 64 * 1024;

  /**
   * One field.
   *
   * @param name its name
   * @param value as it was typed
   */
  public record Field(String name, String value) {}

  /** Of a request; empty when it changes nothing, or carries too much or a file. */
  static Optional<Again> of(HttpServletRequest request) {
    String type = request.getContentType();
    // What is sent on to the page of an error is sent on as GET.
    Object sent = request.getAttribute(RequestDispatcher.ERROR_METHOD);
    if (!"POST".equals(sent == null ? request.getMethod() : sent)
        || type == null
        || !type.startsWith("application/x-www-form-urlencoded")) {
      return Optional.empty();
    }
    List<Field> fields = new ArrayList<>();
    request
        .getParameterMap()
        .forEach(
            (name, values) -> {
              for (String value : values) {
                if (!name.equals("_csrf")) {
                  fields.add(new Field(name, value));
                }
              }
            });
    int length = fields.stream().mapToInt(f -> f.name.length() + f.value.length()).sum();
    Object before = request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI);
    String path = before == null ? request.getRequestURI() : before.toString();
    return length > MOST ? Optional.empty() : Optional.of(new Again(path, fields));
  }
}
