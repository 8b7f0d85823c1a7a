package hazelkeep.web.planning;

import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.RouteEdit;
import hazelkeep.shop.Shop;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.ShopStore;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Asks the core for plans and remembers the latest: a plan is a pure function of design, route
 * edits, shop and facts.
 */
@Component
public class Planner {
  private static final int REMEMBERED = 40;

  private final ShopStore shops;
  private final RunStore runs;
  private final Map<Object, Object> latest =
      new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Object, Object> eldest) {
          return size() > REMEMBERED;
        }
      };

  private record PlanKey(String kind, Design design, List<RouteEdit> edits, boolean tried) {}

  private record BenchKey(long piece, int version, long last) {}

  /** With the shop and the runs it plans for. */
  public Planner(ShopStore shops, RunStore runs) {
    this.shops = shops;
    this.runs = runs;
  }

  /** The shop. */
  public Shop shop() {
    return shops.shop();
  }

  /** The plan of a piece from its blank. */
  public Plan<?> plan(Piece piece) {
    return plan(piece.kind(), piece.design(), piece.edits());
  }

  /** The plan of a piece from its blank, with remedies that were tried. */
  public Plan<?> tried(Piece piece) {
    return (Plan<?>)
        remembered(
            new PlanKey(piece.kind().name(), piece.design(), piece.edits(), true),
            () -> plan(piece).withRemedies());
  }

  /** A plan. */
  public Plan<?> plan(Kind<?> kind, Design design, List<RouteEdit> edits) {
    return (Plan<?>)
        remembered(new PlanKey(kind.name(), design, edits, false), () -> of(kind, design, edits));
  }

  private <D extends Design> Plan<D> of(Kind<D> kind, Design design, List<RouteEdit> edits) {
    return Plan.of(kind, kind.type().cast(design), shop(), edits);
  }

  /** Where a run stands. */
  public Bench<?> bench(Piece piece) {
    List<Entry> log = runs.log(piece.id());
    long last = log.isEmpty() ? 0 : log.get(log.size() - 1).no();
    return (Bench<?>)
        remembered(
            new BenchKey(piece.id(), piece.version(), last),
            () -> replay(piece.kind(), piece.design(), piece.edits(), log));
  }

  /** Where a run would stand after other facts. */
  public Bench<?> bench(Piece piece, List<Entry> log) {
    return replay(piece.kind(), piece.design(), piece.edits(), log);
  }

  private <D extends Design> Bench<D> replay(
      Kind<D> kind, Design design, List<RouteEdit> edits, List<Entry> log) {
    return Bench.replay(kind, kind.type().cast(design), shop(), edits, log);
  }

  /** The plan in force: from where the run stands, if there is one, else from the blank. */
  public Plan<?> current(Piece piece) {
    return runs.started(piece.id()) ? bench(piece).plan() : plan(piece);
  }

  private Object remembered(Object key, Supplier<Object> make) {
    synchronized (latest) {
      Object known = latest.get(key);
      if (known != null) {
        return known;
      }
    }
    Object made = make.get();
    synchronized (latest) {
      latest.put(key, made);
    }
    return made;
  }
}
