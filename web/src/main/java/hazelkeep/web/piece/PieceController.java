package hazelkeep.web.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Kinds;
import hazelkeep.piece.Plan;
import hazelkeep.piece.box.LiddedBox;
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
import hazelkeep.wood.Species;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The piece in its blank: every change is saved at once, drawn and judged. */
@Controller
class PieceController {
  private static final String SHEET = "piece/piece :: sheet";

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

  @GetMapping("/pieces/new")
  String blankForm(Unit unit, Model model) {
    return form(
        new BoxForm(
            new LinkedHashMap<>(BoxForm.of(LiddedBox.fresh(), unit).typed()),
            new LinkedHashMap<>()),
        unit,
        model);
  }

  private String form(BoxForm form, Unit unit, Model model) {
    model.addAttribute("form", form);
    model.addAttribute("show", new Show(unit));
    model.addAttribute("species", Species.LIBRARY);
    model.addAttribute("choices", Kinds.ALL.get(0).title());
    return "piece/new";
  }

  @PostMapping("/pieces")
  String create(
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Map<String, String> kept = new LinkedHashMap<>(typed);
    kept.remove("_csrf");
    BoxForm form = new BoxForm(kept, new LinkedHashMap<>());
    String name = typed.getOrDefault("name", "").strip();
    if (name.isEmpty() || name.length() > 120) {
      form.errors().put("name", "A piece has a name of at most 120 letters.");
    }
    Optional<LiddedBox> box = wish(form, typed, unit);
    if (box.isPresent() && form.errors().isEmpty()) {
      try {
        Kind<?> kind = Kinds.named("lidded-box").orElseThrow();
        planner.plan(kind, box.get(), List.of());
        return "redirect:/pieces/" + pieces.create(name, kind, box.get());
      } catch (BadDesign e) {
        form.errors().put(field(e.key().path()), e.getMessage());
      }
    }
    response.setStatus(422);
    return form(form, unit, model);
  }

  /** The field of the wish that a refused size was typed into. */
  private static String field(String key) {
    return switch (key) {
      case "outside.height" -> "height";
      case "outside.diameter" -> "diameter";
      case "lid.height" -> "lidHeight";
      default -> "diameter";
    };
  }

  private Optional<LiddedBox> wish(BoxForm form, Map<String, String> typed, Unit unit) {
    Optional<LiddedBox> box = form.onto(LiddedBox.fresh(), unit);
    LiddedBox b = box.orElse(LiddedBox.fresh());
    Kind<LiddedBox> kind = new hazelkeep.piece.box.LiddedBoxKind();
    for (Map.Entry<String, String> e :
        Map.of(
                "height",
                "outside.height",
                "diameter",
                "outside.diameter",
                "lidHeight",
                "lid.height")
            .entrySet()) {
      String t = typed.getOrDefault(e.getKey(), "");
      if (!t.isBlank()) {
        try {
          b = kind.size(b, new DimKey(e.getValue()), Optional.of(SizeText.parse(t, unit)));
        } catch (IllegalArgumentException x) {
          form.errors().put(e.getKey(), x.getMessage());
        }
      }
    }
    for (String choice : List.of("school", "share", "gives")) {
      String option = typed.getOrDefault(choice, "");
      boolean own = choice.equals("share") && !typed.getOrDefault("lidHeight", "").isBlank();
      if (!option.isBlank() && !own) {
        try {
          b = kind.choose(b, choice, option);
        } catch (IllegalArgumentException x) {
          form.errors().put(choice, "Choose one of the options.");
        }
      }
    }
    return box.isPresent() ? Optional.of(b) : box;
  }

  @GetMapping("/pieces/{id}")
  String piece(@PathVariable long id, Unit unit, Model model) {
    fill(pieces.get(id), unit, model, null, null);
    return "piece/piece";
  }

