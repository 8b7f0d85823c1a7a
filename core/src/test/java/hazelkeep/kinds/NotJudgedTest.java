package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Species;
import hazelkeep.wood.WoodProperty;
import hazelkeep.wood.Woods;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What can't be judged for want of a figure is told once, with the figure that is wanted. */
class NotJudgedTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;

  private List<Finding> told(Plan<?> plan) {
    return plan.findings().stream().filter(f -> f.code().equals("not-judged")).toList();
  }

  private Plan<LiddedBox> box(String wood, Shop shop) {
    return Plan.of(kind, Restated.with(LiddedBox.fresh(), "species", wood), shop, List.of());
  }

  @Test
  void splitting_of_a_wood_without_its_strength_is_told_once() {
    List<Finding> told = told(box("European lime", Shop.starter()));
    assertThat(told).hasSize(1);
    assertThat(told.get(0).grade()).isEqualTo(Grade.NOTE);
    assertThat(told.get(0).verdict().why())
        .isEqualTo("The strength across the grain of European lime is not known.");
    assertThat(told.get(0).remedies())
        .singleElement()
        .isInstanceOfSatisfying(
            Remedy.Know.class,
            k -> assertThat(k.what().property()).isEqualTo(WoodProperty.TENSION_ACROSS));
    assertThat(told(box("Black cherry", Shop.starter()))).isEmpty();
  }

  /** Once the estimate is taken splitting is judged, and nothing is said any more. */
  @Test
  void an_estimate_that_was_taken_is_judged_by() {
    Species lime = Species.named("European lime").orElseThrow();
    Species own =
        new Species(
            lime.name(),
            "",
            Map.of(WoodProperty.TENSION_ACROSS, lime.estimatedTensionAcross().orElseThrow()));
    Shop shop = Shop.starter().with(new Woods(List.of(own)));
    assertThat(told(box("European lime", shop))).isEmpty();
  }

  @Test
  void a_wood_that_nobody_knows_is_told_figure_by_figure() {
    assertThat(told(box("driftwood", Shop.starter())))
        .extracting(f -> f.verdict().title())
        .contains("Stiffness is not judged", "Breaking is not judged")
        .doesNotHaveDuplicates();
  }

  /** The press that the program chooses itself stays under what it judges by. */
  @Test
  void no_plain_box_is_warned_of_a_press_that_the_program_chose() {
    Random random = new Random(12);
    for (int i = 0; i < 60; i++) {
      LiddedBox b = LiddedBox.fresh().with("outside.diameter", 35 + random.nextInt(75));
      b = kind.choose(b, "school", random.nextBoolean() ? "LID_OVER" : "LID_IN");
      String wood = i % 2 == 0 ? "Black cherry" : "American basswood";
      Plan<LiddedBox> plan =
          Plan.of(kind, Restated.with(b, "species", wood), Shop.starter(), List.of());
      assertThat(plan.findings())
          .as("%s of %s", plan.design(), wood)
          .noneMatch(f -> f.code().equals("splits"));
    }
  }
}
