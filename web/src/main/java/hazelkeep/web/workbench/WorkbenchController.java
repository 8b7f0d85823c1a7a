package hazelkeep.web.workbench;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Plan;
import hazelkeep.route.Prompt;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Fact;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** At the lathe: one step, one drawing, one number. */
@Controller
@RequestMapping("/pieces/{id:\\d+}/bench")
class WorkbenchController {
  private static final int TYPED_MOST = 60;
  private static final int NOTE_MOST = 300;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final BenchPage page;

  WorkbenchController(PieceStore pieces, RunStore runs, Planner planner, BenchPage page) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.page = page;
  }

  @GetMapping
  String bench(
      @PathVariable long id, @RequestParam(defaultValue = "") String what, Unit unit, Model model) {
    return page.show(pieces.get(id), unit, model, new BenchPage.Said("", "", what, false));
  }

  @PostMapping("/start")
  String start(@PathVariable long id) {
    pieces.get(id);
    runs.start(id);
    return "redirect:/pieces/" + id + "/bench";
  }

  @PostMapping("/done")
  String done(
      @PathVariable long id,
      @RequestParam String step,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Bench<?> bench = planner.bench(piece);
    boolean isNext =
        bench.next().map(Step::key).map(StepKey::path).filter(step::equals).isPresent();
    return isNext
        ? page.add(piece, last, bench.did(new StepKey(step)), unit, model, response, "")
        : page.stale(piece, unit, model, response, "");
  }

  @PostMapping("/measured")
  String measured(
      @PathVariable long id,
      @RequestParam String what,
      @RequestParam String value,
      @RequestParam long last,
      @RequestParam(defaultValue = "false") boolean sure,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Show show = new Show(unit);
    String typed = value.length() > TYPED_MOST ? value.substring(0, TYPED_MOST) : value;
    boolean doubted = false;
    String why;
    try {
      Prompt prompt = prompt(planner.bench(piece).plan(), new DimKey(what));
      double shown = SizeText.parse(value, unit).mm();
      double truth = prompt.gauge().truth(shown);
      if (truth > 0 && (sure || !prompt.doubts(truth))) {
        Fact fact = new Fact.Reading(prompt.dim().key(), prompt.gauge().name(), shown, truth);
        planner.tryOut(piece, fact);
        return page.add(piece, last, fact, unit, model, response, typed);
      }
      doubted = truth > 0;
      why =
          "That makes "
              + show.words(prompt.dim(), truth)
              + ", far from the "
              + show.words(prompt.dim(), prompt.target())
              + " expected. Measure again; if it is right, say so.";
    } catch (BadDesign e) {
      why = e.getMessage() + " If the wood really is so, enter it as found.";
    } catch (IllegalArgumentException e) {
      why = e.getMessage();
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return page.show(piece, unit, model, new BenchPage.Said(why, typed, what, doubted));
  }

  private static Prompt prompt(Plan<?> plan, DimKey key) {
    return plan.route().steps().stream()
        .flatMap(s -> plan.prompts(s).stream())
        .filter(p -> p.dim().key().equals(key))
        .findFirst()
        .orElseThrow(
            () -> new IllegalArgumentException("“" + key + "” is not measured on this route."));
  }

  @PostMapping("/back")
  String back(
      @PathVariable long id,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Optional<Long> no = Fact.lastToTakeBack(runs.log(id));
    if (no.isEmpty()) {
      return "redirect:/pieces/" + id + "/bench";
    }
    Fact fact = new Fact.Withdrawn(no.get());
    try {
      planner.tryOut(piece, fact);
    } catch (BadDesign e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page.show(
          piece,
          unit,
          model,
          BenchPage.Said.of(
              "Without that the design can't be drawn: " + e.getMessage() + " Change it first."));
    }
    return page.add(piece, last, fact, unit, model, response, "");
  }

  @PostMapping("/pause")
  String pause(
      @PathVariable long id,
      @RequestParam String next,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    String note = next.strip();
    if (note.length() > NOTE_MOST) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page.show(
          piece, unit, model, BenchPage.Said.of("Keep the note below 300 letters: " + note));
    }
    try {
      runs.add(id, last, piece.version(), new Fact.Paused(note));
    } catch (Stale e) {
      return page.stale(piece, unit, model, response, note);
    }
    return "redirect:/";
  }
}
