package hazelkeep.kinds.cased;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.bore.Sweep;
import hazelkeep.fit.FitClass;
import hazelkeep.kinds.RandomPieces;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Plan;
import hazelkeep.piece.SideHole;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Needle cases and little houses: two bits a step apart, content, holes in the side. */
class CasedTest {
  private final Shop shop = Firmly.SHOP;

  private static Cased needle() {
    return CasedKind.NEEDLE_CASE.fresh();
  }

  private static Cased house() {
    return CasedKind.HOUSE.fresh();
  }

  private Plan<Cased> plan(Cased c, RouteEdit... edits) {
    return Plan.of(CasedKind.NEEDLE_CASE, c, shop, List.of(edits));
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  private Finding only(Cased c, String code) {
    return plan(c).findings().stream()
        .filter(f -> f.code().equals(code))
        .findFirst()
        .orElseThrow(() -> new AssertionError(code + " not in " + codes(plan(c))));
  }

  private static Cased holding(double d, double h, boolean bundle) {
    return Restated.with(
        needle(),
        "content",
        Optional.of(new Cased.Content(Optional.of(Size.mm(d)), Optional.of(Size.mm(h)), bundle)));
  }

  /**
   * On a wall of 12, 15, 18, 25: 13 and its play want 15, and the next that leaves a spigot is 18.
   */
  @ParameterizedTest
  @CsvSource({"9, 10, 15", "11, 12, 15", "13, 15, 18", "14.2, 18, 25", "17, 18, 25", "20, 25, 30"})
  void the_bits_are_chosen_for_the_slimmest_case(double holds, double small, double large) {
    Plan<Cased> plan = plan(holding(holds, 70, false));
    assertThat(plan.aim().mm("bore.diameter")).isEqualTo(small);
    assertThat(plan.aim().mm("recess.diameter")).isEqualTo(large);
    assertThat(plan.aim().mm("outside.diameter")).isEqualTo(large + 7);
  }

  /**
   * A single piece stands in one point at most, and only where it is thinner than the point: in the
   * cone of a 10 mm twist bit, 3.00 deep, one of 8 mm stands 0.60 below the full diameter; on the
   * flat floor of a Forstner bit not at all.
   */
  @Test
  void a_single_piece_stands_in_one_point_at_most() {
    assertThat(Sweep.sinks(Bit.twist("10", 10, 120), 8)).isCloseTo(0.6, within(0.002));
    assertThat(Sweep.sinks(Bit.forstner("15", 15, 3, 85), 8)).isZero();
    assertThat(Sweep.sinks(Bit.forstner("15", 15, 3, 85), 1)).isCloseTo(2.25, within(1e-9));
    for (double[] c : new double[][] {{13, 86}, {8.5, 60}, {2, 60}, {6, 45}}) {
      for (boolean bundle : new boolean[] {false, true}) {
        Plan<Cased> p = plan(holding(c[0], c[1], bundle));
        assertThat(codes(p)).as("%s long, %s thick", c[1], c[0]).doesNotContain("content");
        double deep = p.aim().mm("bore.depth");
        // Four millimetres less, and it does not go in.
        assertThat(codes(plan(holding(c[0], c[1], bundle).with("bore.depth", deep - 4))))
            .as("%s long, %s thick, %s, %s", c[1], c[0], bundle, deep)
            .contains("content");
      }
    }
    assertThat(only(holding(13, 86, true).with("bore.depth", 60), "content").verdict().found())
        .isCloseTo(60 + 29.5 - 8, within(0.02));
  }

  /** 26 / 18 / 15: lid wall 4, body wall 5.5, spigot 1.5 before the fit. */
  @Test
  void stepped_bores_leave_these_walls() {
    Plan<Cased> plan =
        plan(
            needle()
                .with("outside.diameter", 26)
                .with("recess.diameter", 18)
                .with("bore.diameter", 15));
    HalfSection body = plan.aim().part("body").target();
    HalfSection lid = plan.aim().part("lid").target();
    double inBody = body.minZ() + 30;
    double inLid = lid.minZ() + 15;
    assertThat(body.outer(inBody) - body.inner(inBody)).isCloseTo(5.5, within(1e-3));
    assertThat(lid.outer(inLid) - lid.inner(inLid)).isCloseTo(4, within(1e-3));
    double spigot = plan.aim().mm("spigot.diameter");
    assertThat((spigot + plan.aim().mm("joint.clearance") - 15) / 2).isCloseTo(1.5, within(1e-9));
    double mid = body.maxZ() - 2;
    assertThat(body.outer(mid) - body.inner(mid)).isCloseTo((spigot - 15) / 2, within(1e-3));
  }

  @Test
  void the_lid_is_bored_before_the_spigot_is_turned_to_it() {
    List<String> keys = plan(needle()).route().steps().stream().map(s -> s.key().path()).toList();
    assertThat(keys.indexOf("lid/bit 1")).isLessThan(keys.indexOf("body/bit 1"));
    assertThat(keys.indexOf("lid/measure")).isLessThan(keys.indexOf("body/jam"));
    assertThat(keys.indexOf("body/bit 1")).isLessThan(keys.indexOf("body/jam"));
    // The other way round, the fit is told as done too early or against nothing.
    Plan<Cased> early =
        plan(needle(), new RouteEdit.MoveAfter(new StepKey("body/jam"), new StepKey("body/face")));
    assertThat(early.findings().size()).isGreaterThan(plan(needle()).findings().size());
  }

  @ParameterizedTest
  @CsvSource({
    "outside.foot, 18, wall-thin, 2.41",
    "bore.diameter, 16.5, spigot-wall, 0.71",
    "body.floor, 3, floor-thin, 2.2",
    "lid.height, 35, lid-thin, 1.5",
    "joint.length, 29.8, spigot-bottoms, 0.2"
  })
  void what_is_told_with_its_number(String key, double mm, String code, double found) {
    Cased c = needle().with(key, mm);
    if (key.equals("outside.foot")) {
      c = Restated.with(c, "form", Cased.Form.SPINDLE);
    }
    if (key.equals("bore.diameter")) {
      c = c.with("recess.diameter", 18);
    }
    if (key.equals("joint.length")) {
      c = c.with("lid.depth", 30);
    }
    Finding f = only(c, code);
    assertThat(f.verdict().found()).isCloseTo(found, within(0.02));
    assertThat(f.verdict().found()).isLessThan(f.verdict().limit());
  }

  @Test
  void what_can_not_be_drawn_says_what_could() {
    assertThatThrownBy(() -> plan(needle().with("bore.diameter", 18).with("recess.diameter", 18)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below spigot diameter, 17.9 mm");
    assertThat(plan(needle().with("joint.length", 31).with("lid.depth", 30)).findings())
        .anyMatch(f -> f.code().equals("spigot-bottoms") && f.grade() == Grade.STOP);
    assertThatThrownBy(() -> plan(needle().with("body.height", 30)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("with its point 63.0 mm");
    assertThatThrownBy(() -> Restated.with(needle(), "fit", FitClass.JAM))
        .hasMessageContaining("turning only");
    assertThatThrownBy(() -> new Cased.Content(Optional.of(Size.mm(0.2)), Optional.empty(), true))
        .hasMessageContaining("between");
  }

  /** What goes in is thicker than the blank: the case can't be drawn, and says by how much. */
  @Test
  void contents_larger_than_the_blank() {
    Cased big =
        Restated.with(
            holding(40, 60, false),
            "blank",
            Optional.of(
                new hazelkeep.piece.Blank(Optional.empty(), Optional.of(Size.mm(36)), false)));
    assertThatThrownBy(() -> plan(big))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below outside, at the join, 32.0 mm");
  }

  @Test
  void without_two_bits_a_step_apart_the_bores_are_opened() {
    Shop one = shop.withBits(List.of(Bit.forstner("14", 14, 3, 90)));
    Plan<Cased> plan = Plan.of(CasedKind.NEEDLE_CASE, needle(), one, List.of());
    assertThat(plan.route().step(new StepKey("lid/open"))).isPresent();
    Plan<Cased> none =
        Plan.of(CasedKind.NEEDLE_CASE, needle(), shop.withBits(List.of()), List.of());
    assertThat(codes(none)).contains("bit-missing");
  }

  private static Cased with(SideHole... holes) {
    return Restated.with(house(), "holes", List.of(holes));
  }

  private static SideHole hole(String name, double height, int degrees, double d) {
    return new SideHole(name, Size.mm(height), degrees, Size.mm(d));
  }

  @Test
  void a_house_has_a_roof_over_its_walls() {
    Plan<Cased> plan = plan(house());
    assertThat(plan.stops()).isZero();
    double eaves = plan.aim().mm("outside.eaves");
    assertThat(eaves).isGreaterThan(plan.aim().mm("outside.diameter"));
    assertThat(2 * plan.aim().part("lid").target().maxR()).isCloseTo(eaves, within(1e-3));
    assertThat(plan.route().steps().stream().map(Step::title))
        .contains("Drill the door", "Drill the perch", "Part the roof off");
    assertThat(plan.sketch().assembly()).isNotEmpty();
  }

  /** Walls of the body: 62 high, its bore's floor 10 above the foot, 60 across. */
  @Test
  void holes_are_judged_by_the_wood_round_them() {
    Plan<Cased> plan = plan(house());
    double body = plan.aim().mm("body.height");
    Finding edge = only(with(hole("door", body - 10, 0, 16)), "hole-edge");
    assertThat(edge.verdict().found()).isCloseTo(2, within(1e-6));
    double floor = body + plan.aim().mm("joint.length") - plan.aim().mm("bore.depth");
    Finding misses = only(with(hole("door", floor + 5, 0, 16)), "hole-misses");
    assertThat(misses.verdict().found()).isCloseTo(-3, within(1e-6));
    assertThat(misses.grade()).isEqualTo(Grade.STOP);
    Finding close = only(with(hole("door", 40, 0, 16), hole("perch", 29, 0, 4)), "holes-close");
    assertThat(close.verdict().found()).isCloseTo(11 - 10, within(1e-6));
    assertThat(codes(plan(with(hole("door", 35, 0, 40))))).contains("hole-wide");
    assertThat(codes(plan(with(hole("left", 40, 80, 5), hole("right", 40, 280, 5)))))
        .doesNotContain("holes-close", "hole-edge", "hole-misses");
  }

  /** Holes strewn at random: what is told is what a ruler in the bore would tell. */
  @Test
  void strewn_holes_against_a_ruler() {
    Random random = new Random(29);
    int told = 0;
    for (int round = 0; round < 40; round++) {
      SideHole[] holes = new SideHole[5];
      for (int i = 0; i < holes.length; i++) {
        holes[i] =
            hole("h" + i, 22 + random.nextInt(30), random.nextInt(360), 3 + random.nextInt(6));
      }
      Plan<Cased> plan = plan(with(holes));
      // They come together at the bore.
      double radius = plan.aim().mm("bore.diameter") / 2;
      int close = 0;
      for (int i = 0; i < holes.length; i++) {
        for (int j = i + 1; j < holes.length; j++) {
          // The two middles as points in space on the bore.
          double[] a = point(holes[i], radius);
          double[] b = point(holes[j], radius);
          double apart =
              Math.sqrt(
                  Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
          double wood = apart - (holes[i].diameter().mm() + holes[j].diameter().mm()) / 2;
          close += wood < 4 - 1e-6 ? 1 : 0;
        }
      }
      assertThat(codes(plan).stream().filter("holes-close"::equals).count()).isEqualTo(close);
      told += close;
      var side = plan.sketch().rolled().get(0);
      assertThat(side.places()).hasSize(5);
      assertThat(side.places()).allMatch(p -> p.along() >= 0 && p.along() < side.round());
    }
    assertThat(told).isGreaterThan(10);
  }

  private static double[] point(SideHole h, double radius) {
    double turn = Math.toRadians(h.degrees());
    return new double[] {radius * Math.cos(turn), radius * Math.sin(turn), h.height().mm()};
  }

  /** A lid that was bored wider moves the spigot; a deeper one leaves less to the body. */
  @Test
  void readings_in_the_lid_are_met_by_the_body() {
    Cased c = holding(13, 86, true);
    Plan<Cased> plan = plan(c);
    var wide =
        hazelkeep.piece.Dims.resolve(
            c,
            CasedKind.NEEDLE_CASE.rules(c),
            shop,
            java.util.Map.of(new DimKey("recess.diameter"), 18.2));
    assertThat(wide.get(new DimKey("spigot.diameter")).mm())
        .isCloseTo(plan.aim().mm("spigot.diameter") + 0.2, within(1e-9));
    assertThat(wide.get(new DimKey("outside.diameter")).mm())
        .isEqualTo(plan.aim().mm("outside.diameter"));
    var deep =
        hazelkeep.piece.Dims.resolve(
            c,
            CasedKind.NEEDLE_CASE.rules(c),
            shop,
            java.util.Map.of(new DimKey("lid.depth"), plan.aim().mm("lid.depth") + 2));
    assertThat(deep.get(new DimKey("bore.depth")).mm())
        .as("what goes in needs so much less of the body")
        .isCloseTo(plan.aim().mm("bore.depth") - 2, within(1e-9));
    assertThat(deep.get(new DimKey("lid.height")).mm()).isEqualTo(plan.aim().mm("lid.height"));
    assertThat(deep.get(new DimKey("lid.end")).mm())
        .isCloseTo(plan.aim().mm("lid.end") - 2, within(1e-9));
  }

  @Test
  void too_many_holes_are_refused() {
    List<SideHole> many = new ArrayList<>();
    for (int i = 0; i < 25; i++) {
      many.add(hole("h", 40, 14 * i, 2));
    }
    assertThatThrownBy(() -> Restated.with(house(), "holes", many)).hasMessageContaining("24");
  }

  @Test
  void heights_say_one_another() {
    Cased c =
        CasedKind.HOUSE.size(house(), new DimKey("outside.height"), Optional.of(Size.mm(120)));
    Plan<Cased> plan = plan(c);
    assertThat(plan.aim().mm("outside.height")).isCloseTo(120, within(1e-9));
    c = CasedKind.HOUSE.size(c, new DimKey("body.floor"), Optional.of(Size.mm(9)));
    assertThat(plan(c).aim().mm("body.floor")).isEqualTo(9);
    assertThat(plan(c).aim().mm("body.height"))
        .isCloseTo(
            9 + plan(c).aim().mm("bore.depth") + 4.5 - plan(c).aim().mm("joint.length"),
            within(1e-9));
  }

  @Test
  void every_remedy_that_is_offered_helps() {
    List<Cased> wrong =
        List.of(
            needle().with("outside.diameter", 19.5),
            needle().with("body.floor", 2),
            needle().with("lid.height", 35),
            holding(13, 86, true).with("bore.depth", 55),
            needle().with("blank.across", 24),
            with(hole("door", 16, 0, 16)));
    int offered = 0;
    for (Cased c : wrong) {
      Plan<Cased> plan = plan(c).withRemedies();
      for (Finding f : plan.findings().stream().filter(RandomPieces::judged).toList()) {
        for (Remedy r : f.remedies()) {
          offered++;
          assertThat(plan.applied(r).orElseThrow().findings()).noneMatch(f::sameAs);
        }
      }
    }
    assertThat(offered).isGreaterThan(4);
  }

  @Test
  void random_cases_without_a_stop_are_whole() {
    Random random = new Random(53);
    int sound = 0;
    for (int i = 0; i < 40; i++) {
      Cased c =
          Restated.with(
                  holding(6 + random.nextInt(20), 50 + random.nextInt(50), random.nextBoolean()),
                  "form",
                  Cased.Form.values()[random.nextInt(3)])
              .with("joint.length", 5 + random.nextInt(6));
      try {
        Plan<Cased> plan = plan(c);
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
    assertThat(sound).isGreaterThan(15);
  }
}
