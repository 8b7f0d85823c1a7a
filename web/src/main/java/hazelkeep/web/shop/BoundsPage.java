package hazelkeep.web.shop;

import hazelkeep.element.Elements;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Bound;
import hazelkeep.practice.Practice;
import hazelkeep.web.drawing.CustomWords;
import hazelkeep.web.words.Sentences;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * The bounds of all sizes as they are shown and typed.
 *
 * @param rows a size each
 */
public record BoundsPage(List<Row> rows) {
  private static final String LEAST = "least:";
  private static final String MOST = "most:";

  /**
   * A size as it is shown.
   *
   * @param name of the size
   * @param meaning what it is called on the kinds that have it
   * @param where those kinds
   * @param usual its usual bounds there
   * @param least the turner's own, as typed; empty for none
   * @param most the turner's own, as typed; empty for none
   * @param error what is wrong with what was typed; empty for nothing
   */
  public record Row(
      String name,
      String meaning,
      String where,
      String usual,
      String least,
      String most,
      String error) {
    /** Whether the turner has bounds of one's own. */
    public boolean own() {
      return !least.isBlank() || !most.isBlank();
    }
  }

  /** Bounds as they were typed, and what is wrong with them. */
  public record Typed(Practice practice, Map<String, String> errors) {}

  /** A size on the kinds that have it. */
  private record Known(List<Rule<?>> rules, Set<String> where) {
    static Known none() {
      return new Known(new ArrayList<>(), new LinkedHashSet<>());
    }

    void and(Rule<?> rule, String kind) {
      rules.add(rule);
      where.add(kind);
    }

    String usual(Unit unit) {
      return rules.stream()
          .map(r -> CustomWords.span(r, unit))
          .distinct()
          .collect(Collectors.joining("; "));
    }

    String meaning() {
      return rules.stream().map(Rule::label).distinct().collect(Collectors.joining("; "));
    }
  }

  /** All sizes of all kinds, and of all that can be added. */
  private static final Map<String, Known> ALL = all();

  private static Map<String, Known> all() {
    Map<String, Known> out = new TreeMap<>();
    Kinds.ALL.forEach(k -> of(k, out));
    for (Elements.Sort sort : Elements.all()) {
      Added first = new Added(sort.key(), 1, "any");
      Elements.of(first).sizes().stream()
          .<Rule<?>>map(r -> r.on(sort.key() + r.key().path().substring(first.id().length())))
          .forEach(r -> out.computeIfAbsent(r.name(), n -> Known.none()).and(r, ADDED));
    }
    return out;
  }

  private static final String ADDED = "added to any";

  private static <D extends Design> void of(Kind<D> kind, Map<String, Known> out) {
    kind.rules(kind.fresh())
        .forEach(r -> out.computeIfAbsent(r.name(), n -> Known.none()).and(r, kind.title()));
  }

  /** The table with the turner's own bounds. */
  static BoundsPage of(Practice practice, Unit unit) {
    return of(practice, unit, Map.of(), Map.of());
  }

  /**
   * The same with what was typed.
   *
   * @param typed by field
   * @param errors by a size's name
   */
  static BoundsPage of(
      Practice practice, Unit unit, Map<String, String> typed, Map<String, String> errors) {
    List<Row> rows = new ArrayList<>();
    ALL.forEach(
        (name, known) -> {
          Optional<Bound> own = practice.bound(name);
          String least = own.flatMap(Bound::least).map(unit::show).orElse("");
          String most = own.flatMap(Bound::most).map(unit::show).orElse("");
          rows.add(
              new Row(
                  name,
                  known.meaning(),
                  String.join(", ", known.where()),
                  known.usual(unit),
                  typed.getOrDefault(LEAST + name, least),
                  typed.getOrDefault(MOST + name, most),
                  errors.getOrDefault(name, "")));
        });
    return new BoundsPage(rows);
  }

  /** What is typed as a practice; bounds of sizes that no kind has any more stay. */
  static Typed read(Practice was, Map<String, String> typed, Unit unit) {
    Map<String, Bound> out = new LinkedHashMap<>();
    was.bounds().forEach(b -> out.put(b.name(), b));
    Map<String, String> errors = new LinkedHashMap<>();
    ALL.forEach(
        (name, known) -> {
          if (!typed.containsKey(LEAST + name) && !typed.containsKey(MOST + name)) {
            return;
          }
          try {
            Optional<Bound> own = was.bound(name);
            Optional<Double> least = value(typed, LEAST + name, own.flatMap(Bound::least), unit);
            Optional<Double> most = value(typed, MOST + name, own.flatMap(Bound::most), unit);
            out.remove(name);
            if (least.isPresent() || most.isPresent()) {
              out.put(name, sane(new Bound(name, least, most), known, unit));
            }
          } catch (IllegalArgumentException e) {
            errors.put(name, e.getMessage());
          }
        });
    return new Typed(was.bounded(List.copyOf(out.values())), errors);
  }

  /** A field that is left as it was shown keeps its very value. */
  private static Optional<Double> value(
      Map<String, String> typed, String field, Optional<Double> own, Unit unit) {
    String text = typed.getOrDefault(field, "").strip();
    if (text.isEmpty() || text.equals(own.map(unit::show).orElse(""))) {
      return text.isEmpty() ? Optional.empty() : own;
    }
    boolean below = text.startsWith("-") || text.startsWith("−");
    double mm = SizeText.parse(below ? text.substring(1) : text, unit).mm();
    return Optional.of(Rounding.to(below ? -mm : mm, 3));
  }

  private static Bound sane(Bound own, Known known, Unit unit) {
    for (Rule<?> r : known.rules()) {
      if (!own.leaves(r.least(), r.most())) {
        throw new IllegalArgumentException(
            Sentences.of(
                "bounds.nothing-is-left", r.label(), unit.show(r.least()), unit.show(r.most())));
      }
    }
    return own;
  }
}
