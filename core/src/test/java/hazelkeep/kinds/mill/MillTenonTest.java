package hazelkeep.kinds.mill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Dims;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A tenon on the body: bored on through it, the head recessed to it. */
class MillTenonTest {
  private final Shop shop = Firmly.SHOP;

  private static Mill mill() {
    return Restated.with(MillKind.MILL.fresh(), "tenon", Mill.Tenon.BODY);
  }

  private static Mill shaker() {
    return Restated.with(MillKind.SHAKER.fresh(), "tenon", Mill.Tenon.BODY);
  }

  static Stream<Mill> both() {
    return Stream.of(mill(), shaker());
  }

  private Plan<Mill> plan(Mill m) {
    return Plan.of(MillKind.MILL, m, shop, List.of());
  }

  /** The body a cylinder with its tenon, less seats and a bore that runs through both. */
  @Test
  void body_head_and_room_by_closed_forms() {
    Plan<Mill> plan =
        plan(
            Restated.with(mill(), "form", Mill.Form.STRAIGHT)
                .with("outside.diameter", 60)
                .with("outside.height", 170)
                .with("head.height", 50)
                .with("recess.diameter", 40)
                .with("joint.clearance", 0.4)
                .with("joint.length", 12));
    double tenon = Math.PI * 19.8 * 19.8;
    double bore = Math.PI * 12.5 * 12.5;
    double seats = Math.PI * 22 * 22 * 2 + Math.PI * 19 * 19 * 12;
    double want = Math.PI * 900 * 120 + tenon * 12 - seats - bore * (132 - 14);
    assertThat(plan.aim().part("body").target().volume()).isCloseTo(want, within(want * 1e-5));
    HalfSection head = plan.aim().part("head").target();
    HalfSection solid = plan(mill().with("recess.diameter", 40)).aim().part("head").target();
    assertThat(solid.inner(solid.minZ() + 1)).isCloseTo(20, within(1e-3));
    assertThat(head.inner(head.minZ() + 12.4)).isCloseTo(20, within(1e-3));
    assertThat(head.inner(head.minZ() + 12.6))
        .as("the drive plate's seat")
        .isCloseTo(9, within(1e-3));
    // All of the bore over the ring is room: the tenon takes nothing of it.
    double room = (bore - Math.PI * 9) * (120 - 14 + 12) / 1000;
    assertThat(plan.sketch().properties().brimMl()).isCloseTo(room, within(0.01));
  }

  @ParameterizedTest
  @MethodSource("both")
  void it_can_be_turned_and_is_as_drawn(Mill m) {
    Plan<Mill> plan = plan(m);
    assertThat(plan.stops()).isZero();
    assertThat(plan.findings().stream().map(Finding::code)).doesNotContain("sizes-contradict");
    for (Part p : plan.aim().parts()) {
      HalfSection end = plan.rehearsal().end().stock(p).orElseThrow().sound();
      assertThat(end.minus(p.target()).area() + p.target().minus(end).area()).isLessThan(0.05);
    }
  }

  /** The recess is there and measured before the tenon is turned to it and tried. */
  @ParameterizedTest
  @MethodSource("both")
  void the_head_is_bored_before_the_tenon_is_turned(Mill m) {
    List<String> order =
        plan(m).rehearsal().stages().stream().map(s -> s.step().key().path()).toList();
    assertThat(order)
        .containsSubsequence(
            "head/face", "head/bit 1", "head/measure", "mouth/tenon", "top, tail up/bulk");
    assertThat(order.indexOf("from the foot/face")).isLessThan(order.indexOf("mouth/tenon"));
    List<Act> tried = new ArrayList<>();
    plan(m).rehearsal().stages().stream()
        .map(Stage::step)
        .filter(s -> s.key().path().equals("mouth/tenon"))
        .forEach(s -> tried.addAll(s.acts()));
    assertThat(tried).anyMatch(a -> a instanceof Act.Try);
  }

