package hazelkeep.web.shelf;

import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** What is on the go, and what is next. */
@Controller
class ShelfController {
  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;

  ShelfController(PieceStore pieces, RunStore runs, Planner planner) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
  }

  /** Where a piece stands. */
  private enum Place {
    BENCH,
    PLAN,
    DONE
  }

  /**
   * A piece on the shelf.
   *
   * @param name its name
   * @param wood its wood
   * @param size height and diameter
   * @param next what is next, in a few words
   * @param href where that is done
   * @param stops findings that forbid the work
   * @param watches findings to be watched
   * @param svg its section
   * @param done steps done
   * @param steps steps in all; 0 when it is not on the lathe
   */
  public record Card(
      String name,
      String wood,
      String size,
      String next,
      String href,
      long stops,
      long watches,
      String svg,
      int done,
      int steps) {}

  @GetMapping("/")
  String shelf(Unit unit, Model model) {
    Show show = new Show(unit);
    Map<Place, List<Card>> places = new EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      places.put(p, new ArrayList<>());
    }
    PieceStore.Shelf shelf = pieces.shelf();
    for (Piece p : shelf.pieces()) {
      boolean closed = runs.closing(p.id()).isPresent();
      Place place = closed ? Place.DONE : runs.started(p.id()) ? Place.BENCH : Place.PLAN;
      places.get(place).add(card(p, place, show));
    }
    model.addAttribute("bench", places.get(Place.BENCH));
    model.addAttribute("planned", places.get(Place.PLAN));
    model.addAttribute("done", places.get(Place.DONE));
    model.addAttribute("unreadable", shelf.unreadable());
    model.addAttribute("empty", shelf.pieces().isEmpty());
    model.addAttribute("show", show);
    return "shelf/shelf";
  }

  private Card card(Piece p, Place place, Show show) {
    Plan<?> plan = planner.current(p);
    String href = "/pieces/" + p.id();
    String next = plan.stops() > 0 ? "Next: solve what stands in the way" : "Ready for the lathe";
    int done = 0;
    if (place == Place.DONE) {
      next = "Finished and recorded";
      href += "/record";
    } else if (place == Place.BENCH) {
      Optional<Step> step = planner.bench(p).next();
      done = planner.bench(p).done().size();
      next = "Next: " + step.map(Step::title).map(String::toLowerCase).orElse("the record");
      href += step.isPresent() ? "/bench" : "/record";
    }
    boolean closed = place == Place.DONE;
    return new Card(
        p.name(),
        plan.design().species(),
        "⌀ "
            + show.bare(plan.aim().mm("outside.diameter"))
            + " × "
            + show.len(plan.aim().mm("outside.height")),
        next,
        href,
        closed ? 0 : plan.stops(),
        closed ? 0 : plan.watches(),
        PieceDrawing.card(plan.sketch()),
        done,
        place == Place.BENCH ? plan.route().steps().size() : 0);
  }
}
