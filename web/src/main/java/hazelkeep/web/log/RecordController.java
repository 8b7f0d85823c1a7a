package hazelkeep.web.log;

import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.web.drawing.Made;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.StandingDrawing;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Closing;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The record that closes a piece: enough to make a replacement lid two winters later. */
@Controller
class RecordController {
  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;

  RecordController(PieceStore pieces, RunStore runs, Planner planner) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
  }

  /**
   * What is written into the record.
   *
   * @param fit the fit as felt
   * @param signature what stands on the foot
   * @param notes anything else
   */
  public record Entries(String fit, String signature, String notes) {
    private static final int FIT_MOST = 60;
    private static final int SIGNATURE_MOST = 200;
    private static final int NOTES_MOST = 4000;

    static Entries of(Optional<Closing> c) {
      return c.map(x -> new Entries(x.fitFelt(), x.signature(), x.notes()))
          .orElse(new Entries("", "", ""));
    }

    Entries stripped() {
      return new Entries(said(fit), said(signature), said(notes));
    }

    private static String said(String s) {
      return s == null ? "" : s.strip();
    }

    /** All of it in one line. */
    String words() {
      return Stream.of(fit, signature, notes)
          .filter(s -> !s.isEmpty())
          .collect(Collectors.joining("; "));
    }

    boolean tooLong() {
      return fit.length() > FIT_MOST
          || signature.length() > SIGNATURE_MOST
          || notes.length() > NOTES_MOST;
    }
  }

  @GetMapping("/pieces/{id:\\d+}/record")
  String record(@PathVariable long id, Unit unit, Model model) {
    return page(pieces.get(id), unit, model, Entries.of(runs.closing(id)), null);
  }

  private String page(Piece piece, Unit unit, Model model, Entries entries, String error) {
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    Optional<Closing> closing = runs.closing(piece.id());
    boolean over = runs.started(piece.id()) && planner.bench(piece).next().isEmpty();
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("chapter", "record");
    model.addAttribute(
        "rows",
        Made.of(plan, planner.plan(piece), closing.map(Closing::made).orElse(Map.of()), show));
    model.addAttribute("closed", closing.isPresent());
    model.addAttribute("version", closing.map(Closing::version).orElse(0));
    model.addAttribute("finished", over || closing.isPresent());
    model.addAttribute("entries", entries);
    model.addAttribute("error", error);
    model.addAttribute("species", Words.woods(plan));
    model.addAttribute("card", PieceDrawing.card(plan.sketch()));
    model.addAttribute("standing", StandingDrawing.onShelf(plan.sketch()));
    return "log/record";
  }

  @PostMapping("/pieces/{id:\\d+}/record")
  String close(
      @PathVariable long id,
      @RequestParam(defaultValue = "0") int version,
      Entries typed,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Entries entries = typed.stripped();
    if (entries.tooLong()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(piece, unit, model, entries, Sentences.of("record.too-long-the-fit"));
    }
    try {
      RunStore.Words words =
          new RunStore.Words(entries.fit(), entries.signature(), entries.notes());
      runs.close(id, version, words, planner.current(piece).aim().sizes());
      return "redirect:/pieces/" + id + "/record";
    } catch (Stale e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      return page(
          piece,
          unit,
          model,
          entries,
          Sentences.of("record.this-record-was-changed", Entries.of(runs.closing(id)).words()));
    }
  }
}
