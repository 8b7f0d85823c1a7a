package hazelkeep.web.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.piece.Gave;
import hazelkeep.piece.Plan;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What is customary and gave way to what was stated.
 *
 * @param sizes that gave way
 * @param because what they gave way to, in words
 */
public record GaveView(List<Row> sizes, String because) {
  /**
   * A size that gave way.
   *
   * @param key its name
   * @param href where it stands on the drawing
   * @param words what it is now and what it was, in words
   * @param custom what it is by custom, as it is typed
   */
  public record Row(String key, String href, String words, String custom) {}

  /** What gave way in a plan; of no sizes where nothing did. */
  static GaveView of(Plan<?> plan, Show show) {
    Gave gave = plan.sketch().gave();
    Map<DimKey, Dim> dims = plan.aim().dims();
    List<Row> rows = gave.sizes().stream().map(m -> row(m, dims.get(m.key()), show)).toList();
    String because =
        gave.because().stream()
            .map(dims::get)
            .map(d -> d.label().toLowerCase(Locale.ROOT) + " of " + show.value(d))
            .collect(Collectors.joining(", "));
    return new GaveView(
        rows,
        because.isEmpty()
            ? Sentences.of("gaveView.what-you-stated-needs-it")
            : Sentences.of("gaveView.your-needs-it", because));
  }

  private static Row row(Gave.Moved m, Dim now, Show show) {
    String custom = show.value(now.at(Length.mm(m.custom())));
    return new Row(
        m.key().path(),
        "#dim-" + m.key().path().replace('.', '-'),
        Sentences.of("gaveView.now-instead-of", m.label(), show.value(now), custom),
        custom);
  }
}
