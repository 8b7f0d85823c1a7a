package hazelkeep.bench;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Rule;
import hazelkeep.route.Act;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
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

/** One size after another changed at random, and a piece planned that nobody planned before. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class ChangeBenchmark {
  /** After so many changes one begins anew, as a turner's piece has few stated sizes. */
  private static final int CHANGES = 200;

  private static final int STATED_MOST = 8;

  private static final String RINGED = "goblet-with-five-rings";

  private final Shop shop = Shop.starter();
  private final Random random = new Random(19);

  /** The kind of piece. */
  @Param({"lidded-box", "canister", "mill", "dry-stem-vase", "lidded-jar", "goblet", RINGED})
  public String kind;

  private Changing<?> changing;
  private HalfSection blank;
  private final List<HalfSection> cuts = new ArrayList<>();

  /** A piece that is changed. */
  private static final class Changing<D extends Design> {
    private final Kind<D> kind;
    private final Shop shop;
    private final Random random;
    private final List<Rule<D>> rules;
    private final Map<DimKey, Double> usual;
    private final D fresh;
    private D design;

    Changing(Kind<D> kind, boolean ringed, Shop shop, Random random) {
      this.kind = kind;
      this.shop = shop;
      this.random = random;
      this.fresh = ringed ? Restated.with(kind.fresh(), "rings", 5) : kind.fresh();
      this.design = fresh;
      this.rules = kind.rules(design);
      this.usual = Plan.of(kind, design, shop, List.of()).aim().sizes();
    }

    /** A size stated within three parts of a hundred of what it usually is. */
    private D with(D d, DimKey key) {
      double mm = usual.get(key) * (0.97 + 0.06 * random.nextDouble());
      return kind.size(d, key, Optional.of(Size.mm(Math.round(10 * mm) / 10.0)));
    }

    Plan<D> change() {
      for (int i = 0; i < CHANGES; i++) {
        D from = design.sizes().size() > STATED_MOST ? fresh : design;
        D next = with(from, rules.get(random.nextInt(rules.size())).key());
        try {
          Plan<D> plan = Plan.of(kind, next, shop, List.of());
          design = next;
          return plan;
        } catch (hazelkeep.piece.BadDesign e) {
          design = fresh;
        }
      }
      throw new IllegalStateException("Nothing can be changed on a " + kind.title());
    }

    /** One whose every cut is another. */
    Plan<D> other() {
      double mm = usual.get(new DimKey("outside.diameter")) * (0.95 + 0.1 * random.nextDouble());
      Size wide = Size.mm(Math.round(1000 * mm) / 1000.0);
      Size faced = Size.mm(1.5 + Math.round(1000 * random.nextDouble()) / 1000.0);
      D d = kind.size(fresh, new DimKey("outside.diameter"), Optional.of(wide));
      return Plan.of(
          kind, kind.size(d, new DimKey("stick.face-foot"), Optional.of(faced)), shop, List.of());
    }

    Plan<D> usual() {
      return Plan.of(kind, fresh, shop, List.of());
    }
  }

  /** Takes the cuts of the usual piece as regions of its blank. */
  @Setup
  public void planned() {
    changing =
        new Changing<>(
            Kinds.named(kind.equals(RINGED) ? "goblet" : kind).orElseThrow(),
            kind.equals(RINGED),
            shop,
            random);
    Plan<?> plan = changing.usual();
    blank = plan.aim().blank().swept();
    for (Step step : plan.route().steps()) {
      for (Act act : step.acts()) {
        if (act instanceof Act.Remove r) {
          cuts.add(r.region());
        }
      }
    }
  }

  /** The reference: the cuts as bare differences, on wood that was never cut so before. */
  @Benchmark
  public HalfSection bareDifferences() {
    double wide = blank.maxR() - random.nextDouble();
    HalfSection wood = HalfSection.box(blank.minZ(), blank.maxZ(), 0, wide);
    for (HalfSection cut : cuts) {
      wood = wood.minus(cut);
    }
    return wood;
  }

  /** One changed size of a piece, planned whole. */
  @Benchmark
  public Plan<?> oneChangedSize() {
    return changing.change();
  }

  /** A whole plan of which nothing was worked out before. */
  @Benchmark
  public Plan<?> fromNothing() {
    return changing.other();
  }
}
