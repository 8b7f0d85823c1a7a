package hazelkeep.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Hedge;
import hazelkeep.measure.Length;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Size;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class DimsTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Shop.starter();

  private List<Feature> features(LiddedBox box) {
    return kind.dimensions(box, kind.aim(box, resolve(box, Map.of()), shop), shop).features();
  }

  private Map<DimKey, Dim> resolve(LiddedBox box, Map<DimKey, Double> readings) {
    return Dims.resolve(box, kind.rules(box), shop, readings);
  }

  private static DimKey key(String path) {
    return new DimKey(path);
  }

  @Test
  void a_reading_goes_before_a_wish_and_a_wish_before_a_rule() {
    LiddedBox box = LiddedBox.fresh();
    Dim byRule = resolve(box, Map.of()).get(key("inside.depth"));
    assertThat(byRule.origin()).isEqualTo(Origin.DERIVED);
    Dim wished = resolve(box.with("inside.depth", 50), Map.of()).get(key("inside.depth"));
    assertThat(wished.origin()).isEqualTo(Origin.WISHED);
    assertThat(wished.mm()).isEqualTo(50);
    Dim read =
        resolve(box.with("inside.depth", 50), Map.of(key("inside.depth"), 49.4))
            .get(key("inside.depth"));
    assertThat(read.origin()).isEqualTo(Origin.MEASURED);
    assertThat(read.mm()).isEqualTo(49.4);
    assertThat(read.planned().mm()).as("what was wished is kept beside").isEqualTo(50);
  }

  @Test
  void what_was_due_follows_other_readings_and_what_was_planned_does_not() {
    Map<DimKey, Double> readings =
        Map.of(key("recess.diameter"), 49.6, key("spigot.diameter"), 49.0);
    Dim spigot = resolve(LiddedBox.fresh(), readings).get(key("spigot.diameter"));
    assertThat(spigot.mm()).isEqualTo(49);
    assertThat(spigot.due().mm()).as("49.6 less 0.075").isCloseTo(49.525, within(1e-9));
    assertThat(spigot.planned().mm()).isCloseTo(53.0, within(1e-9));
  }

  @Test
  void a_hedge_is_kept_with_its_size() {
    Map<DimKey, Size> sizes = new TreeMap<>();
    sizes.put(key("outside.height"), new Size(Length.mm(90), Hedge.ABOUT));
    Dim height = resolve(LiddedBox.fresh().with(sizes), Map.of()).get(key("outside.height"));
    assertThat(height.hedge()).isEqualTo(Hedge.ABOUT);
    assertThat(height.mm()).isEqualTo(90);
  }

  @Test
  void every_number_knows_what_it_was_worked_out_from() {
    Map<DimKey, Dim> dims = resolve(LiddedBox.fresh(), Map.of());
    assertThat(dims.get(key("recess.diameter")).from())
        .containsExactlyInAnyOrder(key("joint.diameter"), key("joint.clearance"));
    assertThat(dims.values()).allMatch(d -> !d.reason().isBlank() && !d.label().isBlank());
  }

  /** Whatever follows from whatever: a change moves only what says that it depends on it. */
  @Test
  void a_reading_changes_what_depends_on_it_and_nothing_else() {
    Random r = new Random(3);
    List<DimKey> readable = features(LiddedBox.fresh()).stream().map(Feature::key).toList();
    for (LiddedBox.School school : LiddedBox.School.values()) {
      LiddedBox box = kind.choose(LiddedBox.fresh(), "school", school.name());
      Map<DimKey, Dim> before = resolve(box, Map.of());
      for (DimKey measured : readable) {
        double value = before.get(measured).mm() + 0.2 + r.nextDouble();
        Map<DimKey, Dim> after = resolve(box, Map.of(measured, value));
        Set<DimKey> dependents = dependents(measured, after);
        for (DimKey k : before.keySet()) {
          boolean moved = Math.abs(before.get(k).mm() - after.get(k).mm()) > 1e-9;
          assertThat(!moved || dependents.contains(k))
              .as("%s moved by a reading of %s", k, measured)
              .isTrue();
        }
      }
    }
  }

  private static Set<DimKey> dependents(DimKey of, Map<DimKey, Dim> dims) {
    Set<DimKey> out = new HashSet<>(Set.of(of));
    boolean grew = true;
    while (grew) {
      grew = false;
      for (Dim d : dims.values()) {
        if (!out.contains(d.key()) && d.from().stream().anyMatch(out::contains)) {
          grew |= out.add(d.key());
        }
      }
    }
    return out;
  }

  @Test
  void rules_never_go_round_in_a_circle_whatever_is_stated_or_measured() {
    Random r = new Random(11);
    Map<DimKey, Dim> plain = resolve(LiddedBox.fresh(), Map.of());
    for (int i = 0; i < 400; i++) {
      LiddedBox plainBox =
          kind.choose(LiddedBox.fresh(), "school", r.nextBoolean() ? "LID_OVER" : "LID_IN");
      LiddedBox box = plainBox;
      List<DimKey> keys = new ArrayList<>(plain.keySet());
      Collections.shuffle(keys, r);
      for (DimKey k : keys.subList(0, r.nextInt(6))) {
        box = kind.size(box, k, java.util.Optional.of(Size.mm(plain.get(k).mm())));
      }
      Map<DimKey, Double> readings = new HashMap<>();
      for (Feature f : features(plainBox)) {
        if (r.nextInt(3) == 0) {
          readings.put(f.key(), plain.get(f.key()).mm());
        }
      }
      try {
        assertThat(resolve(box, readings)).hasSameSizeAs(plain);
      } catch (BadDesign e) {
        assertThat(e.getMessage()).as("a refusal says what would do").isNotBlank();
      }
    }
  }

  @Test
  void a_size_out_of_bounds_is_refused_in_both_units() {
    assertThatThrownBy(() -> resolve(LiddedBox.fresh().with("stick.kerf", 90), Map.of()))
        .isInstanceOf(BadDesign.class)
        .hasMessage(
            "Kerf stays between 0.0 mm (0 in) and 30.0 mm (1 3/16 in); this is 90.0 mm (3 35/64 in).");
    assertThatThrownBy(() -> resolve(LiddedBox.fresh().with("no.such.size", 9), Map.of()))
        .hasMessageContaining("no size called “no.such.size”");
  }

  /** Recess 49.60 and spigot 49.30, both measured: the clearance is 0.30, whatever was planned. */
  @Test
  void a_clearance_is_the_difference_of_what_was_measured() {
    LiddedBox box = LiddedBox.fresh().with("joint.clearance", 0.08);
    DimKey clearance = new DimKey("joint.clearance");
    Map<DimKey, Double> both =
        Map.of(new DimKey("recess.diameter"), 49.60, new DimKey("spigot.diameter"), 49.30);
    Dim made = Dims.resolve(box, LiddedBoxKind.BOX.rules(box), Shop.starter(), both).get(clearance);
    assertThat(made.mm()).isCloseTo(0.30, within(1e-9));
    assertThat(made.origin()).isEqualTo(Origin.MEASURED);
    assertThat(made.planned().mm()).isCloseTo(0.08, within(1e-9));
    Map<DimKey, Double> one = Map.of(new DimKey("recess.diameter"), 49.60);
    assertThat(
            Dims.resolve(box, LiddedBoxKind.BOX.rules(box), Shop.starter(), one)
                .get(clearance)
                .origin())
        .isEqualTo(Origin.WISHED);
  }
}
