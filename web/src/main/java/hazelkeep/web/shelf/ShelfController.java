package hazelkeep.web.shelf;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.workbench.Bench;
import java.util.ArrayList;
import java.util.List;
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

  /**
   * A piece on the shelf.
   *
   * @param id its number
   * @param name its name
   * @param wood its wood
   * @param size height and diameter
   * @param next what is next, in a few words
   * @param href where that is done
   * @param stops findings that forbid the work
   * @param watches findings to be watched
   * @param svg its section
   * @param state bench, plan or done
   */
  public record Card(
      long id,
      String name,
      String wood,
      String size,
      String next,
      String href,
      long stops,
      long watches,
      String svg,
      String state) {}

  @GetMapping("/")
  String shelf(Unit unit, Model model) {
    Show show = new Show(unit);
    List<Card> bench = new ArrayList<>();
    List<Card> plan = new ArrayList<>();
    List<Card> done = new ArrayList<>();
    for (Piece p : pieces.all()) {
      Card c = card(p, show);
      (c.state().equals("bench") ? bench : c.state().equals("done") ? done : plan).add(c);
    }
    model.addAttribute("bench", bench);
    model.addAttribute("planned", plan);
    model.addAttribute("done", done);
    model.addAttribute("empty", bench.isEmpty() && plan.isEmpty() && done.isEmpty());
    model.addAttribute("show", show);
    return "shelf/shelf";
  }

  private Card card(Piece p, Show show) {
    boolean closed = runs.closing(p.id()).isPresent();
    boolean running = runs.started(p.id());
    Plan<?> plan = planner.current(p);
    String species = PieceDrawing.speciesOf(plan);
    String next;
    String href = "/pieces/" + p.id();
    if (closed) {
      next = "On the shelf, recorded";
      href += "/record";
    } else if (running) {
      Bench<?> bench = planner.bench(p);
      next = bench.next().map(Step::title).map(t -> "Next: " + t).orElse("Next: the record");
      href += bench.next().isPresent() ? "/bench" : "/record";
    } else {
      next = plan.stops() > 0 ? "Solve what stands in the way" : "Ready for the lathe";
    }
    String size =
        "⌀ "
            + show.bare(plan.aim().mm("outside.diameter"))
            + " × "
            + show.len(plan.aim().mm("outside.height"));
    long watches = plan.findings().stream().filter(f -> f.grade() == Grade.WATCH).count();
    return new Card(
        p.id(),
        p.name(),
        species,
        size,
        next,
        href,
        closed ? 0 : plan.stops(),
        closed ? 0 : watches,
        PieceDrawing.card(plan, species),
        closed ? "done" : running ? "bench" : "plan");
  }
}
