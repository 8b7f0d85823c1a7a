package hazelkeep.web.paper;

import hazelkeep.bore.Blanks;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import java.util.Locale;
import java.util.function.BiConsumer;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** What goes to the lathe on paper: sheets, sticks, flags and templates. */
@Controller
class PaperController {
  private final PieceStore pieces;
  private final Planner planner;

  PaperController(PieceStore pieces, Planner planner) {
    this.pieces = pieces;
    this.planner = planner;
  }

  @GetMapping("/pieces/{id:\\d+}/paper")
  String paper(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    model.addAttribute("piece", piece);
    model.addAttribute("plan", plan);
    model.addAttribute("show", show);
    model.addAttribute("chapter", "paper");
    model.addAttribute("cuts", CutSheet.cuts(plan, show));
    model.addAttribute("turns", CutSheet.turns(plan, show));
    model.addAttribute("species", piece.design().species());
    model.addAttribute("octagon", octagon(plan, show));
    return "paper/paper";
  }

  /** How a square blank is made ready to be rounded; empty for a round one. */
  private static String octagon(Plan<?> plan, Show show) {
    if (plan.aim().blank().round()) {
      return "";
    }
    double side = plan.aim().mm("blank.across");
    return "Square of "
        + show.len(side)
        + ": saw the corners back by "
        + show.len(Blanks.setBack(side))
        + " for an octagon with flats of "
        + show.len(Blanks.flat(side))
        + "; "
        + show.len(Blanks.cylinder(side, plan.shop().custom(Line.STOCK_CENTRING)))
        + " is the largest sure cylinder.";
  }

  @GetMapping("/pieces/{id:\\d+}/cut-sheet.pdf")
  ResponseEntity<byte[]> cutSheet(@PathVariable long id, Unit unit) {
    return pdf(id, unit, "Cut sheet", CutSheet::draw);
  }

  @GetMapping("/pieces/{id:\\d+}/marking-stick.pdf")
  ResponseEntity<byte[]> stick(@PathVariable long id, Unit unit) {
    return pdf(id, unit, "Marking stick", MarkingStick::draw);
  }

  @GetMapping("/pieces/{id:\\d+}/story-stick.pdf")
  ResponseEntity<byte[]> story(@PathVariable long id, Unit unit) {
    return pdf(id, unit, "Story stick", StoryStick::draw);
  }

  @GetMapping("/pieces/{id:\\d+}/bit-flags.pdf")
  ResponseEntity<byte[]> flags(@PathVariable long id, Unit unit) {
    return pdf(id, unit, "Bit flags", BitFlags::draw);
  }

  @GetMapping("/pieces/{id:\\d+}/hole-template.pdf")
  ResponseEntity<byte[]> template(@PathVariable long id, Unit unit) {
    return pdf(id, unit, "Hole template", HoleTemplate::draw);
  }

  @GetMapping("/pieces/{id:\\d+}/holds.pdf")
  ResponseEntity<byte[]> holds(@PathVariable long id, Unit unit) {
    return pdf(id, unit, "Holds", HoldSheet::draw);
  }

  /** A sheet is named for what it is: cut-sheet.pdf. */
  private ResponseEntity<byte[]> pdf(
      long id, Unit unit, String what, BiConsumer<Sheet, Printed> draw) {
    Piece piece = pieces.get(id);
    String file = what.toLowerCase(Locale.ROOT).replace(' ', '-') + ".pdf";
    try (Sheet s = new Sheet(what + ": " + piece.name())) {
      draw.accept(s, new Printed(piece, planner.current(piece), new Show(unit)));
      return ResponseEntity.ok()
          .contentType(MediaType.APPLICATION_PDF)
          .header("Content-Disposition", "inline; filename=\"" + file + "\"")
          .body(s.bytes());
    }
  }
}
