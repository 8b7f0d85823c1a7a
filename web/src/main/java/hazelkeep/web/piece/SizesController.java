package hazelkeep.web.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Every size of a piece with the sum behind it, once somebody asks for it. */
@Controller
class SizesController {
  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;

  SizesController(PieceStore pieces, RunStore runs, Planner planner) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
  }

  @GetMapping("/pieces/{id:\\d+}/sizes")
  String sizes(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    Map<DimKey, Double> readings = runs.started(id) ? planner.bench(piece).readings() : Map.of();
    Show show = new Show(unit);
    model.addAttribute("show", show);
    model.addAttribute("sizes", SizeRow.of(planner.current(piece), readings, show));
    return "piece/sizes :: sizes";
  }
}
