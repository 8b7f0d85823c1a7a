package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.End;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.StockRules;
import hazelkeep.route.Finding;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.setout.Finished;
import hazelkeep.setout.SetOut;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Drilled;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Two halves from two blanks, on every kind that is parted into two. */
class OwnBlankTest {
  private static final String OTHER = "Boxwood";

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  static Stream<Kind<?>> halved() {
    return kinds().filter(k -> plan(k).aim().dims().containsKey(StockRules.KERF));
  }

  static Stream<Kind<?>> others() {
    return kinds().filter(k -> !plan(k).aim().dims().containsKey(StockRules.KERF));
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind) {
    return plan(kind, kind.fresh());
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, Firmly.SHOP, List.of());
  }

  private static String upper(Plan<?> p) {
    List<Part> all = p.aim().offBlank();
    return all.get(all.size() - 1).name();
  }

  private static <D extends Design> D apart(Kind<D> kind, D design) {
    D d = Elements.with(design, "blank", upper(plan(kind, design)), Optional.empty());
    return Elements.of(d, "blank-1", OTHER);
  }

  private static <D extends Design> Plan<D> apart(Kind<D> kind) {
    return plan(kind, apart(kind, kind.fresh()));
  }

  private static List<String> stops(Plan<?> p) {
    return p.findings().stream()
        .filter(f -> f.grade() == Grade.STOP)
        .map(Finding::code)
        .distinct()
        .sorted()
        .toList();
  }

  @ParameterizedTest
  @MethodSource("halved")
  void bothAreApartFromTheFirstStepOnAndMakeTheSamePiece(Kind<?> kind) {
    Plan<?> one = plan(kind);
    Plan<?> two = apart(kind);
    assertThat(stops(two)).isEqualTo(stops(one));
    Stage first = two.rehearsal().stages().get(0);
    assertThat(first.after().bodies()).hasSize(2);
    double kerf = two.aim().mm(StockRules.KERF);
    double along =
        first.after().bodies().values().stream()
            .mapToDouble(b -> b.swept().maxZ() - b.swept().minZ())
            .sum();
    assertThat(along).isCloseTo(two.aim().mm(StockRules.LENGTH) - kerf, within(1e-3));
    assertThat(two.sketch().billets().stream().mapToDouble(s -> s.length()).sum())
        .isCloseTo(along, within(1e-3));
    for (Part p : two.aim().parts()) {
      HalfSection was = one.rehearsal().end().stock(one.aim().part(p.name())).get().sound();
      HalfSection is = two.rehearsal().end().stock(p).orElseThrow().sound();
      assertThat(is.xor(was).area()).as(p.name()).isLessThan(0.02);
    }
  }

  @ParameterizedTest
  @MethodSource("halved")
  void eachIsOfItsOwnWoodAllThrough(Kind<?> kind) {
    Plan<?> two = apart(kind);
    String upper = upper(two);
    Species other = Species.named(OTHER).orElseThrow();
    for (Stage s : two.rehearsal().stages()) {
      for (Part p : two.aim().offBlank()) {
        Body b = s.after().stock(p).orElseThrow();
        boolean is = p.name().equals(upper);
        double middle = (p.target().minZ() + p.target().maxZ()) / 2;
        assertThat(b.wood(middle).name().equals(OTHER)).as(s.step().title()).isEqualTo(is);
      }
    }
    double density = other.density().orElseThrow().value();
    double lid = two.aim().part(upper).target().volume() * density * 1e-6;
    Part below = two.aim().parts().get(0);
    double body =
        (below.target().volume() - Drilled.mm3(below))
            * two.aim().blank().wood().density().orElseThrow().value()
            * 1e-6;
    assertThat(two.sketch().properties().grams().orElseThrow())
        .isCloseTo(lid + body, within(0.01 * (lid + body)));
  }

  @ParameterizedTest
  @MethodSource("halved")
  void noHoldHasBothUntilTheyAreClosed(Kind<?> kind) {
    Plan<?> two = apart(kind);
    List<Setup> all = two.route().setups();
    for (Setup s : all.subList(1, all.size())) {
      boolean closed = s.name().startsWith("top") || !s.hold().onLathe();
      assertThat(s.frames().size() == 1 || closed).as(s.title()).isTrue();
    }
    long rounded =
        two.route().steps().stream().filter(s -> s.title().startsWith("Round the blank")).count();
    assertThat(rounded).isEqualTo(2);
  }

  /** Without a wood of its own it is the piece's, not that of a seam in the body below it. */
  @ParameterizedTest
  @MethodSource("halved")
  void aSeamInTheBodyEndsWithTheBody(Kind<?> kind) {
    seamed(kind);
  }

  private static <D extends Design> void seamed(Kind<D> kind) {
    Plan<D> plain = plan(kind);
    String body = plain.aim().parts().get(0).name();
    D d = Elements.with(kind.fresh(), "seam", body, Size.mm(5));
    d = Elements.of(d, "seam-1", OTHER);
    assertThat(plan(kind, d).aim().wood(upper(plain)).name()).isEqualTo(OTHER);
    D two = Elements.with(d, "blank", upper(plain), Optional.empty());
    assertThat(plan(kind, two).aim().wood(body).name()).isEqualTo(OTHER);
    assertThat(plan(kind, two).aim().wood(upper(plain)).name()).isEqualTo(d.species());
    D alone = Elements.with(kind.fresh(), "blank", upper(plain), Optional.empty());
    assertThat(plan(kind, alone).sketch().layers()).as("one wood is no layer").isEmpty();
  }

  /** What can be chosen of a piece from one blank can be chosen of one from two. */
  @ParameterizedTest
  @MethodSource("halved")
  void everyChoiceGoesWithIt(Kind<?> kind) {
    choices(kind);
  }

  private static <D extends Design> void choices(Kind<D> kind) {
    D fresh = kind.fresh();
    List<Choice> all = new ArrayList<>(kind.choices(fresh));
    kind.ends(apart(kind, fresh)).stream().map(End::choice).forEach(all::add);
    for (Choice c : all) {
      for (Choice.Option o : c.options()) {
        D one = kind.choose(fresh, c.name(), o.name());
        assertThat(stops(plan(kind, apart(kind, one))))
            .as(c.name() + " " + o.name())
            .isEqualTo(stops(plan(kind, one)));
      }
    }
  }

  @ParameterizedTest
  @MethodSource("halved")
  void itsLengthsAreToldOfBoth(Kind<?> kind) {
    lengths(kind);
  }

  /** A little more than there is between the centres. */
  private static Optional<Size> most() {
    return Optional.of(Size.mm(Firmly.SHOP.lathe().between() + 10));
  }

  private static final DimKey LOW = new DimKey("blank-1.low");
  private static final DimKey HIGH = new DimKey("blank-1.high");

  private static <D extends Design> void lengths(Kind<D> kind) {
    D two = apart(kind, kind.fresh());
    assertThat(stops(plan(kind, kind.size(kind.fresh(), StockRules.LENGTH, most()))))
        .contains("lathe-short");
    D tall = kind.size(two, new DimKey("stick.waste-top"), Optional.of(Size.mm(30)));
    assertThat(stops(plan(kind, tall))).as("each by itself").doesNotContain("lathe-short");
    assertThat(plan(kind, two).sketch().batch().pieces()).isEqualTo(1);
    assertThat(plan(kind, two).aim().dims().get(StockRules.NEED).reason()).contains("the two");
    assertThatThrownBy(() -> Elements.with(two, "blank", upper(plan(kind, two)), Optional.empty()))
        .hasMessageContaining("already");
  }

  /** The first step saws each to its own length, and says both. */
  @ParameterizedTest
  @MethodSource("halved")
  void theFirstStepTellsBothLengths(Kind<?> kind) {
    Plan<?> two = apart(kind);
    double low = 0;
    double high = 0;
    boolean above = false;
    for (StickPiece s : two.sketch().stick()) {
      above |= s.key().equals(StockRules.KERF);
      low += above ? 0 : s.length();
      high += above && !s.key().equals(StockRules.KERF) ? s.length() : 0;
    }
    List<Finished> told = SetOut.of(two.rehearsal().stages().get(0)).finished();
    assertThat(told).hasSize(2);
    assertThat(told.get(0).length()).isCloseTo(low, within(1e-3));
    assertThat(told.get(1).length()).isCloseTo(high, within(1e-3));
  }

  @ParameterizedTest
  @MethodSource("halved")
  void eachIsTooShortOrTooThinByItself(Kind<?> kind) {
    tooSmall(kind);
  }

  private static <D extends Design> void tooSmall(Kind<D> kind) {
    D two = apart(kind, kind.fresh());
    Plan<D> good = plan(kind, two);
    String body = good.aim().parts().get(0).name();
    for (DimKey key : List.of(LOW, HIGH)) {
      double need = good.aim().mm(key);
      D less = kind.size(two, key, Optional.of(Size.mm(need - 3)));
      Plan<D> plan = plan(kind, less);
      Finding told =
          plan.findings().stream()
              .filter(f -> f.code().equals("blank-short"))
              .reduce((a, b) -> null)
              .orElseThrow();
      assertThat(told.part()).isEqualTo(key.equals(LOW) ? body : upper(good));
      assertThat(told.verdict().limit()).isCloseTo(need, within(1e-6));
      assertThat(told.verdict().found()).isCloseTo(need - 3, within(1e-6));
      double wood = plan.aim().blank().swept().volume();
      assertThat(wood).as("its wood is not there").isLessThan(good.aim().blank().swept().volume());
      Plan<D> mended =
          plan.withRemedies().findings().stream()
              .filter(told::sameAs)
              .findFirst()
              .flatMap(f -> plan.applied(f.remedies().get(0)))
              .orElseThrow();
      assertThat(stops(mended)).isEqualTo(stops(good));
      // A longer one is sawn to length.
      assertThat(stops(plan(kind, kind.size(two, key, Optional.of(Size.mm(need + 40))))))
          .isEqualTo(stops(good));
    }
    D thin = kind.size(two, new DimKey("blank-1.thick"), Optional.of(Size.mm(12)));
    assertThat(stops(plan(kind, thin))).contains("blank-thin");
    D square = Elements.sawn(two, Optional.of(true));
    double across = good.aim().mm(StockRules.ACROSS);
    double corner = plan(kind, square).aim().blank().swept().maxR();
    assertThat(corner).isCloseTo(across / Math.sqrt(2), within(0.01));
    assertThat(good.aim().blank().swept().maxR()).isCloseTo(across / 2, within(0.01));
  }

  /** A kerf of two blanks is what the saw leaves: no parting tool has to go into it. */
  @ParameterizedTest
  @MethodSource("halved")
  void aNarrowKerfIsToldOnlyWhereATurningToolGoesIn(Kind<?> kind) {
    narrow(kind);
  }

  private static <D extends Design> void narrow(Kind<D> kind) {
    D narrow = kind.size(kind.fresh(), new DimKey("stick.kerf"), Optional.of(Size.mm(1.2)));
    assertThat(stops(plan(kind, narrow))).contains("kerf-narrow");
    assertThat(stops(plan(kind, apart(kind, narrow)))).doesNotContain("kerf-narrow");
  }

  @ParameterizedTest
  @MethodSource("others")
  void whatIsOfOneBodyOrHalfIsTold(Kind<?> kind) {
    Plan<?> two = apart(kind);
    assertThat(stops(two)).contains("blank-not-here");
    assertThat(two.route()).isEqualTo(plan(kind).route());
    assertThat(two.sketch().billets()).hasSize(1);
  }

  @ParameterizedTest
  @MethodSource("halved")
  void onTheLowerHalfItIsTold(Kind<?> kind) {
    lower(kind);
  }

  private static <D extends Design> void lower(Kind<D> kind) {
    String low = plan(kind).aim().parts().get(0).name();
    D d = Elements.with(kind.fresh(), "blank", low, Optional.empty());
    assertThat(stops(plan(kind, d))).contains("blank-not-here");
  }
}
