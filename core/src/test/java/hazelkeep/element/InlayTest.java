package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.Firmly;
import hazelkeep.finding.Entry;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.Stage;
import hazelkeep.route.State;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Another wood let into a side, a top or a recess of any kind. */
class InlayTest {
  private static final Shop SHOP = Firmly.SHOP;

  private static <D extends Design> Plan<D> plan(Kind<D> kind, D design) {
    return Plan.of(kind, design, SHOP, List.of());
  }

  private static <D extends Design> Plan<D> plan(Kind<D> kind) {
    return plan(kind, kind.fresh());
  }

  private static <D extends Design> Plan<D> with(
      Kind<D> kind, String what, String part, Object... sizes) {
    D d = Elements.with(kind.fresh(), what, part, Optional.empty());
    for (int i = 0; i < sizes.length; i += 2) {
      d =
          kind.size(
              d,
              new DimKey(what + "-1." + sizes[i]),
              Optional.of(Size.mm(((Number) sizes[i + 1]).doubleValue())));
    }
    return plan(kind, d);
  }

  /** Every part of every kind, with what it has room for. */
  static Stream<Arguments> everywhere() {
    return Kinds.ALL.stream()
        .flatMap(
            k ->
                plan(k).aim().made().stream()
                    .flatMap(
                        p ->
                            Stream.of("ring", "disc", "collar")
                                .filter(w -> room(new Form(p), w))
                                .map(w -> Arguments.of(k, p.name(), w))));
  }

  private static boolean room(Form form, String what) {
    return switch (what) {
      case "ring" -> ElementsTest.place(form, 2).isPresent();
      case "disc" -> form.top().filter(t -> t.radius() > 5).isPresent();
      default -> form.recess().isPresent();
    };
  }

  private static Plan<?> usual(Kind<?> kind, String part, String what) {
    Form form = new Form(plan(kind).aim().part(part));
    return switch (what) {
      case "ring" ->
          with(
              kind,
              what,
              part,
              "height",
              ElementsTest.place(form, 2).orElseThrow(),
              "wide",
              3,
              "deep",
              1.6);
      case "disc" -> with(kind, what, part, "wide", form.top().orElseThrow().radius(), "deep", 1.6);
      default -> with(kind, what, part, "thick", 1.6);
    };
  }

  private static Set<String> codes(Plan<?> p) {
    Set<String> out = new TreeSet<>();
    p.findings().stream().filter(f -> f.grade() != Grade.NOTE).map(Finding::code).forEach(out::add);
    return out;
  }

  @Test
  void every_kind_takes_one_and_each_sort_is_taken_by_several() {
    List<Object[]> all = everywhere().map(Arguments::get).toList();
    assertThat(all.stream().map(a -> a[0]).distinct()).hasSize(Kinds.ALL.size());
    for (String what : List.of("ring", "disc", "collar")) {
      assertThat(all.stream().filter(a -> a[2].equals(what)).count()).as(what).isGreaterThan(3);
    }
  }

  @ParameterizedTest
  @MethodSource("everywhere")
  void it_is_let_in_and_levelled_and_the_piece_is_as_it_was_drawn(
      Kind<?> kind, String part, String what) {
    Plan<?> plain = plan(kind);
    Plan<?> plan = usual(kind, part, what);
    Set<String> more = codes(plan);
    more.removeAll(codes(plain));
    if (more.contains("knob-by-hand")) {
      assertThat(more).containsOnly("knob-by-hand");
      return;
    }
    assertThat(more).as("new stops and watches").isSubsetOf("detail-thin");
    assertThat(plan.aim().part(part).target().area())
        .as("the outline stays")
        .isCloseTo(plain.aim().part(part).target().area(), within(1e-6));
    for (Part p : plan.aim().parts()) {
      HalfSection wood = plan.rehearsal().end().stock(p).orElseThrow().sound();
      assertThat(wood.minus(p.target()).area() + p.target().minus(wood).area())
          .as(kind.name() + " " + p.name())
          .isLessThan(2 * HalfSection.DUST_AREA);
    }
    ledger(plan);
    HalfSection groove = plan.sketch().letIn().get(0);
    double open =
        plan.rehearsal().stages().stream()
            .filter(s -> s.step().key().path().endsWith("/" + what + " 1"))
            .map(Stage::after)
            .mapToDouble(
                s -> s.stock(plan.aim().part(part)).orElseThrow().sound().and(groove).area())
            .findFirst()
            .orElseThrow();
    assertThat(open).as("the groove was open").isLessThan(HalfSection.DUST_AREA);
  }

