package hazelkeep.web.working;

import hazelkeep.measure.Progress;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Every request that may plan something tells how far it has come, by the path that it asks. */
@Component
class WorkingFilter extends OncePerRequestFilter {
  private static final Pattern FILES = Pattern.compile(".*\\.(js|css|svg|png|ico|woff2)");

  private final Working working;

  WorkingFilter(Working working) {
    this.working = working;
  }

  /** Of files, and of the question itself, there is nothing to tell. */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    return path.equals(WorkingController.PATH) || FILES.matcher(path).matches();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Progress.Telling telling = working.on(request.getRequestURI());
    try {
      chain.doFilter(request, response);
    } finally {
      telling.close();
    }
  }
}
