package hazelkeep.web.route;

import hazelkeep.hold.InJaws;
import hazelkeep.hold.OnPartner;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.LastChance;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.shop.Centre;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Steady;
import hazelkeep.stiffness.Stiffness;
import hazelkeep.web.drawing.HandView;
import hazelkeep.web.drawing.Reel;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.StageDrawing;
import hazelkeep.web.drawing.Words;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.piece.Marks;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.wood.Unknown;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The route as a film strip: a row a hold, a picture a step. */
@Controller
class RouteController {
  /** A critical speed beyond this is of no concern to a turner, rpm. */
  private static final double CRITICAL_FAR = 10_000;

  /** Room for a picture, px. */
  private static final double CARD = 212;

  private static final double CARD_TALL = 130;

  private final PieceStore pieces;
  private final Planner planner;
  private final RunStore runs;
  private final Json json;

  RouteController(PieceStore pieces, Planner planner, RunStore runs, Json json) {
    this.pieces = pieces;
    this.planner = planner;
    this.runs = runs;
    this.json = json;
  }

  /**
   * A hold with its steps.
   *
   * @param no its number
   * @param title how the work is held
   * @param hold what holds it
   * @param free how far it stands out, empty where that says nothing
   * @param cards its steps
   * @param lastChances what can be done here and in no later hold
   * @param name the setup's stable name
   * @param jaws whether jaws hold it
   * @param onLathe whether it turns
   */
  public record Row(
      int no,
      String title,
      String hold,
      String free,
      List<Card> cards,
      List<String> lastChances,
      String name,
      boolean jaws,
      boolean onLathe) {}

  /**
   * A step.
   *
   * @param no its number
   * @param title what
   * @param words how
   * @param svg the stage
   * @param speed the usual speeds
   * @param ceiling the same with what is never passed
   * @param stiff how stiff the work is after it, at its softest place
   * @param key the step's name
   * @param cuts what it is cut to, line by line
   * @param targets what to measure
   * @param findings what would go wrong
   */
  public record Card(
      int no,
      String title,
      String words,
      String svg,
      String speed,
      String ceiling,
      String stiff,
      String key,
      List<String> cuts,
      List<Target> targets,
      List<FindingView> findings) {}

  /**
   * A size to measure.
   *
   * @param size what it is called and how large it is to be
   * @param how with what and where
   */
  public record Target(String size, String how) {}

  private static String stiff(Stage stage, Show show) {
    Stiffness k = stage.stiffness();
    if (!k.known()) {
      return k.missing().isEmpty()
          ? ""
          : "stiffness not judged: "
              + k.missing().stream().map(Unknown::words).collect(Collectors.joining(", "));
    }
    String held = felt(k.held(), stage, show);
    String wood = felt(k.wood(), stage, show);
    return held.equals(wood) ? held : Sentences.of("route.softest-place-wood-alone", held, wood);
  }

  private static String felt(double[] along, Stage stage, Show show) {
    return show.stiffness(Arrays.stream(along).min().orElseThrow(), stage.aim().practice());
  }

  private static String critical(Stage stage, Show show) {
    double[] c = stage.stiffBefore().criticals();
    return c.length == 0 || c[0] > CRITICAL_FAR
        ? ""
        : Sentences.of("route.whips-at-rpm-out", show.whole(c[0]));
  }

