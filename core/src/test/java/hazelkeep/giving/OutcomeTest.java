package hazelkeep.giving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.element.Elements;
import hazelkeep.finding.Entry;
import hazelkeep.measure.AmountText;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Quantity;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Outcome;
import hazelkeep.piece.Sketch;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a piece is asked to come to, it comes to: by sums over its section in slices. */
class OutcomeTest {
  private static final Shop SHOP = Shop.starter();

  /** Slices of a tenth of a millimetre and less. */
  private static final int SLICES = 4000;

  private static <D extends Design> Sketch<D> asked(
      Kind<D> kind, D design, Outcome outcome, double amount) {
    String part = Sketch.of(kind, design, SHOP, Map.of()).aim().parts().get(0).name();
    D with = Elements.asking(design, outcome, part, Optional.of(Size.mm(amount)));
    return Sketch.of(kind, with, SHOP, Map.of());
  }

  private static <D extends Design> Sketch<D> asked(
      Wishes.Wish<D> w, Outcome outcome, double amount) {
    return asked(w.kind(), w.design(), outcome, amount);
  }

  /** The sum of what is turned round from 0 to r, slice by slice, ml. */
  private static double ml(double from, double to, DoubleUnaryOperator r) {
    double sum = 0;
    double dz = (to - from) / SLICES;
    for (int i = 0; i < SLICES; i++) {
      double at = r.applyAsDouble(from + (i + 0.5) * dz);
      sum += Math.PI * at * at * dz;
    }
    return sum / 1000;
  }

  /** From its floor, where the axis leaves the wood, up to a line below its brim. */
  private static double room(Part part, double below) {
    HalfSection wood = part.target();
    double high = wood.maxZ() - below;
    double floor = high;
    while (floor > wood.minZ() && wood.inner(floor - 0.01) > 0) {
      floor -= 0.01;
    }
    return ml(floor, high - 1e-4, wood::inner);
  }

  @ParameterizedTest
  @CsvSource({
    "lidded-box, 80",
    "lidded-box, 130",
    "lidded-box outside.diameter=70, 150",
    "canister, 60",
    "straight-well, 12",
    "straight-well, 30",
    "dry-stem-vase, 7",
    "dry-stem-vase, 15",
    "needle-case, 8.5",
    "needle-case, 20",
    "hanging-house, 50",
    "hanging-house, 130",
    "lidded-jar, 240",
    "lidded-jar outside.height=120, 330",
    "goblet, 60",
    "goblet outside.foot=64, 130",
  })
  void it_holds_what_was_asked(String wish, double ml) {
    Sketch<?> s = asked(Wishes.of(wish), Outcome.HOLDS, ml);
    assertThat(s.findings()).noneMatch(f -> f.grade() == Grade.STOP);
    assertThat(room(s.aim().parts().get(0), 0)).isCloseTo(ml, within(0.025 * ml + 0.05));
    assertThat(s.gave().sizes()).isNotEmpty();
  }

  @Test
  void up_to_a_line_below_the_brim() {
    Wishes.Wish<?> w = Wishes.of("lidded-jar");
    below(w, 260, 5);
  }

  private static <D extends Design> void below(Wishes.Wish<D> w, double ml, double line) {
    D asked = Elements.asking(w.design(), Outcome.HOLDS, "body", Optional.of(Size.mm(ml)));
    DimKey below = Outcome.below(Outcome.HOLDS.in(asked).orElseThrow());
    Sketch<D> s =
        Sketch.of(
            w.kind(), w.kind().size(asked, below, Optional.of(Size.mm(line))), SHOP, Map.of());
    assertThat(s.findings()).noneMatch(f -> f.grade() == Grade.STOP);
    Part body = s.aim().part("body");
    assertThat(room(body, line)).isCloseTo(ml, within(0.025 * ml));
    assertThat(room(body, 0)).isGreaterThan(1.03 * ml);
  }

