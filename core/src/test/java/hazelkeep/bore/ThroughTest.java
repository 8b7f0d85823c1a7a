package hazelkeep.bore;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Landmark;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bores from both ends, two bits a step apart, what a bit takes, objects as stops. */
class ThroughTest {
  private final Shop shop = Shop.starter();

  private BothEnds both(double near, double far, double length) {
    return new BothEnds(
        BoringPlan.of(Bore.plain("near", 25, near), shop),
        BoringPlan.of(Bore.plain("far", 25, far), shop),
        length,
        "neither");
  }

  @Test
  void two_bores_meet_in_the_middle_of_what_both_take() {
    BothEnds b = both(70, 62, 130);
    assertThat(b.overlap()).isEqualTo(2);
    assertThat(b.meeting()).isEqualTo(69);
    assertThat(b.step()).as("neither deeper than six diameters").isZero();
    assertThat(b.verdicts(Practice.USUAL)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"70, 59, STOP", "70, 60, STOP", "70, 61, WATCH", "70, 61.9, WATCH"})
  void bores_that_do_not_run_past_one_another_leave_a_skin(double near, double far, Grade grade) {
    Verdict v = both(near, far, 130).verdicts(Practice.USUAL).get(0);
    assertThat(v.code()).isEqualTo("bores-apart");
    assertThat(v.grade()).isEqualTo(grade);
    assertThat(v.found()).isCloseTo(near + far - 130, within(1e-9));
    assertThat(v.limit()).isEqualTo(2);
  }

  /** A millimetre in a hundred beyond what the bit reaches, 85 less 3,, from each end. */
  @Test
  void the_step_is_no_more_than_both_drift() {
    BothEnds b = both(150, 130, 278);
    double near = 0.01 * (150 - 82);
    double far = 0.01 * (130 - 82);
    assertThat(b.step()).isCloseTo(near + far, within(1e-9));
    assertThat(b.verdicts(Practice.USUAL)).extracting(Verdict::code).containsExactly("bores-step");
  }

  @Test
  void where_they_meet_does_not_depend_on_the_end_it_is_counted_from() {
    Random random = new Random(3);
    for (int i = 0; i < 200; i++) {
      double near = 20 + 60 * random.nextDouble();
      double far = 20 + 60 * random.nextDouble();
      double length = near + far - 5 * random.nextDouble();
      BothEnds one = both(near, far, length);
      BothEnds other = both(far, near, length);
      assertThat(one.meeting()).isCloseTo(length - other.meeting(), within(1e-9));
      assertThat(one.meeting()).isBetween(length - far - 1e-9, near + 1e-9);
      assertThat(one.overlap()).isCloseTo(other.overlap(), within(1e-9));
    }
  }

  @ParameterizedTest
  @CsvSource({"63, 60, ", "62.9, 60, WATCH", "60, 60, STOP", "58, 60, STOP"})
  void a_through_hole_passes_the_part_line_at_full_diameter(
      double depth, double face, Grade grade) {
    Optional<Verdict> v = BothEnds.shortOfLine("hole", depth, face, 3);
    assertThat(v.map(Verdict::grade)).isEqualTo(Optional.ofNullable(grade));
    v.ifPresent(x -> assertThat(x.found()).isCloseTo(depth - face, within(1e-9)));
  }

  /** Cylinder and cone, in closed form; a spur is a cone of 2 mm radius. */
  @Test
  void what_a_bit_takes() {
    Bit twist = Bit.twist("twist", 10, 100);
    double rod = Math.PI * 25 * 40;
    double tip = 5 / Math.tan(Math.toRadians(59));
    assertThat(Sweep.of(twist, 40, 0).volume())
        .isCloseTo(rod + Math.PI * 25 * tip / 3, within(1.0));
    Bit forstner = Bit.forstner("forstner", 30, 4, 80);
    assertThat(Sweep.of(forstner, 40, 0).volume())
        .isCloseTo(Math.PI * 225 * 40 + Math.PI * 4 * 4 / 3, within(1.0));
    assertThat(Sweep.of(forstner, 40, 0).minZ()).isCloseTo(-4, within(1e-3));
    assertThat(Sweep.of(forstner, -40, 0).maxZ()).isCloseTo(4, within(1e-3));
    assertThat(Sweep.of(forstner, -40, 0).volume())
        .as("from the other end the same")
        .isCloseTo(Sweep.of(forstner, 40, 0).volume(), within(1e-3));
    assertThat(Sweep.end(twist, 7, 1)).containsExactly(new Point(7, 5), new Point(7 + tip, 0));
    HalfSection slim = Sweep.of(Bit.forstner("slim", 3, 2, 40), 20, 0);
    assertThat(slim.maxR()).as("a spur is no wider than its bit").isCloseTo(1.5, within(1e-3));
  }

