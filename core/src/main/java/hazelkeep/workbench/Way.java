package hazelkeep.workbench;

import hazelkeep.measure.Grade;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Part;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A way on from where the run stands, tried through the same play.
 *
 * @param remedy the change of the design, empty when a part is made anew
 * @param replaced the part that is made anew, empty when the design changes
 * @param stops how many findings still forbid the work
 * @param watches how many are to be watched
 */
public record Way(Optional<Remedy> remedy, Optional<String> replaced, long stops, long watches) {
  /** Ways that are tried at most. */
  public static final int MOST = 12;

  /**
   * Tries ways on, best first; only those that leave fewer stops than there are now.
   *
   * @param bench where the run stands
   * @param log all facts so far
   */
  public static <D extends Design> List<Way> on(Bench<D> bench, List<Entry> log) {
    Plan<D> plan = bench.plan();
    Kind<D> kind = plan.kind();
    Shop shop = plan.shop();
    List<RouteEdit> edits = plan.edits();
    long now = plan.stops();
    List<Way> out = new ArrayList<>();
    int tried = 0;
    for (Part part : plan.aim().parts()) {
      if (bench.now().stock(part).isEmpty()) {
        List<Entry> with = new ArrayList<>(log);
        with.add(new Entry(Long.MAX_VALUE, Instant.EPOCH, 0, bench.replaced(part.name())));
        Plan<D> then = Bench.replay(kind, plan.design(), shop, edits, with).plan();
        out.add(new Way(Optional.empty(), Optional.of(part.name()), then.stops(), then.watches()));
        tried++;
      }
    }
    Set<Remedy> candidates = new LinkedHashSet<>();
    for (Entry e : log) {
      if (e.fact() instanceof Fact.Found f) {
        candidates.addAll(kind.waysOn(plan.design(), plan.aim(), f.as()));
      }
    }
    for (Finding f : plan.findings()) {
      if (f.grade() == Grade.STOP) {
        candidates.addAll(kind.remedies(plan.design(), f, plan.aim(), shop));
      }
    }
    for (Remedy r : candidates) {
      if (tried >= MOST) {
        break;
      }
      if (r instanceof Remedy.Restore) {
        continue;
      }
      tried++;
      try {
        Plan<D> then = Bench.replay(kind, plan.changed(r), shop, edits, log).plan();
        out.add(new Way(Optional.of(r), Optional.empty(), then.stops(), then.watches()));
      } catch (hazelkeep.piece.BadDesign | IllegalArgumentException e) {
        // Can't be drawn: no way on.
      }
    }
    return out.stream()
        .filter(w -> w.stops < now)
        .sorted(Comparator.comparingLong(Way::stops).thenComparingLong(Way::watches))
        .toList();
  }
}
