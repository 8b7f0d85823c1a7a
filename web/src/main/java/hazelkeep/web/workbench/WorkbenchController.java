package hazelkeep.web.workbench;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.ShelfStore;
import hazelkeep.web.store.Stale;
import hazelkeep.web.store.Wait;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Leaves;
import hazelkeep.workbench.Taken;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.format.annotation.DateTimeFormat;
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

  /** Two readings that differ by less are one, mm. */
  private static final double SAME = 1e-6;

  private final PieceStore pieces;
  private final RunStore runs;
  private final ShelfStore shelf;
  private final Planner planner;
  private final BenchPage page;

  WorkbenchController(
      PieceStore pieces, RunStore runs, ShelfStore shelf, Planner planner, BenchPage page) {
    this.pieces = pieces;
    this.runs = runs;
    this.shelf = shelf;
    this.planner = planner;
    this.page = page;
  }

  @GetMapping
  String bench(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String what,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "0") int row,
      @RequestParam(defaultValue = "0") int cut,
      Unit unit,
      Model model) {
    String typed = value.length() > TYPED_MOST ? value.substring(0, TYPED_MOST) : value;
    return page.show(pieces.get(id), unit, model, Said.of("").about(typed, what).at(row, cut));
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
      Ticked ticked,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    if ("true".equals(ticked.again()) && runs.entered(id, last, ticked::is)) {
      return "redirect:/pieces/" + id + "/bench";
    }
    Bench<?> bench = planner.bench(piece);
    Optional<Step> next = bench.next().filter(s -> s.key().path().equals(ticked.step()));
    if (next.isEmpty()) {
      return page.stale(piece, unit, model, response, "");
    }
    List<String> open = StepPage.open(bench, next.get());
    if (!open.isEmpty() && !"left".equals(ticked.open())) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page.show(piece, unit, model, Said.of("").leaving(open));
    }
    return page.add(piece, last, bench.did(next.get().key()), unit, model, response, "");
  }

  /**
   * A step that is done.
   *
   * @param step its path
   * @param open {@code left} when its sizes that were not entered are left open knowingly
   * @param again {@code true} when it is sent again because no answer came
   */
  record Ticked(String step, String open, String again) {
    boolean is(Fact f) {
      return f instanceof Fact.Done d && d.step().path().equals(step);
    }
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
   * @param again {@code true} when it is sent again because no answer came
   */
  record Typed(String what, String value, String gauge, String with, String stays, String again) {
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

    /** Whether it stands in the log: the same size read with the same number. */
    boolean is(Fact f, Unit unit) {
      return f instanceof Fact.Reading r
          && r.what().path().equals(what)
          && Math.abs(r.shown() - SizeText.parse(value, unit).mm()) < SAME;
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
    Said said;
    try {
      if ("true".equals(reading.again()) && runs.entered(id, last, f -> reading.is(f, unit))) {
        return "redirect:/pieces/" + id + "/bench";
      }
      Bench<?> bench = planner.bench(piece);
      Taken taken =
          bench.taken(
              new DimKey(what), reading.device(), SizeText.parse(reading.value(), unit).mm(), unit);
      Optional<Fact> fact = reading.fact(bench, taken);
      if (fact.isPresent()) {
        planner.tryOut(piece, fact.get());
        return page.add(piece, last, fact.get(), unit, model, response, typed);
      }
      Question question = Question.of(taken, bench.plan().shop(), new Show(unit));
      said = Said.of("").about(typed, what).asking(question);
    } catch (BadDesign e) {
      said =
          Said.of(Sentences.of("workbench.if-the-wood-really", e.getMessage())).about(typed, what);
    } catch (Refused e) {
      said = Said.of(e.getMessage()).about(typed, what);
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return page.show(piece, unit, model, said);
  }

  /**
   * How far the work ran out after it was gripped again: nothing follows from it but experience.
   */
  @PostMapping("/run-out")
  String runOut(
      @PathVariable long id,
      @RequestParam String side,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Optional<Step> next = planner.bench(piece).next();
    try {
      if (next.isPresent()) {
        Fact fact = new Fact.RunOut(next.get().key(), SizeText.parse(side, unit).mm());
        return page.add(piece, last, fact, unit, model, response, "");
      }
      return "redirect:/pieces/" + id + "/bench";
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page.show(piece, unit, model, Said.of("Run-out: " + e.getMessage()));
    }
  }

  @PostMapping("/back")
  String back(
      @PathVariable long id,
      @RequestParam long last,
      @RequestParam(defaultValue = "") String to,
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
      String then = page.add(piece, last, fact, unit, model, response, "");
      return to.equals("fit") && then.startsWith("redirect:") ? then + "/fit" : then;
    } catch (Stale e) {
      return page.stale(piece, unit, model, response, "");
    } catch (BadDesign e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page.show(
          piece,
          unit,
          model,
          Said.of(Sentences.of("workbench.without-that-the-design", e.getMessage())));
    }
  }

  /**
   * The work is left for now.
   *
   * @param next what comes next, for the one who comes back
   * @param last the last entry that the page has seen
   * @param until the day until which it waits; null when it may go on at any time
   */
  record Left(
      String next, long last, @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate until) {
    String note() {
      return next == null ? "" : next.strip();
    }

    /** What is wrong with it; empty when nothing is. */
    String refused() {
      if (note().length() > NOTE_MOST) {
        return Sentences.of("workbench.keep-the-note-below", note());
      }
      boolean day = until == null || Wait.asked(until, "").isPresent();
      return day ? "" : Sentences.of("workbench.a-day-after-today", note());
    }
  }

  @PostMapping("/pause")
  String pause(
      @PathVariable long id, Left left, Unit unit, Model model, HttpServletResponse response) {
    Piece piece = pieces.get(id);
    if (!left.refused().isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page.show(piece, unit, model, Said.of(left.refused()));
    }
    try {
      runs.add(id, left.last, piece.version(), new Fact.Paused(left.note()));
    } catch (Stale e) {
      return page.stale(piece, unit, model, response, left.note());
    }
    // The note says what comes next: it stands on the card beside the day.
    Wait.asked(left.until, "").ifPresent(w -> shelf.leave(id, w));
    return "redirect:/";
  }
}
