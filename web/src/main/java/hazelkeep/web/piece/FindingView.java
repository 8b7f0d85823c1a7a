package hazelkeep.web.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Refused;
import hazelkeep.piece.End;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Step;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.util.StringUtils;

/**
 * A finding as it is shown.
 *
 * @param no its number on the drawing
 * @param grade stop, watch or note
 * @param mark the sign before it, so that colour is never alone
 * @param code its stable name
 * @param title what
 * @param says its numbers in a sentence; empty where it has none
 * @param found what was found, in short; empty where it has no number
 * @param why why it matters
 * @param advice what to do
 * @param step the step it shows at, empty for the design
 * @param key the step's name, empty for the design
 * @param remedies what can be applied with one press
 * @param with findings that have the same cause: the same press removes them
 */
public record FindingView(
    int no,
    String grade,
    String mark,
    String code,
    String title,
    String says,
    String found,
    String why,
    String advice,
    String step,
    String key,
    List<Button> remedies,
    List<FindingView> with) {
  /**
   * A remedy as a button.
   *
   * @param label what it does
   * @param json the remedy, for the way back
   * @param link where it leads; empty for one that is done with a press
   */
  public record Button(String label, String json, String link) {}

  /** All findings of a plan, one after the other. */
  public static List<FindingView> all(Plan<?> plan, Show show, Json json) {
    List<FindingView> out = new ArrayList<>();
    for (Finding f : plan.findings()) {
      List<Button> buttons =
          f.remedies().stream()
              .map(r -> new Button(label(r, plan, show), json.remedy(r), link(r)))
              .toList();
      String mark =
          f.grade() == Grade.STOP ? "■ stop" : f.grade() == Grade.WATCH ? "▲ watch" : "● note";
      out.add(
          new FindingView(
              out.size() + 1,
              f.grade().name().toLowerCase(Locale.ROOT),
              mark,
              f.code(),
              f.verdict().title(),
              show.says(f.verdict()),
              show.found(f.verdict()),
              f.verdict().why(),
              f.advice(),
              f.at().flatMap(k -> plan.route().step(k)).map(Step::title).orElse(""),
              f.at().map(k -> k.path()).orElse(""),
              buttons,
              new ArrayList<>()));
    }
    return out;
  }

  /**
   * Findings with those of one cause under one another: what the same presses remove, and what goes
   * on from step to step with no press against it.
   */
  public static List<FindingView> byCause(List<FindingView> all) {
    List<FindingView> out = new ArrayList<>();
    for (FindingView f : all) {
      out.stream()
          .filter(o -> o.remedies.equals(f.remedies))
          .filter(o -> !f.remedies.isEmpty() || o.saysTheSame(f))
          .findFirst()
          .ifPresentOrElse(cause -> cause.with.add(f), () -> out.add(f));
    }
    return out;
  }

  private boolean saysTheSame(FindingView o) {
    return grade.equals(o.grade) && title.equals(o.title) && advice.equals(o.advice);
  }

  /**
   * Findings of the same cause that say the same, in one sentence.
   *
   * @param lead what they say
   * @param places where each shows, in order
   */
  public record Also(String lead, List<Place> places) {}

  /**
   * Where one of them shows.
   *
   * @param no its number on the drawing
   * @param text its numbers and step, with the stop before it
   */
  public record Place(int no, String text) {}

  /** What stands below this finding: the others of its cause, a sentence for each mistake. */
  public List<Also> also() {
    Map<String, Also> out = new LinkedHashMap<>();
    for (FindingView w : with) {
      String lead = saysTheSame(w) ? "Also" : "With it: " + StringUtils.uncapitalize(w.title) + ",";
      List<Place> places = out.computeIfAbsent(lead, x -> new Also(x, new ArrayList<>())).places;
      places.add(new Place(w.no, (places.isEmpty() ? " " : "; ") + w.place()));
    }
    return List.copyOf(out.values());
  }

  private String place() {
    String at = step.isEmpty() ? "in the design" : "at " + StringUtils.uncapitalize(step);
    return found.isEmpty() ? at : found + ", " + at;
  }

  /** Where the turner says what only the turner can know. */
  private static String link(Remedy r) {
    return r instanceof Remedy.Know know
        ? "/shop/woods/own?name=" + URLEncoder.encode(know.what().wood(), StandardCharsets.UTF_8)
        : "";
  }

  /** A remedy in words. */
  public static String label(Remedy r, Plan<?> plan, Show show) {
    if (r instanceof Remedy.SetDim set) {
      Dim d = plan.aim().dims().get(set.key());
      return d.label() + " " + show.words(d, set.to().mm());
    }
    if (r instanceof Remedy.LetGo go) {
      Dim d = plan.aim().dims().get(go.key());
      return "Let go of " + d.label() + ": then " + show.words(d, go.then().mm());
    }
    if (r instanceof Remedy.Choose choose) {
      return Stream.concat(
              plan.sketch().choices().stream(), plan.sketch().ends().stream().map(End::choice))
          .filter(c -> c.name().equals(choose.choice()))
          .flatMap(
              c -> c.options().stream().map(o -> new String[] {c.label(), o.name(), o.label()}))
          .filter(o -> o[1].equals(choose.option()))
          .map(o -> o[0] + ": " + o[2].toLowerCase(Locale.ROOT))
          .findFirst()
          .orElse(choose.option());
    }
    if (r instanceof Remedy.Together t) {
      return t.all().stream().map(x -> label(x, plan, show)).collect(Collectors.joining(", "));
    }
    if (r instanceof Remedy.Know know) {
      return "Enter the " + know.what().words();
    }
    if (r instanceof Remedy.Rehold rehold) {
      return rehold
          .by()
          .tail()
          .map(t -> Sentences.of("findingView.take-the-centre", t))
          .orElseThrow(() -> new Refused(Sentences.of("findingView.a-remedy-changes-the-tail")));
    }
    return Sentences.of("findingView.back-to-the-recipe");
  }
}
