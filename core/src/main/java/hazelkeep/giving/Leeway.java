package hazelkeep.giving;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Quantity;
import hazelkeep.measure.Rounding;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Rule;
import hazelkeep.shop.Shop;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;

/**
 * From where to where a size may go, all else that was stated as it is and what follows following,
 * before something on the section stops.
 *
 * <p>Each end is looked for by halving between where the size is and its bound, and rounded inward
 * to a tenth, where it was tried. Example: the round-over of a lid 30 high over a recess 20 deep
 * may go from 0.3 to 7.4.
 *
 * @param least the least that still holds, mm
 * @param most the largest that still holds, mm
 * @param open whether the least is no more than the bound of what is taken from a person
 * @param free the same of the largest
 */
public record Leeway(double least, double most, boolean open, boolean free) {
  /** How often the span to a bound is halved: a metre to a tenth of a millimetre. */
  private static final int HALVED = 14;

  /** What is shown, mm. */
  private static final double SHOWN = 0.1;

  /**
   * The leeway of a size in a design.
   *
   * @return empty where something stops as it is, or the size is no length
   */
  public static <D extends Design> Optional<Leeway> of(
      Kind<D> kind, D design, Shop shop, DimKey key) {
    return key.quantity() != Quantity.LENGTH
        ? Optional.empty()
        : Patience.orElse(Patience.SIZES, () -> found(kind, design, shop, key), Optional.empty());
  }

  private static <D extends Design> Optional<Leeway> found(
      Kind<D> kind, D design, Shop shop, DimKey key) {
    Map<DimKey, Double> gave = kind.settled(design, shop).gave().to();
    Trial<D> trial = new Trial<>(kind, kind.size(design, key, Optional.empty()), shop);
    Optional<Rule<D>> rule = trial.rules().stream().filter(r -> r.key().equals(key)).findFirst();
    Dim is = kind.dims(design, shop, Map.of()).get(key);
    DoublePredicate holds =
        mm -> {
          Map<DimKey, Double> at = new LinkedHashMap<>(gave);
          at.put(key, mm);
          return trial.lacks(at, true, Grade.STOP).none();
        };
    return rule.filter(r -> holds.test(is.mm())).map(r -> between(r, is.mm(), holds));
  }

  private static Leeway between(Rule<?> rule, double is, DoublePredicate holds) {
    double least = furthest(is, rule.least(), holds);
    double most = furthest(is, rule.most(), holds);
    return new Leeway(least, most, least == rule.least(), most == rule.most());
  }

  /** The furthest from where it is to a bound that holds. */
  private static double furthest(double is, double bound, DoublePredicate holds) {
    if (holds.test(bound)) {
      return bound;
    }
    double good = is;
    double bad = bound;
    for (int i = 0; i < HALVED && Math.abs(bad - good) > SHOWN / 4; i++) {
      double middle = (good + bad) / 2;
      if (holds.test(middle)) {
        good = middle;
      } else {
        bad = middle;
      }
    }
    double shown = bound < is ? Rounding.up(good) : Rounding.down(good);
    return (bound < is) == (shown < is) && holds.test(shown) ? shown : is;
  }
}
