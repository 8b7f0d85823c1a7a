package hazelkeep.kinds.mill;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A hole that no bit has is bored with the next smaller one and opened, in a step of its own. */
class MillHoleTest {
  @ParameterizedTest
  @CsvSource({"mill, 7", "mill, 8", "mill, 9.5", "shaker, 6.35", "shaker, 8", "shaker, 9.5"})
  void a_hole_between_two_bits_has_its_step(String kind, double wide) {
    Plan<?> plan = plan(Kinds.named(kind).orElseThrow(), wide);
    assertThat(plan.findings()).extracting(Finding::code).doesNotContain("last-cut", "wood-left");
    assertThat(plan.route().steps())
        .filteredOn(s -> s.key().path().equals("head/open"))
        .singleElement()
        .satisfies(s -> assertThat(s.title()).isEqualTo("Open the hole to size"));
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, double wide) {
    D fresh = kind.fresh();
    DimKey hole =
        kind.rules(fresh).stream()
            .map(r -> r.key())
            .filter(k -> k.path().contains("hole"))
            .findFirst()
            .orElseThrow();
    return Plan.of(
        kind, kind.size(fresh, hole, Optional.of(Size.mm(wide))), Shop.starter(), List.of());
  }
}
