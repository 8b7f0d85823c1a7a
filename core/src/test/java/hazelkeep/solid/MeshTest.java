package hazelkeep.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.element.Elements;
import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.goblet.GobletKind;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Posed;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Solids of triangles: closed, turned the right way round, as large as the section says. */
class MeshTest {
  private static final int AROUND = 96;

  /** A turned polygon of n corners encloses this share of what a circle does. */
  private static final double CORNERED = AROUND / (2 * Math.PI) * Math.sin(2 * Math.PI / AROUND);

  private static void closed(String what, HalfSection section) {
    Mesh mesh = Mesh.turned(section, AROUND);
    closed(what, section, mesh);
    double wide = section.maxR();
    Mesh cut = mesh.cutAt(-0.3 * wide).cutAt(wide / 4).cutAt(0);
    closed(what + ", cut along", section, cut);
    assertThat(cut.triangles()).allMatch(t -> beside(cut, t, 0) && beside(cut, t, wide / 4));
    // Open at their cuts, yet what each encloses with the origin adds up.
    assertThat(
            cut.between(-2 * wide, 0).volume()
                + cut.between(0, wide / 4).volume()
                + cut.between(wide / 4, 2 * wide).volume())
        .as(what)
        .isCloseTo(mesh.volume(), within(1e-6 * mesh.volume()));
  }

  private static boolean beside(Mesh mesh, int[] triangle, double plane) {
    DoubleSummaryStatistics x =
        Arrays.stream(triangle).mapToDouble(i -> mesh.corners().get(i)[0]).summaryStatistics();
    return x.getMax() <= plane + 1e-5 || x.getMin() >= plane - 1e-5;
  }

  private static long opposite(long edge) {
    return edge << 32 | edge >>> 32;
  }

  private static void closed(String what, HalfSection section, Mesh mesh) {
    closed(what, mesh);
    assertThat(mesh.volume())
        .as(what)
        .isCloseTo(CORNERED * section.volume(), within(1e-4 * section.volume() + 1e-3));
  }

  private static void closed(String what, Mesh mesh) {
    Map<Long, Integer> edges = new HashMap<>();
    for (int[] t : mesh.triangles()) {
      for (int k = 0; k < 3; k++) {
        long a = t[k];
        long b = t[(k + 1) % 3];
        edges.merge(a << 32 | b, 1, Integer::sum);
      }
    }
    // Each edge once in each direction. There are millions: one is said where one is wrong.
    List<Long> wrong =
        edges.entrySet().stream()
            .filter(e -> e.getValue() != 1 || !edges.containsKey(opposite(e.getKey())))
            .map(Map.Entry::getKey)
            .limit(1)
            .toList();
    assertThat(wrong).as(what).isEmpty();
  }

  @Test
  void textbook_bodies() {
    closed("cylinder", HalfSection.box(0, 60, 0, 20));
    closed("tube", HalfSection.box(0, 60, 12, 20));
    closed("cup", HalfSection.box(0, 60, 0, 20).minus(HalfSection.box(10, 70, 0, 15)));
    closed("hidden hollow", HalfSection.box(0, 60, 0, 20).minus(HalfSection.box(10, 40, 0, 15)));
    closed("hidden ring", HalfSection.box(0, 60, 0, 20).minus(HalfSection.box(10, 40, 5, 15)));
    closed("two", HalfSection.box(0, 20, 0, 20).plus(HalfSection.box(30, 40, 0, 10)));
  }

  /** By hand, MATHS of frusta: r 20 to 30 over 60 holds 119,380.5 mm3. */
  @Test
  void a_frustum_has_its_volume() {
    HalfSection frustum =
        HalfSection.of(
            List.of(new Point(0, 0), new Point(0, 20), new Point(60, 30), new Point(60, 0)));
    assertThat(Mesh.turned(frustum, 720).volume()).isCloseTo(119_380.5, within(3.0));
  }

