package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.measure.Restated;
import hazelkeep.piece.Alternative;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.RouteEdit;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Other orders of the work are whole routes, and what is said of them is what they bring. */
class AlternativeTest {
  static List<Kind<?>> kinds() {
    return List.copyOf(Kinds.ALL);
  }

  private static <D extends Design> Plan<D> fresh(Kind<D> kind) {
    D beech = Restated.with(kind.fresh(), "species", "American beech");
    return Plan.of(kind, beech, Shop.starter(), List.of());
  }

  @ParameterizedTest
  @MethodSource("kinds")
  <D extends Design> void what_is_said_of_an_order_is_what_it_brings_when_it_is_taken(
      Kind<D> kind) {
    Plan<D> plan = fresh(kind);
    List<Alternative> all = Alternative.of(plan);
    assertThat(all.get(0).change()).isInstanceOf(Alternative.Change.None.class);
    assertThat(all.get(0).worst()).as("as it is, it brings nothing new").isEmpty();
    for (Alternative a : all) {
      Plan<D> taken = taken(plan, a.change());
      assertThat(a.stops()).isEqualTo(taken.stops()).isLessThanOrEqualTo(plan.stops());
      assertThat(a.watches()).isEqualTo(taken.watches());
      assertThat(a.softest()).isEqualTo(softest(taken));
      assertThat(taken.route().ignored()).as("it can be done").isEmpty();
    }
  }

  private static <D extends Design> Plan<D> taken(Plan<D> plan, Alternative.Change change) {
    if (change instanceof Alternative.Change.Order o) {
      List<RouteEdit> edits = new ArrayList<>(plan.edits());
      edits.add(o.edit());
      return Plan.of(plan.kind(), plan.design(), plan.shop(), edits);
    }
    if (change instanceof Alternative.Change.Within w) {
      List<RouteEdit> edits = new ArrayList<>(plan.edits());
      edits.add(w.edit());
      return Plan.of(plan.kind(), plan.design(), plan.shop(), edits);
    }
    if (change instanceof Alternative.Change.Held h) {
      D otherwise = plan.kind().choose(plan.design(), h.choice().name(), h.option().name());
      return Plan.of(plan.kind(), otherwise, plan.shop(), plan.edits());
    }
    return plan;
  }

  /**
   * A box's spigot may be brought to its jam before the body is hollowed: offered with what it
   * costs, a fit that moves when the wood behind it goes.
   */
  @Test
  void a_fit_before_the_hollow_is_offered_with_what_it_costs() {
    Plan<?> plan = fresh(Kinds.named("lidded-box").orElseThrow());
    Alternative fit =
        Alternative.of(plan).stream()
            .filter(a -> a.change() instanceof Alternative.Change.Within)
            .findFirst()
            .orElseThrow();
    Alternative.Change.Within within = (Alternative.Change.Within) fit.change();
    assertThat(within.what()).isEqualTo("Spigot to a jam");
    assertThat(within.edit().after().path()).startsWith("body/");
    assertThat(fit.stops()).isZero();
    List<String> brought = fit.worst().stream().map(f -> f.code()).toList();
    assertThat(brought).isSubsetOf("fit-early", "wall-thin", "soft", "chatter");
  }

  /** Stage by stage, by hand. */
  private static double softest(Plan<?> plan) {
    double least = Double.POSITIVE_INFINITY;
    for (var stage : plan.rehearsal().stages()) {
      if (stage.setup().hold().onLathe() && stage.stiffness().known()) {
        for (double k : stage.stiffness().held()) {
          least = Math.min(least, k);
        }
      }
    }
    return least;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  <D extends Design> void the_better_comes_first_and_none_is_offered_twice(Kind<D> kind) {
    List<Alternative> others = Alternative.of(fresh(kind)).stream().skip(1).toList();
    for (int i = 1; i < others.size(); i++) {
      Alternative a = others.get(i - 1);
      Alternative b = others.get(i);
      assertThat(a.stops() * 1000 + a.watches())
          .isLessThanOrEqualTo(b.stops() * 1000 + b.watches());
    }
    assertThat(others).extracting(a -> a.change().moved()).doesNotHaveDuplicates();
  }
}
