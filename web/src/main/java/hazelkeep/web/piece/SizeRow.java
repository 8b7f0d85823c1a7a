package hazelkeep.web.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sum;
import hazelkeep.piece.Sums;
import hazelkeep.practice.Custom;
import hazelkeep.practice.Line;
import hazelkeep.web.drawing.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A size with where it comes from.
 *
 * @param key its name
 * @param label in the trade's words
 * @param href where it stands on the drawing; empty where it does not
 * @param value in the unit chosen
 * @param other in the other unit
 * @param origin where it comes from
 * @param reason the rule in words
 * @param sum what it adds up from, in the order in which it is read; empty where it is no sum
 * @param from the sizes that it follows from where it is no sum, in words
 * @param moves the sizes that follow from it, in words
 */
public record SizeRow(
    String key,
    String label,
    String href,
    String value,
    String other,
    String origin,
    String reason,
    List<Term> sum,
    String from,
    String moves) {
  /**
   * One term of a sum.
   *
   * @param sign what stands before it
   * @param words what it is, with its number
   * @param href where that comes from; empty for nowhere
   * @param title what the place says; may be empty
   */
  public record Term(String sign, String words, String href, String title) {}

  /** All sizes of a plan, in the order in which the piece is put together. */
  static List<SizeRow> of(Plan<?> plan, Map<DimKey, Double> readings, Show show) {
    return rows(plan, readings, show);
  }

  private static <D extends Design> List<SizeRow> rows(
      Plan<D> plan, Map<DimKey, Double> readings, Show show) {
    Map<DimKey, Dim> dims = plan.aim().dims();
    Kind<D> kind = plan.kind();
    Map<DimKey, Sum> sums = Sums.of(kind, plan.design(), plan.shop(), readings);
    Set<DimKey> drawn =
        plan.sketch().measures().stream()
            .filter(Measure::hangs)
            .map(Measure::key)
            .collect(Collectors.toSet());
    Sizes at = new Sizes(dims, drawn);
    List<SizeRow> out = new ArrayList<>();
    for (Rule<D> rule : kind.rules(plan.design())) {
      Dim d = dims.get(rule.key());
      Sum sum = sums.get(rule.key());
      List<Term> terms = sum == null ? List.of() : terms(sum, d, at, show);
      out.add(
          new SizeRow(
              d.key().path(),
              d.label(),
              href(d.key(), drawn),
              show.value(d),
              show.other(d),
              d.origin().words(),
              d.reason(),
              terms,
              terms.isEmpty() ? from(d, dims, show) : "",
              moves(d, dims)));
    }
    return List.copyOf(out);
  }

  private static String href(DimKey key, Set<DimKey> drawn) {
    return drawn.contains(key) ? "#dim-" + key.path().replace('.', '-') : "";
  }

  /** The sizes of a piece, and which of them stand on its drawing. */
  private record Sizes(Map<DimKey, Dim> dims, Set<DimKey> drawn) {}

  private static List<Term> terms(Sum sum, Dim of, Sizes at, Show show) {
    List<Term> out = new ArrayList<>();
    for (Sum.Term t : sum.terms()) {
      String sign = t.factor() < 0 ? "−" : out.isEmpty() ? "=" : "+";
      double factor = Math.abs(t.factor());
      String times = factor == 1 ? "" : Custom.plain(factor) + " × ";
      if (t.size().isPresent()) {
        Dim d = at.dims.get(t.size().get());
        String words = times + d.label().toLowerCase(Locale.ROOT) + " " + show.number(d, d.mm());
        out.add(new Term(sign, words, href(d.key(), at.drawn), ""));
      } else {
        Line line = t.line().orElseThrow();
        String words = show.number(of, factor * t.value()) + " by practice";
        out.add(new Term(sign, words, "/shop/practice#" + line.key(), line.text().meaning()));
      }
    }
    if (sum.rest() != 0) {
      String words = show.number(of, Math.abs(sum.rest())) + " from shop, wood or content";
      out.add(new Term(sum.rest() < 0 ? "−" : "+", words, "", ""));
    }
    return out;
  }

  private static String moves(Dim d, Map<DimKey, Dim> dims) {
    return dims.values().stream()
        .filter(other -> other.from().contains(d.key()))
        .map(other -> other.label().toLowerCase(Locale.ROOT))
        .collect(Collectors.joining(", "));
  }

  private static String from(Dim d, Map<DimKey, Dim> dims, Show show) {
    return d.from().stream()
        .map(dims::get)
        .filter(f -> f != null)
        .map(f -> f.label().toLowerCase(Locale.ROOT) + " " + show.value(f))
        .collect(Collectors.joining(", "));
  }
}