  /** A shorter lid takes its wood from the lid, and the room stays. */
  @Test
  void what_it_holds_stays_when_another_size_changes() {
    for (String wish : new String[] {"lidded-box", "lidded-box lid.height=22"}) {
      Sketch<?> s = asked(Wishes.of(wish), Outcome.HOLDS, 110);
      assertThat(s.findings()).noneMatch(f -> f.grade() == Grade.STOP);
      assertThat(room(s.aim().part("body"), 0)).isCloseTo(110, within(2.8));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "lidded-box, 80",
    "canister, 60",
    "straight-well, 100",
    "dry-stem-vase, 65",
    "goblet, 50",
    "fitted-lid, 40"
  })
  void it_weighs_no_more_than_was_asked(String wish, double grams) {
    Sketch<?> s = asked(Wishes.of(wish), Outcome.WEIGHS, grams);
    assertThat(s.findings()).noneMatch(f -> f.grade() == Grade.STOP);
    double wood = 0;
    for (Part p : s.aim().made()) {
      HalfSection t = p.target();
      wood += ml(t.minZ(), t.maxZ(), t::outer) - ml(t.minZ(), t.maxZ(), t::inner);
    }
    double kilograms = s.aim().blank().wood(0).kilograms();
    // Between two walls of one slice lies a hollow: its wood is counted here, so this is no less.
    assertThat(wood * kilograms / 1000).isCloseTo(grams, within(0.25 * grams));
    assertThat(s.properties().grams().orElseThrow()).isLessThanOrEqualTo(grams);
  }

  @ParameterizedTest
  @CsvSource({"lidded-box, 40", "straight-well, 25", "goblet, 18", "goblet blank=150x80, 20"})
  void it_stands_until_it_is_leaned_so_far(String wish, double degrees) {
    Sketch<?> s = asked(Wishes.of(wish), Outcome.TIPS, degrees);
    assertThat(s.findings()).noneMatch(f -> f.grade() == Grade.STOP);
    assertThat(leans(s)).isGreaterThan(degrees - 1.5);
  }

  /** The foot's edge over the height of the middle of all slices of one wood, both parts closed. */
  private static double leans(Sketch<?> s) {
    double mass = 0;
    double moment = 0;
    double low = Double.MAX_VALUE;
    for (Part p : s.aim().made()) {
      low = Math.min(low, p.target().in(p.closed()).minZ());
    }
    double edge = 0;
    for (Part p : s.aim().made()) {
      HalfSection t = p.target().in(p.closed());
      edge = Math.max(edge, t.minZ() < low + 0.01 ? t.outer(low + 0.02) : 0);
      double dz = (t.maxZ() - t.minZ()) / SLICES;
      for (int i = 0; i < SLICES; i++) {
        double z = t.minZ() + (i + 0.5) * dz;
        double slice = (Math.pow(t.outer(z), 2) - Math.pow(t.inner(z), 2)) * dz;
        mass += slice;
        moment += slice * (z - low);
      }
    }
    return Math.toDegrees(Math.atan(edge / (moment / mass)));
  }

  @ParameterizedTest
  @CsvSource({"lidded-box, 10", "canister, 9", "needle-case, 6", "goblet, 3.5", "lidded-jar, 8"})
  void its_walls_are_nowhere_thinner_than_was_asked(String wish, double mm) {
    Wishes.Wish<?> w = Wishes.of(wish);
    Part was = sketched(w).aim().parts().get(0);
    assertThat(thinnest(was)).as("by custom").isLessThan(mm);
    Sketch<?> s = asked(w, Outcome.WALLS, mm);
    assertThat(s.findings()).noneMatch(f -> f.grade() == Grade.STOP);
    assertThat(thinnest(s.aim().parts().get(0))).isGreaterThan(mm - 0.06);
    assertThat(s.gave().sizes()).isNotEmpty();
  }

  private static <D extends Design> Sketch<D> sketched(Wishes.Wish<D> w) {
    return Sketch.of(w.kind(), w.design(), SHOP, Map.of());
  }

  /** The nearest that inside and outside come, place by place, below what is turned to a fit. */
  private static double thinnest(Part part) {
    HalfSection wood = part.target();
    double high =
        part.surfaces().stream()
                .filter(x -> x.role() != Role.SHOW)
                .filter(x -> !x.inside())
                .mapToDouble(x -> x.line().points().stream().mapToDouble(Point::z).min().orElse(0))
                .min()
                .orElse(wood.maxZ())
            - 1;
    double least = Double.MAX_VALUE;
    double floor = high;
    while (floor > wood.minZ() && wood.inner(floor) > 0) {
      floor -= 0.05;
    }
    for (double z = floor + 0.1; z < high; z += 0.25) {
      double in = wood.inner(z);
      for (double at = z - 10; in > 0.5 && at < z + 10; at += 0.25) {
        if (at > wood.minZ() && at < high) {
          least = Math.min(least, Math.hypot(at - z, wood.outer(at) - in));
        }
      }
    }
    return least;
  }

  /** Asked for what can't be, it is told how far it comes, and what would have to be asked. */
  @Test
  void what_can_not_be_is_told_with_its_number() {
    Sketch<?> s =
        asked(Wishes.of("straight-well outside.diameter=30 outside.height=60"), Outcome.HOLDS, 200);
    assertThat(s.findings())
        .anySatisfy(
            f -> {
              assertThat(f.verdict().entry()).isEqualTo(Entry.COMES_LESS);
              assertThat(f.verdict().limit()).isEqualTo(200);
            });
    nearest(s);
  }

