package hazelkeep.bench;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Practice;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.stiffness.Beam;
import hazelkeep.stiffness.JawSpring;
import hazelkeep.stiffness.Stiffness;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
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
 * Stiffness and the first two critical speeds, beside a dense eigen-solver of the maths library on
 * the same beam. Aims: a stage below 0.3 ms; at 120 elements at least 20 times as fast as the dense
 * solver; in proportion to the elements up to 2000.
 */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
public class StiffnessBenchmark {
  private static final int MODES = 2;

  private static Beam beam(int elements) {
    return Beam.uniform(elements, 200, 3.68e9, 1.77e6, 1.37e-6, 2.1e-4).pinned(0).sprung(0, 1.5e7);
  }

  /** Beams of several fineness. */
  @State(Scope.Benchmark)
  public static class Beams {
    /** How many elements. */
    @Param({"120", "500", "2000"})
    private int elements;

    private Beam beam;

    /** Makes the beam. */
    @Setup
    public void setUp() {
      beam = beam(elements);
    }
  }

  /** The dense matrices of a beam of 120 elements. */
  @State(Scope.Benchmark)
  public static class Dense {
    private RealMatrix k;
    private RealMatrix m;

    /** Fills them. */
    @Setup
    public void setUp() {
      Beam b = beam(120);
      k = MatrixUtils.createRealMatrix(b.fullStiffness());
      m = MatrixUtils.createRealMatrix(b.fullMass());
    }
  }

  /** The hollowed body of a box in its jaws. */
  @State(Scope.Benchmark)
  public static class Hollowed {
    private Stage stage;

    /** Plays the route up to it. */
    @Setup
    public void setUp() {
      LiddedBoxKind kind = LiddedBoxKind.BOX;
      Plan<LiddedBox> plan = Plan.of(kind, LiddedBox.fresh(), Shop.starter(), List.of());
      stage =
          plan.rehearsal().stages().stream()
              .filter(s -> s.step().key().path().equals("body/jam"))
              .findFirst()
              .orElseThrow();
    }
  }

  /** Flexibility at every node and two frequencies, banded. */
  @Benchmark
  public double banded(Beams b) {
    return b.beam.flexibility()[1] + b.beam.frequencies(MODES)[1];
  }

  /** The reference: all frequencies by the maths library's dense solver, at 120 elements. */
  @Benchmark
  public double dense(Dense d) {
    RealMatrix l = new CholeskyDecomposition(d.k).getL();
    RealMatrix inverse = MatrixUtils.inverse(l);
    RealMatrix a = inverse.multiply(d.m).multiply(inverse.transpose());
    return new EigenDecompositionSymmetric(a).getEigenvalue(0);
  }

  /** A stage of the route: sections read off the wood, then the beam. */
  @Benchmark
  public Stiffness stage(Hollowed h) {
    return Stiffness.of(h.stage.left(), h.stage.setup().hold(), JawSpring.common(Practice.USUAL));
  }
}
