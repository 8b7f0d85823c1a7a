package hazelkeep.web.workbench;

import hazelkeep.fit.Ladder;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.route.FitSteps;
import hazelkeep.route.LastChance;
import hazelkeep.route.Prompt;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.StageDrawing;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The bench as it stands: what to do, what to be, what the last fact changed. */
@Component
class BenchPage {
  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final Json json;

  BenchPage(PieceStore pieces, RunStore runs, Planner planner, Json json) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.json = json;
  }

  /**
   * What the page has to say, and what was typed.
   *
   * @param message why something was refused; empty for nothing
   * @param typed what was typed, kept in the field
   * @param what the size in question; empty for the next one
   * @param question what is asked of a reading that will not do; empty for nothing
   */
  record Said(String message, String typed, String what, Optional<Question> question) {
    static Said of(String message) {
      return new Said(message, "", "", Optional.empty());
    }

    Said about(String typed, String what) {
      return new Said(message, typed, what, question);
    }

    Said asking(Question about) {
      return new Said(message, typed, what, Optional.of(about));
    }
  }

  /**
   * Something to measure.
   *
   * @param key the dimension
   * @param label its name
   * @param target the number to be
   * @param gauge with which device
   * @param shows what the device shows then; empty when that is the same number
   * @param where where to put it
   * @param range what will do
   * @param reading what was measured already; empty when nothing
   */
  public record PromptView(
      String key,
      String label,
      String target,
      String gauge,
      String shows,
      String where,
      String range,
      String reading) {}

  /** Shows the bench. */
  String show(Piece piece, Unit unit, Model model, Said said) {
    Show show = new Show(unit);
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("said", said);
    if (!runs.started(piece.id())) {
      Plan<?> plan = planner.plan(piece);
      model.addAttribute("stops", plan.stops());
      model.addAttribute("steps", plan.route().steps().size());
      return "workbench/start";
    }
    List<Entry> log = runs.log(piece.id());
    Bench<?> bench = planner.bench(piece, log);
    Plan<?> plan = bench.plan();
    model.addAttribute("last", log.isEmpty() ? 0 : log.get(log.size() - 1).no());
    model.addAttribute("log", LogLine.of(log, plan, show));
    model.addAttribute("takenBack", takenBack(log, plan, show));
    model.addAttribute("changed", changed(piece, log, bench, show));
    model.addAttribute(
        "findings",
        FindingView.all(plan, show, json).stream().filter(f -> !f.grade().equals("note")).toList());
    model.addAttribute("stops", plan.stops());
    model.addAttribute("total", plan.route().steps().size());
    model.addAttribute("doneCount", bench.done().size());
    Optional<Step> next = bench.next();
    if (next.isEmpty()) {
      return "workbench/finished";
    }
    model.addAttribute(
        "left", Fact.left(log).filter(n -> !n.equals(next.get().title())).orElse(""));
    step(bench, next.get(), show, model, said);
    return "workbench/workbench";
  }

  private static void step(Bench<?> bench, Step step, Show show, Model model, Said said) {
    Plan<?> plan = bench.plan();
    Stage stage = plan.rehearsal().stage(step.key()).orElseThrow();
    List<PromptView> prompts =
        plan.prompts(step).stream().map(p -> prompt(p, bench, show)).toList();
    PromptView now =
        prompts.stream()
            .filter(
                p -> said.what().isEmpty() ? p.reading().isEmpty() : p.key().equals(said.what()))
            .findFirst()
            .orElse(prompts.isEmpty() ? null : prompts.get(0));
    model.addAttribute("step", step);
    model.addAttribute("setup", stage.setup());
    model.addAttribute(
        "speeds", stage.speeds().map(s -> show.rpm(s, plan.shop().lathe())).orElse(null));
    model.addAttribute("prompts", prompts);
    model.addAttribute("now", now);
    DimKey measured = now == null ? null : new DimKey(now.key());
    model.addAttribute("svg", StageDrawing.large(plan, stage, measured, show));
    model.addAttribute("ladder", ladder(stage, show));
    model.addAttribute("before", before(plan, stage));
    List<Step> rest = plan.rehearsal().route().steps();
    model.addAttribute("after", rest.size() > 1 ? rest.get(1).title() : "the record");
  }

  private static PromptView prompt(Prompt p, Bench<?> bench, Show show) {
    Dim d = p.dim();
    Double read = bench.readings().get(d.key());
    return new PromptView(
        d.key().path(),
        d.label(),
        show.number(d, p.target()),
        p.gauge().name(),
        p.dead() ? show.words(d, p.shows()) : "",
        p.where(),
        show.number(d, p.least()) + " to " + show.number(d, p.most()),
        read == null ? "" : show.number(d, read));
  }

  private static List<String> ladder(Stage stage, Show show) {
    return FitSteps.ladder(stage).map(Ladder::rungs).orElse(List.of()).stream()
        .map(
            r ->
                "⌀ "
                    + show.unit().showFit(r.diameter())
                    + " · "
                    + show.unit().showFit(r.perSide())
                    + " a side")
        .toList();
  }

  /** What is still owed in this hold and reached in no later one. */
  private static List<String> before(Plan<?> plan, Stage stage) {
    int setup = plan.rehearsal().route().setups().indexOf(stage.setup());
    List<LastChance> open =
        plan.rehearsal().lastChances(plan.shop()).stream()
            .filter(c -> c.setup() == setup && !c.met(stage.before()))
            .toList();
    return Words.lastChances(open);
  }

  /** What the last fact changed, told number by number. */
  private List<String> changed(Piece piece, List<Entry> log, Bench<?> now, Show show) {
    if (log.isEmpty()) {
      return List.of();
    }
    Fact last = log.get(log.size() - 1).fact();
    if (last instanceof Fact.Done || last instanceof Fact.Paused) {
      return List.of();
    }
    Bench<?> was = planner.bench(before(piece, last, log), log.subList(0, log.size() - 1));
    List<String> out = new ArrayList<>();
    for (Dim d : since(now.plan(), was.plan())) {
      double before = was.plan().aim().dims().get(d.key()).mm();
      out.add(
          d.label()
              + " "
              + show.number(d, before)
              + " → "
              + show.number(d, d.mm())
              + ", "
              + d.reason());
    }
    return out;
  }

  /** The piece with the design that was in force before the last fact. */
  private Piece before(Piece piece, Fact last, List<Entry> log) {
    if (last instanceof Fact.Changed c && c.before() > 0) {
      return pieces.at(piece.id(), c.before());
    }
    if (last instanceof Fact.Withdrawn w && entry(log, w.no()).fact() instanceof Fact.Changed c) {
      return pieces.at(piece.id(), c.version());
    }
    return piece;
  }

  private static Entry entry(List<Entry> log, long no) {
    return log.stream().filter(e -> e.no() == no).findFirst().orElseThrow();
  }

  /** What Back took back last; empty when something else happened since. */
  private static String takenBack(List<Entry> log, Plan<?> plan, Show show) {
    return !log.isEmpty() && log.get(log.size() - 1).fact() instanceof Fact.Withdrawn w
        ? LogLine.words(entry(log, w.no()).fact(), plan, show)
        : "";
  }

  @SuppressWarnings("unchecked")
  private static <D extends Design> List<Dim> since(Plan<D> now, Plan<?> was) {
    return now.changedSince((Plan<D>) was);
  }

  /** Adds a fact and shows the bench, or says that another tab was quicker. */
  String add(
      Piece piece,
      long last,
      Fact fact,
      Unit unit,
      Model model,
      HttpServletResponse response,
      String typed) {
    try {
      runs.add(piece.id(), last, piece.version(), fact);
    } catch (Stale e) {
      return stale(piece, unit, model, response, typed);
    }
    return "redirect:/pieces/" + piece.id() + "/bench";
  }

  String stale(Piece piece, Unit unit, Model model, HttpServletResponse response, String typed) {
    response.setStatus(HttpStatus.CONFLICT.value());
    return show(
        piece,
        unit,
        model,
        new Said(
            "Another tab was quicker: this is where the run stands now. Nothing of yours was"
                + " stored; enter it again if it still holds.",
            typed,
            "",
            Optional.empty()));
  }
}
