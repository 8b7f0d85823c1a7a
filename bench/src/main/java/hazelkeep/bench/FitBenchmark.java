package hazelkeep.bench;

import hazelkeep.air.Climate;
import hazelkeep.air.Climates;
import hazelkeep.air.Movement;
import hazelkeep.air.Rings;
import hazelkeep.fit.Aimed;
import hazelkeep.fit.FitClass;
import hazelkeep.fit.Next;
import hazelkeep.fit.Seen;
import hazelkeep.fit.SneakUp;
import hazelkeep.practice.Practice;
import hazelkeep.practise.FitRun;
import hazelkeep.practise.Hands;
import hazelkeep.practise.Manner;
import hazelkeep.season.Half;
import hazelkeep.season.Pairing;
import hazelkeep.season.Year;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A joint's year, a step of sneaking up, and ten thousand simulated turners. Aims: below 2 ms, 1 ms
 * and 200 ms. The reference is what the year can't do without: as many products of two shares.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
public class FitBenchmark {
  private static final int TURNERS = 10_000;

  private final Climate home = Climates.SHIPPED.all().get(0);
  private final Half lid = new Half(new Movement(4.8, 9.9, 30), 10, Rings.STRAIGHT, 20);
  private final Half body = new Half(new Movement(3.7, 7.1, 30), 9, new Rings(3, 25), 20);
  private final Pairing joint = new Pairing(45, 0.08, lid, body, FitClass.SUCTION);
  private final Aimed aimed = new Aimed(FitClass.SUCTION, 45, 45.8, 8, false, 0.3, Practice.USUAL);
  private final SneakUp before =
      SneakUp.of(
          aimed,
          List.of(
              new Seen(Seen.What.RECESS, 45.02),
              new Seen(Seen.What.ROOT, 45.4),
              new Seen(Seen.What.CUT, 0.3)));

  /** 365 days in 72 directions. */
  @Benchmark
  public Year year() {
    return Year.of(joint, home);
  }

  /** The products alone. */
  @Benchmark
  public double productsOfAYear() {
    double sum = 0;
    for (int d = 0; d < Climate.DAYS; d++) {
      for (int a = 0; a < Year.ANGLES; a++) {
        sum += d * 1e-3 * a + a * 1e-3 * d;
      }
    }
    return sum;
  }

  /** A reading folded in, and what comes next. */
  @Benchmark
  public Next sneakUp() {
    return Next.of(before.with(new Seen(Seen.What.ROOT, 45.1)));
  }

  /** As the tests send them. */
  @Benchmark
  public double turners() {
    SplittableRandom chance = new SplittableRandom(42);
    double fits = 0;
    for (int i = 0; i < TURNERS; i++) {
      Hands hands = new Hands(aimed, 45, 45.8, Manner.STEADY, chance.split());
      fits += FitRun.led(aimed, hands).fits() ? 1 : 0;
    }
    return fits;
  }
}
