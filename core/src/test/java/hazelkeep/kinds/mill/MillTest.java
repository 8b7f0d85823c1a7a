package hazelkeep.kinds.mill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.bore.BothEnds;
import hazelkeep.bore.Pass;
import hazelkeep.fit.FitClass;
import hazelkeep.kinds.RandomPieces;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Mills and shakers: bores from both ends, bought parts, the thread, the order of work. */
class MillTest {
  private final Shop shop = Firmly.SHOP;

  private static Mill mill() {
    return MillKind.MILL.fresh();
  }

  private static Mill shaker() {
    return MillKind.SHAKER.fresh();
  }

  private Plan<Mill> plan(Mill m, RouteEdit... edits) {
    return Plan.of(MillKind.MILL, m, shop, List.of(edits));
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  private Finding only(Mill m, String code) {
    return plan(m).findings().stream()
        .filter(f -> f.code().equals(code))
        .findFirst()
        .orElseThrow(() -> new AssertionError(code + " not in " + codes(plan(m))));
  }

  /** 6 sunk and 170 long, 8 proud: 168 high. */
  @Test
  void the_shaft_sets_the_height() {
    assertThat(plan(mill()).aim().mm("outside.height")).isEqualTo(168);
    assertThat(plan(mill().with("shaft.length", 200)).aim().mm("outside.height")).isEqualTo(198);
    assertThat(plan(mill().with("thread.proud", 10)).aim().mm("outside.height")).isEqualTo(166);
    Plan<Mill> low = plan(mill().with("outside.height", 160));
    assertThat(low.aim().mm("thread.proud")).isEqualTo(16);
    assertThat(low.aim().mm("body.height") + low.aim().mm("head.height")).isEqualTo(160);
  }

  @Test
  void height_thread_and_halves_say_one_another() {
    Mill m = MillKind.MILL.size(mill(), new DimKey("outside.height"), Optional.of(Size.mm(150)));
    m = MillKind.MILL.size(m, new DimKey("thread.proud"), Optional.of(Size.mm(9)));
    assertThat(m.sizes()).doesNotContainKey(new DimKey("outside.height"));
    m = MillKind.MILL.size(m, new DimKey("body.height"), Optional.of(Size.mm(100)));
    m = MillKind.MILL.size(m, new DimKey("head.height"), Optional.of(Size.mm(40)));
    Plan<Mill> plan = plan(m);
    assertThat(plan.aim().mm("outside.height")).isEqualTo(140);
    assertThat(plan.aim().mm("thread.proud")).isEqualTo(36);
  }

  @Test
  void the_bores_meet_and_run_past_one_another() {
    for (Mill m : List.of(mill(), shaker(), mill().with("shaft.length", 240))) {
      Plan<Mill> plan = plan(m);
      BothEnds b = plan.sketch().boring().get(0).through().orElseThrow();
      assertThat(b.overlap()).isCloseTo(2.5, within(1e-9));
      assertThat(b.length())
          .isCloseTo(
              plan.aim().mm("body.height")
                  + plan.aim().mm("stick.face-mouth")
                  + plan.aim().mm("stick.tenon-mouth"),
              within(1e-9));
      assertThat(b.verdicts(Practice.USUAL)).isEmpty();
      Part body = plan.aim().part("body");
      assertThat(body.target().at(body.target().minZ() + b.length() - b.meeting())).hasSize(1);
      assertThat(b.seen()).isNotBlank();
    }
  }

  @Test
  void bores_that_miss_one_another_are_told_and_the_wood_is_left() {
    Plan<Mill> plan = plan(mill().with("bore.mouth", 60));
    assertThat(codes(plan)).contains("bores-apart", "wood-left");
    Finding f = only(mill().with("bore.mouth", 60), "bores-apart");
    Plan<Mill> with = plan.withRemedies();
    Finding told = with.findings().stream().filter(f::sameAs).findFirst().orElseThrow();
    assertThat(told.remedies()).isNotEmpty();
    for (Remedy r : told.remedies()) {
      assertThat(codes(with.applied(r).orElseThrow())).doesNotContain("bores-apart", "wood-left");
    }
  }

  /** Wood of the body by closed form: a cylinder less seats and bore. */
  @Test
  void the_body_by_closed_forms() {
    Mill m =
        Restated.with(mill(), "form", Mill.Form.STRAIGHT)
            .with("outside.diameter", 60)
            .with("outside.height", 170)
            .with("head.height", 50);
    Plan<Mill> plan = plan(m);
    double bore = Math.PI * 12.5 * 12.5;
    double seat = Math.PI * 19 * 19;
    double plate = Math.PI * 22 * 22;
    double want = Math.PI * 900 * 120 - plate * 2 - seat * 12 - bore * (120 - 14);
    assertThat(plan.aim().part("body").target().volume()).isCloseTo(want, within(want * 1e-5));
    // The room between ring and tenon, less the shaft.
    double room = (bore - Math.PI * 9) * (120 - 14 - 10) / 1000;
    assertThat(plan.sketch().properties().brimMl()).isCloseTo(room, within(0.01));
  }

  @Test
  void the_hole_for_the_shaft_passes_the_finished_top() {
    Plan<Mill> plan = plan(mill());
    Pass hole =
        plan.sketch().boring().get(2).plans().get(0).passes().stream()
            .reduce((a, b) -> b)
            .orElseThrow();
    double face = plan.aim().mm("joint.length") + plan.aim().mm("head.height");
    assertThat(hole.depth() - face).isCloseTo(3, within(1e-9));
    assertThat(hole.point())
        .as("its point stays in the waste and its tenon")
        .isLessThan(face + plan.aim().mm("stick.waste-top") + plan.aim().mm("stick.tenon-top"));
    Finding f = only(mill().with("shaft.bore", 53), "short-of-line");
    assertThat(f.grade()).isEqualTo(Grade.STOP);
  }

  @ParameterizedTest
  @CsvSource({
    "outside.height, 169.5, thread-short, 6.5",
    "shaft.hole, 6.2, parts-jam, 6.2",
    "drive.depth, 50, roof-thin, 5.36",
    "drive.diameter, 22, spigot-wall, 1.31",
    "outside.waist, 33, wall-thin, 4.0",
    "bore.mouth, 69, bores-apart, 0.93"
  })
  void what_is_told_with_its_number(String key, double mm, String code, double found) {
    Finding f = only(mill().with(key, mm), code);
    assertThat(f.verdict().found()).isCloseTo(found, within(0.02));
    assertThat(f.advice()).isNotBlank();
  }

  @Test
  void parts_that_can_not_be_put_together_are_refused() {
    assertThatThrownBy(() -> plan(mill().with("ring.diameter", 46)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("has to stay below plate at the foot, 44.0 mm");
    assertThatThrownBy(() -> plan(mill().with("ring.diameter", 60)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("has to stay below plate at the foot, 44.0 mm");
    assertThatThrownBy(() -> plan(mill().with("plate.diameter", 60).with("outside.diameter", 58)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below foot, across, 58.0 mm");
    assertThatThrownBy(() -> plan(mill().with("drive.diameter", 26)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below tenon of the head, across, ");
    assertThatThrownBy(() -> plan(mill().with("shaft.hole", 19)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("has to stay below seat in the head, 18.0 mm");
    assertThatThrownBy(() -> plan(mill().with("bore.foot", 200)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below the body's height, 123.6 mm");
    assertThatThrownBy(() -> Restated.with(mill(), "fit", FitClass.JAM))
        .hasMessageContaining("come off again");
  }

  @Test
  void a_shaker_has_holes_that_open_into_its_head() {
    assertThat(codes(plan(shaker()))).doesNotContain("holes-close", "holes-miss");
    // Five on a circle of 6: chords of 3.53 less 2.
    Finding close = only(shaker().with("holes.circle", 6), "holes-close");
    assertThat(close.verdict().found()).isCloseTo(6 * Math.sin(Math.PI / 5) - 2, within(1e-6));
    Finding miss = only(shaker().with("holes.circle", 17), "holes-miss");
    assertThat(miss.verdict().found()).isCloseTo(19, within(1e-6));
    assertThat(miss.verdict().limit()).isCloseTo(18, within(1e-6));
    assertThat(plan(shaker()).route().step(new StepKey("bench/holes"))).isPresent();
    assertThat(plan(mill()).route().step(new StepKey("bench/holes"))).isEmpty();
    assertThatThrownBy(() -> Restated.with(shaker(), "holes", 0)).hasMessageContaining("1 to 12");
  }

  @Test
  void bought_parts_sit_in_the_wood_they_need() {
    for (Mill m : List.of(mill(), shaker())) {
      Plan<Mill> plan = plan(m);
      HalfSection wood =
          plan.aim().parts().stream()
              .map(p -> p.target().in(p.closed()))
              .reduce(HalfSection.EMPTY, HalfSection::plus);
      List<Fitting> fittings = plan.sketch().fittings();
      assertThat(fittings).hasSize(m.grinds() ? 4 : 1);
      for (Fitting f : fittings) {
        assertThat(f.outline().and(wood).area()).as(f.name()).isLessThan(0.01);
      }
      if (m.grinds()) {
        double top = plan.aim().mm("outside.height");
        assertThat(fittings.get(3).outline().maxZ() - top).isCloseTo(8, within(0.01));
      }
      assertThat(plan.sketch().assembly()).isNotEmpty();
    }
    assertThat(plan(mill().with("plate.diameter", 0)).sketch().fittings()).hasSize(3);
  }

  @Test
  void nothing_is_bored_against_a_jam() {
    RouteEdit late = new RouteEdit.MoveInto(new StepKey("from the mouth/bit 1"), "mouth");
    assertThat(codes(plan(mill(), late))).contains("tail-taken").doesNotContain("bore-turns");
    Mill jammed = Restated.with(mill(), "mouthBy", hazelkeep.piece.Finishing.PRESSED);
    assertThat(codes(plan(jammed, late))).contains("tail-taken", "bore-turns");
  }

  @Test
  void sanded_before_it_is_bored() {
    Plan<Mill> plan =
        plan(
            mill(),
            new RouteEdit.MoveAfter(
                new StepKey("from the foot/sand foot"), new StepKey("from the foot/face")));
    assertThat(codes(plan)).contains("sanded-early");
    assertThat(codes(plan(mill()))).doesNotContain("sanded-early");
  }

  @Test
  void every_remedy_that_is_offered_helps() {
    List<Mill> wrong =
        List.of(
            mill().with("outside.height", 172),
            mill().with("bore.mouth", 60),
            mill().with("shaft.bore", 52),
            mill().with("outside.waist", 33),
            mill().with("drive.depth", 51),
            mill().with("blank.length", 200),
            shaker().with("holes.circle", 5),
            shaker().with("holes.circle", 17),
            mill().with("shaft.hole", 6.1));
    int offered = 0;
    for (Mill m : wrong) {
      Plan<Mill> plan = plan(m).withRemedies();
      for (Finding f : plan.findings().stream().filter(RandomPieces::judged).toList()) {
        for (Remedy r : f.remedies()) {
          offered++;
          assertThat(plan.applied(r).orElseThrow().findings()).noneMatch(f::sameAs);
        }
      }
    }
    assertThat(offered).isGreaterThan(7);
  }

  /** A reading of the mouth's bore makes up for itself in the bore from the foot. */
  @Test
  void a_bore_that_came_out_short_is_met_from_the_other_end() {
    Plan<Mill> plan = plan(mill());
    double mouth = plan.aim().mm("bore.mouth");
    double foot = plan.aim().mm("bore.foot");
    var dims =
        hazelkeep.piece.Dims.resolve(
            mill(),
            MillKind.MILL.rules(mill()),
            shop,
            java.util.Map.of(new DimKey("bore.mouth"), mouth - 4));
    assertThat(dims.get(new DimKey("bore.foot")).mm()).isCloseTo(foot + 4, within(1e-9));
    BothEnds b =
        MillKind.MILL
            .boring(mill(), MillKind.MILL.aim(mill(), dims, shop), shop)
            .get(0)
            .through()
            .orElseThrow();
    assertThat(b.overlap()).isCloseTo(Practice.USUAL.of(Line.BORE_OVERLAP), within(1e-9));
    for (String same : List.of("outside.height", "body.height", "outside.waist", "stick.need")) {
      assertThat(dims.get(new DimKey(same)).mm()).as(same).isEqualTo(plan.aim().mm(same));
    }
  }

  /** A bore read wider in the mouth moves the head's tenon, and no outside with it. */
  @Test
  void a_measured_mouth_moves_the_tenon_and_nothing_that_is_turned_already() {
    Plan<Mill> plan = plan(mill());
    var dims =
        hazelkeep.piece.Dims.resolve(
            mill(),
            MillKind.MILL.rules(mill()),
            shop,
            java.util.Map.of(new DimKey("bore.diameter"), 25.3));
    List<String> moved =
        dims.values().stream()
            .filter(d -> Math.abs(d.mm() - plan.aim().mm(d.key().path())) > 1e-9)
            .map(d -> d.key().path())
            .toList();
    assertThat(moved).containsExactlyInAnyOrder("bore.diameter", "spigot.diameter");
    assertThat(dims.get(new DimKey("spigot.diameter")).mm())
        .isCloseTo(25.3 - plan.aim().mm("joint.clearance"), within(1e-9));
  }

  /** Beside one another they are one line: the same radius at every height. */
  @Test
  void a_twin_has_the_same_outside_and_another_inside() {
    for (Mill m : List.of(mill(), mill().with("shaft.length", 150).with("outside.waist", 50))) {
      Plan<Mill> one = plan(m);
      var twin = one.sketch().twin().orElseThrow();
      assertThat(twin.design().role()).isNotEqualTo(m.role());
      assertThat(twin.kind().fresh().role()).isEqualTo(twin.design().role());
      Plan<Mill> other = Plan.of(twin.kind(), twin.design(), shop, List.of());
      assertThat(other.stops()).as(codes(other).toString()).isZero();
      double high = one.aim().mm("outside.height");
      for (double z = 0.5; z < high - 6; z += 1) {
        assertThat(outer(other, z)).as("at %s", z).isCloseTo(outer(one, z), within(0.02));
      }
      assertThat(other.sketch().fittings().size()).isNotEqualTo(one.sketch().fittings().size());
    }
    assertThat(plan(shaker()).sketch().twin())
        .as("the works decide: the mill comes first")
        .isEmpty();
  }

  private static double outer(Plan<Mill> plan, double z) {
    return plan.aim().parts().stream()
        .mapToDouble(p -> p.target().in(p.closed()).outer(z))
        .max()
        .orElse(0);
  }

  @Test
  void random_mills_without_a_stop_are_whole() {
    Random random = new Random(41);
    int sound = 0;
    for (int i = 0; i < 40; i++) {
      Mill m =
          Restated.with(
                  random.nextBoolean() ? mill() : shaker(),
                  "form",
                  Mill.Form.values()[random.nextInt(2)])
              .with("bore.diameter", 20 + random.nextInt(12))
              .with("outside.height", 110 + random.nextInt(70))
              .with("ring.depth", 8 + random.nextInt(10))
              .with("joint.length", 6 + random.nextInt(8));
      try {
        Plan<Mill> plan = plan(m);
        if (plan.stops() == 0) {
          sound++;
          for (Part p : plan.aim().parts()) {
            HalfSection end = plan.rehearsal().end().stock(p).orElseThrow().sound();
            assertThat(end.minus(p.target()).area() + p.target().minus(end).area())
                .isLessThan(0.05);
          }
        }
      } catch (BadDesign e) {
        assertThat(e.getMessage()).isNotBlank();
      }
    }
    assertThat(sound).isGreaterThan(10);
  }
}
