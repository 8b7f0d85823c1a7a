package hazelkeep.web.shop;

import hazelkeep.measure.Patience;
import hazelkeep.measure.Progress;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import hazelkeep.web.drawing.CustomWords;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.web.store.Stale;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The table of Practice: what is planned and judged by, with the turner's own values. */
@Controller
class PracticeController {
  /** Pieces that are asked whether a line shapes them: those changed last. */
  private static final int ASKED = 40;

  private final ShopStore store;
  private final PieceStore pieces;
  private final Planner planner;
  private final Broken broken;
  private final Json json;

  PracticeController(
      ShopStore store, PieceStore pieces, Planner planner, Broken broken, Json json) {
    this.store = store;
    this.pieces = pieces;
    this.planner = planner;
    this.broken = broken;
    this.json = json;
  }

  /** What a page that was sent is answered through. */
  private record Answer(Model model, HttpServletResponse response, RedirectAttributes flash) {}

  private static final String PAGE = "/shop/practice";
  private static final String BOUNDS = "/shop/practice/bounds";

  @GetMapping(PAGE)
  String page(Unit unit, Model model) {
    Practice now = store.shop().practice();
    model.addAttribute("groups", PracticePage.of(now, unit).groups());
    return shown("shop/practice", now, unit, model);
  }

  /** The bounds of sizes: what may be typed. */
  @GetMapping(BOUNDS)
  String bounds(Unit unit, Model model) {
    Practice now = store.shop().practice();
    model.addAttribute("page", BoundsPage.of(now, unit));
    return shown("shop/bounds", now, unit, model);
  }

  private String shown(String view, Practice was, Unit unit, Model model) {
    model.addAttribute("show", new Show(unit));
    model.addAttribute("was", json.write(was));
    return view;
  }

  @PostMapping(PAGE)
  String save(
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    Practice now = store.shop().practice();
    PracticePage.Typed read = PracticePage.read(now, typed, unit);
    boolean wrong = !read.errors().isEmpty();
    if (saved(
        ShopKind.PRACTICE, read.practice(), wrong, typed, new Answer(model, response, flash))) {
      return "redirect:" + PAGE;
    }
    model.addAttribute("groups", PracticePage.of(now, unit, typed, read.errors()).groups());
    return shown("shop/practice", now, unit, model);
  }

  @PostMapping(BOUNDS)
  String saveBounds(
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    Practice now = store.shop().practice();
    BoundsPage.Typed read = BoundsPage.read(now, typed, unit);
    boolean wrong = !read.errors().isEmpty();
    if (saved(ShopKind.BOUND, read.practice(), wrong, typed, new Answer(model, response, flash))) {
      return "redirect:" + BOUNDS;
    }
    model.addAttribute("page", BoundsPage.of(now, unit, typed, read.errors()));
    return shown("shop/bounds", now, unit, model);
  }

  /**
   * Puts what was typed in the place of what was there, unless something speaks against it, which
   * is told.
   *
   * @param wrong whether something that was typed can't be so
   * @param typed with {@code was}, what the page showed, and {@code sure}, what was answered
   */
  private boolean saved(
      ShopKind kind, Practice next, boolean wrong, Map<String, String> typed, Answer answer) {
    String was = typed.getOrDefault("was", json.write(store.shop().practice()));
    HttpStatus status = HttpStatus.UNPROCESSABLE_CONTENT;
    Shop then = store.shop().with(next);
    String breaks = wrong ? "" : broken.by(then);
    if (wrong) {
      answer.model.addAttribute("refused", Sentences.of("practice.nothing-was-saved-yet"));
    } else if (!breaks.isEmpty() && !breaks.equals(typed.get("sure"))) {
      answer.model.addAttribute("refused", Sentences.of("any.nothing-was-changed-yet"));
      answer.model.addAttribute("breaks", breaks);
    } else {
      try {
        store.only(kind, kind.of(then), s -> json.write(s.practice()).equals(was));
        answer.flash.addFlashAttribute("saved", Sentences.of("practice.saved-plans-go-by"));
        return true;
      } catch (Stale e) {
        status = HttpStatus.CONFLICT;
        answer.model.addAttribute("refused", Sentences.of("practice.practice-was-changed-in"));
      }
    }
    answer.response.setStatus(status.value());
    return false;
  }

  /**
   * A piece that a line shapes.
   *
   * @param path of its page
   */
  public record Use(String path, String name) {}

  @GetMapping("/shop/practice/{key:[a-z]+\\.[a-z-]+}")
  String line(@PathVariable String key, Unit unit, Model model) {
    Line line = named(key);
    Practice own = store.shop().practice();
    String value = own.own(line).isPresent() ? CustomWords.words(line, own.of(line), unit) : "";
    model.addAttribute("row", PracticePage.row(line, unit, value, ""));
    model.addAttribute("least", CustomWords.words(line, line.text().least(), unit));
    model.addAttribute("most", CustomWords.words(line, line.text().most(), unit));
    model.addAttribute("show", new Show(unit));
    return "shop/line";
  }

  private static Line named(String key) {
    return Line.named(key)
        .orElseThrow(() -> new NotThere(Sentences.of("practice.practice-has-no-line", key)));
  }

  /** The pieces that a line shapes: each has to be planned to know. */
  @GetMapping("/shop/practice/{key:[a-z]+\\.[a-z-]+}/uses")
  String uses(@PathVariable String key, Model model) {
    Line line = named(key);
    List<Use> uses = new ArrayList<>();
    Map<Long, String> names = pieces.names(ASKED);
    Progress.each(
        names.keySet().stream()
            .<Runnable>map(
                id ->
                    () -> {
                      if (asks(pieces.get(id), line)) {
                        uses.add(new Use("/pieces/" + id, names.get(id)));
                      }
                    })
            .toList());
    model.addAttribute("uses", uses);
    model.addAttribute("all", names.size() < ASKED);
    return "shop/uses :: uses";
  }

  private boolean asks(Piece piece, Line line) {
    try {
      return planner.plan(piece).practice().contains(line);
    } catch (BadDesign | Patience.Lost e) {
      return false;
    }
  }
}
