package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.finding.Entry;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.ScrewedOn;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.kinds.cased.CasedKind;
import hazelkeep.kinds.jar.JarKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Caution;
import hazelkeep.route.Finding;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A bought threaded pair in the place of a wooden joint, whatever it closes. */
class ThreadPairTest {
  private final Shop shop = Firmly.SHOP;

  /** A kind with a design that is screwed together, and its halves with recess and spigot. */
  record Screwed<D extends Design>(Kind<D> kind, D design, String recess, String spigot) {
    Plan<D> plan(Shop shop, List<RouteEdit> edits) {
      return Plan.of(kind, design, shop, edits);
    }

    Screwed<D> with(String key, double mm) {
      D d = kind.size(design, new DimKey(key), Optional.of(Size.mm(mm)));
      return new Screwed<>(kind, d, recess, spigot);
    }

    Screwed<D> choose(String choice, String option) {
      return new Screwed<>(kind, kind.choose(design, choice, option), recess, spigot);
    }

    @Override
    public String toString() {
      return kind.name() + ", recess in the " + recess;
    }
  }

  private static <D extends Design> Screwed<D> over(Kind<D> kind) {
    return new Screwed<>(kind, kind.choose(kind.fresh(), "closes", "THREAD"), "lid", "body");
  }

  static Stream<Screwed<?>> all() {
    Screwed<?> in = over(LiddedBoxKind.BOX).choose("school", "LID_IN");
    return Stream.of(
        over(LiddedBoxKind.BOX),
        new Screwed<>(
            LiddedBoxKind.BOX,
            LiddedBoxKind.BOX.choose(LiddedBoxKind.BOX.type().cast(in.design()), "footBy", "SAW"),
            "body",
            "lid"),
        over(LiddedBoxKind.CANISTER),
        over(CasedKind.NEEDLE_CASE),
        over(CasedKind.HOUSE),
        over(JarKind.JAR));
  }

  private Plan<?> plan(Screwed<?> s) {
    return s.plan(shop, List.of());
  }

  private static List<String> codes(Plan<?> plan) {
    return plan.findings().stream().map(Finding::code).toList();
  }

  private static double across(Plan<?> plan, String part, String surface) {
    return 2
        * plan.aim().surface(new SurfaceId(part, surface)).line().points().stream()
            .mapToDouble(Point::r)
            .max()
            .orElseThrow();
  }

  /** What was bought says what is turned: glue room 0.2 mm on the diameter (common practice). */
  @ParameterizedTest
  @MethodSource("all")
  void what_was_bought_says_the_seats(Screwed<?> fresh) {
    double bore = plan(fresh).aim().mm("insert.bore");
    double outer = plan(fresh).aim().mm("insert.outer") + 0.6;
    Plan<?> plan = plan(fresh.with("insert.outer", outer).with("insert.bore", bore));
    assertThat(plan.stops()).as(codes(plan).toString()).isZero();
    assertThat(codes(plan)).doesNotContain("sizes-contradict", "insert-tight", "insert-loose");
    assertThat(across(plan, fresh.recess, "recess")).isCloseTo(outer + 0.2, within(1e-9));
    assertThat(across(plan, fresh.spigot, "spigot")).isCloseTo(bore - 0.2, within(1e-9));
    assertThat(plan.aim().mm("insert.wall")).isCloseTo((outer - bore) / 2, within(1e-9));
    assertThat(plan.aim().joints()).isEmpty();
  }

  /** Closed, the rings lie clear of all wood, by half the room, and the shoulders meet. */
  @ParameterizedTest
  @MethodSource("all")
  void rings_lie_between_the_halves(Screwed<?> s) {
    Plan<?> plan = plan(s);
    assertThat(plan.stops()).as(codes(plan).toString()).isZero();
    List<Fitting> rings = plan.sketch().fittings();
    assertThat(rings).hasSize(2).noneMatch(Fitting::wood);
    HalfSection wood = HalfSection.EMPTY;
    for (Part p : plan.aim().parts()) {
      wood = wood.plus(p.target().in(p.closed()));
    }
    for (Fitting f : rings) {
      assertThat(f.outline().and(wood).area()).as(f.name()).isLessThan(1e-6);
    }
    Part body = plan.aim().part("body");
    Part lid = plan.aim().part("lid");
    HalfSection below = body.target().in(body.closed());
    HalfSection above = lid.target().in(lid.closed());
    double join = s.recess.equals("lid") ? above.minZ() : below.maxZ();
    double beside = plan.aim().mm("insert.shelf") / 2 + 0.1;
    assertThat(below.holds(new Point(join - 0.01, beside))).isTrue();
    assertThat(above.holds(new Point(join + 0.01, beside))).isTrue();
    double shelf = plan.aim().mm("insert.shelf");
    assertThat(across(plan, s.recess, "shelf")).isCloseTo(shelf, within(1e-9));
    double wide = 2 * rings.get(1).outline().maxR();
    assertThat(wide).isBetween(plan.aim().mm("insert.outer") + 3.9, shelf + 1e-9);
  }

