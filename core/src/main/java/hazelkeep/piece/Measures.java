package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.route.Aim;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;

/** Where the dimensions of a piece lie, put together one by one. */
public final class Measures {
  /** A depth that is nothing is still drawn as a mark, mm. */
  private static final double MARK = 0.1;

  private final Aim aim;
  private final List<Measure> out = new ArrayList<>();

  /** Of a piece as it is planned. */
  public Measures(Aim aim) {
    this.aim = aim;
  }

  /** A length along the axis, above the work. */
  public Measures length(String key, String label, double from, double to, String part) {
    return add(key, label, new Point(from, 0), new Point(to, 0), Measure.Kind.LENGTH, part, true);
  }

  /** A length along the axis that shows at the bench only. */
  public Measures along(String key, String label, double from, double to, String part) {
    return add(key, label, new Point(from, 0), new Point(to, 0), Measure.Kind.LENGTH, part, false);
  }

  /** An outside diameter on the drawing. */
  public Measures outside(String key, String label, double z, String part) {
    return across(key, label, Measure.Kind.OUTSIDE, z, part, true);
  }

  /** An inside diameter on the drawing. */
  public Measures inside(String key, String label, double z, String part) {
    return across(key, label, Measure.Kind.INSIDE, z, part, true);
  }

  /** A diameter that shows at the bench only. */
  public Measures turned(String key, String label, Measure.Kind kind, double z, String part) {
    return across(key, label, kind, z, part, false);
  }

  private Measures across(
      String key, String label, Measure.Kind kind, double z, String part, boolean hangs) {
    Point to = new Point(z, aim.mm(key) / 2);
    return add(key, label, new Point(z, 0), to, kind, part, hangs);
  }

  /** A depth on the drawing, measured anywhere up to a radius. */
  public Measures deep(String key, String label, double from, double to, double r, String part) {
    return add(key, label, new Point(from, 0), new Point(to, r), Measure.Kind.DEPTH, part, true);
  }

  /** A depth that shows at the bench only, from a place on so far as it is. */
  public Measures read(String key, String label, double from, int way, String part) {
    double other = from + way * Math.max(MARK, aim.mm(key));
    Point low = new Point(Math.min(from, other), 0);
    Point high = new Point(Math.max(from, other), 1);
    return add(key, label, low, high, Measure.Kind.DEPTH, part, false);
  }

  private Measures add(
      String key,
      String label,
      Point from,
      Point to,
      Measure.Kind kind,
      String part,
      boolean hangs) {
    out.add(new Measure(new DimKey(key), label, from, to, kind, part, hangs));
    return this;
  }

  /** All of them. */
  public List<Measure> done() {
    return List.copyOf(out);
  }
}
