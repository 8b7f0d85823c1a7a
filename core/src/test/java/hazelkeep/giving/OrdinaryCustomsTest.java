package hazelkeep.giving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Design;
import hazelkeep.piece.Sketch;
import hazelkeep.shop.Shop;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is taken by default goes by what is on the wall and by what was stated. */
class OrdinaryCustomsTest {
  private static <D extends Design> Sketch<D> drawn(Wishes.Wish<D> wish) {
    return Sketch.of(wish.kind(), wish.design(), Shop.starter(), Map.of());
  }

  /**
   * Bits of the usual wall: 6 reaches 95, 10 reaches 120, Forstner bits from 12 up reach 85 and
   * another 150 with the extension. What goes in has 1.5 mm of play.
   */
  @ParameterizedTest
  @CsvSource({
    "straight-well holds=8x60, 9.5, the 6 reaches and is opened",
    "straight-well holds=8x140, 12, neither 6 nor 10 reaches 119",
    "straight-well holds=4x60, 6, there is no bit of 5.5",
    "straight-well holds=14x140, 15.5, the 15 reaches with its extension",
    "dry-stem-vase holds=6x120, 10, the 6 does not reach 105",
  })
  void a_bore_is_one_that_a_bit_on_the_wall_gets_down(String wish, double bore, String why) {
    Sketch<?> s = drawn(Wishes.of(wish));
    assertThat(s.aim().dims().get(new DimKey("bore.diameter")).mm())
        .as(why)
        .isCloseTo(bore, within(1e-9));
  }

  /**
   * Dovetail jaws close on 23 at the root and 0.2 more to bite; with shoulders of 2 beside it that
   * is 27.2, which 28 of a square of 30 has and 23 of a round of 25 has not.
   */
  @ParameterizedTest
  @CsvSource({"150x30s, false", "120x25, true", "130x22, true"})
  void where_no_dovetail_leaves_a_shoulder_pins_close_on_a_straight_tenon(
      String blank, boolean pins) {
    Sketch<?> s = drawn(Wishes.of("needle-case blank=" + blank));
    double end = s.aim().dims().get(new DimKey("tenon-foot.diameter")).mm();
    double root = s.aim().dims().get(new DimKey("tenon-foot.root")).mm();
    assertThat(end - root < 1e-9).isEqualTo(pins);
    if (pins) {
      assertThat(end).as("what they close on").isBetween(12.0, 22.0);
    }
  }

  /**
   * In 22 a bore of 15 in a lid bored 18 leaves walls of 2, the next pair, 12 in 15, of 3.5; in 48
   * a house of 38 in 50 leaves none, one of 30 in 38 walls of 5.
   */
  @ParameterizedTest
  @CsvSource({"needle-case, 22, 12, 2.5", "hanging-house, 48, 30, 2.5"})
  void a_case_is_bored_for_the_walls_that_its_outside_leaves(
      String kind, double outside, double bore, double wall) {
    Sketch<?> s = drawn(Wishes.of(kind + " outside.diameter=" + outside));
    double recess = s.aim().dims().get(new DimKey("recess.diameter")).mm();
    assertThat(s.aim().dims().get(new DimKey("bore.diameter")).mm()).isEqualTo(bore);
    assertThat((outside - recess) / 2).isGreaterThanOrEqualTo(wall);
    assertThat(s.gave().sizes()).as("it is taken so, nothing gives way").isEmpty();
  }

  /** A recess 5.38 deep in a lid hollowed 5.40 is one floor: no tool cuts a step of 0.02. */
  @Test
  void a_step_that_no_tool_cuts_is_not_drawn() {
    Sketch<?> s = drawn(Wishes.of("lidded-box holds=25x10"));
    var roof =
        s.aim().part("lid").surfaces().stream()
            .filter(f -> f.id().name().equals("inside"))
            .findFirst()
            .orElseThrow();
    assertThat(roof.line().points()).allMatch(p -> p.z() == roof.line().first().z());
  }
}
