package hazelkeep.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.hold.Centres;
import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.OffLathe;
import hazelkeep.hold.Squeeze;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Practice;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * The rehearsal on a cup that was drawn by hand: foot at 10, rim at 60, 50 across, a bore of 30
 * that is 40 deep, a tenon of 50 by 7 behind a shoulder. No kind of piece is involved.
 */
class RehearsalTest {
  private static final Species MAPLE = Species.named("Hard maple (sugar)").orElseThrow();
  private static final double RIM = 60;
  private static final double FOOT = 10;

  private final Shop shop = Shop.starter();
  private final JawSet jaws = shop.jaws().get(1);
  private final HalfSection blank = HalfSection.box(0, 70, 0, 33);
  private final HalfSection target =
      HalfSection.box(FOOT, RIM, 0, 30).minus(HalfSection.box(20, 61, 0, 15));
  private final HalfSection tenon = HalfSection.box(0, 7, 0, 25);

  private static Surface surface(
      String name, Role role, Polyline line, HalfSection zone, boolean inside, Doing... needs) {
    Set<Doing> all = EnumSet.noneOf(Doing.class);
    all.addAll(List.of(needs));
    return new Surface(new SurfaceId("cup", name), role, line, zone, inside, all);
  }

  private final Part cup =
      new Part(
          "cup",
          new Point(40, 22),
          target,
          List.of(
              surface(
                  "side",
                  Role.SHOW,
                  Polyline.of(FOOT, 30, RIM, 30),
                  HalfSection.box(FOOT, RIM, 30, 40),
                  false,
                  Doing.CUT,
                  Doing.SAND),
              surface(
                  "rim",
                  Role.MEET,
                  Polyline.of(RIM, 30, RIM, 15),
                  HalfSection.box(RIM, 80, 0, 40),
                  false,
                  Doing.CUT),
              surface(
                  "inside",
                  Role.SHOW,
                  Polyline.of(RIM, 15, 20, 15, 20, 0),
                  HalfSection.box(20, 61, 0, 15),
                  true,
                  Doing.CUT,
                  Doing.SAND),
              surface(
                  "foot",
                  Role.SHOW,
                  Polyline.of(FOOT, 0, FOOT, 30),
                  HalfSection.box(-5, FOOT, 0, 40),
                  false,
                  Doing.CUT,
                  Doing.SAND)),
          List.of(new Stub("tenon", tenon, new SurfaceId("cup", "foot"))),
          new Frame(FOOT, false));

  private final Aim aim =
      new Aim(
          new Body("blank", blank, blank, MAPLE),
          List.of(cup),
          List.of(),
          Map.of(),
          Practice.USUAL);
  private final Acts acts = new Acts(aim, 240, "");

  private static SetupDraft mounted(String name, Grip grip) {
    return new SetupDraft(
        name, name, new Hold(grip, Optional.empty()), Map.of("cup", new Frame(0, false)));
  }

  private Setup centres(Act... last) {
    SetupDraft s = mounted("centres", new Centres());
    s.step(
        "tenon",
        "Cut the tenon",
        "",
        Speeds.At.TURNING,
        Acts.remove("cup", HalfSection.box(-1, 7, 0, 40).minus(tenon)));
    for (int i = 0; i < last.length; i++) {
      s.step("more " + i, "More", "", Speeds.At.TURNING, last[i]);
    }
    return s.done();
  }

  private Setup chucked(Hold hold, List<Step> steps) {
    return new Setup("chuck", "In the jaws", hold, Map.of("cup", new Frame(7, false)), steps);
  }

  private Hold squeezed() {
    return new Hold(new Squeeze("cup", jaws), Optional.empty());
  }

  private static Step step(String key, List<Act> acts) {
    return new Step(new StepKey("chuck/" + key), key, "", Speeds.At.TURNING, acts);
  }

  private Step cut(String... surfaces) {
    return step("cut " + surfaces[0], List.of(acts.bare(0, "cup", surfaces)));
  }

  private Setup reversed() {
    HalfSection plug = HalfSection.box(-25, 0, 0, 32).plus(HalfSection.box(-1, 10, 0, 15.03));
    Hold hold = new Hold(JamChuck.of("cup", "inside", plug), Optional.empty());
    return new Setup(
        "foot",
        "Reversed",
        hold,
        Map.of("cup", new Frame(RIM, true)),
        List.of(
            new Step(
                new StepKey("foot/foot"),
                "Foot",
                "",
                Speeds.At.TURNING,
                Acts.both(List.of(acts.bare(0, "cup", "foot")), acts.sand("cup", "foot")))));
  }

  private Rehearsal play(Setup... setups) {
    return Rehearsal.play(State.start(aim), new Route(List.of(setups), List.of()), aim, shop);
  }

