package hazelkeep.workbench;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.element.Elements;
import hazelkeep.element.Form;
import hazelkeep.element.RingZone;
import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.kinds.goblet.Goblet;
import hazelkeep.kinds.goblet.GobletKind;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.kinds.vessel.BoredVessel;
import hazelkeep.kinds.vessel.VesselKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Design;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.StockRules;
import hazelkeep.route.Act;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every kind turned at the bench from the first step to the last. */
class EveryKindAtBenchTest {
  private final Shop shop = Shop.starter();

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  /** A run of one piece. */
  private final class Run<D extends Design> {
    private final Kind<D> kind;
    private final D design;
    private final List<Entry> log = new ArrayList<>();
    private Bench<D> bench;

    Run(Kind<D> kind) {
      this(kind, kind.fresh());
    }

    Run(Kind<D> kind, D design) {
      this.kind = kind;
      this.design = design;
      this.bench = Bench.replay(kind, design, shop, List.of(), log);
    }

    void take(Replay<D> into, Fact fact) {
      log.add(new Entry(log.size() + 1, Instant.EPOCH, 1, fact));
      into.take(log.get(log.size() - 1));
    }

    void add(Fact fact) {
      log.add(new Entry(log.size() + 1, Instant.EPOCH, 1, fact));
      bench = Bench.replay(kind, design, shop, List.of(), log);
    }

    /** Does the next step, then reads all that it asks for, each off by so much. */
    void step(double off) {
      Step step = bench.next().orElseThrow();
      add(bench.did(step.key()));
      for (Act a : step.acts()) {
        if (a instanceof Act.Read r && off != 0) {
          double mm = bench.plan().aim().mm(r.what().path()) + within(r, off);
          add(bench.read(r.what(), r.gauge(), mm, mm));
        }
      }
    }
  }

  /** Step by step as {@link Run#step} does, rehearsed once, at the end. */
  private static <D extends Design> Run<D> toTheEnd(Run<D> run, double off) {
    Replay<D> log = Replay.of(run.kind, run.design, Shop.starter(), run.log);
    double sign = off;
    for (Optional<Step> next = hand(run, log).next();
        next.isPresent();
        next = hand(run, log).next()) {
      assertThat(run.log).as("a run comes to its end").hasSizeLessThan(200);
      run.take(log, hand(run, log).did(next.get().key()));
      for (Act a : next.get().acts()) {
        if (a instanceof Act.Read r && off != 0) {
          Hand hand = hand(run, log);
          double mm = hand.aim().mm(r.what().path()) + within(r, sign);
          run.take(log, hand.read(r.what(), r.gauge(), mm, mm, true));
        }
      }
      sign = -sign;
    }
    run.bench = Bench.replay(run.kind, run.design, Shop.starter(), List.of(), run.log);
    return run;
  }

  private static <D extends Design> Hand hand(Run<D> run, Replay<D> log) {
    return new Hand(new Standing<>(run.kind, run.design, Shop.starter(), List.of(), log));
  }