  /** Both rings are glued before anything hangs on them, and nothing is jammed or tried. */
  @ParameterizedTest
  @MethodSource("all")
  void it_is_screwed_on_where_it_was_jammed(Screwed<?> s) {
    Plan<?> plan = plan(s);
    List<Step> steps = plan.route().setups().stream().flatMap(x -> x.steps().stream()).toList();
    assertThat(steps).flatMap(Step::acts).noneMatch(Act.Try.class::isInstance);
    assertThat(plan.aim().dims()).doesNotContainKey(new DimKey("joint.jam"));
    assertThat(plan.route().setups()).noneMatch(x -> x.hold().grip() instanceof JamOn);
    List<Step> glued =
        steps.stream().filter(x -> x.acts().stream().anyMatch(Act.Glue.class::isInstance)).toList();
    assertThat(glued).hasSize(2).allMatch(x -> x.words().contains("Leave it 12 h"));
    int first =
        plan.route().setups().stream()
            .filter(x -> x.hold().grip() instanceof ScrewedOn)
            .findFirst()
            .map(x -> steps.indexOf(x.steps().get(0)))
            .orElseThrow();
    assertThat(glued).allMatch(x -> steps.indexOf(x) < first);
  }

  /** In reverse a thread lets go: said at every step that hangs on it but the first of a hold. */
  @ParameterizedTest
  @MethodSource("all")
  void what_is_screwed_on_is_never_run_in_reverse(Screwed<?> s) {
    Plan<?> plan = plan(s);
    List<Stage> hung =
        plan.rehearsal().stages().stream()
            .filter(x -> x.setup().hold().grip() instanceof ScrewedOn)
            .filter(x -> x.setup().steps().get(0) != x.step())
            .toList();
    assertThat(hung).isNotEmpty();
    for (Stage x : hung) {
      assertThat(Caution.of(x, plan.route()).words()).contains("never in reverse");
    }
  }

  @ParameterizedTest
  @MethodSource("all")
  void a_ring_that_is_not_glued_is_told(Screwed<?> s) {
    StepKey glue =
        plan(s).route().setups().stream()
            .flatMap(x -> x.steps().stream())
            .filter(x -> x.acts().stream().anyMatch(Act.Glue.class::isInstance))
            .findFirst()
            .orElseThrow()
            .key();
    Plan<?> without = s.plan(shop, List.of(new RouteEdit.Drop(glue)));
    assertThat(codes(without)).contains("insert-unglued", "last-glue");
    assertThat(without.stops()).isGreaterThanOrEqualTo(2);
  }

  /** Turned without room for glue, and with more than glue bridges. */
  @ParameterizedTest
  @MethodSource("all")
  void room_for_glue_is_judged(Screwed<?> s) {
    Shop dry = shop.with(shop.practice().with(Line.INSERT_ROOM, OptionalDouble.of(0)));
    Shop wide = shop.with(shop.practice().with(Line.INSERT_ROOM, OptionalDouble.of(1)));
    assertThat(codes(s.plan(dry, List.of()))).contains("insert-tight");
    assertThat(codes(s.plan(wide, List.of()))).contains("insert-loose");
  }

  @ParameterizedTest
  @MethodSource("all")
  void rings_too_thin_for_a_thread_are_told(Screwed<?> s) {
    double bore = plan(s).aim().mm("insert.bore");
    Plan<?> thin = plan(s.with("insert.bore", bore).with("insert.outer", bore + 2));
    Finding f =
        thin.findings().stream()
            .filter(x -> x.verdict().entry() == Entry.INSERT_THIN)
            .findFirst()
            .orElseThrow(() -> new AssertionError(codes(thin).toString()));
    assertThat(f.verdict().found()).isCloseTo(1, within(1e-9));
    assertThat(f.verdict().limit()).isEqualTo(1.5);
  }

  /** Jaws and plugs keep off the rings: by the spigot where that has one, by the mouth else. */
  @Test
  void no_hold_presses_on_a_thread() {
    Screwed<?> over = over(LiddedBoxKind.BOX);
    assertThat(codes(plan(over.choose("footBy", "AROUND")))).contains("hold-missing");
    assertThat(codes(plan(over.choose("footBy", "JAM_PLUG")))).doesNotContain("hold-missing");
    assertThat(codes(plan(over.choose("topBy", "JAM_PLUG")))).contains("hold-missing");
    Screwed<?> in = over.choose("school", "LID_IN");
    assertThat(codes(plan(in.choose("footBy", "JAM_PLUG")))).contains("hold-missing");
    assertThat(codes(plan(in.choose("footBy", "ON_PARTNER")))).doesNotContain("hold-missing");
    assertThat(codes(plan(over(JarKind.JAR).choose("footBy", "JAM_CUP")))).contains("hold-missing");
  }

  @Test
  void what_can_not_be_is_refused_in_words() {
    Screwed<?> s = over(LiddedBoxKind.BOX);
    assertThatThrownBy(() -> plan(s.with("insert.outer", 20).with("insert.bore", 24)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("has to stay below");
    assertThatThrownBy(() -> plan(s.with("insert.shelf", 70)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("has to stay below");
    assertThatThrownBy(() -> plan(s.with("insert.shelf-deep", 19)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("has to stay below");
  }

  /** A pair without a flange has no shelf. */
  @ParameterizedTest
  @MethodSource("all")
  void a_pair_without_a_flange(Screwed<?> s) {
    Plan<?> plan = plan(s.with("insert.shelf-deep", 0));
    assertThat(plan.stops()).as(codes(plan).toString()).isZero();
    assertThat(plan.aim().part(s.recess).surfaces()).noneMatch(x -> x.id().name().equals("shelf"));
  }
}
