package hazelkeep.bore;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.finding.Verdict;
import hazelkeep.measure.Length;
import hazelkeep.measure.Restated;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Bit;
import hazelkeep.shop.DrillChuck;
import hazelkeep.shop.Extension;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Boring: bits, stops, speeds and stations. */
class BoreTest {
  private final Shop shop = Shop.starter();

  private Shop wall(List<Bit> bits, List<Extension> extensions) {
    return Restated.with(shop.withBits(bits), "extensions", extensions);
  }

  private static List<String> codes(BoringPlan plan) {
    return plan.verdicts().stream().map(Verdict::code).toList();
  }

  /** Geometry of the point: 3.00 for 10 mm at 118 degrees, 2.07 at 135. */
  @ParameterizedTest
  @CsvSource({"10, 118, 3.004", "10, 135, 2.071", "6, 118, 1.803", "25.4, 118, 7.631"})
  void a_twist_bits_point(double d, double angle, double tip) {
    assertThat(Bit.twistTip(d, angle)).isCloseTo(tip, within(5e-4));
    // The other way round: the point's slant meets the rim at half the point angle.
    assertThat(2 * Math.toDegrees(Math.atan(d / 2 / tip))).isCloseTo(angle, within(0.05));
  }

  /** The standard fractional inch list from 1/16 by 64ths (ASME B94.11M sizes; from memory). */
  @ParameterizedTest
  @CsvSource({
    "1/16, 1.588",
    "7/64, 2.778",
    "1/4, 6.350",
    "17/64, 6.747",
    "3/8, 9.525",
    "1/2, 12.700",
    "5/8, 15.875",
    "1, 25.400"
  })
  void inch_drills_are_what_the_standard_list_says(String inch, double mm) {
    assertThat(hazelkeep.measure.SizeText.parse(inch, hazelkeep.measure.Unit.INCH).mm())
        .isCloseTo(mm, within(5e-4));
    assertThat(Length.INCH).isEqualTo(25.4);
  }

  /** Travel 100, touch 25, later starts at 5: 75 mm in one setting, then 95 in each. */
  @ParameterizedTest
  @CsvSource({"60, 1", "75, 1", "76, 2", "170, 2", "171, 3", "175, 3", "265, 3"})
  void the_tailstock_is_set_again_when_the_quill_runs_out(double depth, int settings) {
    Quill q = new Quill(100, 25, 5);
    assertThat(q.settings(depth)).isEqualTo(settings);
    List<Quill.Setting> all = q.to(depth);
    assertThat(all).hasSize(settings);
    assertThat(all.get(settings - 1).depth()).isCloseTo(depth, within(1e-9));
    assertThat(all.get(0).start()).isEqualTo(25);
    double sum = all.stream().mapToDouble(s -> s.stop() - s.start()).sum();
    assertThat(sum).isCloseTo(depth, within(1e-9));
    assertThat(all).allMatch(s -> s.stop() <= 100 + 1e-9);
  }

  @Test
  void a_quill_that_can_not_be_is_told() {
    assertThatThrownBy(() -> new Quill(0, 0, 0)).hasMessageContaining("does not travel");
    assertThatThrownBy(() -> new Quill(100, 120, 5)).hasMessageContaining("touch");
    assertThatThrownBy(() -> new Quill(100, 20, 100)).hasMessageContaining("later start");
  }

