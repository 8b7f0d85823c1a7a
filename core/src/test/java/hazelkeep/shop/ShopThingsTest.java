package hazelkeep.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.measure.Refused;
import hazelkeep.practice.Practice;
import hazelkeep.solid.Span;
import hazelkeep.solid.ToolShape;
import hazelkeep.wood.Doing;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Things on the wall: what can't be is refused with what would be accepted. */
class ShopThingsTest {
  private static JawSet jaws(double circle, Span squeeze, Span expand, double depth) {
    return new JawSet(
        "jaws", JawSet.Form.DOVETAIL, circle, squeeze, Optional.ofNullable(expand), depth, 8, 90);
  }

  private static Lathe lathe(double swing, double slow, double fast, double quill) {
    return new Lathe(swing, 450, slow, fast, List.of(), quill, "M33", false);
  }

  private static Arguments wrong(Supplier<Object> thing, String says) {
    return Arguments.of(thing, says);
  }

  static Stream<Arguments> wrong() {
    Span s = new Span(40, 60);
    return Stream.of(
        wrong(() -> jaws(2, s, null, 10), "true circle lies between 4.0 mm"),
        wrong(() -> jaws(50, new Span(40, 40), null, 10), "squeezing range runs from the smaller"),
        wrong(() -> jaws(50, s, new Span(54, 700), 10), "expanding range lies between"),
        wrong(() -> jaws(50, s, null, 0), "jaws' depth lies between 2.0 mm"),
        wrong(() -> new Span(60, 40), "upside down"),
        wrong(() -> lathe(10, 200, 3000, 100), "swing lies between 50.0 mm"),
        wrong(() -> lathe(300, 0, 3000, 100), "slowest speed lies between 1 and 10000 rpm"),
        wrong(() -> lathe(300, 3000, 200, 100), "change them over"),
        wrong(() -> lathe(300, 200, 3000, -1), "quill's travel lies between"),
        wrong(() -> new Centre("", Centre.Form.LIVE, 1, 1, 10), "name of 1 to 60"),
        wrong(() -> new Centre("c", Centre.Form.LIVE, 1, 1, 0), "room round the axis"),
        wrong(() -> new Bit("b", Bit.Form.TWIST, 0, 1, 50, 5, false), "bit's diameter"),
        wrong(() -> new Bit("b", Bit.Form.SPADE, 20, 30, 20, 8, true), "point is longer"),
        wrong(() -> new Extension("e", 1, 100), "extension's diameter"),
        wrong(() -> new DrillChuck("d", 2, 40), "chuck's nose"),
        wrong(() -> new Gauge("g", 900), "dead length"),
        wrong(() -> new Landmark("l", 0), "length lies between"),
        wrong(() -> new Rest("r", 5), "rest's length"),
        wrong(() -> new Steady("s", new Span(150, 150), 12), "steady's range runs from"),
        wrong(() -> new WoodScrew("s", 20, 30, 12), "wider than the screw"),
        wrong(
            () -> new KeptChuck("k", KeptChuck.Form.CUP, 40, 10, 41, ""), "no wall holds nothing"),
        wrong(() -> new KeptChuck("k", KeptChuck.Form.PLUG, 40, 10, 41, ""), "needs a face"),
        wrong(() -> new PushTest("Plum", 40, 50, 180, 0, 0.2), "force lies between"),
        wrong(() -> new PushTest("Plum", 40, 50, 180, 50, 0), "deflection"),
        wrong(() -> new Tool("t", new ToolShape(1, 2, 100), Set.of(), 0), "what it is good for"),
        wrong(() -> new Tool("t", new ToolShape(1, 2, 2), Set.of(Doing.CUT), 0), "tool's reach"),
        wrong(
            () -> new Tool("\u0007", new ToolShape(1, 2, 90), Set.of(Doing.CUT), 0),
            "name of 1 to 60"));
  }

  @ParameterizedTest
  @MethodSource("wrong")
  void refused(Supplier<Object> thing, String says) {
    assertThatThrownBy(thing::get).isInstanceOf(Refused.class).hasMessageContaining(says);
  }

  @Test
  void a_lathes_own_steps() {
    Lathe steps =
        new Lathe(300, 450, 400, 2900, List.of(900.0, 400.0, 900.0, 2900.0), 100, "", false);
    assertThat(steps.steps()).containsExactly(400.0, 900.0, 2900.0);
    assertThat(steps.within(new Speeds(500, 1000, 1500))).containsExactly(900.0);
    assertThat(steps.within(new Speeds(1000, 2000, 2500))).isEmpty();
    assertThat(steps.atMost(2000)).isEqualTo(900);
    assertThat(steps.atMost(100)).as("none is slow enough").isEqualTo(400);
    Lathe free = Lathe.stepless(300, 450, 200, 3200);
    assertThat(free.atMost(5000)).isEqualTo(3200);
    assertThat(free.atMost(50)).isEqualTo(200);
  }

  @Test
  void a_window_below_a_critical_speed() {
    Speeds s = new Speeds(1000, 1600, 2000);
    assertThat(s.below(5000)).isEqualTo(s);
    assertThat(s.below(1805)).isEqualTo(new Speeds(1000, 1600, 1800));
    assertThat(s.below(1200)).isEqualTo(new Speeds(1000, 1200, 1200));
    assertThat(s.below(700)).isEqualTo(new Speeds(700, 700, 700));
  }

  /** By how much jaws miss: nothing at their circle, more the farther off, never below nothing. */
  @Test
  void a_bite_gets_worse_away_from_the_true_circle() {
    Random random = new Random(3);
    for (int i = 0; i < 200; i++) {
      double circle = 20 + 60 * random.nextDouble();
      JawSet j = jaws(circle, new Span(0.7 * circle, 1.5 * circle), null, 10);
      assertThat(j.miss(circle)).isCloseTo(0, within(1e-9));
      double last = 0;
      for (double d = circle; d < 1.5 * circle; d += circle / 20) {
        assertThat(j.miss(d)).isGreaterThanOrEqualTo(last - 1e-9);
        last = j.miss(d);
      }
      assertThat(j.lines(circle + 3, Practice.USUAL)).isEqualTo(8);
      assertThat(j.lines(circle - 3, Practice.USUAL)).isEqualTo(4);
      // The flare of a dovetail by its own geometry.
      assertThat(Math.toDegrees(Math.atan(j.flare(7) / 14))).isCloseTo(8, within(1e-9));
    }
  }

  @Test
  void what_a_shop_lacks_is_lent_a_common_one() {
    Shop bare =
        new Shop(
            null,
            null,
            null,
            null,
            null,
            Lathe.stepless(300, 450, 200, 3000),
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null);
    assertThat(bare.drive().form()).isEqualTo(Centre.Form.DRIVE);
    assertThat(bare.pad().dimple()).isZero();
    assertThat(bare.screw().diameter()).isEqualTo(8);
    assertThat(bare.drillChuck().nose()).isEqualTo(36);
    assertThat(bare.tenonJaws()).isEmpty();
    assertThat(bare.depthBit()).isEmpty();
    assertThat(bare.woods().named("Common pear")).isPresent();
  }
}
