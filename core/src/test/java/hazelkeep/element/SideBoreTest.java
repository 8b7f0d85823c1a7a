package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Rolled;
import hazelkeep.route.Finding;
import hazelkeep.route.Setup;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.setout.Drilled;
import hazelkeep.setout.SetOut;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Holes that a turner adds to the side of any piece. */
class SideBoreTest {
  private static final Shop SHOP = Firmly.SHOP;

  /** Those that are hollow; through solid wood no hole leads anywhere, which is told. */
  static Stream<Kind<?>> hollow() {
    return Kinds.ALL.stream().filter(k -> high(k) > 30).filter(k -> middle(k).isPresent());
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, SHOP, List.of());
  }

  private static <D extends Design> double high(Kind<D> kind) {
    return new Form(plan(kind, kind.fresh()).aim().parts().get(0)).height();
  }

  private static <D extends Design> D size(Kind<D> kind, D design, String key, double mm) {
    return kind.size(design, new DimKey(key), Optional.of(Size.mm(mm)));
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  /** In the middle of the body or above it, where it is hollow; empty where it is solid. */
  private static <D extends Design> OptionalDouble middle(Kind<D> kind) {
    Part part = plan(kind, kind.fresh()).aim().parts().get(0);
    Form form = new Form(part);
    return DoubleStream.iterate(form.height() / 2, at -> at < form.height(), at -> at + 1)
        .filter(at -> part.target().inner(form.zero() + at - 12) > 0)
        .findFirst();
  }

  @ParameterizedTest
  @MethodSource("hollow")
  void a_hole_goes_through_the_side_of_any_kind(Kind<?> kind) {
    drilled(kind);
  }

  private <D extends Design> void drilled(Kind<D> kind) {
    Plan<D> plain = plan(kind, kind.fresh());
    String part = plain.aim().parts().get(0).name();
    double at = middle(kind).orElseThrow();
    D with = Elements.with(kind.fresh(), "hole", part, Size.mm(at));
    with = size(kind, with, "hole-1.round", 20);
    Plan<D> plan = plan(kind, with);
    assertThat(codes(plan))
        .as(kind.name())
        .doesNotContain("hole-misses", "hole-edge", "size-unused");
    Setup bench =
        plan.route().setups().stream()
            .filter(x -> x.steps().stream().anyMatch(y -> y.title().equals("Drill hole 1")))
            .findFirst()
            .orElseThrow();
    assertThat(bench.hold().onLathe()).as("on the bench").isFalse();
    Rolled rolled = plan.sketch().rolled().get(0);
    Rolled.Place hole =
        rolled.places().stream()
            .filter(p -> p.hole().name().equals("hole 1"))
            .findFirst()
            .orElseThrow();
    assertThat(hole.along()).as("round the outside").isCloseTo(20, within(1e-9));
    Part drawn = plan.aim().part(part);
    double z = new Form(drawn).zero() + at;
    assertThat(hole.wall())
        .as("the wall that it goes through is the drawn one")
        .isCloseTo(drawn.target().outer(z) - drawn.target().inner(z), within(1e-6));
    accounted(plain, plan, hole.wall());
    Plan<D> off = plan(kind, Elements.without(with, "hole-1"));
    assertThat(codes(off)).isEqualTo(codes(plain));
    assertThat(off.design().sizes()).isEqualTo(kind.fresh().sizes());
  }

  /**
   * What it takes is missing in the wood, on the scales and in the ledger of the rehearsal: as much
   * as a cylinder as long as the wall, but for how the two sides are bent.
   */
  private static void accounted(Plan<?> plain, Plan<?> plan, double wall) {
    double wide = plan.aim().mm("hole-1.wide");
    double bored = Math.PI * wide * wide / 4 * wall / 1000;
    double less = plain.sketch().properties().woodMl() - plan.sketch().properties().woodMl();
    assertThat(less).as("wood that is gone, ml").isCloseTo(bored, within(0.1 * bored));
    double grams = plan.aim().blank().wood().kilograms() / 1000 * less;
    plan.sketch()
        .properties()
        .grams()
        .ifPresent(
            g ->
                assertThat(plain.sketch().properties().grams().getAsDouble() - g)
                    .isCloseTo(grams, within(1e-6)));
    State end = plan.rehearsal().end();
    State before = plain.rehearsal().end();
    assertThat((end.removed() - before.removed()) / 1000)
        .as("taken off, ml")
        .isCloseTo(less, within(1e-3));
    double left = end.bodies().values().stream().mapToDouble(Body::volume).sum();
    double was = before.bodies().values().stream().mapToDouble(Body::volume).sum();
    assertThat((was - left) / 1000).isCloseTo(less, within(1e-3));
  }

  /** A step says where it is marked, how far round, by which bit and through what. */
  @Test
  void a_hole_is_told_by_its_place_its_bit_and_its_wall() {
    Kind<?> house = Kinds.named("hanging-house").orElseThrow();
    Plan<?> plan = plan(house);
    List<Drilled> told =
        plan.rehearsal().stages().stream().flatMap(s -> SetOut.of(s).drilled().stream()).toList();
    assertThat(told).extracting(d -> d.hole().name()).containsExactly("door", "perch");
    Drilled door = told.get(0);
    assertThat(door.height()).isCloseTo(38, within(1e-9));
    assertThat(door.along()).isEqualTo(0);
    Part body = plan.aim().part("body");
    double z = body.target().minZ() + 38;
    assertThat(door.wall())
        .isCloseTo(body.target().outer(z) - body.target().inner(z), within(1e-9));
    assertThat(bit(plan, "Drill the door")).as("no bit is near 16 mm").isEmpty();
    Kind<?> well = Kinds.named("straight-well").orElseThrow();
    assertThat(bit(hole(well, 6), "Drill hole 1").orElseThrow().diameter()).isEqualTo(6);
  }

  private static <D extends Design> Plan<D> hole(Kind<D> kind, double wide) {
    double at = middle(kind).orElseThrow();
    D with = Elements.with(kind.fresh(), "hole", "vessel", Size.mm(at));
    return plan(kind, size(kind, with, "hole-1.wide", wide));
  }

  private static Optional<Bit> bit(Plan<?> plan, String title) {
    Step step =
        plan.route().steps().stream()
            .filter(s -> s.title().equals(title))
            .findFirst()
            .orElseThrow();
    return step.bit();
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind) {
    return plan(kind, kind.fresh());
  }

  @Test
  void a_hole_in_solid_wood_and_one_at_the_edge_are_told() {
    Kind<?> well = Kinds.named("straight-well").orElseThrow();
    told(well, 9, "hole-misses");
    told(well, 2 * middle(well).orElseThrow() - 2, "hole-edge");
  }

  private <D extends Design> void told(Kind<D> kind, double at, String code) {
    D with = Elements.with(kind.fresh(), "hole", "vessel", Size.mm(at));
    Plan<D> plan = plan(kind, with).withRemedies();
    Finding told =
        plan.findings().stream().filter(f -> f.code().equals(code)).findFirst().orElseThrow();
    assertThat(told.remedies()).as("a way out of %s", code).isNotEmpty();
  }

  @Test
  void two_holes_too_near_to_one_another_are_told_once() {
    near(Kinds.named("straight-well").orElseThrow());
  }

  private <D extends Design> void near(Kind<D> kind) {
    double at = middle(kind).orElseThrow();
    D with = Elements.with(kind.fresh(), "hole", "vessel", Size.mm(at));
    with = Elements.with(with, "hole", "vessel", Size.mm(at + 7));
    assertThat(codes(plan(kind, with)).stream().filter("holes-close"::equals)).hasSize(1);
    with = size(kind, with, "hole-2.round", 30);
    assertThat(codes(plan(kind, with))).doesNotContain("holes-close");
  }

  @Test
  void those_of_a_little_house_lie_beside_its_own() {
    beside(Kinds.named("hanging-house").orElseThrow());
  }

  private <D extends Design> void beside(Kind<D> kind) {
    int own = plan(kind, kind.fresh()).sketch().rolled().get(0).places().size();
    D with = Elements.with(kind.fresh(), "hole", "body", Size.mm(40));
    Plan<D> close = plan(kind, with);
    assertThat(close.sketch().rolled().get(0).places()).hasSize(own + 1);
    assertThat(codes(close)).as("it lies in the door").contains("holes-close");
    Plan<D> clear = plan(kind, size(kind, with, "hole-1.round", 80));
    assertThat(codes(clear)).doesNotContain("holes-close");
  }
}