  /** Rim speeds that turners use: 25.4 at 500 rpm, 38.1 at 200, 54 at 175 (common practice). */
  @ParameterizedTest
  @CsvSource({"25.4, 500, 0.665", "38.1, 200, 0.399", "54, 175, 0.495", "30, 500, 0.785"})
  void the_speed_of_a_rim(double d, double rpm, double rim) {
    assertThat(BoreSpeed.rim(d, rpm)).isCloseTo(rim, within(5e-4));
    assertThat(BoreSpeed.rpm(rim, d)).isCloseTo(rpm, within(0.5));
    BoreSpeed s = BoreSpeed.of(Bit.forstner("bit", d, 4, 80), SOFT, Practice.USUAL);
    assertThat(rpm).isBetween(s.from(), s.to());
    // In hard wood the lower half of that.
    BoreSpeed hard = BoreSpeed.of(Bit.forstner("bit", d, 4, 80), HARD, Practice.USUAL);
    assertThat(hard.from()).isEqualTo(s.from());
    assertThat(hard.to()).isCloseTo((s.from() + s.to()) / 2, within(1e-9));
    assertThat(s.seen()).isTrue();
  }

  private static final double HARD = 720;
  private static final double SOFT = 450;

  /**
   * Twist bits from 8 to 20 mm take in hard wood the band that other bits take where it is not; up
   * to twice that in soft wood or below 8 mm (common practice).
   */
  @Test
  void a_twist_bit_turns_as_fast_as_others_where_the_wood_is_hard_for_it() {
    Bit twist = Bit.twist("10 mm twist bit", 10, 120);
    double other =
        BoreSpeed.of(Bit.forstner("10 mm Forstner bit", 10, 3, 85), SOFT, Practice.USUAL).to();
    assertThat(BoreSpeed.of(twist, HARD, Practice.USUAL).to()).isEqualTo(other);
    assertThat(BoreSpeed.of(twist, Double.NaN, Practice.USUAL).to())
        .as("not known: taken as hard")
        .isEqualTo(other);
    assertThat(BoreSpeed.of(twist, SOFT, Practice.USUAL).to()).isEqualTo(2 * other);
    assertThat(BoreSpeed.of(twist, HARD, Practice.USUAL).seen()).isTrue();
    Bit slim = Bit.twist("6 mm twist bit", 6, 95);
    assertThat(BoreSpeed.of(slim, HARD, Practice.USUAL).to())
        .isCloseTo(2 * BoreSpeed.rpm(Practice.USUAL.of(Line.BORE_RIM_FAST), 6), within(1e-9));
    assertThat(BoreSpeed.of(slim, HARD, Practice.USUAL).seen()).isFalse();
    assertThat(BoreSpeed.of(slim, HARD, Practice.USUAL).basis()).contains("common practice");
  }

  /** T = u f d^2 / 8 with 30 MPa and 0.2 mm a turn: 2.2 N m at 54 mm, 0.48 at 25.4. */
  /** 2 mm in 100: 100 mm deep with a 10 mm bit, straight for five diameters. */
  @Test
  void what_was_found_out_about_a_bit_wins() {
    Bit usual = Bit.forstner("bit", 10, 3, 150);
    Bit own = usual.with(new Bit.Own(Optional.of(2.0), Optional.of(400.0), Optional.empty()));
    Pass p = new Pass(own, 10, 100, Optional.empty(), false, Practice.USUAL);
    double straight = Practice.USUAL.of(Line.BORE_DRIFT_DIAMETERS) * 10;
    assertThat(p.drift()).isCloseTo(0.02 * (100 - straight), within(1e-9));
    assertThat(p.driftAt(straight + 10)).isCloseTo(0.2, within(1e-9));
    BoreSpeed s = BoreSpeed.of(own, HARD, Practice.USUAL);
    assertThat(s.from()).isEqualTo(400);
    assertThat(s.to()).isEqualTo(BoreSpeed.of(usual, HARD, Practice.USUAL).to());
    Bit slow = usual.with(new Bit.Own(Optional.empty(), Optional.empty(), Optional.of(90.0)));
    assertThat(BoreSpeed.of(slow, HARD, Practice.USUAL).from()).isEqualTo(90);
    assertThat(BoreSpeed.of(slow, HARD, Practice.USUAL).to()).isEqualTo(90);
  }

