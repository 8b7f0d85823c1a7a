package hazelkeep.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.RandomPieces.Wished;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Approach;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Lie;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The tools as they come to the work, judged by the platform's own polygons. */
class ApproachesTest {
  /** A chord of a round nose, a bar that rubs, and a place between two that were looked at. */
  private static final double GRAZES = 1.5;

  private final Shop shop = Shop.starter();

  /** Of a hundred places so many may graze: a nose looked at beside a long edge. */
  private static final double MAY = 0.5;

  @Test
  void every_cut_on_the_lathe_has_a_tool_that_comes_to_it_clear_of_the_wood() {
    int looked = 0;
    int grazes = 0;
    for (Wished<?> w : new RandomPieces(47).sound(30)) {
      Plan<?> plan = w.plan(shop);
      for (Stage s : plan.rehearsal().stages()) {
        List<Approach> ways = plan.rehearsal().approaches(s, shop);
        if (cuts(s)) {
          assertThat(ways).as(w.kind().name() + " " + s.step().key()).isNotEmpty();
        }
        Stage last =
            plan.rehearsal().stages().stream()
                .filter(x -> x.setup() == s.setup())
                .reduce(s, (x, y) -> y);
        for (Approach a : ways) {
          for (Lie l : a.lies()) {
            looked++;
            grazes += within(a, l, s) > GRAZES && within(a, l, last) > GRAZES ? 1 : 0;
          }
        }
      }
    }
    assertThat(looked).isGreaterThan(5_000);
    assertThat(100.0 * grazes / looked).isLessThan(MAY);
  }

  private static boolean cuts(Stage s) {
    return s.setup().hold().onLathe()
        && s.step().acts().stream()
            .anyMatch(
                a ->
                    a instanceof Act.Remove r
                        && !r.region()
                            .in(s.setup().frames().get(r.part()))
                            .and(s.mounted().swept(r.part()))
                            .isEmpty());
  }

  /** How much of the tool lies in the wood that the step leaves, mm². */
  private static double within(Approach a, Lie l, Stage s) {
    Area tool = new Area(outline(a, l));
    Area wood = new Area();
    for (String part : s.setup().frames().keySet()) {
      HalfSection is = s.left().swept(part);
      wood.add(region(is, 1));
      wood.add(region(is, -1));
    }
    tool.intersect(wood);
    return area(tool);
  }

  private static Path2D outline(Approach a, Lie l) {
    Path2D p = new Path2D.Double();
    for (Point o : a.outline(l)) {
      if (p.getCurrentPoint() == null) {
        p.moveTo(o.z(), o.r());
      } else {
        p.lineTo(o.z(), o.r());
      }
    }
    p.closePath();
    return p;
  }

  private static Area region(HalfSection h, int side) {
    Path2D p = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    for (Polyline ring : h.rings()) {
      p.moveTo(ring.first().z(), side * ring.first().r());
      ring.points().forEach(o -> p.lineTo(o.z(), side * o.r()));
      p.closePath();
    }
    return new Area(p);
  }

  private static double area(Area a) {
    double sum = 0;
    double[] at = new double[6];
    double[] was = new double[2];
    double[] first = new double[2];
    for (PathIterator i = a.getPathIterator(null); !i.isDone(); i.next()) {
      int what = i.currentSegment(at);
      double[] to = what == PathIterator.SEG_CLOSE ? first.clone() : new double[] {at[0], at[1]};
      if (what == PathIterator.SEG_MOVETO) {
        first = to.clone();
      } else {
        sum += was[0] * to[1] - to[0] * was[1];
      }
      was = to;
    }
    return Math.abs(sum) / 2;
  }
}
