package hazelkeep.web.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The piece in its blank: every change is saved at once, drawn and judged. */
@Controller
@RequestMapping("/pieces/{id:\\d+}")
class PieceController {
  private static final String SHEET = "piece/piece :: sheet";
  private static final int TYPED_MOST = 60;

  /** No point of a blank lies further off than this, mm. */
  private static final double OFF = 2_000;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final Json json;

  PieceController(PieceStore pieces, RunStore runs, Planner planner, Json json) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.json = json;
  }

  /** What an answer needs beside the piece. */
  private record Page(Unit unit, Model model, HttpServletResponse response) {}

  @GetMapping
  String piece(@PathVariable long id, Unit unit, Model model) {
    fill(pieces.get(id), unit, model, null, null);
    return "piece/piece";
  }

  @GetMapping("/findings")
  String findings(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    boolean running = runs.started(id);
    Plan<?> plan = running ? planner.current(piece) : planner.tried(piece);
    model.addAttribute("piece", piece);
    model.addAttribute(
        "findings", FindingView.byCause(FindingView.all(plan, new Show(unit), json)));
    model.addAttribute("tried", true);
    model.addAttribute("running", running);
    return "piece/findings :: findings";
  }

  private void fill(
      Piece piece, Unit unit, Model model, PieceDrawing.Refused refused, String notice) {
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    model.addAttribute("piece", piece);
    model.addAttribute("plan", plan);
    model.addAttribute("show", show);
    model.addAttribute("chapter", "shape");
    model.addAttribute("drawing", PieceDrawing.of(plan.sketch(), show, refused));
    List<FindingView> all = FindingView.all(plan, show, json);
    model.addAttribute("shapeMarks", Marks.shape(all));
    model.addAttribute("routeMarks", Marks.route(all));
    model.addAttribute("findings", FindingView.byCause(all));
    model.addAttribute("tried", plan.findings().isEmpty());
    model.addAttribute("notice", notice);
    model.addAttribute("running", runs.started(piece.id()));
    model.addAttribute("choices", ChoiceView.of(plan.sketch(), show));
    model.addAttribute("properties", plan.sketch().properties());
    model.addAttribute("species", planner.shop().woods().all());
    model.addAttribute("form", DesignForm.of(piece.design(), unit));
  }

  @PostMapping("/size")
  String size(
      @PathVariable long id,
      @RequestParam String key,
      @RequestParam String value,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    String typed = value.length() > TYPED_MOST ? value.substring(0, TYPED_MOST) : value;
    return change(
        piece,
        version,
        new Page(unit, model, response),
        new PieceDrawing.Refused(key, typed),
        key + " " + typed,
        () ->
            untouched(piece, key, value, unit)
                ? piece.design()
                : sized(piece.kind(), piece.design(), key, value, unit));
  }

  /** Whether a field still says what was shown in it: then nothing was wished. */
  private boolean untouched(Piece piece, String key, String value, Unit unit) {
    Dim d = planner.current(piece).aim().dims().get(new DimKey(key));
    return d != null && new Show(unit).value(d).equals(value.strip());
  }

  private static <D extends Design> D sized(
      Kind<D> kind, Design design, String key, String value, Unit unit) {
    return kind.size(
        kind.type().cast(design),
        new DimKey(key),
        value.isBlank() ? Optional.empty() : Optional.of(SizeText.parse(value, unit)));
  }

  @PostMapping("/choice")
  String choice(
      @PathVariable long id,
      @RequestParam String name,
      @RequestParam String option,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    return change(
        piece,
        version,
        new Page(unit, model, response),
        null,
        name + " " + option,
        () -> chosen(piece.kind(), piece.design(), name, option));
  }

  private static <D extends Design> D chosen(
      Kind<D> kind, Design design, String name, String option) {
    return kind.choose(kind.type().cast(design), name, option);
  }

  @PostMapping("/wish")
  String wish(
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    DesignForm form = DesignForm.of(typed);
    String view =
        change(
            piece,
            version,
            new Page(unit, model, response),
            null,
            "wish",
            () -> wished(piece.kind(), piece.design(), form, unit));
    if (response.getStatus() >= HttpStatus.BAD_REQUEST.value()) {
      model.addAttribute("form", form);
    }
    return view;
  }

  private <D extends Design> D wished(Kind<D> kind, Design design, DesignForm form, Unit unit) {
    return form.onto(kind, kind.type().cast(design), unit, planner.shop().woods())
        .orElseThrow(() -> new IllegalArgumentException(form.refusals()));
  }

  @PostMapping("/remedy")
  String remedy(
      @PathVariable long id,
      @RequestParam String remedy,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Page page = new Page(unit, model, response);
    Remedy r;
    try {
      r = json.read(remedy, Remedy.class);
    } catch (RuntimeException e) {
      return refused(
          piece, page, null, "That remedy can't be read.", HttpStatus.UNPROCESSABLE_CONTENT);
    }
    if (r instanceof Remedy.Restore restore) {
      List<RouteEdit> rest =
          piece.edits().stream().filter(e -> !e.touches(restore.step())).toList();
      try {
        pieces.save(id, version, "back to the recipe", piece.design(), rest);
      } catch (Stale e) {
        return stale(id, page, "");
      }
      fill(pieces.get(id), unit, model, null, null);
      return SHEET;
    }
    Plan<?> plan = planner.plan(piece);
    String label = FindingView.label(r, plan, new Show(unit));
    return change(piece, version, page, null, label, () -> plan.changed(r));
  }

  @PostMapping("/drag")
  String drag(
      @PathVariable long id,
      @RequestParam String handle,
      @RequestParam double z,
      @RequestParam double r,
      @RequestParam(defaultValue = "false") boolean preview,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    if (!preview) {
      return change(
          piece,
          version,
          new Page(unit, model, response),
          null,
          "drag " + handle,
          () -> dragged(plan.sketch(), handle, z, r));
    }
    // While the point moves: drawn and judged by geometry, neither played nor saved.
    try {
      Sketch<?> then = planner.sketch(piece.kind(), dragged(plan.sketch(), handle, z, r));
      model.addAttribute("drawing", PieceDrawing.of(then, new Show(unit), null));
    } catch (BadDesign | IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("drawing", "");
    }
    return "piece/piece :: drawing";
  }

  private static Design dragged(Sketch<?> sketch, String handle, double z, double r) {
    if (!(Math.abs(z) < OFF) || !(r >= 0 && r < OFF)) {
      throw new IllegalArgumentException("That point lies off the blank.");
    }
    return sketch.dragged(handle, z, r);
  }

  @PostMapping("/undo")
  String undo(
      @PathVariable long id,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    return travel(piece, version, pieces.before(piece), new Page(unit, model, response));
  }

  @PostMapping("/redo")
  String redo(
      @PathVariable long id,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    return travel(piece, version, pieces.after(piece), new Page(unit, model, response));
  }

  private String travel(Piece piece, int version, Optional<Piece> to, Page page) {
    try {
      if (to.isPresent()) {
        planner.tryOut(piece, to.get().design());
        pieces.travel(piece.id(), version, to.get().version());
      }
    } catch (Stale e) {
      return stale(piece.id(), page, "");
    } catch (BadDesign e) {
      return refused(piece, page, null, e.getMessage(), HttpStatus.UNPROCESSABLE_CONTENT);
    }
    fill(pieces.get(piece.id()), page.unit, page.model, null, null);
    return SHEET;
  }

  private String change(
      Piece piece,
      int version,
      Page page,
      PieceDrawing.Refused typed,
      String note,
      Supplier<Design> change) {
    String said = typed == null ? "" : typed.typed();
    if (version != piece.version()) {
      return stale(piece.id(), page, said);
    }
    try {
      Design next = change.get();
      planner.tryOut(piece, next);
      if (!next.equals(piece.design())) {
        pieces.save(piece.id(), version, note, next, piece.edits());
      }
    } catch (Stale e) {
      return stale(piece.id(), page, said);
    } catch (BadDesign | IllegalArgumentException e) {
      return refused(piece, page, typed, e.getMessage(), HttpStatus.UNPROCESSABLE_CONTENT);
    }
    fill(pieces.get(piece.id()), page.unit, page.model, null, null);
    return SHEET;
  }

  private String refused(
      Piece piece, Page page, PieceDrawing.Refused typed, String message, HttpStatus status) {
    page.response.setStatus(status.value());
    fill(piece, page.unit, page.model, typed, message);
    return SHEET;
  }

  private String stale(long id, Page page, String typed) {
    String lost = typed.isBlank() ? "Your change" : "“" + typed + "”";
    return refused(
        pieces.get(id),
        page,
        null,
        "This piece was changed in another tab. "
            + lost
            + " was not saved; here is the newest. Make the change again if you still want it.",
        HttpStatus.CONFLICT);
  }
}
