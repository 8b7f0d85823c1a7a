package hazelkeep.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Species;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Stock, walls beside bores, recesses in a foot, holes in a side. */
class StockAndWallsTest {
  private final Shop shop = Shop.starter();
  private static final Species WOOD = new Species("wood", "", Map.of());

  /** The usual error of centring, mm. */
  private static final double CENTRING = Practice.USUAL.of(Line.STOCK_CENTRING);

  private static Optional<Size> mm(double mm) {
    return Optional.of(Size.mm(mm));
  }

  private static Blank limb(double across, double slim, double bark, boolean stays) {
    return new Blank(mm(200), mm(across), false, mm(slim), mm(bark), stays);
  }

  /** 64 by 58 over a bark of 4: 58 - 8 - 2 where it goes, 58 - 2 where it may stay. */
  /**
   * A bit drifts sideways: a floor of 6 under a bore that may drift by 1 is 6, a wall of 6 is 5.
   */
  @Test
  void drift_takes_nothing_off_a_floor() {
    HalfSection cup = HalfSection.box(0, 60, 0, 20).minus(HalfSection.box(6, 60, 0, 14));
    HalfSection beyond = HalfSection.box(-10, 0, 0, 60);
    Surface foot =
        Surface.of(
            new SurfaceId("cup", "foot"), Role.SHOW, Polyline.of(0, 0, 0, 20), beyond, false, true);
    Surface side =
        Surface.of(
            new SurfaceId("cup", "side"),
            Role.SHOW,
            Polyline.of(0, 20, 60, 20),
            beyond,
            false,
            true);
    Surface inside =
        Surface.of(
            new SurfaceId("cup", "inside"),
            Role.SHOW,
            Polyline.of(60, 14, 6, 14, 6, 0),
            HalfSection.box(6, 60, 0, 14),
            true,
            true);
    Part part =
        new Part(
            "cup",
            new Point(30, 17),
            cup,
            List.of(foot, side, inside),
            List.of(),
            new Frame(0, false));
    Walled walled = new Walled(part, new WallWishes(3, 3, 3, 3, 3), z -> 1);
    java.util.Map<String, Double> least =
        Walls.least(walled).stream()
            .collect(java.util.stream.Collectors.toMap(Walls.Least::code, Walls.Least::mm));
    assertThat(least.get("floor-thin")).isCloseTo(6, within(1e-3));
    assertThat(least.get("wall-thin")).isCloseTo(5, within(1e-3));
  }

  @Test
  void what_a_limb_surely_gives() {
    assertThat(Blank.sure(Optional.of(limb(64, 58, 4, false)), 64, CENTRING))
        .isCloseTo(48, within(1e-9));
    assertThat(Blank.sure(Optional.of(limb(64, 58, 4, true)), 64, CENTRING))
        .isCloseTo(56, within(1e-9));
    assertThat(Blank.sure(Optional.empty(), 64, CENTRING)).isCloseTo(62, within(1e-9));
    Blank square = new Blank(mm(200), mm(64), true);
    assertThat(Blank.sure(Optional.of(square), 64, CENTRING)).isCloseTo(62, within(1e-9));
  }

  @Test
  void a_limb_is_wood_all_round_only_within_its_slim_side() {
    Body b = Blank.body(Optional.of(limb(64, 58, 4, false)), new Blank.Lying(200, 64, 0), WOOD, 0);
    assertThat(b.sound().maxR()).isCloseTo(25, within(1e-3));
    assertThat(b.swept().maxR()).isCloseTo(32, within(1e-3));
    assertThat(b.round()).isFalse();
    Body square =
        Blank.body(
            Optional.of(new Blank(mm(100), mm(40), true)), new Blank.Lying(100, 40, 0), WOOD, 0);
    assertThat(square.swept().maxR()).isCloseTo(20 * Math.sqrt(2), within(1e-3));
    assertThat(square.sound().maxR()).isCloseTo(20, within(1e-3));
    assertThat(Blank.body(Optional.empty(), new Blank.Lying(100, 40, 0), WOOD, 0).round()).isTrue();
  }

