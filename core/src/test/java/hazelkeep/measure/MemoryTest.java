package hazelkeep.measure;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.RandomPieces;
import hazelkeep.piece.Plan;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What was worked out of the very same things is found again, and never more than its share. */
class MemoryTest {
  private final AtomicInteger made = new AtomicInteger();

  private int twice(int n) {
    made.incrementAndGet();
    return 2 * n;
  }

  @Test
  void the_same_is_worked_out_once() {
    Memory<Integer, Integer> memory = new Memory<>(100, v -> 1);
    for (int i = 0; i < 5; i++) {
      assertThat(memory.of(7, () -> twice(7))).isEqualTo(14);
    }
    assertThat(made).hasValue(1);
  }

  @Test
  void it_never_holds_more_than_two_shares_and_keeps_what_is_asked_for() {
    Memory<Integer, Integer> memory = new Memory<>(100, v -> 1);
    for (int i = 0; i < 10_000; i++) {
      int n = i;
      memory.of(n, () -> twice(n));
      memory.of(-1, () -> twice(-1));
      assertThat(memory.size()).isLessThanOrEqualTo(203);
    }
    assertThat(made).as("what is asked for again and again is never lost").hasValue(10_001);
  }

  @Test
  void heavy_things_fill_it_sooner() {
    Memory<Integer, Integer> memory = new Memory<>(100, v -> 30);
    IntStream.range(0, 50).forEach(i -> memory.of(i, () -> twice(i)));
    assertThat(memory.size()).isLessThanOrEqualTo(8);
  }

  @Test
  void many_may_ask_at_once() {
    Memory<Integer, Integer> memory = new Memory<>(50, v -> 1);
    IntStream.range(0, 20_000)
        .parallel()
        .forEach(i -> assertThat(memory.of(i % 70, () -> twice(i % 70))).isEqualTo(2 * (i % 70)));
  }

  /** A plan is the same whatever was planned before it: what is found is what would be made. */
  @Test
  void a_plan_does_not_hang_on_what_was_planned_before() {
    List<RandomPieces.Wished<?>> pieces = new ArrayList<>(new RandomPieces(77).sound(24));
    List<Plan<?>> first = new ArrayList<>();
    pieces.forEach(p -> first.add(p.plan(Shop.starter())));
    for (int i = pieces.size() - 1; i >= 0; i--) {
      Plan<?> again = pieces.get(i).plan(Shop.starter());
      assertThat(again.findings()).isEqualTo(first.get(i).findings());
      assertThat(again.rehearsal().end().bodies())
          .isEqualTo(first.get(i).rehearsal().end().bodies());
    }
  }
}
