package hazelkeep.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.finding.Entry;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Starting the lathe with the tailstock up: what is thin is twisted by the tail centre. */
class StartUpTest {
  /** By hand: 1e-4 kg m2 to 157 rad/s in a second. */
  @Test
  void the_torque_is_that_of_a_flywheel() {
    assertThat(StartUp.torque(100, 1500, 1)).isCloseTo(15.7, within(0.02));
    assertThat(StartUp.torque(100, 1500, 2)).isCloseTo(7.85, within(0.01));
  }

  /** The textbook's shaft: tau = 16 T / (pi d3). */
  @Test
  void the_thinnest_place_is_that_of_a_shaft_in_torsion() {
    double d = StartUp.least(15.7, 2.75);
    assertThat(d).isCloseTo(3.08, within(0.01));
    assertThat(16 * 15.7 / (Math.PI * d * d * d)).isCloseTo(2.75, within(1e-9));
  }

  @Test
  void a_stem_that_a_heavy_tail_centre_twists_off_is_told_and_a_light_one_spares_it() {
    Kind<?> goblet = Kinds.named("goblet").orElseThrow();
    assertThat(told(goblet, centre(1000))).isTrue();
    assertThat(told(goblet, centre(1))).isFalse();
  }

  /** A centre that is light is offered where it helps, and taken by one press. */
  @Test
  void a_lighter_centre_on_the_wall_is_a_way_out() {
    Plan<?> plan = thin(Kinds.named("goblet").orElseThrow(), centre(1000)).withRemedies();
    Finding told =
        plan.findings().stream()
            .filter(f -> f.verdict().entry() == Entry.TAIL_TWISTS)
            .findFirst()
            .orElseThrow();
    Remedy light =
        told.remedies().stream().filter(Remedy.Rehold.class::isInstance).findFirst().orElseThrow();
    Plan<?> then = plan.applied(light).orElseThrow();
    assertThat(then.edits()).hasSize(1);
    assertThat(then.design()).isEqualTo(plan.design());
    assertThat(then.findings()).noneMatch(told::sameAs);
  }

  private static Shop centre(double inertia) {
    return Shop.starter().with(Practice.USUAL.with(Line.TAIL_INERTIA, OptionalDouble.of(inertia)));
  }

  private static <D extends Design> boolean told(Kind<D> kind, Shop shop) {
    return thin(kind, shop).findings().stream()
        .anyMatch(f -> f.verdict().entry() == Entry.TAIL_TWISTS);
  }

  private static <D extends Design> Plan<D> thin(Kind<D> kind, Shop shop) {
    D cherry = Restated.with(kind.fresh(), "species", "Black cherry");
    D d = kind.size(cherry, new DimKey("stem.diameter"), Optional.of(Size.mm(3)));
    return Plan.of(kind, d, shop, List.of());
  }
}
