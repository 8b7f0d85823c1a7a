package hazelkeep.web.route;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Alternative;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Changes;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.StringUtils;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Other orders of the work, each a whole route that was played. */
@Controller
class OrdersController {
  /** What would go wrong is said of so many findings. */
  private static final int SAID = 2;

  private final PieceStore pieces;
  private final Planner planner;
  private final Changes changes;

  OrdersController(PieceStore pieces, Planner planner, Changes changes) {
    this.pieces = pieces;
    this.planner = planner;
    this.changes = changes;
  }

  /**
   * An order as it is shown.
   *
   * @param words what is otherwise
   * @param judged stops and watches in words
   * @param holds how often the work is held
   * @param softest the least stiffness on the way
   * @param softAt what is done then
   * @param worst what it brings that would go wrong
   * @param fields what is sent to take it; empty for the one in force
   */
  public record OrderView(
      String words,
      String judged,
      int holds,
      String softest,
      String softAt,
      List<String> worst,
      Map<String, String> fields) {
    public boolean now() {
      return fields.isEmpty();
    }

    static OrderView of(Alternative a, Practice practice, Show show) {
      String words = "As it is";
      Map<String, String> fields = Map.of();
      if (a.change() instanceof Alternative.Change.Order o) {
        words = "“" + o.what() + "” right after “" + o.after() + "”";
        fields = Map.of("setup", o.edit().setup(), "after", o.edit().after());
      } else if (a.change() instanceof Alternative.Change.Within w) {
        words = Sentences.of("ordersController.right-after-in-the-same", w.what(), w.after());
        fields = Map.of("step", w.edit().what().path(), "behind", w.edit().after().path());
      } else if (a.change() instanceof Alternative.Change.Held h) {
        Choice c = h.choice();
        words = c.label() + ": " + h.option().label().toLowerCase(Locale.ROOT);
        fields = Map.of("choice", c.name(), "option", h.option().name());
      }
      return new OrderView(
          words,
          judged(a),
          a.holds(),
          Double.isInfinite(a.softest()) ? "not known" : show.stiffness(a.softest(), practice),
          StringUtils.uncapitalize(a.softAt()),
          a.worst().stream().map(f -> said(f, show)).distinct().limit(SAID).toList(),
          fields);
    }

    private static String judged(Alternative a) {
      String stops = counted("■", a.stops(), "stop", "stops");
      String watches = counted("▲", a.watches(), "watch", "watches");
      return (stops + watches).isEmpty() ? "nothing to watch" : (stops + " " + watches).strip();
    }

    private static String counted(String mark, long n, String one, String many) {
      return n == 0 ? "" : mark + " " + n + " " + (n == 1 ? one : many);
    }

    private static String said(Finding f, Show show) {
      String says = show.says(f.verdict());
      return (f.grade() == Grade.STOP ? "■ " : "▲ ")
          + f.verdict().title()
          + (says.isEmpty() ? "" : ". " + says);
    }
  }

  @GetMapping("/pieces/{id:\\d+}/route/orders")
  String orders(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    Show show = new Show(unit);
    Practice practice = planner.shop().practice();
    model.addAttribute("piece", piece);
    model.addAttribute(
        "orders",
        planner.alternatives(piece).stream().map(a -> OrderView.of(a, practice, show)).toList());
    return "route/orders :: orders";
  }

  /** Takes one: a hold or a fit comes right after another, or an end is held otherwise. */
  @PostMapping("/pieces/{id:\\d+}/route/orders")
  String take(
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      @RequestParam int version,
      RedirectAttributes flash) {
    Piece piece = pieces.get(id);
    String choice = typed.getOrDefault("choice", "");
    changes
        .save(
            piece,
            version,
            "route: another order",
            () ->
                choice.isEmpty()
                    ? piece.design()
                    : chosen(
                        piece.kind(), piece.design(), choice, typed.getOrDefault("option", "")),
            edits -> choice.isEmpty() ? moved(edits, typed) : edits)
        .ifPresent(r -> flash.addFlashAttribute("notice", r.message()));
    return "redirect:/pieces/" + id + "/route";
  }

  private static List<RouteEdit> moved(List<RouteEdit> edits, Map<String, String> typed) {
    String step = typed.getOrDefault("step", "");
    return Moves.with(
        edits,
        step.isEmpty()
            ? new RouteEdit.MoveSetup(
                typed.getOrDefault("setup", ""), typed.getOrDefault("after", ""))
            : new RouteEdit.MoveAfter(
                new StepKey(step), new StepKey(typed.getOrDefault("behind", ""))));
  }

  private static <D extends Design> D chosen(
      Kind<D> kind, Design design, String choice, String option) {
    return kind.choose(kind.type().cast(design), choice, option);
  }
}