  /** A recess bored a little wide moves the tenon alone. */
  @Test
  void the_tenon_follows_the_recess_as_it_was_bored() {
    Plan<Mill> plan = plan(mill());
    double wide = plan.aim().mm("recess.diameter") + 0.2;
    var dims =
        Dims.resolve(
            mill(), MillKind.MILL.rules(mill()), shop, Map.of(new DimKey("recess.diameter"), wide));
    assertThat(
            dims.values().stream()
                .filter(d -> Math.abs(d.mm() - plan.aim().mm(d.key().path())) > 1e-9)
                .map(d -> d.key().path()))
        .containsExactlyInAnyOrder("recess.diameter", "spigot.diameter");
  }

  @ParameterizedTest
  @MethodSource("both")
  void each_may_be_stated_and_the_other_follows(Mill m) {
    Plan<Mill> tenon = plan(m.with("spigot.diameter", 36));
    double clearance = tenon.aim().mm("joint.clearance");
    assertThat(tenon.aim().mm("recess.diameter")).isCloseTo(36 + clearance, within(1e-9));
    Plan<Mill> recess = plan(m.with("recess.diameter", 37));
    assertThat(recess.aim().mm("spigot.diameter"))
        .isCloseTo(37 - recess.aim().mm("joint.clearance"), within(1e-9));
    assertThat(plan(m).aim().mm("outside.height"))
        .isEqualTo(plan(Restated.with(m, "tenon", Mill.Tenon.HEAD)).aim().mm("outside.height"));
  }

  @Test
  void a_tenon_that_would_bottom_or_is_thin_is_told() {
    Finding bottoms =
        plan(mill().with("recess.depth", 10)).findings().stream()
            .filter(f -> f.code().equals("spigot-bottoms"))
            .findFirst()
            .orElseThrow();
    assertThat(bottoms.verdict().found()).isCloseTo(0, within(1e-9));
    assertThat(plan(mill().with("spigot.diameter", 27)).findings().stream().map(Finding::code))
        .contains("spigot-wall");
    assertThatThrownBy(() -> plan(mill().with("spigot.diameter", 24)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("Main bore is 25.0 mm");
    assertThat(plan(mill().with("recess.diameter", 55)).aim().mm("outside.join"))
        .as("the outside makes room for it")
        .isEqualTo(65);
    assertThatThrownBy(() -> plan(mill().with("recess.diameter", 55).with("outside.join", 52)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below across, where the head sits");
    assertThatThrownBy(() -> plan(mill().with("drive.depth", 8)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("Recess of the head, deep is 10.5 mm");
  }

  @ParameterizedTest
  @MethodSource("both")
  void what_was_bought_lies_in_the_wood_it_needs(Mill m) {
    Plan<Mill> plan = plan(m);
    HalfSection wood =
        plan.aim().parts().stream()
            .map(p -> p.target().in(p.closed()))
            .reduce(HalfSection.EMPTY, HalfSection::plus);
    for (Fitting f : plan.sketch().fittings()) {
      assertThat(f.outline().and(wood).area()).as(f.name()).isLessThan(0.01);
    }
    assertThat(plan.sketch().assembly()).anyMatch(s -> s.startsWith("Head on the body"));
  }

  /** What was held over the tenon is held in the recess, and comes back with the tenon. */
  @Test
  void every_way_to_hold_the_head_plays() {
    for (End e : MillKind.MILL.ends(mill())) {
      for (var o : e.choice().options()) {
        Mill m = MillKind.MILL.choose(mill(), e.choice().name(), o.name());
        assertThat(plan(m).findings().stream().map(Finding::code))
            .as(o.name())
            .doesNotContain("wood-left");
      }
    }
    Mill cup = Restated.with(MillKind.MILL.fresh(), "topBy", Finishing.AROUND);
    Mill body = MillKind.MILL.choose(cup, "tenon", "BODY");
    assertThat(body.topBy()).isEqualTo(Finishing.EXPAND);
    assertThat(MillKind.MILL.choose(body, "tenon", "HEAD").topBy()).isEqualTo(Finishing.AROUND);
  }

  @Test
  void its_twin_has_the_same_outside() {
    Plan<Mill> one = plan(mill());
    var twin = one.sketch().twin().orElseThrow();
    assertThat(twin.design().onBody()).isTrue();
    Plan<Mill> other = Plan.of(twin.kind(), twin.design(), shop, List.of());
    assertThat(other.stops()).isZero();
    assertThat(other.aim().mm("outside.join")).isEqualTo(one.aim().mm("outside.join"));
  }
}
