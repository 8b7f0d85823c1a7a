package hazelkeep.solid;

import java.util.Arrays;

/**
 * The edges of a section by height, so that what crosses one height is found among a few of them.
 * An edge stands in every slab that it runs through; heights are put into slabs by one rule, so
 * that none is missed by rounding.
 */
final class Slabs {
  /** Fewer edges are looked through one by one. */
  static final int FEW = 24;

  private static final int MOST = 256;

  private final double low;
  private final double wide;
  private final int count;
  private final int[] start;
  private final int[] edge;

  /** Of edges, four numbers each. */
  Slabs(double[] e) {
    double lo = Double.POSITIVE_INFINITY;
    double hi = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < e.length; i += 2) {
      lo = Math.min(lo, e[i]);
      hi = Math.max(hi, e[i]);
    }
    this.low = lo;
    this.count = Math.min(MOST, Math.max(1, e.length / 8));
    this.wide = (hi - lo) / count;
    this.start = new int[count + 1];
    for (int i = 0; i < e.length; i += 4) {
      for (int s = first(e, i); s <= last(e, i); s++) {
        start[s + 1]++;
      }
    }
    for (int s = 0; s < count; s++) {
      start[s + 1] += start[s];
    }
    this.edge = new int[start[count]];
    int[] next = Arrays.copyOf(start, count);
    for (int i = 0; i < e.length; i += 4) {
      for (int s = first(e, i); s <= last(e, i); s++) {
        edge[next[s]++] = i;
      }
    }
  }

  private int first(double[] e, int i) {
    return slab(Math.min(e[i], e[i + 2]));
  }

  private int last(double[] e, int i) {
    return slab(Math.max(e[i], e[i + 2]));
  }

  /** The slab that a height lies in; past either end the nearest. */
  int slab(double z) {
    return Math.max(0, Math.min(count - 1, (int) ((z - low) / wide)));
  }

  /** Where the edges of a slab begin in the list of all. */
  int from(int slab) {
    return start[slab];
  }

  /** Where they end. */
  int to(int slab) {
    return start[slab + 1];
  }

  /** The place of an edge's first number. */
  int edge(int k) {
    return edge[k];
  }
}
