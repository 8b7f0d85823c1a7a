package hazelkeep.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Numbers beside a drawing find room without wandering. */
class SetOutDrawingTest {
  private static final double APART = 25;
  private static final double WIDTH = 700;

  private static double cost(double[] x, double[] at) {
    double sum = 0;
    for (int i = 0; i < x.length; i++) {
      sum += (at[i] - x[i]) * (at[i] - x[i]);
    }
    return sum;
  }

  @Test
  void what_has_room_stays_and_a_crowd_stands_round_its_middle() {
    assertThat(SetOutDrawing.spread(new double[] {100, 130, 400}, APART, WIDTH))
        .containsExactly(100, 130, 400);
    assertThat(SetOutDrawing.spread(new double[] {300, 300, 300}, APART, WIDTH))
        .containsExactly(275, 300, 325);
    assertThat(SetOutDrawing.spread(new double[] {0, 1}, APART, WIDTH)).containsExactly(12.5, 37.5);
    assertThat(SetOutDrawing.spread(new double[] {}, APART, WIDTH)).isEmpty();
  }

  /** No other places that are far enough apart lie nearer: none found by small random moves. */
  @Test
  void nothing_nearer_is_found() {
    Random random = new Random(5);
    for (int i = 0; i < 200; i++) {
      double[] x = random.doubles(1 + random.nextInt(20), 30, WIDTH - 30).sorted().toArray();
      double[] at = SetOutDrawing.spread(x, APART, WIDTH);
      for (int j = 0; j < at.length; j++) {
        assertThat(at[j]).isBetween(APART / 2 - 1e-9, WIDTH - APART / 2 + 1e-9);
        assertThat(j == 0 ? APART : at[j] - at[j - 1]).isGreaterThan(APART - 1e-9);
      }
      for (int t = 0; t < 200; t++) {
        double[] other = Arrays.stream(at).map(a -> a + random.nextGaussian()).toArray();
        boolean fits = other[0] >= APART / 2 && other[at.length - 1] <= WIDTH - APART / 2;
        for (int j = 1; j < other.length; j++) {
          fits &= other[j] - other[j - 1] >= APART;
        }
        assertThat(!fits || cost(x, other) >= cost(x, at) - 1e-6).isTrue();
      }
    }
    assertThat(SetOutDrawing.spread(new double[] {350}, APART, WIDTH)[0])
        .isCloseTo(350, within(1e-9));
  }
}
