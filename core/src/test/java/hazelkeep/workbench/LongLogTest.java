package hazelkeep.workbench;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.DimKey;
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
    Taken t = hand.taken(ROUND, "", shown);
    return hand.read(ROUND, t.gauge().name(), t.shown(), t.truth(), true);
  }

  private static long nanos(int readings) {
    List<Function<Hand, Fact>> all = new ArrayList<>();
    for (int i = 0; i < readings; i++) {
      int no = i;
      all.add(hand -> reading(hand, no));
    }
    long best = Long.MAX_VALUE;
    for (int round = 0; round < 2; round++) {
      long from = System.nanoTime();
      Bench<LiddedBox> bench =
          Bench.worked(LiddedBoxKind.BOX, LiddedBox.fresh(), Shop.starter(), List.of(), all);
      best = Math.min(best, System.nanoTime() - from);
      assertThat(bench.readings()).containsKey(ROUND);
    }
    return best;
  }

  @Test
  void four_times_as_many_readings_take_about_four_times_as_long() {
    nanos(FEW);
    double few = nanos(FEW);
    double many = nanos(MANY);
    // Each time all of them would take sixteen times as long.
    assertThat(many / few).isLessThan(10);
  }
}
