package hazelkeep.bench;

import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.goblet.Goblet;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Act;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Every kind planned as it starts, and a vase hollowed through its mouth, beside the polygon
 * differences that each can't do without. Aim: a whole plan below 50 ms.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 4, time = 1)
public class KindBenchmark {
  private static final String RIGGED = "dry-stem-vase-rigged";
  private static final String RINGED = "goblet-with-five-rings";
  private static final String FILLED = "goblet-of-120-ml";

  private final Shop shop = Shop.starter();

  /** Which kind. */
  @Param({
    "lidded-box",
    "canister",
    "straight-well",
    "dry-stem-vase",
    RIGGED,
    "needle-case",
    "mill",
    "shaker",
    "hanging-house",
    "lidded-jar",
    "goblet",
    RINGED,
    FILLED
  })
  private String piece;

  private Planned<?> planned;
  private List<HalfSection> cuts;
  private HalfSection blank;

  /** A kind with a design of it. */
  private record Planned<D extends Design>(Kind<D> kind, D design) {
    static <D extends Design> Planned<D> fresh(Kind<D> kind, String piece) {
      D d = kind.fresh();
      return new Planned<>(
          kind,
          switch (piece) {
            case RIGGED -> kind.choose(d, "inside", "RIGGED");
            case RINGED -> Restated.with(d, "rings", 5);
            case FILLED ->
                Restated.with(
                    d,
                    "content",
                    Optional.of(new Goblet.Content(Optional.of(120.0), Optional.empty())));
            default -> d;
          });
    }

    Plan<D> plan(Shop shop) {
      return Plan.of(kind, design, shop, List.of());
    }

    Sketch<D> sketch(Shop shop) {
      return Sketch.of(kind, design, shop, Map.of());
    }
  }

  /** Takes the cuts out of the plan. */
  @Setup
  public void setUp() {
    String name =
        switch (piece) {
          case RIGGED -> "dry-stem-vase";
          case RINGED, FILLED -> "goblet";
          default -> piece;
        };
    planned = Planned.fresh(Kinds.named(name).orElseThrow(), piece);
    Plan<?> plan = planned.plan(shop);
    blank = plan.aim().blank().sound();
    cuts = new ArrayList<>();
    for (Step step : plan.route().steps()) {
      for (Act act : step.acts()) {
        if (act instanceof Act.Remove r) {
          cuts.add(r.region());
        }
      }
    }
  }

  /** The reference: every cut as a bare polygon difference on the whole section. */
  @Benchmark
  public HalfSection bareDifferences() {
    HalfSection wood = blank;
    for (HalfSection cut : cuts) {
      wood = wood.minus(cut);
    }
    return wood;
  }

  /** What is answered while a point is dragged. */
  @Benchmark
  public Sketch<?> sketch() {
    return planned.sketch(shop);
  }

  /** Plan and whole rehearsal. */
  @Benchmark
  public Plan<?> wholePlan() {
    return planned.plan(shop);
  }
}
