package hazelkeep.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Solids of revolution against closed forms of school geometry. */
class HalfSectionTest {
  private static HalfSection of(double... zr) {
    return HalfSection.of(Polyline.of(zr).points());
  }

  @Test
  void a_frustum() {
    // V = pi h/3 (r1^2 + r1 r2 + r2^2): radius 20 to 30 over 60.
    HalfSection frustum = of(0, 0, 60, 0, 60, 30, 0, 20);
    assertThat(frustum.volume()).isCloseTo(119_380.5, within(0.1));
    // Centroid of a frustum, h/4 (r1^2 + 2 r1 r2 + 3 r2^2)/(r1^2 + r1 r2 + r2^2).
    double c = 60 / 4.0 * (400 + 2 * 600 + 3 * 900) / (400 + 600 + 900);
    assertThat(frustum.centroid()).isCloseTo(c, within(1e-9));
  }

  /** A rectangle is made without being looked through: to the corner what its outline gives. */
  @Test
  void a_box_is_its_outline() {
    Random r = new Random(3);
    for (int i = 0; i < 200; i++) {
      double z0 = 100 * r.nextDouble() - 50;
      double z1 = z0 + r.nextInt(3) * r.nextDouble();
      double r0 = 10 * r.nextDouble() - 2;
      double r1 = r0 + r.nextInt(3) * r.nextDouble();
      List<Point> corners =
          List.of(new Point(z0, r0), new Point(z1, r0), new Point(z1, r1), new Point(z0, r1));
      HalfSection box = HalfSection.box(z0, z1, r0, r1);
      assertThat(box).isEqualTo(r1 <= 0 ? HalfSection.EMPTY : HalfSection.of(corners));
    }
    assertThat(HalfSection.box(0, Double.NaN, 0, 1)).isEqualTo(HalfSection.EMPTY);
  }

  @Test
  void a_bored_cylinder() {
    HalfSection cup = HalfSection.box(0, 80, 0, 30).minus(HalfSection.box(6, 80, 0, 25));
    assertThat(cup.volume()).isCloseTo(80_896, within(1.0));
    assertThat(HalfSection.box(6, 80, 0, 25).volume() / 1000).isCloseTo(145.3, within(0.05));
    assertThat(cup.volume() * 700e-6).isCloseTo(56.6, within(0.05));
  }

  @Test
  void a_hemisphere_within_the_chord_error() {
    Profile p = new Profile(List.of(new Curve.Arc(new Point(0, 0), 25, 25, 180, 90)));
    List<Point> ring = new ArrayList<>(p.flat().points());
    ring.add(new Point(0, 0));
    double exact = 2 / 3.0 * Math.PI * 25 * 25 * 25;
    // Chords lie inside the curve: at most CHORD of thickness is lost over the whole skin.
    double skin = 2 * Math.PI * 25 * 25 * Curve.CHORD;
    assertThat(HalfSection.of(ring).volume()).isBetween(exact - skin, exact);
    assertThat(p.radius(-15)).isCloseTo(20, within(1e-9));
  }

  @Test
  void a_closed_cavity_is_a_hole() {
    HalfSection hollow = HalfSection.box(0, 40, 0, 20).minus(HalfSection.box(10, 30, 5, 12));
    assertThat(hollow.rings()).hasSize(2);
    assertThat(hollow.at(20)).containsExactly(new Span(0, 5), new Span(12, 20));
    double exact = Math.PI * 400 * 40 - Math.PI * (144 - 25) * 20;
    assertThat(hollow.volume()).isCloseTo(exact, within(1e-6));
    assertThat(hollow.holds(20, 8)).isFalse();
    assertThat(hollow.holds(20, 3)).isTrue();
    assertThat(hollow.holds(20, -3)).as("the mirror image below the axis").isTrue();
  }

  @Test
  void turning_and_shifting_are_exact() {
    Random random = new Random(7);
    HalfSection body = of(0, 0, 61.237, 0, 60, 17.131, 22.22, 30.009, 0, 21);
    for (int i = 0; i < 300; i++) {
      Frame f = new Frame(random.nextDouble() * 400 - 200, random.nextBoolean());
      assertThat(body.in(f).in(f.inverse())).isEqualTo(body);
      double z = random.nextDouble() * 60;
      assertThat(f.inverse().x(f.x(z))).isCloseTo(z, within(1e-12));
    }
  }

  @Test
  void cuts_to_one_target_leave_nothing() {
    Random random = new Random(3);
    for (int run = 0; run < 40; run++) {
      Profile p =
          new Profile(
              List.of(
                  new Curve.Hermite(
                      new Point(0, 20), new Point(70, 26), random.nextDouble(), -0.2)));
      List<Point> ring = new ArrayList<>(p.flat().points());
      ring.add(new Point(70, 0));
      ring.add(new Point(0, 0));
      HalfSection target = HalfSection.of(ring);
      HalfSection stock = HalfSection.box(0, 70, 0, 40);
      double at = 0;
      while (at < 70) {
        double next = at + 3 + random.nextDouble() * 20;
        stock = stock.minus(HalfSection.box(at - 1, next, 0, 50).minus(target));
        at = next;
      }
      assertThat(stock.minus(target).area()).isLessThan(1e-3);
      assertThat(target.minus(stock).area()).isLessThan(1e-3);
    }
  }

