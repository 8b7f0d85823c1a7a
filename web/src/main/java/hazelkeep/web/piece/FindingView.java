package hazelkeep.web.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A finding as it is shown.
 *
 * @param no its number on the drawing
 * @param grade stop, watch or note
 * @param mark the sign before it, so that colour is never alone
 * @param code its stable name
 * @param title what
 * @param numbers number and limit
 * @param why why it matters
 * @param advice what to do
 * @param step the step it shows at, empty for the design
 * @param remedies what can be applied with one press
 */
public record FindingView(
    int no,
    String grade,
    String mark,
    String code,
    String title,
    String numbers,
    String why,
    String advice,
    String step,
    List<Button> remedies) {
  /**
   * A remedy as a button.
   *
   * @param label what it does
   * @param json the remedy, for the way back
   */
  public record Button(String label, String json) {}

  /** All findings of a plan. */
  public static List<FindingView> of(Plan<?> plan, Show show, Json json) {
    List<FindingView> out = new ArrayList<>();
    for (Finding f : plan.findings()) {
      List<Button> buttons = new ArrayList<>();
      for (Remedy r : f.remedies()) {
        buttons.add(
            new Button(
                label(r, plan, show), json.mapper().writerFor(Remedy.class).writeValueAsString(r)));
      }
      String step = f.at().flatMap(k -> plan.route().step(k)).map(Step::title).orElse("");
      out.add(
          new FindingView(
              out.size() + 1,
              f.grade().name().toLowerCase(java.util.Locale.ROOT),
              f.grade() == Grade.STOP ? "■ stop" : f.grade() == Grade.WATCH ? "▲ watch" : "● note",
              f.code(),
              f.verdict().title(),
              show.numbers(f.verdict()),
              f.verdict().why(),
              f.advice(),
              step,
              buttons));
    }
    return out;
  }

  /** A remedy in words. */
  public static String label(Remedy r, Plan<?> plan, Show show) {
    if (r instanceof Remedy.SetDim set) {
      Dim d = plan.aim().dims().get(set.key());
      return d.label()
          + " "
          + show.number(set.key(), set.to().mm(), plan.aim())
          + " "
          + show.unit().word();
    }
    if (r instanceof Remedy.Choose choose) {
      return choices(plan).stream()
          .filter(c -> c.name().equals(choose.choice()))
          .flatMap(c -> c.options().stream())
          .filter(o -> o.name().equals(choose.option()))
          .map(Choice.Option::label)
          .findFirst()
          .orElse(choose.option());
    }
    if (r instanceof Remedy.Together t) {
      return t.all().stream().map(x -> label(x, plan, show)).collect(Collectors.joining(", "));
    }
    return "Back to the recipe's order";
  }

  private static List<Choice> choices(Plan<?> plan) {
    return choicesOf(plan);
  }

  private static <D extends Design> List<Choice> choicesOf(Plan<D> plan) {
    return plan.kind().choices(plan.design());
  }
}
