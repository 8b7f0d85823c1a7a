package hazelkeep.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Unit;
import hazelkeep.measure.Verdict;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers beside their limits. */
class ShowTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "MM | 2.5 | 3 | mm | '2.5 mm, limit 3.0 mm'",
        "MM | 2.98 | 3 | mm | '2.98 mm, limit 3.00 mm'",
        "MM | 49.47 | 49.5 | mm fit | '49.47 mm, limit 49.50 mm'",
        "INCH | 25.4 | 50.8 | mm | '1 in, limit 2 in'",
        "INCH | 25.3 | 25.4 | mm | '0.996 in, limit 1.000 in'",
        "MM | 120 | 250 | ml | '120.0 ml, limit 250.0 ml'",
        "MM | 0 | 1 | '' | ''",
      })
  void a_number_never_reads_as_its_own_limit(
      Unit unit, double found, double limit, String in, String said) {
    Verdict v = new Verdict("code", Grade.WATCH, found, limit, in, "Title", "Why.");
    assertThat(new Show(unit).numbers(v)).isEqualTo(said);
  }
}