  /** Its middle 5 off: 29 + 5 at one side, 29 - 5 at the other. */
  @Test
  void a_blank_that_lies_off_its_middle_is_wood_nearer_to_the_axis() {
    Body b = Blank.body(Optional.of(limb(58, 58, 0, false)), new Blank.Lying(200, 58, 5), WOOD, 0);
    assertThat(b.sound().maxR()).isCloseTo(24, within(1e-3));
    assertThat(b.swept().maxR()).isCloseTo(34, within(1e-3));
    assertThat(Blank.sure(Optional.empty(), 58, 5)).isCloseTo(48, within(1e-9));
  }

  @Test
  void a_limb_that_can_not_be_is_refused_with_what_could() {
    assertThatThrownBy(() -> limb(58, 64, 4, false))
        .hasMessageContaining("no more than its larger");
    assertThatThrownBy(() -> limb(64, 60, 16, false))
        .hasMessageContaining("half the limb's radius");
    assertThatThrownBy(() -> new Blank(mm(200), mm(60), true, mm(58), Optional.empty(), false))
        .hasMessageContaining("choose round for a limb");
    assertThatThrownBy(() -> new Blank(mm(5), mm(60), true)).hasMessageContaining("between");
  }

  /** A limb of 220 mm over its bark swings in a lathe of 300; a square of 220 does not. */
  @Test
  void only_square_stock_has_corners() {
    assertThat(stockCodes(new Blank(mm(150), mm(220), false, mm(214), mm(6), false)))
        .doesNotContain("lathe-swing");
    assertThat(stockCodes(new Blank(mm(150), mm(220), true))).contains("lathe-swing");
  }

  private List<String> stockCodes(Blank blank) {
    hazelkeep.kinds.vessel.BoredVessel d =
        hazelkeep.measure.Restated.with(
            hazelkeep.kinds.vessel.VesselKind.WELL.fresh(), "blank", Optional.of(blank));
    return Sketch.of(hazelkeep.kinds.vessel.VesselKind.WELL, d, shop, Map.of()).findings().stream()
        .map(f -> f.code())
        .toList();
  }

  private static BoreWalls walls(double outer, double bore, double least, double drift) {
    HalfSection target = HalfSection.box(0, 100, 0, outer).minus(HalfSection.box(20, 101, 0, bore));
    // It drifts the further the deeper it is.
    return new BoreWalls(target, new Span(20, 100), least, z -> drift * (100 - z) / 100);
  }

  @Test
  void what_is_kept_is_bore_drift_and_wall() {
    BoreWalls w = walls(20, 10, 3, 0.5);
    assertThat(w.keep(60)).isCloseTo(10 + 0.2 + 3, within(1e-6));
    assertThat(w.keep(10)).as("below the bore nothing is kept").isZero();
    BoreWalls solid = new BoreWalls(HalfSection.box(0, 50, 0, 20), new Span(0, 50), 3, z -> 0);
    assertThat(solid.zone().isEmpty()).isTrue();
  }

  /**
   * Turned down to what is kept, the wall is the least that is wanted, wherever it is looked at.
   */
  @Test
  void an_outside_that_stays_off_the_zone_leaves_the_wall() {
    Random random = new Random(7);
    for (int i = 0; i < 100; i++) {
      double bore = 4 + 12 * random.nextDouble();
      double least = 2 + 4 * random.nextDouble();
      BoreWalls w = walls(40, bore, least, random.nextDouble());
      HalfSection zone = w.zone();
      double z = 21 + 78 * random.nextDouble();
      assertThat(zone.outer(z)).isCloseTo(w.keep(z), within(0.02));
      HalfSection turned =
          HalfSection.box(0, 100, 0, w.keep(20.1)).minus(HalfSection.box(20, 101, 0, bore));
      double left = turned.outer(20.1) - turned.inner(20.1) - w.drift().applyAsDouble(20.1);
      assertThat(left).isCloseTo(least, within(0.02));
    }
  }

  @Test
  void a_recess_leaves_a_wall_in_every_foot() {
    for (double foot = 30; foot < 160; foot += 1) {
      for (double deep : new double[] {3, 4, 6}) {
        Optional<FootRecess> r = FootRecess.of(shop, foot, deep);
        if (r.isEmpty()) {
          assertThat(foot).isLessThan(FootRecess.least(shop, 0) + 3);
          continue;
        }
        double widest = r.get().diameter() + r.get().undercut();
        assertThat((foot - widest) / 2)
            .as("land round the dovetail's floor in a foot of %s", foot)
            .isGreaterThanOrEqualTo(Practice.USUAL.of(Line.HOLD_EXPAND_WALL) - 1e-9);
        assertThat(r.get().jaws().expand().orElseThrow().holds(r.get().diameter())).isTrue();
      }
    }
  }

