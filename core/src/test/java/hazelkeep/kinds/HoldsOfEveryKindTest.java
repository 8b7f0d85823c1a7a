package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.element.Elements;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Design;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
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

  /**
   * A neck that is left for the saw: with nothing at the far end it bears a fine cut there, and is
   * 8 mm or more (common practice); with the far end carried it has no more to hold than the end.
   */
  @Test
  void a_neck_for_the_saw_bears_what_hangs_on_it() {
    int free = 0;
    for (RandomPieces.Wished<?> w : new RandomPieces(5).sound(150)) {
      for (Stage s : w.plan(Shop.starter()).rehearsal().stages()) {
        if (s.step().key().path().endsWith("undercut") && !s.setup().hold().supported()) {
          String part = s.setup().frames().keySet().iterator().next();
          HalfSection wood = s.left().sound(part);
          double neck = neck(s, wood);
          double moment = 20 * (s.left().most() - s.removed().get(part).minZ());
          double bears = s.aim().wood(part).bending().map(Figure::value).orElse(1e9) / 4;
          assertThat(32 * moment / Math.PI / Math.pow(neck, 3))
              .as("%s %s, neck %.1f", w, s.step().key(), neck)
              .isLessThanOrEqualTo(bears * 1.01);
          assertThat(neck).isGreaterThanOrEqualTo(8 - 0.01);
          free++;
        }
      }
    }
    assertThat(free).isGreaterThan(10);
  }

  /** The slimmest that is left along what was cut, mm. */
  private static double neck(Stage s, HalfSection wood) {
    HalfSection gone = s.removed().values().iterator().next();
    double least = Double.POSITIVE_INFINITY;
    for (double z = gone.minZ(); z < gone.maxZ(); z += 0.1) {
      least = wood.outer(z) > 0 ? Math.min(least, 2 * wood.outer(z)) : least;
    }
    return least;
  }

  @Test
  void a_finial_of_its_own_is_sawn_with_the_lathe_stopped() {
    for (Kind<?> kind : Kinds.ALL) {
      for (Stage s : finial(kind)) {
        assertThat(s.step().words()).as(kind.name()).doesNotContain("hand round");
        if (s.setup().hold().onLathe() && s.step().key().path().startsWith("finial")) {
          HalfSection wood = s.left().sound(s.left().distinct().get(0));
          assertThat(wood.pieces()).hasSize(1);
        }
      }
    }
  }

  private static <D extends Design> List<Stage> finial(Kind<D> kind) {
    String part = Plan.of(kind, kind.fresh(), Shop.starter(), List.of()).aim().made().get(0).name();
    return Elements.all().stream()
        .filter(e -> e.word().contains("from an offcut"))
        .findFirst()
        .map(e -> Elements.with(kind.fresh(), e.key(), part, Optional.empty()))
        .map(d -> Plan.of(kind, d, Shop.starter(), List.of()).rehearsal().stages())
        .orElseThrow();
  }

  @SuppressWarnings("unchecked")
  private static <D extends Design> Plan<D> plan(Kind<D> kind, Design design) {
    return Plan.of(kind, (D) design, Shop.starter(), List.of());
  }
}
