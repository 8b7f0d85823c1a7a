package hazelkeep.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A half in the last place goes away from zero, everywhere. */
class RoundingTest {
  @ParameterizedTest
  @CsvSource({
    "0.285, 2, 0.29",
    "1.005, 2, 1.01",
    "2.675, 2, 2.68",
    "24.65, 1, 24.7",
    "24.55, 1, 24.6",
    "-0.125, 2, -0.13",
    "-0.004, 2, 0.00",
    "0.5, 0, 1",
    "1.5, 0, 2",
    "2.5, 0, 3",
    "-2.5, 0, -3"
  })
  void a_half_goes_away_from_zero(double value, int places, String text) {
    assertThat(Rounding.text(value, places)).isEqualTo(text);
    assertThat(Rounding.to(value, places)).isEqualTo(Double.parseDouble(text));
  }

  /** A decimal that a turner reads, halved or summed in binary, still rounds as on paper. */
  @Test
  void every_half_of_a_hundredth_rounds_as_on_paper() {
    Random random = new Random(3);
    for (int i = 0; i < 2000; i++) {
      int n = 2 * random.nextInt(40_000) + 1;
      double half = n / 200.0;
      String paper =
          BigDecimal.valueOf(n)
              .divide(BigDecimal.valueOf(200))
              .setScale(2, RoundingMode.HALF_UP)
              .toPlainString();
      assertThat(Unit.MM.showFit(half)).isEqualTo(paper);
      assertThat(Unit.MM.showFit(half + 0.1 - 0.1)).isEqualTo(paper);
    }
  }

  @Test
  void sixty_fourths_round_the_same_way() {
    assertThat(Unit.INCH.show(25.4 * 1.5 / 64)).isEqualTo("1/32");
    assertThat(Unit.INCH.show(25.4 * 2.5 / 64)).isEqualTo("3/64");
    assertThat(Unit.INCH.show(-25.4 * 1.5 / 64)).isEqualTo("-1/32");
  }

  @Test
  void what_is_no_number_is_said() {
    assertThat(Rounding.text(Double.NaN, 1)).isEqualTo("not known");
    assertThat(Rounding.text(Double.POSITIVE_INFINITY, 1)).isEqualTo("endless");
  }
}
