package hazelkeep.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.practice.Practice;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Span;
import hazelkeep.wood.Species;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Facts of the trade; common practice unless a source is named. */
class FitAndShopTest {
  @Test
  void the_burn_line_tells_the_recess() {
    assertThat(FitClass.burnLine(44.6, 45.6, 9, 3)).isCloseTo(44.933, within(5e-4));
  }

  @Test
  void a_jam_is_interference_that_grows_with_the_diameter() {
    assertThat(FitClass.JAM.least(50, Practice.USUAL)).isCloseTo(-0.15, within(1e-9));
    assertThat(FitClass.JAM.most(50, Practice.USUAL)).isCloseTo(-0.03, within(1e-9));
    assertThat(FitClass.SUCTION.least(45, Practice.USUAL)).isEqualTo(0.03);
    assertThat(FitClass.SUCTION.most(45, Practice.USUAL)).isEqualTo(0.12);
  }

  @Test
  void classes_follow_one_another_without_a_gap() {
    FitClass[] c =
        Arrays.stream(FitClass.values()).filter(FitClass::ofLids).toArray(FitClass[]::new);
    for (int i = 2; i < c.length; i++) {
      assertThat(c[i].least(50, Practice.USUAL)).isEqualTo(c[i - 1].most(50, Practice.USUAL));
    }
  }

  @Test
  void a_ladder_comes_nearer_by_halves_and_ends_at_the_fit() {
    Ladder l = Ladder.of(51.2, 49.275, 0.075, false);
    assertThat(l.rungs().get(l.rungs().size() - 1).diameter()).isCloseTo(49.2, within(1e-9));
    double last = 51.2;
    double taken = 0;
    for (Ladder.Rung r : l.rungs()) {
      assertThat(r.diameter()).isLessThan(last);
      taken += 2 * r.perSide();
      last = r.diameter();
      assertThat(r.clearance()).isCloseTo(49.275 - r.diameter(), within(1e-9));
    }
    assertThat(taken).isCloseTo(2, within(1e-9));
    Ladder mouth = Ladder.of(47.2, 49.2, -0.089, true);
    assertThat(mouth.rungs().get(mouth.rungs().size() - 1).diameter())
        .isCloseTo(49.111, within(1e-9));
    assertThat(Ladder.of(49, 49.3, 0.1, false).rungs()).as("nothing left to cut").isEmpty();
  }

  @Test
  void jaws_bite_all_round_at_their_true_circle_only() {
    JawSet jaws = JawSet.squeezing("50", 50, new Span(40, 66), 10, 8, 95);
    assertThat(jaws.miss(54, 12)).isCloseTo(0.255, within(5e-4));
    assertThat(jaws.miss(44, 12)).isCloseTo(0.493, within(5e-4));
    assertThat(jaws.miss(50, 12)).isZero();
    assertThat(jaws.longestTenon(Practice.USUAL)).isEqualTo(8.5);
    assertThat(jaws.flare(7)).isCloseTo(14 * Math.tan(Math.toRadians(8)), within(1e-12));
  }

  @Test
  void a_twist_bit_s_point_follows_from_its_angle() {
    assertThat(Bit.twistTip(10, 118)).isCloseTo(3.00, within(0.005));
    assertThat(Bit.twistTip(10, 135)).isCloseTo(2.07, within(0.005));
  }

  @Test
  void a_reading_is_not_a_depth() {
    Gauge gauge = new Gauge("depth gauge", 20);
    assertThat(gauge.truth(43)).isEqualTo(63);
    assertThat(gauge.shows(63)).isEqualTo(43);
  }

  @Test
  void speeds_by_diameter_in_inches() {
    Lathe lathe = Lathe.stepless(300, 450, 200, 3200);
    // 3 in round work: usual 3000/3 to 5000/3, never above 6000/3 (common practice).
    Speeds s = Speeds.of(76.2, true, Speeds.At.TURNING, Shop.starter().with(lathe));
    assertThat(s.from()).isEqualTo(1000);
    assertThat(s.to()).isEqualTo(1660);
    assertThat(s.ceiling()).isEqualTo(2000);
    assertThat(Speeds.of(76.2, false, Speeds.At.TURNING, Shop.starter().with(lathe)).ceiling())
        .isEqualTo(1200);
    assertThat(Speeds.of(76.2, true, Speeds.At.PARTING, Shop.starter().with(lathe)).to())
        .isEqualTo(1000);
    assertThat(Speeds.of(76.2, true, Speeds.At.SANDING, Shop.starter().with(lathe)).to())
        .isEqualTo(410);
    Speeds small = Speeds.of(20, true, Speeds.At.TURNING, Shop.starter().with(lathe));
    assertThat(small.to()).isEqualTo(3200);
    assertThat(small.from()).as("a window below the lathe's top").isEqualTo(1920);
    Speeds large = Speeds.of(900, true, Speeds.At.TURNING, Shop.starter().with(lathe));
    assertThat(large.ceiling()).as("not raised to the lathe's slowest").isEqualTo(160);
  }

  /** Speeds seen at work on sizes of the trade (common practice) lie in the window for them. */
  @ParameterizedTest
  @CsvSource({
    "108, false, 420, 750, roughing a 108 mm log",
    "108, true, 1200, 1300, shaping it",
    "55, true, 1700, 2000, spindles of 40 to 70 mm",
    "60, true, 1500, 1500, hollowing a 60 mm lid"
  })
  void usual_speeds_are_those_of_the_trade(
      double diameter, boolean round, double from, double to, String what) {
    Speeds s = Speeds.of(diameter, round, Speeds.At.TURNING, Shop.starter());
    assertThat(s.from()).as(what).isLessThanOrEqualTo(from * 1.05);
    assertThat(s.ceiling()).as(what).isGreaterThanOrEqualTo(to);
  }

  @Test
  void the_starter_shop_finds_jaws_and_gauges() {
    Shop shop = Shop.starter();
    assertThat(shop.tenonJaws()).as("pin jaws are not for tenons").hasSize(3);
    assertThat(shop.jaws("50 mm jaws").orElseThrow().trueCircle()).isEqualTo(50);
    assertThat(shop.caliper().dead()).isZero();
    assertThat(shop.thinnestParting().orElseThrow().width()).isEqualTo(2);
    assertThat(shop.depthBit().orElseThrow().diameter()).isEqualTo(6);
  }

  @Test
  void tools_without_width_are_refused() {
    assertThatThrownBy(() -> new hazelkeep.solid.ToolShape(0, 1, 10))
        .hasMessageContaining("above zero");
    assertThatThrownBy(() -> new Span(3, 2)).hasMessageContaining("3.0 to 2.0 is upside down");
  }

  @Test
  void the_wood_library_says_what_it_does_not_know() {
    // Wood Handbook, mechanical properties: hard maple SG 0.63 at 12 %, so 1.12 x 630 (from
    // memory).
    assertThat(Species.named("hard maple (sugar)").orElseThrow().density().orElseThrow().value())
        .isEqualTo(706);
    assertThat(Species.named("Common hazel").orElseThrow().density()).isEmpty();
    assertThat(Species.LIBRARY).hasSize(61);
  }
}
