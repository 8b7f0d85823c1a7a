package hazelkeep.web.shop;

import hazelkeep.element.AddedElement;
import hazelkeep.element.Elements;
import hazelkeep.element.SizeRule;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Bound;
import hazelkeep.practice.Practice;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * The bounds of all sizes as they are shown and typed.
 *
 * @param pieces those of pieces, a size each
 * @param added those of what is added to a piece
 */
public record BoundsPage(List<Row> pieces, List<Row> added) {
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

    /** From the least that is taken anywhere to the most. */
    String usual(Unit unit) {
      double least = rules.stream().mapToDouble(Rule::least).min().orElseThrow();
      double most = rules.stream().mapToDouble(Rule::most).max().orElseThrow();
      boolean one = rules.stream().allMatch(r -> r.least() == least && r.most() == most);
      return unit.show(least) + " to " + unit.show(most) + (one ? "" : ", by the kind");
    }

    String meaning() {
      List<String> all = rules.stream().map(Rule::label).distinct().toList();
      return String.join("; ", all.subList(0, Math.min(NAMED, all.size())))
          + (all.size() > NAMED ? " …" : "");
    }

    String places() {
      return where.size() == Kinds.ALL.size()
          ? "every kind"
          : where.size() > NAMED ? where.size() + " kinds" : String.join(", ", where);
    }
  }

  /** So many names are told; of more, how many. */
  private static final int NAMED = 2;

  private static final Map<String, Known> PIECES = ofPieces();
  private static final Map<String, Known> ADDED = ofAdded();

  private static Map<String, Known> ofPieces() {
    Map<String, Known> out = new TreeMap<>();
    Kinds.ALL.forEach(k -> of(k, out));
    return out;
  }

  private static Map<String, Known> ofAdded() {
    Map<String, Known> out = new TreeMap<>();
    for (Elements.Sort sort : Elements.all()) {
      Added first = new Added(sort.key(), 1, "any");
      AddedElement e = Elements.of(first);
      for (SizeRule r : e.sizes()) {
        String name = sort.key() + r.key().path().substring(first.id().length());
        String label = r.label().replace(e.label(), e.word());
        SizeRule any = new SizeRule(r.key(), label, r.least(), r.most(), r.by());
        out.computeIfAbsent(name, n -> Known.none()).and(any.on(name), e.word());
      }
    }
    return out;
  }

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
    return new BoundsPage(
        rows(PIECES, practice, unit, typed, errors), rows(ADDED, practice, unit, typed, errors));
  }

  private static List<Row> rows(
      Map<String, Known> sizes,
      Practice practice,
      Unit unit,
      Map<String, String> typed,
      Map<String, String> errors) {
    List<Row> rows = new ArrayList<>();
    sizes.forEach(
        (name, known) -> {
          Optional<Bound> own = practice.bound(name);
          String least = own.flatMap(Bound::least).map(unit::show).orElse("");
          String most = own.flatMap(Bound::most).map(unit::show).orElse("");
          rows.add(
              new Row(
                  name,
                  known.meaning(),
                  known.places(),
                  known.usual(unit),
                  typed.getOrDefault(LEAST + name, least),
                  typed.getOrDefault(MOST + name, most),
                  errors.getOrDefault(name, "")));
        });
    return rows;
  }

  /** What is typed as a practice; bounds of sizes that no kind has any more stay. */
  static Typed read(Practice was, Map<String, String> typed, Unit unit) {
    Map<String, Bound> out = new LinkedHashMap<>();
    was.bounds().forEach(b -> out.put(b.name(), b));
    Map<String, String> errors = new LinkedHashMap<>();
    Map<String, Known> all = new TreeMap<>(PIECES);
    all.putAll(ADDED);
    all.forEach(
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
          } catch (Refused e) {
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
        throw new Refused(
            Sentences.of(
                "bounds.nothing-is-left", r.label(), unit.show(r.least()), unit.show(r.most())));
      }
    }
    return own;
  }
}