  @GetMapping("/pieces/{id}/findings")
  String findings(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    Plan<?> plan = runs.started(id) ? planner.current(piece) : planner.tried(piece);
    model.addAttribute("piece", piece);
    model.addAttribute("findings", FindingView.of(plan, new Show(unit), json));
    model.addAttribute("tried", true);
    model.addAttribute("running", runs.started(id));
    return "piece/piece :: findings";
  }

  private void fill(
      Piece piece, Unit unit, Model model, PieceDrawing.Refused refused, String notice) {
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    model.addAttribute("piece", piece);
    model.addAttribute("plan", plan);
    model.addAttribute("show", show);
    model.addAttribute("chapter", "shape");
    model.addAttribute("drawing", PieceDrawing.of(plan, show, refused));
    model.addAttribute("findings", FindingView.of(plan, show, json));
    model.addAttribute("tried", plan.findings().isEmpty());
    model.addAttribute("notice", notice);
    model.addAttribute("running", runs.started(piece.id()));
    design(plan, unit, model);
  }

  private <D extends Design> void design(Plan<D> plan, Unit unit, Model model) {
    model.addAttribute("choices", plan.kind().choices(plan.design()));
    model.addAttribute("properties", plan.kind().properties(plan.design(), plan.aim()));
    model.addAttribute("species", Species.LIBRARY);
    if (plan.design() instanceof LiddedBox box) {
      model.addAttribute("form", BoxForm.of(box, unit));
    }
  }

  @PostMapping("/pieces/{id}/size")
  String size(
      @PathVariable long id,
      @RequestParam String key,
      @RequestParam String value,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    String typed = value.length() > 60 ? value.substring(0, 60) : value;
    return change(
        piece,
        version,
        unit,
        model,
        response,
        new PieceDrawing.Refused(key, typed),
        key + " " + typed,
        () -> {
          Optional<Size> size =
              value.isBlank() ? Optional.empty() : Optional.of(SizeText.parse(value, unit));
          return sized(piece.kind(), piece.design(), new DimKey(key), size);
        });
  }

  private static <D extends Design> D sized(
      Kind<D> kind, Design design, DimKey key, Optional<Size> size) {
    return kind.size(kind.type().cast(design), key, size);
  }