  /** No pair of the wall gives a slimmer case: every pair is looked at. */
  @Test
  void the_slimmest_pair_against_a_search_of_all() {
    Random random = new Random(17);
    int found = 0;
    for (int round = 0; round < 300; round++) {
      List<Bit> bits = new ArrayList<>();
      int n = 1 + random.nextInt(6);
      for (int i = 0; i < n; i++) {
        double d = 6 + random.nextInt(30);
        bits.add(Bit.forstner("bit " + i, d, 3, 30 + random.nextInt(120)));
      }
      Shop wall = Restated.with(shop.withBits(bits), "extensions", List.of());
      double holds = 8 + random.nextInt(14);
      double body = 20 + random.nextInt(80);
      double lid = 10 + random.nextInt(30);
      Optional<StepPair> best = StepPair.slimmest(wall, holds, body, lid, 1.2);
      double slimmest = Double.POSITIVE_INFINITY;
      for (Bit s : bits) {
        for (Bit l : bits) {
          boolean bores =
              reach(s, body, wall.drillChuck().nose()) && reach(l, lid, wall.drillChuck().nose());
          if (s.diameter() >= holds && l.diameter() - s.diameter() >= 2.4 && bores) {
            slimmest = Math.min(slimmest, l.diameter());
          }
        }
      }
      assertThat(best.map(p -> p.large().diameter()).orElse(Double.POSITIVE_INFINITY))
          .isEqualTo(slimmest);
      if (best.isPresent()) {
        found++;
        assertThat(best.get().spigot()).isGreaterThanOrEqualTo(1.2 - 1e-9);
      }
    }
    assertThat(found).isBetween(40, 260);
  }

  /** By itself, or with the drill chuck behind it where its nose is slimmer than the bore. */
  private static boolean reach(Bit b, double depth, double nose) {
    double need = depth + 3;
    return b.reach() >= need || (nose < b.diameter() && need - b.reach() <= depth);
  }

  @Test
  void a_bit_that_goes_on_deeper_is_set_once() {
    BoringPlan plan =
        BoringPlan.of(
            new Bore(
                "foot",
                List.of(new Bore.Step(44, 2), new Bore.Step(38, 14), new Bore.Step(25, 60))),
            shop);
    assertThat(plan.passes()).extracting(p -> p.bit().diameter()).containsExactly(38.0, 38.0, 25.0);
    assertThat(plan.set()).extracting(Pass::depth).containsExactly(14.0, 60.0);
    assertThat(BoringPlan.of(Bore.plain("well", 25, 60), shop).set()).hasSize(1);
    assertThat(BoringPlan.of(Bore.plain("well", 1, 60), shop).set()).isEmpty();
  }

  @Test
  void among_equally_slim_pairs_the_stouter_spigot_wins() {
    Shop wall =
        shop.withBits(
            List.of(
                Bit.forstner("12", 12, 3, 85),
                Bit.forstner("14", 14, 3, 85),
                Bit.forstner("18", 18, 3, 85)));
    StepPair p = StepPair.slimmest(wall, 11, 60, 20, 1.2).orElseThrow();
    assertThat(p.small().diameter()).isEqualTo(12);
    assertThat(p.spigot()).isEqualTo(3);
  }

