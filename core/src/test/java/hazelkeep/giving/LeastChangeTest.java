package hazelkeep.giving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.junit.jupiter.api.Test;

/** The least change, against every corner of small systems tried one by one. */
class LeastChangeTest {
  private static final double CLOSE = 1e-6;

  @Test
  void a_foot_grows_to_what_its_recess_needs() {
    List<LeastChange.Unknown> sizes =
        List.of(new LeastChange.Unknown(53, 10, 200, 2), new LeastChange.Unknown(54, 10, 200, 5));
    // recess + 2 x 9 <= foot
    LeastChange.Limit land = new LeastChange.Limit(new double[] {-1, 1}, -18);
    double[] x = LeastChange.of(sizes, List.of(land)).orElseThrow();
    assertThat(x[0]).isCloseTo(72, within(CLOSE));
    assertThat(x[1]).isCloseTo(54, within(CLOSE));
  }

  /** 60 and 30 shall come to 45: each gives half of itself. */
  @Test
  void what_is_as_firm_keeps_its_proportions() {
    List<LeastChange.Unknown> sizes =
        List.of(new LeastChange.Unknown(60, 5, 200, 2), new LeastChange.Unknown(30, 5, 200, 2));
    LeastChange.Limit blank = new LeastChange.Limit(new double[] {1, 1}, 45);
    double[] x = LeastChange.of(sizes, List.of(blank)).orElseThrow();
    assertThat(x[0]).isCloseTo(30, within(CLOSE));
    assertThat(x[1]).isCloseTo(15, within(CLOSE));
  }

  @Test
  void limits_that_leave_nothing_have_no_answer() {
    List<LeastChange.Unknown> one = List.of(new LeastChange.Unknown(50, 40, 60, 1));
    assertThat(LeastChange.of(one, List.of(new LeastChange.Limit(new double[] {1}, 30)))).isEmpty();
  }

  /** Three sizes of two firmnesses under three random limits: none of all corners is better. */
  @Test
  void no_corner_is_better() {
    Random r = new Random(29);
    int solved = 0;
    for (int i = 0; i < 200; i++) {
      List<LeastChange.Unknown> sizes = new ArrayList<>();
      for (int k = 0; k < 3; k++) {
        double custom = 10 + 90 * r.nextDouble();
        sizes.add(new LeastChange.Unknown(custom, custom / 4, custom * 4, k == 0 ? 2 : 1));
      }
      List<LeastChange.Limit> limits = new ArrayList<>();
      for (int k = 0; k < 3; k++) {
        double[] by = r.doubles(3, -2, 2).toArray();
        double now = 0;
        for (int j = 0; j < 3; j++) {
          now += by[j] * sizes.get(j).custom();
        }
        limits.add(new LeastChange.Limit(by, now - 30 + 40 * r.nextDouble()));
      }
      Optional<double[]> x = LeastChange.of(sizes, limits);
      Optional<double[]> best = corners(sizes, limits);
      assertThat(x.isPresent()).isEqualTo(best.isPresent());
      if (x.isPresent()) {
        solved++;
        double[] is = score(sizes, x.get());
        double[] least = score(sizes, best.get());
        for (int k = 0; k < is.length; k++) {
          assertThat(is[k]).as("%d, of %d", k, i).isCloseTo(least[k], within(CLOSE));
        }
      }
    }
    assertThat(solved).isGreaterThan(100);
  }

  /** Of each firmness, the firmest first: the furthest move, then the sum of moves. */
  private static double[] score(List<LeastChange.Unknown> sizes, double[] x) {
    double[] out = new double[4];
    for (int i = 0; i < x.length; i++) {
      LeastChange.Unknown u = sizes.get(i);
      double move = Math.abs(x[i] - u.custom()) / Math.max(1, u.custom());
      int tier = u.firm() == 2 ? 0 : 2;
      out[tier] = Math.max(out[tier], move);
      out[tier + 1] += move;
    }
    return out;
  }

  /** The best of all points where three planes meet on which the order may change. */
  private static Optional<double[]> corners(
      List<LeastChange.Unknown> sizes, List<LeastChange.Limit> limits) {
    List<double[]> planes = new ArrayList<>();
    limits.forEach(l -> planes.add(new double[] {l.by()[0], l.by()[1], l.by()[2], l.most()}));
    for (int i = 0; i < 3; i++) {
      LeastChange.Unknown u = sizes.get(i);
      for (double at : new double[] {u.custom(), u.least(), u.most()}) {
        double[] p = new double[4];
        p[i] = 1;
        p[3] = at;
        planes.add(p);
      }
    }
    // Both sizes of one firmness move as far, the same way or against one another.
    double b = sizes.get(1).custom();
    double c = sizes.get(2).custom();
    planes.add(new double[] {0, 1 / b, -1 / c, 0});
    planes.add(new double[] {0, 1 / b, 1 / c, 2});
    double[] best = null;
    for (int i = 0; i < planes.size(); i++) {
      for (int j = i + 1; j < planes.size(); j++) {
        for (int k = j + 1; k < planes.size(); k++) {
          double[] x = meet(planes.get(i), planes.get(j), planes.get(k));
          if (x != null
              && holds(sizes, limits, x)
              && (best == null || before(score(sizes, x), score(sizes, best)))) {
            best = x;
          }
        }
      }
    }
    return Optional.ofNullable(best);
  }

  private static double[] meet(double[]... planes) {
    double[][] a = new double[3][];
    double[] b = new double[3];
    for (int i = 0; i < 3; i++) {
      a[i] = new double[] {planes[i][0], planes[i][1], planes[i][2]};
      b[i] = planes[i][3];
    }
    var solver = new QRDecomposition(new Array2DRowRealMatrix(a), 1e-9).getSolver();
    return solver.isNonSingular() ? solver.solve(new ArrayRealVector(b)).toArray() : null;
  }

  private static boolean holds(
      List<LeastChange.Unknown> sizes, List<LeastChange.Limit> limits, double[] x) {
    for (int i = 0; i < 3; i++) {
      if (x[i] < sizes.get(i).least() - 1e-7 || x[i] > sizes.get(i).most() + 1e-7) {
        return false;
      }
    }
    return limits.stream()
        .allMatch(l -> l.by()[0] * x[0] + l.by()[1] * x[1] + l.by()[2] * x[2] <= l.most() + 1e-7);
  }

  private static boolean before(double[] a, double[] b) {
    for (int i = 0; i < a.length; i++) {
      if (Math.abs(a[i] - b[i]) > 1e-9) {
        return a[i] < b[i];
      }
    }
    return false;
  }
}
