package hazelkeep.solid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * A hole cut into a closed surface of triangles, as a prism with many sides. What crosses a side is
 * split there, on both sides of an edge at the same corner; what lies within goes, and the sides of
 * the prism between the outer and the inner edge of the hole close it again.
 */
final class Drilling {
  /** Sides of the prism. */
  static final int SIDES = 32;

  /** Edges are split as far round the hole as this, in its radii. */
  private static final double NEAR = 1.6;

  /** A corner lies on a side when it is as near as this, mm. */
  private static final double ON = 1e-7;

  private final CrossHole hole;
  private final List<double[]> corners;
  private List<int[]> triangles;

  private Drilling(Mesh mesh, CrossHole hole) {
    this.hole = hole;
    this.corners = new ArrayList<>(mesh.corners());
    this.triangles = mesh.triangles();
  }

  /**
   * Drills.
   *
   * @return the same surface where the hole does not go from its outside into one hollow
   */
  static Mesh of(Mesh mesh, CrossHole hole) {
    Drilling d = new Drilling(mesh, hole);
    for (int k = 0; k < SIDES; k++) {
      d.split(k);
    }
    return d.open() ? new Mesh(d.corners, d.triangles) : mesh;
  }

  /** Heights at which an outline needs corners, so that what is split is small. */
  static TreeSet<Double> heights(List<CrossHole> holes) {
    TreeSet<Double> out = new TreeSet<>();
    for (CrossHole h : holes) {
      for (int i = -STEPS; i <= STEPS; i++) {
        out.add(HalfSection.snap(h.z() + NEAR * h.radius() * i / STEPS));
      }
    }
    return out;
  }

  private static final int STEPS = 12;

  /** How far a corner lies outside of a side of the prism, mm. */
  private double outside(double[] p, int k) {
    double a = 2 * Math.PI * (k + 0.5) / SIDES;
    double off = hole.beside(p) * Math.cos(a) + (p[1] - hole.z()) * Math.sin(a) - apothem();
    return Math.abs(off) < ON ? 0 : off;
  }

  /** From the middle of the prism to its sides: as large a hole as the round one, mm. */
  private double apothem() {
    double round = Math.PI * hole.radius() * hole.radius();
    return Math.sqrt(round / (SIDES * Math.tan(Math.PI / SIDES)));
  }

  private boolean near(double[] p) {
    return hole.out(p) > 0 && Math.hypot(hole.beside(p), p[1] - hole.z()) < NEAR * hole.radius();
  }

  private void split(int side) {
    Map<Long, Integer> on = new HashMap<>();
    List<int[]> out = new ArrayList<>(triangles.size());
    for (int[] t : triangles) {
      List<Integer> round = new ArrayList<>();
      List<Integer> cuts = new ArrayList<>();
      for (int i = 0; i < 3; i++) {
        round.add(t[i]);
        int next = t[(i + 1) % 3];
        int at = crossing(t[i], next, side, on);
        if (at >= 0) {
          cuts.add(round.size());
          round.add(at);
        }
      }
      pieces(t, round, cuts, out);
    }
    triangles = out;
  }

  /** A corner where an edge crosses a side near the hole; -1 where it does not. */
  private int crossing(int from, int to, int side, Map<Long, Integer> on) {
    double a = outside(corners.get(from), side);
    double b = outside(corners.get(to), side);
    if (a * b >= 0) {
      return -1;
    }
    long edge = (long) Math.min(from, to) << Integer.SIZE | Math.max(from, to);
    return on.computeIfAbsent(edge, e -> between((int) (e >> Integer.SIZE), e.intValue(), side));
  }

  private int between(int from, int to, int side) {
    double[] a = corners.get(from);
    double[] b = corners.get(to);
    double at = outside(a, side);
    double t = at / (at - outside(b, side));
    double[] p = new double[3];
    for (int i = 0; i < 3; i++) {
      p[i] = a[i] + t * (b[i] - a[i]);
    }
    if (!near(p)) {
      return -1;
    }
    corners.add(p);
    return corners.size() - 1;
  }

