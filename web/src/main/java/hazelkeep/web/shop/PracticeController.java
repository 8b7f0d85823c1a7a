package hazelkeep.web.shop;

import hazelkeep.measure.Patience;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.web.drawing.CustomWords;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.web.words.Sentences;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
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

  private static final Duration MOST = Duration.ofSeconds(3);

  private final ShopStore store;
  private final PieceStore pieces;
  private final Planner planner;
  private final PracticeSaved saved;
  private final Json json;

  PracticeController(
      ShopStore store, PieceStore pieces, Planner planner, PracticeSaved saved, Json json) {
    this.store = store;
    this.pieces = pieces;
    this.planner = planner;
    this.saved = saved;
    this.json = json;
  }

  @GetMapping("/shop/practice")
  String page(Unit unit, Model model) {
    Practice now = store.shop().practice();
    return page(PracticePage.of(now, unit), now, unit, model);
  }

  private String page(PracticePage page, Practice was, Unit unit, Model model) {
    model.addAttribute("show", new Show(unit));
    model.addAttribute("groups", page.groups());
    model.addAttribute("was", json.write(was));
    return "shop/practice";
  }

  @PostMapping("/shop/practice")
  String save(
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    Practice now = store.shop().practice();
    PracticePage.Typed read = PracticePage.read(now, typed, unit);
    HttpStatus status =
        saved.put(ShopKind.PRACTICE, read.practice(), !read.errors().isEmpty(), typed, model);
    if (status == HttpStatus.OK) {
      flash.addFlashAttribute("saved", Sentences.of("practice.saved-plans-go-by"));
      return "redirect:/shop/practice";
    }
    response.setStatus(status.value());
    return page(PracticePage.of(now, unit, typed, read.errors()), now, unit, model);
  }

  /**
   * A piece that a line shapes.
   *
   * @param path of its page
   */
  public record Use(String path, String name) {}

  @GetMapping("/shop/practice/{key:[a-z]+\\.[a-z-]+}")
  String line(@PathVariable String key, Unit unit, Model model) {
    Line line =
        Line.named(key)
            .orElseThrow(() -> new NotThere(Sentences.of("practice.practice-has-no-line", key)));
    List<Use> uses = new ArrayList<>();
    boolean all = true;
    try {
      Patience.within(
          MOST,
          () -> {
            pieces.names().keySet().stream()
                .limit(ASKED)
                .map(pieces::get)
                .filter(p -> asks(p, line))
                .forEach(p -> uses.add(new Use("/pieces/" + p.id(), p.name())));
            return uses;
          });
      all = pieces.names().size() <= ASKED;
    } catch (Patience.Lost e) {
      all = false;
    }
    Practice own = store.shop().practice();
    String value = own.own(line).isPresent() ? CustomWords.words(line, own.of(line), unit) : "";
    model.addAttribute("row", PracticePage.row(line, unit, value, ""));
    model.addAttribute("least", CustomWords.words(line, line.text().least(), unit));
    model.addAttribute("most", CustomWords.words(line, line.text().most(), unit));
    model.addAttribute("show", new Show(unit));
    model.addAttribute("uses", uses);
    model.addAttribute("all", all);
    return "shop/line";
  }

  private boolean asks(Piece piece, Line line) {
    try {
      return planner.plan(piece).practice().contains(line);
    } catch (BadDesign e) {
      return false;
    }
  }
}
