package hazelkeep.giving;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.StickPiece;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Any few sizes stated at once, on any blank: each is met on the section, or a smallest fight of
 * stated sizes is named, and every way out of it that has a number plans.
 *
 * <p>{@code -Dhazel.subsets=250} tries as many for each kind.
 */
class AnySizesTest {
  private static final Shop SHOP = Shop.starter();
  private static final int EACH = Integer.getInteger("hazel.subsets", 6);

  /** Stated sizes are read on the section within this, mm. */
  private static final double MET = 0.0501;

  private static boolean stops(Sketch<?> s) {
    return s.findings().stream().anyMatch(f -> f.grade() == Grade.STOP);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  <D extends Design> void any_sizes_are_met_or_their_fight_is_named(Kind<D> kind) {
    Random dice = new Random(kind.name().hashCode());
    List<String> wrong = new ArrayList<>();
    int fights = 0;
    for (int i = 0; i < EACH; i++) {
      D d = any(kind, dice);
      String said = d.sizes() + " " + d.blank();
      boolean stuck;
      try {
        Sketch<D> s = Sketch.of(kind, d, SHOP, Map.of());
        stuck = stops(s);
        unmet(s).forEach(u -> wrong.add(said + ": " + u));
      } catch (BadDesign e) {
        stuck = true;
      }
      if (stuck) {
        fights++;
        fought(kind, d).forEach(u -> wrong.add(said + ": " + u));
      }
    }
    assertThat(wrong).as("%d of %d fought", fights, EACH).isEmpty();
  }

  /** One to three sizes, each from two thirds to half as much again of its custom. */
  private static <D extends Design> D any(Kind<D> kind, Random dice) {
    D out = kind.fresh();
    Sketch<D> plain = Sketch.of(kind, out, SHOP, Map.of());
    Set<DimKey> stock = StickPiece.stock(plain.stick());
    List<Rule<D>> rules =
        kind.rules(out).stream()
            .filter(r -> !stock.contains(r.key()) && plain.aim().mm(r.key()) > 2)
            .filter(r -> !r.key().path().startsWith("blank"))
            .toList();
    for (int n = 1 + dice.nextInt(3); n > 0; n--) {
      Rule<D> r = rules.get(dice.nextInt(rules.size()));
      double share = 0.67 + 0.83 * dice.nextDouble();
      double mm = r.clamp(Math.round(2 * share * plain.aim().mm(r.key())) / 2.0);
      out = kind.size(out, r.key(), Optional.of(Size.mm(mm)));
    }
    if (dice.nextInt(3) == 0) {
      Size across = Size.mm(40 + 5 * dice.nextInt(10));
      out =
          Restated.with(
              out,
              "blank",
              Optional.of(new Blank(Optional.empty(), Optional.of(across), dice.nextBoolean())));
    }
    return out;
  }

  /** Stated sizes that the section has otherwise, and is not told to contradict. */
  private static <D extends Design> List<String> unmet(Sketch<D> s) {
    boolean told = s.findings().stream().anyMatch(f -> f.code().equals("sizes-contradict"));
    Map<DimKey, Double> read = s.dimensions().onSection();
    return s.design().sizes().entrySet().stream()
        .filter(e -> !told && read.containsKey(e.getKey()))
        .filter(e -> Math.abs(read.get(e.getKey()) - e.getValue().mm()) > MET)
        .map(e -> e.getKey() + " is " + read.get(e.getKey()))
        .toList();
  }

  /** What is wrong with how a fight is told. */
  private static <D extends Design> List<String> fought(Kind<D> kind, D design) {
    List<String> out = new ArrayList<>();
    Map<DimKey, Optional<Double>> fight = kind.fight(design, SHOP);
    if (!design.sizes().keySet().containsAll(fight.keySet())) {
      out.add("fight of what nobody stated " + fight);
    }
    fight.forEach(
        (key, to) ->
            to.ifPresent(
                mm -> {
                  D then = kind.size(design, key, Optional.of(Size.mm(mm)));
                  if (!plans(kind, then)) {
                    out.add("the way out " + key + " " + mm + " does not plan");
                  }
                }));
    return out;
  }

  private static <D extends Design> boolean plans(Kind<D> kind, D design) {
    try {
      return !stops(Sketch.of(kind, design, SHOP, Map.of()));
    } catch (BadDesign e) {
      return false;
    }
  }

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }
}
