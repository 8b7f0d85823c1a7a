package hazelkeep.kinds.goblet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.route.Finding;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A goblet out of a branch whose foot stays as it grew. */
class BranchTest {
  private final Shop shop = Shop.starter();

  private static Goblet branch(double wide, double slim, double bark, double off) {
    Goblet d = Restated.with(Goblet.fresh(), "stands", Goblet.Stands.ROUGH);
    Blank limb =
        new Blank(
            Optional.empty(),
            Optional.of(Size.mm(wide)),
            false,
            Optional.of(Size.mm(slim)),
            Optional.of(Size.mm(bark)),
            true);
    return with(Restated.with(d, "blank", Optional.of(limb)), "blank.off", off);
  }

  private static Goblet with(Goblet d, String key, double mm) {
    Map<DimKey, Size> sizes = new TreeMap<>(d.sizes());
    sizes.put(new DimKey(key), Size.mm(mm));
    return Restated.with(d, "sizes", sizes);
  }

  private Plan<Goblet> plan(Goblet d) {
    return Plan.of(GobletKind.GOBLET, d, shop, List.of());
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  /** It stands on what is wood all round: the smaller radius less how far its middle is off. */
  @ParameterizedTest
  @CsvSource({"85, 82, 4, 6", "150, 140, 5, 20", "90, 90, 3, 1", "110, 100, 8, 12"})
  void its_foot_is_the_limb(double wide, double slim, double bark, double off) {
    Plan<Goblet> plan = plan(branch(wide, slim, bark, off));
    assertThat(plan.stops()).as(codes(plan).toString()).isZero();
    assertThat(codes(plan)).doesNotContain("sizes-contradict");
    double r = slim / 2 - off;
    Part p = plan.aim().part("goblet");
    double foot = p.target().minZ();
    assertThat(p.target().outer(foot + 12)).isCloseTo(r, within(1e-3));
    assertThat(plan.aim().mm("outside.foot")).isCloseTo(2 * r, within(1e-9));
    assertThat(plan.aim().blank().swept().maxR()).isCloseTo(wide / 2 + off, within(1e-3));
    HalfSection end = plan.rehearsal().end().stock(p).orElseThrow().sound();
    assertThat(end.minus(p.target()).area() + p.target().minus(end).area()).isLessThan(0.05);
    HalfSection swept = plan.rehearsal().end().stock(p).orElseThrow().swept();
    assertThat(swept.outer(foot + 12))
        .as("its bark is still there")
        .isCloseTo(wide / 2 + off, within(1e-3));
    assertThat(swept.outer(p.target().maxZ() - 5)).isLessThan(40);
  }

  /** Tipping by hand: half of it over the foot's nearest edge. */
  @Test
  void it_tips_over_the_side_that_is_nearest() {
    double near = plan(branch(120, 120, 4, 20)).sketch().properties().tips();
    double middle = plan(branch(120, 120, 4, 1)).sketch().properties().tips();
    assertThat(near).isLessThan(middle);
  }

  /** Twice as far off it may turn 1 / sqrt 2 as fast, all else the same. */
  @Test
  void a_crooked_limb_is_turned_slowly_all_the_way() {
    double last = Double.POSITIVE_INFINITY;
    for (double off : List.of(2.0, 6.0, 14.0)) {
      Plan<Goblet> plan = plan(branch(140, 130, 4, off));
      for (Stage s : plan.rehearsal().stages()) {
        s.speeds()
            .ifPresent(v -> assertThat(v.to()).as(s.step().key().path()).isLessThanOrEqualTo(1200));
      }
      double first = plan.rehearsal().stages().get(0).speeds().orElseThrow().to();
      assertThat(first).isLessThan(last);
      last = first;
    }
    Plan<Goblet> heavy =
        plan(with(with(branch(220, 210, 6, 40), "foot.edge", 90), "outside.height", 280));
    Finding f =
        heavy.findings().stream()
            .filter(x -> x.code().equals("out-of-balance"))
            .findFirst()
            .orElseThrow(() -> new AssertionError(codes(heavy).toString()));
    assertThat(f.grade()).isIn(Grade.WATCH, Grade.STOP);
    assertThat(f.verdict().limit()).isEqualTo(50).isLessThan(f.verdict().found());
  }

  /** A rim as wide as the limb comes into its bark; one that stays inside the wood does not. */
  @Test
  void bark_on_the_rim_is_told() {
    Goblet wide = with(branch(90, 88, 6, 1), "outside.rim", 80);
    assertThat(codes(plan(with(wide, "outside.diameter", 84)))).contains("bark-rim");
    assertThat(codes(plan(branch(90, 88, 6, 1)))).doesNotContain("bark-rim");
  }

  /** Said once of every blank it is as if it were said of this one. */
  @Test
  void an_own_error_of_centring_is_drawn_too() {
    Shop crooked = shop.with(shop.practice().with(Line.STOCK_CENTRING, OptionalDouble.of(6)));
    Goblet said = branch(120, 116, 4, 6);
    Goblet unsaid = Restated.with(said, "sizes", Map.of());
    Plan<Goblet> own = Plan.of(GobletKind.GOBLET, unsaid, crooked, List.of());
    assertThat(own.aim().blank().swept().text()).isEqualTo(plan(said).aim().blank().swept().text());
    assertThat(own.rehearsal().stages().get(0).speeds())
        .isEqualTo(plan(said).rehearsal().stages().get(0).speeds());
    assertThat(plan(unsaid).aim().blank().swept().maxR()).isCloseTo(60, within(1e-3));
  }

  @Test
  void a_blank_that_misses_the_axis_is_refused() {
    assertThatThrownBy(() -> plan(branch(90, 88, 6, 46)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("below the radius of the blank, 44.0 mm");
  }

  @Test
  void a_foot_stated_otherwise_is_told() {
    assertThat(plan(with(branch(90, 88, 6, 1), "outside.foot", 60)).stops()).isPositive();
  }

  /** Without a limb it is as wide as the bowl's own blank. */
  @Test
  void without_stock_the_blank_stays() {
    Plan<Goblet> plan = plan(Restated.with(Goblet.fresh(), "stands", Goblet.Stands.ROUGH));
    assertThat(plan.stops()).isZero();
    assertThat(plan.aim().mm("outside.foot"))
        .isCloseTo(plan.aim().mm("blank.across"), within(1e-9));
  }
}
