package hazelkeep.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ContactAndReachTest {
  /** A body 0 to 60 high, radius 30, with a spigot of radius 22 up to 69. */
  private static final HalfSection BODY =
      HalfSection.box(0, 60, 0, 30).plus(HalfSection.box(60, 69, 0, 22));

  private static HalfSection lid(double recessRadius, double recessDepth) {
    return HalfSection.box(60, 90, 0, 30)
        .minus(HalfSection.box(60, 60 + recessDepth, 0, recessRadius));
  }

  @Test
  void the_shoulder_seats() {
    FirstContact c = FirstContact.of(BODY, lid(22.05, 9.7), 0);
    assertThat(c.stop()).isCloseTo(0, within(1e-9));
    assertThat(c.rFrom()).isCloseTo(22.05, within(1e-3));
    assertThat(c.rTo()).isCloseTo(30, within(1e-3));
  }

  @Test
  void the_spigot_bottoms() {
    FirstContact c = FirstContact.of(BODY, lid(22.05, 8.5), 0);
    assertThat(c.stop()).isCloseTo(0.5, within(1e-9));
    assertThat(c.rTo()).isLessThan(22.1);
  }

  @Test
  void a_tight_one_does_not_start_unless_it_is_pressed() {
    assertThat(FirstContact.of(BODY, lid(21.95, 9.7), 0).stop()).isCloseTo(9, within(1e-9));
    assertThat(FirstContact.of(BODY, lid(21.95, 9.7), 0.2).stop()).isCloseTo(0, within(1e-9));
  }

  @Test
  void a_taper_stops_where_it_has_the_recess_s_size() {
    // From 21.8 at the end to 22.8 at the root, over 9: 22.3 is reached 4.5 before the root.
    HalfSection taper =
        HalfSection.box(0, 60, 0, 30)
            .plus(HalfSection.of(Polyline.of(60, 0, 60, 22.8, 69, 21.8, 69, 0).points()));
    assertThat(FirstContact.of(taper, lid(22.3, 9.7), 0).stop()).isCloseTo(4.5, within(0.02));
  }

  @Test
  void a_hollow_foot_stands_on_its_rim_and_a_bulged_one_rocks() {
    HalfSection table = HalfSection.box(-10, 0, 0, 100);
    HalfSection hollow = HalfSection.of(Polyline.of(1.5, 0, 0, 28, 20, 30, 20, 0).points());
    assertThat(FirstContact.of(table, hollow, 0).rTo()).isCloseTo(28, within(0.01));
    HalfSection bulged = HalfSection.of(Polyline.of(-1, 0, 0.5, 28, 20, 30, 20, 0).points());
    FirstContact rocks = FirstContact.of(table, bulged, 0);
    assertThat(rocks.stop()).isCloseTo(1, within(0.01));
    assertThat(rocks.rFrom()).isZero();
  }

  @Test
  void contact_agrees_with_overlap() {
    Random random = new Random(2);
    for (int i = 0; i < 60; i++) {
      HalfSection host = steps(random, 0);
      HalfSection guest = steps(random, 1);
      double stop = FirstContact.of(host, guest, 0).stop();
      // Clear by a hair beyond the stop, overlapping by a hair before it.
      assertThat(host.and(guest.shifted(stop + 0.01)).area()).isLessThan(1e-3);
      assertThat(host.and(guest.shifted(stop - 0.01)).area()).isPositive();
    }
  }

  private static HalfSection steps(Random random, int side) {
    HalfSection h = HalfSection.EMPTY;
    for (int k = 0; k < 5; k++) {
      double z = 5 + random.nextDouble() * 20;
      h =
          h.plus(
              side == 0
                  ? HalfSection.box(-5, z, k * 4, k * 4 + 4)
                  : HalfSection.box(60 - z, 70, k * 4, k * 4 + 4));
    }
    return h;
  }

  /** A pot: outside 45, inside wall 40, mouth 15, lip 2 thick at z 98 to 100. */
  private static final HalfSection POT =
      HalfSection.box(0, 100, 0, 45)
          .minus(HalfSection.box(5, 98, 0, 40))
          .minus(HalfSection.box(90, 101, 0, 15));

  /** How near the lip a bar reaches the wall, in closed form: a tangent to both lip edges. */
  private static double reached(double width) {
    // The bar lies against the near lip's inner edge (98, 15) and the far lip's outer (100, -15).
    // Its centre line passes half a width inside of both; it meets the wall's parallel at half a
    // width from the wall.
    double s = width / 2;
    double lo = Math.toRadians(0.1);
    double hi = Math.toRadians(89.9);
    for (int i = 0; i < 200; i++) {
      double a = (lo + hi) / 2;
      // Distance between the two parallels through the lip's edges, at angle a from the axis.
      double across = 30 * Math.cos(a) - 2 * Math.sin(a);
      if (across > width) {
        lo = a;
      } else {
        hi = a;
      }
    }
    // The steepest bar; follow its centre line from the near edge down to the wall.
    double a = lo;
    double z = 98 - s * Math.sin(a);
    double r = 15 - s * Math.cos(a);
    return z - (40 - s - r) / Math.tan(a);
  }

  @Test
  void a_bar_reaches_under_a_lip_as_far_as_its_width_lets_it() {
    for (double width : new double[] {2, 6, 10}) {
      double nose = width / 2;
      ToolShape bar = new ToolShape(nose, nose, 400);
      double closed = reached(width);
      assertThat(open(bar, closed - 0.5)).as("width %s below %s", width, closed).isTrue();
      assertThat(open(bar, closed + 0.5)).as("width %s above %s", width, closed).isFalse();
    }
  }

  private static boolean open(ToolShape bar, double z) {
    Polyline wall = Polyline.of(z + 0.01, 40, z - 0.01, 40);
    return LineOfWork.of(List.of(POT), bar, wall, LineOfWork.From.ANY).open() > 0;
  }

  @Test
  void a_thinner_tool_never_reaches_less() {
    Polyline wall = Polyline.of(97, 40, 6, 40);
    double last = 1000;
    for (double half : new double[] {0.5, 1, 2, 4, 7}) {
      double open =
          LineOfWork.of(List.of(POT), new ToolShape(half, half, 400), wall, LineOfWork.From.TAIL)
              .open();
      assertThat(open).isLessThanOrEqualTo(last + 1e-9);
      last = open;
    }
  }

  @Test
  void more_in_the_way_never_opens_anything() {
    Polyline wall = Polyline.of(97, 40, 6, 40);
    ToolShape tool = new ToolShape(2, 4, 400);
    double free = LineOfWork.of(List.of(POT), tool, wall, LineOfWork.From.TAIL).open();
    HalfSection tail = HalfSection.box(101, 160, 0, 12);
    double blocked = LineOfWork.of(List.of(POT, tail), tool, wall, LineOfWork.From.TAIL).open();
    assertThat(blocked).isLessThanOrEqualTo(free);
    assertThat(
            LineOfWork.of(
                    List.of(POT, HalfSection.box(101, 160, 0, 40)),
                    tool,
                    wall,
                    LineOfWork.From.TAIL)
                .open())
        .as("a floor behind a tail plate is hidden")
        .isZero();
  }

  @Test
  void a_short_tool_does_not_get_to_the_floor() {
    HalfSection cup = HalfSection.box(0, 100, 0, 30).minus(HalfSection.box(5, 101, 0, 25));
    Polyline floor = Polyline.of(5, 24, 5, 1);
    assertThat(
            LineOfWork.of(List.of(cup), new ToolShape(1, 3, 80), floor, LineOfWork.From.TAIL)
                .open())
        .isZero();
    assertThat(
            LineOfWork.of(List.of(cup), new ToolShape(1, 3, 100), floor, LineOfWork.From.TAIL)
                .hidden())
        .isZero();
  }

  @Test
  void a_corner_sharper_than_the_nose_is_too_tight() {
    HalfSection cup = HalfSection.box(0, 60, 0, 30).minus(HalfSection.box(5, 61, 0, 25));
    Polyline corner = Polyline.of(5, 24, 5, 22);
    LineOfWork.Reach r =
        LineOfWork.of(List.of(cup), new ToolShape(6, 6, 120), corner, LineOfWork.From.TAIL);
    assertThat(r.tooTight()).isCloseTo(r.whole(), within(1e-9));
  }

  @Test
  void walls_are_shortest_distances() {
    // A cone outside, a cylinder inside: the wall is taken square to the cone.
    Polyline cone = Polyline.of(0, 20, 40, 40);
    Polyline bore = Polyline.of(40, 15, 5, 15);
    Wall w = Wall.of(cone, bore, 3).orElseThrow();
    double lean = Math.atan2(20, 40);
    double radial = 20 + 5 * 0.5 - 15;
    assertThat(w.least()).isCloseTo(radial * Math.cos(lean), within(0.02));
  }
}
