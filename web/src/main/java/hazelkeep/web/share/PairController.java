package hazelkeep.web.share;

import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The tablet's side of pairing. */
@Controller
class PairController {
  private static final int NAME_MOST = 60;
  private static final int TYPED_MOST = 200;
  private static final Duration KEPT = Duration.ofDays(400);

  private final Pairing pairing;

  PairController(Pairing pairing) {
    this.pairing = pairing;
  }

  @GetMapping("/pair")
  String page(@RequestParam(defaultValue = "") String code, Unit unit, Model model) {
    return page(code, "", unit, model);
  }

  private static String page(String code, String error, Unit unit, Model model) {
    model.addAttribute("show", new Show(unit));
    model.addAttribute("code", code.length() > TYPED_MOST ? "" : code);
    model.addAttribute("error", error);
    return "share/pair";
  }

  @PostMapping("/pair")
  String pair(
      @RequestParam(defaultValue = "") String name,
      @RequestParam(defaultValue = "") String code,
      @RequestParam(defaultValue = "") String passphrase,
      Unit unit,
      Model model,
      HttpServletRequest request,
      HttpServletResponse response) {
    String called = name.strip();
    if (called.isEmpty() || called.length() > NAME_MOST) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      String why = Sentences.of("pair.say-in-at-most", NAME_MOST);
      return page(code, why, unit, model);
    }
    if (passphrase.length() > TYPED_MOST || code.length() > TYPED_MOST) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page("", Sentences.of("pair.that-is-longer-than"), unit, model);
    }
    Pairing.Outcome outcome = pairing.attempt(called, code, passphrase);
    if (outcome.token().isEmpty()) {
      response.setStatus(HttpStatus.FORBIDDEN.value());
      return page("", outcome.why(), unit, model);
    }
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(DoorFilter.COOKIE, outcome.token())
            .httpOnly(true)
            .sameSite("Strict")
            .secure(request.isSecure())
            .path("/")
            .maxAge(KEPT)
            .build()
            .toString());
    return "redirect:/";
  }
}
