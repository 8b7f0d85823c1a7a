package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.hold.Pressed;
import hazelkeep.measure.Refused;
import hazelkeep.piece.Design;
import hazelkeep.piece.End;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A hold that was edited until nothing carries the work is told, and the rest is still planned. */
class HeldByNothingTest {
  private int tried;

  @Test
  void pressed_work_without_its_tailstock_is_told_for_every_kind_and_end() {
    Kinds.ALL.forEach(this::tried);
    assertThat(tried).isGreaterThan(5);
  }

  private <D extends Design> void tried(Kind<D> kind) {
    Plan<D> plain = Plan.of(kind, kind.fresh(), Shop.starter(), List.of());
    for (End end : plain.sketch().ends()) {
      D pressed;
      try {
        pressed = kind.choose(kind.fresh(), end.choice().name(), "PRESSED");
      } catch (Refused e) {
        continue;
      }
      Plan<D> plan = Plan.of(kind, pressed, Shop.starter(), List.of());
      for (Setup s : plan.route().setups()) {
        if (s.hold().grip() instanceof Pressed) {
          RouteEdit away =
              new RouteEdit.Rehold(
                  s.name(), Optional.empty(), Optional.of(""), Optional.empty(), 0);
          assertThat(Plan.of(kind, pressed, Shop.starter(), List.of(away)).findings())
              .as("%s, %s", kind.name(), end.name())
              .extracting(Finding::code)
              .contains("pressed-no-tail");
          tried++;
        }
      }
    }
  }
}
