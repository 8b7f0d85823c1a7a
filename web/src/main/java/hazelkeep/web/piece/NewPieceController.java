package hazelkeep.web.piece;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.PieceStore;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** From a wish to a piece: whatever is not said follows from the rules. */
@Controller
class NewPieceController {
  private static final int NAME_MOST = 120;

  private final PieceStore pieces;
  private final Planner planner;

  /** What a form has made already: pressed twice, it makes one piece. */
  private final Cache<String, Long> made = Caffeine.newBuilder().maximumSize(200).build();

  NewPieceController(PieceStore pieces, Planner planner) {
    this.pieces = pieces;
    this.planner = planner;
  }

  @GetMapping("/pieces/new")
  String blank(@RequestParam(defaultValue = "lidded-box") String kind, Unit unit, Model model) {
    Kind<?> of = kind(kind);
    return form(of, DesignForm.of(of.fresh(), unit), unit, model);
  }

  /** Another kind is picked: what was typed stays, and waits where the kind does not ask for it. */
  @PostMapping("/pieces/new")
  String other(
      @RequestParam String to, @RequestParam Map<String, String> typed, Unit unit, Model model) {
    Kind<?> of = kind(to);
    return form(of, DesignForm.of(Wish.carried(typed, of, unit)), unit, model);
  }

  /** The piece as far as it is said, drawn in its blank. */
  @PostMapping("/pieces/new/preview")
  String preview(@RequestParam Map<String, String> typed, Unit unit, Model model) {
    Kind<?> of = kind(typed.getOrDefault("kind", "lidded-box"));
    model.addAttribute("preview", Wish.preview(of, DesignForm.of(typed), planner, new Show(unit)));
    return "piece/preview :: preview";
  }

  private static Kind<?> kind(String name) {
    return Kinds.named(name)
        .orElseThrow(() -> new NotThere(Sentences.of("newPiece.there-is-no-kind", name)));
  }

  private String form(Kind<?> kind, DesignForm form, Unit unit, Model model) {
    model.addAttribute("kind", kind);
    model.addAttribute("kinds", Kinds.ALL);
    String once = form.value("once");
    model.addAttribute("once", once.isEmpty() ? UUID.randomUUID().toString() : once);
    model.addAttribute("title", "A new " + kind.title());
    model.addAttribute("form", form);
    model.addAttribute("kept", Wish.kept(form));
    model.addAttribute("choices", choices(kind));
    model.addAttribute("upper", Wish.upper(kind).orElse(null));
    model.addAttribute("pictures", Wish.Pictures.ALL);
    Show show = new Show(unit);
    model.addAttribute("preview", Wish.preview(kind, form, planner, show));
    model.addAttribute("show", show);
    model.addAttribute("species", planner.shop().woods().all());
    return "piece/new";
  }

  /** The decisions of a kind by their names, as they stand when nothing is said. */
  private static <D extends Design> Map<String, Choice> choices(Kind<D> kind) {
    return kind.choices(kind.fresh()).stream()
        .collect(Collectors.toMap(Choice::name, Function.identity()));
  }

  /** One that is planned already, to be watched and tried: offered where nothing stands yet. */
  @PostMapping("/pieces/example")
  String example() {
    if (!pieces.isEmpty()) {
      return "redirect:/";
    }
    Kind<?> first = Kinds.ALL.get(0);
    String name = Sentences.of("newPiece.example");
    return "redirect:/pieces/" + pieces.create(name, first, first.fresh()) + "/route";
  }

  @PostMapping("/pieces")
  String create(
      @RequestParam(defaultValue = "lidded-box") String kind,
      @RequestParam Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    return create(kind(kind), typed, unit, model, response);
  }

  private <D extends Design> String create(
      Kind<D> kind,
      Map<String, String> typed,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    DesignForm form = DesignForm.of(typed);
    String said = form.value("name").strip();
    String name = said.isEmpty() ? kind.title() : said;
    if (name.length() > NAME_MOST) {
      form.refuse("name", Sentences.of("any.a-piece-has-a", NAME_MOST));
    }
    Optional<D> design = Wish.design(kind, form, unit, planner.shop().woods());
    if (design.isPresent()) {
      try {
        planner.plan(kind, design.get(), List.of());
        String once = form.value("once");
        long id =
            once.isEmpty()
                ? pieces.create(name, kind, design.get())
                : made.get(once, x -> pieces.create(name, kind, design.get()));
        return "redirect:/pieces/" + id;
      } catch (BadDesign e) {
        form.refuse("sizes." + e.key(), e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return form(kind, form, unit, model);
  }
}
