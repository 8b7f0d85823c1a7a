package hazelkeep.giving;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The largest piece that a blank gives, in the proportions of its kind: every custom of its form
 * and its hollow that follows from no other size grows by one factor, what follows from them
 * follows, and walls, joints and what is bought stay as they are.
 *
 * <p>The factor is looked for by halving between 1 and {@value #MOST}: it grows as long as nothing
 * stops on the section. Example: a goblet 150 high in a blank of 250 x 90 becomes 232 high.
 */
public final class Largest {
  /** No piece becomes more than so many times as large. */
  private static final double MOST = 8;

  /** How often the span of the factor is halved: to a hundredth. */
  private static final int HALVED = 10;

  private static final Set<Line> GROW = Set.of(Line.FIRM_HOLLOW, Line.FIRM_OUTSIDE);

  private Largest() {}

  /** The design as large as its blank gives; itself where it can't be larger. */
  public static <D extends Design> D of(Kind<D> kind, D design, Shop shop) {
    Trial<D> trial = new Trial<>(kind, design, shop);
    Optional<Map<DimKey, Dim>> dims = trial.dims();
    List<Rule<D>> grow =
        dims.map(d -> trial.rules().stream().filter(r -> grows(r, d)).toList()).orElse(List.of());
    double least = 1;
    double most = MOST;
    for (int i = 0; i < HALVED && !grow.isEmpty(); i++) {
      double middle = (least + most) / 2;
      Map<DimKey, Double> at = by(middle, grow, dims.orElseThrow(), shop);
      if (trial.lacks(at, true, Grade.STOP).none()) {
        least = middle;
      } else {
        most = middle;
      }
    }
    D out = design;
    if (least > 1) {
      for (Map.Entry<DimKey, Double> e : by(least, grow, dims.orElseThrow(), shop).entrySet()) {
        out = kind.size(out, e.getKey(), Optional.of(Size.mm(e.getValue())));
      }
    }
    return out;
  }

  private static boolean grows(Rule<?> r, Map<DimKey, Dim> dims) {
    Dim d = dims.get(r.key());
    return Firm.moves(r.key(), false, false)
        && GROW.contains(Firm.of(r.key()))
        && d.from().isEmpty()
        && d.mm() > 0
        && d.origin() != Origin.WISHED;
  }

  private static <D extends Design> Map<DimKey, Double> by(
      double factor, List<Rule<D>> grow, Map<DimKey, Dim> dims, Shop shop) {
    Map<DimKey, Double> out = new LinkedHashMap<>();
    for (Rule<D> r : grow) {
      double mm = Rounding.to(r.clamp(factor * dims.get(r.key()).mm()), 1);
      out.put(r.key(), Firm.bored(r.key()) ? bit(mm, dims.get(r.key()).mm(), shop) : mm);
    }
    return out;
  }

  /** The widest bit that is no wider than a size, and no narrower than it is now. */
  private static double bit(double mm, double now, Shop shop) {
    return shop.bits().stream().mapToDouble(b -> b.diameter()).filter(b -> b <= mm).max().stream()
        .map(b -> Math.max(b, now))
        .findFirst()
        .orElse(now);
  }
}