  /** It reaches the plan: a bit that wanders more leaves a thinner wall. */
  @Test
  void a_bit_that_wanders_is_counted_off_the_wall() {
    List<Bit> wall =
        shop.bits().stream()
            .map(b -> b.with(new Bit.Own(Optional.of(6.0), Optional.empty(), Optional.empty())))
            .toList();
    BoringPlan usual = BoringPlan.of(Bore.plain("mouth", 25, 120), shop);
    BoringPlan wanders = BoringPlan.of(Bore.plain("mouth", 25, 120), shop.withBits(wall));
    double share = Practice.USUAL.of(Line.BORE_DRIFT);
    assertThat(wanders.passes().get(0).driftAt(120) / usual.passes().get(0).driftAt(120))
        .isCloseTo(0.06 / share, within(1e-9));
  }

  @Test
  void an_own_figure_of_a_bit_that_can_not_be_is_refused() {
    Optional<Double> none = Optional.empty();
    assertThatThrownBy(() -> new Bit.Own(Optional.of(30.0), none, none))
        .hasMessageContaining("between 0.0 mm");
    assertThatThrownBy(() -> new Bit.Own(none, Optional.of(900.0), Optional.of(300.0)))
        .hasMessageContaining("swap the two");
    assertThatThrownBy(() -> new Bit.Own(none, none, Optional.of(5.0)))
        .hasMessageContaining("between 20 and 10000 rpm");
  }

  @Test
  void torque_of_a_bit() {
    assertThat(BoreSpeed.torque(54, Practice.USUAL)).isCloseTo(2187, within(1.0));
    assertThat(BoreSpeed.torque(25.4, Practice.USUAL)).isCloseTo(484, within(1.0));
  }

  @Test
  void a_plain_bore_by_the_very_bit() {
    BoringPlan plan = BoringPlan.of(Bore.plain("well", 25, 70), shop);
    assertThat(plan.verdicts()).isEmpty();
    Pass p = plan.passes().get(0);
    assertThat(p.bit().name()).isEqualTo("25 mm Forstner bit");
    assertThat(p.point()).isEqualTo(74);
    assertThat(p.open()).isZero();
    assertThat(p.strokes()).as("every 12 mm").isEqualTo(6);
    assertThat(p.unextended()).isEqualTo(70);
    assertThat(p.drift()).isZero();
  }

  @Test
  void a_missing_bit_is_replaced_by_the_next_smaller() {
    BoringPlan plan = BoringPlan.of(Bore.plain("well", 28, 60), shop);
    Pass p = plan.passes().get(0);
    assertThat(p.bit().diameter()).isEqualTo(25);
    assertThat(p.open()).as("a side").isCloseTo(1.5, within(1e-9));
    assertThat(codes(plan)).containsExactly("bit-smaller");
  }

  @Test
  void an_extension_starts_where_the_bit_no_longer_reaches() {
    BoringPlan plan = BoringPlan.of(Bore.plain("well", 25, 140), shop);
    Pass p = plan.passes().get(0);
    assertThat(p.extension().orElseThrow().length()).isEqualTo(150);
    assertThat(p.unextended()).as("85 less 3 in front of the chuck").isEqualTo(82);
    assertThat(p.drift()).as("a millimetre in a hundred").isCloseTo(0.58, within(1e-9));
    assertThat(p.driftAt(100)).isCloseTo(0.18, within(1e-9));
    // Its nose is slimmer than the bore; from there to its shoulder it is 40 long.
    Pass follows = BoringPlan.of(Bore.plain("wide", 50, 122), shop).passes().get(0);
    assertThat(follows.chuckFollows()).isTrue();
    assertThat(follows.extension()).isEmpty();
    Pass further = BoringPlan.of(Bore.plain("wide", 50, 123), shop).passes().get(0);
    assertThat(further.chuckFollows()).as("its shoulder would meet the rim").isFalse();
    assertThat(further.extension()).isPresent();
  }

