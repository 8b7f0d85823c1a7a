package hazelkeep.stiffness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.assertj.core.data.Percentage;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The beam against vibration tables, closed forms and a dense solver of a general library. */
class BeamTest {
  private static final double E = 12_000;
  private static final double RHO = 7.0e-10;
  private static final double STIFF_IN_SHEAR = 1e15;

  private static double inertia(double d) {
    return Math.PI * Math.pow(d, 4) / 64;
  }

  private static double area(double d) {
    return Math.PI * d * d / 4;
  }

  /** Euler-Bernoulli: no shear, no rotary inertia. */
  private static Beam slender(double d, double length, int n) {
    return Beam.uniform(n, length, E * inertia(d), STIFF_IN_SHEAR, RHO * area(d), 0);
  }

  private static double hertz(double betaL, double d, double length) {
    double b = betaL / length;
    return b * b * Math.sqrt(E * inertia(d) / (RHO * area(d))) / (2 * Math.PI);
  }

  /**
   * Roots of the frequency equations of uniform beams: standard vibration tables (Blevins, Formulas
   * for Natural Frequency and Mode Shape; from memory).
   */
  @ParameterizedTest
  @CsvSource({
    "clamped-free, 1.87510407, 4.69409113",
    "pinned-pinned, 3.14159265, 6.28318531",
    "clamped-pinned, 3.92660231, 7.06858275",
    "clamped-clamped, 4.73004074, 7.85320462"
  })
  void uniform_beams_have_the_frequencies_of_the_tables(String ends, double one, double two) {
    int n = 60;
    Beam free = slender(30, 300, n);
    Beam held =
        switch (ends) {
          case "clamped-free" -> free.clamped(0);
          case "pinned-pinned" -> free.pinned(0).pinned(n);
          case "clamped-pinned" -> free.clamped(0).pinned(n);
          default -> free.clamped(0).clamped(n);
        };
    double[] f = held.frequencies(2);
    assertThat(f[0]).isCloseTo(hertz(one, 30, 300), Percentage.withPercentage(0.001));
    assertThat(f[1]).isCloseTo(hertz(two, 30, 300), Percentage.withPercentage(0.001));
  }

  @Test
  void worked_examples_in_hertz() {
    assertThat(slender(50, 200, 50).clamped(0).frequencies(1)[0]).isCloseTo(724, within(0.5));
    assertThat(slender(8, 120, 50).clamped(0).frequencies(1)[0]).isCloseTo(322, within(0.5));
  }

  /** 60 g at the end of an 8 x 120 stem: 42.05 Hz without the stem's mass, 41.7 with it. */
  @Test
  void a_bowl_on_its_stem() {
    int n = 60;
    Beam bare =
        Beam.uniform(n, 120, E * inertia(8), STIFF_IN_SHEAR, 1e-18, 0).clamped(0).loaded(n, 60e-6);
    double closed = Math.sqrt(3 * E * inertia(8) / Math.pow(120, 3) / 60e-6) / (2 * Math.PI);
    assertThat(bare.frequencies(1)[0]).isCloseTo(closed, within(0.001));
    assertThat(closed).isCloseTo(42.05, within(0.01));
    assertThat(slender(8, 120, n).clamped(0).loaded(n, 60e-6).frequencies(1)[0])
        .isCloseTo(41.7, within(0.05));
  }

  /**
   * A mass at the end of a cantilever, as a multiple of its own: roots of the frequency equation
   * (standard vibration tables, from memory).
   */
  @ParameterizedTest
  @CsvSource({"0.1, 1.722742", "0.5, 1.419964", "1, 1.247917", "5, 0.870021", "50, 0.494342"})
  void masses_at_the_end_of_a_cantilever(double share, double betaL) {
    int n = 60;
    double own = RHO * area(20) * 200;
    assertThat(slender(20, 200, n).clamped(0).loaded(n, share * own).frequencies(1)[0])
        .isCloseTo(hertz(betaL, 20, 200), Percentage.withPercentage(0.001));
  }

