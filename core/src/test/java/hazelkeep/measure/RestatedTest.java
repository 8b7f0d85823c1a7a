package hazelkeep.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hazelkeep.fit.FitClass;
import hazelkeep.kinds.box.LiddedBox;
import org.junit.jupiter.api.Test;

class RestatedTest {
  private final LiddedBox fresh = LiddedBox.fresh();

  @Test
  void one_component_is_replaced_and_all_others_stay() {
    LiddedBox box = Restated.with(fresh, "species", "Black cherry");
    assertThat(box.species()).isEqualTo("Black cherry");
    assertThat(Restated.with(box, "species", fresh.species())).isEqualTo(fresh);
  }

  @Test
  void the_records_own_checks_run_on_the_copy() {
    assertThatThrownBy(() -> Restated.with(fresh, "grit", 20))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("80 to 2000");
    assertThatThrownBy(() -> Restated.with(fresh, "fit", FitClass.JAM))
        .hasMessageContaining("for turning only");
  }

  @Test
  void an_option_is_taken_in_either_spelling() {
    assertThat(Restated.chosen(fresh, "school", "lid-in").school())
        .isEqualTo(LiddedBox.School.LID_IN);
    assertThat(Restated.chosen(fresh, "fit", "DROP_ON").fit()).isEqualTo(FitClass.DROP_ON);
  }

  @Test
  void what_is_no_choice_or_option_is_refused_with_what_there_is() {
    assertThatThrownBy(() -> Restated.chosen(fresh, "species", "oak"))
        .hasMessageContaining("no choice called “species”");
    assertThatThrownBy(() -> Restated.chosen(fresh, "school", "beside"))
        .hasMessageContaining("LID_OVER, LID_IN");
    assertThatThrownBy(() -> Restated.with(fresh, "handle", 1))
        .hasMessageContaining("nothing called “handle”");
  }
}
