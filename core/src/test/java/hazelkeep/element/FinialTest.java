package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.hold.Around;
import hazelkeep.hold.Grip;
import hazelkeep.hold.InJaws;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Finding;
import hazelkeep.route.Setup;
import hazelkeep.route.State;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Knobs and finials that are pieces of their own, let into a top. */
class FinialTest {
  private static final Shop SHOP = Firmly.SHOP;
  private static final Kind<?> BOX = Kinds.named("lidded-box").orElseThrow();

  private static <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, SHOP, List.of());
  }

  private static <D extends Design> Plan<D> with(
      Kind<D> kind, String part, String what, Object... sizes) {
    D d = Elements.with(kind.fresh(), what, part, Optional.empty());
    for (int i = 0; i < sizes.length; i += 2) {
      d = kind.size(d, new DimKey((String) sizes[i]), Optional.of(Size.mm((Double) sizes[i + 1])));
    }
    return plan(kind, d);
  }

  private static Set<String> codes(Plan<?> plan) {
    Set<String> out = new TreeSet<>();
    plan.findings().forEach(f -> out.add(f.code()));
    return out;
  }

  static Stream<Arguments> tops() {
    return Kinds.ALL.stream()
        .flatMap(
            k ->
                plain(k).aim().parts().stream()
                    .filter(p -> new Form(p).top().isPresent())
                    .map(p -> Arguments.of(k, p.name())));
  }

  private static <D extends Design> Plan<D> plain(Kind<D> kind) {
    return plan(kind, kind.fresh());
  }

  @ParameterizedTest
  @MethodSource("tops")
  void one_can_be_let_into_any_top(Kind<?> kind, String part) {
    Plan<?> plain = plain(kind);
    double top = new Form(plain.aim().part(part)).top().orElseThrow().radius();
    // The slimmest bit on the wall is 6: a foot of 9 covers its hole.
    double wide = Math.max(9, Math.min(13, 1.6 * top));
    Plan<?> plan = with(kind, part, "own-ball", "own-ball-1.wide", wide, "own-ball-1.deep", 2.0);
    Set<String> more = codes(plan);
    more.removeAll(codes(plain));
    if (more.contains("knob-by-hand")) {
      return;
    }
    // A bit in a lid that hangs by its jam alone turns it: told, with the bit's torque.
    assertThat(more).isSubsetOf("bore-turns", "hold-weak", "shaped-early");
    ledger(plan);
    for (Part p : List.of(plan.aim().part(part), plan.aim().part("ball finial"))) {
      HalfSection wood = plan.rehearsal().end().stock(p).orElseThrow().sound();
      assertThat(wood.minus(p.target()).area() + p.target().minus(wood).area())
          .as("%s is as drawn", p.name())
          .isLessThan(2 * HalfSection.DUST_AREA);
    }
    double on =
        plan.aim().part("ball finial").target().in(plan.aim().part("ball finial").closed()).maxZ();
    double under = plain.aim().part(part).target().in(plain.aim().part(part).closed()).maxZ();
    assertThat(on - under)
        .as("it stands on the top with its whole height, less where a dome falls away under it")
        .isBetween(
            plan.aim().mm("own-ball-1.height") - 6, plan.aim().mm("own-ball-1.height") + 1e-6);
  }

  /** Nothing is lost and nothing comes from nowhere, whatever blank it comes off. */
  private static void ledger(Plan<?> plan) {
    State end = plan.rehearsal().end();
    double blanks = plan.aim().blanks().stream().mapToDouble(Body::volume).sum();
    double out =
        end.removed()
            + end.dust()
            + end.waste()
            + end.bodies().values().stream().mapToDouble(Body::volume).sum();
    assertThat(out / (blanks + end.letIn())).isCloseTo(1, within(1e-5));
  }

  @Test
  void its_numbers_by_hand() {
    Plan<?> p = with(BOX, "lid", "own-finial");
    Part finial = p.aim().part("finial");
    Part lid = p.aim().part("lid");
    // A hole of 6 and the middle of the glued class, 0.05 to 0.15: a tenon of 5.90.
    assertThat(p.aim().mm("own-finial-1.hole")).isEqualTo(6);
    assertThat(p.aim().mm("own-finial-1.tenon")).isCloseTo(5.9, within(1e-6));
    // 4 of tenon and 0.3 for the glue, in a top that is flat there.
    double floor = lid.surface("finial 1 hole").line().last().z();
    double mouth = lid.surface("finial 1 hole").line().first().z();
    assertThat(mouth - floor).isCloseTo(4.3, within(1e-6));
    double stands = finial.target().in(finial.closed()).minZ() - (floor - lid.closed().zero());
    assertThat(stands).as("room for the glue under it").isCloseTo(0.3, within(0.01));
    // Facing 2, the tenon for the jaws, waste 12, tenon 4, finial 38, facing at the tip 6.
    double jaws = finial.stub("tenon").region().maxZ() - finial.stub("tenon").region().minZ();
    assertThat(p.aim().mm("own-finial-1.blank-long"))
        .isCloseTo(2 + jaws + 12 + 4 + 38 + 6, within(0.01));
    // Foot, urn and spire are 1, 3/2 and 9/2 of seven parts of 38.
    assertThat(finial.target().outer(finial.surface("foot").line().last().z() + 38.0 / 7))
        .as("slim over its foot: a third of its width")
        .isCloseTo(7.0 / 3, within(0.05));
    assertThat(finial.target().maxR()).isCloseTo(7, within(0.05));
  }

  @Test
  void it_is_made_before_the_bench_and_glued_in_there() {
    List<Setup> setups = with(BOX, "lid", "own-spire").route().setups();
    List<String> names = setups.stream().map(Setup::name).toList();
    assertThat(names)
        .containsSubsequence("own-spire-1 centres", "own-spire-1", "own-spire-1 by hand", "bench");
    Setup bench = setups.get(setups.size() - 1);
    assertThat(bench.steps()).anyMatch(s -> s.title().equals("Glue the spire finial in"));
    assertThat(setups.stream().flatMap(s -> s.steps().stream()).map(s -> s.key().path()))
        .doesNotHaveDuplicates();
  }

  @Test
  void it_may_be_of_another_wood() {
    D2 d = new D2(BOX);
    Body own = d.plan.aim().own("ball finial").orElseThrow();
    assertThat(own.wood().name()).isEqualTo("Gaboon ebony");
    double ebony = Species.named("Gaboon ebony").orElseThrow().kilograms();
    double pear = d.plan.aim().blank().density();
    double grams =
        d.plan.aim().parts().stream()
            .mapToDouble(
                p -> p.target().volume() * 1e-6 * (p.name().equals("ball finial") ? ebony : pear))
            .sum();
    assertThat(d.plan.sketch().properties().grams().orElseThrow())
        .isCloseTo(grams, within(1e-6 * grams));
  }

  /** A box with a knob of another wood. */
  private static final class D2 {
    private final Plan<?> plan;

    D2(Kind<?> kind) {
      this.plan = of(kind);
    }

    private static <D extends Design> Plan<D> of(Kind<D> kind) {
      Added knob = new Added("own-ball", 1, "lid").of(Optional.of("Gaboon ebony"));
      return plan(kind, Restated.with(kind.fresh(), "elements", List.of(knob)));
    }
  }

  private static Finding one(Plan<?> plan, String code) {
    return plan.findings().stream().filter(f -> f.code().equals(code)).findFirst().orElseThrow();
  }

  @Test
  void what_cant_be_is_told_with_its_numbers_and_a_way_out() {
    Plan<?> through = with(BOX, "lid", "own-ball", "own-ball-1.deep", 7.0).withRemedies();
    assertThat(one(through, "finial-through").verdict().found()).isCloseTo(7.3, within(1e-3));
    assertThat(one(through, "finial-through").remedies()).isNotEmpty();
    Plan<?> floor = with(BOX, "lid", "own-ball", "own-ball-1.deep", 4.6).withRemedies();
    assertThat(one(floor, "finial-floor").verdict().found()).isCloseTo(0.5, within(1e-3));
    assertThat(one(floor, "finial-floor").remedies()).isNotEmpty();
    Plan<?> seam = with(BOX, "lid", "own-ball", "own-ball-1.foot", 7.0).withRemedies();
    assertThat(one(seam, "finial-seam").verdict().found()).isCloseTo(0.5, within(1e-6));
    assertThat(one(seam, "finial-seam").remedies()).isNotEmpty();
    Plan<?> brief = with(BOX, "lid", "own-ball", "own-ball-1.blank-long", 38.0).withRemedies();
    assertThat(one(brief, "finial-short").verdict().found()).isCloseTo(38, within(1e-3));
    assertThat(one(brief, "finial-short").remedies()).isNotEmpty();
    Plan<?> thin = with(BOX, "lid", "own-ball", "own-ball-1.blank-across", 14.0).withRemedies();
    assertThat(one(thin, "finial-thin").remedies()).isNotEmpty();
    assertThat(codes(with(BOX, "lid", "own-ball", "own-ball-1.wide", 140.0))).contains("knob-wide");
    assertThat(codes(with(BOX, "body", "own-ball"))).contains("knob-no-top");
    assertThat(second(BOX)).contains("knob-second");
  }

  /**
   * An offcut with no room for a tenon and its shoulder goes into the jaws as it is, as far as they
   * are deep; where it is stout enough it has a tenon as before.
   */
  @ParameterizedTest
  @CsvSource({"17, true", "20, true", "30, false"})
  void a_slim_offcut_is_a_plain_cylinder_through_the_jaws(double across, boolean plain) {
    Plan<?> plan = with(BOX, "lid", "own-ball", "own-ball-1.blank-across", across);
    assertThat(codes(plan)).doesNotContain("finial-thin", "wood-left", "finial-short");
    assertThat(plan.stops()).isEqualTo(plain(BOX).stops());
    Stub held = plan.aim().parts().get(2).stubs().get(0);
    Grip grip =
        plan.route().setups().stream()
            .filter(s -> s.name().equals("own-ball-1"))
            .findFirst()
            .orElseThrow()
            .hold()
            .grip();
    assertThat(grip instanceof Around).isEqualTo(plain);
    assertThat(held.name()).isEqualTo(plain ? "cylinder" : "tenon");
    if (plain) {
      JawSet jaws = ((InJaws) grip).jaws();
      assertThat(held.region().maxR())
          .isCloseTo(across / 2 - Practice.USUAL.of(Line.STOCK_CENTRING), within(1e-3));
      assertThat(2 * held.region().maxR()).isBetween(jaws.squeeze().from(), jaws.squeeze().to());
      assertThat(held.region().maxZ() - held.region().minZ()).isCloseTo(jaws.depth(), within(1e-3));
    }
  }

  private static <D extends Design> Set<String> second(Kind<D> kind) {
    D d = Elements.with(kind.fresh(), "own-ball", "lid", Optional.empty());
    return codes(plan(kind, Elements.with(d, "own-ball", "lid", Optional.empty())));
  }
}
