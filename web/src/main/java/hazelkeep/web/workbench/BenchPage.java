package hazelkeep.web.workbench;

import hazelkeep.fit.Next;
import hazelkeep.measure.Dim;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.Stale;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Sneaking;
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
    model.addAttribute(
        "sneak",
        Sneaking.of(bench, log)
            .map(s -> new SneakWords(s.so(), plan.shop(), show).title(Next.of(s.so())))
            .orElse(""));
    StepPage.show(bench, next.get(), said, show, model);
    return "workbench/workbench";
  }

  /** What the last fact changed, told number by number. */
  private List<String> changed(Piece piece, List<Entry> log, Bench<?> now, Show show) {
    if (log.isEmpty()) {
      return List.of();
    }
    Fact last = log.get(log.size() - 1).fact();
    if (last instanceof Fact.Done
        || last instanceof Fact.Paused
        || last instanceof Fact.Tried
        || last instanceof Fact.RunOut) {
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
        Said.of(Sentences.of("benchPage.another-tab-was-quicker")).about(typed, ""));
  }
}
