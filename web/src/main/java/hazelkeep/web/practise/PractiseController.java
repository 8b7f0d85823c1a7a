package hazelkeep.web.practise;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hazelkeep.closing.Closing;
import hazelkeep.fit.Aimed;
import hazelkeep.fit.Next;
import hazelkeep.fit.Seen.What;
import hazelkeep.fit.SneakUp;
import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.practise.Manner;
import hazelkeep.practise.RunThrough;
import hazelkeep.route.Joint;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.SneakDrawing;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Practice without wood: a fit, and whole pieces by a simulated hand. */
@Controller
class PractiseController {
  private static final int GAMES = 200;
  private static final Duration KEPT = Duration.ofHours(12);

  /** Pieces that are offered: those changed last. */
  private static final int OFFERED = 60;

  private final PieceStore pieces;
  private final Planner planner;
  private final Cache<String, FitGame> games =
      Caffeine.newBuilder().maximumSize(GAMES).expireAfterAccess(KEPT).build();

  PractiseController(PieceStore pieces, Planner planner) {
    this.pieces = pieces;
    this.planner = planner;
  }

  @GetMapping("/practise")
  String page(Unit unit, Model model) {
    model.addAttribute("show", new Show(unit));
    model.addAttribute("pieces", offered());
    model.addAttribute("manners", Manner.values());
    return "practise/practise";
  }

  private Map<Long, String> offered() {
    return pieces.names(OFFERED);
  }

  @PostMapping("/practise/fit")
  String begin(
      @RequestParam long piece,
      @RequestParam String manner,
      @RequestParam(defaultValue = "") String led,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Plan<?> plan = planner.plan(pieces.get(piece));
    Optional<Joint> closing = plan.aim().closing();
    if (closing.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("refused", Sentences.of("practise.that-piece-has-no"));
      return page(unit, model);
    }
    Joint j = closing.get();
    Aimed aimed = Closing.of(plan.aim(), j).aimed(j.use(), plan.shop().practice());
    String id = UUID.randomUUID().toString();
    games.put(id, new FitGame(aimed, manner(manner), "true".equals(led), new SplittableRandom()));
    return "redirect:/practise/fit/" + id;
  }

  private static Manner manner(String name) {
    return Arrays.stream(Manner.values())
        .filter(m -> m.name().equals(name))
        .findFirst()
        .orElse(Manner.STEADY);
  }

  private FitGame game(String id) {
    FitGame game = games.getIfPresent(id);
    if (game == null) {
      throw new NotThere(Sentences.of("practise.this-practice-run-is"));
    }
    return game;
  }

  @GetMapping("/practise/fit/{id:[0-9a-f-]+}")
  String fit(@PathVariable String id, Unit unit, Model model) {
    FitGame game = game(id);
    SneakUp s = game.so();
    Show show = new Show(unit);
    Next next = Next.of(s);
    model.addAttribute("show", show);
    model.addAttribute("id", id);
    model.addAttribute("manner", game.manner().word());
    model.addAttribute("led", game.led());
    model.addAttribute("over", game.over());
    model.addAttribute(
        "wanted",
        s.aimed().wanted().named()
            + ", "
            + show.fit(s.aimed().least())
            + " to "
            + show.fit(s.aimed().most()));
    model.addAttribute("half", s.aimed().recessCut() ? "recess" : "spigot");
    model.addAttribute("advice", game.led() && !game.over() ? advice(next, show) : "");
    model.addAttribute(
        "amount", game.led() && next.amount() > 0 ? unit.showFit(next.amount()) : "");
    model.addAttribute("svg", SneakDrawing.of(s, show));
    model.addAttribute("seen", seen(s, show));
    model.addAttribute("ends", game.over() ? GameWords.end(game, show) : List.of());
    return "practise/fit";
  }

