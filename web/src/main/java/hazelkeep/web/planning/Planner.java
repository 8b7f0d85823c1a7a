package hazelkeep.web.planning;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Patience;
import hazelkeep.piece.Alternative;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Compared;
import hazelkeep.piece.Design;
import hazelkeep.piece.End;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.route.RouteEdit;
import hazelkeep.shop.Shop;
import hazelkeep.web.config.Trouble;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.ShopStore;
import hazelkeep.web.store.Stale;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Asks the core for plans and remembers the latest: a plan is a pure function of design, route
 * edits, shop and facts.
 */
@Component
public class Planner {
  private static final int REMEMBERED = 40;

  private static final DimKey UNKNOWN = new DimKey("design");

  private final ShopStore shops;
  private final RunStore runs;
  private final Cache<Object, Object> latest =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  private record PlanKey(
      String kind, Design design, List<RouteEdit> edits, Shop shop, boolean tried) {}

  /**
   * Where a run stands by what it is worked out of. A log is only ever added to, so its last entry
   * that says something of the wood stands for all of it; its fact too, for of two that are tried
   * at once only one is entered.
   */
  private record BenchKey(
      long piece, Design design, List<RouteEdit> edits, Shop shop, long last, Optional<Fact> fact) {
    static BenchKey of(
        Piece piece, Design design, List<RouteEdit> edits, Shop shop, List<Entry> log) {
      int i = log.size() - 1;
      while (i >= 0 && log.get(i).fact() instanceof Fact.Changed) {
        i--;
      }
      return i < 0
          ? new BenchKey(piece.id(), design, edits, shop, 0, Optional.empty())
          : new BenchKey(
              piece.id(), design, edits, shop, log.get(i).no(), Optional.of(log.get(i).fact()));
    }
  }

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

  /**
   * The plan of a piece in another shop.
   *
   * @throws BadDesign when it can't be planned there
   */
  public Plan<?> with(Piece piece, Shop other) {
    return with(piece.kind(), piece, other);
  }

  private static <D extends Design> Plan<D> with(Kind<D> kind, Piece piece, Shop other) {
    return Plan.of(kind, kind.type().cast(piece.design()), other, piece.edits());
  }

  /** The plan of a piece from its blank, with remedies that were tried. */
  public Plan<?> tried(Piece piece) {
    return (Plan<?>)
        remembered(
            new PlanKey(piece.kind().name(), piece.design(), piece.edits(), shop(), true),
            () -> plan(piece).withRemedies());
  }

  /** A design drawn and judged by geometry, nothing played. */
  public <D extends Design> Sketch<D> sketch(Kind<D> kind, Design design) {
    return Sketch.of(kind, kind.type().cast(design), shop(), Map.of());
  }

  /**
   * Tries whether a design can be planned from the blank, and from where its run stands.
   *
   * @throws hazelkeep.piece.BadDesign when it can't
   */
  public void tryOut(Piece piece, Design next) {
    tryOut(piece, next, piece.edits());
  }

  /**
   * The same with other changes of the route.
   *
   * @throws hazelkeep.piece.BadDesign when it can't
   */
  public void tryOut(Piece piece, Design next, List<RouteEdit> edits) {
    plan(piece.kind(), next, edits);
    if (runs.started(piece.id())) {
      bench(piece, next, edits, runs.log(piece.id()));
    }
  }

  /** A plan. */
  public Plan<?> plan(Kind<?> kind, Design design, List<RouteEdit> edits) {
    return (Plan<?>)
        remembered(
            new PlanKey(kind.name(), design, edits, shop(), false), () -> of(kind, design, edits));
  }

  private record EndKey(Object plan, String end) {}

  /** The ways to finish an end of a piece, each played from the blank. */
  @SuppressWarnings("unchecked")
  public List<Compared> compared(Piece piece, End end) {
    Object plan = new PlanKey(piece.kind().name(), piece.design(), piece.edits(), shop(), false);
    return (List<Compared>)
        remembered(new EndKey(plan, end.name()), () -> Compared.of(plan(piece), end));
  }

  private record OrdersKey(Object plan) {}

  /** Other orders of a piece's work, each played from the blank. */
  @SuppressWarnings("unchecked")
  public List<Alternative> alternatives(Piece piece) {
    Object plan = new PlanKey(piece.kind().name(), piece.design(), piece.edits(), shop(), false);
    return (List<Alternative>) remembered(new OrdersKey(plan), () -> Alternative.of(plan(piece)));
  }

  private <D extends Design> Plan<D> of(Kind<D> kind, Design design, List<RouteEdit> edits) {
    return Plan.of(kind, kind.type().cast(design), shop(), edits);
  }

  /** Where a run stands. */
  public Bench<?> bench(Piece piece) {
    return bench(piece, runs.log(piece.id()));
  }

  /**
   * Where a run stood.
   *
   * @param log its facts up to then, as they are stored
   */
  public Bench<?> bench(Piece piece, List<Entry> log) {
    return bench(piece, piece.design(), piece.edits(), log);
  }

  private Bench<?> bench(Piece piece, Design design, List<RouteEdit> edits, List<Entry> log) {
    return (Bench<?>)
        remembered(
            BenchKey.of(piece, design, edits, shop(), log),
            () -> replay(piece.kind(), design, edits, log));
  }

  /**
   * Tries where a run would stand after one more fact.
   *
   * @throws hazelkeep.piece.BadDesign when what is left can't be planned then
   */
  public void tryOut(Piece piece, Fact fact) {
    List<Entry> log = new ArrayList<>(runs.log(piece.id()));
    long no = log.isEmpty() ? 1 : log.get(log.size() - 1).no() + 1;
    log.add(new Entry(no, Instant.EPOCH, piece.version(), fact));
    bench(piece, log);
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
    Object known = latest.getIfPresent(key);
    if (known != null) {
      return known;
    }
    // Not made inside the cache: one plan asks for another.
    Object made;
    try {
      made = make.get();
    } catch (BadDesign | Patience.Lost | Stale | NotThere e) {
      throw e;
    } catch (RuntimeException e) {
      // One piece that breaks the computation takes no page of the others with it.
      throw new BadDesign(
          UNKNOWN, Sentences.of("planner.this-cant-be-worked", Trouble.logged("planning", e)));
    }
    latest.put(key, made);
    return made;
  }
}
