package hazelkeep.route;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.hold.JamOn;
import hazelkeep.hold.Squeeze;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.piece.Plan;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Body;
import hazelkeep.wood.Doing;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Changes of a real route by setups, holds and steps of one's own. */
class EditingTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Shop.starter();
  private final Plan<LiddedBox> recipe = plan(List.of());

  private Plan<LiddedBox> plan(List<RouteEdit> edits) {
    return Plan.of(kind, LiddedBox.fresh(), shop, edits);
  }

  private Route with(RouteEdit... edits) {
    return recipe.route().with(List.of(edits), new Means(recipe.aim(), shop));
  }

  private static List<String> names(Route r) {
    return r.setups().stream().map(Setup::name).toList();
  }

  private static Setup setup(Route r, String name) {
    return r.setups().stream().filter(s -> s.name().equals(name)).findFirst().orElseThrow();
  }

  private static RouteEdit.Rehold rehold(String setup, String jaws, String tail, String steady) {
    return new RouteEdit.Rehold(
        setup,
        Optional.ofNullable(jaws),
        Optional.ofNullable(tail),
        Optional.ofNullable(steady),
        70);
  }

  @Test
  void setups_move_go_and_come_again() {
    List<String> was = names(recipe.route());
    Route moved = with(new RouteEdit.MoveSetup("lid", ""));
    assertThat(names(moved).get(0)).isEqualTo("lid");
    assertThat(names(moved)).containsExactlyInAnyOrderElementsOf(was);
    assertThat(names(with(new RouteEdit.MoveSetup("lid", "foot"))))
        .containsSubsequence("foot", "lid");
    assertThat(names(with(new RouteEdit.DropSetup("ease"))))
        .doesNotContain("ease")
        .hasSize(was.size() - 1);
    Route again = with(new RouteEdit.Again("lid", "lid 2"));
    assertThat(setup(again, "lid 2").hold()).isEqualTo(setup(again, "lid").hold());
    assertThat(setup(again, "lid 2").steps()).isEmpty();
    assertThat(names(again)).containsSubsequence("lid", "lid 2", "body");
  }

  @Test
  void what_can_not_be_done_is_kept_apart() {
    List<RouteEdit> wrong =
        List.of(
            new RouteEdit.MoveSetup("lid", "lid"),
            new RouteEdit.MoveSetup("attic", ""),
            new RouteEdit.MoveSetup("lid", "attic"),
            new RouteEdit.DropSetup("attic"),
            new RouteEdit.Again("attic", "attic 2"),
            new RouteEdit.Again("lid", "body"),
            new RouteEdit.MoveInto(new StepKey("lid/inside"), "attic"),
            rehold("lid", "sold jaws", null, null),
            rehold("lid", null, "sold centre", null),
            rehold("lid", null, null, "sold steady"),
            new RouteEdit.Add(
                new StepKey("lid/own"),
                new StepKey("lid/recess"),
                new SurfaceId("lid", "handle"),
                Doing.SAND,
                240,
                ""));
    Route r = recipe.route().with(wrong, new Means(recipe.aim(), shop));
    assertThat(r.ignored()).containsExactlyElementsOf(wrong);
    assertThat(r.setups()).isEqualTo(recipe.route().setups());
  }

  @Test
  void a_hold_takes_other_jaws_a_centre_or_a_steady() {
    Route r =
        with(
            rehold("body", "75 mm jaws", null, null),
            rehold("top", "75 mm jaws", "live centre", null),
            rehold("top, tail up", null, "", null),
            rehold("whole", null, null, "three-wheel steady"));
    assertThat(((Squeeze) setup(r, "body").hold().grip()).jaws().name()).isEqualTo("75 mm jaws");
    JamOn jam = (JamOn) setup(r, "top").hold().grip();
    assertThat(jam.hostHeld().jaws().name()).isEqualTo("75 mm jaws");
    assertThat(setup(r, "top").hold().tail().orElseThrow().name()).isEqualTo("live centre");
    assertThat(setup(r, "top, tail up").hold().tail()).isEmpty();
    assertThat(setup(r, "whole").hold().steady().orElseThrow().at()).isEqualTo(70);
    assertThat(r.ignored()).isEmpty();
    Route off = r.with(List.of(rehold("whole", null, null, "")), new Means(recipe.aim(), shop));
    assertThat(setup(off, "whole").hold().steady()).isEmpty();
  }

  @Test
  void steps_of_ones_own_are_played() {
    for (Doing d : Doing.values()) {
      RouteEdit.Add add =
          new RouteEdit.Add(
              new StepKey("lid/own"),
              new StepKey("lid/inside"),
              new SurfaceId("lid", "recess"),
              d,
              600,
              "wax");
      Plan<LiddedBox> plan = plan(List.of(add));
      State end = plan.rehearsal().stage(new StepKey("lid/own")).orElseThrow().after();
      Surf surf = end.surf(new SurfaceId("lid", "recess"));
      assertThat(surf.grit()).isEqualTo(d == Doing.SAND ? 600 : 0);
      assertThat(surf.coated()).isEqualTo(d == Doing.FINISH || d == Doing.GLUE);
    }
  }

  /** Any changes in any order play; taking them back gives the recipe's route again. */
  @Test
  void random_changes_play_and_leave_no_trace() {
    Random random = new Random(17);
    for (int round = 0; round < 12; round++) {
      List<RouteEdit> edits = new ArrayList<>();
      List<Setup> setups = recipe.route().setups();
      for (int i = 0; i < 6; i++) {
        String a = setups.get(random.nextInt(setups.size())).name();
        String b = setups.get(random.nextInt(setups.size())).name();
        List<Step> steps = recipe.route().steps();
        StepKey step = steps.get(random.nextInt(steps.size())).key();
        edits.add(
            switch (random.nextInt(5)) {
              case 0 -> new RouteEdit.MoveSetup(a, b);
              case 1 -> new RouteEdit.MoveInto(step, a);
              case 2 -> new RouteEdit.Again(a, a + " " + i);
              case 3 -> rehold(a, shop.jaws().get(random.nextInt(4)).name(), "live centre", null);
              default -> new RouteEdit.DropSetup(a);
            });
      }
      Plan<LiddedBox> played = plan(edits);
      double left =
          played.rehearsal().end().bodies().values().stream().mapToDouble(Body::volume).sum();
      State end = played.rehearsal().end();
      double blank = played.aim().blank().swept().volume();
      assertThat(left + end.removed() + end.dust() + end.waste())
          .as("round %d", round)
          .isBetween(blank * (1 - 1e-5), blank * (1 + 1e-5));
      assertThat(plan(List.of()).route()).isEqualTo(recipe.route());
    }
  }

  /** One tenon is in one set of jaws, in all holds that grip it. */
  @Test
  void other_jaws_hold_a_tenon_wherever_it_is_held() {
    var kind = hazelkeep.kinds.box.LiddedBoxKind.BOX;
    var plan =
        hazelkeep.piece.Plan.of(
            kind,
            hazelkeep.kinds.box.LiddedBox.fresh(),
            hazelkeep.shop.Shop.starter(),
            java.util.List.of(
                new RouteEdit.Rehold(
                    "whole",
                    java.util.Optional.of("75 mm jaws"),
                    java.util.Optional.empty(),
                    java.util.Optional.empty(),
                    0)));
    for (Setup s : plan.route().setups()) {
      if (s.hold().grip() instanceof hazelkeep.hold.Squeeze q) {
        assertThat(q.jaws().name())
            .as(s.title())
            .isEqualTo(q.part().equals("body") ? "75 mm jaws" : "50 mm jaws");
      }
      if (s.hold().grip() instanceof hazelkeep.hold.JamOn j) {
        assertThat(j.hostHeld().jaws().name()).isEqualTo("75 mm jaws");
      }
    }
  }
}
