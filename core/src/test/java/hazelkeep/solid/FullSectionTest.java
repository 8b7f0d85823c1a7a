package hazelkeep.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.RandomPieces;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Body;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKTReader;

/** Both sides of the axis against a union by the geometry library. */
class FullSectionTest {
  private static final PrecisionModel GRID = new PrecisionModel(8192);

  private static void same(String half) throws ParseException {
    Geometry g = new WKTReader().read(half);
    Geometry full = FullSection.of(g, GRID);
    Geometry union = g.union(new AffineTransformation(1, 0, 0, 0, -1, 0).transform(g));
    assertThat(full.isValid()).as(half).isTrue();
    assertThat(full.getArea()).isCloseTo(2 * g.getArea(), within(1e-6));
    assertThat(full.symDifference(union).getArea()).as(half).isLessThan(1e-6);
    assertThat(full.getNumGeometries()).as(half).isEqualTo(union.getNumGeometries());
  }

  @Test
  void the_wood_of_every_kind_and_step() throws ParseException {
    Set<String> seen = new HashSet<>();
    for (RandomPieces.Wished<?> w : new RandomPieces(61).sound(24)) {
      for (Stage s : w.plan(Shop.starter()).rehearsal().stages()) {
        for (Body b : s.after().bodies().values()) {
          if (seen.add(b.sound().text())) {
            same(b.sound().text());
          }
        }
      }
    }
    assertThat(seen).hasSizeGreaterThan(200);
  }

  /** Solid, a ring, hollow with a bead of air on the axis, cut in two, touching it in one point. */
  @Test
  void whatever_meets_the_axis() throws ParseException {
    same("POLYGON ((0 0, 0 5, 10 5, 10 0, 0 0))");
    same("POLYGON ((0 2, 0 5, 10 5, 10 2, 0 2))");
    same("POLYGON ((0 0, 0 5, 10 5, 10 0, 7 0, 6 2, 4 2, 3 0, 0 0))");
    same("MULTIPOLYGON (((0 0, 0 5, 3 5, 3 0, 0 0)), ((6 0, 6 5, 9 5, 9 0, 6 0)))");
    same("POLYGON ((0 5, 5 0, 10 5, 0 5))");
    same("POLYGON ((0 0, 0 9, 12 9, 12 0, 6 0, 0 0), (3 3, 6 3, 6 6, 3 6, 3 3))");
  }
}
