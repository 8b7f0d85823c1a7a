package hazelkeep.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** How many pieces a blank gives. */
class BatchTest {
  /** By hand: n pieces and n - 1 kerfs. */
  @ParameterizedTest
  @CsvSource({
    "100, 100, 3, 1, 0",
    "202.9, 100, 3, 1, 102.9",
    "203, 100, 3, 2, 0",
    "500, 120, 3, 4, 11",
    "80, 100, 3, 0, 80"
  })
  void pieces_and_kerfs_fill_it(double length, double need, double kerf, int pieces, double rest) {
    Batch b = Batch.of(length, need, kerf);
    assertThat(b.pieces()).isEqualTo(pieces);
    assertThat(b.rest()).isCloseTo(rest, within(1e-9));
  }

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void a_blank_three_times_as_long_gives_fewer_than_three_for_the_saw(Kind<?> kind) {
    assertThat(batch(kind, 1, 0).pieces()).isEqualTo(1);
    assertThat(batch(kind, 3, 0).pieces()).isEqualTo(2);
    assertThat(batch(kind, 3, 6.1).pieces()).isEqualTo(3);
  }

  private static <D extends Design> Batch batch(Kind<D> kind, int times, double more) {
    Sketch<D> one = Sketch.of(kind, kind.fresh(), Shop.starter(), Map.of());
    double length = times * one.aim().mm("stick.need") + more;
    D d = kind.size(kind.fresh(), new DimKey("blank.length"), Optional.of(Size.mm(length)));
    return Sketch.of(kind, d, Shop.starter(), Map.of()).batch();
  }

  @Test
  void nothing_is_said_of_what_is_not_there() {
    assertThat(Batch.of(10, 100, 3)).isEqualTo(new Batch(0, 10));
  }
}
