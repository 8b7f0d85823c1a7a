package hazelkeep.route;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.hold.Hold;
import hazelkeep.hold.Squeeze;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.stiffness.StiffnessLimits.Cut;
import hazelkeep.wood.Body;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A goblet drawn by hand: foot in the jaws, a stem of 10 by 100, a bowl of 60 by 60 on it. */
class ShakingTest {
  private static final Species MAPLE = Species.named("Hard maple (sugar)").orElseThrow();
  private static final double STEM = 20;
  private static final double BOWL = 120;
  private static final double RIM = 180;

  private final Shop shop = Shop.starter();
  private final HalfSection blank =
      HalfSection.box(-7, 0, 0, 25).plus(HalfSection.box(0, RIM + 2, 0, 32));
  private final HalfSection bowl =
      HalfSection.box(BOWL, RIM, 0, 30).minus(HalfSection.box(BOWL + 10, RIM + 1, 0, 26));

  private static Surface surface(String name, Polyline line, HalfSection zone, boolean inside) {
    return new Surface(
        new SurfaceId("goblet", name), Role.SHOW, line, zone, inside, EnumSet.of(Doing.CUT));
  }

  private final Part goblet =
      new Part(
          "goblet",
          new Point(BOWL + 5, 2),
          HalfSection.box(0, STEM, 0, 30).plus(HalfSection.box(STEM, BOWL, 0, 5)).plus(bowl),
          List.of(
              surface("foot", Polyline.of(0, 0, 0, 30), HalfSection.EMPTY, false),
              surface(
                  "stem", Polyline.of(STEM, 5, BOWL, 5), HalfSection.box(STEM, BOWL, 5, 40), false),
              surface(
                  "inside",
                  Polyline.of(RIM, 26, BOWL + 10, 26, BOWL + 10, 0),
                  HalfSection.box(BOWL + 10, RIM + 3, 0, 26),
                  true)),
          List.of(
              new Stub("tenon", HalfSection.box(-7, 0, 0, 25), new SurfaceId("goblet", "foot"))),
          new Frame(0, false));

  private final Aim aim =
      new Aim(
          new Body("blank", blank, blank, MAPLE),
          List.of(goblet),
          List.of(),
          Map.of(),
          Practice.USUAL);
  private final Acts acts = new Acts(aim, 240, "");

  private Setup setup(Hold hold, String... surfaces) {
    return new Setup(
        "chuck",
        "In the jaws",
        hold,
        Map.of("goblet", new Frame(0, false)),
        Arrays.stream(surfaces)
            .map(
                s ->
                    new Step(
                        new StepKey("chuck/" + s),
                        "Turn the " + s,
                        "",
                        Speeds.At.TURNING,
                        List.of(acts.bare(0, "goblet", s))))
            .toList());
  }

  private Hold free() {
    return new Hold(new Squeeze("goblet", shop.jaws().get(1)), Optional.empty());
  }

  private Rehearsal play(Hold hold, String... surfaces) {
    return play(shop, hold, surfaces);
  }

  private Rehearsal play(Shop in, Hold hold, String... surfaces) {
    Route route = new Route(List.of(setup(hold, surfaces)), List.of());
    return Rehearsal.play(State.start(aim), route, aim, in);
  }

  private static Optional<Finding> shakes(Rehearsal r, String step) {
    return r.findings().stream()
        .filter(f -> f.code().equals("shakes"))
        .filter(f -> f.at().orElseThrow().path().equals("chuck/" + step))
        .findFirst();
  }

  @Test
  void a_stem_turned_before_the_bowl_is_hollowed_is_told_with_its_factor() {
    Finding f = shakes(play(free(), "stem", "inside"), "inside").orElseThrow();
    assertThat(f.grade()).isEqualTo(Grade.STOP);
    assertThat(f.verdict().found()).isLessThan(20);
    assertThat(f.advice()).contains("Before “Turn the stem” the wood was");
    assertThat(f.advice()).contains("With the tailstock up");
    assertThat(shakes(play(free(), "inside", "stem"), "inside"))
        .as("bowl first, it is stiff enough")
        .isEmpty();
  }

  @Test
  void a_tailstock_makes_a_slender_stem_a_matter_of_fine_cuts() {
    double alone = shakes(play(free(), "stem"), "stem").orElseThrow().verdict().found();
    Rehearsal up = play(free().with(shop.live()), "stem");
    double held = up.stages().get(0).stiffAfter().least(STEM, BOWL);
    assertThat(held).isGreaterThan(4 * alone);
    assertThat(shakes(up, "stem").map(Finding::grade).filter(Grade.STOP::equals)).isEmpty();
    boolean soft = Cut.SLENDER.of(held, Practice.USUAL).grade() != Grade.NOTE;
    assertThat(shakes(up, "stem").isPresent())
        .as("judged as a stem, not as a thin wall")
        .isEqualTo(soft);
  }

  @Test
  void speeds_stay_below_the_critical_one() {
    Rehearsal r = play(free(), "stem", "inside");
    Stage hollowing = r.stages().get(1);
    double critical = hollowing.stiffBefore().criticals()[0];
    assertThat(hollowing.speeds().orElseThrow().ceiling()).isLessThanOrEqualTo(0.7 * critical);
    Lathe fast = Lathe.stepless(300, 450, 2600, 3200);
    Finding whips =
        play(shop.with(fast), free(), "stem", "inside").findings().stream()
            .filter(f -> f.code().equals("critical-speed"))
            .findFirst()
            .orElseThrow();
    assertThat(whips.grade()).as("its slowest speed is too fast").isEqualTo(Grade.STOP);
    assertThat(whips.verdict().limit()).isLessThan(2600);
  }

  @Test
  void a_light_catch_snaps_a_stem_that_stands_alone() {
    Rehearsal r = play(free(), "stem", "inside");
    assertThat(r.findings().stream().map(Finding::code)).contains("breaks");
    assertThat(play(free(), "inside").findings().stream().map(Finding::code))
        .doesNotContain("breaks");
  }

  /** An undercut leaves a nub: what it leaves is judged, not what was there before. */
  @Test
  void an_undercut_is_judged_by_the_nub_it_leaves() {
    var kind = hazelkeep.kinds.box.LiddedBoxKind.BOX;
    var box = kind.choose(hazelkeep.kinds.box.LiddedBox.fresh(), "footBy", "SAW");
    var plan = hazelkeep.piece.Plan.of(kind, box, Shop.starter(), List.of());
    Stage undercut = plan.rehearsal().stage(new StepKey("foot undercut/undercut")).orElseThrow();
    assertThat(undercut.parts()).isFalse();
    assertThat(undercut.stiffness()).isSameAs(undercut.stiffAfter());
    assertThat(undercut.stiffness().least(20, 60))
        .isLessThan(undercut.stiffBefore().least(20, 60) / 2);
    Stage parting = plan.rehearsal().stage(new StepKey("whole/part")).orElseThrow();
    assertThat(parting.parts()).isTrue();
  }
}
