package hazelkeep.kinds.goblet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.element.RingCut;
import hazelkeep.element.RingTool;
import hazelkeep.element.StemLine;
import hazelkeep.finding.Entry;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Stage;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Captive rings: how the tool leans in, what it leaves, when they come free. */
class RingTest {
  private static final GobletKind KIND = GobletKind.GOBLET;

  /** A ring of 40 to 28, 6 wide, a tool of 2 with a play of 0.5 that goes 1 past the middle. */
  private static RingCut cut(double slot) {
    return new RingCut(20, 14, 6, slot, 0, new RingTool(RingTool.How.STRAIGHT, 2, 0.5, 1));
  }

  /** By hand, from the drawing in {@link RingCut}. */
  @ParameterizedTest
  @CsvSource({
    "2.74, 26.57, 6.00, 6",
    "4, 34.22, 4.41, 5",
    "6, 43.70, 3.14, 4",
    "8, 50.74, 2.45, 3"
  })
  void a_slot_says_how_the_tool_leans_and_what_ridge_it_leaves(
      double slot, double degrees, double ridge, int rings) {
    RingCut c = cut(slot);
    assertThat(Math.toDegrees(c.lean())).isCloseTo(degrees, within(0.03));
    assertThat(c.ridge()).isCloseTo(ridge, within(0.01));
    assertThat(c.fit(60 - 2 * slot - 6)).as("in a zone of 60").isEqualTo(rings);
  }

  @Test
  void the_lowest_place_that_the_tool_reaches_bounds_the_stem() {
    assertThat(cut(6).lowest()).isCloseTo(11.90, within(0.006));
    assertThat(2 * (cut(6).lowest() - 1)).isCloseTo(21.8, within(0.01));
  }

  /** By hand: a triangle w h2 / 24 at two thirds, a house by its two parts. */
  @Test
  void a_ring_that_is_squeezed_bends_as_a_thin_ring_does() {
    assertThat(cut(2.74).squeezed(10) / 1.1).as("triangle").isCloseTo(6.37, within(0.02));
    double house = 6 - 3 + 2 / Math.cos(Math.PI / 4) + 0.5;
    assertThat(cut(house).ridge()).isCloseTo(3, within(1e-9));
    assertThat(cut(house).squeezed(10) / 1.1).as("house").isCloseTo(3.72, within(0.01));
  }

  /** The tool is brought in step by step: it never touches its ring nor the next one. */
  @ParameterizedTest
  @ValueSource(doubles = {3, 4, 5, 6, 8})
  void the_tool_clears_the_ring_and_its_neighbour_all_the_way_in(double slot) {
    RingCut c = cut(slot);
    HalfSection ring = ring(c, 0);
    HalfSection next = ring(c, -(6 + slot));
    double lean = c.lean();
    for (double back = 14; back >= 0; back -= 0.25) {
      HalfSection tool = tool(c, lean, back);
      assertThat(tool.and(ring).area()).as("ring, %s back", back).isLessThan(0.01);
      assertThat(tool.and(next).area()).as("next, %s back", back).isLessThan(0.01);
    }
    // A slot that is a little narrower than its lean needs would not do.
    HalfSection steeper = tool(c, lean + Math.toRadians(4), 0);
    assertThat(steeper.and(next).area() + steeper.and(ring).area()).isGreaterThan(0.01);
  }

  private static HalfSection ring(RingCut c, double z) {
    double q = c.inner() + Math.min(c.ridge(), c.outer() - c.inner());
    return HalfSection.of(
        List.of(
            new Point(z - 3, c.outer()),
            new Point(z + 3, c.outer()),
            new Point(z + 3, q),
            new Point(z, c.inner()),
            new Point(z - 3, q)));
  }

  /** A bar of the tool's thickness that comes from the low side, drawn back by so much. */
  private static HalfSection tool(RingCut c, double lean, double back) {
    double s = Math.sin(lean);
    double k = Math.cos(lean);
    double tz = (c.tool().past() - back) * s;
    double tr = c.inner() - (c.tool().past() - back) * k;
    double far = 40;
    return HalfSection.of(
        List.of(
            new Point(tz, tr),
            new Point(tz - far * s, tr + far * k),
            new Point(tz - far * s - c.tool().thick() * k, tr + far * k - c.tool().thick() * s),
            new Point(tz - c.tool().thick() * k, tr - c.tool().thick() * s)));
  }

