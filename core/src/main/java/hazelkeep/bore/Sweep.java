package hazelkeep.bore;

import hazelkeep.shop.Bit;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;

/** What a bit takes, its point included. */
public final class Sweep {
  /** Radius of a spur, mm: what it is at most on common bits (common practice). */
  private static final double SPUR = 2;

  private Sweep() {}

  /**
   * The hole of a bit.
   *
   * @param from where it enters, in the blank's z, clear of the wood
   * @param full where its full diameter ends
   */
  public static HalfSection of(Bit bit, double from, double full) {
    List<Point> ring = new ArrayList<>();
    ring.add(new Point(from, 0));
    ring.add(new Point(from, bit.diameter() / 2));
    end(bit, full, full < from ? -1 : 1).forEach(ring::add);
    return HalfSection.of(ring);
  }

  /**
   * The line of a hole's end, from its full diameter to its deepest point on the axis.
   *
   * @param full where the full diameter ends
   * @param way -1 when it is bored towards smaller z, else 1
   */
  public static List<Point> end(Bit bit, double full, int way) {
    double r = bit.diameter() / 2;
    double spur = bit.form() == Bit.Form.TWIST || bit.form() == Bit.Form.DEPTH ? r : SPUR;
    List<Point> out = new ArrayList<>();
    out.add(new Point(full, r));
    if (spur < r) {
      out.add(new Point(full, spur));
    }
    out.add(new Point(full + way * bit.tip(), 0));
    return out;
  }
}
