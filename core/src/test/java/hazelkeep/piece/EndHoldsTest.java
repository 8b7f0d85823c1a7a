package hazelkeep.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.hold.Around;
import hazelkeep.hold.Expand;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.PressFit;
import hazelkeep.hold.Pressed;
import hazelkeep.hold.Touch;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.KeptChuck;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Species;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A half 60 across with a mouth of some diameter at z = 100, its foot at 0. */
class EndHoldsTest {
  private static final Species BEECH = Species.named("American beech").orElseThrow();
  private final Shop shop = Shop.starter();

  private static EndHolds.Half half(double mouth, double outer) {
    return new EndHolds.Half("body", "inside", mouth, 60, 70, outer, 100, true);
  }

  private EndHolds holds(Species wood, int paper) {
    return new EndHolds(wood, "Yellow-poplar", paper, shop);
  }

  private static JamChuck jam(EndHolds.Mount m) {
    return (JamChuck) m.grip();
  }

  private static double plug(JamChuck j) {
    return 2 * j.chuck().outer(Touch.JAM_AT);
  }

  /** A stout wall: the usual press of 0.0018 of the diameter. */
  @ParameterizedTest
  @CsvSource({"30", "40", "44"})
  void a_plug_presses_as_usual_where_the_wall_is_stout(double mouth) {
    JamChuck j = jam(holds(BEECH, 0).mount(Finishing.JAM_PLUG, half(mouth, 90), Double.NaN));
    assertThat(plug(j) - mouth).isCloseTo(0.0018 * mouth, within(1e-3));
    assertThat(j.chuck().maxZ()).as("ten millimetres into the mouth").isEqualTo(10);
    assertThat(2 * j.chuck().outer(9.9))
        .as("a shallow taper: narrower at its end")
        .isLessThan(2 * j.chuck().outer(0.1));
    assertThat(j.chuck().outer(-1)).as("a face that the rim sits on").isGreaterThan(mouth / 2 + 5);
  }

  /** A thin wall of a wood that splits easily: no more than a third of its strength. */
  @Test
  void a_plug_never_presses_past_what_the_wall_bears() {
    Species weak =
        BEECH.with(hazelkeep.wood.WoodProperty.TENSION_ACROSS, java.util.Optional.of(1.0));
    double mouth = 44;
    double outer = 48;
    JamChuck j = jam(holds(weak, 0).mount(Finishing.JAM_PLUG, half(mouth, outer), Double.NaN));
    double press = plug(j) - mouth;
    assertThat(press).isLessThan(0.0018 * mouth - 1e-3);
    Species poplar = Species.named("Yellow-poplar").orElseThrow();
    PressFit fit =
        PressFit.of(
            mouth / 2,
            new PressFit.Half(
                outer / 2, weak.across().orElseThrow().value(), weak.poisson().value()),
            new PressFit.Half(0, poplar.across().orElseThrow().value(), poplar.poisson().value()),
            press,
            10);
    assertThat(fit.hoop()).isCloseTo(1.0 / 3, within(0.03));
  }

  @Test
  void paper_comes_off_the_plug_on_both_sides() {
    double none = plug(jam(holds(BEECH, 0).mount(Finishing.JAM_PLUG, half(40, 90), Double.NaN)));
    double three = plug(jam(holds(BEECH, 3).mount(Finishing.JAM_PLUG, half(40, 90), Double.NaN)));
    assertThat(none - three).isCloseTo(2 * 3 * Practice.USUAL.of(Line.HOLD_PAPER), within(1e-3));
  }

