package hazelkeep.web.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Contradictions;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A stated size that could go, so that a design can be drawn.
 *
 * @param key the size
 * @param label what the press says
 */
public record Way(String key, String label) {
  /** All of them, each with what the size would become. */
  static <D extends Design> List<Way> of(Kind<D> kind, Design bad, Planner planner, Show show) {
    D design = kind.type().cast(bad);
    List<Way> out = new ArrayList<>();
    new Contradictions<>(kind, design, planner.shop())
        .ways()
        .forEach((key, mm) -> out.add(of(kind, design, key, mm, planner, show)));
    return out;
  }

  private static <D extends Design> Way of(
      Kind<D> kind, D design, DimKey key, double mm, Planner planner, Show show) {
    D then = kind.size(design, key, Optional.empty());
    Dim d = planner.sketch(kind, then).aim().dims().get(key);
    return new Way(key.path(), "Let go of " + d.label() + ": then " + show.words(d, mm));
  }
}
