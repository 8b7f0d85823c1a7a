package hazelkeep.kinds.box;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class SoundBoxTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;

  static Stream<Arguments> every_school_and_shape() {
    return Stream.of(LiddedBox.School.values())
        .flatMap(
            s ->
                Stream.of("STRAIGHT", "BARREL", "TAPER", "OGEE", "FREE")
                    .flatMap(
                        f -> Stream.of("FLAT", "DOME").map(t -> Arguments.of(s.name(), f, t))));
  }

  @ParameterizedTest
  @MethodSource("every_school_and_shape")
  void a_box_with_nothing_stated_can_be_made(String school, String form, String top) {
    LiddedBox box = kind.choose(LiddedBox.fresh(), "school", school);
    box = kind.choose(box, "form", form);
    box = kind.choose(box, "top", top);
    if (top.equals("DOME")) {
      box = kind.choose(box, "roof", "DOMED");
      box = kind.choose(box, "floor", "ROUNDED");
    }
    Plan<LiddedBox> plan = Plan.of(kind, box, Shop.starter(), List.of());
    assertThat(plan.findings())
        .filteredOn(hazelkeep.kinds.RandomPieces::judged)
        .extracting(Finding::verdict)
        .isEmpty();
    assertThat(plan.rehearsal().end().bodies()).containsOnlyKeys("body", "lid");
  }
}
