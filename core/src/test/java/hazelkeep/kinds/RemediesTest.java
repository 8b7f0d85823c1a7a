package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is offered against a finding helps, harms nothing, and is what a turner would take. */
class RemediesTest {
  private static final int ROUNDS = 1;
  private static final int SIZES = 6;

  private final AtomicInteger offered = new AtomicInteger();

  @Test
  void a_way_out_is_rid_of_its_finding_adds_nothing_grave_and_keeps_the_wish() {
    IntStream.range(0, ROUNDS * Kinds.ALL.size())
        .parallel()
        .forEach(i -> planted(Kinds.ALL.get(i % Kinds.ALL.size()), new Random(7 + i)));
    assertThat(offered.get()).as("ways offered").isGreaterThan(8);
  }

  /** Sizes are made too small or too large, one at a time. */
  private <D extends Design> void planted(Kind<D> kind, Random r) {
    D sound = new RandomPieces(r.nextInt(1000)).sound(kind).design();
    List<DimKey> keys =
        new ArrayList<>(Plan.of(kind, sound, Shop.starter(), List.of()).aim().dims().keySet());
    for (int i = 0; i < SIZES; i++) {
      DimKey key = keys.get(r.nextInt(keys.size()));
      try {
        Plan<D> was = Plan.of(kind, sound, Shop.starter(), List.of());
        double mm = Math.rint(10 * was.aim().mm(key.path()) * (r.nextBoolean() ? 0.6 : 1.5)) / 10;
        D bad = kind.size(sound, key, Optional.of(Size.mm(mm)));
        judged(Plan.of(kind, bad, Shop.starter(), List.of()).withRemedies(), key);
      } catch (Refused e) {
        // A size that can't be drawn is refused, which other tests look at.
        continue;
      }
    }
  }

  private <D extends Design> void judged(Plan<D> bad, DimKey planted) {
    for (Finding f : bad.findings()) {
      for (Remedy r : f.remedies()) {
        if (!(r instanceof Remedy.Know)) {
          offered.incrementAndGet();
          String as = bad.kind().name() + ", " + planted + ": " + f.verdict() + " by " + r;
          Plan<D> then = bad.applied(r).orElseThrow(() -> new AssertionError(as));
          assertThat(then.findings()).as(as).noneMatch(f::sameAs);
          assertThat(grave(then)).as(as).allMatch(x -> grave(bad).stream().anyMatch(x::sameAs));
          sensible(bad, r, as);
        }
      }
    }
  }

  private static List<Finding> grave(Plan<?> plan) {
    return plan.findings().stream().filter(f -> f.grade() != Grade.NOTE).toList();
  }

  private static void sensible(Plan<?> bad, Remedy r, String as) {
    Set<DimKey> bought =
        bad.sketch().fittings().stream()
            .flatMap(x -> x.sizes().stream())
            .collect(Collectors.toSet());
    List<Remedy> all = r instanceof Remedy.Together t ? t.all() : List.of(r);
    for (Remedy one : all) {
      if (one instanceof Remedy.SetDim set) {
        Dim d = bad.aim().dims().get(set.key());
        assertThat(bought).as(as).doesNotContain(set.key());
        boolean little = Math.abs(set.to().mm() - d.mm()) <= 1.5;
        if (!little && !set.key().path().startsWith("blank.")) {
          assertThat(set.to().mm()).as(as).isBetween(d.mm() / 2, d.mm() * 2);
        }
      }
    }
  }
}
