package hazelkeep.web.log;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The record that closes a piece: enough to make a replacement lid two winters later. */
@Controller
class RecordController {
  private static final List<String> KEPT =
      List.of(
          "outside.diameter",
          "outside.height",
          "body.height",
          "lid.height",
          "joint.length",
          "recess.diameter",
          "spigot.diameter",
          "joint.clearance",
          "inside.diameter",
          "inside.depth",
          "lid.depth",
          "tenon-foot.diameter",
          "tenon-top.diameter");

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;

  RecordController(PieceStore pieces, RunStore runs, Planner planner) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
  }

  /**
   * A size wished and made.
   *
   * @param label its name
   * @param wished as planned
   * @param made as it became
   * @param how measured, or as planned
   */
  public record Row(String label, String wished, String made, String how) {}

  @GetMapping("/pieces/{id}/record")
  String record(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    RunStore.Closing c = runs.closing(id).orElse(null);
    return page(
        piece,
        unit,
        model,
        c == null ? "" : c.fitFelt(),
        c == null ? "" : c.signature(),
        c == null ? "" : c.notes(),
        null);
  }

  private String page(
      Piece piece,
      Unit unit,
      Model model,
      String fit,
      String signature,
      String notes,
      String error) {
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    RunStore.Closing closing = runs.closing(piece.id()).orElse(null);
    model.addAttribute("piece", piece);
    model.addAttribute("plan", plan);
    model.addAttribute("show", show);
    model.addAttribute("chapter", "record");
    model.addAttribute("rows", rows(plan, closing, show));
    model.addAttribute("closing", closing);
    model.addAttribute("fit", fit);
    model.addAttribute("signature", signature);
    model.addAttribute("notes", notes);
    model.addAttribute("error", error);
    model.addAttribute("species", PieceDrawing.speciesOf(plan));
    model.addAttribute("card", PieceDrawing.card(plan, PieceDrawing.speciesOf(plan)));
    boolean finished = runs.started(piece.id()) && planner.bench(piece).next().isEmpty();
    model.addAttribute("finished", finished || closing != null);
    return "log/record";
  }

  private static List<Row> rows(Plan<?> plan, RunStore.Closing closing, Show show) {
    List<Row> rows = new ArrayList<>();
    for (Map.Entry<DimKey, Double> made : made(plan).entrySet()) {
      Dim d = plan.aim().dims().get(made.getKey());
      double is =
          closing == null ? made.getValue() : closing.made().getOrDefault(d.key(), made.getValue());
      rows.add(
          new Row(
              d.label(),
              show.number(d.key(), d.planned().mm(), plan.aim()),
              show.number(d.key(), is, plan.aim()),
              d.origin() == hazelkeep.measure.Origin.MEASURED ? "measured" : "as planned"));
    }
    return rows;
  }

  private static Map<DimKey, Double> made(Plan<?> plan) {
    Map<DimKey, Double> out = new LinkedHashMap<>();
    for (String k : KEPT) {
      Dim d = plan.aim().dims().get(new DimKey(k));
      if (d != null) {
        out.put(d.key(), d.mm());
      }
    }
    return out;
  }

  @PostMapping("/pieces/{id}/record")
  String close(
      @PathVariable long id,
      @RequestParam String fit,
      @RequestParam String signature,
      @RequestParam String notes,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    if (fit.length() > 60 || signature.length() > 200 || notes.length() > 4000) {
      response.setStatus(422);
      return page(
          piece,
          unit,
          model,
          fit,
          signature,
          notes,
          "Too long: the fit takes 60 letters, the signature 200, the notes 4000.");
    }
    runs.close(id, fit.strip(), signature.strip(), notes.strip(), made(planner.current(piece)));
    return "redirect:/pieces/" + id + "/record";
  }
}
