package hazelkeep.web.workbench;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Plan;
import hazelkeep.route.Caution;
import hazelkeep.route.LastChance;
import hazelkeep.route.Prompt;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.CutRow;
import hazelkeep.web.drawing.CutRows;
import hazelkeep.web.drawing.HandView;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.StageDrawing;
import hazelkeep.web.drawing.Words;
import hazelkeep.workbench.Bench;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.ui.Model;

/** The step at hand: what is cut to which numbers, with what, how held, and what to watch. */
final class StepPage {
  private StepPage() {}

  /**
   * Something to measure.
   *
   * @param key the dimension
   * @param label its name
   * @param big the number as the device shows it
   * @param gauge with which device
   * @param where where to put it
   * @param reading what was measured already; empty when nothing
   */
  public record PromptView(
      String key, String label, CutRow.Big big, String gauge, String where, String reading) {}

  /**
   * What is done.
   *
   * @param key the step's path
   * @param title in a few words
   * @param words in a sentence or two
   * @param setup how the work is held, in short
   * @param held by what, in words
   * @param tools with what; empty where that is free
   * @param speeds how fast; empty off the lathe
   * @param caution what to watch
   * @param after the next step
   * @param lets whether the next step is held otherwise
   * @param before what has to be done before this hold is let go
   */
  public record StepView(
      String key,
      String title,
      String words,
      String setup,
      String held,
      String tools,
      String speeds,
      String caution,
      String after,
      boolean lets,
      List<String> before) {}

  /** Puts the step on the page. */
  static void show(Bench<?> bench, Step step, Said said, Show show, Model model) {
    Plan<?> plan = bench.plan();
    Stage stage = plan.rehearsal().stage(step.key()).orElseThrow();
    List<PromptView> prompts =
        plan.prompts(step).stream().map(p -> prompt(p, bench, show)).toList();
    List<CutRow> rows = CutRows.of(plan, stage, show);
    List<String> tools = plan.rehearsal().tools(stage, plan.shop());
    List<HandView> cuts = HandView.of(plan, stage, rows, tools, show);
    HandView cut = cut(cuts, prompts, said);
    PromptView now = prompts.isEmpty() ? null : now(prompts, said, cut);
    int at =
        now == null && said.row() == 0 ? CutRows.main(rows).map(CutRow::no).orElse(0) : said.row();
    int line = cut == null ? at : cut.row();
    CutRow picked = rows.stream().filter(r -> r.no() == line).findFirst().orElse(null);
    model.addAttribute("cuts", cuts);
    model.addAttribute("cut", cut);
    model.addAttribute("measuring", cut == null && now != null);
    model.addAttribute("step", view(plan, stage, tools, show));
    model.addAttribute("prompts", prompts);
    model.addAttribute("gripped", gripped(bench, stage));
    model.addAttribute("now", now);
    model.addAttribute("rows", rows);
    model.addAttribute("picked", picked);
    model.addAttribute("big", cut != null ? cut.big() : big(picked, now));
    DimKey measured = measured(cut, picked, now);
    model.addAttribute(
        "svg",
        StageDrawing.large(
            plan,
            stage,
            new StageDrawing.Told(
                measured,
                rows,
                picked == null ? 0 : picked.no(),
                Optional.ofNullable(cut).map(HandView::of),
                show)));
  }

  /** The size that is shown large on the drawing, where no line is. */
  private static DimKey measured(HandView cut, CutRow picked, PromptView now) {
    String key = picked != null ? "" : cut != null ? cut.key() : now == null ? "" : now.key();
    return key.isEmpty() ? null : new DimKey(key);
  }

  private static CutRow.Big big(CutRow picked, PromptView now) {
    return picked != null ? picked.big() : now == null ? null : now.big();
  }

  /**
   * The cut at hand: the one asked for, else the one after the last that was measured, else the
   * first. None once a size was asked for or a line of the setting out was picked.
   */
  private static HandView cut(List<HandView> cuts, List<PromptView> prompts, Said said) {
    List<String> read =
        prompts.stream().filter(p -> !p.reading().isEmpty()).map(PromptView::key).toList();
    int after =
        cuts.stream().filter(c -> read.contains(c.key())).mapToInt(HandView::no).max().orElse(-1);
    int open = read.isEmpty() ? 1 : after < 0 ? 0 : after + 1;
    boolean elsewhere =
        !said.what().isEmpty()
            || said.row() > 0
            || !said.message().isEmpty()
            || !said.open().isEmpty();
    int at = said.cut() > 0 ? said.cut() : elsewhere ? 0 : open;
    return at > 0 && at <= cuts.size() ? cuts.get(at - 1) : null;
  }

  /** Whether work that was turned before has just been gripped another way. */
  private static boolean gripped(Bench<?> bench, Stage stage) {
    return !bench.done().isEmpty()
        && stage.setup().hold().onLathe()
        && stage.setup().steps().get(0).key().equals(stage.step().key());
  }

  /** The size that is asked for: the one picked or cut, else the first that was not entered. */
  private static PromptView now(List<PromptView> prompts, Said said, HandView cut) {
    String key = said.what().isEmpty() && cut != null ? cut.key() : said.what();
    return prompts.stream()
        .filter(p -> key.isEmpty() ? p.reading().isEmpty() : p.key().equals(key))
        .findFirst()
        .orElse(prompts.get(0));
  }

  /** Sizes that a step asks for and that were not entered. */
  static List<String> open(Bench<?> bench, Step step) {
    return bench.plan().prompts(step).stream()
        .map(Prompt::dim)
        .filter(d -> !bench.readings().containsKey(d.key()))
        .map(d -> d.label().toLowerCase(Locale.ROOT))
        .toList();
  }

  private static StepView view(Plan<?> plan, Stage stage, List<String> tools, Show show) {
    Step step = stage.step();
    Setup setup = stage.setup();
    List<Stage> rest = plan.rehearsal().stages();
    Stage after = rest.size() > 1 ? rest.get(1) : null;
    return new StepView(
        step.key().path(),
        step.title(),
        step.words(),
        setup.title(),
        plan.words(setup.hold()),
        String.join(", ", tools),
        stage.speeds().map(s -> show.rpm(s, plan.shop().lathe())).orElse(""),
        Caution.of(stage, plan.route()).words(),
        after == null ? "the record" : after.step().title(),
        after == null || after.setup() != setup,
        before(plan, stage));
  }

  private static PromptView prompt(Prompt p, Bench<?> bench, Show show) {
    Dim d = p.dim();
    Double read = bench.readings().get(d.key());
    return new PromptView(
        d.key().path(),
        d.label(),
        HandView.big(p, show),
        p.gauge().name(),
        p.where(),
        read == null ? "" : show.number(d, p.gauge().shows(read)));
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
}
