package hazelkeep.bench;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
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
 * A canister planned and its route rehearsed at several heights, beside the polygon differences
 * that it can't do without. Aims: below 60 ms at 300 mm, growing no faster than n log n.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 4, time = 1)
public class LengthBenchmark {
  private final Shop shop = Shop.starter();

  /** How high it is, mm. */
  @Param({"90", "150", "300"})
  private int height;

  private LiddedBox design;
  private List<HalfSection> cuts;
  private HalfSection blank;

  /** Takes the cuts out of the plan. */
  @Setup
  public void setUp() {
    design =
        LiddedBoxKind.CANISTER
            .choose(LiddedBoxKind.CANISTER.fresh(), "form", "BARREL")
            .with("outside.height", height);
    Plan<?> plan = wholePlan();
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

  /** Plan and whole rehearsal. */
  @Benchmark
  public Plan<LiddedBox> wholePlan() {
    return Plan.of(LiddedBoxKind.CANISTER, design, shop, List.of());
  }
}