  /** A triangle as it is, or in two or three pieces that have no edge across the side. */
  private static void pieces(int[] t, List<Integer> round, List<Integer> cuts, List<int[]> out) {
    if (cuts.isEmpty()) {
      out.add(t);
      return;
    }
    // Begun at a cut, a fan goes along the side first.
    int n = round.size();
    int from = cuts.get(0);
    if (cuts.size() == 2 && (cuts.get(1) - cuts.get(0)) % n == 3) {
      from = cuts.get(1);
    }
    for (int i = 2; i < n; i++) {
      out.add(
          new int[] {round.get(from), round.get((from + i - 1) % n), round.get((from + i) % n)});
    }
  }

  /** Takes out what lies within, and closes the hole; whether it went into one hollow. */
  private boolean open() {
    Set<Long> edges = new HashSet<>();
    List<int[]> kept = new ArrayList<>();
    List<int[]> gone = new ArrayList<>();
    for (int[] t : triangles) {
      (within(t) ? gone : kept).add(t);
    }
    for (int[] t : gone) {
      for (int i = 0; i < 3; i++) {
        edges.add((long) t[i] << Integer.SIZE | t[(i + 1) % 3]);
      }
    }
    edges.removeIf(e -> edges.contains(e << Integer.SIZE | e >>> Integer.SIZE));
    if (edges.isEmpty()) {
      return false;
    }
    for (int k = 0; k < SIDES; k++) {
      if (!close(k, edges, kept)) {
        return false;
      }
    }
    triangles = kept;
    return true;
  }

  private boolean within(int[] t) {
    double[] m = new double[3];
    for (int c : t) {
      for (int i = 0; i < 3; i++) {
        m[i] += corners.get(c)[i] / 3;
      }
    }
    if (!near(m)) {
      return false;
    }
    for (int k = 0; k < SIDES; k++) {
      if (outside(m, k) > 0) {
        return false;
      }
    }
    return true;
  }

  /** The side between the outer and the inner edge, as a strip. */
  private boolean close(int side, Set<Long> edges, List<int[]> kept) {
    TreeSet<Integer> on = new TreeSet<>();
    for (long e : edges) {
      int a = (int) (e >> Integer.SIZE);
      int b = (int) e;
      if (outside(corners.get(a), side) == 0 && outside(corners.get(b), side) == 0) {
        on.add(a);
        on.add(b);
      }
    }
    double out = on.stream().mapToDouble(this::radius).max().orElse(0);
    double in = on.stream().mapToDouble(this::radius).min().orElse(0);
    Comparator<Integer> along = Comparator.comparingDouble(c -> along(c, side));
    List<Integer> outer =
        on.stream().filter(c -> radius(c) > (out + in) / 2).sorted(along).toList();
    List<Integer> inner =
        on.stream().filter(c -> radius(c) <= (out + in) / 2).sorted(along).toList();
    if (outer.size() < 2 || inner.size() < 2) {
      return false;
    }
    strip(outer, inner, side, kept);
    return true;
  }

  private double radius(int corner) {
    double[] p = corners.get(corner);
    return Math.hypot(p[0], p[2]);
  }

  private double along(int corner, int side) {
    double[] p = corners.get(corner);
    double a = 2 * Math.PI * (side + 0.5) / SIDES;
    return -hole.beside(p) * Math.sin(a) + (p[1] - hole.z()) * Math.cos(a);
  }

  /** Two chains side by side, the one that lies behind carried on first. */
  private void strip(List<Integer> outer, List<Integer> inner, int side, List<int[]> kept) {
    int o = 0;
    int i = 0;
    while (o < outer.size() - 1 || i < inner.size() - 1) {
      boolean first =
          i == inner.size() - 1
              || o < outer.size() - 1
                  && along(outer.get(o + 1), side) <= along(inner.get(i + 1), side);
      int next = first ? outer.get(o + 1) : inner.get(i + 1);
      kept.add(new int[] {outer.get(o), next, inner.get(i)});
      o += first ? 1 : 0;
      i += first ? 0 : 1;
    }
  }
}