  @PostMapping("/pieces/{id}/choice")
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
        unit,
        model,
        response,
        null,
        name + " " + option,
        () -> chosen(piece.kind(), piece.design(), name, option));
  }

  private static <D extends Design> D chosen(
      Kind<D> kind, Design design, String name, String option) {
    return kind.choose(kind.type().cast(design), name, option);
  }

  @PostMapping("/pieces/{id}/wish")
  String wish(
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    BoxForm form = new BoxForm(new LinkedHashMap<>(typed), new LinkedHashMap<>());
    String view =
        change(
            piece,
            version,
            unit,
            model,
            response,
            null,
            "wish",
            () ->
                form.onto((LiddedBox) piece.design(), unit)
                    .orElseThrow(
                        () ->
                            new IllegalArgumentException(
                                String.join(" ", form.errors().values()))));
    if (!form.errors().isEmpty()) {
      model.addAttribute("form", form);
    }
    return view;
  }

  @PostMapping("/pieces/{id}/remedy")
  String remedy(
      @PathVariable long id,
      @RequestParam String remedy,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.plan(piece);
    Remedy r;
    try {
      r = json.read(remedy, Remedy.class);
    } catch (RuntimeException e) {
      return refused(piece, unit, model, response, null, "That remedy can't be read.", 422);
    }
    if (r instanceof Remedy.Restore restore) {
      List<RouteEdit> rest =
          piece.edits().stream().filter(e -> !e.what().equals(restore.step())).toList();
      try {
        pieces.save(id, version, "back to the recipe", piece.design(), rest);
      } catch (Stale e) {
        return stale(id, unit, model, response, "");
      }
      fill(pieces.get(id), unit, model, null, null);
      return SHEET;
    }
    return change(
        piece,
        version,
        unit,
        model,
        response,
        null,
        FindingView.label(r, plan, new Show(unit)),
        () -> plan.changed(r));
  }

  @PostMapping("/pieces/{id}/drag")
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
    if (preview) {
      // While the point moves: drawn, not saved, not rehearsed beyond what is remembered.
      try {
        Design moved = dragged(plan, handle, z, r);
        Plan<?> then = planner.plan(piece.kind(), moved, piece.edits());
        model.addAttribute("drawing", PieceDrawing.of(then, new Show(unit), null));
      } catch (BadDesign | IllegalArgumentException e) {
        response.setStatus(422);
        model.addAttribute("drawing", "");
      }
      return "piece/piece :: drawing";
    }
    return change(
        piece,
        version,
        unit,
        model,
        response,
        null,
        "drag " + handle,
        () -> dragged(plan, handle, z, r));
  }

  private static <D extends Design> D dragged(Plan<D> plan, String handle, double z, double r) {
    if (!Double.isFinite(z) || !Double.isFinite(r) || Math.abs(z) > 2000 || r < 0 || r > 500) {
      throw new IllegalArgumentException("That point lies off the blank.");
    }
    return plan.kind().drag(plan.design(), plan.aim(), handle, z, r);
  }

  @PostMapping("/pieces/{id}/undo")
  String undo(
      @PathVariable long id,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    return travel(id, unit, model, response, () -> pieces.undo(id, version));
  }

  @PostMapping("/pieces/{id}/redo")
  String redo(
      @PathVariable long id,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    return travel(id, unit, model, response, () -> pieces.redo(id, version));
  }

  private String travel(
      long id, Unit unit, Model model, HttpServletResponse response, Runnable move) {
    try {
      move.run();
    } catch (Stale e) {
      return stale(id, unit, model, response, "");
    }
    noteChange(id);
    fill(pieces.get(id), unit, model, null, null);
    return SHEET;
  }

  /** A change of the design, tried before it is stored. */
  private interface Change {
    Design make();
  }

  private String change(
      Piece piece,
      int version,
      Unit unit,
      Model model,
      HttpServletResponse response,
      PieceDrawing.Refused typed,
      String note,
      Change change) {
    if (version != piece.version()) {
      return stale(piece.id(), unit, model, response, typed == null ? "" : typed.typed());
    }
    try {
      Design next = change.make();
      planner.plan(piece.kind(), next, piece.edits());
      if (!next.equals(piece.design())) {
        pieces.save(piece.id(), version, note, next, piece.edits());
        noteChange(piece.id());
      }
    } catch (Stale e) {
      return stale(piece.id(), unit, model, response, typed == null ? "" : typed.typed());
    } catch (BadDesign | IllegalArgumentException e) {
      return refused(piece, unit, model, response, typed, e.getMessage(), 422);
    }
    fill(pieces.get(piece.id()), unit, model, null, null);
    return SHEET;
  }

  /** A run that is open learns that its design changed. */
  private void noteChange(long id) {
    if (runs.started(id)) {
      List<Entry> log = runs.log(id);
      long last = log.isEmpty() ? 0 : log.get(log.size() - 1).no();
      int now = pieces.get(id).version();
      runs.add(id, last, now, new Fact.Changed(now));
    }
  }

  private String refused(
      Piece piece,
      Unit unit,
      Model model,
      HttpServletResponse response,
      PieceDrawing.Refused typed,
      String message,
      int status) {
    response.setStatus(status);
    fill(piece, unit, model, typed, message);
    return SHEET;
  }

  private String stale(
      long id, Unit unit, Model model, HttpServletResponse response, String typed) {
    String lost = typed.isBlank() ? "Your change" : "“" + typed + "”";
    return refused(
        pieces.get(id),
        unit,
        model,
        response,
        null,
        "This piece was changed in another tab. "
            + lost
            + " was not saved; here is the newest. Make the change again if you still want it.",
        409);
  }
}
