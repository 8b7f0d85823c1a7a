package hazelkeep.solid;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Where lines across and along a section cross its edges. Edges are bare numbers, worked out when
 * they are first asked for; once they are asked for often they are put in order by height.
 */
final class Crossings {
  /** So many questions are answered edge by edge before the edges are put in order. */
  private static final int OFTEN = 4;

  private final Geometry area;
  private double[] edges;
  private Slabs slabs;
  private int asked;

  Crossings(Geometry area) {
    this.area = area;
  }

  /** The rings of polygons, outer ones one way round and holes the other. */
  static List<Coordinate[]> rings(Geometry area) {
    List<Coordinate[]> out = new ArrayList<>();
    for (int g = 0; g < area.getNumGeometries(); g++) {
      Polygon p = (Polygon) area.getGeometryN(g);
      if (!p.isEmpty()) {
        out.add(p.getExteriorRing().getCoordinates());
        for (int h = 0; h < p.getNumInteriorRing(); h++) {
          out.add(p.getInteriorRingN(h).getCoordinates());
        }
      }
    }
    return out;
  }

  /** Edges as z1 r1 z2 r2 ..., outer rings one way round and holes the other. */
  double[] edges() {
    if (edges == null) {
      List<Coordinate[]> rings = rings(area);
      double[] e = new double[4 * rings.stream().mapToInt(c -> c.length - 1).sum()];
      int i = 0;
      for (Coordinate[] ring : rings) {
        for (int k = 1; k < ring.length; k++) {
          e[i++] = ring[k - 1].x;
          e[i++] = ring[k - 1].y;
          e[i++] = ring[k].x;
          e[i++] = ring[k].y;
        }
      }
      edges = e;
    }
    return edges;
  }

  /** Its edges by height, once they are asked for often; null until then. */
  private Slabs slabs() {
    Slabs s = slabs;
    if (s == null && edges().length > 4 * Slabs.FEW && ++asked > OFTEN) {
      s = new Slabs(edges());
      slabs = s;
    }
    return s;
  }

  /** Spans of wood on the radius at z, innermost first. */
  List<Span> at(double z) {
    double[] e = edges();
    Slabs in = slabs();
    int slab = in == null ? 0 : in.slab(z);
    int end = in == null ? e.length / 4 : in.to(slab);
    double[] hits = new double[8];
    int n = 0;
    for (int k = in == null ? 0 : in.from(slab); k < end; k++) {
      int i = in == null ? 4 * k : in.edge(k);
      double z1 = e[i];
      double z2 = e[i + 2];
      if ((z1 <= z) != (z2 <= z)) {
        if (n == hits.length) {
          hits = Arrays.copyOf(hits, n * 2);
        }
        hits[n++] = e[i + 1] + (z - z1) / (z2 - z1) * (e[i + 3] - e[i + 1]);
      }
    }
    sort(hits, n);
    List<Span> spans = new ArrayList<>();
    for (int i = 0; i + 1 < n; i += 2) {
      spans.add(new Span(hits[i], hits[i + 1]));
    }
    return spans;
  }

  /** A radius crosses a handful of edges: put in order one by one. */
  private static void sort(double[] hits, int n) {
    for (int i = 1; i < n; i++) {
      double hit = hits[i];
      int j = i - 1;
      for (; j >= 0 && hits[j] > hit; j--) {
        hits[j + 1] = hits[j];
      }
      hits[j + 1] = hit;
    }
  }

  /** Stretches of wood along a line beside the axis, from low to high z. */
  List<Span> along(double r) {
    double[] e = edges();
    List<Double> hits = new ArrayList<>();
    for (int i = 0; i < e.length; i += 4) {
      if ((e[i + 1] <= r) != (e[i + 3] <= r)) {
        hits.add(e[i] + (r - e[i + 1]) / (e[i + 3] - e[i + 1]) * (e[i + 2] - e[i]));
      }
    }
    Collections.sort(hits);
    List<Span> out = new ArrayList<>();
    for (int i = 0; i + 1 < hits.size(); i += 2) {
      out.add(new Span(hits.get(i), hits.get(i + 1)));
    }
    return out;
  }

  /** Whether a point lies in the wood: a radius out of it crosses an odd number of edges. */
  boolean holds(double z, double r) {
    double[] e = edges();
    Slabs by = slabs();
    int slab = by == null ? 0 : by.slab(z);
    int end = by == null ? e.length / 4 : by.to(slab);
    boolean in = false;
    for (int k = by == null ? 0 : by.from(slab); k < end; k++) {
      int i = by == null ? 4 * k : by.edge(k);
      double z1 = e[i];
      double z2 = e[i + 2];
      if ((z1 <= z) != (z2 <= z)) {
        in ^= r < e[i + 1] + (z - z1) / (z2 - z1) * (e[i + 3] - e[i + 1]);
      }
    }
    return in;
  }

  /** How far beside a corner, and beside the axis, a thickness is read, mm. */
  private static final double BESIDE = 0.01;

  /** Lines along the axis that a thin place is looked for on, as shares of the radius. */
  private static final int LINES = 12;

  /**
   * Whether it is somewhere thinner than this between two heights: along a radius, or along the
   * axis.
   *
   * @param most the largest radius, mm
   */
  boolean thin(double thickness, Span between, double most) {
    double[] e = edges();
    for (int i = 0; i < e.length; i += 4) {
      if (e[i] >= between.from() && e[i] <= between.to()) {
        for (double z : new double[] {e[i] - BESIDE, e[i] + BESIDE}) {
          for (Span s : at(z)) {
            if (s.from() < 1e-9 ? 2 * s.to() < thickness : s.length() < thickness) {
              return true;
            }
          }
        }
      }
    }
    for (double r = 5 * BESIDE; r < most; r += Math.max(0.5, most / LINES)) {
      for (Span s : along(r)) {
        if (s.length() < thickness && s.from() <= between.to() && s.to() >= between.from()) {
          return true;
        }
      }
    }
    return false;
  }
}
