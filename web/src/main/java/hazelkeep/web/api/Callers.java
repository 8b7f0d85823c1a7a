package hazelkeep.web.api;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;

/**
 * Who may ask for a plan: programs that send JSON, and pages of this server. A page from elsewhere
 * could otherwise keep this machine busy: a browser sends plain text anywhere without asking.
 */
final class Callers {
  private static final Set<String> SAME = Set.of("same-origin", "none");

  private Callers() {}

  /**
   * Lets a request pass.
   *
   * @throws Refused when it is no JSON, or a browser sends it from elsewhere
   */
  static void allowed(HttpServletRequest request) {
    if (!json(request.getContentType())) {
      throw new Refused(
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "",
          "A plan is asked for in JSON: send it with Content-Type application/json.");
    }
    String site = request.getHeader("Sec-Fetch-Site");
    String origin = request.getHeader("Origin");
    if (site != null && !SAME.contains(site) || origin != null && !own(origin, request)) {
      throw new Refused(
          HttpStatus.FORBIDDEN, "", "A page from elsewhere can't ask for plans here.");
    }
  }

  private static boolean json(String type) {
    try {
      return type != null && MediaType.APPLICATION_JSON.isCompatibleWith(MediaType.valueOf(type));
    } catch (InvalidMediaTypeException e) {
      return false;
    }
  }

  private static boolean own(String origin, HttpServletRequest request) {
    try {
      URI uri = URI.create(origin);
      int port = uri.getPort() < 0 ? 80 : uri.getPort();
      return request.getServerName().equalsIgnoreCase(uri.getHost())
          && port == request.getServerPort();
    } catch (IllegalArgumentException e) {
      return false;
    }
  }
}
