package hazelkeep.web.workbench;

import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Design;
import hazelkeep.piece.Gone;
import hazelkeep.piece.Plan;
import hazelkeep.route.Remedy;
import hazelkeep.web.drawing.FoundDrawing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.WayDrawing;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import hazelkeep.wood.Part;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.ByHand;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.FreshBlank;
import hazelkeep.workbench.Way;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
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

/** As found: what the wood is really like, and the ways on from there. */
@Controller
@RequestMapping("/pieces/{id:\\d+}/bench")
class FoundController {
  private static final int WORDS_MOST = 300;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final Json json;
  private final BenchPage page;

  FoundController(PieceStore pieces, RunStore runs, Planner planner, Json json, BenchPage page) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.json = json;
    this.page = page;
  }

  /**
   * What was typed into the form.
   *
   * @param part on which part
   * @param what what was found
   * @param value what it measures
   * @param at where along the part
   * @param to where it ends
   * @param degrees where round the axis
   * @param round whether it is turned off all round
   * @param words in the turner's words
   */
  public record Typed(
      String part,
      String what,
      String value,
      String at,
      String to,
      String degrees,
      Boolean round,
      String words) {
    /** What is left out was not typed. */
    public Typed {
      part = said(part);
      what = said(what);
      value = said(value);
      at = said(at);
      to = said(to);
      degrees = said(degrees);
      round = Boolean.TRUE.equals(round);
      words = said(words);
    }

    private static String said(String s) {
      return s == null ? "" : s.strip();
    }

    /** What it means. */
    AsFound read(Unit unit) {
      if (words.length() > WORDS_MOST) {
        throw new Refused(Sentences.of("found.keep-the-words-below"));
      }
      double from = size(at, unit);
      return new AsFound(
          part,
          AsFound.What.named(what),
          from,
          to.isEmpty() ? from : size(to, unit),
          size(value, unit),
          turn(),
          round);
    }

    private int turn() {
      if (degrees.isEmpty()) {
        return 0;
      }
      try {
        return Integer.parseInt(degrees.replace("°", "").strip());
      } catch (NumberFormatException e) {
        throw new Refused(Sentences.of("found.round-the-axis-it"), e);
      }
    }

    private static double size(String text, Unit unit) {
      return text.isEmpty() ? 0 : SizeText.parse(text, unit).mm();
    }
  }

  /**
   * What is asked of one thing found.
   *
   * @param part on which part
   * @param what what it is
   * @param from what a place along the part counts from
   */
  public record Asked(String part, AsFound.What what, String from) {
    /** What its size means, to begin a line with. */
    public String size() {
      String asked = what.asked();
      return asked.isEmpty()
          ? ""
          : asked.substring(0, 1).toUpperCase(Locale.ROOT) + asked.substring(1);
    }

    /** Whether something has to be said of it. */
    public boolean says(String name) {
      return what.says().contains(AsFound.Says.valueOf(name));
    }
  }

  @GetMapping("/found")
  String ask(@PathVariable long id, Typed typed, Unit unit, Model model) {
    return form(pieces.get(id), unit, model, typed, null);
  }

  private String form(Piece piece, Unit unit, Model model, Typed typed, String error) {
    if (!runs.started(piece.id())) {
      return "redirect:/pieces/" + piece.id() + "/bench";
    }
    Plan<?> plan = planner.bench(piece).plan();
    model.addAttribute("piece", piece);
    model.addAttribute("show", new Show(unit));
    model.addAttribute("parts", plan.aim().made().stream().map(Part::name).toList());
    model.addAttribute("whats", whats(plan, typed));
    model.addAttribute("typed", typed);
    model.addAttribute("asked", asked(plan, typed).orElse(null));
    model.addAttribute("error", error);
    model.addAttribute("card", FoundDrawing.of(plan, sayable(plan, typed, unit)));
    model.addAttribute("last", runs.last(piece.id()));
    return "workbench/found";
  }

  /** What can be found of the part that was said; of any of them before one was. */
  private static List<AsFound.What> whats(Plan<?> plan, Typed typed) {
    List<Part> of =
        plan.aim().made().stream()
            .filter(p -> typed.part().isEmpty() || p.name().equals(typed.part()))
            .toList();
    return Arrays.stream(AsFound.What.values())
        .filter(w -> of.isEmpty() || of.stream().anyMatch(p -> new Gone(p).can(w)))
        .toList();
  }

  /** What was said so far, when it is enough to be drawn. */
  private static Optional<AsFound> sayable(Plan<?> plan, Typed typed, Unit unit) {
    try {
      AsFound found = typed.read(unit);
      new Gone(plan.aim().part(found.part())).of(found);
      return Optional.of(found);
    } catch (Refused e) {
      return Optional.empty();
    }
  }

  /** What is asked next, once it is said on which part and what. */
  private static Optional<Asked> asked(Plan<?> plan, Typed typed) {
    Optional<Part> part =
        plan.aim().parts().stream().filter(p -> p.name().equals(typed.part())).findFirst();
    return Arrays.stream(AsFound.What.values())
        .filter(w -> w.name().equalsIgnoreCase(typed.what()))
        .findFirst()
        .flatMap(
            w ->
                part.filter(p -> new Gone(p).can(w))
                    .map(p -> new Asked(p.name(), w, Words.from(p, plan.kind().stands()))));
  }

  @PostMapping("/found")
  String found(
      @PathVariable long id,
      Typed typed,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    try {
      Fact fact = planner.bench(piece).found(typed.read(unit), typed.words());
      planner.tryOut(piece, fact);
      runs.add(id, last, piece.version(), fact);
      return "redirect:/pieces/" + id + "/bench/ways";
    } catch (Stale e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      return form(piece, unit, model, typed, Sentences.of("found.another-tab-was-quicker"));
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return form(piece, unit, model, typed, e.getMessage());
    }
  }

  /**
   * A way on as it is shown.
   *
   * @param label what would change
   * @param cost what it costs, and what would still be wrong
   * @param svg the piece over the wood that is left
   * @param remedy the change as JSON; empty when a part is made again
   * @param replaced the part made again; empty when the design changes
   * @param length the least length of its blank; empty when the design changes
   * @param across the least diameter of its blank; empty when the design changes
   */
  public record WayView(
      String label,
      String cost,
      String svg,
      String remedy,
      String replaced,
      String length,
      String across) {}

  @GetMapping("/ways")
  String ways(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    if (!runs.started(id)) {
      return "redirect:/pieces/" + id + "/bench";
    }
    List<Entry> log = runs.log(id);
    Bench<?> bench = planner.bench(piece, log);
    Show show = new Show(unit);
    List<WayView> ways = new ArrayList<>();
    for (Way w : waysOn(bench, log)) {
      ways.add(view(w, ways.size(), bench, show));
    }
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("ways", ways);
    model.addAttribute("stops", bench.plan().stops());
    model.addAttribute("byHand", ByHand.of(bench, log));
    model.addAttribute("lost", WishLost.of(planner.plan(piece), bench.plan(), show));
    model.addAttribute("findings", FindingView.all(bench.plan(), show, json));
    model.addAttribute("last", runs.last(id));
    return "workbench/ways";
  }

  private WayView view(Way w, int no, Bench<?> bench, Show show) {
    Optional<FreshBlank> blank = w.replaced().map(bench::fresh);
    return new WayView(
        w.replaced()
            .map(p -> Sentences.of("found.make-the-again-from", p))
            .orElseGet(() -> FindingView.label(w.main().orElseThrow(), bench.plan(), show)),
        CostWords.of(w, w.cost(bench.plan()), blank, show),
        WayDrawing.of(bench.now(), bench.plan(), w.then(), no),
        w.remedy().map(json::remedy).orElse(""),
        w.replaced().orElse(""),
        blank.map(b -> show.bare(b.length())).orElse(""),
        blank.map(b -> show.bare(b.across())).orElse(""));
  }

  private static <D extends Design> List<Way> waysOn(Bench<D> bench, List<Entry> log) {
    return Way.on(bench, log);
  }

  /**
   * The way that was chosen.
   *
   * @param remedy the change as JSON; empty when a part is made again
   * @param replaced the part made again; empty when the design changes
   * @param length of its blank, as typed
   * @param across diameter of its blank, as typed
   */
  record Chosen(String remedy, String replaced, String length, String across) {}

  @PostMapping("/way")
  String way(
      @PathVariable long id,
      Chosen way,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Bench<?> bench = planner.bench(piece);
    try {
      if (way.replaced() != null && !way.replaced().isEmpty()) {
        FreshBlank blank =
            new FreshBlank(
                SizeText.parse(way.length(), unit).mm(), SizeText.parse(way.across(), unit).mm());
        Fact fact = bench.replaced(way.replaced(), blank);
        planner.tryOut(piece, fact);
        return page.add(piece, last, fact, unit, model, response, "");
      }
      Design next = bench.plan().changed(json.read(way.remedy(), Remedy.class));
      planner.tryOut(piece, next);
      pieces.wayOn(piece, last, next);
      return "redirect:/pieces/" + id + "/bench";
    } catch (Stale e) {
      return page.stale(piece, unit, model, response, "");
    } catch (JacksonException e) {
      return refused(piece, unit, model, response, Sentences.of("found.that-way-on-cant"));
    } catch (Refused e) {
      return refused(piece, unit, model, response, e.getMessage());
    }
  }

  private String refused(
      Piece piece, Unit unit, Model model, HttpServletResponse response, String why) {
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return page.show(piece, unit, model, Said.of(why));
  }
}
