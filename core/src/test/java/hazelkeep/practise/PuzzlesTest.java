package hazelkeep.practise;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.finding.Entry;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Riddles that the rehearsal judges, and pieces turned by a simulated hand. */
class PuzzlesTest {
  @Test
  void every_day_has_a_route_out_of_order_that_can_be_put_right() {
    for (long day = 20_000; day < 20_009; day++) {
      OutOfOrder riddle = OutOfOrder.of(day);
      assertThat(riddle.plan().stops()).isPositive();
      assertThat(OutOfOrder.of(day).planted()).isEqualTo(riddle.planted());
      RouteEdit.MoveAfter move = (RouteEdit.MoveAfter) riddle.planted();
      Plan<?> sound = fresh(riddle.plan().kind());
      List<Step> steps = sound.route().steps();
      int at = 0;
      while (!steps.get(at).key().equals(move.what())) {
        at++;
      }
      // Back to where it stood.
      assertThat(riddle.solvedBy(move.what(), steps.get(at - 1).key())).isTrue();
      assertThat(riddle.solvedBy(move.what(), move.after())).isFalse();
    }
  }

  private static <D extends Design> Plan<D> fresh(Kind<D> kind) {
    return Plan.of(kind, kind.fresh(), Shop.starter(), List.of());
  }

  @Test
  void every_day_has_a_plan_with_one_mistake_and_one_right_answer() {
    for (long day = 20_000; day < 20_012; day++) {
      Mistake riddle = Mistake.of(day);
      assertThat(riddle.options()).hasSize(4).doesNotHaveDuplicates();
      assertThat(riddle.options().stream().filter(riddle::solvedBy)).hasSize(1);
      assertThat(riddle.answer().grade()).isEqualTo(Grade.STOP);
      assertThat(Mistake.of(day).options()).isEqualTo(riddle.options());
      Set<String> book =
          Arrays.stream(Entry.values()).map(e -> e.text().title()).collect(Collectors.toSet());
      assertThat(riddle.options().stream().filter(o -> !riddle.solvedBy(o)))
          .allMatch(book::contains);
    }
  }

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void a_steady_hand_turns_every_kind(Kind<?> kind) {
    RunThrough run = run(kind, Manner.STEADY, 5);
    assertThat(run.sizes()).isNotEmpty();
    assertThat(run.sizes()).allSatisfy(m -> assertThat(m.made()).isPositive());
    assertThat(run(kind, Manner.STEADY, 5)).isEqualTo(run);
    boolean closes = fresh(kind).aim().joints().stream().findAny().isPresent();
    assertThat(run.fits().isEmpty()).isEqualTo(!closes);
  }

  private static <D extends Design> RunThrough run(Kind<D> kind, Manner m, long seed) {
    return RunThrough.of(fresh(kind), m, seed);
  }

  @Test
  void a_hasty_hand_loses_more() {
    Kind<?> box = Kinds.named("lidded-box").orElseThrow();
    long steady = 0;
    long hasty = 0;
    for (long seed = 0; seed < 6; seed++) {
      steady += run(box, Manner.STEADY, seed).off();
      hasty += run(box, Manner.HASTY, seed).off();
    }
    assertThat(hasty).isGreaterThan(steady);
  }
}