  @Test
  void jaws_open_in_what_lies_in_their_range() {
    EndHolds.Mount in = holds(BEECH, 0).mount(Finishing.EXPAND, half(58, 90), Double.NaN);
    assertThat(((Expand) in.grip()).jaws().name()).isEqualTo("50 mm jaws");
    assertThat(in.frame().x(100)).as("the mouth on the jaws' step").isZero();
    EndHolds.Mount out = holds(BEECH, 0).mount(Finishing.EXPAND, half(52, 90), Double.NaN);
    assertThat(out.missing().orElseThrow().limit()).as("the nearest end of a range").isEqualTo(54);
    assertThat(out.missing().get().grade()).isEqualTo(Grade.STOP);
    assertThat(out.grip()).as("shown with a plug all the same").isInstanceOf(JamChuck.class);
    Shop squeezing =
        shop.withJaws(
            shop.jaws().stream()
                .map(j -> Restated.with(j, "expand", java.util.Optional.empty()))
                .toList());
    assertThat(
            new EndHolds(BEECH, "Yellow-poplar", 0, squeezing)
                .mount(Finishing.EXPAND, half(58, 90), Double.NaN)
                .missing()
                .orElseThrow()
                .title())
        .contains("open");
  }

  @Test
  void jaws_close_on_a_spigot_by_its_shoulder_and_on_a_rim_by_its_edge() {
    EndHolds.Mount spigot = holds(BEECH, 0).mount(Finishing.AROUND, half(40, 50), 92);
    assertThat(((Around) spigot.grip()).on()).isEqualTo("spigot");
    assertThat(spigot.frame().x(100)).as("eight of spigot in the jaws").isEqualTo(-8);
    EndHolds.Mount rim = holds(BEECH, 0).mount(Finishing.AROUND, half(40, 60), Double.NaN);
    assertThat(((Around) rim.grip()).on()).isEqualTo("rim");
    assertThat(rim.frame().x(100)).isEqualTo(-Practice.USUAL.of(Line.HOLD_ROUND_DEPTH));
    assertThat(((Around) rim.grip()).taped()).isTrue();
    assertThat(holds(BEECH, 0).mount(Finishing.AROUND, half(40, 140), Double.NaN).missing())
        .isPresent();
  }

  @Test
  void a_cup_takes_a_spigot_and_clears_its_end() {
    EndHolds.Mount m = holds(BEECH, 0).mount(Finishing.JAM_CUP, half(40, 50), 92);
    HalfSection cup = jam(m).chuck();
    assertThat(2 * cup.inner(-Touch.JAM_AT)).isCloseTo(50 * (1 - 0.0018), within(1e-3));
    assertThat(cup.inner(-8.2)).as("deeper than the spigot is long").isGreaterThan(0);
    assertThat(cup.inner(-9)).as("but not through").isZero();
    assertThat(holds(BEECH, 0).mount(Finishing.JAM_CUP, half(40, 50), Double.NaN).missing())
        .isPresent();
  }

  @ParameterizedTest
  @CsvSource({"40.2, true", "43.5, true", "45, false", "39, false"})
  void a_kept_plug_serves_when_it_can_be_turned_down(double kept, boolean serves) {
    Shop with =
        Restated.with(
            shop,
            "chucks",
            List.of(new KeptChuck("old plug", KeptChuck.Form.PLUG, kept, 12, 70, "Plum")));
    EndHolds.Mount m =
        new EndHolds(BEECH, "Yellow-poplar", 0, with)
            .mount(Finishing.MANDREL, half(40, 90), Double.NaN);
    assertThat(m.missing().isEmpty()).isEqualTo(serves);
    if (serves) {
      assertThat(jam(m).kept()).contains("old plug");
      assertThat(plug(jam(m))).as("trued to the mouth").isCloseTo(40.072, within(1e-3));
    }
  }

  @Test
  void a_pad_is_wider_than_what_stands_on_it() {
    EndHolds.Mount m = holds(BEECH, 0).mount(Finishing.PRESSED, half(40, 60), Double.NaN);
    assertThat(((Pressed) m.grip()).pad()).isGreaterThan(30);
    assertThat(m.missing()).isEmpty();
  }

  @Test
  void wood_of_unknown_strength_is_pressed_as_usual() {
    Species unknown = new Species("driftwood", "", Map.of());
    JamChuck j = jam(holds(unknown, 0).mount(Finishing.JAM_PLUG, half(40, 44), Double.NaN));
    assertThat(plug(j) - 40).isCloseTo(0.072, within(1e-3));
  }
}
