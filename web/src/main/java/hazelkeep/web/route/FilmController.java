package hazelkeep.web.route;

import hazelkeep.piece.Plan;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Reel;
import hazelkeep.web.drawing.StageDrawing;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.PieceStore;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The large pictures of a route, one at a time as the film comes to them. */
@RestController
class FilmController {
  /** Room for a picture, px. */
  private static final double WIDE = 780;

  private static final double TALL = 226;

  private final PieceStore pieces;
  private final Planner planner;

  FilmController(PieceStore pieces, Planner planner) {
    this.pieces = pieces;
    this.planner = planner;
  }

  @GetMapping(
      path = "/pieces/{id:\\d+}/route/film/{no:\\d{1,4}}",
      produces = "text/html;charset=UTF-8")
  String picture(@PathVariable long id, @PathVariable int no) {
    Plan<?> plan = planner.current(pieces.get(id));
    List<Step> steps = plan.route().steps();
    Stage stage =
        plan.rehearsal().stages().stream()
            .filter(s -> steps.indexOf(s.step()) + 1 == no)
            .findFirst()
            .orElseThrow(() -> new NotThere(Sentences.of("film.there-is-no-step", no)));
    return StageDrawing.film(plan, stage, Reel.of(plan, WIDE, TALL));
  }
}