  /** Blank and what was let in = bodies + removed + dust + what came loose. */
  private static void ledger(Plan<?> plan) {
    State end = plan.rehearsal().end();
    double bodies = end.bodies().values().stream().mapToDouble(Body::volume).sum();
    double out = bodies + end.removed() + end.dust() + end.waste();
    assertThat(end.letIn()).isPositive();
    assertThat(out / (plan.aim().blanks().stream().mapToDouble(Body::volume).sum() + end.letIn()))
        .isCloseTo(1, within(1e-5));
  }

  /** By hand: a ring of 3 x 2 under a straight side of radius R is 2 pi (R - 1) 6. */
  @Test
  void a_ring_has_the_volume_of_a_ring() {
    Kind<?> well = Kinds.named("straight-well").orElseThrow();
    Plan<?> p = with(well, "ring", "vessel", "height", 30, "wide", 3, "deep", 2);
    double r = p.aim().mm("outside.diameter") / 2;
    assertThat(p.sketch().letIn().get(0).volume())
        .isCloseTo(2 * Math.PI * (r - 1) * 6, within(0.02 * 6 * r));
    assertThat(p.sketch().fittings())
        .extracting(f -> f.name())
        .contains("inlaid ring 1, another wood");
  }

  private static Finding one(Plan<?> p, Entry entry) {
    return p.findings().stream()
        .filter(f -> f.verdict().entry() == entry)
        .findFirst()
        .orElseThrow(() -> new AssertionError(entry + " is not among " + p.findings()));
  }

  private static void told(Plan<?> p, Entry entry, boolean helped) {
    Plan<?> tried = p.withRemedies();
    assertThat(one(p, entry)).isNotNull();
    assertThat(one(tried, entry).remedies().isEmpty()).as("%s is helped", entry).isEqualTo(!helped);
  }

  @Test
  void what_has_no_room_or_leaves_no_wood_is_told_with_a_way_out() {
    Kind<?> box = Kinds.named("lidded-box").orElseThrow();
    Plan<?> plain = plan(box);
    double top = new Form(plain.aim().part("lid")).top().orElseThrow().radius();
    String lined = plain.aim().joints().get(0).outer().part();
    String other = lined.equals("lid") ? "body" : "lid";
    told(with(box, "disc", "lid", "wide", 2 * top + 4), Entry.INLAY_WIDE, true);
    told(with(box, "disc", "lid", "deep", 1.2), Entry.INLAY_THIN, true);
    told(with(box, "disc", "lid", "deep", 3.6), Entry.DETAIL_THIN, true);
    told(with(box, "ring", "body", "height", 0.5), Entry.DETAIL_NO_ROOM, true);
    told(with(box, "collar", other), Entry.INLAY_NO_RECESS, false);
    told(with(box, "disc", "body"), Entry.KNOB_NO_TOP, false);
    told(with(box, "collar", lined, "thick", 4), Entry.DETAIL_THIN, true);
  }

  @Test
  void two_at_one_place_are_told_and_the_later_one_is_left_out() {
    two(Kinds.named("lidded-box").orElseThrow());
  }

  private static <D extends Design> void two(Kind<D> kind) {
    D d = Elements.with(kind.fresh(), "ring", "body", Size.mm(20));
    Plan<D> rings = plan(kind, Elements.with(d, "bead", "body", Size.mm(21)));
    assertThat(one(rings, Entry.DETAIL_MEETS).verdict().title()).contains("bead 1", "ring 1");
    D top = Elements.with(kind.fresh(), "disc", "lid", Optional.empty());
    Plan<D> tops = plan(kind, Elements.with(top, "ball", "lid", Optional.empty()));
    assertThat(one(tops, Entry.KNOB_SECOND).grade()).isEqualTo(Grade.STOP);
  }
}
