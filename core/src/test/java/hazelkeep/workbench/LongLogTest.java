package hazelkeep.workbench;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Patience;
import hazelkeep.measure.Unit;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** Facts that are put together in a row are replayed once each, not each time all of them. */
class LongLogTest {
  private static final DimKey ROUND = new DimKey("blank.round");
  private static final int FEW = 25;
  private static final int MANY = 100;

  private static Fact reading(Hand hand, int i) {
    double shown = 64 + 0.001 * (i % 40);
    Taken t = hand.taken(ROUND, "", shown, Unit.MM);
    return hand.read(ROUND, t.gauge().name(), t.shown(), t.truth(), true);
  }

  private static long work(int readings) {
    List<Function<Hand, Fact>> all = new ArrayList<>();
    for (int i = 0; i < readings; i++) {
      int no = i;
      all.add(hand -> reading(hand, no));
    }
    return Patience.within(
        Long.MAX_VALUE,
        () -> {
          Bench<LiddedBox> bench =
              Bench.worked(LiddedBoxKind.BOX, LiddedBox.fresh(), Shop.starter(), List.of(), all);
          assertThat(bench.readings()).containsKey(ROUND);
          return Patience.spent();
        });
  }

  @Test
  void four_times_as_many_readings_are_four_times_the_work() {
    double few = work(FEW);
    double many = work(MANY);
    // Each time all of them would be sixteen times the work.
    assertThat(many / few).isBetween(3.0, 5.0);
  }
}
