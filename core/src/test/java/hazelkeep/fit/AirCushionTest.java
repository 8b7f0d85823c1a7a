package hazelkeep.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.hipparchus.ode.sampling.ODEStateInterpolator;
import org.hipparchus.ode.sampling.ODEStepHandler;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The air under a lid against worked values, an integral, and an independent integrator. */
class AirCushionTest {
  private static final double WEIGHT = 30 * 9.81e-3;

  private static AirCushion cushion(double clearance) {
    return new AirCushion(45, 8, clearance, 0);
  }

  /** Laminar flow in a thin annulus; worked values of another program. */
  @ParameterizedTest
  @CsvSource({"0.06, 15.7", "0.10, 3.40", "0.20, 0.43"})
  void seconds_to_sink(double clearance, double seconds) {
    double t = cushion(clearance).sinks(WEIGHT);
    assertThat(t).isCloseTo(seconds, within(seconds * 0.013));
    assertThat(AirCushion.clearance(45, 8, t, WEIGHT)).isCloseTo(clearance, within(1e-9));
  }

  /** Flow through an annulus in a concentric gap is that between plates; slot integral by hand. */
  @Test
  void what_flows_is_the_integral_of_a_parabola() {
    double h = 0.05;
    double p = 0.002;
    double speed =
        new IterativeLegendreGaussIntegrator(5, 1e-10, 1e-12)
            .integrate(10_000, y -> p / 8 / (2 * AirCushion.VISCOSITY) * y * (h - y), 0, h);
    double flow = Math.PI * 45 * speed;
    // The lid of that pressure sinks by flow / area in a second where 8 mm are engaged.
    AirCushion c = cushion(0.10);
    double weight = p * c.area();
    // dt for the first thousandth of the way, from two lengths.
    double less = 8 - 1e-3;
    double dt = c.sinks(weight) - new AirCushion(45, less, 0.10, 0).sinks(weight);
    assertThat(1e-3 / dt).isCloseTo(flow / c.area(), within(flow / c.area() * 1e-3));
  }

  /** Worked values with end grain of 6 mm over and under; K in m² as 1e6 mm². */
  @ParameterizedTest
  @CsvSource({"1e-7, 3.1", "1e-6, 1.8", "1e-5, 0.4"})
  void open_end_grain_lets_it_down(double permeability, double seconds) {
    double area = Math.PI * 45 * 45 / 4;
    AirCushion c = new AirCushion(45, 8, 0.10, AirCushion.leak(permeability, area, 6));
    assertThat(c.sinks(WEIGHT)).isCloseTo(seconds, within(0.05));
  }

  @Test
  void a_leak_so_small_that_it_is_left_out_changes_nothing() {
    double area = Math.PI * 45 * 45 / 4;
    for (double k : new double[] {1e-14, 1e-12, 3e-11, 1e-10, 1e-9}) {
      AirCushion c = new AirCushion(45, 8, 0.10, AirCushion.leak(k, area, 6));
      assertThat(c.sinks(WEIGHT)).isCloseTo(cushion(0.10).sinks(WEIGHT), within(0.01));
    }
  }

  /** Worked values of another program, and a Dormand-Prince integrator of a general library. */
  @ParameterizedTest
  @CsvSource({
    "0.06, 145, 8.6",
    "0.10, 145, 4.8",
    "0.20, 145, 1.2",
    "0.10, 20, 9.1",
    "0.10, 1000, 1.4"
  })
  void force_to_pull_it(double clearance, double ml, double newton) {
    AirCushion c = cushion(clearance);
    double peak = AirCushion.peak(c.pulled(50, ml * 1000));
    assertThat(peak).isCloseTo(newton, within(0.06));
    assertThat(peak).isCloseTo(integrated(c, 50, ml * 1000), within(peak * 0.01));
  }

  @Test
  void pulls_of_all_sorts_are_what_the_integrator_says() {
    java.util.Random chance = new java.util.Random(5);
    for (int i = 0; i < 40; i++) {
      AirCushion c =
          new AirCushion(
              15 + chance.nextInt(80),
              3 + chance.nextInt(15),
              0.03 + chance.nextDouble() * 0.2,
              chance.nextBoolean() ? 0 : 1e6 * chance.nextDouble());
      double speed = 10 + chance.nextInt(150);
      double volume = 5_000 + chance.nextInt(600_000);
      double peak = AirCushion.peak(c.pulled(speed, volume));
      assertThat(peak)
          .as(c.toString())
          .isCloseTo(integrated(c, speed, volume), within(0.01 + peak * 0.02));
    }
  }

  private static double integrated(AirCushion c, double speed, double volume) {
    double h = c.clearance() / 2;
    double k = Math.PI * c.diameter() * h * h * h / (12 * AirCushion.VISCOSITY);
    double[] most = {0};
    DormandPrince853Integrator by = new DormandPrince853Integrator(1e-12, 1e-3, 1e-12, 1e-9);
    by.addStepHandler(
        new ODEStepHandler() {
          @Override
          public void handleStep(ODEStateInterpolator step) {
            most[0] = Math.max(most[0], step.getCurrentState().getPrimaryState()[0] * c.area());
          }
        });
    by.integrate(
        new OrdinaryDifferentialEquation() {
          @Override
          public int getDimension() {
            return 1;
          }

          @Override
          public double[] computeDerivatives(double t, double[] y) {
            double x = c.length() - speed * t;
            double flow = (k / x + c.leak()) * y[0];
            return new double[] {
              (AirCushion.ATMOSPHERE - y[0])
                  * (c.area() * speed - flow)
                  / (volume + c.area() * speed * t)
            };
          }
        },
        new ODEState(0, new double[] {0}),
        c.length() / speed * 0.99);
    return most[0];
  }

  @Test
  void a_lid_to_one_side_leaks_two_and_a_half_times_as_much() {
    AirCushion c = cushion(0.10);
    assertThat(c.sinks(WEIGHT) / c.toOneSide(2.5).sinks(WEIGHT)).isCloseTo(2.5, within(1e-9));
  }
}
