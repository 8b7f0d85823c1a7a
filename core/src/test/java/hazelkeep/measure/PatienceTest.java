package hazelkeep.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.Kinds;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Rehearsal;
import hazelkeep.route.Route;
import hazelkeep.route.State;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Limits count work, so that no clock decides what is refused; and long loops say how far. */
class PatienceTest {
  private static <D extends Design> Plan<D> plan(Kind<D> kind) {
    return Plan.of(kind, kind.fresh(), Shop.starter(), List.of());
  }

  private static long played(Plan<?> plan, long most) {
    return Patience.within(
        most,
        () -> {
          Route route = plan.rehearsal().route();
          Rehearsal.play(State.start(plan.aim()), route, plan.aim(), plan.shop());
          return Patience.spent();
        });
  }

  @Test
  void the_same_is_refused_whatever_was_asked_before() {
    for (Kind<?> kind : Kinds.ALL) {
      Plan<?> plan = plan(kind);
      long first = played(plan, Long.MAX_VALUE);
      assertThat(first).as(kind.name()).isGreaterThan(1_000).isLessThan(Patience.PLAN / 20);
      // By now all of it is remembered, and it is spent all the same.
      assertThat(played(plan, Long.MAX_VALUE)).isCloseTo(first, within(first / 20));
      assertThatThrownBy(() -> played(plan, first / 2)).isInstanceOf(Patience.Lost.class);
    }
  }

  @Test
  void what_is_done_within_something_has_patience_of_its_own() {
    long spent =
        Patience.within(
            100,
            () -> {
              Patience.within(1_000, () -> spend(900));
              spend(60);
              return Patience.spent();
            });
    assertThat(spent).isEqualTo(60);
    assertThatThrownBy(() -> Patience.within(100, () -> spend(101)))
        .isInstanceOf(Patience.Lost.class);
    spend(1_000_000);
    assertThat(Patience.spent()).isZero();
  }

  private static long spend(long work) {
    Patience.spend(work);
    return work;
  }

  /** By hand: in the third of four rounds a loop stands in the second of two: 2/4 + 1/2 · 1/4. */
  @Test
  void a_loop_within_a_round_shares_it_out() {
    Progress p = new Progress();
    Progress.Telling telling = p.told();
    double seen =
        Progress.round(2, 4, () -> Progress.round(1, 2, () -> Progress.round(0, 3, p::share)));
    assertThat(seen).isEqualTo(0.625);
    assertThat(Progress.round(3, 4, p::share)).isEqualTo(0.75);
    telling.close();
    // Told to nobody any more.
    assertThat(Progress.round(0, 1, p::share)).isEqualTo(0.75);
  }

  @Test
  void rounds_side_by_side_are_counted_as_they_end() {
    Progress p = new Progress();
    Progress.Telling telling = p.told();
    Runnable done = Progress.round(1, 2, () -> Progress.rounds(5));
    telling.close();
    IntStream.range(0, 5).parallel().forEach(i -> done.run());
    assertThat(p.share()).isEqualTo(1.0);
  }

  @Test
  void a_play_says_how_far_it_has_come_and_never_less() {
    Plan<?> plan = plan(Kinds.named("goblet").orElseThrow());
    Progress p = new Progress();
    Progress.Telling telling = p.told();
    List<Double> seen = new ArrayList<>();
    Progress.each(
        List.of(
            () -> played(plan, Long.MAX_VALUE),
            () -> seen.add(p.share()),
            () -> played(plan, Long.MAX_VALUE),
            () -> seen.add(p.share())));
    telling.close();
    assertThat(seen).isSorted();
    assertThat(seen.get(0)).isBetween(0.25, 0.5);
    assertThat(seen.get(1)).isEqualTo(0.75);
  }
}
