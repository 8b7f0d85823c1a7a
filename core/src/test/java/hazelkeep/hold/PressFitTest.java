package hazelkeep.hold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.hold.PressFit.Half;
import hazelkeep.measure.Refused;
import org.assertj.core.data.Percentage;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lame's thick cylinders against a worked example and against their own limits. */
class PressFitTest {
  private static final Half RING = new Half(28, 900, 0.4);
  private static final Half PLUG = new Half(0, 500, 0.4);

  /** Worked by hand from Timoshenko, Strength of Materials, part II (formula from memory). */
  @Test
  void a_lid_on_a_solid_plug() {
    PressFit fit = PressFit.of(22.5, RING, PLUG, 0.10, 5);
    assertThat(fit.pressure()).isCloseTo(0.3265, within(5e-5));
    assertThat(fit.hoop()).isCloseTo(1.517, within(5e-4));
    assertThat(fit.torque(0.3)).isCloseTo(1558, within(2.0));
    assertThat(fit.torque(0.3) / 35).isCloseTo(44.5, within(0.05));
    assertThat(fit.torque(0.3) / 60).isCloseTo(26, within(0.05));
    assertThat(fit.plugHoop()).isZero();
  }

  @Test
  void the_interference_at_a_pull_gives_that_pull_back() {
    double i = PressFit.interferenceAt(22.5, RING, PLUG, 2.0);
    assertThat(PressFit.of(22.5, RING, PLUG, i, 5).hoop()).isCloseTo(2.0, within(1e-9));
  }

  /** A thin ring: the pull is pressure times radius over wall (Barlow's formula). */
  @Test
  void a_thin_ring_is_a_boiler() {
    double t = 0.1;
    PressFit fit = PressFit.of(50, new Half(50 + t, 900, 0.4), PLUG, 0.01, 5);
    assertThat(fit.hoop() * t / 50).isCloseTo(fit.pressure(), Percentage.withPercentage(0.3));
  }

  /** A ring without end: its bore is pulled as hard as it is pressed. */
  @Test
  void a_wide_ring_pulls_as_hard_as_it_is_pressed() {
    PressFit fit = PressFit.of(10, new Half(10_000, 900, 0.4), PLUG, 0.05, 5);
    assertThat(fit.hoop()).isCloseTo(fit.pressure(), Percentage.withPercentage(0.01));
  }

  /** A thin hollow spigot: its bore is squeezed by pressure times radius over wall. */
  @Test
  void a_thin_spigot_is_squeezed_like_a_ring() {
    PressFit fit = PressFit.of(50, new Half(80, 900, 0.4), new Half(49.9, 500, 0.4), 0.05, 5);
    assertThat(-fit.plugHoop() * 0.1 / 50)
        .isCloseTo(fit.pressure(), Percentage.withPercentage(0.3));
  }

  @Test
  void a_seat_needs_walls() {
    assertThatThrownBy(() -> PressFit.of(22.5, new Half(22.5, 900, 0.4), PLUG, 0.1, 5))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("wall");
    assertThatThrownBy(() -> PressFit.of(22.5, RING, new Half(23, 500, 0.4), 0.1, 5))
        .isInstanceOf(Refused.class);
  }

  /**
   * Roark's Formulas for Stress and Strain (from memory): a ring under four loads bends by 0.137 F
   * R under each; the section modulus of a wall t thick and b long is b t^2 / 6.
   */
  @Test
  void jaws_on_a_ring() {
    JawsOnRing in = new JawsOnRing(30, 5, 8, false);
    assertThat(in.pullPerNewton()).isCloseTo(0.137 * 30 * 6 / (8 * 25), within(1e-9));
    JawsOnRing out = new JawsOnRing(30, 5, 8, true);
    assertThat(out.pullPerNewton() - in.pullPerNewton())
        .as("a pull of F over 2 sin 45 all round")
        .isCloseTo(1 / Math.sqrt(2) / (8 * 5), within(1e-9));
    assertThat(in.forceAt(2.0) * in.pullPerNewton()).isCloseTo(2.0, within(1e-9));
    assertThat(in.torque(100, 0.3)).isCloseTo(4 * 0.3 * 100 * 30, within(1e-9));
    assertThatThrownBy(() -> new JawsOnRing(30, 0, 8, false)).isInstanceOf(Refused.class);
  }

  /**
   * The bending under four loads by Castigliano's theorem, integrated numerically over an eighth of
   * the ring: an independent way to the figure 0.137.
   */
  @Test
  void four_loads_on_a_ring_by_energy() {
    int n = 100_000;
    double sum = 0;
    double span = Math.PI / 4;
    // M(a) = M0 - F/2 R (1 - cos a) / tan45 + ... with the thrust of symmetry N0 = F/2 cot 45.
    for (int i = 0; i < n; i++) {
      double a = (i + 0.5) * span / n;
      sum += (0.5 / Math.tan(span) * (1 - Math.cos(a)) - 0.5 * Math.sin(a)) * span / n;
    }
    // The slope of both ends of the eighth is kept by symmetry: the mean bending is nothing.
    double underJaw = -sum / span;
    assertThat(underJaw).isCloseTo(0.137, within(0.0005));
  }

  /**
   * A wall on its floor under a press near its edge, as a bar on an elastic foundation (Hetenyi,
   * Beams on Elastic Foundation; from memory), solved by finite differences: what its ring is
   * pulled by at the edge, as a share of the same ring standing free.
   */
  @ParameterizedTest
  @CsvSource({
    "5, 5, 5, 27",
    "5, 3, 3, 20",
    "6, 6, 4, 30",
    "20, 5, 5, 27",
    "12, 6, 5, 40",
    "200, 5, 5, 27"
  })
  void a_wall_on_its_floor(double high, double pressed, double wall, double radius) {
    double along = 12_000;
    double across = 800;
    double share = new StandingWall(radius, wall, pressed, high).ring(along, across);
    double free = shell(high, pressed, wall, radius, along, across);
    if (high < 10) {
      assertThat(share).isCloseTo(free, Percentage.withPercentage(10));
    } else {
      assertThat(share).as("never less than the shell's").isGreaterThan(0.95 * free);
    }
  }

  private static double shell(
      double high, double pressed, double t, double r, double e, double across) {
    int n = 400;
    double h = high / n;
    double d = e * t * t * t / 12 / Math.pow(h, 4);
    double k = across * t / r / r;
    double[][] a = new double[n][n];
    double[] b = new double[n];
    // w(0) = 0 and w'(0) = 0 at the floor; no moment and no shear at the edge.
    for (int i = 1; i <= n; i++) {
      double[] c = {1, -4, 6, -4, 1};
      if (i == n - 1) {
        c = new double[] {1, -4, 5, -2, 0};
      } else if (i == n) {
        c = new double[] {2, -4, 2, 0, 0};
      }
      for (int j = -2; j <= 2; j++) {
        int at = i + j == -1 ? 1 : i + j;
        if (at >= 1 && at <= n) {
          a[i - 1][at - 1] += d * c[j + 2];
        }
      }
      a[i - 1][i - 1] += k;
      b[i - 1] = i * h > high - pressed ? 1 : 0;
    }
    double[] w =
        new LUDecomposition(MatrixUtils.createRealMatrix(a))
            .getSolver()
            .solve(MatrixUtils.createRealVector(b))
            .toArray();
    return w[n - 1] * k;
  }
}