  private Setup all() {
    return chucked(
        squeezed(),
        List.of(
            cut("side"),
            cut("rim"),
            cut("inside"),
            step("sand", acts.sand("cup", "side", "inside"))));
  }

  private static List<String> codes(Rehearsal r) {
    return r.findings().stream()
        .filter(hazelkeep.kinds.RandomPieces::judged)
        .map(Finding::code)
        .toList();
  }

  private static Finding one(Rehearsal r, String code) {
    return r.findings().stream().filter(f -> f.code().equals(code)).findFirst().orElseThrow();
  }

  @Test
  void the_whole_cup_plays_without_a_word_and_nothing_is_left_or_missing() {
    Rehearsal r = play(centres(), all(), reversed());
    assertThat(r.findings()).filteredOn(hazelkeep.kinds.RandomPieces::judged).isEmpty();
    HalfSection end = r.end().stock(cup).orElseThrow().sound();
    assertThat(end).isEqualTo(target);
    assertThat(r.end().removed()).isCloseTo(blank.volume() - target.volume(), within(1.0));
  }

  @Test
  void what_a_step_takes_off_is_what_lies_between_before_and_after() {
    Rehearsal r = play(centres(), all());
    Stage hollow = r.stage(new StepKey("chuck/cut inside")).orElseThrow();
    HalfSection gone = hollow.removed().get("cup");
    assertThat(gone.volume()).isCloseTo(Math.PI * 225 * 40, within(1e-6));
    assertThat(gone.minZ()).as("in the setup's frame, 7 mm behind the blank's").isEqualTo(13);
    assertThat(hollow.freeLength()).as("rim at 60, jaw face at 7").isEqualTo(53);
    assertThat(hollow.diameter())
        .as("the waste by the foot is still as wide as the blank")
        .isEqualTo(66);
  }

  @Test
  void wood_that_no_step_takes_off_is_told_with_its_volume() {
    Rehearsal r =
        play(centres(), chucked(squeezed(), List.of(cut("side"), cut("rim"))), reversed());
    Finding left = one(r, "wood-left");
    assertThat(left.verdict().found()).as("the bore, in ml").isCloseTo(Math.PI * 9, within(0.01));
    assertThat(codes(r)).contains("last-cut");
    assertThat(one(r, "last-cut").at())
        .as("the hold that could still cut it")
        .contains(new StepKey("chuck/cut rim"));
  }

  @Test
  void a_cut_too_far_leaves_wood_missing() {
    Act tooDeep = Acts.remove("cup", HalfSection.box(16, 61, 0, 15));
    Rehearsal r =
        play(
            centres(),
            chucked(squeezed(), List.of(cut("side"), cut("rim"), step("bore", List.of(tooDeep)))),
            reversed());
    assertThat(one(r, "wood-missing").verdict().found())
        .as("4 mm of a 30 mm bore")
        .isCloseTo(Math.PI * 225 * 4 / 1000, within(0.01));
  }

  @Test
  void sanding_before_cutting_is_told_and_does_not_count() {
    Rehearsal r =
        play(
            centres(),
            chucked(
                squeezed(),
                List.of(
                    step("sand", acts.sand("cup", "inside")),
                    cut("side"),
                    cut("rim"),
                    cut("inside"))),
            reversed());
    assertThat(one(r, "before-cut").at()).contains(new StepKey("chuck/sand"));
    assertThat(one(r, "before-cut").grade()).isEqualTo(Grade.STOP);
    assertThat(r.findings())
        .anyMatch(f -> f.code().equals("last-sand") && f.verdict().title().contains("inside"));
  }

  @Test
  void a_cut_takes_the_sanding_with_it() {
    Rehearsal r =
        play(
            centres(),
            chucked(
                squeezed(),
                List.of(
                    cut("side"),
                    cut("rim"),
                    cut("inside"),
                    step("sand", acts.sand("cup", "side", "inside")),
                    step("again", List.of(Acts.remove("cup", HalfSection.box(30, 40, 29.5, 40)))))),
            reversed());
    assertThat(r.end().surf(new SurfaceId("cup", "side")).grit()).isZero();
    assertThat(r.end().surf(new SurfaceId("cup", "inside")).grit()).isEqualTo(240);
  }

  @Test
  void a_floor_drilled_through_sets_nothing_loose_but_a_ring_does() {
    Act ring =
        Acts.remove("cup", HalfSection.box(30, 32, 0, 40).minus(HalfSection.box(0, 70, 0, 3)));
    Act through = Acts.remove("cup", HalfSection.box(-1, 80, 0, 3));
    Rehearsal r =
        play(centres(), chucked(squeezed(), List.of(step("ring", List.of(ring, through)))));
    Finding loose = one(r, "comes-loose");
    assertThat(loose.grade()).isEqualTo(Grade.STOP);
    assertThat(loose.at()).contains(new StepKey("chuck/ring"));
  }

