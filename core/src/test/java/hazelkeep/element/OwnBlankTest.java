package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.End;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.StockRules;
import hazelkeep.route.Finding;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
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
    return Plan.of(kind, design, Shop.starter(), List.of());
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
    assertThat(two.sketch().blanks().stream().mapToDouble(s -> s.length()).sum())
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
    double body =
        two.aim().parts().get(0).target().volume()
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
    return Optional.of(Size.mm(Shop.starter().lathe().between() + 10));
  }

  private static <D extends Design> void lengths(Kind<D> kind) {
    D two = apart(kind, kind.fresh());
    Plan<D> stated = plan(kind, kind.size(two, StockRules.LENGTH, most()));
    assertThat(stops(stated)).as("each goes between the centres").doesNotContain("lathe-short");
    assertThat(stops(plan(kind, kind.size(kind.fresh(), StockRules.LENGTH, most()))))
        .contains("lathe-short");
    assertThat(stops(plan(kind, kind.size(two, StockRules.LENGTH, Optional.of(Size.mm(700))))))
        .as("one of both does not")
        .contains("lathe-short");
    assertThat(stated.sketch().batch().pieces()).as("no batch out of two blanks").isEqualTo(1);
    assertThat(plan(kind, two).aim().dims().get(StockRules.NEED).reason()).contains("the two");
    assertThatThrownBy(() -> Elements.with(two, "blank", upper(plan(kind, two)), Optional.empty()))
        .hasMessageContaining("already");
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
    assertThat(two.sketch().blanks()).hasSize(1);
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
