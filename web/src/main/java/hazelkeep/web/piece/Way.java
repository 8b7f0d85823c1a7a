package hazelkeep.web.piece;

import hazelkeep.giving.Fight;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Quantity;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Rule;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A stated size that would have to change, so that a design can be drawn.
 *
 * @param key the size
 * @param to what it would have to become, as it is typed; empty where it is let go of
 * @param label what the press says
 */
public record Way(String key, String to, String label) {
  /** Those of one smallest fight of stated sizes. */
  static <D extends Design> List<Way> of(Kind<D> kind, Design bad, Planner planner, Show show) {
    D design = kind.type().cast(bad);
    List<Way> out = new ArrayList<>();
    Fight.of(kind, design, planner.shop())
        .sizes()
        .forEach((key, mm) -> out.add(of(label(kind.rules(design), key), key, mm, show)));
    return out;
  }

  private static <D extends Design> String label(List<Rule<D>> rules, DimKey key) {
    return rules.stream()
        .filter(r -> r.key().equals(key))
        .map(Rule::label)
        .findFirst()
        .orElse(key.path());
  }

  private static Way of(String label, DimKey key, Optional<Double> mm, Show show) {
    boolean length = key.quantity() == Quantity.LENGTH;
    return mm.map(x -> length ? show.unit().show(x) : key.quantity().signed(Show.plain(x)))
        .map(to -> new Way(key.path(), to, label + " " + to))
        .orElseGet(() -> new Way(key.path(), "", Sentences.of("way.let-go-of", label)));
  }
}
