package hazelkeep.workbench;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Rounding;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.piece.StickPiece;
import hazelkeep.route.Remedy;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Changes of a design with which the finished piece lies in the wood that is left, found on the
 * wood: every size in turn is moved until nothing lacks, every option is tried.
 *
 * @param <D> the design record
 */
final class FitsWood<D extends Design> {
  /** How often a step is halved or doubled before a size is given up. */
  private static final int DOUBLED = 3;

  /** How often the span from too little to enough is halved. */
  private static final int HALVED = 8;

  private final Bench<D> bench;
  private final Plan<D> plan;
  private final Lack<D> lack;
  private final Map<Remedy, Double> moved = new LinkedHashMap<>();

  FitsWood(Bench<D> bench, List<Entry> log) {
    this.bench = bench;
    this.plan = bench.plan();
    this.lack = new Lack<>(bench, log);
  }

  /** The changes, those first that leave the most of the piece as it was; none if nothing lacks. */
  List<Remedy> changes() {
    return Patience.within(Patience.LOG, this::found);
  }

  private List<Remedy> found() {
    if (lack.now() == 0) {
      return List.of();
    }
    Set<DimKey> fixed = new HashSet<>(StickPiece.stock(plan.sketch().stick()));
    fixed.addAll(bench.readings().keySet());
    for (DimKey key : plan.aim().dims().keySet()) {
      if (!fixed.contains(key)) {
        moved(key, -lack.reach());
        moved(key, lack.reach());
      }
    }
    for (Choice c : plan.sketch().choices()) {
      c.options().stream()
          .filter(o -> !o.name().equals(c.chosen()))
          .forEach(o -> offer(new Remedy.Choose(c.name(), o.name())));
    }
    return moved.entrySet().stream()
        .sorted(Comparator.comparingDouble(Map.Entry::getValue))
        .map(Map.Entry::getKey)
        .toList();
  }

  /**
   * Moves a size one way, less far where so far can't be drawn, further as long as that helps,
   * until nothing lacks; then halfway back.
   */
  private void moved(DimKey key, double step) {
    double from = plan.aim().mm(key);
    double off = Math.max(step, -from);
    double now = lack.with(set(key, from + off));
    for (int i = 0; i < DOUBLED && Double.isInfinite(now); i++) {
      off /= 2;
      now = lack.with(set(key, from + off));
    }
    double before = lack.now();
    for (int i = 0; i < DOUBLED && 0 < now && now < before; i++) {
      before = now;
      off = Math.max(2 * off, -from);
      now = lack.with(set(key, from + off));
    }
    if (now == 0) {
      offer(least(key, from, off));
    }
  }

  /** The least move of a size with which nothing lacks, by halving. */
  private Remedy least(DimKey key, double from, double off) {
    double no = 0;
    double yes = off;
    for (int i = 0; i < HALVED; i++) {
      double middle = (no + yes) / 2;
      if (lack.with(set(key, from + middle)) == 0) {
        yes = middle;
      } else {
        no = middle;
      }
    }
    // To the tenth, less far where that will do already.
    double to = from + yes;
    Remedy near = set(key, off < 0 ? Rounding.up(to) : Rounding.down(to));
    return lack.with(near) == 0 ? near : set(key, off < 0 ? Rounding.down(to) : Rounding.up(to));
  }

  private static Remedy set(DimKey key, double mm) {
    return new Remedy.SetDim(key, Length.mm(mm));
  }

  private void offer(Remedy r) {
    if (lack.with(r) == 0) {
      moved.put(r, lack.changes(r));
    }
  }
}
