package hazelkeep.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.hold.Work;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Species;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Work out of balance: F = m e w² of any handbook of mechanics. */
class BalanceTest {
  /** 1 kg, 3 mm, 1000 turns a minute: 0.003 (2 pi 1000 / 60)². */
  @ParameterizedTest
  @CsvSource({"1000, 3, 1000, 32.9", "500, 6, 1000, 32.9", "1000, 3, 500, 8.22"})
  void it_pulls_with_the_square_of_the_speed(double g, double mm, double rpm, double newton) {
    assertThat(Balance.pulls(g, mm, rpm)).isCloseTo(newton, within(0.01));
    assertThat(Balance.most(g, mm, newton)).isCloseTo(rpm, within(0.5));
  }

  @Test
  void what_is_not_off_may_turn_as_fast_as_it_likes() {
    assertThat(Balance.most(1000, 0, 50)).isInfinite();
    assertThat(Balance.most(0, 3, 50)).isInfinite();
  }

  /** Only the stretch that is not round counts: of 100 mm of a square the upper 60 are rounded. */
  @Test
  void what_is_round_already_pulls_no_more() {
    Species maple = Shop.starter().woods().named("Hard maple (sugar)").orElseThrow();
    HalfSection sound = HalfSection.box(0, 100, 0, 30);
    HalfSection swept = sound.plus(HalfSection.box(0, 40, 0, 42));
    Body blank = new Body("blank", sound, swept, maple);
    Work work =
        new Work(
            Map.of(), Map.of("blank", blank), Map.of("blank", new Frame(0, false)), Practice.USUAL);
    double grams = Math.PI * 42 * 42 * 40 * maple.kilograms() * 1e-6;
    assertThat(Balance.rough(work)).isCloseTo(grams, within(1e-6 * grams));
    Work round =
        new Work(
            Map.of(),
            Map.of("blank", new Body("blank", sound, sound, maple)),
            Map.of("blank", new Frame(0, false)),
            Practice.USUAL);
    assertThat(Balance.rough(round)).isZero();
  }
}
