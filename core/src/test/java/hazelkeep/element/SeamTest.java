package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Posed;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Drilled;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Blanks that are glued up of two woods. */
class SeamTest {
  private static final Kind<?> GOBLET = Kinds.named("goblet").orElseThrow();

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  private static <D extends Design> Plan<D> with(Kind<D> kind, String wood, Object... sizes) {
    String part =
        Plan.of(kind, kind.fresh(), Shop.starter(), List.of()).aim().parts().get(0).name();
    D d =
        Restated.with(
            kind.fresh(), "elements", List.of(new Added("seam", 1, part).of(Optional.of(wood))));
    for (int i = 0; i < sizes.length; i += 2) {
      d = kind.size(d, new DimKey((String) sizes[i]), Optional.of(Size.mm((Double) sizes[i + 1])));
    }
    return Plan.of(kind, d, Shop.starter(), List.of());
  }

  /** A goblet of one wood up to its stem and of another above. */
  private static Plan<?> stem(String below, String above) {
    return stem(GOBLET, below, above);
  }

  private static <D extends Design> Plan<D> stem(Kind<D> kind, String below, String above) {
    D d = Restated.with(kind.fresh(), "species", below);
    d =
        Restated.with(
            d, "elements", List.of(new Added("seam", 1, "goblet").of(Optional.of(above))));
    d = kind.size(d, new DimKey("seam-1.height"), Optional.of(Size.mm(9)));
    return Plan.of(kind, d, Shop.starter(), List.of());
  }

  /** The least stiffness of the wood alone in any step, N/mm. */
  private static double softest(Plan<?> p) {
    return p.rehearsal().stages().stream()
        .flatMapToDouble(s -> java.util.Arrays.stream(s.stiffAfter().wood()))
        .filter(k -> k > 0)
        .min()
        .orElseThrow();
  }

  private static Finding one(Plan<?> plan, String code) {
    return plan.findings().stream().filter(f -> f.code().equals(code)).findFirst().orElseThrow();
  }

  private static boolean told(Plan<?> plan, String code) {
    return plan.findings().stream().anyMatch(f -> f.code().equals(code));
  }

  /** Volumes under and over the seam by slices, each with its own density. */
  @ParameterizedTest
  @MethodSource("kinds")
  void every_kind_weighs_both_woods_and_begins_with_the_glue(Kind<?> kind) {
    Plan<?> p = with(kind, "Black walnut", "seam-1.height", 9.0);
    double seam = p.sketch().layers().get(0).from();
    double walnut = Species.named("Black walnut").orElseThrow().kilograms();
    double other = p.aim().blank().density();
    double grams = 0;
    for (Part part : p.aim().made()) {
      double dz = 0.02;
      for (double z = part.target().minZ() + dz / 2; z < part.target().maxZ(); z += dz) {
        double area =
            part.target().at(z).stream()
                .mapToDouble(s -> Math.PI * (s.to() * s.to() - s.from() * s.from()))
                .sum();
        grams += area * dz * (z > seam ? walnut : other) * 1e-6;
      }
      double under = Drilled.mm3(part, seam);
      grams -= (under * other + (Drilled.mm3(part) - under) * walnut) * 1e-6;
    }
    assertThat(p.sketch().properties().grams().orElseThrow())
        .as(kind.name())
        .isCloseTo(grams, within(2e-3 * grams));
    assertThat(p.route().setups().get(0).steps().get(0).title()).startsWith("Glue the blank up");
    assertThat(Posed.finished(p.sketch()).stream().map(Posed::wood).distinct())
        .as("both are seen")
        .contains("Black walnut", p.aim().blank().wood().name());
  }

  @Test
  void at_the_neck_of_a_stem_it_is_told_and_put_elsewhere() {
    Plan<?> plain = with(GOBLET, "Black walnut", "seam-1.height", 40.0);
    double foot = plain.aim().mm("foot.height");
    double stem = plain.aim().mm("stem.length");
    double neck = foot + stem / 2;
    Plan<?> p = with(GOBLET, "Black walnut", "seam-1.height", neck).withRemedies();
    Finding f = one(p, "seam-at-neck");
    assertThat(f.verdict().found())
        .as("the stem at its waist")
        .isCloseTo(p.aim().mm("stem.diameter"), within(0.3));
    assertThat(f.remedies()).isNotEmpty();
  }

