package hazelkeep.web.parts;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Rolled;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.Twin;
import hazelkeep.web.drawing.PartsDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.piece.Marks;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** The parts side by side, the list of what is bought, the order of assembly, holes in the side. */
@Controller
class PartsController {
  private final PieceStore pieces;
  private final Planner planner;
  private final Json json;

  PartsController(PieceStore pieces, Planner planner, Json json) {
    this.pieces = pieces;
    this.planner = planner;
    this.json = json;
  }

  /**
   * A bought part.
   *
   * @param name in the trade's words
   * @param where it sits
   * @param sizes what it needs, a size each
   */
  public record PartView(String name, String where, List<String> sizes) {}

  /**
   * A hole in the side.
   *
   * @param name what it is for
   * @param height of its middle above the foot
   * @param degrees from the grain mark
   * @param round the same along the outside
   * @param diameter of the hole
   * @param wall that it goes through
   * @param nearest wood to the next hole; empty for a single one
   */
  public record HoleView(
      String name,
      String height,
      String degrees,
      String round,
      String diameter,
      String wall,
      String nearest) {}

  @GetMapping("/pieces/{id:\\d+}/parts")
  String parts(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    Sketch<?> sketch = plan.sketch();
    List<FindingView> findings = FindingView.all(plan, show, json);
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("drawing", PartsDrawing.of(sketch));
    model.addAttribute("legend", PartsDrawing.legend(sketch, show));
    model.addAttribute(
        "fittings", sketch.fittings().stream().map(f -> view(f, plan, show)).toList());
    model.addAttribute("assembly", sketch.assembly());
    model.addAttribute("twin", sketch.twin().map(t -> t.kind().title()).orElse(""));
    model.addAttribute(
        "holes", sketch.rolled().stream().flatMap(r -> holes(r, show).stream()).toList());
    model.addAttribute(
        "rolled",
        sketch.rolled().stream()
            .map(r -> PartsDrawing.rolled(r, show))
            .collect(Collectors.joining()));
    model.addAttribute("shapeMarks", Marks.shape(findings));
    model.addAttribute("routeMarks", Marks.route(findings));
    return "parts/parts";
  }

  /** Plans the piece that stands beside this one. */
  @PostMapping("/pieces/{id:\\d+}/twin")
  String twin(@PathVariable long id) {
    Piece piece = pieces.get(id);
    return "redirect:/pieces/" + twin(piece, planner.current(piece).sketch());
  }

  private <D extends Design> long twin(Piece piece, Sketch<D> sketch) {
    Twin<D> twin =
        sketch.twin().orElseThrow(() -> new NotThere(Sentences.of("parts.no-other-piece-stands")));
    String name = piece.name() + ", its " + twin.kind().title();
    return pieces.create(name, twin.kind(), twin.design());
  }

  private static PartView view(Fitting f, Plan<?> plan, Show show) {
    List<String> sizes = new ArrayList<>();
    for (DimKey key : f.sizes()) {
      var d = plan.aim().dims().get(key);
      sizes.add(d.label() + " " + show.len(d.mm()) + " (" + d.origin().words() + ")");
    }
    return new PartView(f.name(), f.where(), sizes);
  }

  private static List<HoleView> holes(Rolled side, Show show) {
    return side.places().stream()
        .map(
            p ->
                new HoleView(
                    p.hole().name(),
                    show.len(p.height()),
                    show.whole(p.hole().degrees()) + "°",
                    show.len(p.along()),
                    show.len(p.hole().diameter()),
                    show.len(p.wall()),
                    Double.isNaN(p.nearest()) ? "" : show.len(p.nearest())))
        .toList();
  }
}
