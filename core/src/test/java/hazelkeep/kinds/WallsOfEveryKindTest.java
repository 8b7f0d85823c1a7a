package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import hazelkeep.Firmly;
import hazelkeep.element.Form;
import hazelkeep.kinds.RandomPieces.Wished;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.WallWishes;
import hazelkeep.piece.Walls;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The wood between inside and outside, against the distances between dense samples of both lines.
 */
class WallsOfEveryKindTest {
  private static final WallWishes WISHES = new WallWishes(3, 3, 3, 3, 3);
  private static final double CLOSE = 0.03;

  private static final Set<String> TOLD = Set.of("wall-thin", "rim-thin", "outside-into-inside");

  private final Shop shop = Firmly.SHOP;
  private final Random random = new Random(17);

  static List<Kind<?>> kinds() {
    return Kinds.ALL;
  }

  private boolean hollow(Kind<?> kind) {
    return new RandomPieces(3)
        .sound(kind).plan(shop).aim().parts().stream()
            .flatMap(p -> p.surfaces().stream())
            .anyMatch(Surface::inside);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void a_groove_anywhere_is_judged_by_the_wood_it_leaves(Kind<?> kind) {
    assumeTrue(hollow(kind), "what is solid has no wall");
    RandomPieces pieces = new RandomPieces(23);
    int thin = 0;
    for (int i = 0; i < 14; i++) {
      Wished<?> w = formed(pieces.sound(kind), pieces);
      for (Part p : w.plan(shop).aim().parts()) {
        // A loose ring has no side.
        thin += new Form(p).hasSide() ? judged(grooved(p), w) : 0;
      }
    }
    assertThat(thin).as("grooves that left too little").isGreaterThan(5);
  }

  private <D extends Design> Wished<D> formed(Wished<D> w, RandomPieces pieces) {
    Optional<Choice> form =
        w.kind().choices(w.design()).stream().filter(c -> c.name().equals("form")).findFirst();
    if (form.isEmpty()) {
      return w;
    }
    List<Choice.Option> all = form.get().options();
    Choice.Option o = all.get(random.nextInt(all.size()));
    boolean house = o.name().equals("HOUSE") || w.kind().name().equals("hanging-house");
    return house ? w : new Wished<>(w.kind(), w.kind().choose(w.design(), "form", o.name()));
  }

  /** The part with a V cut into its side. */
  private Part grooved(Part p) {
    Polyline side = p.surface("side").line();
    double z0 = side.first().z();
    double z1 = side.last().z();
    double at = z0 + 1 + (z1 - z0 - 2) * random.nextDouble();
    double r = outside(side, at);
    double solid =
        p.target().at(at).stream().mapToDouble(s -> s.length()).reduce((a, b) -> b).orElse(r);
    double deep = Math.max(0.1, Math.min(r - 1, solid - 0.3 - 4 * random.nextDouble()));
    double half = 0.9;
    List<Point> line = new ArrayList<>();
    side.points().stream().filter(q -> q.z() < at - half).forEach(line::add);
    line.add(new Point(at - half, outside(side, at - half)));
    line.add(new Point(at, r - deep));
    line.add(new Point(at + half, outside(side, at + half)));
    side.points().stream().filter(q -> q.z() > at + half).forEach(line::add);
    HalfSection cut =
        HalfSection.of(
            List.of(
                new Point(at - half, outside(side, at - half)),
                new Point(at, r - deep),
                new Point(at + half, outside(side, at + half)),
                new Point(at + half, 400),
                new Point(at - half, 400)));
    List<Surface> surfaces = new ArrayList<>();
    for (Surface s : p.surfaces()) {
      surfaces.add(
          s.id().name().equals("side")
              ? new Surface(
                  s.id(), s.role(), new Polyline(line), s.zone().plus(cut), s.inside(), s.needs())
              : s);
    }
    return new Part(p.name(), p.core(), p.target().minus(cut), surfaces, p.stubs(), p.closed());
  }

  private static double outside(Polyline side, double z) {
    List<Point> p = side.points();
    for (int i = 1; i < p.size(); i++) {
      Point a = p.get(i - 1);
      Point b = p.get(i);
      if (z <= b.z()) {
        return b.z() == a.z() ? a.r() : a.r() + (z - a.z()) / (b.z() - a.z()) * (b.r() - a.r());
      }
    }
    return p.get(p.size() - 1).r();
  }

  /**
   * Whether what is told is the least distance between side and inside: at a corner of one of them.
   */
  private int judged(Part p, Wished<?> w) {
    List<Finding> told = Walls.of(p, WISHES, z -> 0);
    double least = Double.POSITIVE_INFINITY;
    List<Point> side = p.surface("side").line().points();
    for (Surface in : p.surfaces().stream().filter(Surface::inside).toList()) {
      List<Point> inside = in.line().points();
      least =
          cross(side, inside)
              ? 0
              : Math.min(least, Math.min(apart(side, inside), apart(inside, side)));
    }
    double found =
        told.stream()
            .filter(f -> TOLD.contains(f.code()))
            .mapToDouble(f -> f.verdict().found())
            .min()
            .orElse(Double.POSITIVE_INFINITY);
    if (least < WISHES.wall() - CLOSE) {
      // Where the lines cross, it is told how far one lies beyond the other.
      assertThat(found)
          .as("%s of %s", p.name(), w)
          .isBetween(least == 0 ? -p.target().maxR() : least - CLOSE, least + CLOSE);
      return 1;
    }
    if (least > WISHES.wall() + CLOSE) {
      assertThat(found).as("%s of %s", p.name(), w).isEqualTo(Double.POSITIVE_INFINITY);
    }
    return 0;
  }

  private static boolean cross(List<Point> one, List<Point> other) {
    for (int i = 1; i < one.size(); i++) {
      for (int k = 1; k < other.size(); k++) {
        if (Line2D.linesIntersect(
            one.get(i - 1).z(),
            one.get(i - 1).r(),
            one.get(i).z(),
            one.get(i).r(),
            other.get(k - 1).z(),
            other.get(k - 1).r(),
            other.get(k).z(),
            other.get(k).r())) {
          return true;
        }
      }
    }
    return false;
  }

  /** The least distance of the corners of one line from the stretches of another. */
  private static double apart(List<Point> corners, List<Point> line) {
    double least = Double.POSITIVE_INFINITY;
    for (Point c : corners) {
      for (int i = 1; i < line.size(); i++) {
        Point a = line.get(i - 1);
        double dz = line.get(i).z() - a.z();
        double dr = line.get(i).r() - a.r();
        double long2 = dz * dz + dr * dr;
        double along = long2 == 0 ? 0 : ((c.z() - a.z()) * dz + (c.r() - a.r()) * dr) / long2;
        double t = Math.max(0, Math.min(1, along));
        least = Math.min(least, c.distance(new Point(a.z() + t * dz, a.r() + t * dr)));
      }
    }
    return least;
  }

  /** A cut that goes right through is no thin wall but a hole. */
  @ParameterizedTest
  @MethodSource("kinds")
  void a_cut_into_the_hollow_is_told_as_a_hole(Kind<?> kind) {
    assumeTrue(hollow(kind), "what is solid has no hollow");
    Part p = new RandomPieces(3).sound(kind).plan(shop).aim().parts().get(0);
    Polyline side = p.surface("side").line();
    double z = (side.first().z() + side.last().z()) / 2;
    HalfSection cut = HalfSection.box(z - 3, z + 3, p.target().inner(z) - 1, 400);
    Part open =
        new Part(p.name(), p.core(), p.target().minus(cut), p.surfaces(), p.stubs(), p.closed());
    assertThat(Walls.of(open, WISHES, x -> 0))
        .singleElement()
        .satisfies(f -> assertThat(f.code()).isEqualTo("outside-into-inside"))
        .satisfies(f -> assertThat(f.grade()).isEqualTo(Grade.STOP));
  }

  /**
   * What a bit drifts by at a place is taken off the distance at that place: all of it square
   * beside a bore, less where the wall lies aslant to it.
   */
  @ParameterizedTest
  @MethodSource("kinds")
  void drift_is_counted_off_where_it_is(Kind<?> kind) {
    assumeTrue(hollow(kind), "what is solid has no wall");
    Part p = new RandomPieces(5).sound(kind).plan(shop).aim().parts().get(0);
    WallWishes wide = new WallWishes(60, 60, 60, 60, 60);
    double still = least(Walls.of(p, wide, z -> 0));
    double drifted = least(Walls.of(p, wide, z -> 0.4));
    assertThat(drifted).isBetween(still - 0.4 - 1e-6, still - 0.1);
  }

  private static double least(List<Finding> told) {
    return told.stream()
        .filter(f -> !f.code().equals("floor-thin"))
        .mapToDouble(f -> f.verdict().found())
        .min()
        .orElseThrow();
  }
}
