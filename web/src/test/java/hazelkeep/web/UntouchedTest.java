package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.piece.DesignForm;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.PieceStore;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is shown is rounded; what nobody touched stays as it is stored. */
class UntouchedTest {
  private final App app = App.shared();
  private final App.Visitor visitor = app.visitor();
  private final PieceStore pieces = app.bean(PieceStore.class);

  private static final LiddedBox.Content CONTENT =
      new LiddedBox.Content(
          Optional.of(Size.mm(32.3)), Optional.of(Size.mm(56.2)), Optional.empty());

  private long box() {
    LiddedBox box = LiddedBox.fresh().with(Optional.of(CONTENT), Optional.empty());
    return pieces.create("Untouched", LiddedBoxKind.BOX, box.with("inside.diameter", 36.44));
  }

  private LiddedBox stored(long id) {
    return (LiddedBox) pieces.get(id).design();
  }

  @Test
  void a_change_of_wood_in_inches_leaves_every_other_size() {
    long id = box();
    visitor.get("/pieces/" + id);
    visitor.post("/unit", "to", "INCH", "back", "/pieces/" + id);
    List<String> fields = new ArrayList<>(List.of("version", "1"));
    DesignForm.of(stored(id), Unit.INCH)
        .typed()
        .forEach((k, v) -> fields.addAll(List.of(k, k.equals("species") ? "Black walnut" : v)));
    assertThat(visitor.post("/pieces/" + id + "/wish", fields.toArray(String[]::new)).statusCode())
        .isEqualTo(200);
    assertThat(stored(id).species()).isEqualTo("Black walnut");
    assertThat(stored(id).content()).contains(CONTENT);
    assertThat(stored(id).sizes().get(new DimKey("inside.diameter")).mm()).isEqualTo(36.44);
  }

  @Test
  void a_size_entered_as_it_is_shown_is_no_wish_and_no_change() {
    long id = box();
    visitor.get("/pieces/" + id);
    hazelkeep.piece.Plan<?> plan = app.bean(Planner.class).plan(pieces.get(id));
    Show show = new Show(Unit.MM);
    plan.aim()
        .dims()
        .forEach(
            (key, d) -> {
              String answer =
                  visitor
                      .post(
                          "/pieces/" + id + "/size",
                          "key",
                          key.path(),
                          "value",
                          show.value(d),
                          "version",
                          "1")
                      .body();
              assertThat(answer).as("%s is taken", key).doesNotContain("role=\"alert\"");
            });
    assertThat(pieces.get(id).version()).isEqualTo(1);
    assertThat(stored(id).sizes()).containsOnlyKeys(new DimKey("inside.diameter"));
  }
}
