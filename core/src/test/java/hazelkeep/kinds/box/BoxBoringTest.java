package hazelkeep.kinds.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.bore.BoreSpeed;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Stations.Station;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Hollowing;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Stage;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The body of a box bored before it is hollowed, by each school. */
class BoxBoringTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Shop.starter();

  private LiddedBox box(Hollowing by) {
    LiddedBox beech = Restated.with(LiddedBox.fresh(), "species", "American beech");
    return Restated.with(beech, "hollowing", by);
  }

  private Plan<LiddedBox> plan(LiddedBox box, RouteEdit... edits) {
    return Plan.of(kind, box, shop, List.of(edits));
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  @ParameterizedTest
  @EnumSource(Hollowing.class)
  void every_school_makes_the_box_without_a_stop(Hollowing by) {
    for (LiddedBox.School school : LiddedBox.School.values()) {
      for (LiddedBox.Floor floor : LiddedBox.Floor.values()) {
        LiddedBox box =
            kind.choose(kind.choose(box(by), "school", school.name()), "floor", floor.name());
        Plan<LiddedBox> plan = plan(box);
        assertThat(plan.stops()).as("%s %s %s: %s", by, school, floor, codes(plan)).isZero();
      }
    }
  }

  @Test
  void a_forstner_bit_comes_as_near_as_its_rim_and_point_let_it() {
    Plan<LiddedBox> plan = plan(box(Hollowing.FORSTNER));
    Pass p = plan.sketch().boring().get(0).plans().get(0).passes().get(0);
    double inside = plan.aim().mm("inside.diameter");
    assertThat(p.bit().diameter()).isLessThanOrEqualTo(inside);
    assertThat(shop.bits().stream().filter(b -> b.diameter() <= inside))
        .allMatch(b -> b.diameter() <= p.bit().diameter());
    HalfSection target = plan.aim().part("body").target();
    double mouth = target.maxZ();
    assertThat(target.holds(mouth - p.point(), 0)).as("the point stays above the floor").isFalse();
    assertThat(target.holds(mouth - p.depth(), p.bit().diameter() / 2 - 0.01)).isFalse();
    assertThat(plan.aim().mm("inside.depth") - p.point()).isLessThan(8);
  }

  @Test
  void the_wide_bit_needs_its_centre() {
    StepKey bore = new StepKey("body/bore");
    StepKey hole = new StepKey("body/depth hole");
    assertThat(codes(plan(box(Hollowing.FORSTNER), new RouteEdit.MoveAfter(bore, hole))))
        .contains("no-centre");
    assertThat(codes(plan(box(Hollowing.FORSTNER)))).doesNotContain("no-centre");
  }

  @Test
  void nothing_is_bored_against_a_jam() {
    assertThat(
            codes(
                plan(
                    box(Hollowing.DRILL),
                    new RouteEdit.MoveAfter(new StepKey("body/bore"), new StepKey("top/top")))))
        .contains("bore-turns");
  }

  @Test
  void a_bit_turns_by_the_speed_of_its_rim() {
    Plan<LiddedBox> plan = plan(box(Hollowing.FORSTNER));
    Stage s = plan.rehearsal().stage(new StepKey("body/bore")).orElseThrow();
    BoreSpeed by = BoreSpeed.of(s.step().bit().orElseThrow(), 700, Practice.USUAL);
    assertThat(s.speeds().orElseThrow().to()).isCloseTo(by.to(), within(10.0));
    assertThat(s.speeds().orElseThrow().from()).isCloseTo(Math.max(200, by.from()), within(10.0));
  }

  /** Station sizes against the profile, read at random depths of random boxes. */
  @Test
  void stations_are_the_profile() {
    Random random = new Random(4);
    for (int i = 0; i < 12; i++) {
      LiddedBox box =
          box(Hollowing.GOUGE)
              .with("outside.diameter", 55 + 40 * random.nextDouble())
              .with("outside.height", 70 + 50 * random.nextDouble());
      box = kind.choose(box, "floor", random.nextBoolean() ? "FLAT" : "ROUNDED");
      box = kind.choose(box, "form", random.nextBoolean() ? "BARREL" : "STRAIGHT");
      Plan<LiddedBox> plan = plan(box);
      Boring body = plan.sketch().boring().get(0);
      HalfSection target = plan.aim().part("body").target();
      double rim = target.maxZ();
      List<Station> all = body.stations();
      assertThat(all.size()).isGreaterThan(5);
      for (Station s : all) {
        double z = Math.max(rim - s.depth() - 0.02, rim - plan.aim().mm("inside.depth") + 0.02);
        assertThat(s.inside()).isCloseTo(2 * target.inner(z), within(0.05));
        assertThat(s.outside()).isCloseTo(2 * target.outer(z), within(0.05));
        assertThat(s.wall()).isLessThanOrEqualTo((s.outside() - s.inside()) / 2 + 1e-6);
      }
      assertThat(all.get(all.size() - 1).depth())
          .isCloseTo(plan.aim().mm("inside.depth"), within(0.01));
    }
  }
}