  private static String advice(Next next, Show show) {
    return switch (next.what()) {
      case MEASURE_RECESS -> Sentences.of("practiseController.measure-the-recess");
      case MEASURE_SPIGOT -> Sentences.of("practiseController.measure-the-spigot");
      case CUT, SCRAPE -> "Take off " + show.fit(next.amount()) + ".";
      case EASE -> Sentences.of("practiseController.ease-it-by", show.fit(next.amount()));
      case TRY -> Sentences.of("practiseController.try-the-lid");
      case THERE -> Sentences.of("practise.it-is-there-stop");
      case OVER -> Sentences.of("practiseController.it-went-past");
    };
  }

  private static List<String> seen(SneakUp s, Show show) {
    List<String> out = new ArrayList<>();
    for (SneakUp.Taken t : s.taken()) {
      What w = t.seen().what();
      String value =
          !w.measured()
              ? ""
              : w == What.SINKS
                  ? ", " + hazelkeep.measure.Rounding.text(t.seen().value(), 1) + " s"
                  : ", " + show.fit(t.seen().value());
      out.add(w.words() + value + (t.doubt().isPresent() ? " (doubted)" : ""));
    }
    Collections.reverse(out);
    return out;
  }

  @PostMapping("/practise/fit/{id:[0-9a-f-]+}")
  String act(
      @PathVariable String id,
      @RequestParam String what,
      @RequestParam(defaultValue = "") String amount,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    FitGame game = game(id);
    try {
      switch (what.toUpperCase(Locale.ROOT)) {
        case "RECESS" -> game.look(What.RECESS);
        case "ROOT" -> game.look(What.ROOT);
        case "TRY" -> game.look(What.FORCE);
        case "CUT" -> game.take(What.CUT, SizeText.parse(amount, unit).mm());
        case "EASE" -> game.take(What.ABRASIVE, SizeText.parse(amount, unit).mm());
        case "STOP" -> game.stop();
        default -> throw new Refused(Sentences.of("practise.measure-cut-ease-try"));
      }
      return "redirect:/practise/fit/" + id;
    } catch (Refused e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("refused", e.getMessage());
      model.addAttribute("typed", amount.length() > 40 ? amount.substring(0, 40) : amount);
      return fit(id, unit, model);
    }
  }

  /**
   * A size of a simulated run.
   *
   * @param name what it is
   * @param planned as it was planned
   * @param made as it came out
   * @param will whether that will do
   * @param lost why the rest could not follow; empty where it could
   */
  public record MadeView(String name, String planned, String made, boolean will, String lost) {}

  @GetMapping("/practise/run")
  String run(
      @RequestParam long piece,
      @RequestParam(defaultValue = "STEADY") String manner,
      @RequestParam(defaultValue = "1") long seed,
      Unit unit,
      Model model) {
    Piece of = pieces.get(piece);
    Show show = new Show(unit);
    Plan<?> plan = planner.plan(of);
    RunThrough run = run(plan, manner(manner), seed);
    model.addAttribute("show", show);
    model.addAttribute("piece", of);
    model.addAttribute("manner", manner(manner));
    model.addAttribute("manners", Manner.values());
    model.addAttribute("seed", seed);
    model.addAttribute("says", GameWords.run(run, show));
    model.addAttribute(
        "sizes",
        run.sizes().stream()
            .map(
                m ->
                    new MadeView(
                        m.dim().label(),
                        show.words(m.dim(), m.planned()),
                        show.words(m.dim(), m.made()),
                        m.will(),
                        m.lost().isEmpty() ? "" : GameWords.PHRASES.of("run.lost", m.lost())))
            .toList());
    model.addAttribute(
        "left",
        run.left().stream()
            .filter(f -> f.grade() != hazelkeep.measure.Grade.NOTE)
            .map(f -> f.verdict().title() + ". " + show.says(f.verdict()))
            .distinct()
            .toList());
    return "practise/run";
  }

  private static <D extends Design> RunThrough run(Plan<D> plan, Manner manner, long seed) {
    return RunThrough.of(plan, manner, seed);
  }
}
