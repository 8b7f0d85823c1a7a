package hazelkeep.solid;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * The stretches of an outline that lie beyond a cut along the axis. They come out of it as they
 * went in, so they are taken out before and put back after: a cut in a foot need not look at the
 * bowl.
 *
 * <p>All that lies beyond a line across the axis is one stretch where the outline crosses that line
 * twice only. The chord from its first corner to its last stands in for it: beyond the line there
 * is nothing else, so the chord meets nothing, and on this side of the line inside stays inside.
 */
final class Stretches {
  /** How far beyond the cut the line lies, mm. */
  private static final double CLEAR = 0.5;

  /** A stretch of fewer corners is left where it is. */
  private static final int WORTH = 12;

  private final List<Coordinate> ring;
  private final List<List<Coordinate>> out = new ArrayList<>();

  private Stretches(List<Coordinate> ring) {
    this.ring = ring;
  }

  /**
   * Wood without a cut.
   *
   * @param minus takes the cut off what stands in for the wood
   * @return empty where nothing could be taken out, or a chord did not come back as it was
   */
  static Optional<Geometry> without(Geometry wood, Geometry cut, UnaryOperator<Geometry> minus) {
    if (!(wood instanceof Polygon p) || p.getNumInteriorRing() > 0) {
      return Optional.empty();
    }
    Coordinate[] c = p.getExteriorRing().getCoordinates();
    Stretches s = new Stretches(new ArrayList<>(List.of(c).subList(0, c.length - 1)));
    s.take(cut.getEnvelopeInternal().getMaxX() + CLEAR, 1);
    s.take(cut.getEnvelopeInternal().getMinX() - CLEAR, -1);
    return s.out.isEmpty() ? Optional.empty() : s.back(minus.apply(s.standIn(p)));
  }

  /** Takes out what lies beyond a line, towards the top with 1 and towards the foot with -1. */
  private void take(double line, int way) {
    int n = ring.size();
    int begin = -1;
    int begins = 0;
    int many = 0;
    for (int i = 0; i < n; i++) {
      boolean beyond = way * (ring.get(i).x - line) > 0;
      many += beyond ? 1 : 0;
      if (beyond && way * (ring.get((i + n - 1) % n).x - line) <= 0) {
        begin = i;
        begins++;
      }
    }
    if (begins != 1 || many < WORTH) {
      return;
    }
    List<Coordinate> turned = new ArrayList<>(ring.subList(begin, n));
    turned.addAll(ring.subList(0, begin));
    out.add(List.copyOf(turned.subList(0, many)));
    turned.subList(1, many - 1).clear();
    ring.clear();
    ring.addAll(turned);
  }

  private Polygon standIn(Polygon of) {
    List<Coordinate> closed = new ArrayList<>(ring);
    closed.add(ring.get(0).copy());
    return of.getFactory().createPolygon(closed.toArray(Coordinate[]::new));
  }

  private Optional<Geometry> back(Geometry left) {
    int put = 0;
    List<Polygon> all = new ArrayList<>();
    for (int i = 0; i < left.getNumGeometries(); i++) {
      if (left.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
        List<Coordinate> shell = new ArrayList<>(List.of(p.getExteriorRing().getCoordinates()));
        for (List<Coordinate> stretch : out) {
          put += put(stretch, shell) ? 1 : 0;
        }
        all.add(p.getFactory().createPolygon(ring(p, shell), holes(p)));
      }
    }
    return put == out.size()
        ? Optional.of(left.getFactory().createMultiPolygon(all.toArray(Polygon[]::new)))
        : Optional.empty();
  }

  private static LinearRing ring(Polygon p, List<Coordinate> shell) {
    return p.getFactory().createLinearRing(shell.toArray(Coordinate[]::new));
  }

  private static LinearRing[] holes(Polygon p) {
    LinearRing[] holes = new LinearRing[p.getNumInteriorRing()];
    for (int i = 0; i < holes.length; i++) {
      holes[i] = p.getInteriorRingN(i);
    }
    return holes;
  }

  /** Puts a stretch in the place of its chord, whichever way round the outline runs. */
  private static boolean put(List<Coordinate> stretch, List<Coordinate> shell) {
    Coordinate first = stretch.get(0);
    Coordinate last = stretch.get(stretch.size() - 1);
    for (int i = 1; i < shell.size(); i++) {
      Coordinate a = shell.get(i - 1);
      Coordinate b = shell.get(i);
      boolean along = a.equals2D(first) && b.equals2D(last);
      if (along || a.equals2D(last) && b.equals2D(first)) {
        List<Coordinate> between = new ArrayList<>(stretch.subList(1, stretch.size() - 1));
        if (!along) {
          Collections.reverse(between);
        }
        shell.addAll(i, between);
        return true;
      }
    }
    return false;
  }
}
