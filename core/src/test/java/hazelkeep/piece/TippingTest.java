package hazelkeep.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.finding.Entry;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** When a piece tips over: read from what was drawn, each wood by its own weight. */
class TippingTest {
  private static final Kind<?> GOBLET = Kinds.named("goblet").orElseThrow();

  static Stream<Kind<?>> standing() {
    return Kinds.ALL.stream().filter(Kind::stands);
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, Object... sizes) {
    return plan(kind, kind.fresh(), sizes);
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, D fresh, Object... sizes) {
    D d = fresh;
    for (int i = 0; i < sizes.length; i += 2) {
      double mm = ((Number) sizes[i + 1]).doubleValue();
      d = kind.size(d, new DimKey((String) sizes[i]), Optional.of(Size.mm(mm)));
    }
    return Plan.of(kind, d, Shop.starter(), List.of());
  }

  private static Optional<Finding> told(Plan<?> p) {
    return p.findings().stream().filter(f -> f.verdict().entry() == Entry.TIPS_OVER).findFirst();
  }

  @ParameterizedTest
  @MethodSource("standing")
  void a_fresh_one_stands(Kind<?> kind) {
    assertThat(told(plan(kind))).isEmpty();
  }

  /** Slices of wood and of what fills it, each by its weight: by hand from the drawn sections. */
  @ParameterizedTest
  @MethodSource("standing")
  void filled_it_tips_at_the_angle_of_wood_and_content_by_slices(Kind<?> kind) {
    Plan<?> p = plan(kind);
    Aim aim = p.aim();
    double density = aim.blank().density() / 1000;
    double[] sum = new double[2];
    for (Part part : aim.made()) {
      slices(part.target().in(part.closed()), density, sum);
    }
    double low =
        aim.made().stream().mapToDouble(x -> x.target().in(x.closed()).minZ()).min().orElse(0);
    double foot =
        aim.made().stream()
            .mapToDouble(x -> x.target().in(x.closed()).outer(low + 0.02))
            .max()
            .orElse(0);
    Properties is = p.sketch().properties();
    assertThat(is.tips()).isCloseTo(angle(foot, sum, low), within(0.15));
    Part first = aim.parts().get(0);
    HalfSection room =
        Properties.hollow(first)
            .and(HalfSection.box(first.target().minZ(), first.target().maxZ(), 0, HalfSection.FAR));
    slices(room.in(first.closed()), 1, sum);
    assertThat(is.tipsFull()).isCloseTo(angle(foot, sum, low), within(0.15));
  }

  private static void slices(HalfSection h, double density, double[] sum) {
    for (double z = h.minZ() + 0.05; !h.isEmpty() && z < h.maxZ(); z += 0.1) {
      double area =
          h.at(z).stream()
              .mapToDouble(s -> Math.PI * (s.to() * s.to() - s.from() * s.from()))
              .sum();
      sum[0] += density * area;
      sum[1] += density * area * z;
    }
  }

  private static double angle(double foot, double[] sum, double low) {
    return Math.toDegrees(Math.atan(foot / (sum[1] / sum[0] - low)));
  }

  @Test
  void a_goblet_on_a_small_foot_is_told_with_a_foot_that_holds_it() {
    Plan<?> p = plan(GOBLET, "outside.foot", 40, "outside.height", 220).withRemedies();
    Finding f = told(p).orElseThrow();
    assertThat(f.verdict().found()).isLessThan(10);
    assertThat(f.grade()).isEqualTo(Grade.WATCH);
    assertThat(f.remedies()).isNotEmpty();
  }

  /** A heavy wood above lets it tip sooner than a light one. */
  @Test
  void the_wood_above_a_seam_counts_by_its_weight() {
    assertThat(above("Boxwood")).isLessThan(above("Butternut") - 1);
  }

  private static double above(String wood) {
    Species known = Species.named(wood).orElse(Species.LIBRARY.get(0));
    return seamed(GOBLET, known.name());
  }

  private static <D extends Design> double seamed(Kind<D> kind, String wood) {
    D d =
        Restated.with(
            kind.fresh(),
            "elements",
            List.of(new Added("seam", 1, "goblet").of(Optional.of(wood))));
    return plan(kind, d, "seam-1.height", 60).sketch().properties().tips();
  }
}