  /** 8 mm of tenon in a stem of about 8: nothing is left round it. */
  @Test
  void a_tenon_that_comes_out_is_told() {
    Plan<?> p = with(GOBLET, "Black walnut", "seam-1.height", 60.0, "seam-1.tenon", 20.0);
    assertThat(one(p, "seam-tenon-shows").verdict().found()).isLessThan(0);
    assertThat(told(with(GOBLET, "Black walnut", "seam-1.tenon", 0.0), "seam-tenon-shows"))
        .as("without one nothing can show")
        .isFalse();
  }

  /**
   * By the Wood Handbook's straight line: from 7 to 12 % of S from 30 to dry, 5 / (3000/S - 23).
   */
  @Test
  void what_the_seasons_do_to_the_edge_is_told_in_numbers() {
    double walnut = 5 / (3000 / shrinks("Black walnut") - 30 + 7);
    Plan<?> p =
        with(Kinds.named("straight-well").orElseThrow(), "Black walnut", "seam-1.height", 10.0);
    double pear = 5 / (3000 / shrinks("Common pear") - 30 + 7);
    double radius = p.aim().parts().get(0).target().outer(p.sketch().layers().get(0).from());
    double edge = radius * Math.abs(pear - walnut);
    if (edge > 0.1) {
      assertThat(one(p, "seam-moves").verdict().found()).isCloseTo(edge, within(1e-6));
    } else {
      assertThat(told(p, "seam-moves")).isFalse();
    }
  }

  private static double shrinks(String wood) {
    return Species.named(wood)
        .flatMap(w -> w.figure(hazelkeep.wood.WoodProperty.SHRINK_TANGENTIAL))
        .orElseThrow()
        .value();
  }

  /** A stem of stiff wood over a soft foot stands stiffer than one that is soft all along. */
  @Test
  void stiffness_goes_by_the_wood_at_each_place() {
    double soft = softest(stem("American basswood", "American basswood"));
    double mixed = softest(stem("American basswood", "Black locust"));
    double stiff = softest(stem("Black locust", "Black locust"));
    assertThat(mixed).isGreaterThan(1.2 * soft).isLessThan(stiff);
  }

  /** Basswood foot, locust above: the rings are locust and bear what locust bears. */
  @Test
  void a_ring_above_the_seam_is_judged_by_its_own_wood() {
    assertThat(weakRings(GOBLET, "American basswood", "American basswood")).isTrue();
    assertThat(weakRings(GOBLET, "American basswood", "Black locust")).isFalse();
    assertThat(weakRings(GOBLET, "Black locust", "American basswood")).isTrue();
  }

  private static <D extends Design> boolean weakRings(Kind<D> kind, String below, String above) {
    D d = Restated.with(Restated.with(kind.fresh(), "species", below), "rings", 3);
    d =
        Restated.with(
            d, "elements", List.of(new Added("seam", 1, "goblet").of(Optional.of(above))));
    d = kind.size(d, new DimKey("seam-1.height"), Optional.of(Size.mm(9)));
    return told(Plan.of(kind, d, Shop.starter(), List.of()), "ring-weak");
  }

  /** Two seams, three woods, each where it was put. */
  @Test
  void two_seams_make_three_woods() {
    Plan<?> p = two(GOBLET);
    double zero = new Form(p.aim().part("goblet")).zero();
    assertThat(p.aim().blank().wood(zero + 94).name()).isEqualTo("Boxwood");
    assertThat(p.aim().blank().wood(zero + 96).name()).isEqualTo("American basswood");
    assertThat(p.aim().blank().woods(p.aim().blank().sound())).hasSize(3);
  }

  private static <D extends Design> Plan<D> two(Kind<D> kind) {
    D d =
        Restated.with(
            kind.fresh(),
            "elements",
            List.of(
                new Added("seam", 1, "goblet").of(Optional.of("Boxwood")),
                new Added("seam", 2, "goblet").of(Optional.of("American basswood"))));
    d = kind.size(d, new DimKey("seam-1.height"), Optional.of(Size.mm(8)));
    d = kind.size(d, new DimKey("seam-2.height"), Optional.of(Size.mm(95)));
    return Plan.of(kind, d, Shop.starter(), List.of());
  }

  @Test
  void one_beside_the_piece_and_one_without_a_wood_are_told() {
    assertThat(
            one(with(GOBLET, "Black walnut", "seam-1.height", 590.0), "seam-misses")
                .verdict()
                .found())
        .isEqualTo(590);
    Kind<?> well = Kinds.named("straight-well").orElseThrow();
    assertThat(told(bare(well), "seam-one-wood")).isTrue();
  }

  private static <D extends Design> Plan<D> bare(Kind<D> kind) {
    D d = Elements.with(kind.fresh(), "seam", "vessel", Size.mm(10));
    return Plan.of(kind, d, Shop.starter(), List.of());
  }
}
