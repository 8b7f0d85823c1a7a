package hazelkeep.web.config;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.Set;

/** Where a request comes from: a browser says so. */
public final class Callers {
  private static final Set<String> SAME = Set.of("same-origin", "none");

  /** Carries whether a request came in from the local network. */
  public static final String DOOR = "hazel.door";

  /** Carries by what a paired device is known: the digest of its token. */
  public static final String DEVICE = "hazel.device";

  private Callers() {}

  /** Whether a request came in from the local network; one of which that is unknown did. */
  public static boolean throughDoor(HttpServletRequest request) {
    return !Boolean.FALSE.equals(request.getAttribute(DOOR));
  }

  /** Whether a browser sends this from a page of another server. */
  public static boolean elsewhere(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    String origin = request.getHeader("Origin");
    return site != null && !SAME.contains(site) || origin != null && !own(origin, request);
  }

  private static boolean own(String origin, HttpServletRequest request) {
    try {
      URI uri = URI.create(origin);
      int usual = "https".equals(uri.getScheme()) ? 443 : 80;
      int port = uri.getPort() < 0 ? usual : uri.getPort();
      return request.getServerName().equalsIgnoreCase(uri.getHost())
          && port == request.getServerPort();
    } catch (IllegalArgumentException e) {
      return false;
    }
  }
}