  @Test
  void an_object_between_nose_and_wood_says_what_is_still_to_go() {
    Shop with =
        Restated.with(
            shop, "landmarks", List.of(new Landmark("skew", 25), new Landmark("wide chisel", 32)));
    Pass p = BoringPlan.of(Bore.plain("well", 25, 60), with).passes().get(0);
    assertThat(Gap.left(p)).as("85 reach less 60").isEqualTo(25);
    assertThat(Gap.of(p, with).orElseThrow().object().name()).isEqualTo("skew");
    assertThat(Gap.of(p, with).orElseThrow().more()).isZero();
    Pass shallower = BoringPlan.of(Bore.plain("well", 25, 57), with).passes().get(0);
    assertThat(Gap.of(shallower, with).orElseThrow().object().name()).isEqualTo("wide chisel");
    assertThat(Gap.of(shallower, with).orElseThrow().more()).isEqualTo(4);
    Pass shallow = BoringPlan.of(Bore.plain("well", 25, 20), with).passes().get(0);
    assertThat(Gap.of(shallow, with)).as("none is so long").isEmpty();
  }

  /**
   * The standard fractional list by 64ths (ASME B94.11M sizes, mm to four places; from memory), and
   * the length of points of 118 and 135 degrees.
   */
  @Test
  void inch_drills_of_the_standard_list() throws IOException {
    int rows = 0;
    double before = 0;
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                getClass().getResourceAsStream("/hazelkeep/bore/inch-drills.csv"),
                StandardCharsets.UTF_8))) {
      List<String> lines = in.lines().skip(1).toList();
      for (String line : lines) {
        String[] c = line.split(",");
        double mm = SizeText.parse(c[0].replace('-', ' '), Unit.INCH).mm();
        assertThat(mm).as(line).isCloseTo(Double.parseDouble(c[2]), within(6e-5));
        assertThat(mm).as("the list rises").isGreaterThan(before);
        assertThat(Bit.twistTip(mm, 118))
            .as(line)
            .isCloseTo(Double.parseDouble(c[3]), within(6e-4));
        assertThat(Bit.twistTip(mm, 135))
            .as(line)
            .isCloseTo(Double.parseDouble(c[4]), within(6e-4));
        before = mm;
        rows++;
      }
    }
    assertThat(rows).isGreaterThan(60);
  }

  /** Station diameters by interpolation against the profile at depths of no one's choosing. */
  @Test
  void stations_follow_the_profile_at_random_depths() {
    Random random = new Random(23);
    for (int round = 0; round < 20; round++) {
      double mouth = 20 + 15 * random.nextDouble();
      double floor = 10 + 10 * random.nextDouble();
      double deep = 40 + 60 * random.nextDouble();
      HalfSection wood =
          HalfSection.box(-10, deep, 0, 50)
              .minus(
                  HalfSection.of(
                      List.of(
                          new Point(0, 0),
                          new Point(0, floor),
                          new Point(deep, mouth),
                          new Point(deep, 0))));
      var line =
          new hazelkeep.solid.Polyline(
              List.of(new Point(deep, mouth), new Point(0, floor), new Point(0, 0)));
      List<Stations.Station> all = Stations.of(wood, deep, line, shop.depthGauge(), 5);
      List<Stations.Station> sorted =
          all.stream().sorted(Comparator.comparingDouble(Stations.Station::depth)).toList();
      for (int i = 0; i < 50; i++) {
        double depth =
            sorted.get(0).depth() + random.nextDouble() * (deep - 6 - sorted.get(0).depth());
        double inside = 2 * (mouth - (mouth - floor) * depth / deep);
        assertThat(between(sorted, depth)).isCloseTo(inside, within(0.03));
      }
      for (Stations.Station s : sorted) {
        assertThat(shop.depthGauge().truth(s.reading())).isCloseTo(s.depth(), within(1e-9));
      }
    }
  }

  private static double between(List<Stations.Station> sorted, double depth) {
    int i = 1;
    while (i < sorted.size() - 1 && sorted.get(i).depth() < depth) {
      i++;
    }
    Stations.Station a = sorted.get(i - 1);
    Stations.Station b = sorted.get(i);
    double t = (depth - a.depth()) / (b.depth() - a.depth());
    return a.inside() + t * (b.inside() - a.inside());
  }
}
