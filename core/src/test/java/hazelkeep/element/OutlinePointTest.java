package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Span;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Places that a turner adds to an outside: so many bellies and waists. */
class OutlinePointTest {
  private static final Shop SHOP = Shop.starter();

  private static <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, SHOP, List.of());
  }

  /** Every part that has a side, on every kind. */
  static Stream<Arguments> parts() {
    return Kinds.ALL.stream()
        .flatMap(
            k ->
                fresh(k).aim().offBlank().stream()
                    .filter(p -> new Form(p).hasSide())
                    .map(p -> Arguments.of(k, p.name())));
  }

  private static <D extends Design> Plan<D> fresh(Kind<D> kind) {
    return plan(kind, kind.fresh());
  }

  /** A piece with points where its line is already, moved in or out. */
  private static <D extends Design> D with(Kind<D> kind, String part, double[][] places) {
    D d = kind.fresh();
    Part plain = fresh(kind).aim().part(part);
    Span side = side(plain);
    for (int i = 0; i < places.length; i++) {
      double at = side.from() + places[i][0] * (side.to() - side.from());
      d = Elements.with(d, plan(kind, d).aim(), "point", part, Size.mm(Math.rint(2 * at) / 2));
      DimKey wide = new DimKey("point-" + (i + 1) + ".diameter");
      double seen = d.sizes().get(wide).mm();
      d = kind.size(d, wide, Optional.of(Size.mm(seen + places[i][1])));
    }
    return d;
  }

  /** The longest of its outsides that rises and is no dome, heights over its low end. */
  private static Span side(Part part) {
    double zero = new Form(part).zero();
    return part.surfaces().stream()
        .filter(s -> !s.inside() && s.role() == Role.SHOW)
        .filter(s -> s.line().last().z() > s.line().first().z() && s.line().last().r() > 0)
        .map(s -> new Span(s.line().first().z() - zero, s.line().last().z() - zero))
        .max(Comparator.comparingDouble(s -> s.to() - s.from()))
        .orElseThrow();
  }

  private static Set<String> codes(Plan<?> p) {
    Set<String> out = new TreeSet<>();
    p.findings().stream().filter(f -> f.grade() != Grade.NOTE).map(Finding::code).forEach(out::add);
    return out;
  }

  @ParameterizedTest
  @MethodSource("parts")
  void any_outside_goes_through_them_and_can_be_turned(Kind<?> kind, String part) {
    through(kind, part);
  }

  private static <D extends Design> void through(Kind<D> kind, String part) {
    D d = with(kind, part, new double[][] {{0.35, -0.6}, {0.6, 0.4}, {0.8, -0.6}});
    Plan<D> p = plan(kind, d);
    Form form = new Form(p.aim().part(part));
    for (int i = 1; i <= 3; i++) {
      double at = p.aim().mm("point-" + i + ".height");
      assertThat(2 * p.aim().part(part).target().outer(form.zero() + at))
          .as("point " + i + ", drawn")
          .isCloseTo(p.aim().mm("point-" + i + ".diameter"), within(0.001));
    }
    Set<String> more = codes(p);
    more.removeAll(codes(fresh(kind)));
    assertThat(more).as("new stops and watches %s", p.findings()).doesNotContain("point-missed");
    assertThat(more).doesNotContain("sizes-contradict", "not-whole", "wood-left");
    assertThat(p.route().steps()).noneMatch(s -> s.key().path().contains("point"));
    for (Part each : p.aim().parts()) {
      HalfSection wood = p.rehearsal().end().stock(each).orElseThrow().sound();
      assertThat(wood.minus(each.target()).area() + each.target().minus(wood).area())
          .isLessThan(2 * HalfSection.DUST_AREA);
    }
  }

  /** What lies between two points stays between their radii: no line swings past its places. */
  @ParameterizedTest
  @MethodSource("parts")
  void the_line_never_swings_past_its_places(Kind<?> kind, String part) {
    Plan<?> p = plan(kind, part);
    Part drawn = p.aim().part(part);
    double zero = new Form(drawn).zero();
    double from = zero + p.aim().mm("point-1.height");
    double to = zero + p.aim().mm("point-2.height");
    double a = drawn.target().outer(from);
    double b = drawn.target().outer(to);
    for (int i = 0; i <= 40; i++) {
      double z = from + i * (to - from) / 40;
      assertThat(drawn.target().outer(z)).isBetween(Math.min(a, b) - 0.006, Math.max(a, b) + 0.006);
    }
  }

  private static <D extends Design> Plan<?> plan(Kind<D> kind, String part) {
    return plan(kind, with(kind, part, new double[][] {{0.56, -0.5}, {0.62, 0.3}}));
  }

  /** A swan neck: belly, neck, second belly, second neck. The volume by frusta of its cubics. */
  @Test
  void a_vase_with_two_bellies_is_the_line_that_was_asked_for() {
    vase(Kinds.named("dry-stem-vase").orElseThrow());
  }

  private static <D extends Design> void vase(Kind<D> kind) {
    double[][] places = {{0.2, 6}, {0.45, -4}, {0.62, 5}, {0.85, -3}};
    Plan<D> p = plan(kind, with(kind, "vessel", places));
    List<Point> through = new ArrayList<>();
    Part vessel = p.aim().part("vessel");
    List<Point> line = vessel.surface("side").line().points();
    for (int i = 1; i <= places.length; i++) {
      through.add(
          new Point(p.aim().mm("point-" + i + ".height"), p.aim().mm("point-" + i + ".diameter")));
    }
    // Radii turn at each place: a belly is wider than what is 3 mm beside it, a neck slimmer.
    for (int i = 0; i < places.length; i++) {
      double z = line.get(0).z() + through.get(i).z();
      double here = vessel.target().outer(z);
      double beside = (vessel.target().outer(z - 3) + vessel.target().outer(z + 3)) / 2;
      assertThat(here - beside).isGreaterThan(i % 2 == 0 ? 0 : -9).isLessThan(i % 2 == 0 ? 9 : 0);
    }
    assertThat(p.aim().mm("blank.across"))
        .as("the blank has room for the widest point")
        .isGreaterThan(2 * vessel.target().maxR());
  }

  @Test
  void a_point_past_the_end_or_where_another_place_is_is_told() {
    told(Kinds.named("straight-well").orElseThrow());
  }

  private static <D extends Design> void told(Kind<D> kind) {
    D d = Elements.with(kind.fresh(), "point", "vessel", Size.mm(500));
    d = kind.size(d, new DimKey("point-1.diameter"), Optional.of(Size.mm(30)));
    assertThat(codes(plan(kind, d))).contains("point-missed");
    D twice = with(kind, "vessel", new double[][] {{0.5, -4}, {0.5, 3}});
    Plan<D> two = plan(kind, twice);
    assertThat(two.withRemedies().findings())
        .filteredOn(f -> f.code().equals("point-missed"))
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.verdict().found())
                  .isCloseTo(two.aim().mm("point-1.diameter"), within(0.001));
              assertThat(f.remedies()).isNotEmpty();
            });
  }

  @Test
  void it_is_dragged_both_ways() {
    dragged(Kinds.named("straight-well").orElseThrow());
  }

  private static <D extends Design> void dragged(Kind<D> kind) {
    D d = with(kind, "vessel", new double[][] {{0.5, 0}});
    Plan<D> p = plan(kind, d);
    double zero = new Form(p.aim().part("vessel")).zero();
    D to = kind.drag(d, p.aim(), SHOP, "point-1", new Point(zero + 31.04, 27.52));
    assertThat(to.sizes().get(new DimKey("point-1.height")).mm()).isEqualTo(31);
    assertThat(to.sizes().get(new DimKey("point-1.diameter")).mm()).isEqualTo(55);
  }
}
