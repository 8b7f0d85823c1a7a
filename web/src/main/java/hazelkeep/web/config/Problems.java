package hazelkeep.web.config;

import hazelkeep.web.store.NotThere;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;

/** Turns errors into pages that say what to do. */
@ControllerAdvice
class Problems {
  @ExceptionHandler(NotThere.class)
  @ResponseStatus(HttpStatus.NOT_FOUND)
  String notThere(NotThere e, Model model) {
    model.addAttribute("title", "Not on the shelf");
    model.addAttribute("message", e.getMessage());
    return "problem";
  }

  /** The page for everything else. */
  @Controller
  static class Page implements ErrorController {
    @RequestMapping("/error")
    String error(HttpServletRequest request, HttpServletResponse response, Model model) {
      int status = response.getStatus();
      boolean known = status >= 400 && status < 500;
      model.addAttribute("title", known ? "That did not work" : "Something broke in here");
      model.addAttribute(
          "message",
          status == 404
              ? "There is no such page."
              : status == 403
                  ? "The page was open too long. Go back, load it again and repeat the last change."
                  : known
                      ? "What was sent could not be read. Go back and try again."
                      : "Nothing that was saved is harmed. Go back and try again.");
      return "problem";
    }
  }
}
