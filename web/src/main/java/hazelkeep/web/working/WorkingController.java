package hazelkeep.web.working;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Says how far a page has come that is still waited for. */
@RestController
class WorkingController {
  static final String PATH = "/working";

  private static final double PERCENT = 100;

  private final Working working;

  WorkingController(Working working) {
    this.working = working;
  }

  /**
   * How far, in percent.
   *
   * @param of the path that was asked for
   */
  @GetMapping(PATH)
  ResponseEntity<String> far(@RequestParam String of) {
    return working.share(of).stream()
        .mapToObj(s -> ResponseEntity.ok().contentType(MediaType.TEXT_PLAIN).body(percent(s)))
        .findFirst()
        .orElseGet(() -> ResponseEntity.noContent().build());
  }

  private static String percent(double share) {
    return Long.toString(Math.round(PERCENT * share));
  }
}
