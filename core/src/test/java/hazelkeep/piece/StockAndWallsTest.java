package hazelkeep.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.hold.HoldLimits;
import hazelkeep.measure.Size;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Species;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Stock, walls beside bores, recesses in a foot, holes in a side. */
class StockAndWallsTest {
  private final Shop shop = Shop.starter();
  private static final Species WOOD = new Species("wood", "", Map.of());

  private static Optional<Size> mm(double mm) {
    return Optional.of(Size.mm(mm));
  }

  private static Blank limb(double across, double slim, double bark, boolean stays) {
    return new Blank(mm(200), mm(across), false, mm(slim), mm(bark), stays);
  }

  /** 64 by 58 over a bark of 4: 58 - 8 - 2 where it goes, 58 - 2 where it may stay. */
  @Test
  void what_a_limb_surely_gives() {
    assertThat(Blank.sure(Optional.of(limb(64, 58, 4, false)), 64)).isCloseTo(48, within(1e-9));
    assertThat(Blank.sure(Optional.of(limb(64, 58, 4, true)), 64)).isCloseTo(56, within(1e-9));
    assertThat(Blank.sure(Optional.empty(), 64)).isCloseTo(62, within(1e-9));
    Blank square = new Blank(mm(200), mm(64), true);
    assertThat(Blank.sure(Optional.of(square), 64)).isCloseTo(62, within(1e-9));
  }

  @Test
  void a_limb_is_wood_all_round_only_within_its_slim_side() {
    Body b = Blank.body(Optional.of(limb(64, 58, 4, false)), 200, 64, WOOD, 0);
    assertThat(b.sound().maxR()).isCloseTo(25, within(1e-3));
    assertThat(b.swept().maxR()).isCloseTo(32, within(1e-3));
    assertThat(b.round()).isFalse();
    Body square = Blank.body(Optional.of(new Blank(mm(100), mm(40), true)), 100, 40, WOOD, 0);
    assertThat(square.swept().maxR()).isCloseTo(20 * Math.sqrt(2), within(1e-3));
    assertThat(square.sound().maxR()).isCloseTo(20, within(1e-3));
    assertThat(Blank.body(Optional.empty(), 100, 40, WOOD, 0).round()).isTrue();
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

  private static BoreWalls walls(double outer, double bore, double least, double drift) {
    HalfSection target = HalfSection.box(0, 100, 0, outer).minus(HalfSection.box(20, 101, 0, bore));
    // It drifts the further the deeper it is.
    return new BoreWalls(target, new Span(20, 100), least, z -> drift * (100 - z) / 100);
  }

  @Test
  void the_wall_is_what_the_drift_leaves() {
    BoreWalls w = walls(20, 10, 3, 0.5);
    assertThat(w.thinnest().orElseThrow().wall()).isCloseTo(10 - 0.5 * 0.8, within(0.01));
    assertThat(w.thinnest().orElseThrow().at().z()).as("deepest").isCloseTo(20, within(0.1));
    assertThat(w.keep(60)).isCloseTo(10 + 0.2 + 3, within(1e-6));
    assertThat(w.keep(10)).as("below the bore nothing is kept").isZero();
    BoreWalls solid = new BoreWalls(HalfSection.box(0, 50, 0, 20), new Span(0, 50), 3, z -> 0);
    assertThat(solid.thinnest()).isEmpty();
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
      BoreWalls turned =
          new BoreWalls(
              HalfSection.box(0, 100, 0, w.keep(20.1)).minus(HalfSection.box(20, 101, 0, bore)),
              w.along(),
              least,
              w.drift());
      assertThat(turned.thinnest().orElseThrow().wall()).isCloseTo(least, within(0.02));
    }
  }

  @Test
  void a_recess_leaves_a_wall_in_every_foot() {
    for (double foot = 30; foot < 160; foot += 1) {
      for (double deep : new double[] {3, 4, 6}) {
        Optional<FootRecess> r = FootRecess.of(shop, foot, deep);
        if (r.isEmpty()) {
          assertThat(foot).isLessThan(FootRecess.least(shop) + 3);
          continue;
        }
        double widest = r.get().diameter() + r.get().undercut();
        assertThat((foot - widest) / 2)
            .as("land round the dovetail's floor in a foot of %s", foot)
            .isGreaterThanOrEqualTo(HoldLimits.EXPAND_WALL - 1e-9);
        assertThat(r.get().jaws().expand().orElseThrow().holds(r.get().diameter())).isTrue();
      }
    }
  }

  private static SideHole hole(double height, int degrees, double diameter) {
    return new SideHole("hole", Size.mm(height), degrees, Size.mm(diameter));
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

  @Test
  void a_hole_that_can_not_be_is_refused() {
    assertThatThrownBy(() -> hole(30, 360, 6)).hasMessageContaining("0 to 359");
    assertThatThrownBy(() -> hole(0, 0, 6)).hasMessageContaining("above the foot");
    assertThatThrownBy(() -> hole(30, 0, 0.2)).hasMessageContaining("between");
  }

  @Test
  void names_and_usual_numbers_are_kept_within_reason() {
    assertThat(Stated.name("  beech ", "The wood's name")).isEqualTo("beech");
    assertThatThrownBy(() -> Stated.name("x".repeat(61), "The finish"))
        .hasMessage("The finish is a name of at most 60 letters");
    for (int[] bad : List.of(new int[] {60, 0, 0}, new int[] {240, 7, 0}, new int[] {240, 0, 31})) {
      assertThatThrownBy(() -> Stated.usual(bad[0], bad[1], bad[2]))
          .isInstanceOf(IllegalArgumentException.class);
    }
  }
}
