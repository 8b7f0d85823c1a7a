package hazelkeep.web.holding;

import hazelkeep.hold.InJaws;
import hazelkeep.hold.JamChuck;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Compared;
import hazelkeep.piece.Design;
import hazelkeep.piece.End;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.TenonFor;
import hazelkeep.route.RouteEdit;
import hazelkeep.shop.KeptChuck;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.DesignForm;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.piece.Marks;
import hazelkeep.web.planning.Changes;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** How the work is held, and how both ends get finished. */
@Controller
@RequestMapping("/pieces/{id:\\d+}/holding")
class HoldingController {
  private static final int NAME_MOST = 60;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final Changes changes;
  private final ShopStore shops;
  private final Json json;

  HoldingController(
      PieceStore pieces,
      RunStore runs,
      Planner planner,
      Changes changes,
      ShopStore shops,
      Json json) {
    this.shops = shops;
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.changes = changes;
    this.json = json;
  }

  @GetMapping
  String holding(@PathVariable long id, Unit unit, Model model) {
    return fill(pieces.get(id), unit, model, null);
  }

  private String fill(Piece piece, Unit unit, Model model, String notice) {
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    List<FindingView> findings = FindingView.all(plan, show, json);
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("chapter", "holding");
    model.addAttribute("notice", notice);
    model.addAttribute("running", runs.started(piece.id()));
    model.addAttribute("holds", HoldView.all(plan, show));
    model.addAttribute("ends", ends(piece.kind(), piece.design()));
    model.addAttribute("form", DesignForm.of(piece.design(), unit));
    model.addAttribute("species", planner.shop().woods().all());
    model.addAttribute("shapeMarks", Marks.shape(findings));
    model.addAttribute("routeMarks", Marks.route(findings));
    return "holding/holding";
  }

  private static <D extends Design> List<End> ends(Kind<D> kind, Design design) {
    return kind.ends(kind.type().cast(design));
  }

  /** The ways to finish an end: played once the page is there, since each is a whole route. */
  @GetMapping("/ways")
  String ways(@PathVariable long id, @RequestParam String end, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    End of =
        ends(piece.kind(), piece.design()).stream()
            .filter(e -> e.name().equals(end))
            .findFirst()
            .orElseThrow(() -> new NotThere(Sentences.of("holding.this-piece-has-no", end)));
    model.addAttribute("piece", piece);
    model.addAttribute("e", WayView.of(of, planner.compared(piece, of), new Show(unit)));
    return "holding/ways :: ways(e=${e})";
  }

  /** Finishes an end another way. */
  @PostMapping("/finish")
  String finish(
      @PathVariable long id,
      @RequestParam String name,
      @RequestParam String option,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    return design(
        id,
        version,
        name + " " + option,
        unit,
        model,
        response,
        (kind, d) -> chosen(kind, d, name, option));
  }

  private static <D extends Design> D chosen(
      Kind<D> kind, Design design, String name, String option) {
    return kind.choose(kind.type().cast(design), name, option);
  }

  /** Hangs the jam chuck of an end on the wall: trued again it serves the next mouth. */
  @PostMapping("/keep")
  String keep(
      @PathVariable long id,
      @RequestParam String end,
      Unit unit,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    Piece piece = pieces.get(id);
    try {
      KeptChuck kept = chuck(piece, end).keep(called(piece.name(), end));
      shops.add(ShopKind.CHUCK, kept);
      flash.addFlashAttribute("kept", kept.name());
      return "redirect:/pieces/" + id + "/holding";
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return fill(piece, unit, model, e.getMessage());
    }
  }

  private JamChuck chuck(Piece piece, String end) {
    return ends(piece.kind(), piece.design()).stream()
        .filter(e -> e.name().equals(end))
        .flatMap(e -> planner.compared(piece, e).stream())
        .filter(Compared::chosen)
        .flatMap(c -> c.jam().stream())
        .flatMap(h -> h.chuck().stream())
        .findFirst()
        .orElseThrow(() -> new Refused(Sentences.of("holding.no-jam-chuck-is", end)));
  }

