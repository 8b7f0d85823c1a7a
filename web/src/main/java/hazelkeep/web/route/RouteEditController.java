package hazelkeep.web.route;

import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.route.Route;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.web.planning.Changes;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.wood.Doing;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Changes of a route: one at a time, each rehearsed before it is kept. */
@Controller
@RequestMapping("/pieces/{id:\\d+}/route")
class RouteEditController {
  private static final int GRIT_LEAST = 80;
  private static final int GRIT_MOST = 2000;

  private final PieceStore pieces;
  private final Planner planner;
  private final Changes changes;

  RouteEditController(PieceStore pieces, Planner planner, Changes changes) {
    this.pieces = pieces;
    this.planner = planner;
    this.changes = changes;
  }

  /** A step is done earlier or later, after another one, or first in a hold. */
  @PostMapping("/step")
  String step(
      @PathVariable long id,
      @RequestParam String what,
      @RequestParam String how,
      @RequestParam(defaultValue = "") String to,
      @RequestParam int version,
      RedirectAttributes flash) {
    Piece piece = pieces.get(id);
    Route route = planner.plan(piece).route();
    return saved(
        piece,
        version,
        "route: " + what,
        flash,
        () -> {
          StepKey step = new StepKey(what);
          return switch (how) {
            case "earlier" -> Moves.earlier(route, step);
            case "later" -> Moves.later(route, step);
            case "after" -> new RouteEdit.MoveAfter(step, new StepKey(to));
            case "into" -> new RouteEdit.MoveInto(step, to);
            case "drop" -> new RouteEdit.Drop(step);
            default -> throw new Refused(Sentences.of("routeEdit.a-step-goes-earlier"));
          };
        });
  }

  private interface Edit {
    RouteEdit make();
  }

  /** A hold with all its steps goes earlier or later, is left out, or taken once more. */
  @PostMapping("/setup")
  String setup(
      @PathVariable long id,
      @RequestParam String setup,
      @RequestParam String how,
      @RequestParam int version,
      RedirectAttributes flash) {
    Piece piece = pieces.get(id);
    Route route = planner.plan(piece).route();
    return saved(
        piece,
        version,
        "route: " + setup,
        flash,
        () ->
            switch (how) {
              case "earlier", "later" -> Moves.hold(route, setup, how.equals("earlier"));
              case "again" -> new RouteEdit.Again(setup, Moves.fresh(route, setup));
              case "drop" -> new RouteEdit.DropSetup(setup);
              default -> throw new Refused(Sentences.of("routeEdit.a-hold-goes-earlier"));
            });
  }

  /** A hold by other jaws, another tail centre, or with a steady. */
  @PostMapping("/hold")
  String hold(
      @PathVariable long id,
      @RequestParam String setup,
      @RequestParam Map<String, String> typed,
      @RequestParam int version,
      Unit unit,
      RedirectAttributes flash) {
    Piece piece = pieces.get(id);
    return saved(
        piece,
        version,
        "route: " + setup,
        flash,
        () -> {
          String steady = typed.getOrDefault("steady", KEEP);
          double at =
              steady.equals(KEEP) || steady.isEmpty()
                  ? 0
                  : SizeText.parse(typed.getOrDefault("at", ""), unit).mm();
          RouteEdit.Rehold edit =
              new RouteEdit.Rehold(
                  setup, kept(typed, "jaws"), kept(typed, "tail"), kept(typed, "steady"), at);
          if (edit.jaws().isEmpty() && edit.tail().isEmpty() && edit.steady().isEmpty()) {
            throw new Refused(Sentences.of("routeEdit.choose-what-is-to"));
          }
          return edit;
        });
  }

  /** What a select sends for what stays as it is. */
  static final String KEEP = "=";

  private static Optional<String> kept(Map<String, String> typed, String field) {
    return Optional.ofNullable(typed.get(field)).filter(v -> !v.equals(KEEP));
  }

  /** A step of the turner's own. */
  @PostMapping("/add")
  String add(
      @PathVariable long id,
      @RequestParam String after,
      @RequestParam String on,
      @RequestParam String doing,
      @RequestParam(defaultValue = "") String grit,
      @RequestParam(defaultValue = "") String product,
      @RequestParam int version,
      RedirectAttributes flash) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.plan(piece);
    return saved(
        piece,
        version,
        Sentences.of("routeEdit.route-a-step-of"),
        flash,
        () -> {
          Doing does = doing(doing);
          StepKey anchor = new StepKey(after);
          String[] surface = on.split("/", 2);
          if (surface.length != 2) {
            throw new Refused(Sentences.of("routeEditController.choose-a-surface"));
          }
          return new RouteEdit.Add(
              own(plan.route(), anchor, does),
              anchor,
              new SurfaceId(surface[0], surface[1]),
              does,
              does == Doing.SAND ? grit(grit) : 0,
              product.strip().isEmpty() ? "finish" : product.strip());
        });
  }

  private static Doing doing(String text) {
    try {
      return Doing.valueOf(text.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new Refused(Sentences.of("routeEdit.a-surface-is-cut"), e);
    }
  }

  private static int grit(String text) {
    try {
      int grit = Integer.parseInt(text.strip());
      if (grit >= GRIT_LEAST && grit <= GRIT_MOST) {
        return grit;
      }
    } catch (NumberFormatException e) {
      // Said below, as for a grit that nobody sells.
    }
    throw new Refused(Sentences.of("routeEdit.grits-run-from-to"));
  }

  private static StepKey own(Route route, StepKey after, Doing doing) {
    String setup = after.path().substring(0, after.path().indexOf('/'));
    for (int i = 1; ; i++) {
      StepKey key = new StepKey(setup + "/own " + doing.name().toLowerCase(Locale.ROOT) + " " + i);
      if (route.step(key).isEmpty()) {
        return key;
      }
    }
  }

  /** Takes one change back. */
  @PostMapping("/undo")
  String undo(
      @PathVariable long id,
      @RequestParam int edit,
      @RequestParam int version,
      RedirectAttributes flash) {
    return kept(
        pieces.get(id),
        version,
        Sentences.of("routeEdit.route-a-change-taken"),
        flash,
        edits -> {
          List<RouteEdit> rest = new ArrayList<>(edits);
          if (edit >= 0 && edit < rest.size()) {
            rest.remove(edit);
          }
          return rest;
        });
  }

  /** Back to the usual order. */
  @PostMapping("/recipe")
  String recipe(@PathVariable long id, @RequestParam int version, RedirectAttributes flash) {
    return kept(pieces.get(id), version, "route: the recipe's", flash, edits -> List.of());
  }

  private String saved(Piece piece, int version, String note, RedirectAttributes flash, Edit edit) {
    return kept(piece, version, note, flash, edits -> Moves.with(edits, edit.make()));
  }

  private String kept(
      Piece piece,
      int version,
      String note,
      RedirectAttributes flash,
      UnaryOperator<List<RouteEdit>> route) {
    changes
        .save(piece, version, note, piece::design, route)
        .ifPresent(r -> flash.addFlashAttribute("notice", r.message()));
    return back(piece.id());
  }

  private static String back(long id) {
    return "redirect:/pieces/" + id + "/route?change=on";
  }
}