  @Test
  void what_hangs_by_a_thin_neck_is_watched() {
    Act neck = Acts.remove("cup", HalfSection.box(62, 64, 0.3, 40));
    Rehearsal r = play(centres(), chucked(squeezed(), List.of(step("neck", List.of(neck)))));
    assertThat(one(r, "hangs").grade()).isEqualTo(Grade.WATCH);
  }

  @Test
  void a_cut_that_finds_no_wood_says_so() {
    Rehearsal r =
        play(
            centres(),
            chucked(squeezed(), List.of(cut("side"), step("again", cut("side").acts()))));
    assertThat(one(r, "nothing-removed").grade()).isEqualTo(Grade.NOTE);
  }

  @Test
  void a_step_on_a_part_that_is_not_held_is_skipped_and_play_goes_on() {
    Setup other =
        new Setup(
            "nobody",
            "Empty",
            new Hold(new OffLathe(), Optional.empty()),
            Map.of(),
            List.of(
                new Step(
                    new StepKey("nobody/cut"),
                    "Cut",
                    "",
                    Speeds.At.TURNING,
                    cut("inside").acts())));
    Rehearsal r = play(centres(), other, all(), reversed());
    assertThat(codes(r)).containsExactly("not-held");
    assertThat(r.end().stock(cup).orElseThrow().sound()).isEqualTo(target);
  }

  @Test
  void nothing_is_cut_by_hand_on_the_bench() {
    SetupDraft bench = mounted("bench", new OffLathe());
    bench.step("sand", "Sand", "", Speeds.At.SANDING, acts.sand("cup", "inside"));
    Rehearsal r =
        play(
            centres(),
            chucked(squeezed(), List.of(cut("side"), cut("rim"), cut("inside"))),
            reversed(),
            bench.done());
    assertThat(r.findings())
        .as("the inside may be sanded by hand; the side had its last chance on the lathe")
        .noneMatch(f -> f.verdict().title().contains("inside"))
        .anyMatch(f -> f.code().equals("last-sand") && f.verdict().title().contains("side"));
  }

  @Test
  void a_dimple_in_a_finished_end_is_told_with_its_depth() {
    Part low =
        new Part(
            "cup",
            cup.core(),
            HalfSection.box(1, RIM, 0, 30),
            List.of(),
            List.of(),
            new Frame(1, false));
    Aim near = new Aim(aim.blank(), List.of(low), List.of(), Map.of(), Practice.USUAL);
    SetupDraft s = mounted("centres", new Centres());
    s.step("nothing", "", "", Speeds.At.TURNING);
    Rehearsal r =
        Rehearsal.play(State.start(near), new Route(List.of(s.done()), List.of()), near, shop);
    assertThat(one(r, "dimple").verdict().found())
        .as("3 mm deep, the end lies 1 mm in")
        .isCloseTo(2, within(1e-3));
  }

  @Test
  void last_chances_name_the_last_hold_that_still_reaches() {
    Rehearsal r = play(centres(), all(), reversed());
    List<LastChance> chances = r.lastChances(shop);
    assertThat(chances)
        .anyMatch(
            c -> c.setup() == 1 && c.surface().name().equals("inside") && c.doing() == Doing.SAND)
        .anyMatch(
            c -> c.setup() == 2 && c.surface().name().equals("foot") && c.doing() == Doing.CUT);
    assertThat(chances).allMatch(LastChance::done);
    State untouched = State.start(aim);
    assertThat(chances).noneMatch(c -> c.met(untouched));
  }

  @Test
  void a_square_blank_is_swept_wider_than_it_is_sound_until_it_is_round() {
    Body square =
        new Body("blank", HalfSection.box(0, 70, 0, 33), HalfSection.box(0, 70, 0, 46.6), MAPLE);
    Aim sawn = new Aim(square, List.of(cup), List.of(), Map.of(), Practice.USUAL);
    SetupDraft s = mounted("centres", new Centres());
    s.step(
        "round",
        "Round",
        "",
        Speeds.At.TURNING,
        Acts.remove("cup", HalfSection.box(-1, 71, 32, 60)));
    s.step("look", "", "", Speeds.At.TURNING);
    Rehearsal r =
        Rehearsal.play(State.start(sawn), new Route(List.of(s.done()), List.of()), sawn, shop);
    assertThat(r.stages().get(0).diameter()).isCloseTo(93.2, within(1e-3));
    assertThat(r.stages().get(1).diameter()).isEqualTo(64);
    assertThat(r.end().stock(cup).orElseThrow().round()).isTrue();
    assertThat(r.stages().get(0).speeds().orElseThrow().to())
        .as("out of round, wide: much slower")
        .isLessThan(r.stages().get(1).speeds().orElseThrow().from());
  }
}
