package hazelkeep.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.measure.Refused;
import hazelkeep.shop.Speeds;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class RouteTest {
  private static Setup setup(String name, String... steps) {
    SetupDraft s = new SetupDraft(name, name, new Hold(new OffLathe(), Optional.empty()), Map.of());
    for (String step : steps) {
      s.step(step, step, "", Speeds.At.TURNING);
    }
    return s.done();
  }

  private final Route route =
      new Route(List.of(setup("a", "one", "two"), setup("b", "three", "four")), List.of());

  private static StepKey key(String path) {
    return new StepKey(path);
  }

  private static List<String> keys(Route r) {
    return r.steps().stream().map(s -> s.key().path()).toList();
  }

  @Test
  void a_step_moves_behind_another_into_that_ones_hold() {
    Route moved = route.with(List.of(new RouteEdit.MoveAfter(key("a/one"), key("b/three"))));
    assertThat(keys(moved)).containsExactly("a/two", "b/three", "a/one", "b/four");
    assertThat(moved.setups().get(1).steps()).hasSize(3);
  }

  @Test
  void a_step_moves_within_its_own_hold() {
    Route moved = route.with(List.of(new RouteEdit.MoveAfter(key("a/one"), key("a/two"))));
    assertThat(keys(moved)).containsExactly("a/two", "a/one", "b/three", "b/four");
  }

  @Test
  void a_step_is_left_out_and_taking_that_back_gives_the_equal_route() {
    assertThat(keys(route.with(List.of(new RouteEdit.Drop(key("b/three"))))))
        .containsExactly("a/one", "a/two", "b/four");
    assertThat(route.with(List.of())).isEqualTo(route);
  }

  @Test
  void edits_whose_steps_are_gone_are_kept_and_reported() {
    RouteEdit lost = new RouteEdit.Drop(key("c/five"));
    RouteEdit nowhere = new RouteEdit.MoveAfter(key("a/one"), key("c/five"));
    RouteEdit itself = new RouteEdit.MoveAfter(key("a/one"), key("a/one"));
    Route same = route.with(List.of(lost, nowhere, itself));
    assertThat(keys(same)).isEqualTo(keys(route));
    assertThat(same.ignored()).containsExactly(lost, nowhere, itself);
  }

  @Test
  void a_hold_whose_steps_are_done_is_gone() {
    Route rest = route.without(Set.of(key("a/one"), key("a/two"), key("b/three")));
    assertThat(rest.setups()).hasSize(1);
    assertThat(keys(rest)).containsExactly("b/four");
  }

  @Test
  void a_step_has_a_proper_name() {
    assertThatThrownBy(() -> key("Lid")).hasMessageContaining("one looks like lid/recess");
    assertThatThrownBy(() -> key("lid/<b>")).isInstanceOf(Refused.class);
    assertThat(key("top, tail up/bulk").toString()).isEqualTo("top, tail up/bulk");
  }
}
