package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.RandomPieces.Wished;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.Sum;
import hazelkeep.piece.Sums;
import hazelkeep.shop.Shop;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What stands behind a number adds up to it. */
class SumsTest {
  private final Shop shop = Shop.starter();

  private <D extends Design> Map<DimKey, Sum> sums(Kind<D> kind, D design) {
    return Sums.of(kind, design, shop, Map.of());
  }

  @Test
  void body_is_height_less_lid() {
    Sum s = sums(LiddedBoxKind.BOX, LiddedBox.fresh()).get(new DimKey("body.height"));
    String told =
        s.terms().stream()
            .map(t -> t.factor() + " " + t.size().map(DimKey::path).orElse(""))
            .collect(Collectors.joining(", "));
    assertThat(told).isEqualTo("1.0 outside.height, -1.0 lid.height");
    assertThat(s.rest()).isZero();
  }

  @Test
  void every_sum_of_every_kind_adds_up_and_many_have_one() {
    int all = 0;
    int summed = 0;
    for (Wished<?> w : new RandomPieces(83).sound(40)) {
      int[] n = adds(w);
      all += n[0];
      summed += n[1];
    }
    assertThat(summed).isGreaterThan(all * 4 / 5);
  }

  private <D extends Design> int[] adds(Wished<D> w) {
    Map<DimKey, Dim> dims = Sketch.of(w.kind(), w.design(), shop, Map.of()).aim().dims();
    Map<DimKey, Sum> sums = sums(w.kind(), w.design());
    sums.forEach(
        (k, s) -> {
          assertThat(s.mm())
              .as(w.kind().name() + " " + k)
              .isCloseTo(dims.get(k).mm(), within(0.06));
          s.terms()
              .forEach(
                  t ->
                      t.size()
                          .ifPresent(
                              of ->
                                  assertThat(t.value())
                                      .isCloseTo(dims.get(of).mm(), within(1e-9))));
        });
    long worked = dims.values().stream().filter(d -> !d.from().isEmpty()).count();
    return new int[] {
      (int) worked, (int) sums.keySet().stream().filter(k -> !dims.get(k).from().isEmpty()).count()
    };
  }
}
