package hazelkeep.solid;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.OverlayNG;

/** Cuts of a part of an outline against the same cuts of the whole of it. */
class StretchesTest {
  private static final PrecisionModel GRID = new PrecisionModel(1024);
  private static final GeometryFactory MAKE = new GeometryFactory(GRID);

  private static Geometry minus(Geometry wood, Geometry cut) {
    OverlayNG ng = new OverlayNG(wood, cut, GRID, OverlayNG.DIFFERENCE);
    ng.setStrictMode(true);
    return ng.getResult();
  }

  /** The polygons of a region, written down the same way round and in the same order. */
  private static List<String> outline(Geometry region) {
    List<String> all = new ArrayList<>();
    for (int i = 0; i < region.getNumGeometries(); i++) {
      all.add(region.getGeometryN(i).norm().toText());
    }
    all.sort(null);
    return all;
  }

  private static Geometry polygon(List<Coordinate> points) {
    List<Coordinate> ring = new ArrayList<>(points);
    ring.add(points.get(0).copy());
    ring.forEach(GRID::makePrecise);
    return MAKE.createPolygon(ring.toArray(Coordinate[]::new));
  }

  /** A cup on a wavy stem: an outside, and a hollow from the top down to a floor. */
  private static Geometry cup(Random r) {
    double high = 80 + r.nextInt(120);
    double floor = high * (0.2 + 0.6 * r.nextDouble());
    double wave = 0.1 + r.nextDouble();
    List<Coordinate> out = new ArrayList<>(List.of(new Coordinate(0, 0)));
    for (double z = 0; z <= high; z += 1) {
      out.add(new Coordinate(z, 20 + 5 * Math.sin(wave * z) + r.nextDouble()));
    }
    for (double z = high; z >= floor; z -= 1.5) {
      out.add(new Coordinate(z, 8 + 3 * Math.cos(wave * z)));
    }
    out.add(new Coordinate(floor - 2, 0));
    return polygon(out);
  }

  private static Geometry cut(Random r, double high) {
    double z = high * r.nextDouble();
    double w = 1 + 20 * r.nextDouble();
    double r0 = r.nextInt(3) == 0 ? 0 : 25 * r.nextDouble();
    double lean = r.nextInt(2) * 10 * r.nextDouble();
    return polygon(
        List.of(
            new Coordinate(z, r0),
            new Coordinate(z + w, r0),
            new Coordinate(z + w + lean, 60),
            new Coordinate(z + lean, 60)));
  }

  @Test
  void whatIsLeftIsTheSame() {
    Random r = new Random(17);
    int taken = 0;
    for (int i = 0; i < 600; i++) {
      Geometry wood = cup(r);
      Geometry cut = cut(r, wood.getEnvelopeInternal().getMaxX());
      Optional<Geometry> found = Stretches.without(wood, cut, w -> minus(w, cut));
      if (found.isPresent()) {
        taken++;
        assertThat(found.get().isValid()).as("%s minus %s", wood, cut).isTrue();
        assertThat(outline(found.get()))
            .as("%s minus %s", wood, cut)
            .isEqualTo(outline(minus(wood, cut)));
      }
    }
    assertThat(taken).isGreaterThan(450);
  }

  /** A cut from one end to the other, wood with a hole in it, and a ring round a stem. */
  @Test
  void whereNothingCanBeTakenOutTheWholeIsCut() {
    Random r = new Random(5);
    Geometry wood = cup(r);
    Geometry all = polygon(List.of(c(-5, 15), c(500, 15), c(500, 60), c(-5, 60)));
    assertThat(Stretches.without(wood, all, w -> minus(w, all))).isEmpty();
    Geometry hole = polygon(List.of(c(20, 4), c(22, 4), c(22, 6), c(20, 6)));
    Geometry foot = polygon(List.of(c(-5, 0), c(3, 0), c(3, 60), c(-5, 60)));
    Geometry holed = minus(wood, hole);
    assertThat(Stretches.without(holed, foot, w -> minus(w, foot))).isEmpty();
    Geometry beside = wood.union(polygon(List.of(c(300, 4), c(302, 4), c(302, 6))));
    assertThat(Stretches.without(beside, foot, w -> minus(w, foot))).isEmpty();
  }

  /** A fork beyond the cut may be two stretches, of which the chords would cross. */
  @Test
  void aForkIsTakenOutWholeOrNotAtAll() {
    List<Coordinate> fork = new ArrayList<>(List.of(c(0, 0), c(0, 30)));
    for (int z = 1; z <= 60; z++) {
      fork.add(c(z, 30));
    }
    fork.addAll(List.of(c(60, 25), c(20, 25), c(20, 10)));
    for (int z = 21; z <= 60; z++) {
      fork.add(c(z, 10));
    }
    fork.add(c(60, 0));
    Geometry wood = polygon(fork);
    Geometry foot = polygon(List.of(c(5, 28), c(6, 28), c(6, 60), c(5, 60)));
    Geometry tip = polygon(List.of(c(50, 28), c(51, 28), c(51, 60), c(50, 60)));
    // From below both tines are one stretch, from within a tine they are two.
    assertThat(outline(Stretches.without(wood, foot, w -> minus(w, foot)).orElseThrow()))
        .isEqualTo(outline(minus(wood, foot)));
    assertThat(Stretches.without(wood, tip, w -> minus(w, tip))).isEmpty();
  }

  private static Coordinate c(double z, double r) {
    return new Coordinate(z, r);
  }
}
