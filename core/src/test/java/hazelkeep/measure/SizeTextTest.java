package hazelkeep.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SizeTextTest {
  // 1 in = 25.4 mm exactly (international inch, 1959).
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "54 | 54",
        "54 mm | 54",
        "54,5 | 54.5",
        "5.4 cm | 54",
        "2 1/8 | 53.975",
        "2-1/8\" | 53.975",
        "2.125 in | 53.975",
        "1/4 in. | 6.35",
        "5 cm | 50",
        "ø 54 | 54",
        "⌀54,5 | 54.5",
        "d 54 mm | 54",
        "about ø 90 | 90",
        "2⅛ | 53.975",
        "½ in | 12.7",
        "-3 | -3",
        "about 90 | 90",
        "~ 90 mm | 90",
        "at most 2 1/2 | 63.5",
        ">= 12 | 12"
      })
  void what_turners_type_is_read(String typed, double mm) {
    assertThat(SizeText.parse(typed, Unit.MM).mm()).isCloseTo(mm, within(1e-9));
  }

  @Test
  void a_bare_number_is_in_the_unit_of_the_field() {
    assertThat(SizeText.parse("2", Unit.INCH).mm()).isEqualTo(50.8);
    assertThat(SizeText.parse("2 mm", Unit.INCH).mm()).isEqualTo(2);
  }

  @Test
  void a_hedge_is_kept() {
    assertThat(SizeText.parse("about 90", Unit.MM).hedge()).isEqualTo(Hedge.ABOUT);
    assertThat(SizeText.parse("≤ 90", Unit.MM).hedge()).isEqualTo(Hedge.AT_MOST);
    assertThat(SizeText.parse("at least 90", Unit.MM).hedge()).isEqualTo(Hedge.AT_LEAST);
    assertThat(SizeText.parse("90", Unit.MM).hedge()).isEqualTo(Hedge.EXACT);
    assertThat(Unit.MM.show(SizeText.parse("about 90", Unit.MM))).isEqualTo("about 90.0");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "  ", "wide", "1/0", "3 4", "1e9", "--2", "5 ft", "2 1/8 mm mm", "NaN"})
  void what_is_unclear_is_refused_and_shows_what_would_do(String typed) {
    assertThatThrownBy(() -> SizeText.parse(typed, Unit.MM))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("Accepted: 54, 54 mm");
  }

  @Test
  void what_is_longer_than_any_lathe_is_refused() {
    assertThatThrownBy(() -> SizeText.parse("99999", Unit.MM)).hasMessageContaining("10 000 mm");
    assertThatThrownBy(() -> Length.mm(Double.NaN)).hasMessageContaining("10 000 mm");
    assertThatThrownBy(() -> SizeText.parse("1".repeat(60), Unit.MM))
        .hasMessageContaining("too long");
  }

  @ParameterizedTest
  @CsvSource({
    "53.975,2 1/8",
    "25.4,1",
    "6.35,1/4",
    "0,0",
    "0.396875,1/64",
    "-6.35,-1/4",
    "50.4,1 63/64"
  })
  void inches_are_shown_to_a_sixty_fourth(double mm, String shown) {
    assertThat(Unit.INCH.show(mm)).isEqualTo(shown);
  }

  @Test
  void fits_are_shown_finer_than_lengths() {
    assertThat(Unit.MM.showFit(43.624)).isEqualTo("43.62");
    assertThat(Unit.MM.show(43.624)).isEqualTo("43.6");
    assertThat(Unit.INCH.showFit(43.62)).isEqualTo("1.717");
    assertThat(Unit.MM.show(-0.04)).isEqualTo("0.0");
  }

  @Test
  void any_length_shown_and_typed_again_comes_back_within_half_a_step() {
    Random random = new Random(11);
    for (int i = 0; i < 2000; i++) {
      double mm = random.nextDouble() * 900;
      assertThat(SizeText.parse(Unit.MM.show(mm), Unit.MM).mm()).isCloseTo(mm, within(0.0501));
      assertThat(SizeText.parse(Unit.INCH.show(mm), Unit.INCH).mm())
          .isCloseTo(mm, within(25.4 / 128 + 1e-6));
    }
  }

  @Test
  void a_dimension_has_a_proper_name() {
    assertThatThrownBy(() -> new DimKey("Recess Diameter")).hasMessageContaining("recess.diameter");
    assertThat(new DimKey("tenon-foot.diameter").toString()).isEqualTo("tenon-foot.diameter");
  }
}