  /** 3 E I / L^3 and, with shear, 1 / (L^3 / 3EI + L / kappa G A). */
  @ParameterizedTest
  @CsvSource({"6, 1.33", "8, 4.19", "12, 21.2", "20, 163.6", "30, 828"})
  void stems_as_stiff_as_the_closed_form(double d, double nPerMm) {
    double k = 1 / slender(d, 120, 48).clamped(0).flexibility()[48];
    assertThat(k).isCloseTo(nPerMm, Percentage.withPercentage(0.4));
    assertThat(k)
        .isCloseTo(3 * E * inertia(d) / Math.pow(120, 3), Percentage.withPercentage(0.0001));
    double ga = 0.9 * E / 12 * area(d);
    double withShear =
        1 / Beam.uniform(48, 120, E * inertia(d), ga, 0, 0).clamped(0).flexibility()[48];
    assertThat(withShear)
        .isCloseTo(
            1 / (Math.pow(120, 3) / (3 * E * inertia(d)) + 120 / ga),
            Percentage.withPercentage(0.0001));
  }

  /** A push in the middle of a beam on two pins: 48 E I / L^3; with a jaw's spring: L^2 / k. */
  @Test
  void pins_and_springs() {
    double ei = E * inertia(40);
    double[] pins = slender(40, 300, 60).pinned(0).pinned(60).flexibility();
    assertThat(1 / pins[30])
        .isCloseTo(48 * ei / Math.pow(300, 3), Percentage.withPercentage(0.0001));
    assertThat(pins[0]).isZero();
    assertThat(pins[60]).isZero();
    double spring = 5e6;
    double[] sprung = slender(40, 300, 60).pinned(0).sprung(0, spring).flexibility();
    assertThat(sprung[60])
        .isCloseTo(
            Math.pow(300, 3) / (3 * ei) + 300 * 300 / spring, Percentage.withPercentage(0.0001));
  }

  @Test
  void what_nothing_holds_is_not_answered() {
    assertThatThrownBy(() -> slender(40, 300, 10).pinned(3).flexibility())
        .isInstanceOf(IllegalStateException.class);
  }

  /**
   * Timoshenko's beam on two pins has a closed form: with p = n pi / L its frequencies solve rho I
   * rho / (kappa G) w^4 - (rho A + p^2 rho I (1 + E / (kappa G))) w^2 + p^4 E I = 0 (Timoshenko,
   * 1921; Weaver, Timoshenko and Young, Vibration Problems in Engineering; from memory).
   */
  @ParameterizedTest
  @CsvSource({"300, 30", "200, 40", "120, 50"})
  void shear_and_rotary_inertia_as_timoshenko_has_them(double length, double d) {
    double kg = 0.9 * E / 12;
    double i = inertia(d);
    double a = area(d);
    int n = 160;
    Beam beam = Beam.uniform(n, length, E * i, kg * a, RHO * a, RHO * i).pinned(0).pinned(n);
    double[] f = beam.frequencies(2);
    for (int m = 1; m <= 2; m++) {
      double p2 = Math.pow(m * Math.PI / length, 2);
      double qa = RHO * RHO * i / kg;
      double qb = RHO * a + p2 * RHO * i * (1 + E / kg);
      double qc = p2 * p2 * E * i;
      double w2 = (qb - Math.sqrt(qb * qb - 4 * qa * qc)) / (2 * qa);
      assertThat(f[m - 1])
          .as("mode %d", m)
          .isCloseTo(Math.sqrt(w2) / (2 * Math.PI), Percentage.withPercentage(0.02));
      assertThat(f[m - 1]).isLessThan(0.98 * hertz(m * Math.PI, d, length));
    }
  }

