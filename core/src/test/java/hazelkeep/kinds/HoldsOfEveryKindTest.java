package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Design;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How pieces of every kind are held, whatever their wood. */
class HoldsOfEveryKindTest {
  private static final List<String> WOODS =
      List.of(
          "Basswood",
          "Yellow-poplar",
          "Hard maple (sugar)",
          "European oak",
          "Common pear",
          "Ebony");

  private record Held(Kind<?> kind, Design design) {
    @Override
    public String toString() {
      return kind.name() + " of " + design.species();
    }
  }

  static Stream<Held> recessed() {
    List<Held> out = new ArrayList<>();
    for (Kind<?> kind : Kinds.ALL) {
      recessed(kind, out);
    }
    return out.stream();
  }

  private static <D extends Design> void recessed(Kind<D> kind, List<Held> out) {
    for (End end : kind.ends(kind.fresh())) {
      if (end.choice().options().stream().anyMatch(o -> o.name().equals(Finishing.RECESS.name()))) {
        for (String wood : WOODS) {
          D d = kind.choose(kind.fresh(), end.choice().name(), Finishing.RECESS.name());
          out.add(new Held(kind, Restated.with(d, "species", wood)));
        }
      }
    }
  }

  /** Behind a recess in a foot there is solid wood: it carries the jaws. */
  @ParameterizedTest
  @MethodSource("recessed")
  void a_recess_in_a_foot_holds_for_its_bore(Held held) {
    assertThat(plan(held.kind, held.design).findings())
        .filteredOn(f -> f.grade() == Grade.STOP)
        .extracting(f -> f.code())
        .doesNotContain("bore-turns", "hold-weak", "expand-wall");
  }

  @SuppressWarnings("unchecked")
  private static <D extends Design> Plan<D> plan(Kind<D> kind, Design design) {
    return Plan.of(kind, (D) design, Shop.starter(), List.of());
  }
}
