package hazelkeep.giving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Sketch;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** From where to where a size may go: within it plans, just outside it stops. */
class LeewayTest {
  private static <D extends Design> boolean plans(Kind<D> kind, D design, DimKey key, double mm) {
    try {
      D then = kind.size(design, key, Optional.of(Size.mm(mm)));
      return Sketch.of(kind, then, Firmly.SHOP, Map.of()).findings().stream()
          .noneMatch(f -> f.grade() == Grade.STOP);
    } catch (BadDesign e) {
      return false;
    }
  }

  private static <D extends Design> void ends(Wishes.Wish<D> w, DimKey key) {
    Leeway way = Leeway.of(w.kind(), w.design(), Firmly.SHOP, key).orElseThrow();
    assertThat(plans(w.kind(), w.design(), key, way.least())).as("%s at %s", way, key).isTrue();
    assertThat(plans(w.kind(), w.design(), key, way.most())).as("%s at %s", way, key).isTrue();
    if (!way.free()) {
      assertThat(plans(w.kind(), w.design(), key, way.most() + 0.15)).as("%s", way).isFalse();
    }
    if (!way.open()) {
      assertThat(plans(w.kind(), w.design(), key, way.least() - 0.15)).as("%s", way).isFalse();
    }
  }

  @ParameterizedTest
  @CsvSource({
    "lidded-box, lid.roundover",
    "lidded-box, inside.diameter",
    "lidded-box, lid.depth",
    "lidded-box, outside.diameter",
    "canister, outside.height",
    "straight-well, bore.depth",
    "straight-well outside.height=90, outside.diameter",
    "dry-stem-vase, outside.foot",
    "needle-case, bore.depth",
    "mill, outside.waist",
    "goblet, stem.low",
    "goblet blank=220x80, outside.height",
    "lidded-jar, bore.depth",
    "hanging-house, lid.height",
    "ringed-handle, stem.length",
    "fitted-lid, hollow.depth",
  })
  void within_its_ends_it_plans_and_just_outside_it_stops(String wish, String key) {
    ends(Wishes.of(wish), new DimKey(key));
  }

  /** A well 90 high with a foot of 7 is bored no deeper than leaves half of the floor it wants. */
  @Test
  void the_longest_bore_is_what_the_height_leaves() {
    Wishes.Wish<?> w = Wishes.of("straight-well outside.height=90");
    deepest(w);
  }

  private static <D extends Design> void deepest(Wishes.Wish<D> w) {
    Leeway way =
        Leeway.of(w.kind(), w.design(), Firmly.SHOP, new DimKey("bore.depth")).orElseThrow();
    D then = w.kind().size(w.design(), new DimKey("bore.depth"), Optional.of(Size.mm(way.most())));
    var body = Sketch.of(w.kind(), then, Firmly.SHOP, Map.of()).aim().part("vessel").target();
    // Measured on the axis, from the foot as it is dished up to where the bore begins.
    double floor = 0;
    for (double z = body.minZ(); z < body.maxZ(); z += 0.01) {
      floor += body.inner(z) < 0.01 && body.outer(z) > 0 ? 0.01 : 0;
    }
    assertThat(floor).isBetween(0.0, 7.0);
    assertThat(way.most()).isLessThan(90);
    assertThat(way.most() + floor).isCloseTo(90, within(4.0));
  }

  @Test
  void what_stops_already_has_no_leeway() {
    Wishes.Wish<?> w = Wishes.of("goblet blank=90x60 outside.height=140");
    none(w);
  }

  private static <D extends Design> void none(Wishes.Wish<D> w) {
    assertThat(Leeway.of(w.kind(), w.design(), Firmly.SHOP, new DimKey("stem.low"))).isEmpty();
  }
}