  /** A recess of 57.4 is held by the jaws that open in it, whatever the foot has room for. */
  @Test
  void a_recess_is_held_by_jaws_that_open_in_it() {
    assertThat(FootRecess.held(shop, 62, 4, 57.4).name()).isEqualTo("50 mm jaws");
    assertThat(FootRecess.held(shop, 62, 4, 36).name()).isEqualTo("25 mm jaws");
    hazelkeep.kinds.box.LiddedBox box =
        hazelkeep.kinds.box.LiddedBoxKind.BOX
            .choose(
                hazelkeep.kinds.box.LiddedBox.fresh().with("outside.diameter", 90),
                "footBy",
                "RECESS")
            .with("foot.recess", 57.4);
    Plan<?> plan = Plan.of(hazelkeep.kinds.box.LiddedBoxKind.BOX, box, shop, List.of());
    assertThat(plan.findings()).noneMatch(f -> f.code().equals("expand-range"));
  }

  /** Jaws that are chosen for a tenon re-size it to their true circle, where the blank allows. */
  @Test
  void a_tenon_is_sized_for_the_jaws_that_are_to_hold_it() {
    Plan<?> plan =
        Plan.of(
            hazelkeep.kinds.box.LiddedBoxKind.BOX,
            hazelkeep.kinds.box.LiddedBox.fresh().with("outside.diameter", 90),
            shop,
            List.of());
    hazelkeep.shop.JawSet small = shop.jaws("50 mm jaws").orElseThrow();
    hazelkeep.route.Remedy.SetDim r = TenonFor.of(plan, "whole", small).orElseThrow();
    assertThat(r.key().path()).isEqualTo("tenon-foot.diameter");
    double root = r.to().mm() - small.flare(plan.aim().mm("stick.tenon-foot"));
    assertThat(root).isCloseTo(51, within(0.1));
    Plan<?> then = plan.applied(r).orElseThrow();
    assertThat(then.findings()).noneMatch(f -> f.code().equals("tenon-range"));
    assertThat(then.route().setups().stream().filter(s -> s.name().equals("body")).toList())
        .allMatch(s -> s.hold().words().contains("50 mm jaws"));
    assertThat(TenonFor.of(plan, "bench", small)).as("by hand").isEmpty();
  }

  private static SideHole stated(double height, int degrees, double diameter) {
    return new SideHole("hole", Size.mm(height), degrees, Size.mm(diameter));
  }

  private static Hole hole(double height, int degrees, double diameter) {
    return stated(height, degrees, diameter).on(tube(30, 19), "");
  }

  /** Two holes of 6 opposite one another on a radius of 20: 40 less 6. */
  @Test
  void wood_between_holes() {
    assertThat(hole(30, 0, 6).between(hole(30, 180, 6), 20)).isCloseTo(34, within(1e-9));
    assertThat(hole(30, 0, 6).between(hole(42, 0, 8), 20))
        .as("one over the other")
        .isCloseTo(5, within(1e-9));
    // A sixth of a turn is as long as the radius.
    assertThat(hole(30, 10, 6).between(hole(30, 70, 6), 20)).isCloseTo(14, within(1e-9));
    assertThat(hole(30, 350, 6).between(hole(30, 10, 6), 20))
        .as("across the grain mark")
        .isCloseTo(2 * 20 * Math.sin(Math.toRadians(10)) - 6, within(1e-9));
    assertThat(hole(30, 0, 6).between(hole(33, 40, 9), 25))
        .isEqualTo(hole(33, 40, 9).between(hole(30, 0, 6), 25));
  }

  private static Part tube(double outer, double bore) {
    HalfSection target = HalfSection.box(0, 80, 0, outer).minus(HalfSection.box(10, 81, 0, bore));
    SurfaceId side = new SurfaceId("body", "side");
    Surface s =
        Surface.of(
            side, Role.SHOW, Polyline.of(0, outer, 80, outer), HalfSection.EMPTY, false, false);
    return new Part("body", new Point(5, 1), target, List.of(s), List.of(), new Frame(0, false));
  }

