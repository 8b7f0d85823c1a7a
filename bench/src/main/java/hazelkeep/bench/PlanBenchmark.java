package hazelkeep.bench;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Act;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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
 * A box planned and its whole route rehearsed, beside the polygon differences that it can't do
 * without. Aims: cuts and checks below 10 ms, with reach below 40 ms, a sketch below 3 ms.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
public class PlanBenchmark {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Shop.starter();
  private final Shop noTools = shop.withTools(List.of());

  /** Which half carries the spigot, and the line of the outside. */
  @Param({"LID_OVER STRAIGHT", "LID_IN BARREL"})
  private String box;

  private LiddedBox design;
  private List<HalfSection> cuts;
  private HalfSection blank;

  /** Draws the box, and takes its cuts out of the plan. */
  @Setup
  public void setUp() {
    String[] words = box.split(" ");
    design = kind.choose(LiddedBox.fresh(), "school", words[0]);
    design = kind.choose(design, "form", words[1]);
    Plan<LiddedBox> plan = Plan.of(kind, design, shop, List.of());
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

  /** The design drawn and judged by geometry: what is answered while a point is dragged. */
  @Benchmark
  public Sketch<LiddedBox> sketch() {
    return Sketch.of(kind, design, shop, Map.of());
  }

  /**
   * Plan and whole rehearsal in a shop without tools: cuts and checks, but nothing to reach with.
   */
  @Benchmark
  public Plan<LiddedBox> cutsAndChecks() {
    return Plan.of(kind, design, noTools, List.of());
  }

  /** Plan and whole rehearsal, reach and last chances included. */
  @Benchmark
  public Plan<LiddedBox> wholePlan() {
    return Plan.of(kind, design, shop, List.of());
  }
}
