package hazelkeep.workbench;

import hazelkeep.piece.AsFound;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.route.RouteEdit;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * Logs from before a fact held all that it says of the wood: how the work was held, where the parts
 * lay, what a reading moved. They are made whole once, by the design that was in force at each
 * fact; from then on they need neither recipe nor design.
 */
public final class Older {
  private Older() {}

  /**
   * A version of a design.
   *
   * @param <D> the design record
   * @param design the design
   * @param edits the turner's changes of the route
   */
  public record Version<D extends Design>(D design, List<RouteEdit> edits) {}

  /** Whether a fact lacks what later ones hold. */
  public static boolean lacks(Fact fact) {
    if (fact instanceof Fact.Done d) {
      return !d.where().said();
    }
    if (fact instanceof Fact.Reading r) {
      return !r.where().said();
    }
    if (fact instanceof Fact.Found f) {
      return !f.where().said();
    }
    return fact instanceof Fact.Replaced r && !r.where().said();
  }

  /**
   * A log with every fact whole; those that are so already stay as they are. Where the design of a
   * time can't be drawn any more the rest stays as it was.
   *
   * @param versions designs by their version numbers
   */
  public static <D extends Design> List<Entry> whole(
      Kind<D> kind, IntFunction<Version<D>> versions, Shop shop, List<Entry> log) {
    if (log.stream().noneMatch(e -> lacks(e.fact()))) {
      return log;
    }
    List<Entry> out = new ArrayList<>();
    Replay<D> replay = null;
    int version = 0;
    try {
      for (Entry e : log) {
        if (replay == null || version != e.designVersion()) {
          version = e.designVersion();
          replay = Replay.of(kind, versions.apply(version).design(), shop, out);
        }
        Fact fact = e.fact();
        if (lacks(fact)) {
          Version<D> v = versions.apply(version);
          Standing<D> then = new Standing<>(kind, v.design(), shop, v.edits(), replay);
          fact = whole(fact, new Notes<>(then));
        } else if (fact instanceof Fact.Changed c && c.before() == 0 && !out.isEmpty()) {
          fact = new Fact.Changed(c.version(), out.get(out.size() - 1).designVersion());
        }
        Entry now = new Entry(e.no(), e.at(), e.designVersion(), fact);
        out.add(now);
        replay.take(now);
        replay = fact instanceof Fact.Withdrawn ? null : replay;
      }
    } catch (BadDesign e) {
      out.addAll(log.subList(out.size(), log.size()));
    }
    return out;
  }

  private static Fact whole(Fact fact, Notes<?> then) {
    if (fact instanceof Fact.Done d) {
      return then.whole(d);
    }
    if (fact instanceof Fact.Reading r) {
      return then.read(r.what(), r.gauge(), r.shown(), r.truth(), true);
    }
    if (fact instanceof Fact.Found f) {
      // A flaw was turned off all round then, whatever it was.
      AsFound as = f.as().what() == AsFound.What.FLAW ? f.as().allRound() : f.as();
      return new Fact.Found(
          as, f.gone(), f.words(), f.dims(), then.where(f.dims()), f.now(), f.reaches());
    }
    Fact.Replaced r = (Fact.Replaced) fact;
    return new Fact.Replaced(r.part(), r.stock(), r.dims(), then.where(r.dims()), r.raw());
  }
}
