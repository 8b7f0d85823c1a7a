package hazelkeep.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A hooked bar behind a mouth: a pot of 40 mm radius under a lip of 2 mm. */
class HookedBarTest {
  private static final double DEEP = 100;
  private static final double R = 40;
  private static final double LIP = 2;

  /** The pot: floor at 0, its lip at the top. */
  private static HalfSection pot(double mouth) {
    return HalfSection.box(-8, DEEP, 0, R + 6)
        .minus(HalfSection.box(0, DEEP - LIP, 0, R))
        .minus(HalfSection.box(0, DEEP + 1, 0, mouth));
  }

  private static final Polyline WALL =
      new Polyline(List.of(new Point(DEEP - LIP, R), new Point(0, R)));

  private static double share(double mouth, double hook, double half, double length) {
    LineOfWork.Reach r =
        new HookedBar(new ToolShape(1, half, length), hook).in(pot(mouth), WALL, 1);
    return r.open() / r.whole();
  }

  /** As wide as hook and bar side by side: 24 pass a mouth of 24, not one of 23. */
  @ParameterizedTest
  @CsvSource({"12.5, true", "11.5, false"})
  void it_passes_a_mouth_as_wide_as_hook_and_bar(double mouth, boolean passes) {
    assertThat(share(mouth, 20, 4, 200) > 0).isEqualTo(passes);
  }

  /**
   * Right under the lip a straight bar has no way in: its lowest place there by the closed form of
   * a bar laid from the lip's edge across the mouth. The hook works it from the axis.
   */
  @Test
  void it_works_where_no_straight_bar_gets_to() {
    ToolShape bar = new ToolShape(1, 2, 200);
    LineOfWork.Reach straight = LineOfWork.of(List.of(pot(15)), bar, WALL, LineOfWork.From.TAIL);
    double hooked = share(15, 25, 2, 200);
    assertThat(hooked).isGreaterThan(straight.open() / straight.whole());
    assertThat(hooked).isGreaterThan(0.93);
  }

  /** Straight in, the tip comes out at mouth less half the bar, and the hook beyond it. */
  @Test
  void without_leaning_it_reaches_hook_and_mouth_together() {
    double most = 15 - 4 + 20;
    for (double r : new double[] {most - 1, most + 8}) {
      HalfSection tube =
          HalfSection.box(-8, 400, 0, 60)
              .minus(HalfSection.box(0, 40, 0, r))
              .minus(HalfSection.box(0, 401, 0, 15));
      Polyline wall = new Polyline(List.of(new Point(38, r), new Point(4, r)));
      LineOfWork.Reach reach = new HookedBar(new ToolShape(1, 4, 500), 20).in(tube, wall, 1);
      // The neck is so long that no lean helps.
      assertThat(reach.open() > 0.5 * reach.whole()).as("radius %s", r).isEqualTo(r < most);
    }
  }

  @Test
  void a_shorter_bar_reaches_no_deeper() {
    double all = share(20, 20, 3, 150);
    double half = share(20, 20, 3, 60);
    assertThat(half).isLessThan(all);
    assertThat(share(20, 20, 3, 20)).isLessThan(half + 1e-9);
    LineOfWork.Reach r = new HookedBar(new ToolShape(1, 3, 60), 20).in(pot(20), WALL, 1);
    assertThat(r.hiddenAt().z()).as("what stays hidden lies deep").isLessThan(45);
  }

  @Test
  void a_wider_mouth_never_reaches_less() {
    double before = 0;
    for (double mouth = 12; mouth <= 36; mouth += 3) {
      double now = share(mouth, 18, 4, 180);
      assertThat(now).isGreaterThanOrEqualTo(before - 1e-9);
      before = now;
    }
    assertThat(before).isGreaterThan(0.9);
  }

  @Test
  void giving_up_says_no_more_than_is_so() {
    LineOfWork.Reach all = new HookedBar(new ToolShape(1, 5, 90), 15).in(pot(14), WALL, 1);
    LineOfWork.Reach early = new HookedBar(new ToolShape(1, 5, 90), 15).in(pot(14), WALL, 0.1);
    assertThat(early.open()).isLessThanOrEqualTo(all.open() + 1e-9);
    assertThat(early.whole()).isCloseTo(all.whole(), within(1e-6));
  }
}
