package hazelkeep.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.element.Spigot;
import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Stage;
import hazelkeep.setout.HandCut;
import hazelkeep.shop.Shop;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A step is told cut by cut: one sentence, one tool, one number, one look. */
class HandWordsTest {
  private static final Shop SHOP = Shop.starter();

  /** As many words as are read at a glance from the lathe. */
  private static final int WORDS = 17;

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind) {
    return Plan.of(kind, kind.fresh(), SHOP, List.of());
  }

  private static List<HandView> cuts(Plan<?> plan, Stage s, Unit unit) {
    Show show = new Show(unit);
    List<String> tools = plan.rehearsal().tools(s, SHOP);
    return HandView.of(plan, s, CutRows.of(plan, s, show), tools, show);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void every_cut_of_every_kind_is_one_sentence_one_tool_one_number_and_one_look(Kind<?> kind) {
    Plan<?> plan = plan(kind);
    Set<HandCut.Does> seen = EnumSet.noneOf(HandCut.Does.class);
    for (Stage s : plan.rehearsal().stages()) {
      for (Unit unit : Unit.values()) {
        for (HandView c : cuts(plan, s, unit)) {
          seen.add(c.of().does());
          assertThat(c.big() == null).as("%s", c).isNotEqualTo(c.meets().isEmpty());
          assertThat(c.look()).as("%s", c).isNotBlank();
          assertThat(c.says()).as("%s", c).doesNotContain("⌀", "{");
          boolean lines = c.of().does() == HandCut.Does.STRIKE;
          assertThat(lines ? 0 : c.says().split(" ").length).as("%s", c).isLessThan(WORDS);
          assertThat(c.with()).as("%s", c).matches(w -> hangs(w, s));
        }
      }
    }
    assertThat(seen).hasSizeGreaterThan(4);
  }

  /** What is named is a pencil, a saw, the step's own bit, or a tool that hangs on the wall. */
  private static boolean hangs(String with, Stage s) {
    return with.startsWith("pencil")
        || with.startsWith("fine saw")
        || with.startsWith("bit of")
            && with.contains("none on the wall")
            && s.step().bit().isEmpty()
        || s.step().bit().filter(b -> with.startsWith(b.name())).isPresent()
        || SHOP.tools().stream().anyMatch(t -> with.startsWith(t.name() + ","));
  }

  /** The numbers of the box of the handbook, told by hand from its section. */
  @Test
  void a_spigot_is_parted_in_at_its_shoulder_and_turned_along_to_one_setting() {
    Plan<LiddedBox> plan = Plan.of(LiddedBoxKind.BOX, LiddedBox.fresh(), SHOP, List.of());
    Stage jam =
        plan.rehearsal().stages().stream()
            .filter(s -> s.step().key().path().endsWith("/jam"))
            .findFirst()
            .orElseThrow();
    double mm = plan.aim().mm(Spigot.JAM);
    double length = plan.aim().mm(Spigot.LENGTH);
    List<HandView> cuts = cuts(plan, jam, Unit.MM);
    assertThat(cuts).hasSize(2);
    assertThat(cuts.get(0).says()).startsWith("Part in just beside the line");
    assertThat(cuts.get(1).says()).startsWith("Turn it parallel from the end to the line");
    assertThat(cuts).allMatch(c -> c.big().shows().equals(String.format("%.2f", mm)));
    assertThat(cuts.get(1).of().places()).anyMatch(p -> Math.abs(p.from() - length) < 0.06);
    assertThat(cuts.get(0).with()).contains("parting tool");
    assertThat(cuts.get(1).with()).contains("skew");
  }
}
