package hazelkeep.web.workbench;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.shop.Shop;
import hazelkeep.web.drawing.Show;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is lost of a wish is said, however sound the rest is. */
class WishLostTest {
  private static Plan<LiddedBox> plan(LiddedBox box) {
    return Plan.of(LiddedBoxKind.BOX, box, Shop.starter(), List.of());
  }

  @Test
  void a_stated_size_and_a_clearance_that_became_others_are_told() {
    LiddedBox box = LiddedBox.fresh().with("lid.height", 30);
    Plan<LiddedBox> wished = plan(box);
    Show show = new Show(Unit.MM);
    assertThat(WishLost.of(wished, wished, show)).isEmpty();
    assertThat(WishLost.of(wished, plan(box.with("lid.height", 28)), show))
        .hasSize(1)
        .first()
        .asString()
        .contains("is 28.0 mm now; 30.0 was wished.");
    Plan<LiddedBox> loose = plan(box.with("joint.clearance", 0.4));
    assertThat(WishLost.of(wished, loose, show)).hasSize(1).first().asString().contains("0.40 mm");
  }
}
