package hazelkeep.workbench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.fit.Ladder;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Unit;
import hazelkeep.piece.AsFound;
import hazelkeep.route.Finding;
import hazelkeep.route.FitSteps;
import hazelkeep.route.Prompt;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BenchTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Shop.starter();
  private final List<Entry> log = new ArrayList<>();
  private LiddedBox design = box();

  /** A box of 60 with a joint that stays, whatever the custom of shoulders is. */
  private static LiddedBox box() {
    return LiddedBox.fresh().with("joint.diameter", 49.2).with("inside.diameter", 39.6);
  }

  private Bench<LiddedBox> bench() {
    return Bench.replay(kind, design, shop, List.of(), log);
  }

  private Bench<LiddedBox> add(Fact fact) {
    log.add(new Entry(log.size() + 1, Instant.EPOCH, 1, fact));
    return bench();
  }

  private Bench<LiddedBox> doUntil(String step) {
    Bench<LiddedBox> b = bench();
    while (b.next().filter(s -> !s.key().path().equals(step)).isPresent()) {
      assertThat(log).as("a run comes to its end").hasSizeLessThan(120);
      StepKey key = b.next().get().key();
      b = add(b.did(key));
    }
    return b;
  }

  private Bench<LiddedBox> read(String key, double truth) {
    return add(bench().read(new DimKey(key), "calipers", truth, truth));
  }

  private static double mm(Bench<LiddedBox> b, String key) {
    return b.plan().aim().mm(key);
  }

  private static Set<String> changed(Bench<LiddedBox> was, Bench<LiddedBox> is) {
    return is.plan().changedSince(was.plan()).stream()
        .map(d -> d.key().path())
        .collect(Collectors.toSet());
  }

  @ParameterizedTest
  @EnumSource
  void step_by_step_the_run_ends_with_nothing_owed(LiddedBox.School school) {
    design = kind.choose(design, "school", school.name());
    Bench<LiddedBox> b = bench();
    int steps = b.plan().route().steps().size();
    b = doUntil("never");
    assertThat(b.next()).isEmpty();
    assertThat(b.done()).hasSize(steps);
    assertThat(b.plan().findings()).filteredOn(hazelkeep.kinds.RandomPieces::judged).isEmpty();
    for (String part : List.of("body", "lid")) {
      HalfSection is = b.now().bodies().get(part).sound();
      HalfSection target = b.plan().aim().part(part).target();
      assertThat(is.minus(target).area()).isLessThan(0.01);
      assertThat(target.minus(is).area()).isLessThan(0.01);
    }
  }

  @Test
  void a_measured_recess_moves_the_spigot_and_its_jam_and_nothing_else() {
    Bench<LiddedBox> before = doUntil("lid/inside");
    Bench<LiddedBox> after = read("recess.diameter", 49.5);
    assertThat(mm(after, "recess.diameter")).isEqualTo(49.5);
    assertThat(mm(after, "spigot.diameter")).isCloseTo(49.425, within(1e-9));
    assertThat(changed(before, after))
        .containsExactlyInAnyOrder("recess.diameter", "spigot.diameter", "joint.jam");
    Dim recess = after.plan().aim().dims().get(new DimKey("recess.diameter"));
    assertThat(recess.origin()).isEqualTo(Origin.MEASURED);
    assertThat(recess.planned().mm()).isCloseTo(49.275, within(1e-9));
    assertThat(after.plan().findings()).filteredOn(hazelkeep.kinds.RandomPieces::judged).isEmpty();
    double z = after.plan().aim().part("lid").surface("recess").line().first().z() - 4;
    assertThat(2 * after.now().bodies().get("lid").sound().inner(z)).isCloseTo(49.5, within(3e-4));
  }

  @ParameterizedTest
  @EnumSource
  void every_reading_off_by_a_little_is_carried_to_the_end(LiddedBox.School school) {
    design = kind.choose(design, "school", school.name());
    Bench<LiddedBox> b = bench();
    int off = 0;
    while (b.next().isPresent()) {
      assertThat(log).as("a run comes to its end").hasSizeLessThan(120);
      Step step = b.next().get();
      b = add(b.did(step.key()));
      for (hazelkeep.route.Act a : step.acts()) {
        if (a instanceof hazelkeep.route.Act.Read r
            && !r.what().path().equals("joint.jam")
            && !r.what()
                .path()
                .equals(
                    school == LiddedBox.School.LID_OVER ? "spigot.diameter" : "recess.diameter")) {
          double d = ++off % 2 == 0 ? 0.1 : -0.1;
          b = read(r.what().path(), mm(b, r.what().path()) + d);
        }
      }
    }
    assertThat(b.plan().findings())
        .filteredOn(hazelkeep.kinds.RandomPieces::judged)
        .extracting(Finding::verdict)
        .isEmpty();
  }

  @Test
  void a_reading_expires_when_its_surface_is_cut_again() {
    doUntil("top, tail up/bulk");
    Bench<LiddedBox> jam = read("joint.jam", 49.40);
    assertThat(jam.readings()).containsKey(new DimKey("joint.jam"));
    Bench<LiddedBox> eased = doUntil("ease/finish");
    assertThat(eased.readings()).doesNotContainKey(new DimKey("joint.jam"));
    assertThat(eased.expired()).hasSize(1);
  }

  @Test
  void a_withdrawn_reading_is_as_if_it_had_never_been_taken() {
    Bench<LiddedBox> before = doUntil("lid/inside");
    read("recess.diameter", 49.9);
    Bench<LiddedBox> after = add(new Fact.Withdrawn(log.size()));
    assertThat(changed(before, after)).isEmpty();
    assertThat(after.now().bodies()).isEqualTo(before.now().bodies());
  }

  @Test
  void a_lid_lost_can_be_made_again_and_its_steps_are_owed() {
    doUntil("body/depth hole");
    Bench<LiddedBox> lost =
        add(bench().found(new AsFound("lid", AsFound.What.LOST, 0, 0), "dropped it"));
    assertThat(lost.plan().stops()).isPositive();
    List<Way> ways = Way.on(lost, log);
    assertThat(ways).isNotEmpty();
    assertThat(ways.get(0).replaced()).contains("lid");
    assertThat(ways.get(0).stops()).isZero();
    FreshBlank least = lost.fresh("lid");
    assertThatThrownBy(() -> lost.replaced("lid", new FreshBlank(20, least.across())))
        .hasMessageContaining("at least")
        .hasMessageContaining("this one is 20.0 mm");
    Bench<LiddedBox> again = add(lost.replaced("lid", least));
    assertThat(again.next().get().key().path())
        .as("it begins with rounding, facing and the tenon")
        .isEqualTo("fresh lid/round");
    assertThat(again.plan().route().setups().stream().map(s -> s.name()))
        .containsSubsequence("fresh lid", "lid");
    assertThat(doUntil("never").plan().findings())
        .filteredOn(hazelkeep.kinds.RandomPieces::judged)
        .isEmpty();
  }

  @Test
  void a_body_found_short_becomes_lower_or_is_made_again() {
    Bench<LiddedBox> b = doUntil("body/hollow");
    Bench<LiddedBox> short_ =
        add(b.found(new AsFound("body", AsFound.What.LENGTH, 0, 64), "tore at the mouth"));
    assertThat(short_.plan().findings()).extracting(Finding::code).contains("wood-missing");
    assertThat(sound(short_))
        .as("what saves the wood first")
        .satisfiesExactly(
            w -> assertThat(w.main().toString()).contains("body.height"),
            w -> assertThat(w.replaced()).contains("body"));
  }

  private List<Way> sound(Bench<LiddedBox> b) {
    return Way.on(b, log).stream().filter(w -> w.stops() == 0).toList();
  }

  @Test
  void the_design_may_change_in_the_middle_and_what_was_cut_stays() {
    doUntil("body/inside");
    design = design.with("inside.depth", 50);
    Bench<LiddedBox> b = bench();
    assertThat(b.done()).contains(new StepKey("body/hollow"));
    assertThat(mm(b, "body.floor")).isCloseTo(69 - 50, within(1e-9));
    assertThat(b.plan().findings()).extracting(Finding::code).contains("wood-missing");
    design = box().with("inside.depth", 63.4).with("depth-hole.body", 61);
    b = bench();
    assertThat(b.next().get().key().path()).isEqualTo("body/hollow");
    assertThat(doUntil("never").plan().findings())
        .filteredOn(hazelkeep.kinds.RandomPieces::judged)
        .isEmpty();
  }

  @Test
  void a_change_of_one_reading_changes_what_depends_on_it_and_none_other() {
    doUntil("body/depth hole");
    Bench<LiddedBox> before = read("recess.diameter", 49.3);
    Bench<LiddedBox> after = read("recess.diameter", 49.5);
    assertThat(changed(before, after))
        .containsExactlyInAnyOrder("recess.diameter", "spigot.diameter", "joint.jam");
    // The wall of the spigot follows, and the ladder of the trial fits.
    Stage jam = after.plan().rehearsal().stage(new StepKey("body/jam")).orElseThrow();
    Ladder ladder = FitSteps.ladder(jam).orElseThrow();
    Ladder.Rung last = ladder.rungs().get(ladder.rungs().size() - 1);
    assertThat(last.diameter()).as("a jam of 0.0018").isCloseTo(49.5 * 1.0018, within(1e-9));
    assertThat(last.clearance()).isCloseTo(-0.0018 * 49.5, within(1e-9));
    double first = ladder.rungs().get(0).diameter();
    assertThat(first)
        .as("the first cut stays well above the last")
        .isGreaterThan(last.diameter() + 0.3);
  }

  @Test
  void a_prompt_s_range_follows_what_else_was_measured() {
    doUntil("body/jam");
    Bench<LiddedBox> b = read("recess.diameter", 49.6);
    Step jam = b.next().orElseThrow();
    Prompt p = b.plan().prompts(jam).get(0);
    assertThat(p.target()).isCloseTo(49.6 * 1.0018, within(1e-9));
    assertThat(p.least()).isCloseTo(p.target() - 0.03, within(1e-9));
    assertThat(p.doubts(p.target() + 0.03)).isFalse();
    assertThat(p.doubts(p.target() + 0.04)).as("asked about before it counts").isTrue();
    Bench<LiddedBox> measured = read("joint.jam", 49.72);
    Prompt again = measured.plan().prompts(jam).get(0);
    assertThat(again.dim().mm()).isEqualTo(49.72);
    assertThat(again.target())
        .as("what it should have been is still told")
        .isCloseTo(p.target(), within(1e-9));
  }

  /** The recess was cut 3 mm too large at the first go: the spigot's spare of 2 can't follow. */
  @Test
  void a_recess_larger_than_the_spigot_can_still_become() {
    doUntil("lid/inside");
    Bench<LiddedBox> b = read("recess.diameter", 52.3);
    Finding f =
        b.plan().findings().stream()
            .filter(x -> x.code().equals("recess-too-big"))
            .findFirst()
            .orElseThrow();
    assertThat(f.at()).contains(new StepKey("body/jam"));
    assertThat(f.verdict().found())
        .as("52.3 less 49.2 and its spare of 2")
        .isCloseTo(52.3 - 51.2, within(2e-3));
    // A new spigot further down in full wood, or a new lid.
    List<Way> ways = Way.on(b, log).stream().filter(w -> w.stops() == 0).toList();
    assertThat(ways).anyMatch(w -> w.replaced().filter("lid"::equals).isPresent());
    assertThat(ways.get(0).remedy()).as("what saves the wood comes first").isPresent();
  }

  @Test
  void a_diameter_found_too_small_at_one_place() {
    Bench<LiddedBox> b = doUntil("body/depth hole");
    Bench<LiddedBox> after =
        add(b.found(new AsFound("body", AsFound.What.DIAMETER, 20, 57), "a catch"));
    double foot = after.plan().aim().part("body").closed().zero();
    assertThat(2 * after.now().bodies().get("body").sound().outer(foot + 20))
        .isCloseTo(57, within(1e-3));
    assertThat(2 * after.now().bodies().get("body").sound().outer(foot + 30)).isGreaterThan(59.9);
    assertThat(after.plan().findings()).extracting(Finding::code).contains("wood-missing");
    assertThat(sound(after))
        .as("slimmer by just so much, or made again")
        .anyMatch(w -> w.main().toString().contains("outside.diameter"))
        .anyMatch(w -> w.replaced().isPresent());
  }

  /** A spigot that is still thick is on its way: the stock is known better, its step goes on. */
  @Test
  void a_reading_with_wood_left_to_cut_does_not_end_its_step() {
    doUntil("body/jam");
    Bench<LiddedBox> before = bench();
    Prompt p = before.plan().prompts(before.next().orElseThrow()).get(0);
    assertThat(before.taken(p.dim().key(), "", p.gauge().shows(p.target() + 0.8), Unit.MM).leaves())
        .isEqualTo(Leaves.MORE_TO_CUT);
    assertThat(before.taken(p.dim().key(), "", p.gauge().shows(p.target() - 0.8), Unit.MM).leaves())
        .isEqualTo(Leaves.TOO_MUCH);
    assertThat(
            before.taken(p.dim().key(), "", p.gauge().shows(p.target() + 0.01), Unit.MM).leaves())
        .isEqualTo(Leaves.NOTHING);
    double thick = p.target() + 0.8;
    Bench<LiddedBox> after = add(before.onTheWay(p.dim().key(), p.gauge().name(), thick, thick));
    assertThat(after.next().orElseThrow().key().path()).isEqualTo("body/jam");
    assertThat(mm(after, "joint.jam")).isEqualTo(mm(before, "joint.jam"));
    assertThat(after.readings()).doesNotContainKey(new DimKey("joint.jam"));
    double z = after.plan().aim().part("body").surface("spigot").line().first().z() + 3;
    assertThat(
            2 * after.now().stock(after.plan().aim().part("body")).orElseThrow().sound().outer(z))
        .isCloseTo(thick, within(2e-3));
  }

  /** What is fixed on both halves is held against its class, though no step tries it any more. */
  @Test
  void a_fit_that_can_not_be_met_any_more_is_told() {
    doUntil("foot, tail up/bulk");
    read("spigot.diameter", 49.20);
    Bench<LiddedBox> wide = read("recess.diameter", 49.90);
    Finding f =
        wide.plan().findings().stream()
            .filter(x -> x.code().equals("fit-loose"))
            .findFirst()
            .orElseThrow();
    assertThat(f.verdict().found()).isCloseTo(0.7, within(0.01));
    assertThat(f.verdict().limit()).isCloseTo(0.12, within(1e-9));
  }

  /** A flaw weakens the wood where it is; it takes some only when it is turned off all round. */
  @Test
  void a_flaw_is_not_turned_off_all_round_unless_the_turner_says_so() {
    Bench<LiddedBox> b = doUntil("top, tail up/bulk");
    AsFound pin = new AsFound("body", AsFound.What.FLAW, 30, 0.3);
    Bench<LiddedBox> after = add(b.found(pin, "a pin"));
    assertThat(after.plan().stops()).isZero();
    assertThat(after.plan().findings()).noneMatch(f -> f.code().equals("flawed"));
    AsFound deep = new AsFound("body", AsFound.What.FLAW, 30, 30, 3, 40, false);
    Bench<LiddedBox> weak = add(after.found(deep, "deep"));
    assertThat(weak.plan().stops()).isZero();
    assertThat(weak.now().bodies()).isEqualTo(after.now().bodies());
    Finding f =
        weak.plan().findings().stream().filter(x -> x.code().equals("flawed")).findFirst().get();
    assertThat(f.verdict().title()).contains("40 degrees");
    Bench<LiddedBox> off = add(weak.found(deep.allRound(), "turned off"));
    assertThat(off.plan().findings()).extracting(Finding::code).contains("wood-missing");
  }

  @Test
  void a_crack_and_a_bore_off_its_middle_are_told_as_they_were_found() {
    Bench<LiddedBox> b = doUntil("top, tail up/bulk");
    Bench<LiddedBox> crack =
        add(b.found(new AsFound("body", AsFound.What.CRACK, 20, 30, 40, 90, false), "a crack"));
    Finding f =
        crack.plan().findings().stream().filter(x -> x.code().equals("cracked")).findFirst().get();
    assertThat(f.verdict().title()).contains("90 degrees from the grain mark");
    Bench<LiddedBox> off = add(crack.found(new AsFound("body", AsFound.What.OFF, 0, 1.2), "off"));
    assertThat(off.plan().findings()).extracting(Finding::code).contains("off-centre");
  }

  /** The spigot broke off: the body is there, and a new spigot further down saves it. */
  @Test
  void a_spigot_that_broke_off_leaves_the_body() {
    Bench<LiddedBox> b = doUntil("top, tail up/bulk");
    double length = b.plan().aim().mm("joint.length");
    Bench<LiddedBox> half =
        add(b.found(new AsFound("body", AsFound.What.SPIGOT, 0, length / 2), "half of it"));
    HalfSection body = half.now().bodies().get("body").sound();
    assertThat(body.maxZ() - b.plan().aim().part("body").target().maxZ())
        .isCloseTo(-length / 2, within(1e-3));
    add(new Fact.Withdrawn(log.size()));
    Bench<LiddedBox> all = add(bench().found(new AsFound("body", AsFound.What.SPIGOT, 0, 0), ""));
    assertThat(all.now().bodies()).containsKey("body");
    assertThat(all.plan().findings().stream().filter(f -> f.grade() == Grade.STOP).count())
        .as("not one stop for each step that is left")
        .isLessThan(6);
    List<Way> ways = Way.on(all, log);
    assertThat(ways.stream().filter(w -> w.stops() == 0)).as("%s", ways).isNotEmpty();
  }

  /** A body torn at its mouth is shorter, and its hollow is shallower by as much. */
  @Test
  void depths_that_were_read_follow_a_mouth_that_was_lost() {
    doUntil("body/inside");
    Bench<LiddedBox> read = read("inside.depth", 63.0);
    double whole = mm(read, "body.height") + mm(read, "joint.length");
    Bench<LiddedBox> torn =
        add(read.found(new AsFound("body", AsFound.What.LENGTH, 0, whole - 5), "tore"));
    assertThat(torn.readings().get(new DimKey("inside.depth"))).isCloseTo(58.0, within(1e-6));
    for (Way w : Way.on(torn, log)) {
      w.remedy()
          .ifPresent(
              r -> {
                LiddedBox then = torn.plan().changed(r);
                double floor =
                    Bench.replay(kind, then, shop, List.of(), log).plan().aim().mm("body.floor");
                assertThat(floor).as("%s", w).isPositive();
              });
    }
  }

  /** A chipped rim is told until the rim is cut back to sound wood. */
  @Test
  void a_chipped_rim_is_told_until_it_is_cut_back() {
    Bench<LiddedBox> b = doUntil("body/hollow");
    AsFound chip = new AsFound("body", AsFound.What.RIM, 0, 0, 2, 120, false);
    Bench<LiddedBox> chipped = add(b.found(chip, "a chip"));
    assertThat(chipped.plan().findings()).extracting(Finding::code).contains("rim-chipped");
    design = design.with("joint.length", mm(b, "joint.length") - 2);
    assertThat(bench().plan().findings()).extracting(Finding::code).doesNotContain("rim-chipped");
  }

  @Test
  void a_pierced_floor_and_a_dropped_lid_are_told_as_such() {
    Bench<LiddedBox> b = doUntil("body/inside");
    Bench<LiddedBox> holed = add(b.found(new AsFound("body", AsFound.What.PIERCED, 0, 4), ""));
    assertThat(holed.plan().findings()).extracting(Finding::code).contains("wood-missing");
    double foot = holed.plan().aim().part("body").closed().zero();
    assertThat(holed.now().bodies().get("body").sound().inner(foot + 3)).isCloseTo(2, within(1e-3));
    add(new Fact.Withdrawn(log.size()));
    Bench<LiddedBox> dropped =
        add(bench().found(new AsFound("lid", AsFound.What.DROPPED, 0, 0), ""));
    assertThat(dropped.plan().findings()).extracting(Finding::code).contains("dropped");
    assertThat(dropped.plan().stops()).isZero();
  }

  @Test
  void replaying_the_same_log_gives_the_same_wood_and_the_same_numbers() {
    doUntil("body/inside");
    read("inside.depth", 63.1);
    add(new Fact.Paused("sand the inside"));
    Bench<LiddedBox> once = bench();
    Bench<LiddedBox> twice = bench();
    assertThat(twice.now().bodies()).isEqualTo(once.now().bodies());
    assertThat(twice.plan().aim().dims()).isEqualTo(once.plan().aim().dims());
    assertThat(twice.next()).isEqualTo(once.next());
  }

  @Test
  void taking_facts_back_one_by_one_ends_at_the_blank() {
    doUntil("lid/inside");
    read("recess.diameter", 49.4);
    while (Fact.lastToTakeBack(log).isPresent()) {
      add(new Fact.Withdrawn(Fact.lastToTakeBack(log).get().no()));
    }
    Bench<LiddedBox> b = bench();
    assertThat(b.done()).isEmpty();
    assertThat(b.now().bodies()).containsOnlyKeys("blank");
    assertThat(b.readings()).isEmpty();
    assertThat(b.next().orElseThrow().key().path()).isEqualTo("centres/round");
  }

  @Test
  void a_part_that_does_not_exist_can_t_be_found() {
    assertThatThrownBy(() -> bench().found(new AsFound("handle", AsFound.What.LENGTH, 0, 10), ""))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("no part handle");
    assertThatThrownBy(() -> new AsFound("lid", AsFound.What.LENGTH, 0, 0))
        .hasMessageContaining("Say its size");
    assertThatThrownBy(() -> new AsFound("lid", AsFound.What.DEPTH, -1, 5))
        .hasMessageContaining("between 0 and 1000");
  }
}
