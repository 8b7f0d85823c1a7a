package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Lump;
import hazelkeep.wood.Part;
import hazelkeep.wood.Strip;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Boards glued into a blank along the grain. */
class GluedStripTest {
  private static final Shop SHOP = Shop.starter();
  private static final String MAPLE = "Hard maple (sugar)";

  private static <D extends Design> D striped(
      Kind<D> kind, D design, double thick, double off, String wood) {
    String part = Plan.of(kind, design, SHOP, List.of()).aim().parts().get(0).name();
    D out = Elements.with(design, "strip", part, Optional.empty());
    String id = out.elements().get(out.elements().size() - 1).id();
    out = Elements.of(out, id, wood);
    out = kind.size(out, new DimKey(id + ".thick"), Optional.of(Size.mm(thick)));
    return kind.size(out, new DimKey(id + ".off"), Optional.of(Size.mm(off)));
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, SHOP, List.of());
  }

  private static final Kind<?> BOX = Kinds.named("lidded-box").orElseThrow();

  private static Plan<?> box(double thick, double off) {
    return striped(BOX, thick, off);
  }

  private static <D extends Design> Plan<D> striped(Kind<D> kind, double thick, double off) {
    return plan(kind, striped(kind, kind.fresh(), thick, off, MAPLE));
  }

  private static <D extends Design> Plan<D> twice(Kind<D> kind) {
    D one = striped(kind, kind.fresh(), 6, 0, MAPLE);
    return plan(kind, striped(kind, one, 6, 4, "Black walnut"));
  }

  private static <D extends Design> Plan<D> bare(Kind<D> kind) {
    return plan(kind, Elements.with(kind.fresh(), "strip", "body", Optional.empty()));
  }

  private static Finding told(Plan<?> plan, String code) {
    return plan.findings().stream()
        .filter(f -> f.code().equals(code))
        .findFirst()
        .orElseThrow(() -> new AssertionError(plan.findings().toString()));
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  /**
   * The share of a disc beside a plane against a table of circular segments: of radius 1 the
   * segment of height 0.5 has 0.61418, that of 0.2 has 0.16350 (handbooks of mensuration; from
   * memory).
   */
  @ParameterizedTest
  @CsvSource({"0.5, 0.61418", "0.8, 0.16350", "0, 1.57080", "1, 0", "-0.5, 2.52741"})
  void segments_are_those_of_the_handbooks(double plane, double segment) {
    Plan<?> plan = box(6, 0);
    HalfSection disc = HalfSection.box(0, 10, 0, 100);
    double beside =
        plan
            .aim()
            .blank()
            .striped(List.of(new Strip(100 * plane, 300, plan.aim().blank().wood())))
            .lumps(disc)
            .stream()
            .mapToDouble(Lump::mm3)
            .findFirst()
            .orElseThrow();
    assertThat(beside / 10 / 10_000).isCloseTo(segment, within(1e-5));
  }

  /** Its weight, against cubes of half a millimetre counted one by one. */
  @Test
  void its_weight_is_that_of_counted_cubes() {
    Plan<?> plan = box(8, 12);
    double strip = 0;
    double all = 0;
    double step = 0.5;
    for (Part p : plan.aim().parts()) {
      HalfSection t = p.target();
      for (double z = t.minZ() + step / 2; z < t.maxZ(); z += step) {
        for (double x = -32 + step / 2; x < 32; x += step) {
          for (double y = -32 + step / 2; y < 32; y += step) {
            if (t.holds(new Point(z, Math.hypot(x, y)))) {
              all += step * step * step;
              strip += y > 8 && y < 16 ? step * step * step : 0;
            }
          }
        }
      }
    }
    double pear = SHOP.woods().named("Common pear").orElseThrow().kilograms();
    double maple = SHOP.woods().named(MAPLE).orElseThrow().kilograms();
    double grams = ((all - strip) * pear + strip * maple) * 1e-6;
    assertThat(plan.sketch().properties().grams().orElseThrow())
        .isCloseTo(grams, within(0.01 * grams));
    double plain =
        plan(LiddedBoxKind.BOX, LiddedBoxKind.BOX.fresh())
            .sketch()
            .properties()
            .grams()
            .orElseThrow();
    assertThat(plan.sketch().properties().grams().orElseThrow() - plain)
        .isCloseTo(strip * (maple - pear) * 1e-6, within(0.05));
  }

  /** How far to one side it pulls, against cubes of half a millimetre counted one by one. */
  @Test
  void what_lies_beside_the_axis_pulls() {
    Plan<?> plan = box(8, 12);
    Body body = plan.aim().blank().become("body", plan.aim().parts().get(0).target(), null);
    HalfSection t = body.sound();
    double step = 0.5;
    double aside = 0;
    for (double z = t.minZ() + step / 2; z < t.maxZ(); z += step) {
      for (double x = -32 + step / 2; x < 32; x += step) {
        for (double y = 8 + step / 2; y < 16; y += step) {
          aside += t.holds(new Point(z, Math.hypot(x, y))) ? y * step * step * step : 0;
        }
      }
    }
    double heavier =
        SHOP.woods().named(MAPLE).orElseThrow().kilograms()
            - SHOP.woods().named("Common pear").orElseThrow().kilograms();
    double grams = Math.abs(aside * heavier * 1e-6);
    assertThat(body.beside()).isCloseTo(grams, within(0.02 * grams));
    assertThat(body.striped(List.of()).beside()).isZero();
    Strip left = new Strip(-16, -8, body.strips().get(0).wood());
    assertThat(body.striped(List.of(body.strips().get(0), left)).beside())
        .isCloseTo(0, within(1e-9));
  }

  /** What may pull at a hold is a line of Practice; a strip in the middle never does. */
  @Test
  void a_strip_far_beside_the_axis_is_turned_slower() {
    Shop light = SHOP.with(SHOP.practice().with(Line.SPEED_BALANCE, OptionalDouble.of(5)));
    Plan<?> plan = heavy(BOX, 36, light);
    Finding told = told(plan, "strip-balance");
    assertThat(told.verdict().limit()).isEqualTo(5);
    assertThat(told.verdict().found()).isGreaterThan(5);
    assertThat(codes(heavy(BOX, 0, light))).doesNotContain("strip-balance");
  }

  private static <D extends Design> Plan<D> heavy(Kind<D> kind, double off, Shop shop) {
    D wide = kind.size(kind.fresh(), new DimKey("outside.diameter"), Optional.of(Size.mm(120)));
    return Plan.of(kind, striped(kind, wide, 24, off, "Lignum vitae"), shop, List.of());
  }

  /** It changes no outline and no cut of any kind, and is glued before anything is turned. */
  @ParameterizedTest
  @MethodSource("kinds")
  <D extends Design> void every_kind_takes_one(Kind<D> kind) {
    Plan<D> bare = plan(kind, kind.fresh());
    Plan<D> plan = plan(kind, striped(kind, kind.fresh(), 6, 0, MAPLE));
    assertThat(plan.stops()).as(codes(plan).toString()).isEqualTo(bare.stops());
    assertThat(plan.aim().parts().get(0).target().text())
        .isEqualTo(bare.aim().parts().get(0).target().text());
    assertThat(plan.aim().blank().strips()).hasSize(1);
    assertThat(plan.route().setups().get(0).steps().get(0).title())
        .isEqualTo("Glue strip 1 into the blank");
    assertThat(plan.route().setups().get(0).steps().get(0).still()).isTrue();
  }

  @Test
  void what_goes_wrong_is_told() {
    assertThat(told(bare(BOX), "strip-one-wood").grade()).isEqualTo(Grade.NOTE);
    Finding centre = told(box(6, 3), "strip-centre");
    assertThat(centre.verdict().found()).isCloseTo(0, within(1e-9));
    assertThat(centre.verdict().limit()).isEqualTo(2);
    Finding misses = told(box(6, 80), "strip-misses");
    assertThat(misses.verdict().found()).isCloseTo(77, within(1e-9));
    assertThat(misses.verdict().limit()).isCloseTo(30, within(1e-6));
    assertThat(codes(box(6, 0)))
        .doesNotContain("strip-centre", "strip-misses", "strip-overlaps", "strip-feather");
    Plan<?> two = twice(BOX);
    assertThat(told(two, "strip-overlaps").verdict().found()).isCloseTo(2, within(1e-9));
    assertThat(two.stops()).isPositive();
  }

  /** A straight side of radius 30 runs along a glue line at 29 by 1 mm: told with ways out. */
  @Test
  void a_thin_edge_is_told_and_mended() {
    Plan<?> plan = box(58, 0);
    Finding f = told(plan, "strip-feather");
    assertThat(f.verdict().found()).isCloseTo(1, within(1e-6));
    assertThat(f.verdict().limit()).isEqualTo(1.5);
    List<Remedy> ways = told(plan.withRemedies(), "strip-feather").remedies();
    assertThat(ways).isNotEmpty();
    for (Remedy r : ways) {
      assertThat(codes(plan.applied(r).orElseThrow())).doesNotContain("strip-feather");
    }
    assertThat(codes(box(54, 0))).doesNotContain("strip-feather");
  }
}
