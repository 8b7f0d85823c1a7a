package hazelkeep.web.share;

import hazelkeep.web.config.Callers;
import hazelkeep.web.store.DeviceStore;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who comes through the door shows that it is paired, and is let to the work only: not to the
 * pairing itself, nor to the copies of all data. Nothing else of the application is asked before.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DoorFilter extends OncePerRequestFilter {
  static final String COOKIE = "hazel-device";

  /** What the page for pairing is made of. */
  private static final List<String> OPEN =
      List.of("/pair", "/app.css", "/favicon.svg", "/hazel.js", "/htmx.min.js");

  private static final String FONTS = "/fonts/";

  /** What stays on this machine. */
  private static final List<String> HOME = List.of("/share", "/data", "/actuator");

  private final DeviceStore devices;

  DoorFilter(DeviceStore devices) {
    this.devices = devices;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String path = path(request);
    if (!Callers.throughDoor(request)) {
      if (path.equals("/pair")) {
        response.sendError(HttpServletResponse.SC_NOT_FOUND);
      } else {
        chain.doFilter(request, response);
      }
    } else if (HOME.stream().anyMatch(p -> path.equals(p) || path.startsWith(p + "/"))) {
      response.sendError(HttpServletResponse.SC_NOT_FOUND);
    } else if (OPEN.contains(path) || path.startsWith(FONTS) || paired(request)) {
      chain.doFilter(request, response);
    } else if (request.getMethod().equals("GET") && !path.startsWith("/api/")) {
      response.sendRedirect("/pair");
    } else {
      response.sendError(HttpServletResponse.SC_UNAUTHORIZED);
    }
  }

  /** The path as it is served: decoded, with nothing left in it that leads elsewhere. */
  private static String path(HttpServletRequest request) {
    String more = request.getPathInfo();
    return more == null ? request.getServletPath() : request.getServletPath() + more;
  }

  private boolean paired(HttpServletRequest request) {
    Cookie[] cookies = request.getCookies();
    if (cookies == null) {
      return false;
    }
    for (Cookie c : cookies) {
      if (c.getName().equals(COOKIE)) {
        String digest = Secrets.digest(c.getValue());
        request.setAttribute(Callers.DEVICE, digest);
        return devices.knows(digest);
      }
    }
    return false;
  }
}