  @Test
  void what_can_not_be_bored_is_told() {
    assertThat(codes(BoringPlan.of(Bore.plain("pin", 3, 20), shop))).containsExactly("bit-missing");
    BoringPlan deep = BoringPlan.of(Bore.plain("well", 25, 400), shop);
    assertThat(codes(deep)).containsExactly("bit-short");
    assertThat(deep.verdicts().get(0).found()).isEqualTo(85 + 150);
    assertThat(codes(BoringPlan.of(Bore.plain("slim", 10, 110), shop)))
        .containsExactly("bore-drifts");
    assertThatThrownBy(() -> new Bore("odd", List.of(new Bore.Step(20, 30), new Bore.Step(25, 60))))
        .hasMessageContaining("narrower as it gets deeper");
    assertThatThrownBy(() -> Bore.plain("none", 0, 10)).hasMessageContaining("above zero");
    assertThatThrownBy(() -> new Bit("b", Bit.Form.SPADE, 20, 40, 30, 8, true))
        .hasMessageContaining("The point is longer");
  }

  /** Every assignment of bits and extensions in every order on small walls: none is better. */
  @Test
  void no_better_plan_exists_on_small_walls() {
    Random random = new Random(26);
    int planned = 0;
    for (int round = 0; round < 400; round++) {
      List<Bit> bits = new ArrayList<>();
      for (int i = 0; i < 2 + random.nextInt(3); i++) {
        double d = 8 + random.nextInt(30);
        bits.add(
            random.nextBoolean()
                ? Bit.forstner("f" + i, d, 3, 40 + random.nextInt(80))
                : Bit.twist("t" + i, d, 60 + random.nextInt(80)));
      }
      List<Extension> ext =
          random.nextBoolean()
              ? List.of()
              : List.of(new Extension("e", 6 + random.nextInt(12), 60 + random.nextInt(100)));
      Shop small =
          Restated.with(wall(bits, ext), "drill", Optional.of(new DrillChuck("c", 22, 40)));
      List<Bore.Step> steps = new ArrayList<>();
      double d = 16 + random.nextInt(24);
      double depth = 20 + random.nextInt(60);
      for (int i = 0; i < 1 + random.nextInt(2); i++) {
        steps.add(new Bore.Step(d, depth));
        d -= 2 + random.nextInt(6);
        depth += 15 + random.nextInt(60);
      }
      Bore bore = new Bore("bore", steps);
      BoringPlan plan = BoringPlan.of(bore, small);
      double best = exhaustive(bore, small);
      if (plan.passes().size() < steps.size()) {
        assertThat(best).as("round %d: none is feasible", round).isInfinite();
        continue;
      }
      planned++;
      assertThat(BoringPlan.centred(plan.passes())).as("round %d", round).isTrue();
      assertThat(cost(plan.passes())).as("round %d", round).isCloseTo(best, within(1e-9));
    }
    assertThat(planned).as("the check bites").isBetween(100, 390);
  }

  private static double cost(List<Pass> passes) {
    return passes.stream()
        .mapToDouble(p -> p.open() + (p.extension().isPresent() ? 1e-3 : 0))
        .sum();
  }

  /** The cheapest of all feasible ways, by trying every one. */
  private static double exhaustive(Bore bore, Shop shop) {
    List<List<Pass>> ways = List.of(List.of());
    for (Bore.Step s : bore.steps()) {
      List<List<Pass>> next = new ArrayList<>();
      for (List<Pass> so : ways) {
        for (Bit b : shop.bits()) {
          for (int e = -1; e < shop.extensions().size(); e++) {
            Optional<Extension> ext =
                e < 0 ? Optional.empty() : Optional.of(shop.extensions().get(e));
            if (feasible(b, ext, s, bore, shop)) {
              List<Pass> with = new ArrayList<>(so);
              with.add(new Pass(b, s.diameter(), s.depth(), ext, false, Practice.USUAL));
              next.add(with);
            }
          }
        }
      }
      ways = next;
    }
    double best = Double.POSITIVE_INFINITY;
    for (List<Pass> w : ways) {
      for (List<Pass> order : orders(w)) {
        if (BoringPlan.centred(order)) {
          best = Math.min(best, cost(order));
        }
      }
    }
    return best;
  }

