package hazelkeep.web.share;

import hazelkeep.web.config.Callers;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Tells every page whether it is looked at on this machine. */
@ControllerAdvice
class HomeAdvice {
  @ModelAttribute("throughDoor")
  boolean away(HttpServletRequest request) {
    return Callers.throughDoor(request);
  }
}
