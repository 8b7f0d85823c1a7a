package hazelkeep.giving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Origin;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Gave;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.StickPiece;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is customary gives way to what is stated, and no further than it has to. */
class GivesWayTest {
  private static final Shop SHOP = Shop.starter();

  private static <D extends Design> Sketch<D> sketch(Wishes.Wish<D> w) {
    return Sketch.of(w.kind(), w.design(), SHOP, Map.of());
  }

  /** Each line: a wish, the size that gives way, between what and what it then is. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "lidded-jar outside.height=100|bore.depth|60|90",
        "lidded-jar outside.height=95 outside.belly=75|bore.depth|55|85",
        "hanging-house outside.diameter=55 outside.height=90|bore.depth|30|52",
        "hanging-house outside.diameter=80 outside.height=150|bore.depth|70|100",
        "dry-stem-vase footBy=RECESS foot.recess=54|outside.foot|72|80",
        "lidded-box lid.depth=38|lid.height|41|48",
        "ringed-handle butt.height=60 knob.height=40 stem.length=151|outside.height|251|251",
        "goblet blank=114x52s|outside.height|85|100",
        "needle-case blank=100x30|bore.depth|20|59",
        "dry-stem-vase blank=90x40|bore.depth|50|70",
        "straight-well blank=60x40|bore.depth|20|40",
        "fitted-lid outside.top=71.4|lid.dome|8|19",
      })
  void a_custom_gives_way(String wish, String key, double least, double most) {
    Sketch<?> s = sketch(Wishes.of(wish));
    assertThat(s.findings()).noneMatch(f -> f.grade() == Grade.STOP);
    assertThat(s.aim().mm(key)).isBetween(least, most);
    assertThat(s.gave().sizes()).extracting(m -> m.key().path()).contains(key);
    assertThat(s.aim().dims().get(new DimKey(key)).origin()).isEqualTo(Origin.GAVE_WAY);
    met(s);
  }

  /** Each stated size, read on the section that was drawn, is what was stated. */
  private static <D extends Design> void met(Sketch<D> s) {
    Map<DimKey, Double> read = s.dimensions().onSection();
    s.design()
        .sizes()
        .forEach(
            (k, size) -> {
              if (read.containsKey(k)) {
                assertThat(read.get(k)).as(k.path()).isCloseTo(size.mm(), within(0.05));
              }
            });
  }

  @Test
  void what_gave_way_is_told_with_what_needs_it() {
    Gave gave = sketch(Wishes.of("dry-stem-vase footBy=RECESS foot.recess=54")).gave();
    assertThat(gave.sizes()).hasSize(1);
    assertThat(gave.sizes().get(0).custom()).isCloseTo(53, within(0.1));
    assertThat(gave.because()).containsExactly(new DimKey("foot.recess"));
  }

  @Test
  void where_nothing_has_to_give_nothing_does() {
    for (Kind<?> kind : Kinds.ALL) {
      assertThat(sketch(Wishes.of(kind.name())).gave()).as(kind.name()).isEqualTo(Gave.NONE);
    }
  }

  /** Customs that never give way are a choice of the turner's. */
  @Test
  void a_turner_may_hold_on_to_every_custom() {
    Wishes.Wish<?> w = Wishes.of("goblet blank=114x52s");
    assertThat(held(w).findings()).anyMatch(f -> f.code().equals("blank-short"));
  }

  private static <D extends Design> Sketch<D> held(Wishes.Wish<D> w) {
    return Sketch.of(w.kind(), w.design(), Firmly.SHOP, Map.of());
  }

  /** Each line: a wish that fights, and the sizes of one smallest fight. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "goblet blank=90x60 outside.height=140|outside.height",
        "goblet outside.height=40 foot.height=60 outside.diameter=50|foot.height outside.height",
        "lidded-box spigot.diameter=30 inside.diameter=40|inside.diameter spigot.diameter",
        "mill shaft.hole=6 shaft.diameter=7 outside.height=200|shaft.diameter shaft.hole",
        "dry-stem-vase footBy=RECESS foot.recess=54 outside.foot=55 outside.height=150|foot.recess"
            + " outside.foot",
      })
  void a_smallest_fight_is_named_and_every_way_out_of_it_plans(String wish, String sizes) {
    ends(Wishes.of(wish), Set.of(sizes.split(" ")));
  }

  private static <D extends Design> void ends(Wishes.Wish<D> w, Set<String> sizes) {
    Fight fight = Fight.of(w.kind(), w.design(), SHOP);
    assertThat(fight.sizes().keySet())
        .extracting(DimKey::path)
        .containsExactlyInAnyOrderElementsOf(sizes);
    fight
        .sizes()
        .forEach(
            (key, to) -> {
              D then = w.kind().size(w.design(), key, to.map(Size::mm));
              assertThat(Sketch.of(w.kind(), then, SHOP, Map.of()).findings())
                  .as("%s %s", key, to)
                  .noneMatch(f -> f.grade() == Grade.STOP);
            });
  }

  /**
   * Each size of a piece stated alone, a quarter less and a third more than its custom: it is drawn
   * as stated, and nothing is refused for a size that nobody stated.
   */
  @ParameterizedTest
  @MethodSource("kinds")
  <D extends Design> void each_size_stated_alone_is_drawn(Kind<D> kind) {
    D fresh = kind.fresh();
    Sketch<D> plain = Sketch.of(kind, fresh, SHOP, Map.of());
    Set<DimKey> stock = StickPiece.stock(plain.stick());
    List<String> stop = new ArrayList<>();
    int asked = 0;
    for (var rule : kind.rules(fresh)) {
      for (double share : new double[] {0.75, 1.33}) {
        double mm = Math.round(plain.aim().mm(rule.key()) * share * 10) / 10.0;
        if (!stock.contains(rule.key()) && mm > rule.least() && mm < rule.most()) {
          asked++;
          D one = kind.size(fresh, rule.key(), Optional.of(Size.mm(mm)));
          try {
            Sketch<D> s = Sketch.of(kind, one, SHOP, Map.of());
            if (s.findings().stream().noneMatch(f -> f.code().equals("sizes-contradict"))) {
              met(s);
            }
            s.findings().stream()
                .filter(f -> f.grade() == Grade.STOP)
                .forEach(f -> stop.add(rule.key() + " " + mm + " " + f.code()));
          } catch (BadDesign e) {
            stop.add(rule.key() + " " + mm + " refused: " + e.getMessage());
          }
        }
      }
    }
    assertThat(stop.stream().filter(x -> x.contains("refused"))).isEmpty();
    // Laws and what is no size: a bit of that length, a hole of a door, ring tools, a lip too
    // small.
    assertThat(stop.size()).as(stop.toString()).isLessThanOrEqualTo(Math.max(2, asked / 20));
  }

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }
}