  private static boolean feasible(
      Bit b, Optional<Extension> ext, Bore.Step s, Bore bore, Shop shop) {
    if (b.diameter() > s.diameter() + Practice.USUAL.of(Line.BORE_SAME_SIZE)) {
      return false;
    }
    double need = s.depth() + Practice.USUAL.of(Line.BORE_STAND_OFF);
    if (ext.isPresent()) {
      return ext.get().diameter() < b.diameter() && b.reach() + ext.get().length() >= need;
    }
    double follows = 0;
    for (Bore.Step x : bore.steps()) {
      if (shop.drillChuck().nose() < x.diameter()) {
        follows = Math.max(follows, x.depth());
      }
    }
    return b.reach() + Math.min(follows, shop.drillChuck().length()) >= need;
  }

  private static List<List<Pass>> orders(List<Pass> passes) {
    if (passes.size() < 2) {
      return List.of(passes);
    }
    return List.of(passes, List.of(passes.get(1), passes.get(0)));
  }

  @Test
  void a_centred_bit_needs_wood_at_its_centre() {
    Pass wide =
        new Pass(Bit.forstner("wide", 30, 4, 85), 30, 20, Optional.empty(), false, Practice.USUAL);
    Pass deep =
        new Pass(Bit.twist("deep", 10, 120), 10, 60, Optional.empty(), false, Practice.USUAL);
    assertThat(BoringPlan.centred(List.of(wide, deep))).isTrue();
    assertThat(BoringPlan.centred(List.of(deep, wide)))
        .as("the pilot took the wood that the spur needs")
        .isFalse();
  }

  /** A square of 50: set back 14.64, flat 20.71; the octagon is regular. */
  @Test
  void an_octagon_out_of_a_square() {
    assertThat(Blanks.setBack(50)).isCloseTo(0.2929 * 50, within(5e-3));
    assertThat(Blanks.flat(50)).isCloseTo(0.4142 * 50, within(5e-3));
    assertThat(Blanks.setBack(50) * Math.sqrt(2))
        .as("the sawn corner is as long as the flat")
        .isCloseTo(Blanks.flat(50), within(1e-9));
    assertThat(Blanks.cylinder(60, 1.5)).isEqualTo(57);
  }

  /** A cone from 40 at the rim to 20 at the floor, 50 deep, in a straight outside of 60. */
  @Test
  void stations_follow_the_profile() {
    Polyline inside = Polyline.of(80, 20, 30, 10, 30, 0);
    HalfSection hollow =
        HalfSection.of(
            List.of(new Point(80, 0), new Point(80, 20), new Point(30, 10), new Point(30, 0)));
    HalfSection wood = HalfSection.box(10, 80, 0, 30).minus(hollow);
    List<Stations.Station> all = Stations.of(wood, 80, inside, new Gauge("gauge", 2), 5);
    assertThat(all).hasSizeGreaterThanOrEqualTo(10);
    for (Stations.Station s : all) {
      assertThat(s.reading()).isCloseTo(s.depth() - 2, within(1e-9));
      if (s.depth() < 49.9) {
        double inside2 = 2 * (20 - s.depth() * 10 / 50);
        assertThat(s.inside()).isCloseTo(inside2, within(0.02));
        assertThat(s.outside()).isEqualTo(60);
        assertThat(s.wall())
            .as("straight across to a straight outside")
            .isCloseTo(30 - inside2 / 2, within(0.02));
      }
    }
    assertThat(all.get(all.size() - 1).depth()).isCloseTo(50, within(1e-6));
  }
}
