package hazelkeep.stiffness;

import hazelkeep.hold.Work;
import hazelkeep.practice.Line;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Figure;

/** How far the open rim of a hollow gives under a tool, whatever carries the work. */
final class OpenRim {
  /** Rims are looked at so far below their edge, which may be broken or hollowed, mm. */
  private static final double EDGE = 2;

  /** How far apart a rim's floor is looked for, mm. */
  private static final double STEP = 1;

  private final Work work;

  OpenRim(Work work) {
    this.work = work;
  }

  /** How far an open rim yields under a newton, at each place, mm/N. */
  double[] walls(double[] z) {
    double[] out = new double[z.length];
    double most = work.most();
    for (String p : work.distinct()) {
      HalfSection wood = work.bodies().get(p).sound();
      Frame f = work.frames().get(p);
      double rim = Math.max(f.x(wood.minZ()), f.x(wood.maxZ()));
      if (rim < most - STEP || work.inner(p, rim - EDGE) <= 0) {
        continue;
      }
      double across =
          work.bodies()
              .get(p)
              .wood(f.inverse().x(rim))
              .across()
              .map(Figure::value)
              .orElse(Double.NaN);
      rim(z, out, p, rim, across);
    }
    return out;
  }

  /**
   * An open rim gives under a tool by k = c E t^2 / R, t its wall and R its mean radius; the nearer
   * to the floor, the rounder the wall is kept.
   */
  private void rim(double[] z, double[] out, String part, double rim, double across) {
    double round = work.custom(Line.STIFF_KEPT_ROUND);
    double yields = work.custom(Line.STIFF_RIM);
    double least = work.least();
    double floor = rim - EDGE;
    while (floor > least && work.inner(part, floor) > 0) {
      floor -= STEP;
    }
    for (int i = z.length - 1; i >= 0 && z[i] > floor; i--) {
      double at = Math.min(z[i], rim - EDGE);
      double in = work.inner(part, at);
      if (at > floor && in > 0) {
        double outer = work.outer(part, at);
        double t = outer - in;
        double mean = (outer + in) / 2;
        double share = Math.min(1, (at - floor) / (2 * mean * round));
        out[i] = share * mean / (yields * across * t * t);
      }
    }
  }
}
