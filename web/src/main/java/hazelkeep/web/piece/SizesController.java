package hazelkeep.web.piece;

import hazelkeep.giving.Leeway;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.util.HtmlUtils;

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
    model.addAttribute("piece", piece);
    return "piece/sizes :: sizes";
  }

  /** From where to where one size may go before something stops, in words. */
  @GetMapping(value = "/pieces/{id:\\d+}/leeway", produces = "text/html;charset=UTF-8")
  @ResponseBody
  String leeway(@PathVariable long id, @RequestParam String key, Unit unit) {
    Piece piece = pieces.get(id);
    Show show = new Show(unit);
    return HtmlUtils.htmlEscape(
        leeway(piece.kind(), piece.design(), new DimKey(key))
            .map(w -> Sentences.of("sizes.from-to", show.bare(w.least()), show.len(w.most())))
            .orElseGet(() -> Sentences.of("sizes.no-leeway")));
  }

  private <D extends Design> Optional<Leeway> leeway(Kind<D> kind, Design design, DimKey key) {
    return Leeway.of(kind, kind.type().cast(design), planner.shop(), key);
  }
}
