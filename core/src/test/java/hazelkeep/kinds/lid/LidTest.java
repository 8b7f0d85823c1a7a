package hazelkeep.kinds.lid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.closing.Closing;
import hazelkeep.element.Elements;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Posed;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.solid.FirstContact;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A lid for a vessel that was there before. */
class LidTest {
  private static final LidKind KIND = LidKind.LID;

  private static FittedLid with(Object... sizes) {
    FittedLid d = FittedLid.fresh();
    for (int i = 0; i < sizes.length; i += 2) {
      d = KIND.size(d, new DimKey((String) sizes[i]), Optional.of(Size.mm((Double) sizes[i + 1])));
    }
    return d;
  }

  private static Plan<FittedLid> plan(FittedLid d) {
    return Plan.of(KIND, d, Firmly.SHOP, List.of());
  }

  private static Plan<FittedLid> plan(Object... sizes) {
    return plan(with(sizes));
  }

  private static Finding one(Plan<?> plan, String code) {
    return plan.findings().stream().filter(f -> f.code().equals(code)).findFirst().orElseThrow();
  }

  /** Mouth 84, easy fit of 0.25 to 0.5 below 70 mm, which grows by 84 / 70: 0.3 to 0.6. */
  @Test
  void its_lip_follows_the_mouth_and_its_edge_the_rim() {
    Plan<?> p = plan("vessel.mouth", 84.0, "vessel.rim", 96.0);
    Shop shop = Firmly.SHOP;
    double clearance = FitClass.EASY.centre(84, shop.practice());
    assertThat(p.aim().mm("spigot.diameter")).isCloseTo(84 - clearance, within(1e-9));
    assertThat(p.aim().mm("outside.diameter")).isCloseTo(96 + 2 * 1, within(1e-9));
    assertThat(p.aim().mm("lid.height")).isCloseTo(0.24 * 98, within(1e-9));
    assertThat(p.aim().mm("hollow.diameter")).isCloseTo(84 - clearance - 2 * 4, within(1e-9));
    assertThat(p.findings()).noneMatch(f -> f.grade() == Grade.STOP);
  }

  /**
   * From 100 at 20 below to 90 at the rim it draws in by 1 in 4 on the radius: so does the edge.
   */
  @Test
  void it_carries_the_vessel_s_side_on() {
    Plan<?> p =
        plan(
            "vessel.mouth", 78.0,
            "vessel.rim", 90.0,
            "vessel.below", 100.0,
            "vessel.below-at", 20.0,
            "lid.dome", 15.0);
    double high = p.aim().mm("lid.height") - 15;
    assertThat(p.aim().mm("outside.top")).isCloseTo(92 - 2 * high / 4, within(1e-9));
    Part lid = p.aim().part("lid");
    double seat = lid.surface("side").line().first().z();
    assertThat(2 * lid.target().outer(seat + high))
        .as("as drawn")
        .isCloseTo(92 - 2 * high / 4, within(0.05));
  }

  /** Let down on the vessel, what touches first is the outer edge of its rim. */
  @Test
  void only_the_outer_rim_touches() {
    Plan<?> p = plan();
    HalfSection vessel = p.aim().part("vessel").target().in(p.aim().part("vessel").closed());
    HalfSection lid = p.aim().part("lid").target().in(p.aim().part("lid").closed());
    FirstContact c = FirstContact.of(vessel, lid, 0);
    double rim = p.aim().mm("vessel.rim") / 2;
    assertThat(c.rTo()).isCloseTo(rim, within(0.2));
    assertThat(c.rFrom()).as("its inner corner is clear").isGreaterThan(rim - 1);
    assertThat(c.stop()).as("where it was drawn, less the hollow").isCloseTo(0, within(0.31));
  }

  @ParameterizedTest
  @EnumSource(
      value = Finishing.class,
      names = {"JAM_CUP", "JAM_PLUG"})
  void it_is_turned_without_a_stop_and_is_what_was_drawn(Finishing by) {
    Plan<?> p = plan(Restated.with(with("vessel.mouth", 60.0, "vessel.rim", 70.0), "topBy", by));
    assertThat(p.findings()).noneMatch(f -> f.grade() == Grade.STOP);
    Part lid = p.aim().part("lid");
    HalfSection wood = p.rehearsal().end().stock(lid).orElseThrow().sound();
    assertThat(wood.minus(lid.target()).area() + lid.target().minus(wood).area())
        .isLessThan(2 * HalfSection.DUST_AREA);
    assertThat(p.rehearsal().end().stock(p.aim().part("vessel")).orElseThrow().sound())
        .as("nobody cuts the vessel")
        .isEqualTo(p.aim().part("vessel").target());
  }

  /** The vessel is none of the piece's wood. */
  @Test
  void it_weighs_what_it_is_itself_and_stands_on_its_vessel() {
    Plan<?> p = plan();
    double ml = p.aim().part("lid").target().volume() / 1000;
    assertThat(p.sketch().properties().woodMl()).isCloseTo(ml, within(1e-6));
    assertThat(Closing.of(p.aim(), p.aim().closing().orElseThrow()).lidGrams().orElseThrow())
        .isCloseTo(ml * p.aim().blank().density() / 1000, within(1e-3));
    assertThat(Posed.finished(p.sketch()))
        .anyMatch(x -> x.name().equals("vessel") && x.is() == Posed.Is.STANDS)
        .anyMatch(x -> x.name().equals("lid") && x.is() == Posed.Is.LIFTS);
  }

  @Test
  void a_finial_is_let_into_it() {
    FittedLid d = Elements.with(FittedLid.fresh(), "own-finial", "lid", Optional.empty());
    Plan<FittedLid> p = Plan.of(new hazelkeep.element.Adorned<>(KIND), d, Firmly.SHOP, List.of());
    assertThat(p.findings()).noneMatch(f -> f.grade() == Grade.STOP);
    double lid = p.aim().part("lid").target().volume();
    double finial = p.aim().part("finial").target().volume();
    assertThat(Closing.of(p.aim(), p.aim().closing().orElseThrow()).lidGrams().orElseThrow())
        .as("the lid is lifted with its finial")
        .isCloseTo((lid + finial) * p.aim().blank().density() * 1e-6, within(1e-3));
  }

  @Test
  void what_cant_be_is_told() {
    assertThatThrownBy(() -> plan("vessel.mouth", 90.0, "vessel.rim", 88.0))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("88");
    Plan<?> bottoms = plan("vessel.depth", 5.0).withRemedies();
    assertThat(one(bottoms, "spigot-bottoms").verdict().found()).isCloseTo(5 - 8, within(1e-9));
    Plan<?> flat = plan("seat.hollow", 0.0).withRemedies();
    assertThat(one(flat, "seat-flat").remedies()).isNotEmpty();
    Plan<?> falls = plan("outside.diameter", 81.0).withRemedies();
    assertThat(one(falls, "lid-falls-in").verdict().found()).isCloseTo(0.5, within(1e-9));
    assertThat(one(falls, "lid-falls-in").remedies()).isNotEmpty();
    // 60 to 90 within 10: atan(15 / 10) is 56.3 degrees.
    Plan<?> leans =
        plan(
            "vessel.mouth",
            50.0,
            "vessel.below",
            60.0,
            "vessel.below-at",
            10.0,
            "vessel.rim",
            90.0);
    assertThat(one(leans, "vessel-leans").verdict().found()).isCloseTo(56.31, within(0.01));
  }
}
