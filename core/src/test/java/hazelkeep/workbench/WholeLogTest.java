package hazelkeep.workbench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.RandomPieces;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.route.Act;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.State;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What was cut stays cut: a log is whole and asks neither today's recipe nor today's shop. */
class WholeLogTest {
  private final Random random = new Random(41);
  private final RandomPieces pieces = new RandomPieces(43);

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  /** A run that came so far. */
  private final class Run<D extends Design> {
    private final Kind<D> kind;
    private final D design;
    private final List<Entry> log = new ArrayList<>();
    private final Map<Long, List<Act>> plain = new HashMap<>();

    Run(RandomPieces.Wished<D> w) {
      this.kind = w.kind();
      this.design = w.design();
    }

    Bench<D> bench() {
      return Bench.replay(kind, design, Shop.starter(), List.of(), log);
    }

    void add(Fact f) {
      log.add(new Entry(log.size() + 1, Instant.EPOCH, 1, f));
    }

    void steps(int count) {
      for (int i = 0; i < count; i++) {
        Bench<D> b = bench();
        Optional<Step> next = b.next();
        if (next.isEmpty()) {
          return;
        }
        add(b.did(next.get().key()));
        plain.put((long) log.size(), next.get().acts());
        for (Act a : next.get().acts()) {
          if (a instanceof Act.Read r && random.nextInt(3) == 0) {
            double mm = b.plan().aim().mm(r.what().path()) + 0.3 * r.over();
            add(bench().read(r.what(), r.gauge(), mm, mm));
          }
        }
      }
    }

    /** The wood after a change, if the piece can still be drawn. */
    Optional<State> after() {
      D other = design;
      List<RouteEdit> edits = new ArrayList<>();
      Shop shop = Shop.starter();
      try {
        switch (random.nextInt(5)) {
          case 0 -> other = pieces.otherwise(kind, design);
          case 1 -> {
            List<DimKey> keys = kind.rules(design).stream().map(r -> r.key()).toList();
            DimKey key = keys.get(random.nextInt(keys.size()));
            double mm = bench().plan().aim().dims().get(key).mm();
            other = kind.size(design, key, Optional.of(Size.mm(mm + 2 * random.nextGaussian())));
          }
          case 2 -> {
            StepKey done =
                ((Fact.Done)
                        log.stream()
                            .map(Entry::fact)
                            .filter(Fact.Done.class::isInstance)
                            .skip(random.nextInt(2))
                            .findFirst()
                            .orElseThrow())
                    .step();
            edits.add(new RouteEdit.Drop(done));
          }
          case 3 ->
              edits.add(new RouteEdit.DropSetup(bench().plan().route().setups().get(0).name()));
          default ->
              shop =
                  shop.withBits(shop.bits().subList(0, 3))
                      .withTools(shop.tools().subList(0, 6))
                      .withJaws(shop.jaws().subList(1, 3));
        }
        return Optional.of(Bench.replay(kind, other, shop, edits, log).now());
      } catch (Refused e) {
        return Optional.empty();
      }
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void whatever_changes_later_the_wood_stays_as_it_was_cut(Kind<?> kind) {
    int compared = 0;
    for (int i = 0; i < 3; i++) {
      Run<?> run = new Run<>(pieces.sound(kind));
      run.steps(3 + random.nextInt(14));
      State was = run.bench().now();
      for (int j = 0; j < 5; j++) {
        Optional<State> is = run.after();
        if (is.isPresent()) {
          same(was, is.get());
          compared++;
        }
      }
    }
    assertThat(compared).as("changes that could be drawn").isGreaterThan(7);
  }

  private static void same(State was, State is) {
    assertThat(is.removed()).isCloseTo(was.removed(), within(1e-6));
    assertThat(is.bodies()).containsOnlyKeys(was.bodies().keySet());
    for (Map.Entry<String, Body> b : was.bodies().entrySet()) {
      HalfSection before = b.getValue().sound();
      HalfSection after = is.bodies().get(b.getKey()).sound();
      // A part may lie elsewhere in the blank that is drawn: its wood is the same.
      HalfSection there = after.shifted(before.minZ() - after.minZ());
      assertThat(there.minus(before).area() + before.minus(there).area())
          .as(b.getKey())
          .isLessThan(0.02);
    }
  }

  /** Leaving out a half-done hold brings no wood back. */
  @Test
  void a_hold_that_is_left_out_afterwards_was_still_done() {
    Run<?> run = new Run<>(pieces.sound(Kinds.ALL.get(0)));
    run.steps(9);
    dropped(run);
  }

  private <D extends Design> void dropped(Run<D> run) {
    Bench<D> before = run.bench();
    for (String setup : List.of("centres", "whole", "lid")) {
      Bench<D> after =
          Bench.replay(
              run.kind,
              run.design,
              Shop.starter(),
              List.of(new RouteEdit.DropSetup(setup)),
              run.log);
      same(before.now(), after.now());
    }
  }

  /** Centres that were replaced since have left the marks that they left. */
  @Test
  void marks_of_mounting_are_those_of_the_centres_that_held_it() {
    Run<?> run = new Run<>(pieces.sound(Kinds.ALL.get(0)));
    run.steps(1);
    marked(run);
  }

  private <D extends Design> void marked(Run<D> run) {
    Shop other =
        hazelkeep.measure.Restated.with(
            Shop.starter(),
            "centres",
            List.of(
                new Centre("pad", Centre.Form.PADDED, 0, 0, 8),
                new Centre("deep", Centre.Form.DRIVE, 12, 9, 20)));
    same(run.bench().now(), Bench.replay(run.kind, run.design, other, List.of(), run.log).now());
    assertThat(((Fact.Done) run.log.get(0).fact()).acts().size())
        .as("two dimples and the step's own cut")
        .isGreaterThanOrEqualTo(3);
  }

  /** Four hundred readings are taken as they come, and rehearsed once. */
  @Test
  void readings_without_end_are_replayed_in_a_straight_line() {
    var kind = hazelkeep.kinds.box.LiddedBoxKind.BOX;
    List<java.util.function.Function<Hand, Fact>> facts = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      double mm = 48.9 + 0.01 * i;
      facts.add(h -> h.read(new DimKey("recess.diameter"), "calipers", mm, mm, true));
    }
    Bench<?> b =
        Bench.worked(kind, hazelkeep.kinds.box.LiddedBox.fresh(), Shop.starter(), List.of(), facts);
    assertThat(b.readings()).containsEntry(new DimKey("recess.diameter"), 48.9 + 0.59);
  }

