package hazelkeep.piece.mill;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.piece.Plan;
import hazelkeep.shop.Shop;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Mills and shakers. */
class MillTest {
  private final Shop shop = Shop.starter();

  @Test
  void fresh() {
    for (MillKind k : List.of(MillKind.MILL, MillKind.SHAKER)) {
      Plan<Mill> p = Plan.of(k, k.fresh(), shop, List.of());

      p.findings()
          .forEach(
              f ->
                  System.out.println(
                      f.grade()
                          + " "
                          + f.code()
                          + " "
                          + f.at().map(Object::toString).orElse("")
                          + " "
                          + f.part()
                          + " "
                          + f.verdict().title()
                          + " "
                          + f.verdict().found()
                          + "/"
                          + f.verdict().limit()
                          + f.verdict().unit()));
      assertThat(p.route().setups()).isNotEmpty();
    }
  }
}
