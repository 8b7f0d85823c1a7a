package hazelkeep.web.workbench;

import hazelkeep.fit.Ladder;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.FitSteps;
import hazelkeep.route.LastChance;
import hazelkeep.route.Remedy;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Gauge;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.StageDrawing;
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
import hazelkeep.workbench.Way;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** At the lathe: one step, one drawing, one number. */
@Controller
class WorkbenchController {
  /** A reading further from its target than this share is asked for again. */
  private static final double DOUBTFUL = 0.15;

  private static final double DOUBTFUL_LEAST = 3;

  private final PieceStore pieces;
  private final RunStore runs;
  private final Planner planner;
  private final Json json;

  WorkbenchController(PieceStore pieces, RunStore runs, Planner planner, Json json) {
    this.pieces = pieces;
    this.runs = runs;
    this.planner = planner;
    this.json = json;
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
  public record Prompt(
      String key,
      String label,
      String target,
      String gauge,
      String shows,
      String where,
      String range,
      String reading) {}

  /**
   * A fact of the log in words.
   *
   * @param no its number
   * @param text what happened
   * @param withdrawn whether it was taken back
   */
  public record Line(long no, String text, boolean withdrawn) {}

  @GetMapping("/pieces/{id}/bench")
  String bench(@PathVariable long id, Unit unit, Model model) {
    return show(pieces.get(id), unit, model, null, null, null);
  }

  private String show(
      Piece piece, Unit unit, Model model, String message, String typed, String typedKey) {
    Show show = new Show(unit);
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("message", message);
    model.addAttribute("typed", typed);
    if (!runs.started(piece.id())) {
      Plan<?> plan = planner.plan(piece);
      model.addAttribute("stops", plan.stops());
      model.addAttribute("steps", plan.route().steps().size());
      return "workbench/start";
    }
    List<Entry> log = runs.log(piece.id());
    long last = log.isEmpty() ? 0 : log.get(log.size() - 1).no();
    Bench<?> bench = planner.bench(piece);
    Plan<?> plan = bench.plan();
    model.addAttribute("last", last);
    model.addAttribute("plan", plan);
    model.addAttribute("log", lines(log, plan, show));
    model.addAttribute("changed", changed(piece, log, bench, show));
    List<FindingView> wrong =
        FindingView.of(plan, show, json).stream().filter(f -> !f.grade().equals("note")).toList();
    model.addAttribute("findings", wrong);
    model.addAttribute("stops", plan.stops());
    model.addAttribute("total", plan.route().steps().size());
    model.addAttribute("doneCount", bench.done().size());
    Optional<Step> next = bench.next();
    if (next.isEmpty()) {
      return "workbench/finished";
    }
    Stage stage = plan.rehearsal().stage(next.get().key()).orElseThrow();
    List<Prompt> prompts = prompts(bench, stage, show);
    Prompt first =
        prompts.stream()
            .filter(p -> typedKey != null ? p.key().equals(typedKey) : p.reading().isEmpty())
            .findFirst()
            .orElse(prompts.isEmpty() ? null : prompts.get(0));
    model.addAttribute("step", stage.step());
    model.addAttribute("setup", stage.setup());
    model.addAttribute(
        "speeds",
        stage.speeds().map(s -> show.whole(s.from()) + "–" + show.whole(s.to())).orElse(null));
    model.addAttribute("prompts", prompts);
    model.addAttribute("first", first);
    model.addAttribute(
        "svg",
        StageDrawing.large(plan, stage, first == null ? null : new DimKey(first.key()), show));
    model.addAttribute("ladder", ladder(stage, show));
    model.addAttribute("before", before(plan, stage));
    List<Step> rest = plan.rehearsal().route().steps();
    model.addAttribute("after", rest.size() > 1 ? rest.get(1).title() : "the record");
    model.addAttribute("parts", plan.aim().parts().stream().map(p -> p.name()).toList());
    model.addAttribute("whats", Fact.What.values());
    return "workbench/workbench";
  }

  private static List<String> ladder(Stage stage, Show show) {
    Optional<Ladder> ladder = FitSteps.ladder(stage);
    return ladder.map(Ladder::rungs).orElse(List.of()).stream()
        .map(
            r ->
                "⌀ "
                    + show.unit().showFit(r.diameter())
                    + " · "
                    + show.unit().showFit(r.perSide())
                    + " a side")
        .toList();
  }

  private static List<String> before(Plan<?> plan, Stage stage) {
    int setup = plan.rehearsal().route().setups().indexOf(stage.setup());
    java.util.Map<String, String> bySurface = new java.util.LinkedHashMap<>();
    for (LastChance c : plan.rehearsal().lastChances(plan.shop())) {
      boolean met =
          switch (c.doing()) {
            case CUT -> stage.before().surf(c.surface()).bare();
            case SAND -> stage.before().surf(c.surface()).grit() > 0;
            case FINISH -> stage.before().surf(c.surface()).coated();
          };
      if (c.setup() == setup && !met) {
        String surface = "the " + c.surface().part() + "'s " + c.surface().name();
        bySurface.merge(surface, c.doing().done(), (a, b) -> a + ", " + b);
      }
    }
    return bySurface.entrySet().stream().map(e -> e.getKey() + " " + e.getValue()).toList();
  }

  private static List<Prompt> prompts(Bench<?> bench, Stage stage, Show show) {
    List<Prompt> out = new ArrayList<>();
    Plan<?> plan = bench.plan();
    for (Act a : stage.step().acts()) {
      if (a instanceof Act.Read r) {
        Dim d = plan.aim().dims().get(r.what());
        Gauge g = plan.shop().gauge(r.gauge()).orElse(new Gauge(r.gauge(), 0));
        Double read = bench.readings().get(r.what());
        String unit = show.unit().word();
        out.add(
            new Prompt(
                d.key().path(),
                d.label(),
                show.number(d.key(), d.mm(), plan.aim()),
                g.name(),
                g.dead() == 0 ? "" : show.number(d.key(), g.shows(d.mm()), plan.aim()) + " " + unit,
                r.where(),
                show.number(d.key(), d.planned().mm() - r.under(), plan.aim())
                    + " to "
                    + show.number(d.key(), d.planned().mm() + r.over(), plan.aim()),
                read == null ? "" : show.number(d.key(), read, plan.aim())));
      }
    }
    return out;
  }

  /** What the last fact changed, told number by number. */
  private List<String> changed(Piece piece, List<Entry> log, Bench<?> now, Show show) {
    if (log.isEmpty()) {
      return List.of();
    }
    Fact last = log.get(log.size() - 1).fact();
    if (!(last instanceof Fact.Reading
        || last instanceof Fact.Withdrawn
        || last instanceof Fact.Found)) {
      return List.of();
    }
    Bench<?> was = planner.bench(piece, log.subList(0, log.size() - 1));
    List<String> out = new ArrayList<>();
    for (Dim d : since(now.plan(), was.plan())) {
      Dim old = was.plan().aim().dims().get(d.key());
      out.add(
          d.label()
              + " "
              + show.number(d.key(), old.mm(), now.plan().aim())
              + " → "
              + show.number(d.key(), d.mm(), now.plan().aim())
              + (d.reason().isEmpty() ? "" : ", " + d.reason()));
    }
    return out;
  }

  @SuppressWarnings("unchecked")
  private static <D extends Design> List<Dim> since(Plan<D> now, Plan<?> was) {
    return now.changedSince((Plan<D>) was);
  }

  private static List<Line> lines(List<Entry> log, Plan<?> plan, Show show) {
    Set<Long> withdrawn = new HashSet<>();
    log.forEach(
        e -> {
          if (e.fact() instanceof Fact.Withdrawn w) {
            withdrawn.add(w.no());
          }
        });
    List<Line> out = new ArrayList<>();
    for (Entry e : log) {
      String text = words(e.fact(), plan, show);
      if (!text.isEmpty()) {
        out.add(0, new Line(e.no(), text, withdrawn.contains(e.no())));
      }
    }
    return out;
  }

  private static String words(Fact fact, Plan<?> plan, Show show) {
    if (fact instanceof Fact.Done d) {
      return "Done: " + plan.route().step(d.step()).map(Step::title).orElse(d.step().path());
    }
    if (fact instanceof Fact.Reading r) {
      Dim dim = plan.aim().dims().get(r.what());
      String name = dim == null ? r.what().path() : dim.label();
      String shown =
          r.shown() == r.truth()
              ? ""
              : ", the " + r.gauge() + " showed " + show.unit().showFit(r.shown());
      return "Measured: " + name + " " + show.fit(r.truth()) + shown;
    }
    if (fact instanceof Fact.Found f) {
      String size = f.value() > 0 ? " " + show.len(f.value()) : "";
      return "Found: "
          + f.part()
          + ", "
          + f.what().word()
          + size
          + (f.words().isEmpty() ? "" : " — " + f.words());
    }
    if (fact instanceof Fact.Replaced r) {
      return "Made again from a fresh blank: " + r.part();
    }
    if (fact instanceof Fact.Changed) {
      return "The design was changed";
    }
    return fact instanceof Fact.Paused p ? "Stopped for now. Next: " + p.next() : "";
  }

  @PostMapping("/pieces/{id}/bench/start")
  String start(@PathVariable long id) {
    pieces.get(id);
    runs.start(id);
    return "redirect:/pieces/" + id + "/bench";
  }

  @PostMapping("/pieces/{id}/bench/done")
  String done(
      @PathVariable long id,
      @RequestParam String step,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Bench<?> bench = planner.bench(piece);
    boolean isNext = bench.next().filter(s -> s.key().path().equals(step)).isPresent();
    if (!isNext) {
      return stale(piece, unit, model, response, null);
    }
    return add(piece, last, bench.did(new StepKey(step)), unit, model, response, null);
  }

  @PostMapping("/pieces/{id}/bench/measured")
  String measured(
      @PathVariable long id,
      @RequestParam String what,
      @RequestParam String value,
      @RequestParam long last,
      @RequestParam(defaultValue = "false") boolean sure,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Bench<?> bench = planner.bench(piece);
    Plan<?> plan = bench.plan();
    String typed = value.length() > 60 ? value.substring(0, 60) : value;
    try {
      DimKey key = new DimKey(what);
      Act.Read read = prompt(plan, key);
      double shown = SizeText.parse(value, unit).mm();
      Gauge gauge = plan.shop().gauge(read.gauge()).orElse(new Gauge(read.gauge(), 0));
      double truth = gauge.truth(shown);
      Dim d = plan.aim().dims().get(key);
      double off = Math.abs(truth - d.planned().mm());
      if (truth <= 0 || (!sure && off > Math.max(DOUBTFUL_LEAST, DOUBTFUL * d.planned().mm()))) {
        Show show = new Show(unit);
        model.addAttribute("doubt", truth > 0);
        model.addAttribute("doubtKey", what);
        throw new IllegalArgumentException(
            "That makes "
                + show.number(key, truth, plan.aim())
                + ", far from the "
                + show.number(key, d.planned().mm(), plan.aim())
                + " expected. Measure again; if it is right, say so.");
      }
      Fact.Reading fact = new Fact.Reading(key, gauge.name(), shown, truth);
      List<Entry> then = new ArrayList<>(runs.log(id));
      then.add(new Entry(last + 1, java.time.Instant.EPOCH, piece.version(), fact));
      planner.bench(piece, then);
      return add(piece, last, fact, unit, model, response, typed);
    } catch (BadDesign e) {
      response.setStatus(422);
      return show(
          piece,
          unit,
          model,
          e.getMessage() + " If the wood really is so, enter it as found.",
          typed,
          what);
    } catch (IllegalArgumentException e) {
      response.setStatus(422);
      return show(piece, unit, model, e.getMessage(), typed, what);
    }
  }

  private static Act.Read prompt(Plan<?> plan, DimKey key) {
    return plan.route().steps().stream()
        .flatMap(s -> s.acts().stream())
        .filter(Act.Read.class::isInstance)
        .map(Act.Read.class::cast)
        .filter(r -> r.what().equals(key))
        .findFirst()
        .orElseThrow(
            () -> new IllegalArgumentException("“" + key + "” is not measured on this route."));
  }

  @PostMapping("/pieces/{id}/bench/back")
  String back(
      @PathVariable long id,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Set<Long> withdrawn = new HashSet<>();
    long no = 0;
    for (Entry e : runs.log(id)) {
      if (e.fact() instanceof Fact.Withdrawn w) {
        withdrawn.add(w.no());
      }
    }
    for (Entry e : runs.log(id)) {
      boolean can = !(e.fact() instanceof Fact.Withdrawn || e.fact() instanceof Fact.Changed);
      if (can && !withdrawn.contains(e.no())) {
        no = e.no();
      }
    }
    return no == 0
        ? "redirect:/pieces/" + id + "/bench"
        : add(piece, last, new Fact.Withdrawn(no), unit, model, response, null);
  }

  @PostMapping("/pieces/{id}/bench/found")
  String found(
      @PathVariable long id,
      @RequestParam String part,
      @RequestParam String what,
      @RequestParam(defaultValue = "") String at,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String words,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Bench<?> bench = planner.bench(piece);
    try {
      Fact.What w = Fact.What.valueOf(what.toUpperCase(Locale.ROOT));
      bench.plan().aim().part(part);
      double size = value.isBlank() ? 0 : SizeText.parse(value, unit).mm();
      double place = at.isBlank() ? 0 : SizeText.parse(at, unit).mm();
      if (w != Fact.What.LOST && w != Fact.What.FLAW && size <= 0) {
        throw new IllegalArgumentException("Say what it measures now. " + SizeText.ACCEPTED);
      }
      if (words.length() > 300) {
        throw new IllegalArgumentException("Keep the words below 300 letters.");
      }
      HalfSection gone =
          w == Fact.What.LOST ? HalfSection.EMPTY : gone(bench.plan(), part, w, place, size);
      Fact.Found fact = new Fact.Found(part, w, place, size, gone, words.strip(), bench.dims());
      String view = add(piece, last, fact, unit, model, response, null);
      return view.startsWith("redirect") ? view + "/ways" : view;
    } catch (IllegalArgumentException e) {
      response.setStatus(422);
      model.addAttribute("foundPart", part);
      model.addAttribute("foundWhat", what);
      model.addAttribute("foundValue", value);
      model.addAttribute("foundAt", at);
      model.addAttribute("foundWords", words);
      return show(piece, unit, model, e.getMessage(), null, null);
    }
  }

  private static <D extends Design> HalfSection gone(
      Plan<D> plan, String part, Fact.What what, double at, double value) {
    return plan.kind().gone(plan.design(), plan.aim(), part, what.name(), at, value);
  }

  /**
   * A way on as it is shown.
   *
   * @param label what would change
   * @param outcome what would still be wrong
   * @param remedy the change as JSON; empty when a part is made again
   * @param replaced the part made again; empty when the design changes
   */
  public record WayView(String label, String outcome, String remedy, String replaced) {}

  @GetMapping("/pieces/{id}/bench/ways")
  String ways(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    if (!runs.started(id)) {
      return "redirect:/pieces/" + id + "/bench";
    }
    Bench<?> bench = planner.bench(piece);
    Show show = new Show(unit);
    List<Entry> log = runs.log(id);
    List<WayView> ways = new ArrayList<>();
    for (Way w : waysOn(bench, log)) {
      String outcome =
          w.stops() == 0
              ? w.watches() == 0
                  ? "Then nothing stands in the way."
                  : "Then nothing stops it; " + w.watches() + " to watch."
              : "Then " + w.stops() + " still stand" + (w.stops() == 1 ? "s" : "") + " in the way.";
      ways.add(
          new WayView(
              w.replaced()
                  .map(p -> "Make the " + p + " again from a fresh blank")
                  .orElseGet(() -> FindingView.label(w.remedy().get(), bench.plan(), show)),
              outcome,
              w.remedy()
                  .map(r -> json.mapper().writerFor(Remedy.class).writeValueAsString(r))
                  .orElse(""),
              w.replaced().orElse("")));
    }
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("ways", ways);
    model.addAttribute(
        "stops", bench.plan().findings().stream().filter(f -> f.grade() == Grade.STOP).count());
    model.addAttribute("findings", FindingView.of(bench.plan(), show, json));
    model.addAttribute("last", log.isEmpty() ? 0 : log.get(log.size() - 1).no());
    return "workbench/ways";
  }

  private static <D extends Design> List<Way> waysOn(Bench<D> bench, List<Entry> log) {
    return Way.on(bench, log);
  }

  @PostMapping("/pieces/{id}/bench/way")
  String way(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String remedy,
      @RequestParam(defaultValue = "") String replaced,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    Bench<?> bench = planner.bench(piece);
    if (!replaced.isEmpty()) {
      try {
        Fact fact = new Fact.Replaced(replaced, bench.freshStock(replaced), bench.dims());
        return add(piece, last, fact, unit, model, response, null);
      } catch (IllegalArgumentException e) {
        response.setStatus(422);
        return show(piece, unit, model, e.getMessage(), null, null);
      }
    }
    try {
      Remedy r = json.read(remedy, Remedy.class);
      Design next = bench.plan().changed(r);
      int version = pieces.save(id, piece.version(), "way on", next, piece.edits());
      return add(pieces.get(id), last, new Fact.Changed(version), unit, model, response, null);
    } catch (Stale e) {
      return stale(piece, unit, model, response, null);
    } catch (RuntimeException e) {
      response.setStatus(422);
      return show(piece, unit, model, "That way on can't be read.", null, null);
    }
  }

  @PostMapping("/pieces/{id}/bench/pause")
  String pause(
      @PathVariable long id,
      @RequestParam String next,
      @RequestParam long last,
      Unit unit,
      Model model,
      HttpServletResponse response) {
    Piece piece = pieces.get(id);
    String note = next.strip();
    if (note.length() > 300) {
      response.setStatus(422);
      return show(piece, unit, model, "Keep the note below 300 letters.", null, null);
    }
    String view = add(piece, last, new Fact.Paused(note), unit, model, response, null);
    return view.startsWith("redirect") ? "redirect:/" : view;
  }

  private String add(
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

  private String stale(
      Piece piece, Unit unit, Model model, HttpServletResponse response, String typed) {
    response.setStatus(409);
    return show(
        piece,
        unit,
        model,
        "Another tab was quicker: this is where the run stands now. Nothing of yours was stored; enter it again if it still holds.",
        typed,
        null);
  }
}