  /** A name that a kept chuck may have. */
  private static String called(String piece, String end) {
    String name = piece + ", " + end;
    return name.length() > NAME_MOST ? name.substring(0, NAME_MOST) : name;
  }

  /** Turns jam chucks from another wood, or puts paper between. */
  @PostMapping("/jam")
  String jam(
      @PathVariable long id,
      @RequestParam String jamWood,
      @RequestParam String paper,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    return design(
        id,
        version,
        "jam chucks",
        unit,
        model,
        response,
        (kind, d) ->
            Restated.with(
                Restated.with(d, "jamWood", planner.shop().woods().meant(jamWood)),
                "paper",
                layers(paper)));
  }

  private static int layers(String typed) {
    try {
      return typed.isBlank() ? 0 : Integer.parseInt(typed.strip());
    } catch (NumberFormatException e) {
      throw new Refused(Sentences.of("holding.paper-goes-in-whole"), e);
    }
  }

  private interface Change {
    Design of(Kind<?> kind, Design design);
  }

  private String design(
      long id,
      int version,
      String note,
      Unit unit,
      Model model,
      HttpServletResponse response,
      Change change) {
    Piece piece = pieces.get(id);
    return answer(
        id,
        changes.save(
            piece,
            version,
            note,
            () -> change.of(piece.kind(), piece.design()),
            UnaryOperator.identity()),
        unit,
        model,
        response);
  }

  /** Holds setups in other jaws. */
  @PostMapping("/jaws")
  String jaws(
      @PathVariable long id,
      @RequestParam List<String> setup,
      @RequestParam String jaws,
      @RequestParam int version,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Design sized = sized(planner.plan(piece), setup.get(0), jaws);
    boolean chosen = inJaws(planner.plan(piece.kind(), sized, List.of()), setup, jaws);
    return answer(
        id,
        changes.save(
            piece, version, "held in the " + jaws, () -> sized, e -> held(e, setup, jaws, chosen)),
        unit,
        model,
        response);
  }

  /** The design with the tenon sized for its jaws, where the blank has room for that. */
  private static <D extends Design> Design sized(Plan<D> plan, String setup, String jaws) {
    return plan.shop()
        .jaws(jaws)
        .flatMap(j -> TenonFor.of(plan, setup, j))
        .flatMap(plan::applied)
        .<Design>map(Plan::design)
        .orElse(plan.design());
  }

  /** Whether the recipe itself holds setups in some jaws. */
  private static boolean inJaws(Plan<?> plan, List<String> setups, String jaws) {
    return plan.route().setups().stream()
        .filter(s -> setups.contains(s.name()))
        .allMatch(s -> s.hold().grip() instanceof InJaws in && in.jaws().name().equals(jaws));
  }

  /** What was said of the jaws of these setups before counts no more. */
  private static List<RouteEdit> held(
      List<RouteEdit> edits, List<String> setups, String jaws, boolean chosen) {
    List<RouteEdit> out = new ArrayList<>(edits);
    out.removeIf(
        e ->
            e instanceof RouteEdit.Rehold r
                && setups.contains(r.setup())
                && r.jaws().isPresent()
                && r.tail().isEmpty()
                && r.steady().isEmpty());
    if (!chosen) {
      out.add(
          new RouteEdit.Rehold(
              setups.get(0), Optional.of(jaws), Optional.empty(), Optional.empty(), 0));
    }
    return out;
  }

  private String answer(
      long id,
      Optional<Changes.NotTaken> refused,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    if (refused.isEmpty()) {
      return "redirect:/pieces/" + id + "/holding";
    }
    response.setStatus(refused.get().status());
    return fill(pieces.get(id), unit, model, refused.get().message());
  }
}
