package hazelkeep.web.boring;

import hazelkeep.bore.Quill;
import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.piece.Marks;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** What is bored, how far, and what the device that is looked at shows. */
@Controller
class BoringController {

  private final PieceStore pieces;
  private final Planner planner;
  private final Json json;

  BoringController(PieceStore pieces, Planner planner, Json json) {
    this.pieces = pieces;
    this.planner = planner;
    this.json = json;
  }

  @GetMapping("/pieces/{id:\\d+}/boring")
  String boring(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String touch,
      @RequestParam(defaultValue = "") String again,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    double travel = plan.shop().lathe().quillTravel();
    Quill quill = Quill.common(travel, plan.shop().practice());
    try {
      quill =
          new Quill(travel, typed(touch, quill.touch(), unit), typed(again, quill.again(), unit));
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("notice", e.getMessage());
    }
    List<FindingView> findings = FindingView.all(plan, show, json);
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("chapter", "boring");
    model.addAttribute("travel", show.len(travel));
    model.addAttribute("touch", touch.isBlank() ? show.bare(quill.touch()) : touch);
    model.addAttribute("again", again.isBlank() ? show.bare(quill.again()) : again);
    model.addAttribute("parts", BoringView.all(plan, quill, show));
    model.addAttribute("shapeMarks", Marks.shape(findings));
    model.addAttribute("routeMarks", Marks.route(findings));
    return "boring/boring";
  }

  private static double typed(String text, double otherwise, Unit unit) {
    return text.isBlank() ? otherwise : SizeText.parse(text, unit).mm();
  }
}
