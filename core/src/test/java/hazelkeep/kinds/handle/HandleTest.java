package hazelkeep.kinds.handle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.element.RingZone;
import hazelkeep.element.StemLine;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Approach;
import hazelkeep.route.Finding;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Lie;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A handle with captive rings, all out of one blank. */
class HandleTest {
  private final Shop shop = Shop.starter();

  private Plan<?> plan(Handled d) {
    return of(Kinds.named("ringed-handle").orElseThrow(), d);
  }

  private <D extends Design> Plan<D> of(Kind<D> kind, Handled d) {
    return Plan.of(kind, kind.type().cast(d), shop, List.of());
  }

  private static Handled with(int rings, String key, double mm) {
    return HandleKind.HANDLE.size(
        Restated.with(Handled.fresh(), "rings", rings),
        new hazelkeep.measure.DimKey(key),
        java.util.Optional.of(hazelkeep.measure.Size.mm(mm)));
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 3})
  void it_is_turned_without_a_stop_and_is_what_was_drawn(int rings) {
    Plan<?> p = plan(Restated.with(Handled.fresh(), "rings", rings));
    assertThat(p.findings()).noneMatch(f -> f.grade() == Grade.STOP);
    assertThat(p.aim().parts()).hasSize(1 + rings);
    for (Part part : p.aim().parts()) {
      HalfSection wood = p.rehearsal().end().stock(part).orElseThrow().sound();
      assertThat(wood.minus(part.target()).area() + part.target().minus(wood).area())
          .as(part.name())
          .isLessThan(2 * HalfSection.DUST_AREA);
    }
  }

  /** Stretch by stretch from the foot: 2 faced, a tenon, waste, 33 + 87 + 30, 5 faced. */
  @Test
  void butt_stem_and_knob_share_its_length() {
    Plan<?> p = plan(Handled.fresh());
    assertThat(p.aim().mm("butt.height")).isCloseTo(0.22 * 150, within(1e-9));
    assertThat(p.aim().mm("knob.height")).isCloseTo(0.2 * 150, within(1e-9));
    assertThat(p.aim().mm(StemLine.LONG.path())).isCloseTo(150 - 33 - 30, within(1e-9));
    assertThat(p.aim().mm("stick.need"))
        .isCloseTo(
            150
                + p.aim().mm("stick.face-foot")
                + p.aim().mm("stick.tenon-foot")
                + p.aim().mm("stick.waste-foot")
                + 5,
            within(1e-9));
  }

  /** The middles of rings lie a width and a slot apart, about the middle of all of them. */
  @Test
  void rings_lie_between_the_two_ends_which_keep_them() {
    Plan<?> p = plan(Handled.fresh());
    double pitch = p.aim().mm(RingZone.WIDE.path()) + p.aim().mm(RingZone.SLOT.path());
    for (int i = 1; i < 3; i++) {
      double low = p.aim().part("ring " + i).target().minZ();
      double high = p.aim().part("ring " + (i + 1)).target().minZ();
      assertThat(high - low).isCloseTo(pitch, within(1e-3));
    }
    double inside = p.aim().mm(RingZone.IN.path());
    assertThat(inside).isLessThan(p.aim().mm("butt.diameter"));
    assertThat(inside).isLessThan(p.aim().mm("outside.diameter"));
  }

  private List<String> codes(Handled d) {
    return plan(d).findings().stream().map(Finding::code).collect(Collectors.toList());
  }

  @Test
  void rings_that_fall_off_have_no_room_or_touch_the_stem_are_told() {
    assertThat(codes(with(3, "butt.diameter", 24))).contains("ring-falls");
    assertThat(codes(with(9, "outside.height", 110))).contains("rings-fit");
    assertThat(codes(with(3, "stem.diameter", 20))).contains("ring-stem");
  }

  /** The film of a ring that is freed: the parting tool leans in, from both sides. */
  @Test
  void the_tool_leans_in_under_a_ring_from_both_sides() {
    Plan<?> p = plan(Handled.fresh());
    Stage free =
        p.rehearsal().stages().stream()
            .filter(s -> s.step().key().path().endsWith("free ring 2"))
            .findFirst()
            .orElseThrow();
    List<Approach> ways = p.rehearsal().approaches(free, shop);
    assertThat(ways).extracting(Approach::tool).containsOnly("thin parting tool");
    List<Double> leans =
        ways.stream().flatMap(a -> a.lies().stream()).map(Lie::lean).map(Math::toDegrees).toList();
    assertThat(leans).anyMatch(a -> a < 80).anyMatch(a -> a > 100);
  }
}