  /** No further off than will do: a fit is read finer than a height. */
  private static double within(Act.Read r, double off) {
    return Math.signum(off) * Math.min(Math.abs(off), 0.4 * (off > 0 ? r.over() : r.under()));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void step_by_step_nothing_is_owed_in_the_end(Kind<?> kind) {
    ended(new Run<>(kind));
  }

  private static <D extends Design> void ended(Run<D> run) {
    Plan<D> planned = run.bench.plan();
    toTheEnd(run, 0);
    assertThat(run.bench.done()).hasSize(planned.route().steps().size());
    for (Part p : run.bench.plan().aim().parts()) {
      HalfSection is = run.bench.now().stock(p).orElseThrow().sound();
      assertThat(is.minus(p.target()).area() + p.target().minus(is).area())
          .as(p.name())
          .isLessThan(0.05);
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void readings_that_are_a_little_off_are_carried_to_the_end(Kind<?> kind) {
    carried(new Run<>(kind));
  }

  /** A line, a ring, a collar and a knob on each part that has room, read and carried too. */
  @ParameterizedTest
  @MethodSource("kinds")
  void what_was_added_is_read_and_carried_too(Kind<?> kind) {
    carried(added(kind));
  }

  private <D extends Design> Run<D> added(Kind<D> kind) {
    D d = kind.fresh();
    Aim aim = Plan.of(kind, d, shop, List.of()).aim();
    for (Part p : aim.made()) {
      double at = 0.4 * new Form(p).height();
      if (new Form(p).free(at - 1, at + 1).isPresent()) {
        d = Elements.with(d, "line", p.name(), Size.mm(at));
      }
      if (new Form(p).free(2 * at - 3, 2 * at + 3).isPresent()) {
        d = Elements.with(d, "ring", p.name(), Size.mm(2 * at));
      }
      if (aim.joints().stream().anyMatch(j -> j.outer().part().equals(p.name()))) {
        d = Elements.with(d, "collar", p.name(), Optional.empty());
      }
    }
    Part last = aim.made().get(aim.made().size() - 1);
    return new Run<>(
        kind,
        new Form(last).top().filter(t -> t.radius() > 12).isPresent()
            ? Elements.with(d, "button", last.name(), Optional.empty())
            : d);
  }

  /** A small knob of its own on each kind that has a top: read, lost, and made again. */
  @ParameterizedTest
  @MethodSource("kinds")
  void what_has_an_offcut_of_its_own_is_carried_too(Kind<?> kind) {
    offcut(kind);
  }

  private <D extends Design> void offcut(Kind<D> kind) {
    Aim aim = Plan.of(kind, kind.fresh(), shop, List.of()).aim();
    Optional<Part> on =
        aim.parts().stream()
            .filter(p -> new Form(p).top().filter(t -> t.radius() > 8).isPresent())
            .findFirst();
    if (on.isEmpty()) {
      return;
    }
    D d = Elements.with(kind.fresh(), "own-ball", on.get().name(), Optional.empty());
    d = kind.size(d, new DimKey("own-ball-1.deep"), Optional.of(Size.mm(2)));
    Run<D> run = new Run<>(kind, d);
    if (run.bench.plan().findings().stream().anyMatch(f -> f.code().equals("knob-by-hand"))) {
      return;
    }
    carried(new Run<>(kind, d));
    while (run.bench.next().filter(s -> s.title().contains("round tenon")).isEmpty()) {
      run.step(0);
    }
    run.add(run.bench.found(new AsFound("ball finial", AsFound.What.LOST, 0, 0), "flew off"));
    run.add(run.bench.replaced("ball finial", run.bench.fresh("ball finial")));
    assertThat(run.bench.next().orElseThrow().title())
        .isEqualTo("Round the offcut for the ball finial");
    ended(run);
    Bench<D> off = Bench.replay(kind, kind.fresh(), shop, List.of(), run.log);
    assertThat(off.plan().findings())
        .as("taken off after it was made: the hole is still there")
        .extracting(Finding::code)
        .contains("wood-missing");
    assertThat(off.now().bodies()).doesNotContainKey("ball finial");
  }

  /** A lid from a blank of its own: read off by a little, lost, and made again. */
  @ParameterizedTest
  @MethodSource("kinds")
  void two_blanks_are_carried_too(Kind<?> kind) {
    twoBlanks(kind);
  }

  private <D extends Design> void twoBlanks(Kind<D> kind) {
    Aim aim = Plan.of(kind, kind.fresh(), shop, List.of()).aim();
    if (!aim.dims().containsKey(StockRules.KERF)) {
      return;
    }
    String lid = aim.offBlank().get(aim.offBlank().size() - 1).name();
    D d = Elements.with(kind.fresh(), "blank", lid, Optional.empty());
    carried(new Run<>(kind, Elements.of(d, "blank-1", "Boxwood")));
    Run<D> run = new Run<>(kind, d);
    while (run.bench.next().filter(s -> s.key().path().startsWith("body")).isEmpty()
        && run.bench.next().filter(s -> s.key().path().startsWith("outside")).isEmpty()) {
      run.step(0);
    }
    run.add(run.bench.found(new AsFound(lid, AsFound.What.LOST, 0, 0), "flew off"));
    run.add(run.bench.replaced(lid, run.bench.fresh(lid)));
    toTheEnd(run, 0);
    for (Part p : run.bench.plan().aim().parts()) {
      HalfSection is = run.bench.now().stock(p).orElseThrow().sound();
      assertThat(is.xor(p.target()).area()).as(p.name()).isLessThan(0.05);
    }
  }

  /** A captive ring that breaks, free already or not yet: the piece goes on with those left. */
  @ParameterizedTest
  @ValueSource(strings = {"free ring 1", "free ring 3"})
  void a_ring_that_breaks_is_given_up_and_the_rest_is_made(String before) {
    GobletKind kind = GobletKind.GOBLET;
    Run<Goblet> run = new Run<>(kind, Restated.with(kind.fresh(), "rings", 3));
    while (run.bench.next().filter(s -> s.key().path().endsWith(before)).isEmpty()) {
      run.step(0);
    }
    run.add(run.bench.found(new AsFound("ring 3", AsFound.What.LOST, 0, 0), "snapped"));
    assertThat(run.bench.plan().findings().stream().filter(f -> f.grade() == Grade.STOP))
        .as("nothing stands in the way of two rings")
        .isEmpty();
    assertThat(run.bench.plan().findings()).extracting(Finding::code).contains("part-given-up");
    toTheEnd(run, 0);
    Plan<Goblet> end = run.bench.plan();
    assertThat(end.stops()).isZero();
    for (Part p : end.aim().parts()) {
      if (!p.name().equals("ring 3")) {
        HalfSection is = run.bench.now().stock(p).orElseThrow().sound();
        assertThat(is.minus(p.target()).area() + p.target().minus(is).area())
            .as(p.name())
            .isLessThan(0.05);
      }
    }
  }

  /** With a spare kept the way on is to free it: three rings in the end, where four were begun. */
  @ParameterizedTest
  @ValueSource(strings = {"free ring 1", "free ring 3"})
  void a_spare_takes_the_place_of_a_ring_that_broke(String before) {
    GobletKind kind = GobletKind.GOBLET;
    Goblet three = Restated.with(kind.fresh(), "rings", 3);
    three = kind.size(three, new DimKey("outside.height"), Optional.of(Size.mm(190)));
    Run<Goblet> run = new Run<>(kind, Restated.with(three, "spare", RingZone.Spare.KEPT));
    while (run.bench.next().filter(s -> s.key().path().endsWith(before)).isEmpty()) {
      run.step(0);
    }
    run.add(run.bench.found(new AsFound("ring 3", AsFound.What.LOST, 0, 0), "snapped"));
    Remedy free = new Remedy.Choose("spare", "FREED");
    assertThat(Way.on(run.bench, run.log)).extracting(Way::main).contains(Optional.of(free));
    Run<Goblet> then = new Run<>(kind, Plan.changed(kind, run.bench.plan().design(), free));
    run.log.forEach(e -> then.add(e.fact()));
    toTheEnd(then, 0);
    Plan<Goblet> end = then.bench.plan();
    assertThat(end.stops()).as(end.findings().toString()).isZero();
    for (String ring : List.of("ring 1", "ring 2", "ring 4")) {
      Part p = end.aim().part(ring);
      HalfSection is = then.bench.now().stock(p).orElseThrow().sound();
      assertThat(is.minus(p.target()).area() + p.target().minus(is).area())
          .as(ring)
          .isLessThan(0.05);
    }
  }

  /** What was cut is cut: taken off the design afterwards, the wood that is gone is told. */
  @Test
  void what_is_taken_off_after_it_was_cut_is_told_as_wood_that_is_gone() {
    takenOff(Kinds.named("straight-well").orElseThrow());
  }

  private <D extends Design> void takenOff(Kind<D> kind) {
    D lined = Elements.with(kind.fresh(), "step", "vessel", Size.mm(30));
    Run<D> run = toTheEnd(new Run<>(kind, lined), 0);
    assertThat(run.bench.plan().stops()).isZero();
    Bench<D> then = Bench.replay(kind, Elements.without(lined, "step-1"), shop, List.of(), run.log);
    assertThat(then.plan().findings()).extracting(Finding::code).contains("wood-missing");
    assertThat(then.now().bodies()).isEqualTo(run.bench.now().bodies());
  }

  /**
   * The same on other roads: a foot made first, a hollow through its mouth, a bore that is opened.
   */
  @Test
  void other_roads_carry_them_too() {
    BoredVessel vase = VesselKind.VASE.fresh();
    carried(
        new Run<>(
            VesselKind.VASE,
            Restated.with(vase, "inside", BoredVessel.Inside.RIGGED).with("bore.diameter", 25)));
    carried(
        new Run<>(
            VesselKind.VASE,
            Restated.with(vase, "footBy", Finishing.RECESS)
                .with("outside.height", 150)
                .with("outside.foot", 74)
                .with("outside.diameter", 90)));
    carried(new Run<>(VesselKind.WELL, VesselKind.WELL.fresh().with("bore.diameter", 16.4)));
    carried(new Run<>(MillKind.MILL, MillKind.MILL.fresh().with("bore.diameter", 27)));
    carried(new Run<>(MillKind.MILL, MillKind.MILL.fresh().with("plate.diameter", 0)));
    GobletKind goblet = GobletKind.GOBLET;
    carried(new Run<>(goblet, Restated.with(goblet.fresh(), "rings", 3)));
    LiddedBoxKind box = LiddedBoxKind.BOX;
    carried(new Run<>(box, Restated.with(box.fresh(), "footBy", Finishing.RECESS)));
  }

  private static <D extends Design> void carried(Run<D> run) {
    Set<String> before =
        run.bench.plan().findings().stream().map(Finding::code).collect(Collectors.toSet());
    toTheEnd(run, 0.1);
    assertThat(
            run.bench.plan().findings().stream()
                .filter(f -> f.grade() == Grade.STOP)
                .filter(f -> !before.contains(f.code()))
                .map(f -> f.verdict().title() + " " + f.at() + " " + f.verdict().found()))
        .isEmpty();
  }

  /** Whatever is lost once it was parted off can be made again from a raw blank, to the end. */
  @ParameterizedTest
  @MethodSource("kinds")
  void a_part_that_is_lost_is_made_again_from_a_raw_blank(Kind<?> kind) {
    again(new Run<>(kind));
  }

  private <D extends Design> void again(Run<D> run) {
    // A captive ring is cut from what it goes round: no blank of its own makes it again.
    List<String> parts =
        run.bench.plan().aim().parts().stream()
            .filter(p -> !p.stubs().isEmpty())
            .map(Part::name)
            .toList();
    if (parts.size() < 2) {
      return;
    }
    String lost = parts.get(1);
    while (!Standing.alone(run.bench.now(), run.bench.plan().aim(), lost)) {
      run.step(0);
    }
    run.step(0);
    run.add(run.bench.found(new AsFound(lost, AsFound.What.LOST, 0, 0), "rolled away"));
    run.add(run.bench.replaced(lost, run.bench.fresh(lost)));
    assertThat(run.bench.plan().rehearsal().route().steps().stream().map(s -> s.key().path()))
        .as("what is mounted goes on; the fresh blank begins before the part is held alone")
        .contains("fresh " + lost + "/round", "fresh " + lost + "/tenon");
    toTheEnd(run, 0);
    assertThat(
            run.bench.plan().findings().stream()
                .filter(f -> f.grade() == Grade.STOP)
                .map(f -> f.verdict().title() + " " + f.verdict().found()))
        .isEmpty();
    for (Part p : run.bench.plan().aim().parts()) {
      HalfSection is = run.bench.now().stock(p).orElseThrow().sound();
      assertThat(is.minus(p.target()).area() + p.target().minus(is).area())
          .as(p.name())
          .isLessThan(0.05);
    }
  }
}