  /**
   * A hole through a wall leaves a closed surface that encloses as much less as the hole takes, by
   * an independent sum over little cells.
   */
  @ParameterizedTest
  @ValueSource(doubles = {1.5, 5, 9})
  void a_drilled_wall_is_closed_and_lacks_the_hole(double radius) {
    HalfSection cup = HalfSection.box(0, 70, 0, 30).minus(HalfSection.box(8, 80, 0, 22));
    CrossHole hole = new CrossHole(40, 0.7, radius);
    Mesh whole = Mesh.turned(cup, AROUND, List.of());
    Mesh drilled = Mesh.turned(cup, AROUND, List.of(hole, new CrossHole(20, 3.3, 2)));
    closed("drilled", drilled);
    double cells = 0;
    double cell = radius / 60;
    for (double x = 15; x < 31; x += 0.02) {
      for (double y = -radius; y < radius; y += cell) {
        for (double u = -radius; u < radius; u += cell) {
          double r = Math.hypot(x, y + cell / 2);
          boolean in = Math.hypot(y + cell / 2, u + cell / 2) < radius;
          cells += in && r > 22 && r < 30 ? 0.02 * cell * cell : 0;
        }
      }
    }
    assertThat(hole.of(cup).mm3()).isCloseTo(cells, within(0.01 * cells));
    double other = new CrossHole(20, 3.3, 2).of(cup).mm3();
    assertThat(whole.volume() - drilled.volume())
        .isCloseTo(hole.of(cup).mm3() + other, within(0.02 * cells + 1));
    // What misses the hollow is left out, and told elsewhere.
    assertThat(Mesh.turned(cup, AROUND, List.of(new CrossHole(3, 0, 2))).volume())
        .isCloseTo(whole.volume(), within(1e-6 * whole.volume()));
  }

  /** By hand: of a solid bar of radius 20 a hole of radius 3 to its axis takes 563.9 mm3. */
  @Test
  void a_hole_to_the_axis_takes_a_little_less_than_a_cylinder() {
    HalfSection bar = HalfSection.box(0, 60, 0, 20);
    double cylinder = Math.PI * 9 * 20;
    assertThat(new CrossHole(30, 0, 3).of(bar).mm3())
        .isCloseTo(cylinder - Math.PI * Math.pow(3, 4) / 8 / 20, within(0.1));
    assertThat(new CrossHole(30, 0, 3).of(bar).z()).isCloseTo(30, within(1e-9));
  }

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void every_finished_part_of_every_kind_is_closed(Kind<?> kind) {
    for (Posed p : Posed.finished(sketch(kind))) {
      closed(kind.name() + " " + p.name(), p.shape());
      assertThat(p.shape().minZ()).isGreaterThanOrEqualTo(-1e-3);
    }
  }

  private static <D extends Design> Sketch<D> sketch(Kind<D> kind) {
    return sketch(kind, kind.fresh());
  }

  private static <D extends Design> Sketch<D> sketch(Kind<D> kind, D design) {
    return Sketch.of(kind, design, Shop.starter(), Map.of());
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void so_is_the_wood_after_every_step(Kind<?> kind) {
    stages(kind);
  }

  private static <D extends Design> void stages(Kind<D> kind) {
    var plan = hazelkeep.piece.Plan.of(kind, kind.fresh(), Shop.starter(), List.of());
    for (Stage s : plan.rehearsal().stages()) {
      for (Posed p : Posed.after(s.after(), plan.sketch())) {
        closed(kind.name() + " after " + s.step().key(), p.shape());
      }
    }
  }

  @Test
  void loose_rings_lie_on_the_foot_and_on_one_another() {
    var goblet = Restated.with(GobletKind.GOBLET.fresh(), "rings", 3);
    List<Posed> all = Posed.finished(sketch(GobletKind.GOBLET, goblet));
    List<Posed> rings = all.stream().filter(p -> p.is() == Posed.Is.LOOSE).toList();
    assertThat(rings).hasSize(3);
    HalfSection under = all.get(0).shape();
    for (Posed r : rings) {
      assertThat(r.shape().and(under).area()).as("it lies on it, not in it").isLessThan(0.05);
      assertThat(r.shape().shifted(-0.2).and(under).area()).as("and rests").isGreaterThan(0.005);
      under = under.plus(r.shape());
    }
    double top = rings.get(2).shape().maxZ();
    assertThat(top).isLessThan(10 + 3 * 6 + 8);
  }

  @Test
  void another_wood_is_a_solid_of_its_own_and_no_wood_is_there_twice() {
    Kind<?> box = Kinds.named("lidded-box").orElseThrow();
    List<Posed> all = Posed.finished(inlaid(box));
    Posed inlay = all.stream().filter(p -> p.is() == Posed.Is.INLAY).findFirst().orElseThrow();
    for (Posed p : all) {
      if (p != inlay) {
        assertThat(p.shape().and(inlay.shape()).area()).isLessThan(1e-6);
      }
      closed(p.name(), p.shape());
    }
  }

  private static <D extends Design> Sketch<D> inlaid(Kind<D> kind) {
    return sketch(kind, Elements.with(kind.fresh(), "ring", "body", Size.mm(20)));
  }
}
