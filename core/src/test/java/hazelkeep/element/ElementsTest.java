package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Added;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Act;
import hazelkeep.route.Finding;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is added to a piece: on every kind, without a word in any of them. */
class ElementsTest {
  private static final Shop SHOP = Firmly.SHOP;

  /** A part of a kind with a place on its side where a shape has room. */
  private record Room(Kind<?> kind, String part, double height) {}

  static Stream<Room> rooms() {
    List<Room> out = new ArrayList<>();
    for (Kind<?> kind : Kinds.ALL) {
      Sketch<?> s = sketch(kind);
      for (Part p : s.aim().parts()) {
        Form form = new Form(p);
        place(form, 2).ifPresent(at -> out.add(new Room(kind, p.name(), at)));
      }
    }
    return out.stream();
  }

  /** The first height from two fifths on that has room for something, so far to both sides. */
  static Optional<Double> place(Form form, double half) {
    return Stream.of(0.4, 0.45, 0.5, 0.6, 0.7)
        .map(share -> share * form.height())
        .filter(at -> form.free(at - half, at + half).isPresent())
        .findFirst();
  }

  static Stream<Arguments> everywhere() {
    return rooms().flatMap(r -> Stream.of(Shape.values()).map(s -> Arguments.of(r, s)));
  }

  private static <D extends Design> Sketch<D> sketch(Kind<D> kind) {
    return Sketch.of(kind, kind.fresh(), SHOP, Map.of());
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, SHOP, List.of());
  }

  /** A fresh piece with a small shape on a part. */
  private static <D extends Design> Plan<D> with(
      Kind<D> kind, Shape shape, String part, double height) {
    D d = Elements.with(kind.fresh(), shape.key(), part, Size.mm(height));
    d = kind.size(d, new DimKey(shape.key() + "-1.wide"), Optional.of(Size.mm(3)));
    d = kind.size(d, new DimKey(shape.key() + "-1.deep"), Optional.of(Size.mm(0.6)));
    if (shape == Shape.LINES) {
      d = kind.size(d, new DimKey("lines-1.wide"), Optional.of(Size.mm(1)));
      d = kind.size(d, new DimKey("lines-1.apart"), Optional.of(Size.mm(1.4)));
    }
    return plan(kind, d);
  }

  private static Set<String> codes(Plan<?> p) {
    Set<String> out = new TreeSet<>();
    p.findings().stream().filter(f -> f.grade() != Grade.NOTE).map(Finding::code).forEach(out::add);
    return out;
  }

  @Test
  void every_kind_has_a_part_with_room() {
    assertThat(rooms().map(r -> r.kind.name()).distinct()).hasSize(Kinds.ALL.size());
    assertThat(rooms().count()).isGreaterThan(Kinds.ALL.size());
  }

  @ParameterizedTest
  @MethodSource("everywhere")
  void any_shape_can_be_turned_on_any_part_that_has_room(Room at, Shape shape) {
    Plan<?> plain = plan(at.kind);
    Plan<?> plan = with(at.kind, shape, at.part, at.height);
    Set<String> more = codes(plan);
    more.removeAll(codes(plain));
    more.removeAll(Set.of("detail-thin", "bead-deep"));
    assertThat(more).as("new stops and watches " + plan.findings()).isEmpty();
    String step = shape.key() + " 1";
    assertThat(plan.route().steps()).anyMatch(s -> s.key().path().endsWith("/" + step));
    assertThat(plan.aim().dims()).containsKey(new DimKey(shape.key() + "-1.height"));
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind) {
    return plan(kind, kind.fresh());
  }

  @ParameterizedTest
  @MethodSource("everywhere")
  void the_drawn_section_has_the_sizes_that_were_stated(Room at, Shape shape) {
    Plan<?> plan = usual(at.kind, shape, at.part, at.height);
    assertThat(plan.findings()).extracting(Finding::code).doesNotContain("sizes-contradict");
  }

  private static <D extends Design> Plan<D> usual(
      Kind<D> kind, Shape shape, String part, double height) {
    return plan(kind, Elements.with(kind.fresh(), shape.key(), part, Size.mm(height)));
  }

  /** A texture is made after its surface is sanded, and before it is coated. */
  @ParameterizedTest
  @MethodSource("kinds")
  void no_abrasive_goes_over_a_texture(Kind<?> kind) {
    untouched(kind);
  }

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  private static <D extends Design> void untouched(Kind<D> kind) {
    Plan<D> plain = plan(kind);
    for (Part p : plain.aim().made()) {
      double at = Math.rint(0.4 * new Form(p).height());
      Plan<D> plan =
          plan(kind, Elements.with(kind.fresh(), "texture", p.name(), Size.mm(Math.max(1, at))));
      boolean textured = false;
      for (Step s : plan.route().steps()) {
        boolean band = s.key().path().endsWith("/texture 1 pattern");
        for (Act a : s.acts()) {
          boolean sands = a instanceof Act.Sand x && outside(plan, x.on(), p.name(), at);
          assertThat(textured && sands).as("%s of %s", s.key(), kind.name()).isFalse();
        }
        textured |= band;
      }
    }
  }

  /** Whether a surface is the outside of a part at a height. */
  private static boolean outside(Plan<?> plan, SurfaceId on, String part, double at) {
    Part p = plan.aim().part(part);
    double z = p.datum() + at;
    return on.part().equals(part)
        && !plan.aim().surface(on).inside()
        && plan.aim().surface(on).line().points().stream().anyMatch(x -> x.z() <= z)
        && plan.aim().surface(on).line().points().stream().anyMatch(x -> x.z() >= z);
  }

  /** By hand, on a straight well: what a shape takes is its half-section turned round. */
  @ParameterizedTest
  @EnumSource(Shape.class)
  void the_wood_that_goes_is_what_the_shape_takes(Shape shape) {
    Kind<?> well = Kinds.named("straight-well").orElseThrow();
    Plan<?> plain = plan(well);
    Plan<?> plan = with(well, shape, "vessel", 30);
    double r = plain.aim().mm("outside.diameter") / 2;
    double wide = shape == Shape.LINES ? 1 : 3;
    double deep = 0.6;
    double area =
        switch (shape) {
          case LINE, BURNT -> wide * deep / 2;
          case LINES -> 3 * wide * deep / 2;
          case WAIST -> wide * deep / 2;
          case COVE -> Math.PI / 4 * wide * deep;
          default -> Double.NaN;
        };
    double taken =
        plain.aim().part("vessel").target().area() - plan.aim().part("vessel").target().area();
    if (!Double.isNaN(area)) {
      assertThat(taken).isCloseTo(area, within(0.02 * area));
    }
    assertThat(taken).isBetween(0.2 * wide * deep, 3.0 * wide * deep);
    double volume =
        plain.aim().part("vessel").target().volume() - plan.aim().part("vessel").target().volume();
    // Pappus: what is near the outside goes round at nearly its radius.
    assertThat(volume).isCloseTo(2 * Math.PI * (r - deep / 3) * taken, within(0.02 * volume));
  }

  @ParameterizedTest
  @EnumSource(Shape.class)
  void the_route_leaves_the_piece_as_it_was_drawn(Shape shape) {
    for (Kind<?> kind : Kinds.ALL) {
      Room at = rooms().filter(r -> r.kind == kind).findFirst().orElseThrow();
      Plan<?> plan = with(kind, shape, at.part, at.height);
      for (Part p : plan.aim().parts()) {
        HalfSection wood = plan.rehearsal().end().stock(p).orElseThrow().sound();
        assertThat(wood.minus(p.target()).area() + p.target().minus(wood).area())
            .as(kind.name() + " " + p.name())
            .isLessThan(2 * HalfSection.DUST_AREA);
      }
    }
  }

  @Test
  void it_is_cut_after_its_outside_and_before_that_is_sanded() {
    for (Kind<?> kind : Kinds.ALL) {
      Room at = rooms().filter(r -> r.kind == kind).findFirst().orElseThrow();
      List<Step> steps = with(kind, Shape.LINE, at.part, at.height).route().steps();
      int line = at(steps, s -> s.key().path().endsWith("/line 1"));
      Surface on =
          new Form(sketch(kind).aim().part(at.part)).free(at.height, at.height + 0.1).get();
      int sanded =
          at(
              steps,
              s ->
                  s.acts().stream()
                      .anyMatch(a -> a instanceof Act.Sand x && x.on().equals(on.id())));
      assertThat(line).as(kind.name()).isPositive();
      assertThat(sanded < 0 || sanded >= line - 1).as(kind.name()).isTrue();
    }
  }

  private static int at(List<Step> steps, java.util.function.Predicate<Step> which) {
    for (int i = 0; i < steps.size(); i++) {
      if (which.test(steps.get(i))) {
        return i;
      }
    }
    return -1;
  }

  private static <D extends Design> Plan<D> well(List<Added> added, Map<String, Double> sizes) {
    @SuppressWarnings("unchecked")
    Kind<D> kind = (Kind<D>) Kinds.named("straight-well").orElseThrow();
    D d = hazelkeep.measure.Restated.with(kind.fresh(), "elements", added);
    for (Map.Entry<String, Double> e : sizes.entrySet()) {
      d = kind.size(d, new DimKey(e.getKey()), Optional.of(Size.mm(e.getValue())));
    }
    return plan(kind, d);
  }

  private static Finding one(Plan<?> p, String code) {
    return p.findings().stream().filter(f -> f.code().equals(code)).findFirst().orElseThrow();
  }

  @Test
  void two_that_want_one_place_are_told_and_the_later_one_is_left_out() {
    Plan<?> p =
        well(
            List.of(new Added("bead", 1, "vessel"), new Added("line", 1, "vessel")),
            Map.of("bead-1.height", 30.0, "line-1.height", 31.0));
    Finding f = one(p, "detail-meets");
    assertThat(f.verdict().title()).isEqualTo("The line 1 meets the bead 1");
    assertThat(p.route().steps()).noneMatch(s -> s.key().path().endsWith("line 1"));
    Plan<?> helped = p.withRemedies();
    assertThat(one(helped, "detail-meets").remedies()).isNotEmpty();
  }

  @Test
  void one_past_the_end_of_its_outside_is_told() {
    Plan<?> p = well(List.of(new Added("cove", 1, "vessel")), Map.of("cove-1.height", 1.0));
    assertThat(one(p, "detail-no-room").grade()).isEqualTo(Grade.STOP);
    assertThat(one(p.withRemedies(), "detail-no-room").remedies()).isNotEmpty();
  }

  @Test
  void what_is_cut_too_deep_or_too_fine_or_too_steep_is_told_with_its_number() {
    Plan<?> p =
        well(
            List.of(new Added("bead", 1, "vessel"), new Added("line", 1, "vessel")),
            Map.of(
                "bead-1.height", 60.0,
                "bead-1.wide", 4.0,
                "bead-1.deep", 3.0,
                "line-1.height", 30.0,
                "line-1.wide", 0.3));
    assertThat(one(p, "bead-deep").verdict().limit()).isEqualTo(2);
    assertThat(one(p, "detail-fine").verdict().found()).isEqualTo(0.3);
    double wall = (p.aim().mm("outside.diameter") - p.aim().mm("bore.diameter")) / 2;
    Plan<?> deep =
        well(
            List.of(new Added("step", 1, "vessel")),
            Map.of("step-1.height", 80.0, "step-1.deep", wall - 1));
    assertThat(one(deep, "detail-thin").verdict().found()).isCloseTo(1, within(0.01));
    assertThat(one(deep, "detail-thin").grade()).isEqualTo(Grade.STOP);
  }

  /** Kinds with a part that has a top: an end that is closed and seen. */
  static Stream<Arguments> tops() {
    return Kinds.ALL.stream()
        .flatMap(
            k ->
                sketch(k).aim().parts().stream()
                    .filter(p -> new Form(p).top().isPresent())
                    .map(p -> Arguments.of(k, p.name())))
        .flatMap(
            a ->
                Stream.of("button", "ball", "spire")
                    .map(w -> Arguments.of(a.get()[0], a.get()[1], w)));
  }

  private static <D extends Design> Plan<D> knobbed(
      Kind<D> kind, String part, String what, Object... sizes) {
    D d = Elements.with(kind.fresh(), what, part, Optional.empty());
    for (int i = 0; i < sizes.length; i += 2) {
      d = kind.size(d, new DimKey((String) sizes[i]), Optional.of(Size.mm((Double) sizes[i + 1])));
    }
    return plan(kind, d);
  }

  @ParameterizedTest
  @MethodSource("tops")
  void a_knob_can_be_turned_on_any_top(Kind<?> kind, String part, String what) {
    Plan<?> plain = plan(kind);
    double wide = Math.min(13, 1.2 * new Form(plain.aim().part(part)).top().orElseThrow().radius());
    Plan<?> plan = knobbed(kind, part, what, what + "-1.wide", wide, what + "-1.neck", 0.8 * wide);
    Set<String> more = codes(plan);
    more.removeAll(codes(plain));
    // Said first and with its ways out; what else comes of it stands beside it.
    if (more.contains("knob-by-hand")) {
      return;
    }
    // What is slim is told to be soft, as it is.
    assertThat(more)
        .as("new stops and watches")
        .isSubsetOf("knob-neck", "breaks", "shakes", "hold-weak");
    if (wide >= 13 && !what.equals("spire")) {
      assertThat(more).isEmpty();
    }
    HalfSection wood = plan.rehearsal().end().stock(plan.aim().part(part)).orElseThrow().sound();
    HalfSection target = plan.aim().part(part).target();
    assertThat(wood.minus(target).area() + target.minus(wood).area())
        .isLessThan(2 * HalfSection.DUST_AREA);
    double tall = plan.aim().mm(what + "-1.height");
    assertThat(target.maxZ() - plain.aim().part(part).target().maxZ())
        .as("the blank is longer by it")
        .isGreaterThanOrEqualTo(tall - 1e-6);
    assertThat(plan.aim().mm("stick.need"))
        .isCloseTo(plain.aim().mm("stick.need") + tall, within(1e-6));
  }

  @Test
  void a_ball_has_the_volume_of_a_ball_on_a_neck() {
    Kind<?> box = Kinds.named("lidded-box").orElseThrow();
    Plan<?> plain = plan(box);
    Plan<?> plan =
        knobbed(box, "lid", "ball", "ball-1.height", 14.0, "ball-1.wide", 12.0, "ball-1.neck", 6.0);
    double more =
        plan.aim().part("lid").target().volume() - plain.aim().part("lid").target().volume();
    // By hand: a ball of 12 less the cap inside the neck of 6, and the neck up to it.
    double h = 6 - Math.sqrt(36 - 9);
    double cap = Math.PI * h * h * (3 * 6 - h) / 3;
    double ball = 4.0 / 3 * Math.PI * 216;
    double neck = Math.PI * 9 * (14 - 12 + h);
    assertThat(more).isCloseTo(ball - cap + neck, within(0.01 * more));
  }

  @Test
  void a_knob_where_none_can_stand_is_told() {
    Kind<?> box = Kinds.named("lidded-box").orElseThrow();
    assertThat(codes(knobbed(box, "body", "ball"))).contains("knob-no-top");
    assertThat(codes(knobbed(box, "lid", "ball", "ball-1.wide", 150.0))).contains("knob-wide");
    assertThat(codes(knobbed(box, "lid", "ball", "ball-1.neck", 2.0))).contains("knob-neck");
    Plan<?> low = knobbed(box, "lid", "ball", "stick.waste-top", 4.0);
    assertThat(one(low, "knob-no-wood").verdict().found()).isCloseTo(4, within(1e-6));
    assertThat(one(low.withRemedies(), "knob-no-wood").remedies()).isNotEmpty();
    assertThat(twoKnobs(box)).contains("knob-second");
  }

  private static <D extends Design> Set<String> twoKnobs(Kind<D> kind) {
    D d = Elements.with(kind.fresh(), "ball", "lid", Optional.empty());
    return codes(plan(kind, Elements.with(d, "spire", "lid", Optional.empty())));
  }

  @ParameterizedTest
  @ValueSource(strings = {"strip", "collar", "blank"})
  void what_is_put_at_no_height_says_so(String what) {
    assertThatThrownBy(() -> Elements.with(LiddedBox.fresh(), what, "lid", Size.mm(10)))
        .hasMessageContaining("at no height");
  }

  @Test
  void what_nobody_knows_is_refused_with_what_can_be_added() {
    assertThatThrownBy(() -> Elements.of(new Added("wing", 1, "lid")))
        .hasMessageContaining("line, lines, burnt, bead, cove, waist, step, texture");
    assertThatThrownBy(() -> new Added("line", 0, "lid")).hasMessageContaining("from 1 to 99");
    assertThatThrownBy(() -> new Added("<b>", 1, "lid")).hasMessageContaining("line or bead");
    assertThatThrownBy(
            () -> well(List.of(new Added("line", 1, "lid")), Map.of("line-1.height", 10.0)))
        .isInstanceOf(BadDesign.class)
        .hasMessageContaining("no part “lid”")
        .hasMessageContaining("it has vessel");
  }

  @Test
  void taken_off_it_leaves_nothing_behind() {
    for (Kind<?> kind : Kinds.ALL) {
      taken(kind);
    }
  }

  private static <D extends Design> void taken(Kind<D> kind) {
    D plain = kind.fresh();
    String part = sketch(kind).aim().parts().get(0).name();
    D one = Elements.with(plain, "line", part, Size.mm(10));
    D two = Elements.with(one, "line", part, Size.mm(20));
    assertThat(two.elements()).extracting(Added::no).containsExactly(1, 2);
    assertThat(Elements.without(two, "line-2")).isEqualTo(one);
    assertThat(Elements.without(one, "line-1")).isEqualTo(plain);
  }

  @Test
  void its_point_is_dragged_along() {
    Plan<?> p = well(List.of(new Added("line", 1, "vessel")), Map.of("line-1.height", 30.0));
    dragged(p);
  }

  private static <D extends Design> void dragged(Plan<D> p) {
    double foot = new Form(p.aim().part("vessel")).zero();
    D d = p.sketch().dragged("line-1", foot + 47.3, 0);
    assertThat(d.sizes().get(new DimKey("line-1.height")).mm()).isEqualTo(47.3);
  }
}
