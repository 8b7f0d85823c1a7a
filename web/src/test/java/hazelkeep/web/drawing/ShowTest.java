package hazelkeep.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Unit;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers beside their limits. */
class ShowTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "MM | 2.5 | 3 | RIM_THIN | 'It is 2.5 mm at its thinnest; 3.0 mm wanted.'",
        "MM | 2.98 | 3 | RIM_THIN | 'It is 2.98 mm at its thinnest; 3.00 mm wanted.'",
        "INCH | 25.4 | 50.8 | RIM_THIN | 'It is 1 in at its thinnest; 2 in wanted.'",
        "INCH | 25.3 | 25.4 | RIM_THIN | 'It is 0.996 in at its thinnest; 1.000 in wanted.'",
        "MM | 120 | 250 | CONTENT_LESS | 'To the brim it holds 120.0 ml; 250.0 ml is wished.'",
        "MM | 5.2 | 5 | LEVER | 'It sticks out 5.2 times its tenon; up to 5.0 times it cuts quietly.'",
        "MM | -0.33 | 0.03 | FIT_TIGHT | 'Its clearance is -0.33 mm, the class begins at 0.03 mm: take 0.18 mm off each side.'",
        "MM | 0 | 0 | NOT_HELD | ''",
      })
  void a_sentence_carries_its_numbers_and_none_reads_as_its_own_limit(
      Unit unit, double found, double limit, Entry entry, String said) {
    assertThat(new Show(unit).says(entry.told(Grade.WATCH, found, limit, "lid"))).isEqualTo(said);
  }

  /** 20 N over 496 N/mm is 0.040 mm. */
  @Test
  void a_stiffness_says_what_a_cut_does() {
    Practice usual = Shop.starter().practice();
    assertThat(new Show(Unit.MM).stiffness(496, usual))
        .isEqualTo("a fine cut bends it 0.04 mm (496 N/mm)");
    assertThat(new Show(Unit.INCH).stiffness(20, usual)).startsWith("a fine cut bends it 0.039");
    assertThat(new Show(Unit.MM).stiffness(2000, usual)).isEqualTo("very stiff");
  }
}
