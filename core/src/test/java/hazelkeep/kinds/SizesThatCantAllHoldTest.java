package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Woods;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Stated sizes are met on the section, or it is told that they can't all hold: never neither. */
class SizesThatCantAllHoldTest {
  private static final double MET = 0.06;

  private final Random random = new Random(11);

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  private static <D extends Design> Sketch<D> sketch(Kind<D> kind, D design) {
    return Sketch.of(kind, design, Firmly.SHOP, Map.of());
  }

  /** All at once, as a file states them: none takes another back. */
  private static <D extends Design> D stated(D design, Map<String, Double> sizes) {
    Map<DimKey, Size> all = new TreeMap<>(design.sizes());
    sizes.forEach((k, mm) -> all.put(new DimKey(k), Size.mm(mm)));
    return Restated.with(design, "sizes", all);
  }

  private static List<Finding> told(Sketch<?> s) {
    return s.findings().stream().filter(f -> f.code().equals("sizes-contradict")).toList();
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void whatever_is_stated_is_drawn_or_told(Kind<?> kind) {
    int drawn = 0;
    int told = 0;
    for (int i = 0; i < 120; i++) {
      switch (outcome(kind)) {
        case DRAWN -> drawn++;
        case TOLD -> told++;
        default -> {}
      }
    }
    assertThat(drawn).as("the check has something to look at").isGreaterThan(12);
    assertThat(told).as("and something to tell").isPositive();
  }

  private enum Outcome {
    REFUSED,
    STOPPED,
    TOLD,
    DRAWN
  }

  private <D extends Design> Outcome outcome(Kind<D> kind) {
    Sketch<D> usual = sketch(kind, kind.fresh());
    List<DimKey> keys = new ArrayList<>(usual.dimensions().onSection().keySet());
    keys.removeIf(k -> !usual.aim().dims().containsKey(k));
    Collections.shuffle(keys, random);
    Map<String, Double> sizes = new TreeMap<>();
    for (DimKey k : keys.subList(0, 1 + random.nextInt(4))) {
      Rule<D> rule =
          kind.rules(usual.design()).stream()
              .filter(r -> r.key().equals(k))
              .findFirst()
              .orElseThrow();
      double mm = usual.aim().dims().get(k).mm() * (0.85 + 0.3 * random.nextDouble());
      if (mm > 0) {
        sizes.put(k.path(), Math.max(rule.least(), Math.min(rule.most(), mm)));
      }
    }
    D design = stated(kind.fresh(), sizes);
    try {
      Sketch<D> s = sketch(kind, design);
      if (!told(s).isEmpty()) {
        told(s).forEach(f -> mends(s, f));
        return Outcome.TOLD;
      }
      if (s.findings().stream().anyMatch(f -> f.grade() == Grade.STOP)) {
        return Outcome.STOPPED;
      }
      s.measures().stream()
          .filter(m -> m.hangs() && sizes.containsKey(m.key().path()))
          .forEach(m -> met(s, m, sizes.get(m.key().path())));
      return Outcome.DRAWN;
    } catch (BadDesign e) {
      assertThat(e.getMessage()).doesNotContain("NaN");
      return Outcome.REFUSED;
    }
  }

  /** Rays through the wood, and corners of its outline, at the place where the size hangs. */
  private static void met(Sketch<?> s, Measure m, double mm) {
    HalfSection wood = s.aim().part(m.part()).target();
    String as = s.kind().name() + " " + m.key() + " of " + s.design().sizes();
    double z = Math.max(wood.minZ() + 0.001, Math.min(wood.maxZ() - 0.001, m.from().z()));
    switch (m.kind()) {
      case OUTSIDE -> {
        // At a plane that cuts the outside the wood lies on one side of it only.
        double low = wood.outer(z - 0.001);
        double high = wood.outer(z + 0.001);
        double is = Math.abs(low - mm / 2) < Math.abs(high - mm / 2) ? low : high;
        assertThat(2 * is).as(as).isCloseTo(mm, within(MET));
      }
      case INSIDE -> assertThat(2 * wood.inner(z)).as(as).isCloseTo(mm, within(MET));
      case LENGTH, DEPTH -> {
        assertThat(Math.abs(m.to().z() - m.from().z())).as(as).isCloseTo(mm, within(MET));
        assertThat(corner(wood, m.from().z())).as(as).isLessThan(MET);
        assertThat(corner(wood, m.to().z())).as(as).isLessThan(MET);
      }
    }
  }

  /** How far the nearest corner of the outline lies from a plane. */
  private static double corner(HalfSection wood, double z) {
    return wood.rings().stream()
        .flatMap(r -> r.points().stream())
        .mapToDouble(p -> Math.abs(p.z() - z))
        .min()
        .orElseThrow();
  }

  /** Letting any of the named sizes go ends this contradiction and starts none. */
  private static <D extends Design> void mends(Sketch<D> s, Finding f) {
    for (Remedy r : f.remedies()) {
      DimKey key = ((Remedy.LetGo) r).key();
      assertThat(s.design().sizes()).as("what was never stated is not blamed").containsKey(key);
      D then = s.kind().size(s.design(), key, Optional.empty());
      Sketch<D> after = sketch(s.kind(), then);
      assertThat(told(after)).as(r + " of " + f).hasSizeLessThanOrEqualTo(told(s).size());
      assertThat(after.aim().dims().get(key).mm())
          .isCloseTo(((Remedy.LetGo) r).then().mm(), within(1e-9));
    }
  }

  @Test
  void sound_pieces_of_every_kind_contradict_nothing() {
    for (RandomPieces.Wished<?> w : new RandomPieces(5).sound(160)) {
      assertThat(told(w.plan(Firmly.SHOP).sketch())).as(w.toString()).isEmpty();
    }
  }

  /** Each line: kind, sizes, what is drawn of the first, and what could go. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "lidded-box|outside.height=100 body.height=60 lid.height=30|90|body.height lid.height"
            + " outside.height",
        "lidded-box|joint.shoulder=9 joint.diameter=50 outside.diameter=60|5|joint.diameter"
            + " joint.shoulder",
        "lidded-box|body.floor=20 inside.depth=30|39|body.floor inside.depth",
        "straight-well|outside.foot=60|45.6|outside.foot",
        "dry-stem-vase|body.floor=20 bore.depth=110 outside.height=120|7|body.floor bore.depth"
            + " outside.height",
        "needle-case|body.floor=6.3 body.height=55.6|0.6|body.floor body.height",
        "mill|thread.proud=9.8 outside.height=172.6|3.4|outside.height thread.proud",
        "mill|spigot.diameter=41.6 bore.diameter=26.4|41.6|spigot.diameter",
      })
  void sizes_that_fight_are_named_with_what_each_would_become(
      String kind, String sizes, double drawn, String go) {
    Map<String, Double> all = sizes(sizes);
    Sketch<?> s = of(Kinds.named(kind).orElseThrow(), all);
    assertThat(told(s)).hasSize(1);
    Finding f = told(s).get(0);
    assertThat(f.remedies())
        .extracting(r -> ((Remedy.LetGo) r).key().path())
        .containsExactlyInAnyOrder(go.split(" "));
    String first = sizes.substring(0, sizes.indexOf('='));
    assertThat(read(s).get(new DimKey(first))).isCloseTo(drawn, within(0.02));
  }

  private static Map<String, Double> sizes(String text) {
    Map<String, Double> out = new TreeMap<>();
    for (String size : text.split(" ")) {
      out.put(size.substring(0, size.indexOf('=')), Double.valueOf(size.split("=")[1]));
    }
    return out;
  }

  private static <D extends Design> Sketch<D> of(Kind<D> kind, Map<String, Double> sizes) {
    return sketch(kind, stated(kind.fresh(), sizes));
  }

  private static <D extends Design> Map<DimKey, Double> read(Sketch<D> s) {
    return s.dimensions().onSection();
  }

  /** A spigot alone decides: its mate follows with the clearance of the class. */
  @ParameterizedTest
  @CsvSource({
    "lidded-box, spigot.diameter, recess.diameter",
    "needle-case, spigot.diameter, recess.diameter",
    "mill, spigot.diameter, bore.diameter",
  })
  void a_spigot_that_alone_is_stated_is_followed_by_its_mate(
      String kind, String spigot, String recess) {
    Kind<?> k = Kinds.named(kind).orElseThrow();
    double usual = of(k, Map.of()).aim().mm(spigot);
    Sketch<?> s = of(k, Map.of(spigot, usual + 1.5));
    assertThat(told(s)).isEmpty();
    assertThat(s.aim().mm(recess) - s.aim().mm(spigot))
        .isCloseTo(s.aim().mm("joint.clearance"), within(1e-9))
        .isBetween(0.0, 0.5);
  }

  /** The sizes that really bound it are named, and one that was stated is blamed. */
  @Test
  void what_can_not_be_drawn_names_what_bounds_it() {
    Kind<?> box = Kinds.named("lidded-box").orElseThrow();
    refused(box, Map.of("inside.diameter", 55.0), "inside.diameter", "spigot diameter, 53.0 mm");
    refused(box, Map.of("recess.diameter", 80.0), "recess.diameter", "at the join, 60.0 mm");
    refused(
        box,
        Map.of("spigot.diameter", 30.0, "inside.diameter", 40.0),
        "inside.diameter",
        "below spigot diameter, 30.0 mm");
  }

  private static <D extends Design> void refused(
      Kind<D> kind, Map<String, Double> sizes, String key, String words) {
    D design = stated(kind.fresh(), sizes);
    try {
      sketch(kind, design);
      assertThat(sizes).as("drawn").isNull();
    } catch (BadDesign e) {
      assertThat(e.key().path()).as(e.getMessage()).isEqualTo(key);
      assertThat(e.getMessage()).contains(words);
    }
  }

  /** What a design has no use for is told; what it has a use for is not. */
  @ParameterizedTest
  @CsvSource({
    "lidded-box, top=DOME, lid.roundover, 4, true",
    "lidded-box, top=FLAT, lid.roundover, 4, false",
    "lidded-box, top=FLAT, lid.dome, 12, true",
    "lidded-box, floor=ROUNDED, inside.corner, 5, true",
    "lidded-box, floor=FLAT, inside.corner, 5, false",
    "straight-well, inside=BORED, hollow.wall, 6, true",
    "straight-well, inside=BORED, outside.neck, 30, true",
    "mill, form=STRAIGHT, outside.waist, 50, true",
    "mill, form=WAISTED, outside.waist, 50, false",
    "mill, form=WAISTED, holes.circle, 12, true",
    "shaker, form=WAISTED, holes.circle, 12, false",
  })
  void a_size_that_does_nothing_is_told(
      String kind, String choice, String key, double mm, boolean idle) {
    assertThat(idle(Kinds.named(kind).orElseThrow(), choice, key, mm)).isEqualTo(idle);
  }

  private static <D extends Design> boolean idle(
      Kind<D> kind, String choice, String key, double mm) {
    D chosen = kind.choose(kind.fresh(), choice.split("=")[0], choice.split("=")[1]);
    D design = stated(chosen, Map.of(key, mm));
    return Plan.of(kind, design, Firmly.SHOP, List.of()).findings().stream()
        .anyMatch(f -> f.code().equals("size-unused"));
  }

  @Test
  void a_change_of_a_step_that_is_not_there_is_told_and_can_be_taken_back() {
    Kind<?> box = Kinds.named("lidded-box").orElseThrow();
    List<RouteEdit> edits =
        List.of(
            new RouteEdit.Drop(new StepKey("lid/polish")),
            new RouteEdit.DropSetup("attic"),
            new RouteEdit.Drop(new StepKey("bench/sign")));
    assertThat(lost(box, edits)).containsExactly("lid/polish", "attic/any");
  }

  private static <D extends Design> List<String> lost(Kind<D> kind, List<RouteEdit> edits) {
    Plan<D> plan = Plan.of(kind, kind.fresh(), Firmly.SHOP, edits);
    List<Finding> lost =
        plan.findings().stream().filter(f -> f.code().equals("edit-unused")).toList();
    for (Finding f : lost) {
      Plan<D> without = plan.applied(f.remedies().get(0)).orElseThrow();
      assertThat(without.edits()).hasSize(edits.size() - 1);
    }
    return lost.stream().map(f -> ((Remedy.Restore) f.remedies().get(0)).step().path()).toList();
  }

  @Test
  void a_wood_is_understood_by_the_word_that_everyone_uses() {
    Woods woods = Woods.LIBRARY;
    assertThat(woods.meant("cherry")).isEqualTo("Black cherry");
    assertThat(woods.meant(" LIME ")).isEqualTo("European lime");
    assertThat(woods.meant("european ash")).isEqualTo("European ash");
    assertThat(woods.meant("Moonwood")).as("may be any name").isEqualTo("Moonwood");
    assertThatThrownBy(() -> woods.meant("ash"))
        .hasMessageContaining("White ash, European ash")
        .hasMessageContaining("say which");
  }

  /** Any five sizes of any kind: drawn, or refused in words with a way out that was tried. */
  @Test
  void random_sizes_are_drawn_or_refused_in_words() {
    Random r = new Random(23);
    int refused = 0;
    for (int i = 0; i < 40; i++) {
      for (Kind<?> kind : Kinds.ALL) {
        refused += drawn(kind, r) ? 0 : 1;
      }
    }
    assertThat(refused).isPositive();
  }

  private <D extends Design> boolean drawn(Kind<D> kind, Random r) {
    List<DimKey> keys = kind.rules(kind.fresh()).stream().map(x -> x.key()).toList();
    D d = kind.fresh();
    Map<DimKey, Size> sizes = new TreeMap<>();
    for (int i = 0; i < 5; i++) {
      sizes.put(keys.get(r.nextInt(keys.size())), Size.mm(0.5 + 120 * r.nextDouble()));
    }
    D stated = Restated.with(d, "sizes", sizes);
    try {
      kind.aim(
          stated, Dims.resolve(stated, kind.rules(stated), Firmly.SHOP, Map.of()), Firmly.SHOP);
      return true;
    } catch (BadDesign e) {
      assertThat(e.getMessage()).as("%s %s", kind.name(), sizes).endsWith(".");
      return false;
    }
  }
}