  private static Goblet ringed(int rings, Object... sizes) {
    Goblet d = Restated.with(KIND.fresh(), "species", "Black cherry");
    d = Restated.with(d, "rings", rings);
    for (int i = 0; i < sizes.length; i += 2) {
      double mm = ((Number) sizes[i + 1]).doubleValue();
      d = KIND.size(d, new DimKey((String) sizes[i]), Optional.of(Size.mm(mm)));
    }
    return d;
  }

  private static Plan<Goblet> plan(Goblet d) {
    return Plan.of(KIND, d, Firmly.SHOP, List.of());
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 3, 5})
  void rings_come_loose_at_the_step_that_frees_them_and_nowhere_else(int rings) {
    Plan<Goblet> p = plan(ringed(rings));
    assertThat(p.findings().stream().filter(f -> f.grade() != Grade.NOTE)).isEmpty();
    assertThat(p.aim().parts()).hasSize(1 + rings);
    for (int i = 1; i <= rings; i++) {
      String ring = "ring " + i;
      boolean free = false;
      for (Stage s : p.rehearsal().stages()) {
        boolean before = s.before().bodies().containsKey(ring);
        boolean after = s.after().bodies().containsKey(ring);
        boolean frees = s.step().key().path().equals("rings/free " + ring);
        assertThat(after && !before).as(ring + " at " + s.step().key()).isEqualTo(frees);
        free |= after;
      }
      assertThat(free).isTrue();
      Part part = p.aim().part(ring);
      HalfSection wood = p.rehearsal().end().stock(part).orElseThrow().sound();
      assertThat(wood.minus(part.target()).area() + part.target().minus(wood).area())
          .isLessThan(0.02);
    }
  }

  @Test
  void the_outside_of_the_rings_is_finished_before_the_first_is_freed_and_the_stem_comes_last() {
    List<String> keys = plan(ringed(3)).route().steps().stream().map(s -> s.key().path()).toList();
    assertThat(keys)
        .containsSubsequence(
            "bowl/hollow",
            "rings/ring zone",
            "rings/slots",
            "rings/sand rings",
            "rings/free ring 3",
            "rings/free ring 1",
            "stem/stem 1");
  }

  static Stream<Arguments> mistakes() {
    return Stream.of(
        Arguments.of(7, "", 0, Entry.RINGS_FIT),
        Arguments.of(3, "ring.at", 18, Entry.RINGS_NEAR),
        Arguments.of(3, "ring.at", 66, Entry.RINGS_NEAR),
        Arguments.of(3, "outside.foot", 22, Entry.RING_FALLS),
        Arguments.of(3, "stem.high", 23, Entry.RING_STEM),
        Arguments.of(3, "ring.slot", 2.6, Entry.RING_DEEP),
        Arguments.of(4, "", 0, Entry.RINGS_EVEN),
        Arguments.of(3, "ring.width", 2.2, Entry.RING_WEAK));
  }

  @ParameterizedTest
  @MethodSource("mistakes")
  void what_would_go_wrong_with_rings_is_told(int rings, String key, double mm, Entry told) {
    Plan<Goblet> p = plan(key.isEmpty() ? ringed(rings) : ringed(rings, key, mm));
    assertThat(p.findings()).extracting(f -> f.verdict().entry()).contains(told);
  }

  /** Inside of 30 on a straight stem of 14: it hangs out by 8 under it. */
  @Test
  void a_free_ring_that_reaches_the_rest_is_told() {
    GobletKind kind = GobletKind.GOBLET;
    Goblet d =
        Restated.with(Restated.with(Goblet.fresh(), "rings", 1), "stem", StemLine.Form.STRAIGHT);
    d = kind.size(d, new DimKey("ring.outside"), Optional.of(Size.mm(42)));
    d = kind.size(d, new DimKey("ring.inside"), Optional.of(Size.mm(30)));
    d = kind.size(d, new DimKey("stem.diameter"), Optional.of(Size.mm(14)));
    Plan<Goblet> p = Plan.of(kind, d, Firmly.SHOP, List.of());
    assertThat(p.findings())
        .filteredOn(f -> f.verdict().entry() == Entry.RING_SWINGS)
        .singleElement()
        .satisfies(f -> assertThat(f.verdict().found()).isCloseTo(8, within(0.05)));
  }

  @Test
  void rings_for_which_there_is_no_room_are_helped_by_a_longer_stem() {
    Finding fit =
        plan(ringed(7)).withRemedies().findings().stream()
            .filter(f -> f.verdict().entry() == Entry.RINGS_FIT)
            .findFirst()
            .orElseThrow();
    assertThat(fit.verdict().found()).isEqualTo(6);
    assertThat(fit.remedies()).isNotEmpty();
  }

  @Test
  void a_slot_that_takes_no_tool_and_too_many_rings_are_refused_by_name() {
    assertThatThrownBy(() -> plan(ringed(3, "ring.slot", 2.1)))
        .isInstanceOfSatisfying(
            BadDesign.class, e -> assertThat(e.key().path()).isEqualTo("ring.slot"));
    assertThatThrownBy(() -> plan(ringed(3, "ring.inside", 40)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("has to stay below");
    assertThatThrownBy(() -> ringed(12)).hasStackTraceContaining("0 to 9 rings");
  }

  /** A hook of 2: shank, half a ring and 1 past its middle, and play make a slot of 6.5. */
  private static RingCut hooked(double slot, double edge) {
    return new RingCut(20, 14, 6, slot, edge, new RingTool(RingTool.How.HOOKED, 2, 0.5, 1));
  }

  /** By hand, 10 N on a rectangle of 6 by 6: 1.50 MPa, before what its curvature adds. */
  @Test
  void a_hook_leaves_a_ring_square_inside() {
    assertThat(hooked(6.5, 0).ridge()).isZero();
    assertThat(hooked(6.5, 0).straight()).isEqualTo(6);
    assertThat(hooked(6.5, 0).lowest()).isEqualTo(12);
    assertThat(hooked(6.5, 0).squeezed(10) / 1.1).isCloseTo(1.50, within(0.01));
  }

  /**
   * A half round outside: a square of 6 by 3 and a half disc of radius 3. Its second moment by
   * hand: the half disc's own pi/8 - 8/(9 pi) r^4 and what both lie off their centroid.
   */
  @Test
  void rounded_edges_weaken_a_ring_by_its_own_section() {
    double box = 18;
    double disc = Math.PI * 9 / 2;
    double boxAt = 15.5;
    double discAt = 17 + 4 * 3 / (3 * Math.PI);
    double centre = (box * boxAt + disc * discAt) / (box + disc);
    double inertia =
        6 * 27 / 12.0
            + box * Math.pow(boxAt - centre, 2)
            + (Math.PI / 8 - 8 / (9 * Math.PI)) * 81
            + disc * Math.pow(discAt - centre, 2);
    double fibre = Math.max(centre - 14, 20 - centre);
    double hand = 10 * centre / Math.PI * fibre / inertia;
    assertThat(hooked(6.5, 3).squeezed(10) / 1.1).isCloseTo(hand, within(0.01));
  }

  /** The hook's outline is brought in through the slot and drawn under the ring. */
  @Test
  void a_hook_clears_the_ring_and_its_neighbour_all_the_way_in() {
    RingCut c = hooked(6.5, 0);
    HalfSection ring = HalfSection.box(-3, 3, 14, 20);
    HalfSection next = HalfSection.box(-3 - 6.5 - 6, -3 - 6.5, 14, 20);
    // Down through the slot with its tip beside the ring, then along under it, past its middle.
    for (double deep = 10; deep >= 0; deep -= 0.25) {
      clear(hook(-3 - 0.25, c.lowest() + deep), ring, next);
    }
    for (double tip = -3.25; tip <= 1; tip += 0.25) {
      clear(hook(tip, c.lowest()), ring, next);
    }
    // In a slot half a millimetre too narrow it touches one of the two.
    HalfSection nearer = HalfSection.box(-3 - 6 - 6, -3 - 6, 14, 20);
    HalfSection over = hook(-3 - 0.01, 15);
    assertThat(over.and(nearer).area() + over.and(ring).area()).isGreaterThan(0.01);
  }

  /** Shank and hook, both 2 thick; the hook is half a ring and 1 long. */
  private static HalfSection hook(double tip, double low) {
    return HalfSection.box(tip - 6, tip, low, low + 2)
        .plus(HalfSection.box(tip - 6, tip - 4, low, 60));
  }

  private static void clear(HalfSection tool, HalfSection ring, HalfSection next) {
    assertThat(tool.and(ring).area() + tool.and(next).area()).isLessThan(0.01);
  }

  @ParameterizedTest
  @CsvSource({"STRAIGHT, 1.5", "HOOKED, 0", "HOOKED, 3"})
  void rings_of_any_section_come_loose_at_their_step_and_are_as_they_were_drawn(
      RingTool.How how, double edge) {
    Plan<Goblet> p = plan(Restated.with(ringed(3, "ring.edge", edge), "ringTool", how));
    assertThat(p.findings()).as(how + " " + edge).noneMatch(f -> f.grade() == Grade.STOP);
    for (int i = 1; i <= 3; i++) {
      Part part = p.aim().part("ring " + i);
      HalfSection wood = p.rehearsal().end().stock(part).orElseThrow().sound();
      assertThat(wood.minus(part.target()).area() + part.target().minus(wood).area())
          .isLessThan(0.02);
    }
    assertThat(p.route().steps().stream().map(s -> s.key().path()).toList().contains("rings/edges"))
        .isEqualTo(edge > 0);
  }

  @Test
  void a_slot_too_narrow_for_the_hook_and_edges_rounder_than_round_are_refused() {
    Goblet d = Restated.with(ringed(3), "ringTool", RingTool.How.HOOKED);
    Goblet narrow = KIND.size(d, new DimKey("ring.slot"), Optional.of(Size.mm(5)));
    assertThatThrownBy(() -> plan(narrow)).isInstanceOf(BadDesign.class);
    Goblet round = KIND.size(d, new DimKey("ring.edge"), Optional.of(Size.mm(3.4)));
    assertThatThrownBy(() -> plan(round)).isInstanceOf(BadDesign.class);
  }

  /** Four places at one pitch; a spare that is kept is no part, and goes with the stem. */
  @ParameterizedTest
  @ValueSource(strings = {"goblet", "ringed-handle"})
  void a_spare_has_the_low_place(String name) {
    spared(Kinds.named(name).orElseThrow());
  }

  private static <D extends Design> void spared(Kind<D> kind) {
    D three = Restated.with(kind.fresh(), "rings", 3);
    three = kind.size(three, new DimKey("outside.height"), Optional.of(Size.mm(190)));
    Plan<D> none = Plan.of(kind, three, Firmly.SHOP, List.of());
    Plan<D> kept = Plan.of(kind, kind.choose(three, "spare", "KEPT"), Firmly.SHOP, List.of());
    Plan<D> freed = Plan.of(kind, kind.choose(three, "spare", "FREED"), Firmly.SHOP, List.of());
    double pitch = kept.aim().mm("ring.width") + kept.aim().mm("ring.slot");
    assertThat(kept.stops() + freed.stops() + none.stops()).isZero();
    assertThat(kept.aim().parts()).hasSameSizeAs(none.aim().parts());
    assertThat(low(kept, "ring 1")).isCloseTo(low(none, "ring 1") + pitch / 2, within(0.01));
    assertThat(low(freed, "ring 4")).isCloseTo(low(freed, "ring 1") - pitch, within(0.01));
    assertThat(low(freed, "ring 3")).isEqualTo(low(kept, "ring 3"));
    assertThat(kept.findings()).extracting(Finding::code).doesNotContain("sizes-contradict");
    assertThat(freed.rehearsal().stages())
        .extracting(s -> s.step().key().path())
        .containsSubsequence("rings/free ring 3", "rings/free ring 1", "rings/free ring 4");
    // Before the stem is turned the block of the spare stands as high as the rings.
    Stage slots =
        kept.rehearsal().stages().stream()
            .filter(s -> s.step().key().path().equals("rings/slots"))
            .findFirst()
            .orElseThrow();
    HalfSection wood = slots.after().stock(kept.aim().parts().get(0)).orElseThrow().sound();
    double block = low(kept, "ring 1") - pitch + kept.aim().mm("ring.width") / 2;
    assertThat(2 * wood.outer(block)).isCloseTo(kept.aim().mm("ring.outside"), within(0.01));
    double beside = block - pitch / 2;
    assertThat(2 * wood.outer(beside)).isLessThan(kept.aim().mm("ring.outside") - 4);
  }

  private static double low(Plan<?> plan, String part) {
    return plan.aim().part(part).target().minZ();
  }
}
