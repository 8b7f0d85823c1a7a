package hazelkeep.solid;

import static hazelkeep.solid.LineOfWork.SLACK;

import java.util.function.Function;
import java.util.stream.DoubleStream;

/**
 * How a straight bar is held at one place after another. That there is a way in is judged with the
 * bar as slim as its nose beside whatever is close; here it is turned so that the whole bar is
 * clear where it can be, and as little as can be from place to place.
 */
final class Lean {
  /** How far apart leans are tried, radians. */
  private static final double STEP = Math.toRadians(4);

  private final double[] e;
  private final ToolShape tool;
  private final LineOfWork.From from;
  private final Function<Polyline.Sample, Lie> way;
  private double last = Double.NaN;

  /**
   * Among edges.
   *
   * @param way any way in to a place; null for none
   */
  Lean(double[] edges, ToolShape tool, LineOfWork.From from, Function<Polyline.Sample, Lie> way) {
    this.e = edges;
    this.tool = tool;
    this.from = from;
    this.way = way;
  }

  /** How it lies at a place; null where it is not clear in any way. */
  Lie lie(Polyline.Sample s) {
    Lie any = way.apply(s);
    if (any == null || any == Lie.TIGHT) {
      return any;
    }
    for (double lean : leans(any.lean())) {
      double across = Math.signum(s.nr() * Math.cos(lean) - s.nz() * Math.sin(lean));
      double spare = Math.max(0, tool.shank() - tool.nose());
      for (double beside : new double[] {across * spare, 0, -across * spare}) {
        Lie l = any.turned(lean, beside);
        if (clear(l)) {
          last = lean;
          return l;
        }
      }
    }
    return null;
  }

  /** As it was held, straight in, from the side, as the way in was found, then all round. */
  private double[] leans(double found) {
    DoubleStream first = DoubleStream.of(last, 0, Math.PI / 2, found);
    int n = (int) ((from.hi - from.lo) / STEP);
    DoubleStream round = DoubleStream.iterate(from.lo, a -> a + STEP).limit(n + 1L);
    return DoubleStream.concat(first, round)
        .filter(a -> !Double.isNaN(a) && a >= from.lo && a <= from.hi)
        .toArray();
  }

  private boolean clear(Lie l) {
    double cos = Math.cos(l.lean());
    double sin = Math.sin(l.lean());
    double neck = 2 * tool.shank();
    Point b = l.bar();
    double z = b.z() + neck * cos;
    double r = b.r() + neck * sin;
    double[] bar = {z, r, b.z() + tool.length() * cos, b.r() + tool.length() * sin};
    return Edges.clear(e, bar, tool.shank() - SLACK)
        && Edges.clear(
            e,
            new double[] {l.nose().z(), l.nose().r(), z, r},
            Math.min(tool.nose(), tool.shank()) - SLACK);
  }
}