  /**
   * Two radial holes of 12 mm at one height on a radius of 30 over a bore of 19: at 32 degrees 4.54
   * mm of wood outside and none at the bore, where they break into each other; at 40 degrees 1.00.
   */
  private static Practice wanted(double hole) {
    return Practice.USUAL.with(Line.WALL_HOLE, OptionalDouble.of(hole));
  }

  @Test
  void holes_in_a_side_come_together_at_the_bore() {
    assertThat(hole(40, 0, 12).between(hole(40, 32, 12), 30)).isCloseTo(4.54, within(0.005));
    SideHoles close = new SideHoles(tube(30, 19), List.of(hole(40, 0, 12), hole(40, 32, 12)));
    assertThat(close.judge(wanted(4)))
        .anySatisfy(f -> assertThat(f.code()).isEqualTo("holes-close"))
        .anySatisfy(f -> assertThat(f.verdict().found()).isCloseTo(-1.53, within(0.005)));
    SideHoles apart = new SideHoles(tube(30, 19), List.of(hole(40, 0, 12), hole(40, 40, 12)));
    Hole alone = hole(40, 0, 12);
    assertThat(new SideHoles(tube(30, 19), List.of(alone)).nearest(alone)).isNaN();
    assertThat(apart.judge(wanted(4)).get(0).verdict().found()).isCloseTo(1.0, within(0.005));
    assertThat(apart.judge(wanted(0.9))).isEmpty();
  }

  /** On a leaning side a hole goes through the wall at its own height. */
  @Test
  void the_wall_a_hole_goes_through_is_that_at_its_height() {
    HalfSection cone =
        HalfSection.of(
                List.of(new Point(0, 0), new Point(0, 30), new Point(80, 22), new Point(80, 0)))
            .minus(HalfSection.box(10, 81, 0, 15));
    Surface side =
        Surface.of(
            new SurfaceId("body", "side"),
            Role.SHOW,
            Polyline.of(0, 30, 80, 22),
            HalfSection.EMPTY,
            false,
            false);
    Part part =
        new Part("body", new Point(5, 1), cone, List.of(side), List.of(), new Frame(0, false));
    Hole low = hole(20, 0, 6);
    Hole high = hole(60, 180, 6);
    SideHoles holes = new SideHoles(part, List.of(low, high));
    assertThat(low.wall(cone)).isCloseTo(28 - 15, within(0.01));
    assertThat(high.wall(cone)).isCloseTo(24 - 15, within(0.01));
    assertThat(holes.rolled().places())
        .extracting(Rolled.Place::wall)
        .isSortedAccordingTo(java.util.Comparator.reverseOrder());
  }

  @Test
  void a_hole_below_the_floor_is_told() {
    assertThat(new SideHoles(tube(30, 19), List.of(hole(11, 0, 8))).judge(wanted(0.5)))
        .singleElement()
        .satisfies(f -> assertThat(f.code()).isEqualTo("hole-misses"))
        .satisfies(f -> assertThat(f.verdict().found()).isCloseTo(-3, within(0.01)));
    assertThat(new SideHoles(tube(30, 19), List.of(hole(15, 0, 8))).judge(wanted(0.5))).isEmpty();
  }

  @Test
  void a_hole_that_can_not_be_is_refused() {
    assertThatThrownBy(() -> stated(30, 360, 6)).hasMessageContaining("0 to 359");
    assertThatThrownBy(() -> stated(0, 0, 6)).hasMessageContaining("above the foot");
    assertThatThrownBy(() -> stated(30, 0, 0.2)).hasMessageContaining("between");
  }

  @Test
  void names_and_usual_numbers_are_kept_within_reason() {
    assertThat(Stated.name("  beech ", "The wood's name")).isEqualTo("beech");
    assertThatThrownBy(() -> Stated.name("x".repeat(61), "The finish"))
        .hasMessage("The finish is a name of at most 60 letters");
    for (int[] bad : List.of(new int[] {60, 0, 0}, new int[] {240, 7, 0}, new int[] {240, 0, 31})) {
      assertThatThrownBy(() -> Stated.usual(bad[0], bad[1], bad[2])).isInstanceOf(Refused.class);
    }
  }
}
