package hazelkeep.web.piece;

import hazelkeep.element.Elements;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Added;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Rule;
import hazelkeep.piece.StockRules;
import hazelkeep.practice.Practice;
import hazelkeep.route.RouteEdit;
import hazelkeep.web.drawing.CustomWords;
import hazelkeep.web.drawing.PieceDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The sheet of a piece: filled, changed, or shown again with why a change was refused. */
@Component
class PiecePage {
  private static final String SHEET = "piece/piece :: sheet";

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final Json json;

  PiecePage(PieceStore pieces, RunStore runs, Planner planner, Json json) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.json = json;
  }

  /**
   * What an answer needs beside the piece.
   *
   * @param unit that is shown
   * @param model to fill
   * @param request who asks
   * @param response its status is set
   * @param typed the size that was typed; null for none
   */
  record Asked(
      Unit unit,
      Model model,
      HttpServletRequest request,
      HttpServletResponse response,
      PieceController.Typed typed) {
    Asked typed(PieceController.Typed size) {
      return new Asked(unit, model, request, response, size);
    }

    boolean refused() {
      return response.getStatus() >= HttpStatus.BAD_REQUEST.value();
    }

    private String words() {
      return typed == null ? "" : typed.value();
    }

    private PieceDrawing.NotTaken field() {
      return typed == null ? null : new PieceDrawing.NotTaken(typed.key(), typed.value());
    }

    /** The sheet for a page that holds one; the whole page for one that does not. */
    private String done(long id) {
      return request.getParameter("whole") == null ? SHEET : "redirect:/pieces/" + id;
    }

    private String again() {
      return request.getParameter("whole") == null ? SHEET : "piece/piece";
    }
  }

  void fill(Piece piece, Unit unit, Model model) {
    fill(piece, unit, model, null, null);
  }

  private void fill(
      Piece piece, Unit unit, Model model, PieceDrawing.NotTaken refused, String notice) {
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
    model.addAttribute("waterLine", show.len(plan.sketch().properties().below()));
    model.addAttribute("customs", customs(plan, unit));
    model.addAttribute("gave", GaveView.of(plan, show));
    model.addAttribute("added", AddedView.of(plan, show));
    model.addAttribute("rooms", AddedView.rooms(plan));
    boolean halved = plan.aim().dims().containsKey(StockRules.KERF);
    model.addAttribute("halved", halved);
    model.addAttribute(
        "shapes",
        Elements.all().stream().filter(s -> halved || !s.key().equals(Added.BLANK)).toList());
    model.addAttribute("species", planner.shop().woods().all());
    DesignForm form = DesignForm.of(piece.design(), unit);
    model.addAttribute("form", form);
    model.addAttribute("outcomes", OutcomeView.of(plan, show, form));
  }

  /** Tries a change of the design and saves it, or says why not. */
  String change(Piece piece, int version, Asked asked, String note, Supplier<Design> change) {
    if (version != piece.version()) {
      return stale(piece.id(), asked);
    }
    Design next = null;
    try {
      next = change.get();
      planner.tryOut(piece, next);
      if (!next.equals(piece.design())) {
        pieces.save(piece.id(), version, note, next, piece.edits());
      }
    } catch (Stale e) {
      return stale(piece.id(), asked);
    } catch (BadDesign e) {
      asked.model.addAttribute("typed", asked.typed);
      asked.model.addAttribute("ways", ways(piece.kind(), next, asked));
      return refused(piece, asked, e.getMessage());
    } catch (Refused e) {
      return refused(piece, asked, e.getMessage());
    }
    fill(pieces.get(piece.id()), asked.unit, asked.model);
    told(piece, next, asked);
    return asked.done(piece.id());
  }

  /** Stated sizes that the change let go or moved, beside the one that was changed. */
  private void told(Piece before, Design next, Asked asked) {
    Map<DimKey, Dim> dims = planner.plan(before.kind(), next, before.edits()).aim().dims();
    Map<DimKey, Size> was = before.design().sizes();
    Map<DimKey, Size> is = next.sizes();
    asked.model.addAttribute("gone", now(was, k -> !is.containsKey(k), dims, asked));
    asked.model.addAttribute(
        "along", now(was, k -> is.containsKey(k) && !is.get(k).equals(was.get(k)), dims, asked));
  }

  private static String now(
      Map<DimKey, Size> was, Predicate<DimKey> which, Map<DimKey, Dim> dims, Asked asked) {
    Show show = new Show(asked.unit);
    return was.keySet().stream()
        .filter(k -> which.test(k) && dims.containsKey(k))
        .filter(k -> asked.typed != null && !k.path().equals(asked.typed.key()))
        .map(
            k ->
                dims.get(k).label().toLowerCase(Locale.ROOT)
                    + ", now "
                    + show.words(dims.get(k), dims.get(k).mm()))
        .collect(Collectors.joining("; "));
  }

  /** Sizes that could go in favour of the one that was typed. */
  private List<Way> ways(Kind<?> kind, Design next, Asked asked) {
    return next == null || asked.typed == null
        ? List.of()
        : Way.of(kind, next, planner, new Show(asked.unit)).stream()
            .filter(w -> !w.key().equals(asked.typed.key()))
            .toList();
  }

  /** Puts other changes of the route in force. */
  String rerouted(Piece piece, int version, Asked asked, String label, List<RouteEdit> edits) {
    try {
      planner.tryOut(piece, piece.design(), edits);
      pieces.save(piece.id(), version, label, piece.design(), edits);
    } catch (Stale e) {
      return stale(piece.id(), asked);
    } catch (BadDesign e) {
      return refused(piece, asked, e.getMessage());
    }
    fill(pieces.get(piece.id()), asked.unit, asked.model);
    return asked.done(piece.id());
  }

  /** Puts another version in force. */
  String travel(Piece piece, int version, Optional<Piece> to, Asked asked) {
    try {
      if (to.isPresent()) {
        planner.tryOut(piece, to.get().design(), to.get().edits());
        pieces.travel(piece.id(), version, to.get().version());
      }
    } catch (Stale e) {
      return stale(piece.id(), asked);
    } catch (BadDesign e) {
      return refused(piece, asked, e.getMessage());
    }
    fill(pieces.get(piece.id()), asked.unit, asked.model);
    return asked.done(piece.id());
  }

  /** The piece as it is, with why a change was not made. */
  String refused(Piece piece, Asked asked, String message) {
    asked.response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    fill(piece, asked.unit, asked.model, asked.field(), message);
    return asked.again();
  }

  private String stale(long id, Asked asked) {
    asked.response.setStatus(HttpStatus.CONFLICT.value());
    String lost = asked.words().isBlank() ? "Your change" : "“" + asked.words() + "”";
    fill(
        pieces.get(id),
        asked.unit,
        asked.model,
        null,
        Sentences.of("piecePage.this-piece-was-changed", lost));
    return asked.again();
  }

  /** What of this plan goes by the turner's own values, each in a few words. */
  private static List<String> customs(Plan<?> plan, Unit unit) {
    Practice practice = plan.shop().practice();
    List<String> out =
        new ArrayList<>(
            practice.own().stream()
                .filter(c -> plan.practice().contains(c.line()))
                .map(c -> CustomWords.of(c, unit))
                .toList());
    out.addAll(CustomWords.bounds(rules(plan), practice, unit));
    return out;
  }

  private static <D extends Design> List<Rule<D>> rules(Plan<D> plan) {
    return plan.kind().rules(plan.design());
  }
}