  @Test
  void no_stem_is_left_for_such_walls() {
    assertThat(asked(Wishes.of("dry-stem-vase outside.diameter=50"), Outcome.WALLS, 24).findings())
        .extracting(f -> f.verdict().entry())
        .contains(Entry.COMES_THIN);
  }

  @Test
  void no_box_leans_so_far() {
    assertThat(asked(Wishes.of("lidded-box"), Outcome.TIPS, 70).findings())
        .extracting(f -> f.verdict().entry())
        .contains(Entry.COMES_TIPPED);
  }

  private static <D extends Design> void nearest(Sketch<D> s) {
    DimKey key = new DimKey("holds-1.ml");
    Map<DimKey, Optional<Double>> fight = s.kind().fight(s.design(), SHOP);
    assertThat(fight).containsKey(key);
    double can = fight.get(key).orElseThrow();
    D then = s.kind().size(s.design(), key, Optional.of(Size.mm(can)));
    Sketch<D> drawn = Sketch.of(s.kind(), then, SHOP, Map.of());
    assertThat(drawn.findings()).noneMatch(f -> f.grade() == Grade.STOP);
  }

  @Test
  void a_wood_of_unknown_weight_is_told() {
    Wishes.Wish<?> w = Wishes.of("straight-well");
    Sketch<?> s = unweighed(w);
    assertThat(s.findings())
        .extracting(f -> f.verdict().entry())
        .contains(Entry.COMES_UNWEIGHED)
        .doesNotContain(Entry.COMES_HEAVY);
  }

  private static <D extends Design> Sketch<D> unweighed(Wishes.Wish<D> w) {
    D of = hazelkeep.measure.Restated.with(w.design(), "species", "The plum by the gate");
    return asked(w.kind(), of, Outcome.WEIGHS, 50);
  }

  @Test
  void let_go_nothing_is_asked_any_more() {
    Wishes.Wish<?> w = Wishes.of("straight-well");
    letGo(w);
  }

  private static <D extends Design> void letGo(Wishes.Wish<D> w) {
    D asked = Elements.asking(w.design(), Outcome.HOLDS, "vessel", Optional.of(Size.mm(30)));
    assertThat(Elements.asking(asked, Outcome.HOLDS, "vessel", Optional.empty()))
        .isEqualTo(w.design());
    D idle = w.kind().size(asked, new DimKey("holds-1.ml"), Optional.empty());
    assertThat(Sketch.of(w.kind(), idle, SHOP, Map.of()).findings())
        .noneMatch(f -> f.grade() == Grade.STOP);
  }

  /** Ounces by their definitions (US customary fluid ounce; international ounce, 1959). */
  @Test
  void amounts_are_read_as_they_are_typed() {
    assertThat(amount("250", Quantity.VOLUME)).isEqualTo(250);
    assertThat(amount("0,25 l", Quantity.VOLUME)).isEqualTo(250);
    assertThat(amount("8 fl oz", Quantity.VOLUME)).isCloseTo(236.588, within(1e-3));
    assertThat(amount("3 oz", Quantity.MASS)).isCloseTo(85.0486, within(1e-4));
    assertThat(amount("15°", Quantity.ANGLE)).isEqualTo(15);
    assertThat(amount("1 in", Quantity.LENGTH)).isEqualTo(25.4);
    for (String bad : new String[] {"", "ml", "250 g", "-3", "1e3", "99 l"}) {
      assertThatThrownBy(() -> amount(bad, Quantity.VOLUME))
          .as(bad)
          .isInstanceOf(Refused.class)
          .hasMessageContaining("Accepted");
    }
  }

  private static double amount(String text, Quantity of) {
    return AmountText.parse(text, Unit.MM, of).mm();
  }

  @Test
  void a_size_is_of_what_its_name_ends_in() {
    assertThat(new DimKey("holds-1.ml").quantity()).isEqualTo(Quantity.VOLUME);
    assertThat(new DimKey("tips-1.degrees").quantity()).isEqualTo(Quantity.ANGLE);
    assertThat(new DimKey("mouth.flare").quantity()).isEqualTo(Quantity.LENGTH);
    assertThat(Quantity.VOLUME.words(250)).isEqualTo("250.0 ml");
    assertThat(Quantity.ANGLE.words(15)).isEqualTo("15.0°");
    assertThat(Quantity.LENGTH.words(25.4)).isEqualTo("25.4 mm (1 in)");
  }
}
