package hazelkeep.web.workbench;

import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.route.Remedy;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Way;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** As found: what the wood is really like, and the ways on from there. */
@Controller
@RequestMapping("/pieces/{id:\\d+}/bench")
class FoundController {
  private static final int WORDS_MOST = 300;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final Json json;
  private final BenchPage page;

  FoundController(PieceStore pieces, RunStore runs, Planner planner, Json json, BenchPage page) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.json = json;
    this.page = page;
  }

  /**
   * What was typed into the form.
   *
   * @param part on which part
   * @param what what was found
   * @param at where along the part
   * @param value what it measures
   * @param words in the turner's words
   */
  public record Typed(String part, String what, String at, String value, String words) {}

  @GetMapping("/found")
  String ask(@PathVariable long id, Unit unit, Model model) {
    return form(pieces.get(id), unit, model, new Typed("", "", "", "", ""), null);
  }

  private String form(Piece piece, Unit unit, Model model, Typed typed, String error) {
    if (!runs.started(piece.id())) {
      return "redirect:/pieces/" + piece.id() + "/bench";
    }
    Plan<?> plan = planner.bench(piece).plan();
    model.addAttribute("piece", piece);
    model.addAttribute("show", new Show(unit));
    model.addAttribute("parts", plan.aim().parts().stream().map(p -> p.name()).toList());
    model.addAttribute("whats", AsFound.What.values());
    model.addAttribute("typed", typed);
    model.addAttribute("error", error);
    model.addAttribute("card", PieceDrawing.card(plan.sketch()));
    model.addAttribute("last", runs.last(piece.id()));
    return "workbench/found";
  }

  @PostMapping("/found")
  String found(
      @PathVariable long id,
      @RequestParam String part,
      @RequestParam String what,
      @RequestParam(defaultValue = "") String at,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String words,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Typed typed = new Typed(part, what, at, value, words);
    try {
      if (words.length() > WORDS_MOST) {
        throw new IllegalArgumentException("Keep the words below 300 letters.");
      }
      AsFound as =
          new AsFound(
              part,
              AsFound.What.valueOf(what.toUpperCase(Locale.ROOT)),
              at.isBlank() ? 0 : SizeText.parse(at, unit).mm(),
              value.isBlank() ? 0 : SizeText.parse(value, unit).mm());
      Fact fact = planner.bench(piece).found(as, words.strip());
      runs.add(id, last, piece.version(), fact);
      return "redirect:/pieces/" + id + "/bench/ways";
    } catch (Stale e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      return form(
          piece, unit, model, typed, "Another tab was quicker. Look at the bench, then enter it.");
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return form(piece, unit, model, typed, e.getMessage());
    }
  }

  /**
   * A way on as it is shown.
   *
   * @param label what would change
   * @param outcome what would still be wrong
   * @param remedy the change as JSON; empty when a part is made again
   * @param replaced the part made again; empty when the design changes
   */
  public record WayView(String label, String outcome, String remedy, String replaced) {}

  @GetMapping("/ways")
  String ways(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    if (!runs.started(id)) {
      return "redirect:/pieces/" + id + "/bench";
    }
    List<Entry> log = runs.log(id);
    Bench<?> bench = planner.bench(piece, log);
    Show show = new Show(unit);
    List<WayView> ways = new ArrayList<>();
    for (Way w : waysOn(bench, log)) {
      ways.add(
          new WayView(
              w.replaced()
                  .map(p -> "Make the " + p + " again from a fresh blank")
                  .orElseGet(() -> FindingView.label(w.main().orElseThrow(), bench.plan(), show)),
              outcome(w),
              w.remedy().map(json::remedy).orElse(""),
              w.replaced().orElse("")));
    }
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("ways", ways);
    model.addAttribute("stops", bench.plan().stops());
    model.addAttribute("findings", FindingView.all(bench.plan(), show, json));
    model.addAttribute("last", runs.last(id));
    return "workbench/ways";
  }

  private static String outcome(Way w) {
    if (w.stops() > 0) {
      return "Then "
          + w.stops()
          + (w.stops() == 1 ? " thing still stands" : " things still stand")
          + " in the way.";
    }
    return w.watches() == 0
        ? "Then nothing stands in the way."
        : "Then nothing stops it; " + w.watches() + " to watch.";
  }

  private static <D extends Design> List<Way> waysOn(Bench<D> bench, List<Entry> log) {
    return Way.on(bench, log);
  }

  @PostMapping("/way")
  String way(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String remedy,
      @RequestParam(defaultValue = "") String replaced,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Bench<?> bench = planner.bench(piece);
    try {
      if (!replaced.isEmpty()) {
        return page.add(piece, last, bench.replaced(replaced), unit, model, response, "");
      }
      Design next = bench.plan().changed(json.read(remedy, Remedy.class));
      planner.tryOut(piece, next);
      if (runs.last(id) != last) {
        return page.stale(piece, unit, model, response, "");
      }
      int version = pieces.save(id, piece.version(), "way on", next, piece.edits());
      return page.add(pieces.get(id), last, new Fact.Changed(version), unit, model, response, "");
    } catch (Stale e) {
      return page.stale(piece, unit, model, response, "");
    } catch (BadDesign e) {
      return refused(piece, unit, model, response, e.getMessage());
    } catch (RuntimeException e) {
      return refused(piece, unit, model, response, "That way on can't be read.");
    }
  }

  private String refused(
      Piece piece, Unit unit, Model model, HttpServletResponse response, String why) {
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return page.show(piece, unit, model, BenchPage.Said.of(why));
  }
}