  /**
   * A shaft of 40 for 100 mm, then 28 for 120 mm, bored 16 right through, in springy jaws, worked
   * by an independent program: 356.27 and 1983.4 Hz.
   */
  @Test
  void a_stepped_hollow_shaft() {
    int n = 220;
    double[][] a = new double[5][n];
    for (int i = 0; i < n; i++) {
      boolean thick = i < 100;
      double ii = inertia(thick ? 40 : 28) - inertia(16);
      double aa = area(thick ? 40 : 28) - area(16);
      a[0][i] = 1;
      a[1][i] = E * ii;
      a[2][i] = STIFF_IN_SHEAR;
      a[3][i] = RHO * aa;
    }
    double[] f = new Beam(a[0], a[1], a[2], a[3], a[4]).pinned(0).sprung(0, 7.68e6).frequencies(2);
    assertThat(f[0]).isCloseTo(356.27, within(0.05));
    assertThat(f[1]).isCloseTo(1983.4, within(0.5));
  }

  /** Random stepped, hollow shafts against a dense solver of a general maths library. */
  @Test
  void random_shafts_against_a_dense_eigen_solver() {
    Random random = new Random(20_26);
    for (int round = 0; round < 25; round++) {
      int n = 20 + random.nextInt(40);
      double[][] a = new double[5][n];
      for (int i = 0; i < n; i++) {
        boolean step = i == 0 || random.nextInt(6) == 0;
        double d = step ? 8 + 60 * random.nextDouble() : Math.sqrt(a[3][i - 1] * 4 / Math.PI / RHO);
        double bore = step && random.nextBoolean() ? d * 0.9 * random.nextDouble() : 0;
        double ii = inertia(d) - inertia(bore);
        double aa = area(d) - area(bore);
        a[0][i] = 1 + 4 * random.nextDouble();
        a[1][i] = E * ii;
        a[2][i] = 0.75 * E / 12 * aa;
        a[3][i] = RHO * aa;
        a[4][i] = RHO * ii;
      }
      Beam beam = new Beam(a[0], a[1], a[2], a[3], a[4]);
      Beam held =
          switch (random.nextInt(4)) {
            case 0 -> beam.clamped(0);
            case 1 -> beam.pinned(0).sprung(0, 1e5 * (1 + 100 * random.nextDouble()));
            case 2 -> beam.pinned(0).pinned(n);
            default -> beam.clamped(0).pinned(n / 2).pinned(n);
          };
      double[] dense = dense(held);
      double[] banded = held.frequencies(2);
      assertThat(banded[0])
          .as("round %d", round)
          .isCloseTo(dense[0], Percentage.withPercentage(0.1));
      assertThat(banded[1])
          .as("round %d", round)
          .isCloseTo(dense[1], Percentage.withPercentage(0.1));
      RealMatrix inverse =
          new CholeskyDecomposition(MatrixUtils.createRealMatrix(held.fullStiffness()))
              .getSolver()
              .getInverse();
      double[] give = held.flexibility();
      for (int i = 0; i <= n; i++) {
        if (give[i] > 0) {
          assertThat(give[i])
              .isCloseTo(inverse.getEntry(2 * i, 2 * i), Percentage.withPercentage(0.01));
        }
      }
    }
  }

  /** The two lowest frequencies by a dense decomposition of K^-1/2' M K^-1/2. */
  static double[] dense(Beam beam) {
    RealMatrix k = MatrixUtils.createRealMatrix(beam.fullStiffness());
    RealMatrix m = MatrixUtils.createRealMatrix(beam.fullMass());
    RealMatrix l = new CholeskyDecomposition(k).getL();
    RealMatrix inv = MatrixUtils.inverse(l);
    RealMatrix s = inv.multiply(m).multiply(inv.transpose());
    double[] values = new EigenDecompositionSymmetric(s).getEigenvalues();
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    int n = sorted.length;
    return new double[] {
      1 / Math.sqrt(sorted[n - 1]) / (2 * Math.PI), 1 / Math.sqrt(sorted[n - 2]) / (2 * Math.PI)
    };
  }
}
