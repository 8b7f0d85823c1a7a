package hazelkeep.web.piece;

import hazelkeep.giving.Largest;
import hazelkeep.measure.AmountText;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Halves;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Remedy;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.core.JacksonException;

/** The piece in its blank: every change is saved at once, drawn and judged. */
@Controller
@RequestMapping("/pieces/{id:\\d+}")
class PieceController {
  private static final int TYPED_MOST = 60;

  /** No point of a blank lies further off than this, mm. */
  private static final double OFF = 2_000;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final Json json;
  private final PiecePage page;

  PieceController(PieceStore pieces, RunStore runs, Planner planner, Json json, PiecePage page) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.json = json;
    this.page = page;
  }

  @GetMapping
  String piece(@PathVariable long id, Unit unit, Model model) {
    page.fill(pieces.get(id), unit, model);
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

  /**
   * A size that was typed.
   *
   * @param key the size
   * @param value as typed
   * @param letgo a stated size that gives way to it; empty for none
   * @param to what that becomes, as typed; empty where it is left to the rules
   */
  record Typed(String key, String value, String letgo, String to) {
    Typed {
      key = key == null ? "" : key;
      to = to == null ? "" : to;
      value =
          value == null ? "" : value.length() > TYPED_MOST ? value.substring(0, TYPED_MOST) : value;
    }

    private Optional<Size> size(Unit unit) {
      return value.isBlank()
          ? Optional.empty()
          : Optional.of(AmountText.parse(value, unit, new DimKey(key).quantity()));
    }

    /** In a design whose sketch is there; a stated half of a joint brings its partner along. */
    private <D extends Design> D onto(Sketch<D> sketch, Unit unit) {
      return letgo == null || letgo.isEmpty()
          ? Halves.sized(sketch, new DimKey(key), size(unit))
          : onto(sketch.kind(), sketch.design(), unit);
    }

    private <D extends Design> D onto(Kind<D> kind, Design design, Unit unit) {
      D free = kind.type().cast(design);
      if (letgo != null && !letgo.isEmpty()) {
        Optional<Size> other =
            to.isBlank()
                ? Optional.empty()
                : Optional.of(AmountText.parse(to, unit, new DimKey(letgo).quantity()));
        free = kind.size(free, new DimKey(letgo), other);
      }
      return kind.size(free, new DimKey(key), size(unit));
    }
  }

  @PostMapping("/size")
  String size(
      @PathVariable long id, Typed typed, @RequestParam int version, PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.change(
        piece,
        version,
        asked.typed(typed),
        typed.key() + " " + typed.value(),
        () ->
            untouched(piece, typed, asked.unit())
                ? piece.design()
                : typed.onto(planner.current(piece).sketch(), asked.unit()));
  }

  /**
   * One stated size becomes what it would have to, or is left to the rules: also where the piece
   * can't be drawn with it.
   */
  @PostMapping("/letgo")
  String letGo(
      @PathVariable long id,
      @RequestParam String key,
      @RequestParam(defaultValue = "") String to,
      @RequestParam int version,
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.change(
        piece,
        version,
        asked,
        "let go of " + key,
        () -> new Typed(key, to, "", "").onto(piece.kind(), piece.design(), asked.unit()));
  }

  /** The piece becomes as large as its blank gives. */
  @PostMapping("/largest")
  String largest(@PathVariable long id, @RequestParam int version, PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.change(
        piece, version, asked, "largest in its blank", () -> largest(piece.kind(), piece.design()));
  }

  private <D extends Design> D largest(Kind<D> kind, Design design) {
    return Largest.of(kind, kind.type().cast(design), planner.shop());
  }

  /** Whether a field still says what was shown in it: then nothing was wished. */
  private boolean untouched(Piece piece, Typed typed, Unit unit) {
    Dim d = planner.current(piece).aim().dims().get(new DimKey(typed.key()));
    return d != null && new Show(unit).value(d).equals(typed.value().strip());
  }

  @PostMapping("/choice")
  String choice(
      @PathVariable long id,
      @RequestParam String name,
      @RequestParam String option,
      @RequestParam int version,
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.change(
        piece,
        version,
        asked,
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
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    DesignForm form = DesignForm.of(typed);
    String view =
        page.change(
            piece,
            version,
            asked,
            "wish",
            () -> wished(piece.kind(), piece.design(), form, asked.unit()));
    if (asked.refused()) {
      asked.model().addAttribute("form", form);
    }
    return view;
  }

  private <D extends Design> D wished(Kind<D> kind, Design design, DesignForm form, Unit unit) {
    return form.onto(kind, kind.type().cast(design), unit, planner.shop().woods())
        .orElseThrow(() -> new Refused(form.refusals()));
  }

  @PostMapping("/remedy")
  String remedy(
      @PathVariable long id,
      @RequestParam String remedy,
      @RequestParam int version,
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    Remedy r;
    try {
      r = json.read(remedy, Remedy.class);
      if (r == null) {
        throw new Refused(remedy);
      }
    } catch (JacksonException | Refused e) {
      return page.refused(piece, asked, Sentences.of("piece.that-remedy-cant-be"));
    }
    Plan<?> plan = planner.plan(piece);
    String label = FindingView.label(r, plan, new Show(asked.unit()));
    if (r.ofRoute()) {
      return page.rerouted(piece, version, asked, label, r.applied(piece.edits()));
    }
    return page.change(piece, version, asked, label, () -> plan.changed(r));
  }

  @PostMapping("/drag")
  String drag(
      @PathVariable long id,
      @RequestParam String handle,
      @RequestParam double z,
      @RequestParam double r,
      @RequestParam int version,
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    Sketch<?> sketch = planner.current(piece).sketch();
    return page.change(
        piece, version, asked, "drag " + handle, () -> dragged(sketch, handle, z, r));
  }

  /** While the point moves: drawn and judged by geometry, neither played nor saved. */
  @PostMapping("/dragging")
  String dragging(
      @PathVariable long id,
      @RequestParam double z,
      @RequestParam double r,
      PieceDrawing.Drag drag,
      PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    try {
      Sketch<?> before = planner.current(piece).sketch();
      Sketch<?> then = planner.sketch(piece.kind(), dragged(before, drag.handle(), z, r));
      asked
          .model()
          .addAttribute("drawing", PieceDrawing.dragging(then, new Show(asked.unit()), drag));
    } catch (Refused e) {
      asked.response().setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      asked.model().addAttribute("drawing", "");
    }
    return "piece/piece :: drawing";
  }

  private static Design dragged(Sketch<?> sketch, String handle, double z, double r) {
    if (!(Math.abs(z) < OFF) || !(r >= 0 && r < OFF)) {
      throw new Refused(Sentences.of("piece.that-point-lies-off"));
    }
    return sketch.dragged(handle, z, r);
  }

  @PostMapping("/undo")
  String undo(@PathVariable long id, @RequestParam int version, PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.travel(piece, version, pieces.before(piece), asked);
  }

  @PostMapping("/redo")
  String redo(@PathVariable long id, @RequestParam int version, PiecePage.Asked asked) {
    Piece piece = pieces.get(id);
    return page.travel(piece, version, pieces.after(piece), asked);
  }
}
