package hazelkeep.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hazelkeep.element.Elements;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.practice.Bound;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The turner's own bounds of sizes. */
class BoundTest {
  private static Shop bounded(Bound... own) {
    return Shop.starter().with(Practice.USUAL.bounded(List.of(own)));
  }

  private static Bound bound(String name, Double least, Double most) {
    return new Bound(name, Optional.ofNullable(least), Optional.ofNullable(most));
  }

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  /** Every stated size of every kind goes by its own bounds, and by the usual ones without. */
  @ParameterizedTest
  @MethodSource("kinds")
  <D extends Design> void every_size_of_every_kind_goes_by_them(Kind<D> kind) {
    for (Rule<D> r : kind.rules(kind.fresh())) {
      double beyond = r.most() + 1;
      D stated = kind.size(kind.fresh(), r.key(), Optional.of(Size.mm(beyond)));
      assertThat(told(kind, stated, Shop.starter())).contains(r.label(), "stays between");
      // What else is wrong with it, a line that runs back or a half without height, is told then.
      assertThat(told(kind, stated, bounded(bound(r.name(), null, beyond))))
          .doesNotContain("stays between");
      assertThat(told(kind, stated, bounded(bound(r.name(), null, beyond - 0.5))))
          .contains(r.label(), "stays between");
    }
  }

  private static <D extends Design> String told(Kind<D> kind, D design, Shop shop) {
    try {
      resolve(kind, design, shop);
      return "";
    } catch (BadDesign e) {
      return e.getMessage();
    }
  }

  private static <D extends Design> Map<DimKey, ?> resolve(Kind<D> kind, D design, Shop shop) {
    return Dims.resolve(design, kind.rules(design), shop, Map.of());
  }

  /** Whatever its number: the second bead's width goes by the bounds of a bead's width. */
  @Test
  void what_is_added_goes_by_them_without_its_number() {
    second(Kinds.named("lidded-box").orElseThrow());
  }

  private static <D extends Design> void second(Kind<D> kind) {
    D one = Elements.with(kind.fresh(), "bead", "body", Optional.empty());
    D two = Elements.with(one, "bead", "body", Optional.empty());
    D wide = kind.size(two, new DimKey("bead-2.wide"), Optional.of(Size.mm(6)));
    assertThat(resolve(kind, wide, Shop.starter())).isNotEmpty();
    assertThatThrownBy(() -> resolve(kind, wide, bounded(bound("bead.wide", null, 5.0))))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("5.0 mm")
        .hasMessageContaining("6.0 mm");
  }

  /** Bounds that cross the usual ones, as a file may have them, leave the usual ones. */
  @Test
  void crossing_bounds_leave_the_usual_ones() {
    crossing(Kinds.named("lidded-box").orElseThrow());
  }

  private static <D extends Design> void crossing(Kind<D> kind) {
    Rule<D> r =
        kind.rules(kind.fresh()).stream()
            .filter(x -> x.name().equals("outside.height"))
            .findFirst()
            .orElseThrow();
    Practice crossing = Practice.USUAL.bounded(List.of(bound(r.name(), r.most() + 1, null)));
    assertThat(r.within(crossing)).isSameAs(r);
    assertThat(r.within(Practice.USUAL)).isSameAs(r);
  }

  @ParameterizedTest
  @CsvSource({
    "'', 1, 2, by its name",
    "a.b, , , says nothing",
    "a.b, 5, 5, lies below the most",
    "a.b, -2, , between -1 and 2000",
    "a.b, , 2001, between -1 and 2000",
    "a.b, NaN, , between -1 and 2000"
  })
  void what_makes_no_sense_is_told(String name, Double least, Double most, String told) {
    assertThatThrownBy(() -> bound(name, least, most))
        .isInstanceOf(Refused.class)
        .hasMessageContaining(told);
    List<Bound> twice = List.of(bound("a.b", 1.0, null), bound("a.b", 2.0, null));
    assertThatThrownBy(() -> Practice.USUAL.bounded(twice)).hasMessageContaining("twice");
  }
}
