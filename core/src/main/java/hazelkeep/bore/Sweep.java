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
   * How far below the full diameter a round piece stands in the end that a bit leaves: it goes down
   * to where the end is as wide as the piece, (1 - d / D) of the point in a twist bit's cone of
   * diameter D, the same in a spur's hole, and not at all when it is wider than that.
   *
   * <p>Example: 8 mm in the cone of a 10 mm twist bit, point 3.00: 0.60.
   *
   * @param diameter of the piece, mm
   */
  public static double sinks(Bit bit, double diameter) {
    double wide = 2 * spur(bit);
    return bit.tip() * Math.max(0, 1 - diameter / wide);
  }

  /** Where the point begins, on the radius. */
  private static double spur(Bit bit) {
    double r = bit.diameter() / 2;
    boolean cone = bit.form() == Bit.Form.TWIST || bit.form() == Bit.Form.DEPTH;
    return cone ? r : Math.min(r, SPUR);
  }

  /**
   * The line of a hole's end, from its full diameter to its deepest point on the axis.
   *
   * @param full where the full diameter ends
   * @param way -1 when it is bored towards smaller z, else 1
   */
  public static List<Point> end(Bit bit, double full, int way) {
    double r = bit.diameter() / 2;
    double spur = spur(bit);
    List<Point> out = new ArrayList<>();
    out.add(new Point(full, r));
    if (spur < r) {
      out.add(new Point(full, spur));
    }
    out.add(new Point(full + way * bit.tip(), 0));
    return out;
  }
}
