package hazelkeep.web.paper;

import hazelkeep.bore.Blanks;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Billet;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** What goes to the lathe on paper: sheets, sticks, flags and templates. */
@Controller
class PaperController {
  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;

  PaperController(PieceStore pieces, RunStore runs, Planner planner) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
  }

  @GetMapping("/pieces/{id:\\d+}/paper")
  String paper(
      @PathVariable long id,
      @RequestParam(defaultValue = "A4") Format paper,
      Unit unit,
      Model model) {
    Printed of = printed(id, unit);
    Piece piece = of.piece();
    Plan<?> plan = of.plan();
    Show show = of.show();
    model.addAttribute("paper", paper);
    model.addAttribute("formats", Format.values());
    model.addAttribute(
        "sheets", Arrays.stream(Sheets.values()).filter(s -> s.applies(of)).toList());
    model.addAttribute("piece", piece);
    model.addAttribute("plan", plan);
    model.addAttribute("show", show);
    model.addAttribute("chapter", "paper");
    model.addAttribute(
        "blanks",
        plan.sketch().billets().stream()
            .map(b -> new BlankView(CutSheet.across(b), CutSheet.cuts(plan, b, show)))
            .toList());
    model.addAttribute("turns", CutSheet.turns(plan, show));
    model.addAttribute("species", Words.woods(plan));
    model.addAttribute("octagons", octagons(plan, show));
    return "paper/paper";
  }

  /**
   * A blank on the page.
   *
   * @param title what its lines are
   * @param cuts the lines across it
   */
  public record BlankView(String title, List<CutSheet.Cut> cuts) {}

  /** How blanks that are sawn square are made ready to be rounded. */
  private static List<String> octagons(Plan<?> plan, Show show) {
    return plan.sketch().billets().stream()
        .filter(b -> b.section() == Billet.Section.SQUARE)
        .map(Billet::across)
        .distinct()
        .map(
            side ->
                Sentences.of(
                    "paper.square-of-saw-the",
                    show.len(side),
                    show.len(Blanks.setBack(side)),
                    show.len(Blanks.flat(side)),
                    show.len(Blanks.cylinder(side, plan.shop().custom(Line.STOCK_CENTRING)))))
        .toList();
  }

  @GetMapping("/pieces/{id:\\d+}/{sheet:[a-z-]+}.pdf")
  ResponseEntity<byte[]> sheet(
      @PathVariable long id,
      @PathVariable String sheet,
      @RequestParam(defaultValue = "A4") Format paper,
      Unit unit) {
    Printed of = printed(id, unit);
    List<Sheets> which =
        Arrays.stream(Sheets.values())
            .filter(s -> sheet.equals("all") ? s.applies(of) : s.file().equals(sheet))
            .toList();
    if (which.isEmpty()) {
      throw new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
    try (Sheet s = new Sheet(paper, of.piece().name(), unit.word())) {
      which.forEach(w -> w.draw(s, of));
      return ResponseEntity.ok()
          .contentType(MediaType.APPLICATION_PDF)
          .header("Content-Disposition", "inline; filename=\"" + sheet + ".pdf\"")
          .body(s.bytes());
    }
  }

  private Printed printed(long id, Unit unit) {
    Piece piece = pieces.get(id);
    return new Printed(
        piece, planner.current(piece), planner.plan(piece), new Show(unit), runs.closing(id));
  }
}
