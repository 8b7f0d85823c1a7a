package hazelkeep.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** The quick bound of what lies between two outlines, against laying them over one another. */
class AlikeTest {
  private static final GeometryFactory MAKE = new GeometryFactory();

  private static Geometry polygon(List<Coordinate> corners) {
    List<Coordinate> ring = new ArrayList<>(corners);
    ring.add(corners.get(0).copy());
    return MAKE.createPolygon(ring.toArray(Coordinate[]::new)).norm();
  }

  private static Coordinate c(double z, double r) {
    return new Coordinate(z, r);
  }

  /** A cup on a wavy stem. */
  private static List<Coordinate> cup(Random r) {
    List<Coordinate> out = new ArrayList<>(List.of(c(0, 0)));
    double wave = 0.1 + r.nextDouble();
    for (double z = 0; z <= 120; z += 0.5 + 3 * r.nextDouble()) {
      out.add(c(z, 20 + 5 * Math.sin(wave * z)));
    }
    for (double z = 120; z >= 70; z -= 2) {
      out.add(c(z, 9 + 3 * Math.cos(wave * z)));
    }
    out.add(c(68, 0));
    return out;
  }

  /** The same outline with its corners a hair off, and with more of them on its edges. */
  private static List<Coordinate> again(List<Coordinate> cup, double hair, Random r) {
    List<Coordinate> out = new ArrayList<>();
    for (int i = 0; i < cup.size(); i++) {
      Coordinate p = cup.get(i);
      Coordinate q = cup.get((i + 1) % cup.size());
      out.add(c(p.x + hair * r.nextDouble(), p.y));
      for (int k = r.nextInt(4); k > 2; k--) {
        double t = r.nextDouble();
        out.add(c(p.x + t * (q.x - p.x), p.y + t * (q.y - p.y) + hair * r.nextDouble()));
      }
    }
    return out;
  }

  @Test
  void itIsNeverLessThanTheAreaBetween() {
    Random r = new Random(11);
    for (int i = 0; i < 500; i++) {
      List<Coordinate> cup = cup(r);
      Geometry one = polygon(cup);
      Geometry other = polygon(again(cup, 0.004 * r.nextDouble(), r));
      double area = one.symDifference(other).getArea();
      assertThat(Alike.between(one, other)).isBetween(area - 1e-9, 4 * area + 1e-6);
      assertThat(Alike.between(other, one)).isGreaterThanOrEqualTo(area - 1e-9);
    }
  }

  @Test
  void aCornerBesideAnEdgeIsItsTriangle() {
    Geometry square = polygon(List.of(c(0, 0), c(10, 0), c(10, 10), c(0, 10)));
    Geometry more = polygon(List.of(c(0, 0), c(5, 0.001), c(10, 0), c(10, 10), c(0, 10)));
    assertThat(Alike.between(square, more)).isCloseTo(0.005, within(1e-12));
    assertThat(Alike.between(square, square)).isZero();
  }

  @Test
  void whatDiffersIsNotWalked() {
    Random r = new Random(12);
    List<Coordinate> cup = cup(r);
    Geometry one = polygon(cup);
    for (int i = 0; i < cup.size(); i++) {
      List<Coordinate> bent = new ArrayList<>(cup);
      bent.set(i, c(cup.get(i).x + 0.2, cup.get(i).y + 0.2));
      assertThat(Alike.between(one, polygon(bent))).as("corner %d", i).isInfinite();
    }
    Geometry bored = one.difference(polygon(List.of(c(10, 4), c(12, 4), c(12, 6), c(10, 6))));
    assertThat(Alike.between(one, bored)).isInfinite();
    assertThat(Alike.between(bored, one)).isInfinite();
    assertThat(Alike.between(one, MAKE.createPolygon())).isInfinite();
  }
}
