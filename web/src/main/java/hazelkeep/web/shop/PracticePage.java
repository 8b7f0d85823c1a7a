package hazelkeep.web.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.practice.Custom;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.web.drawing.CustomWords;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * The table of Practice as it is shown and typed.
 *
 * @param groups its lines by what they are about
 */
public record PracticePage(List<Group> groups) {
  private static final Map<String, String> TITLES =
      Map.ofEntries(
          Map.entry("hold", "Holding"),
          Map.entry("stiff", "Stiffness"),
          Map.entry("speed", "Speeds"),
          Map.entry("bore", "Boring"),
          Map.entry("fit", "Fits"),
          Map.entry("sneak", "Sneaking up on a fit"),
          Map.entry("cure", Sentences.of("practicePage.when-a-fit-is-too")),
          Map.entry("season", "Wood and the seasons"),
          Map.entry("play", "Practice runs and simulated instruments"),
          Map.entry("read", Sentences.of("practicePage.how-close-a-size-has")),
          Map.entry("setout", Sentences.of("practicePage.what-a-step-is-set")),
          Map.entry("route", "The order of work"),
          Map.entry("stock", "Blank, kerf and foot"),
          Map.entry("tail", "Starting with the tailstock up"),
          Map.entry("wall", "Walls and floors"),
          Map.entry("content", "What goes in"),
          Map.entry("turn", "What is left for later"),
          Map.entry("form", "Proportions"),
          Map.entry("box", "Usual sizes of lidded boxes"),
          Map.entry("vessel", "Usual sizes of bored vessels"),
          Map.entry("case", "Usual sizes of bored cases"),
          Map.entry("mill", Sentences.of("practicePage.usual-sizes-of-mills-and")),
          Map.entry("house", "Usual sizes of little houses"),
          Map.entry("jar", "Usual sizes of jars"),
          Map.entry("goblet", "Usual sizes of goblets"),
          Map.entry("ring", "Captive rings"),
          Map.entry("handle", "Usual sizes of handles"),
          Map.entry("paper", "What is printed"),
          Map.entry("seam", Sentences.of("practicePage.blanks-glued-up-of-two")),
          Map.entry("lid", "Lids for vessels that exist"),
          Map.entry("finial", Sentences.of("practicePage.finials-and-knobs-of-their")),
          Map.entry("inlay", Sentences.of("practicePage.rings-discs-and-collars-of")),
          Map.entry("insert", "Threaded pairs"),
          Map.entry("strip", "Strips along the grain"),
          Map.entry("advice", "Ways out that are offered"),
          Map.entry("firm", "What gives way"),
          Map.entry("detail", Sentences.of("practicePage.lines-beads-coves-holes-and")));

  /** Lines about one thing. */
  public record Group(String key, String title, List<Row> rows) {}

  /**
   * A line as it is shown.
   *
   * @param key its name
   * @param meaning what it is
   * @param unit as it is typed
   * @param usual its usual value in that unit
   * @param value the turner's own, as typed; empty for none
   * @param own whether there is one
   * @param there what is stored, where something else was typed; empty else
   * @param source how it is known, and who says so
   * @param error what is wrong with what was typed; empty for nothing
   */
  public record Row(
      String key,
      String meaning,
      String unit,
      String usual,
      String value,
      boolean own,
      String there,
      String source,
      String error) {
    /** The same where something else is stored than was typed. */
    Row over(String stored) {
      return new Row(key, meaning, unit, usual, value, own, stored, source, error);
    }
  }

  /** Values as they were typed, and what is wrong with them. */
  public record Typed(Practice practice, Map<String, String> errors) {}

  /** The table with the turner's own values. */
  static PracticePage of(Practice practice, Unit unit) {
    return of(practice, unit, Map.of(), Map.of());
  }

  /**
   * The same with what was typed.
   *
   * @param typed by a line's name
   * @param errors by a line's name
   */
  static PracticePage of(
      Practice practice, Unit unit, Map<String, String> typed, Map<String, String> errors) {
    Map<String, List<Row>> groups = new LinkedHashMap<>();
    for (Line line : Line.values()) {
      String own =
          practice.own(line).stream()
              .mapToObj(v -> CustomWords.number(line, v, unit))
              .findFirst()
              .orElse("");
      String value = typed.getOrDefault(line.key(), own);
      String there = value.strip().equals(own) ? "" : own.isEmpty() ? "the usual" : own;
      Row row = row(line, unit, value, errors.getOrDefault(line.key(), ""));
      groups.computeIfAbsent(line.group(), g -> new ArrayList<>()).add(row.over(there));
    }
    return new PracticePage(
        groups.entrySet().stream()
            .map(
                e ->
                    new Group(
                        e.getKey(), TITLES.getOrDefault(e.getKey(), e.getKey()), e.getValue()))
            .toList());
  }

  /** One line with a value. */
  static Row row(Line line, Unit unit, String value, String error) {
    Line.Text t = line.text();
    return new Row(
        line.key(),
        t.meaning(),
        CustomWords.word(line, unit),
        CustomWords.number(line, t.value(), unit),
        value,
        !value.isBlank(),
        "",
        t.origin() + ": " + t.source(),
        error);
  }

  /** What is typed as a practice; a line that is left as it was shown keeps its very value. */
  static Typed read(Practice was, Map<String, String> typed, Unit unit) {
    Practice out = was;
    Map<String, String> errors = new LinkedHashMap<>();
    for (Line line : Line.values()) {
      String text = typed.getOrDefault(line.key(), "").strip();
      OptionalDouble own = was.own(line);
      String shown = own.isPresent() ? CustomWords.number(line, own.getAsDouble(), unit) : "";
      if (!typed.containsKey(line.key()) || text.equals(shown)) {
        continue;
      }
      try {
        out =
            out.with(
                line,
                text.isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(value(line, text, unit)));
      } catch (Refused e) {
        errors.put(line.key(), e.getMessage());
      }
    }
    return new Typed(out, errors);
  }

  private static double value(Line line, String text, Unit unit) {
    if (CustomWords.length(line)) {
      boolean below = text.startsWith("-") || text.startsWith("−");
      double mm = SizeText.parse(below ? text.substring(1) : text, unit).mm();
      return below ? -mm : mm;
    }
    try {
      double v = Double.parseDouble(text.replace(',', '.').replace('−', '-'));
      if (Double.isFinite(v)) {
        return v;
      }
    } catch (NumberFormatException e) {
      // said below
    }
    throw new Refused(
        Sentences.of(
            "practicePage.a-number-in-is-expected",
            line.text().unit(),
            Custom.plain(line.text().value())));
  }
}
