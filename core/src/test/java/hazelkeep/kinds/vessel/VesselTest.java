package hazelkeep.kinds.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.bore.Pass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Compared;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Bored vessels: the straight well and the dry-stem vase. */
class VesselTest {
  private final Shop shop = Firmly.SHOP;

  private Plan<BoredVessel> plan(BoredVessel v, RouteEdit... edits) {
    return Plan.of(VesselKind.WELL, v, shop, List.of(edits));
  }

  private static BoredVessel well() {
    return Restated.with(VesselKind.WELL.fresh(), "species", "American beech");
  }

  private static BoredVessel vase() {
    return Restated.with(VesselKind.VASE.fresh(), "species", "American beech");
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  private static BoredVessel holding(double d, double h, double proud, boolean bundle) {
    return Restated.with(
        well(),
        "content",
        Optional.of(
            new BoredVessel.Content(
                Optional.of(Size.mm(d)),
                Optional.of(Size.mm(h)),
                Optional.of(Size.mm(proud)),
                bundle)));
  }

  @ParameterizedTest
  @EnumSource(BoredVessel.Form.class)
  void a_vessel_with_nothing_stated_can_be_made(BoredVessel.Form form) {
    for (String by : List.of("SAW", "PRESSED")) {
      BoredVessel v = VesselKind.WELL.choose(Restated.with(well(), "form", form), "footBy", by);
      Plan<BoredVessel> plan = plan(v);
      assertThat(plan.stops()).as("%s %s %s", form, by, codes(plan)).isZero();
      assertThat(plan.rehearsal().end().bodies()).hasSize(1);
    }
  }

  /** A pen of 145 that stands 45 proud, on the flat floor that a Forstner bit leaves. */
  @Test
  void the_depth_follows_from_what_goes_in() {
    Plan<BoredVessel> pen = plan(holding(11, 145, 45, false));
    Pass p = pen.sketch().boring().get(0).plans().get(0).passes().get(0);
    assertThat(p.depth()).as("to the floor it stands on").isCloseTo(100, within(1e-6));
    assertThat(pen.aim().mm("bore.diameter")).isCloseTo(12.5, within(1e-9));
    Plan<BoredVessel> bundle = plan(holding(11, 145, 45, true));
    assertThat(bundle.aim().mm("bore.depth"))
        .as("a bundle stands on the rim of the floor")
        .isCloseTo(100, within(1e-6));
    assertThat(codes(pen)).doesNotContain("content");
    assertThat(codes(plan(holding(18, 145, 45, false).with("bore.diameter", 15))))
        .contains("content");
  }

  /** Height is bore, point and floor: 110 + 3 + 7. */
  @Test
  void the_axis_adds_up() {
    Plan<BoredVessel> plan = plan(well());
    double point = plan.sketch().boring().get(0).plans().get(0).passes().get(0).bit().tip();
    assertThat(plan.aim().mm("outside.height"))
        .isCloseTo(110 + point + plan.aim().mm("body.floor"), within(1e-9));
    assertThat(plan.aim().mm("stick.need"))
        .isCloseTo(
            plan.aim().mm("outside.height")
                + plan.aim().mm("stick.face-foot")
                + plan.aim().mm("stick.tenon-foot")
                + plan.aim().mm("stick.waste-foot")
                + plan.aim().mm("stick.face-rim"),
            within(1e-9));
    HalfSection target = plan.aim().part("vessel").target();
    double rim = target.maxZ();
    assertThat(target.holds(rim - 110 - point - 0.1, 0)).isTrue();
    assertThat(target.holds(rim - 110 - point + 0.1, 0)).isFalse();
  }

  /** Room of a plain bore with a twist bit's point: cylinder and cone (closed forms). */
  @Test
  void room_and_volumes_by_closed_forms() {
    BoredVessel v = well().with("bore.diameter", 10).with("bore.depth", 80).with("mouth.flare", 0);
    Plan<BoredVessel> plan = plan(v);
    double tip = 5 / Math.tan(Math.toRadians(59));
    double ml = Math.PI * 25 * (80 + tip / 3) / 1000;
    assertThat(plan.sketch().properties().brimMl()).isCloseTo(ml, within(0.01));
    double h = plan.aim().mm("outside.height");
    double r = plan.aim().mm("outside.diameter") / 2;
    double hollow = Math.PI * r * r * plan.aim().mm("foot.hollow") / 3 / 1000;
    assertThat(plan.sketch().properties().woodMl())
        .isCloseTo(Math.PI * r * r * h / 1000 - ml - hollow, within(0.05));
  }

  @Test
  void a_stepped_bore_takes_the_wide_bit_first() {
    BoredVessel v =
        well()
            .with("bore.diameter", 25)
            .with("bore.depth", 60)
            .with("bore.narrow", 12)
            .with("bore.narrow-depth", 75);
    Plan<BoredVessel> plan = plan(v);
    List<Pass> passes = plan.sketch().boring().get(0).plans().get(0).passes();
    assertThat(passes).extracting(p -> p.bit().diameter()).containsExactly(25.0, 12.0);
    assertThat(plan.stops()).as(codes(plan).toString()).isZero();
    assertThat(
            codes(
                plan(
                    v,
                    new RouteEdit.MoveAfter(new StepKey("bore/bit 1"), new StepKey("bore/bit 2")))))
        .contains("no-centre");
    assertThatThrownBy(() -> plan(well().with("bore.narrow", 18)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("has to stay below bore, 15.0 mm");
  }

  @Test
  void what_can_not_be_drawn_says_what_could() {
    assertThatThrownBy(() -> plan(well().with("bore.diameter", 40).with("outside.diameter", 30)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below rim, 30.0 mm");
    assertThatThrownBy(() -> plan(well().with("outside.height", 60).with("bore.depth", 70)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below the height of the vessel");
    assertThatThrownBy(() -> holding(10, 40, 50, false))
        .hasMessageContaining("proud by less than it is long");
  }

  @Test
  void the_floor_is_counted_from_the_point_and_the_wall_from_the_drift() {
    Plan<BoredVessel> thin = plan(well().with("body.floor", 3));
    Finding floor =
        thin.findings().stream()
            .filter(f -> f.code().equals("floor-thin"))
            .findFirst()
            .orElseThrow();
    assertThat(floor.verdict().found())
        .as("less the hollow of the foot")
        .isCloseTo(2, within(1e-6));
    assertThat(floor.grade()).isEqualTo(Grade.STOP);
    // 3.1 a side; a bore of 110 by 15 goes on an extension from 82 on and may drift by 0.28.
    BoredVessel slim = well().with("outside.diameter", 21.2).with("mouth.flare", 0);
    Finding wall =
        plan(slim).findings().stream()
            .filter(f -> f.code().equals("wall-thin"))
            .findFirst()
            .orElseThrow();
    assertThat(wall.verdict().found()).isCloseTo(2.82, within(0.02));
  }

  @Test
  void a_bit_that_is_missing_leaves_some_to_open() {
    Plan<BoredVessel> plan = plan(well().with("bore.diameter", 16.4));
    Step mouth = plan.route().step(new StepKey("bore/mouth")).orElseThrow();
    assertThat(mouth.title()).startsWith("Open the bore");
    assertThat(plan(well()).route().step(new StepKey("bore/mouth")).orElseThrow().title())
        .startsWith("Cut the flare");
  }

  @Test
  void every_remedy_that_is_offered_helps() {
    List<BoredVessel> wrong =
        List.of(
            vase().with("outside.neck", 15),
            well().with("body.floor", 2),
            well().with("outside.height", 150).with("blank.length", 140),
            holding(18, 145, 45, false).with("bore.diameter", 15),
            well().with("blank.across", 40));
    int offered = 0;
    for (BoredVessel v : wrong) {
      Plan<BoredVessel> plan = plan(v).withRemedies();
      for (Finding f : plan.findings()) {
        for (Remedy r : f.remedies()) {
          offered++;
          Plan<BoredVessel> then = plan.applied(r).orElseThrow();
          assertThat(then.findings()).noneMatch(f::sameAs);
        }
      }
    }
    assertThat(offered).isGreaterThan(6);
  }

  @Test
  void any_order_plays_and_keeps_the_ledger() {
    Random random = new Random(11);
    for (int round = 0; round < 12; round++) {
      BoredVessel v = round % 2 == 0 ? well() : vase();
      List<Step> steps = new ArrayList<>(plan(v).route().steps());
      Collections.shuffle(steps, random);
      List<RouteEdit> edits = new ArrayList<>();
      for (int i = 1; i < steps.size(); i++) {
        edits.add(new RouteEdit.MoveAfter(steps.get(i).key(), steps.get(i - 1).key()));
      }
      Plan<BoredVessel> shuffled = Plan.of(VesselKind.WELL, v, shop, edits);
      double left =
          shuffled.rehearsal().end().bodies().values().stream().mapToDouble(Body::volume).sum();
      double blank = shuffled.aim().blank().swept().volume();
      assertThat(
              left
                  + shuffled.rehearsal().end().removed()
                  + shuffled.rehearsal().end().dust()
                  + shuffled.rehearsal().end().waste())
          .isCloseTo(blank, within(1e-5 * blank));
    }
  }

  @Test
  void random_vessels_without_a_stop_are_whole() {
    Random random = new Random(31);
    int sound = 0;
    for (int i = 0; i < 40; i++) {
      BoredVessel v =
          Restated.with(well(), "form", BoredVessel.Form.values()[random.nextInt(4)])
              .with("bore.diameter", 10 + random.nextInt(20))
              .with("bore.depth", 40 + random.nextInt(60))
              .with("outside.diameter", 50 + random.nextInt(30));
      try {
        Plan<BoredVessel> plan = plan(v);
        if (plan.stops() == 0) {
          sound++;
          HalfSection end =
              plan.rehearsal().end().stock(plan.aim().part("vessel")).orElseThrow().sound();
          HalfSection target = plan.aim().part("vessel").target();
          assertThat(end.minus(target).area() + target.minus(end).area()).isLessThan(0.05);
        }
      } catch (BadDesign e) {
        assertThat(e.getMessage()).isNotBlank();
      }
    }
    assertThat(sound).isGreaterThan(20);
  }

  @Test
  void handles_drag_what_they_stand_for() {
    Plan<BoredVessel> plan = plan(vase());
    BoredVessel belly =
        plan.sketch()
            .dragged("outside.diameter", plan.aim().part("vessel").target().minZ() + 30, 30);
    assertThat(belly.sizes().get(new DimKey("outside.belly-at")).mm())
        .as("the belly goes along the axis too")
        .isEqualTo(30);
    assertThat(plan(belly).aim().part("vessel").target().maxR()).isCloseTo(30, within(1e-3));
    for (var h : VesselKind.VASE.handles(plan.design(), plan.aim(), shop)) {
      BoredVessel moved =
          VesselKind.VASE.drag(
              plan.design(),
              plan.aim(),
              shop,
              h.name(),
              new Point(h.at().z() + (h.along() ? 3 : 0), h.at().r() + 1));
      double was = plan.aim().mm(h.name());
      double is = moved.sizes().get(new DimKey(h.name())).mm();
      assertThat(is - was)
          .as(h.name())
          .isCloseTo(h.across() ? 2 : h.name().equals("foot.hollow") ? 3 : -3, within(0.06));
    }
  }

  @Test
  void ways_to_finish_the_foot_are_compared() {
    Plan<BoredVessel> plan = plan(well());
    List<Compared> ways = Compared.of(plan, VesselKind.WELL.ends(plan.design()).get(0));
    assertThat(ways).hasSize(7);
    assertThat(ways.stream().filter(Compared::possible).map(c -> c.option().name()))
        .contains("SAW", "PRESSED", "AROUND");
    assertThat(
            ways.stream()
                .filter(c -> c.option().name().equals("JAM_PLUG"))
                .flatMap(c -> c.findings().stream())
                .map(Finding::code))
        .as("a narrow bore is no seat for a jam")
        .contains("hold-weak");
  }

  private static BoredVessel recessed() {
    return Restated.with(vase(), "footBy", Finishing.RECESS);
  }

  @Test
  void a_recess_in_the_foot_holds_it_from_then_on() {
    Plan<BoredVessel> plan =
        plan(
            recessed()
                .with("outside.height", 150)
                .with("outside.foot", 74)
                .with("outside.diameter", 90));
    assertThat(plan.stops()).as(codes(plan).toString()).isZero();
    assertThat(plan.aim().mm("stick.tenon-foot")).isZero();
    assertThat(plan.aim().mm("stick.tenon-rim")).isPositive();
    assertThat(plan.route().setups().get(1).name()).isEqualTo("foot");
    assertThat(plan.route().setups().get(2).hold().words()).contains("recess");
    double recess = plan.aim().mm("foot.recess");
    HalfSection target = plan.aim().part("vessel").target();
    double deep = plan.aim().mm("foot.hollow");
    assertThat(2 * target.inner(target.minZ() + 0.01)).isCloseTo(recess, within(0.02));
    // Undercut as the jaws are: mouth + 2 depth tan(undercut).
    double dovetail = Math.tan(Math.toRadians(shop.tenonJaws().get(0).dovetail()));
    double wide = recess + 2 * deep * dovetail;
    assertThat(plan.aim().mm("foot.recess-wide")).isCloseTo(wide, within(1e-9));
    assertThat(2 * target.inner(target.minZ() + deep - 0.01)).isCloseTo(wide, within(0.02));
    assertThat(plan.aim().mm("foot.land")).isCloseTo((74 - wide) / 2, within(1e-9));
    assertThat((74 - wide) / 2).as("land round it").isGreaterThanOrEqualTo(10 - 1e-9);
    // The floor is counted down to the recess.
    double floor = plan.aim().mm("outside.height") - plan.aim().mm("foot.hollow");
    assertThat(floor).isGreaterThan(plan.aim().mm("bore.depth") + 3 + 4.99);
  }

  @Test
  void a_foot_too_narrow_for_a_recess_says_how_wide_it_must_be() {
    Plan<BoredVessel> plan = plan(recessed().with("outside.foot", 40));
    Finding f =
        plan.findings().stream()
            .filter(x -> x.code().equals("hold-missing"))
            .findFirst()
            .orElseThrow();
    assertThat(f.verdict().found()).isEqualTo(40);
    Plan<BoredVessel> held = plan(recessed().with("outside.foot", 54));
    double undercut = held.aim().mm("foot.recess-wide") - held.aim().mm("foot.recess");
    assertThat(f.verdict().limit())
        .as("31 opened, 10 a side, and what its floor is wider")
        .isCloseTo(51 + undercut, within(1e-9));
    assertThat(held.aim().mm("foot.recess")).isPositive();
  }

  /** A foot of 80 with 14 of land: 52 at the floor, a mouth narrower by the dovetail. */
  @Test
  void a_stated_land_leaves_the_recess() {
    Plan<BoredVessel> plan = plan(recessed().with("outside.foot", 80).with("foot.land", 14));
    assertThat(plan.aim().mm("foot.recess-wide")).isCloseTo(52, within(1e-9));
    assertThat(plan.aim().mm("foot.recess")).isLessThan(52);
    assertThat(codes(plan)).doesNotContain("sizes-contradict", "expand-wall");
  }

  /** Read from the section: a mouth that leaves ten leaves less at the floor. */
  @Test
  void the_wall_round_a_recess_is_what_is_left_at_its_widest() {
    // A well that narrows above its foot: its wall is thinnest where the recess is widest.
    BoredVessel straight = Restated.with(VesselKind.WELL.fresh(), "footBy", Finishing.RECESS);
    BoredVessel well = Restated.with(straight, "form", BoredVessel.Form.TAPER);
    BoredVessel narrows = well.with("outside.foot", 74).with("outside.rim", 66);
    Plan<BoredVessel> plan = plan(narrows.with("foot.recess", 54));
    Finding f =
        plan.findings().stream()
            .filter(x -> x.code().equals("expand-wall"))
            .findFirst()
            .orElseThrow(() -> new AssertionError(codes(plan).toString()));
    assertThat(f.verdict().found())
        .isLessThan(10)
        .isCloseTo(plan.aim().mm("foot.land"), within(0.2));
    assertThatThrownBy(() -> plan(recessed().with("outside.foot", 74).with("foot.recess-wide", 75)))
        .hasMessageContaining("has to stay below");
  }

  private static BoredVessel limb(boolean stays) {
    return Restated.with(
        vase(),
        "blank",
        Optional.of(
            new Blank(
                Optional.of(Size.mm(150)),
                Optional.of(Size.mm(64)),
                false,
                Optional.of(Size.mm(58)),
                Optional.of(Size.mm(4)),
                stays)));
  }

  @Test
  void bark_that_may_stay_is_no_wall() {
    Plan<BoredVessel> clean = plan(limb(false));
    assertThat(clean.aim().mm("outside.diameter")).isEqualTo(46);
    assertThat(codes(clean)).doesNotContain("bark-stays");
    assertThat(codes(plan(limb(false).with("outside.diameter", 54)))).contains("blank-thin");
    Plan<BoredVessel> kept = plan(limb(true).with("outside.diameter", 54));
    Finding bark =
        kept.findings().stream()
            .filter(f -> f.code().equals("bark-stays"))
            .findFirst()
            .orElseThrow();
    assertThat(bark.grade()).isEqualTo(Grade.NOTE);
    // Wider than 50 over so much of the belly, by the outline itself.
    HalfSection target = kept.aim().part("vessel").target();
    int wide = 0;
    for (double z = target.minZ() + 1; z < target.maxZ(); z += 1) {
      wide += target.outer(z) > 25 ? 1 : 0;
    }
    assertThat(bark.verdict().found()).isCloseTo(wide, within(1.5));
    assertThat(codes(plan(limb(true).with("outside.diameter", 54).with("bore.diameter", 18))))
        .doesNotContain("bark-wall");
    assertThat(
            codes(
                plan(
                    Restated.with(limb(true), "form", BoredVessel.Form.BELLIED)
                        .with("outside.diameter", 55)
                        .with("bore.diameter", 46)
                        .with("mouth.flare", 0)
                        .with("outside.rim", 54))))
        .contains("bark-wall");
  }

  private static BoredVessel rigged() {
    return Restated.with(vase(), "inside", BoredVessel.Inside.RIGGED)
        .with("bore.diameter", 30)
        .with("outside.diameter", 84)
        .with("outside.height", 130);
  }

  @Test
  void a_hollow_follows_the_outside_a_wall_away() {
    Plan<BoredVessel> plan = plan(rigged());
    assertThat(plan.stops()).as(codes(plan).toString()).isZero();
    HalfSection target = plan.aim().part("vessel").target();
    double wall = plan.aim().mm("hollow.wall");
    // Behind the mouth every place of the inside lies a wall from the nearest outside.
    var side = plan.aim().part("vessel").surface("side").line().samples(0.1, 0.01);
    int looked = 0;
    for (var s : plan.aim().part("vessel").surface("inside").line().samples(1, 0.1)) {
      if (s.at().r() > 18 && s.at().z() > target.maxZ() - plan.aim().mm("bore.depth") + 8) {
        double nearest = side.stream().mapToDouble(x -> x.at().distance(s.at())).min().orElse(0);
        if (s.at().z() < target.minZ() + 0.75 * 130) {
          looked++;
          assertThat(nearest).as("%s", s.at()).isCloseTo(wall, within(0.12));
        }
      }
    }
    assertThat(looked).isGreaterThan(40);
    double belly = target.minZ() + 0.32 * 130;
    assertThat(2 * target.inner(belly)).as("wider than its mouth").isGreaterThan(70);
    List<String> keys = plan.route().steps().stream().map(s -> s.key().path()).toList();
    assertThat(keys.indexOf("outside/side")).isLessThan(keys.indexOf("hollow/hollow"));
  }

  @Test
  void without_a_hooked_bar_no_tool_gets_behind_the_mouth() {
    Shop straight = shop.withTools(shop.tools().stream().filter(t -> t.hook() == 0).toList());
    Plan<BoredVessel> plan = Plan.of(VesselKind.VASE, rigged(), straight, List.of());
    assertThat(codes(plan)).contains("hidden");
    Plan<BoredVessel> narrow = plan(rigged().with("bore.diameter", 14));
    assertThat(codes(narrow)).as("the bars don't pass so narrow a mouth").contains("hidden");
  }
}
