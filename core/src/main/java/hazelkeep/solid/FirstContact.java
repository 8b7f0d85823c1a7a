package hazelkeep.solid;

import hazelkeep.measure.Memory;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * Two turned bodies pushed together along their common axis until something touches.
 *
 * @param stop how far the guest must be shifted along z, from where it lies, to be in contact;
 *     negative infinity when they pass through one another
 * @param rFrom inner radius of the ring that touches
 * @param rTo outer radius of the ring that touches
 */
public record FirstContact(double stop, double rFrom, double rTo) {
  /** How far inside each radius of a corner the contact is probed, mm. */
  private static final double PROBE = 1e-3;

  /** Heights closer than this touch together, mm. */
  private static final double SAME = 1e-6;

  /**
   * Slides the guest from high z down onto the host.
   *
   * @param press radial interference that is forced past, mm a side; 0 for none
   */
  public static FirstContact of(HalfSection host, HalfSection guest, double press) {
    return KNOWN.of(new Slide(host, guest, press), () -> slid(host, guest, press));
  }

  /** Slides that a generation of the memory holds. */
  private static final int REMEMBERED = 1_000;

  private static final Memory<Slide, FirstContact> KNOWN = new Memory<>(REMEMBERED, c -> 1);

  private record Slide(HalfSection host, HalfSection guest, double press) {}

  private static FirstContact slid(HalfSection host, HalfSection guest, double press) {
    TreeSet<Double> radii = new TreeSet<>();
    for (HalfSection h : List.of(host, guest)) {
      double[] e = h.edges();
      for (int i = 0; i < e.length; i += 4) {
        radii.add(e[i + 1]);
      }
    }
    List<double[]> rings = new ArrayList<>();
    Double last = null;
    for (double r : radii) {
      if (last != null && r - last > 4 * PROBE) {
        double t = Double.NEGATIVE_INFINITY;
        for (double p : new double[] {last + PROBE, (last + r) / 2, r - PROBE}) {
          t = Math.max(t, highest(host, p) - lowest(guest, p));
        }
        rings.add(new double[] {last, r, t});
      }
      last = r;
    }
    FirstContact best = new FirstContact(Double.NEGATIVE_INFINITY, 0, 0);
    for (int i = 0; i < rings.size(); i++) {
      double t = rings.get(i)[2];
      if (t <= best.stop + SAME) {
        continue;
      }
      int lo = i;
      while (lo > 0 && rings.get(lo - 1)[2] > t - SAME) {
        lo--;
      }
      int hi = i;
      while (hi + 1 < rings.size() && rings.get(hi + 1)[2] > t - SAME) {
        hi++;
      }
      double from = rings.get(lo)[0];
      double to = rings.get(hi)[1];
      // What overlaps by less than the press is forced past.
      if (to - from > press) {
        best = new FirstContact(t, from, to);
      }
    }
    return best;
  }

  private static double highest(HalfSection h, double r) {
    double best = Double.NEGATIVE_INFINITY;
    double[] e = h.edges();
    for (int i = 0; i < e.length; i += 4) {
      if ((e[i + 1] <= r) != (e[i + 3] <= r)) {
        best = Math.max(best, e[i] + (r - e[i + 1]) / (e[i + 3] - e[i + 1]) * (e[i + 2] - e[i]));
      }
    }
    return best;
  }

  private static double lowest(HalfSection h, double r) {
    double best = Double.POSITIVE_INFINITY;
    double[] e = h.edges();
    for (int i = 0; i < e.length; i += 4) {
      if ((e[i + 1] <= r) != (e[i + 3] <= r)) {
        best = Math.min(best, e[i] + (r - e[i + 1]) / (e[i + 3] - e[i + 1]) * (e[i + 2] - e[i]));
      }
    }
    return best;
  }
}
