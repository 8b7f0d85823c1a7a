package hazelkeep.finding;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.Firmly;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every size of every kind halved and doubled: what is said of it has no length below nothing. */
class NoLengthIsNegativeTest {
  private final Shop shop = Firmly.SHOP;

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void whatever_is_stated(Kind<?> kind) {
    stated(kind);
  }

  private <D extends Design> void stated(Kind<D> kind) {
    Sketch<D> fresh = Sketch.of(kind, kind.fresh(), shop, Map.of());
    int told = 0;
    for (DimKey key : fresh.aim().dims().keySet()) {
      for (double share : new double[] {0.2, 0.5, 0.8, 1.25, 2, 4}) {
        double mm = Rounding.to(share * fresh.aim().mm(key.path()), 1);
        told += judged(kind, kind.size(kind.fresh(), key, Optional.of(Size.mm(mm))));
      }
    }
    assertThat(told).isPositive();
  }

  private <D extends Design> int judged(Kind<D> kind, D design) {
    try {
      List<Finding> all = Sketch.of(kind, design, shop, Map.of()).findings();
      for (Finding f : all) {
        if (!f.verdict().unit().equals("mm fit")) {
          String said = f.verdict().says((v, unit) -> Rounding.text(v, 1) + " " + unit);
          assertThat(said).as(kind.name()).doesNotContainPattern("(^|[^0-9])[-\u2212][0-9]");
        }
      }
      return all.size();
    } catch (BadDesign e) {
      return 0;
    }
  }
}
