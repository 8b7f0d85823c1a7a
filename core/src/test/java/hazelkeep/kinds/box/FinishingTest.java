package hazelkeep.kinds.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.hold.Expand;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.Touch;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Compared;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.shop.KeptChuck;
import hazelkeep.shop.Shop;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every way to finish foot and top of a box, compared by the whole route played with it. */
class FinishingTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Shop.starter();

  private LiddedBox box(LiddedBox.School school) {
    LiddedBox box = kind.choose(LiddedBox.fresh(), "school", school.name());
    return Restated.with(box, "species", "American beech");
  }

  private Map<String, Compared> compared(LiddedBox box, Shop in, int end) {
    Plan<LiddedBox> plan = Plan.of(kind, box, in, List.of());
    return Compared.of(plan, kind.ends(box).get(end + 1)).stream()
        .collect(Collectors.toMap(c -> c.option().name(), Function.identity()));
  }

  private static List<String> codes(Compared c) {
    return c.findings().stream().map(Finding::code).toList();
  }

  @Test
  void the_foot_of_a_box_whose_lid_slips_over() {
    Map<String, Compared> ways = compared(box(LiddedBox.School.LID_OVER), shop, 0);
    assertThat(ways).hasSize(9);
    for (String possible : List.of("JAM_PLUG", "JAM_CUP", "AROUND", "RECESS", "PRESSED", "SAW")) {
      assertThat(ways.get(possible).possible()).as(possible).isTrue();
    }
    assertThat(codes(ways.get("ON_PARTNER"))).contains("tenon-gone");
    assertThat(codes(ways.get("MANDREL"))).containsExactly("hold-missing");
    Finding wall = ways.get("EXPAND").findings().get(0);
    assertThat(wall.code()).isEqualTo("expand-wall");
    assertThat(wall.verdict().found()).as("a spigot's wall").isBetween(4.0, 5.0);
    assertThat(ways.get("JAM_PLUG").chosen()).isTrue();
    assertThat(ways.get("JAM_PLUG").reach()).isEqualTo(1);
    assertThat(ways.get("SAW").reach()).as("a neck is left for the saw").isBetween(0.5, 0.95);
    assertThat(ways.get("PRESSED").reach()).isBetween(0.3, 0.95);
    assertThat(ways.get("JAM_PLUG").force()).isGreaterThan(Practice.USUAL.of(Line.HOLD_LIGHT_CUT));
  }

  @Test
  void the_top_of_either_school() {
    Map<String, Compared> over = compared(box(LiddedBox.School.LID_OVER), shop, 1);
    assertThat(over.get("ON_PARTNER").possible()).isTrue();
    assertThat(over.get("JAM_PLUG").possible()).isTrue();
    assertThat(codes(over.get("JAM_CUP"))).contains("hold-missing");
    Map<String, Compared> in = compared(box(LiddedBox.School.LID_IN), shop, 1);
    assertThat(in.get("JAM_CUP").possible()).as("the lid carries the spigot").isTrue();
    assertThat(codes(in.get("EXPAND"))).contains("expand-wall");
  }

  @ParameterizedTest
  @EnumSource(LiddedBox.School.class)
  void a_foot_with_a_recess_holds_the_body_from_then_on(LiddedBox.School school) {
    LiddedBox box = Restated.with(box(school), "footBy", Finishing.RECESS);
    Plan<LiddedBox> plan = Plan.of(kind, box, shop, List.of());
    assertThat(plan.stops()).isZero();
    assertThat(plan.aim().mm("stick.tenon-foot")).isZero();
    double recess = plan.aim().mm("foot.recess");
    assertThat(plan.aim().mm("outside.foot") - recess)
        .as("ten millimetres round its widest")
        .isGreaterThanOrEqualTo(2 * Practice.USUAL.of(Line.HOLD_EXPAND_WALL));
    assertThat(
            plan.route().setups().stream().filter(s -> s.hold().grip() instanceof Expand).count())
        .isPositive();
  }

  @Test
  void a_kept_chuck_is_used_when_it_can_be_trued_to_the_mouth() {
    LiddedBox box = box(LiddedBox.School.LID_OVER);
    double mouth = Plan.of(kind, box, shop, List.of()).aim().mm("inside.diameter");
    KeptChuck plug =
        new KeptChuck("pear plug", KeptChuck.Form.PLUG, mouth + 1, 12, mouth + 20, "Yellow-poplar");
    Shop with = Restated.with(shop, "chucks", List.of(plug));
    Compared mandrel = compared(box, with, 0).get("MANDREL");
    assertThat(mandrel.possible()).isTrue();
    assertThat(mandrel.jam().orElseThrow().hold().words()).startsWith("pear plug");
    Shop far = Restated.with(shop, "chucks", List.of(plug.turnedTo(mouth + 9)));
    assertThat(compared(box, far, 0).get("MANDREL").possible()).isFalse();
  }

  @Test
  void paper_makes_the_plug_smaller_and_the_press_the_same() {
    LiddedBox box = box(LiddedBox.School.LID_OVER);
    JamChuck bare = plug(compared(box, shop, 0));
    JamChuck papered = plug(compared(Restated.with(box, "paper", 2), shop, 0));
    double at = Touch.JAM_AT;
    assertThat(2 * (bare.chuck().outer(at) - papered.chuck().outer(at)))
        .as("two layers, both sides")
        .isCloseTo(4 * Practice.USUAL.of(Line.HOLD_PAPER), within(1e-3));
    assertThatThrownBy(() -> Restated.with(box, "paper", 7)).hasMessageContaining("0 to 6 layers");
  }

  private static JamChuck plug(Map<String, Compared> ways) {
    return ways.get("JAM_PLUG").jam().orElseThrow().chuck().orElseThrow();
  }

  @Test
  void wood_of_unknown_strength_is_said_not_guessed() {
    LiddedBox pear = Restated.with(box(LiddedBox.School.LID_OVER), "species", "Common pear");
    Compared jam = compared(pear, shop, 0).get("JAM_PLUG");
    assertThat(jam.missing())
        .extracting(hazelkeep.wood.Unknown::property)
        .containsExactly(hazelkeep.wood.WoodProperty.TENSION_ACROSS);
    assertThat(jam.possible()).isTrue();
  }

  @Test
  void ways_are_offered_possible_ones_first() {
    LiddedBox box = box(LiddedBox.School.LID_IN);
    Plan<LiddedBox> plan = Plan.of(kind, box, shop, List.of());
    for (End end : kind.ends(box)) {
      List<Boolean> possible = Compared.of(plan, end).stream().map(Compared::possible).toList();
      assertThat(possible).isSortedAccordingTo((a, b) -> Boolean.compare(b, a));
      assertThat(Compared.of(plan, end).stream().filter(Compared::chosen)).hasSize(1);
    }
  }

  @Test
  void a_screw_wants_waste_for_its_hole_and_jaws_a_round_blank() {
    LiddedBox box = box(LiddedBox.School.LID_OVER);
    Map<String, Compared> ways = compared(box, shop, -1);
    assertThat(ways.get("CENTRES").possible()).isTrue();
    assertThat(codes(ways.get("SCREW"))).as("25 mm of hole in 12 of waste").contains("dimple");
    assertThat(ways.get("JAWS").possible()).isTrue();
    LiddedBox waste =
        Restated.with(box.with("stick.waste-foot", 22), "startBy", hazelkeep.piece.Mounting.SCREW);
    Plan<LiddedBox> plan = Plan.of(kind, waste, shop, List.of());
    assertThat(plan.stops()).isZero();
    assertThat(plan.route().setups().get(0).hold().words())
        .isEqualTo("screw chuck in the body's end, live centre up");
  }

  @Test
  void a_recess_in_the_lids_top_is_refused() {
    assertThatThrownBy(() -> kind.choose(LiddedBox.fresh(), "topBy", "RECESS"))
        .hasMessageContaining("it is for a foot");
  }
}
