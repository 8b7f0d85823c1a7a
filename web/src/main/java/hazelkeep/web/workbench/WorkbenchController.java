package hazelkeep.web.workbench;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Leaves;
import hazelkeep.workbench.Taken;
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
    return page.show(pieces.get(id), unit, model, BenchPage.Said.of("").about("", what));
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

  /**
   * What was typed for a reading.
   *
   * @param what the size
   * @param value as the device showed it
   * @param gauge another device than before; empty for the same
   * @param with the device that was named before; empty for the one that the step names
   * @param stays the answer to a number that will not do: {@code so} when the size is to stay,
   *     {@code more} when there is still wood to cut; empty before it was asked
   */
  record Typed(String what, String value, String gauge, String with, String stays) {
    Typed {
      what = what == null ? "" : what;
      value = value == null ? "" : value;
      stays = stays == null ? "" : stays;
    }

    String device() {
      return gauge != null && !gauge.isEmpty() ? gauge : with == null ? "" : with;
    }

    /** What is entered; empty while it is to be asked first. */
    Optional<Fact> fact(Bench<?> bench, Taken t) {
      DimKey key = t.prompt().dim().key();
      if (t.leaves() == Leaves.NOTHING || stays.equals("so")) {
        return Optional.of(bench.read(key, t.gauge().name(), t.shown(), t.truth()));
      }
      return stays.equals("more")
          ? Optional.of(bench.onTheWay(key, t.gauge().name(), t.shown(), t.truth()))
          : Optional.empty();
    }

    String shortened() {
      return value.length() > TYPED_MOST ? value.substring(0, TYPED_MOST) : value;
    }
  }

  @PostMapping("/measured")
  String measured(
      @PathVariable long id,
      Typed reading,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    String what = reading.what();
    String typed = reading.shortened();
    BenchPage.Said said;
    try {
      Bench<?> bench = planner.bench(piece);
      Taken taken =
          bench.taken(
              new DimKey(what), reading.device(), SizeText.parse(reading.value(), unit).mm());
      Optional<Fact> fact = reading.fact(bench, taken);
      if (fact.isPresent()) {
        planner.tryOut(piece, fact.get());
        return page.add(piece, last, fact.get(), unit, model, response, typed);
      }
      Question question = Question.of(taken, bench.plan().shop(), new Show(unit));
      said = BenchPage.Said.of("").about(typed, what).asking(question);
    } catch (BadDesign e) {
      said =
          BenchPage.Said.of(e.getMessage() + " If the wood really is so, enter it as found.")
              .about(typed, what);
    } catch (IllegalArgumentException e) {
      said = BenchPage.Said.of(e.getMessage()).about(typed, what);
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return page.show(piece, unit, model, said);
  }

  @PostMapping("/back")
  String back(
      @PathVariable long id,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Optional<Entry> entry = Fact.lastToTakeBack(runs.log(id));
    if (entry.isEmpty()) {
      return "redirect:/pieces/" + id + "/bench";
    }
    Fact fact = new Fact.Withdrawn(entry.get().no());
    try {
      if (entry.get().fact() instanceof Fact.Changed c) {
        planner.tryOut(pieces.at(id, c.before()), fact);
        pieces.takeBack(piece, last, entry.get().no(), c.before());
        return "redirect:/pieces/" + id + "/bench";
      }
      planner.tryOut(piece, fact);
      return page.add(piece, last, fact, unit, model, response, "");
    } catch (Stale e) {
      return page.stale(piece, unit, model, response, "");
    } catch (BadDesign e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page.show(
          piece,
          unit,
          model,
          BenchPage.Said.of(
              "Without that the design can't be drawn: " + e.getMessage() + " Change it first."));
    }
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
