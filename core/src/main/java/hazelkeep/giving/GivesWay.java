package hazelkeep.giving;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Patience;
import hazelkeep.piece.Design;
import hazelkeep.piece.Gave;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Settled;
import hazelkeep.piece.Sketch;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Finds which customs give way to what was stated, where with the customs as they are a design
 * can't be drawn or would stop by its geometry.
 *
 * <p>What lacks is a number each ({@link Trial}). Every custom that may move ({@link Firm}) is
 * moved a little and what each lack does is its factor; the least change with which by those
 * factors nothing lacks ({@link LeastChange}) is drawn, and where something still lacks, it is done
 * again from there. What is drawn decides: a change is taken only when nothing lacks on its
 * section.
 */
public final class GivesWay {
  private GivesWay() {}

  /** What gives way in a design. */
  public static <D extends Design> Settled<D> of(Kind<D> kind, D design, Shop shop) {
    Trial<D> trial = new Trial<>(kind, design, shop);
    Optional<Sketch<D>> plain = trial.drawn(Map.of());
    if (plain.filter(s -> !Trial.stops(s)).isPresent() || shop.custom(Line.FIRM_GIVES) <= 1) {
      return new Settled<>(Gave.NONE, plain);
    }
    Gave gave =
        Patience.orElse(
            Patience.SIZES,
            () -> trial.dims().map(c -> found(trial, c, plain.isEmpty())).orElse(Gave.NONE),
            Gave.NONE);
    return new Settled<>(gave, plain);
  }

  /**
   * The nearest to what was stated that a size would have to become, all else that was stated as it
   * is and customs giving way as far as they may.
   *
   * @param key a stated size
   * @return mm; empty where no such value was found
   */
  static <D extends Design> Optional<Double> nearest(Trial<D> stated, DimKey key) {
    D free = stated.kind().size(stated.design(), key, Optional.empty());
    Trial<D> trial = new Trial<>(stated.kind(), free, stated.shop());
    Optional<Rule<D>> rule = trial.rules().stream().filter(r -> r.key().equals(key)).findFirst();
    if (rule.isEmpty()) {
      return Optional.empty();
    }
    double wish = rule.get().clamp(stated.design().sizes().get(key).mm());
    return Reach.down(trial).stream()
        .flatMap(r -> nearest(trial, r, Map.of(key, wish)).stream())
        .map(at -> at.get(key))
        .filter(mm -> can(stated.with(key, mm)))
        .findFirst();
  }

  private static <D extends Design> Optional<Map<DimKey, Double>> nearest(
      Trial<D> trial, Reach reach, Map<DimKey, Double> wished) {
    return Patience.orElse(
        Patience.SIZES,
        () -> trial.dims().flatMap(c -> new Search<>(trial, c, reach, Map.of(), wished).solved()),
        Optional.empty());
  }

  /** Whether customs can give way so that nothing stops. */
  static boolean can(Trial<?> trial) {
    return Patience.orElse(
        Patience.SIZES,
        () -> trial.lacks(Map.of(), true, Grade.STOP).none() || found(trial),
        false);
  }

  private static <D extends Design> boolean found(Trial<D> trial) {
    return Stream.of(false, true)
        .anyMatch(
            looks ->
                trial
                    .dims()
                    .flatMap(
                        c ->
                            new Search<>(trial, c, Reach.widest(trial, looks), Map.of(), Map.of())
                                .solved())
                    .isPresent());
  }

  /**
   * What gives way so that nothing lacks; what can be drawn at all where that can't be had.
   *
   * @param any whether what can be drawn and would stop is better than nothing
   */
  private static <D extends Design> Gave found(
      Trial<D> trial, Map<DimKey, Dim> customs, boolean any) {
    Optional<Map<DimKey, Double>> drawn = Optional.empty();
    boolean can = false;
    for (Reach reach : Reach.all(trial)) {
      Search<D> way = new Search<>(trial, customs, reach, Map.of(), Map.of());
      Optional<Map<DimKey, Double>> to = Bits.solved(way);
      if (to.isPresent()) {
        return gave(trial, customs, way.back(to.get()));
      }
      drawn = drawn.or(() -> way.drawn());
      can = can || can(trial);
      if (!can) {
        break;
      }
    }
    return drawn.filter(d -> any).map(d -> gave(trial, customs, d)).orElse(Gave.NONE);
  }

  private static <D extends Design> Gave gave(
      Trial<D> trial, Map<DimKey, Dim> customs, Map<DimKey, Double> to) {
    List<Gave.Moved> moved = new ArrayList<>();
    to.forEach(
        (k, mm) -> {
          Dim was = customs.get(k);
          moved.add(new Gave.Moved(k, was.label(), was.mm(), mm));
        });
    return new Gave(moved, trial.because());
  }
}