  /** What logs held before facts were whole. */
  private static Entry older(Entry e, List<Act> plain) {
    Fact f = e.fact();
    if (f instanceof Fact.Done d) {
      f =
          new Fact.Done(
              d.step(), "", Optional.empty(), plain, d.dims(), Where.UNSAID, Optional.empty());
    } else if (f instanceof Fact.Reading r) {
      f = new Fact.Reading(r.what(), r.gauge(), r.shown(), r.truth());
    }
    return new Entry(e.no(), e.at(), e.designVersion(), f);
  }

  /** Older logs are made whole once and leave the wood that they left before. */
  @ParameterizedTest
  @MethodSource("kinds")
  void a_log_from_before_it_was_whole_is_made_whole(Kind<?> kind) {
    whole(kind);
  }

  private <D extends Design> void whole(Kind<D> kind) {
    for (int i = 0; i < 3; i++) {
      Run<D> run = new Run<>(pieces.sound(kind));
      run.steps(4 + random.nextInt(14));
      List<Entry> old = run.log.stream().map(e -> older(e, run.plain.get(e.no()))).toList();
      List<Entry> whole =
          Older.whole(kind, v -> new Older.Version<>(run.design, List.of()), Shop.starter(), old);
      assertThat(whole).noneMatch(e -> Older.lacks(e.fact()));
      assertThat(whole).hasSameSizeAs(old);
      Bench<D> is = Bench.replay(kind, run.design, Shop.starter(), List.of(), whole);
      Bench<D> was = run.bench();
      assertThat(wood(is.now())).isCloseTo(wood(was.now()), within(1e-3));
      assertThat(is.done()).isEqualTo(was.done());
      assertThat(is.readings()).isEqualTo(was.readings());
      assertThat(Older.whole(kind, v -> null, Shop.starter(), whole)).as("again").isEqualTo(whole);
    }
  }

  private static double wood(State s) {
    return s.bodies().values().stream().mapToDouble(b -> b.sound().volume()).sum();
  }
}