  @Test
  void volume_is_kept_when_a_piece_is_cut_in_two() {
    Random random = new Random(5);
    HalfSection whole = of(0, 0, 80, 0, 80, 20, 40, 33, 0, 25);
    for (int i = 0; i < 100; i++) {
      HalfSection cut =
          HalfSection.box(
              random.nextDouble() * 40,
              40 + random.nextDouble() * 40,
              random.nextDouble() * 15,
              15 + random.nextDouble() * 20);
      double sum = whole.minus(cut).volume() + whole.and(cut).volume();
      assertThat(sum / whole.volume()).isCloseTo(1, within(1e-5));
    }
  }

  @Test
  void pieces_and_necks() {
    HalfSection dumbbell =
        HalfSection.box(0, 20, 0, 20)
            .plus(HalfSection.box(20, 25, 0, 0.4))
            .plus(HalfSection.box(25, 45, 0, 20));
    assertThat(dumbbell.pieces()).hasSize(1);
    assertThat(dumbbell.countWithout(1)).isEqualTo(2);
    assertThat(dumbbell.thinSomewhere(1, dumbbell)).isTrue();
    assertThat(HalfSection.box(0, 20, 5, 20).countWithout(1))
        .as("a ring is one piece")
        .isEqualTo(1);
    HalfSection tube = HalfSection.box(0, 20, 5, 20);
    assertThat(tube.thinSomewhere(1, tube)).isFalse();
  }

  @Test
  void an_outline_that_crosses_itself_is_refused() {
    assertThatThrownBy(() -> of(0, 0, 50, 40, 50, 0, 0, 40))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("crosses itself");
  }

  @Test
  void text_keeps_a_region_exactly() {
    HalfSection h = HalfSection.box(0.1, 40.3, 0, 20.7).minus(HalfSection.box(10, 30, 5, 12));
    assertThat(HalfSection.parse(h.text())).isEqualTo(h);
    assertThatThrownBy(() -> HalfSection.parse("a box")).isInstanceOf(Refused.class);
  }

  @Test
  void growing_by_an_allowance_keeps_flat_faces_parallel() {
    HalfSection grown = HalfSection.box(0, 40, 0, 20).leaving(1);
    assertThat(grown.outer(20)).isCloseTo(21, within(2e-4));
    assertThat(grown.maxZ()).isCloseTo(41, within(2e-4));
    assertThat(grown.minR()).isZero();
  }

  @Test
  void a_smooth_free_line_runs_through_its_points() {
    Profile p =
        new Profile(
            List.of(
                new Curve.Hermite(new Point(0, 20), new Point(30, 26), 0.3, 0),
                new Curve.Hermite(new Point(30, 26), new Point(60, 22), 0, -0.2)));
    assertThat(p.radius(30)).isCloseTo(26, within(1e-9));
    // Every vertex lies on the curve; between them the chord stays within its error.
    for (double z = 0.5; z < 60; z += 0.37) {
      Polyline cut = p.between(z - 0.01, z + 0.01);
      assertThat(cut.first().r()).isCloseTo(p.radius(z - 0.01), within(1e-6));
    }
  }

  @Test
  void dust_is_what_no_one_could_hold_and_nothing_more() {
    for (double side : new double[] {0.2, 0.5, 1.5, 4, 30}) {
      HalfSection chip = HalfSection.box(10, 10 + side, 20, 20 + side);
      assertThat(chip.dusted()).as("a chip of %s mm", side).isEqualTo(chip);
    }
    assertThat(HalfSection.box(10, 10.05, 20, 20.1).dusted().isEmpty()).as("0.005 mm2").isTrue();
    assertThat(HalfSection.box(10, 40, 20, 20.003).dusted().isEmpty()).as("3 micrometres").isTrue();
    HalfSection hair = HalfSection.box(10, 40, 20, 20.006);
    assertThat(hair.dusted()).as("6 micrometres by 30 mm").isEqualTo(hair);
    HalfSection both = hair.plus(HalfSection.box(50, 50.05, 20, 20.1));
    assertThat(both.dusted()).isEqualTo(hair);
  }

  /** What is in one alone, against the two differences; and two that lie apart, as one. */
  @Test
  void either_or_and_apart() {
    Random r = new Random(5);
    for (int i = 0; i < 60; i++) {
      double z = 40 * r.nextDouble();
      HalfSection a = HalfSection.box(0, 20, 2, 9);
      HalfSection b = HalfSection.box(z, z + 12, 1, 3 + 9 * r.nextDouble());
      HalfSection both = a.minus(b).plus(b.minus(a));
      assertThat(a.xor(b).area()).isCloseTo(both.area(), within(1e-6));
      assertThat(a.plus(b).area()).isCloseTo(a.area() + b.area() - a.and(b).area(), within(1e-6));
      assertThat(a.plus(b)).isEqualTo(b.plus(a));
    }
    HalfSection apart = HalfSection.box(0, 5, 0, 3).plus(HalfSection.box(7, 9, 0, 3));
    assertThat(apart.pieces()).hasSize(2);
    assertThat(HalfSection.EMPTY.xor(apart)).isEqualTo(apart);
  }
}
