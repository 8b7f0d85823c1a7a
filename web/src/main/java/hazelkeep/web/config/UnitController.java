package hazelkeep.web.config;

import hazelkeep.measure.Unit;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The switch between mm and inch. */
@Controller
class UnitController {
  private static final int YEAR = 365 * 24 * 3600;

  @PostMapping("/unit")
  String choose(@RequestParam String to, @RequestParam String back, HttpServletResponse response) {
    Cookie cookie = new Cookie(Units.COOKIE, to.equals("INCH") ? Unit.INCH.name() : Unit.MM.name());
    cookie.setPath("/");
    cookie.setMaxAge(YEAR);
    cookie.setHttpOnly(true);
    cookie.setAttribute("SameSite", "Strict");
    response.addCookie(cookie);
    // Only a path of this application: never a redirect to elsewhere.
    boolean own = back.matches("/[A-Za-z0-9/_-]*") && !back.startsWith("//");
    return "redirect:" + (own ? back : "/");
  }
}
