package hazelkeep.kinds;

import hazelkeep.hold.Hold;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Setup;
import hazelkeep.route.Stage;
import hazelkeep.route.Step;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/**
 * Plays the route of any piece, as far as one blank is worked, on a raster of square cells: what a
 * step takes goes cell by cell, by crossings of rings counted here; what hangs together is found by
 * flooding. It shares with the engine what each step is to take, and none of its overlays, its
 * bodies or its bookkeeping.
 */
final class RasterPlay {
  /** The golden ratio's fraction: places shift evenly from row to row, so no wall errs one way. */
  private static final double SHIFT = 0.618_033_988_75;

  private final Plan<?> plan;
  private final Body stock;
  private final double zero;
  private final double cell;
  private final int nz;
  private final int nr;
  private final boolean[] wood;

  RasterPlay(Plan<?> plan, Body stock, double cell) {
    this.plan = plan;
    this.stock = stock;
    this.cell = cell;
    HalfSection blank = stock.sound();
    this.zero = blank.minZ();
    this.nz = (int) Math.ceil((blank.maxZ() - zero) / cell);
    this.nr = (int) Math.ceil(blank.maxR() / cell);
    this.wood = new boolean[nz * nr];
    set(blank, true, null);
  }

  /** What mounting leaves in the wood. */
  void mount(Setup setup, Stage first) {
    for (Hold.Trace t : setup.hold().traces(first.mounted(), plan.shop())) {
      if (made(t.part())) {
        set(t.dent(), false, piece(t.part()));
      }
    }
  }

  /** A step, act by act; a cut takes wood of the piece that its part is in and of no other. */
  void play(Step step) {
    for (Act a : step.acts()) {
      if (a instanceof Act.Remove r && made(r.part())) {
        set(r.region(), false, piece(r.part()));
      } else if (a instanceof Act.LetIn l && made(l.part())) {
        set(l.region(), true, null);
      }
    }
  }

  /** Whether a part comes off this blank. */
  boolean made(String part) {
    return plan.aim().own(part).orElse(plan.aim().blank()) == stock;
  }

  /** The cells that hang together with the core of a part. */
  private boolean[] piece(String part) {
    Point core = plan.aim().part(part).core();
    int i = (int) ((core.z() - zero) / cell);
    int j = (int) (core.r() / cell);
    boolean[] seen = new boolean[wood.length];
    for (int[] d : new int[][] {{0, 0}, {1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
      int k = (i + d[0]) * nr + Math.max(0, j + d[1]);
      if (wood[k] && !seen[k]) {
        flood(k, seen);
      }
    }
    return seen;
  }

  private double z(int i, int j) {
    return zero + (i + shift(j)) * cell;
  }

  private double r(int i, int j) {
    return (j + shift(i)) * cell;
  }

  private static double shift(int beside) {
    double s = beside * SHIFT;
    return s - Math.floor(s);
  }

  private void set(HalfSection region, boolean to, boolean[] where) {
    if (region.isEmpty()) {
      return;
    }
    List<double[]> edges = edges(region);
    int from = Math.max(0, (int) Math.floor((region.minZ() - zero) / cell) - 1);
    int most = Math.min(nz - 1, (int) Math.ceil((region.maxZ() - zero) / cell));
    for (int i = from; i <= most; i++) {
      for (int j = 0; j < nr; j++) {
        boolean here = where == null || where[i * nr + j];
        if (here && wood[i * nr + j] != to && inside(edges, z(i, j), r(i, j))) {
          wood[i * nr + j] = to;
        }
      }
    }
  }

  private static List<double[]> edges(HalfSection region) {
    List<double[]> out = new ArrayList<>();
    for (Polyline ring : region.rings()) {
      List<Point> p = ring.points();
      for (int k = 1; k < p.size(); k++) {
        Point a = p.get(k - 1);
        Point b = p.get(k);
        out.add(new double[] {a.z(), a.r(), b.z(), b.r()});
      }
    }
    return out;
  }

  /** An odd number of edges crosses the way straight out. */
  private static boolean inside(List<double[]> edges, double z, double r) {
    boolean in = false;
    for (double[] e : edges) {
      boolean spans = e[0] > z != e[2] > z;
      if (spans && r < e[1] + (z - e[0]) / (e[2] - e[0]) * (e[3] - e[1])) {
        in = !in;
      }
    }
    return in;
  }

  /** Area of all wood, mm2. */
  double area() {
    int n = 0;
    for (boolean w : wood) {
      n += w ? 1 : 0;
    }
    return n * cell * cell;
  }

  /** Pieces of more than so many cells: the area of each, mm2, in the order of the blank. */
  List<Double> pieces(int least) {
    boolean[] seen = new boolean[wood.length];
    List<Double> out = new ArrayList<>();
    for (int k = 0; k < wood.length; k++) {
      if (wood[k] && !seen[k]) {
        int size = flood(k, seen);
        if (size > least) {
          out.add(size * cell * cell);
        }
      }
    }
    return out;
  }

  private int flood(int start, boolean[] seen) {
    Deque<Integer> open = new ArrayDeque<>();
    open.push(start);
    seen[start] = true;
    int size = 0;
    while (!open.isEmpty()) {
      int c = open.pop();
      size++;
      int i = c / nr;
      int j = c % nr;
      int[] beside = {
        i > 0 ? c - nr : -1, i < nz - 1 ? c + nr : -1, j > 0 ? c - 1 : -1, j < nr - 1 ? c + 1 : -1
      };
      for (int b : beside) {
        if (b >= 0 && wood[b] && !seen[b]) {
          seen[b] = true;
          open.push(b);
        }
      }
    }
    return size;
  }

  /** Area in which the raster and what a part shall be differ, mm2, looked at inside of a box. */
  double differs(Part part) {
    List<double[]> edges = edges(part.target());
    int n = 0;
    int from = (int) Math.floor((part.target().minZ() - zero) / cell);
    int most = Math.min(nz - 1, (int) Math.ceil((part.target().maxZ() - zero) / cell));
    for (int i = Math.max(0, from); i <= most; i++) {
      for (int j = 0; j < nr; j++) {
        boolean wanted = inside(edges, z(i, j), r(i, j));
        n += wanted && !wood[i * nr + j] ? 1 : 0;
      }
    }
    return n * cell * cell;
  }
}