  @GetMapping("/pieces/{id:\\d+}/route")
  String route(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String change,
      Unit unit,
      Model model) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    List<FindingView> findings = FindingView.all(plan, show, json);
    List<Row> rows = rows(plan, findings, show);
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("rows", rows);
    model.addAttribute("running", runs.started(id));
    int left = plan.rehearsal().stages().size();
    int steps = plan.route().steps().size();
    model.addAttribute("first", steps - left + 1);
    model.addAttribute("steps", steps);
    model.addAttribute(
        "sub",
        "route, "
            + rows.size()
            + " holds, "
            + left
            + (left < steps ? " of " + steps : "")
            + " steps"
            + (left < steps ? " left" : ""));
    model.addAttribute("shapeMarks", Marks.shape(findings));
    model.addAttribute("routeMarks", Marks.route(findings));
    model.addAttribute("chapter", "route");
    changing(piece, plan, findings, !change.isEmpty(), show, model);
    return "route/route";
  }

  /**
   * What the change of a route needs: what was changed, what that brings, what there is to choose.
   */
  private void changing(
      Piece piece, Plan<?> plan, List<FindingView> findings, boolean open, Show show, Model model) {
    Plan<?> recipe = planner.plan(piece.kind(), piece.design(), List.of());
    EditWords words = new EditWords(recipe.route(), plan, show);
    List<Changed> edits = new ArrayList<>();
    for (RouteEdit e : piece.edits()) {
      edits.add(new Changed(words.of(e), plan.route().ignored().contains(e)));
    }
    List<FindingView> brings = new ArrayList<>();
    for (int i = 0; i < plan.findings().size(); i++) {
      Finding f = plan.findings().get(i);
      if (!edits.isEmpty() && recipe.findings().stream().noneMatch(f::sameAs)) {
        brings.add(findings.get(i));
      }
    }
    model.addAttribute("change", open);
    model.addAttribute("edits", edits);
    model.addAttribute("brings", brings);
    if (open) {
      Shop shop = plan.shop();
      model.addAttribute("jawSets", shop.jaws().stream().map(JawSet::name).toList());
      model.addAttribute("tails", shop.tailCentres().stream().map(Centre::name).toList());
      model.addAttribute("steadies", shop.steadies().stream().map(Steady::name).toList());
      model.addAttribute(
          "surfaces",
          plan.aim().parts().stream()
              .flatMap(p -> p.surfaces().stream())
              .map(s -> s.id().part() + "/" + s.id().name())
              .toList());
      model.addAttribute(
          "emptyHolds",
          plan.route().setups().stream()
              .filter(s -> s.steps().isEmpty())
              .map(
                  s ->
                      new Row(
                          0,
                          s.title(),
                          plan.words(s.hold()),
                          "",
                          List.of(),
                          List.of(),
                          s.name(),
                          false,
                          false))
              .toList());
    }
  }

  /**
   * A change of the recipe's route.
   *
   * @param words what it does
   * @param lost whether it can't be made any more
   */
  public record Changed(String words, boolean lost) {}

  private static List<Row> rows(Plan<?> plan, List<FindingView> findings, Show show) {
    Reel reel = Reel.of(plan, CARD, CARD_TALL);
    List<LastChance> chances = plan.rehearsal().lastChances(plan.shop());
    List<Row> rows = new ArrayList<>();
    List<Step> whole = plan.route().steps();
    List<Setup> setups = plan.rehearsal().route().setups();
    for (int i = 0; i < setups.size(); i++) {
      Setup setup = setups.get(i);
      int at = i;
      List<Card> cards = new ArrayList<>();
      List<Stage> stages =
          plan.rehearsal().stages().stream().filter(s -> s.setup() == setup).toList();
      for (Stage stage : stages) {
        int no = whole.indexOf(stage.step()) + 1;
        cards.add(card(no, plan, stage, findings, show, reel));
      }
      double free = stages.stream().mapToDouble(Stage::freeLength).max().orElse(0);
      rows.add(
          new Row(
              i + 1,
              setup.title(),
              plan.words(setup.hold()),
              free > 0 ? show.len(free) + " stands out" : "",
              cards,
              Words.lastChances(chances.stream().filter(c -> c.setup() == at).toList()),
              setup.name(),
              setup.hold().grip() instanceof InJaws || setup.hold().grip() instanceof OnPartner,
              setup.hold().onLathe()));
    }
    return rows;
  }

  private static Card card(
      int no, Plan<?> plan, Stage stage, List<FindingView> findings, Show show, Reel reel) {
    String key = stage.step().key().path();
    return new Card(
        no,
        stage.step().title(),
        stage.step().words(),
        StageDrawing.card(plan, stage, reel),
        stage.speeds().map(s -> show.rpm(s, plan.shop().lathe())).orElse(""),
        stage.speeds().map(s -> show.rpmAndCeiling(s, plan.shop().lathe())).orElse("")
            + critical(stage, show),
        stiff(stage, show),
        key,
        HandView.lines(plan, stage, show),
        plan.prompts(stage.step()).stream()
            .map(p -> new Target(Words.target(p, show), Words.how(p)))
            .toList(),
        findings.stream().filter(f -> f.key().equals(key)).toList());
  }
}
