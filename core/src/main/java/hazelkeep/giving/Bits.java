package hazelkeep.giving;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Design;
import hazelkeep.shop.Bit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/**
 * Solutions in which sizes that are a bit's by custom are a bit's still: a search that would move
 * one off its bits is done again with it held at its own bit and at the next ones the way it would
 * go, and what asks least is taken.
 *
 * <p>Example: a well bored 15 by 110 shall hold 18.5 ml instead of 19.5. Without bits it becomes a
 * little narrower and shallower; held at 15 it is 105 deep, at the next bit, 12, it is 163: 15 asks
 * less.
 */
final class Bits {
  /** So many bits further from what would do are tried. */
  private static final int MOST = 3;

  /** Sizes that differ by less are one, mm. */
  private static final double HAIR = 1e-9;

  private Bits() {}

  /** The solution that asks least; what was found without bits where none has one. */
  static <D extends Design> Optional<Map<DimKey, Double>> solved(Search<D> search) {
    Optional<Map<DimKey, Double>> found = search.solved();
    Optional<DimKey> off =
        found.flatMap(
            f ->
                f.keySet().stream()
                    .filter(k -> !search.pins(k) && bored(search, k) && !bit(search, f.get(k)))
                    .findFirst());
    if (off.isEmpty()) {
      return found;
    }
    List<Map<DimKey, Double>> ways = new ArrayList<>();
    for (double bit : further(search, off.get(), found.get().get(off.get()))) {
      solved(search.pinning(off.get(), bit)).ifPresent(ways::add);
    }
    return ways.stream().min((a, b) -> lessAsked(search, a, b)).or(() -> found);
  }

  /** Whether a size is one of a bit by custom. */
  static boolean bored(Search<?> search, DimKey key) {
    return Firm.bored(key) && bit(search, search.custom(key));
  }

  private static boolean bit(Search<?> search, double mm) {
    return search.trial().shop().bits().stream().anyMatch(b -> Math.abs(b.diameter() - mm) < HAIR);
  }

  /** The bit that a size is by custom, and the next ones to where it would be without bits. */
  private static List<Double> further(Search<?> search, DimKey key, double mm) {
    boolean less = mm < search.custom(key);
    List<Double> out = new ArrayList<>(List.of(search.custom(key)));
    search.trial().shop().bits().stream()
        .filter(b -> b.form() != Bit.Form.DEPTH)
        .map(Bit::diameter)
        .filter(b -> less ? b <= mm : b >= mm)
        .distinct()
        .sorted(less ? Comparator.reverseOrder() : Comparator.naturalOrder())
        .limit(MOST)
        .forEach(out::add);
    return out;
  }

  /** Which of two solutions asks less: of the firmest sizes first, by the furthest that moves. */
  private static int lessAsked(Search<?> search, Map<DimKey, Double> a, Map<DimKey, Double> b) {
    TreeSet<Double> tiers = new TreeSet<>(Comparator.reverseOrder());
    tiers.addAll(search.firmnesses());
    for (double tier : tiers) {
      int less = Double.compare(furthest(search, a, tier), furthest(search, b, tier));
      if (less != 0) {
        return less;
      }
    }
    return 0;
  }

  /** By how much of itself a size of some firmness moves at most. */
  private static double furthest(Search<?> search, Map<DimKey, Double> to, double tier) {
    return to.entrySet().stream()
        .filter(e -> search.firm(e.getKey()) == tier)
        .mapToDouble(
            e -> {
              double custom = search.custom(e.getKey());
              return LeastChange.share(custom, e.getValue() - custom);
            })
        .max()
        .orElse(0);
  }
}
