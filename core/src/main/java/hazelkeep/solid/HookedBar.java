package hazelkeep.solid;

import static hazelkeep.solid.LineOfWork.SLACK;

import hazelkeep.measure.Memory;
import hazelkeep.solid.LineOfWork.Reach;
import java.util.List;

/**
 * A bar with a hook, which goes into a hollow through the mouth. Its tip stands out beside the bar,
 * so that it works where no straight bar gets to.
 *
 * @param shape the bar and its nose
 * @param hook how far the tip stands out from the bar's middle, mm
 */
public record HookedBar(ToolShape shape, double hook) {
  /** How far apart its leans are tried, degrees, and how far it leans at the most. */
  private static final double LEAN_STEP = 4;

  private static final double LEAN_MOST = 60;

  private static final Memory<Asked, Reach> REACHES = new Memory<>(LineOfWork.REMEMBERED, r -> 1);

  private record Asked(HookedBar bar, HalfSection wood, Polyline surface, double giveUp) {}

  /**
   * Tests a hollow.
   *
   * @param wood the work, in the setup's frame
   * @param giveUp share of the line that may be closed before the rest is taken for hidden
   */
  public Reach in(HalfSection wood, Polyline surface, double giveUp) {
    return REACHES.of(
        new Asked(this, wood, surface, giveUp),
        () -> Reach.over(surface, giveUp, new Hollow(this, wood)::lie));
  }

  /** How it lies at the places of a hollow that it reaches, one after another. */
  public List<Lie> lies(HalfSection wood, Polyline surface) {
    return LineOfWork.lies(surface, new Hollow(this, wood)::lie);
  }

  /** How far in something so wide comes before the hollow is too narrow for it: a place on z. */
  private static double stuck(HalfSection wood, double wide) {
    for (double z = wood.maxZ() - LineOfWork.INSET; z > wood.minZ(); z -= LineOfWork.STEP) {
      double in = wood.inner(z);
      if (in > 0 && 2 * in < wide) {
        return z - LineOfWork.STEP;
      }
    }
    return Double.NEGATIVE_INFINITY;
  }

  /** The bar in one hollow. */
  private record Hollow(HookedBar bar, double[] edges, double rim, double stuck) {
    Hollow(HookedBar bar, HalfSection wood) {
      this(
          bar,
          Edges.mirrored(List.of(wood)),
          wood.maxZ(),
          HookedBar.stuck(wood, bar.hook + bar.shape.shank()));
    }

    /** The lean at which its tip is on a place and it is clear of the wood; null for none. */
    Lie lie(Polyline.Sample s) {
      if (s.at().z() <= stuck) {
        return null;
      }
      for (double lean = 0; lean <= LEAN_MOST; lean += LEAN_STEP) {
        for (int way = -1; way <= 1; way += 2) {
          Lie l = leaning(s, Math.toRadians(way * lean));
          if (clear(l)) {
            return l;
          }
        }
      }
      return null;
    }

    private Lie leaning(Polyline.Sample s, double lean) {
      double nose = bar.shape.nose();
      Point tip = new Point(s.at().z() + nose * s.nz(), s.at().r() + nose * s.nr());
      double cos = Math.cos(lean);
      double sin = Math.sin(lean);
      // The bar stands on the open side of its tip.
      double side = s.nr() * cos - s.nz() * sin >= 0 ? 1 : -1;
      double out = side * bar.hook;
      return new Lie(tip, new Point(tip.z() - out * sin, tip.r() + out * cos), lean);
    }

    private boolean clear(Lie l) {
      double cos = Math.cos(l.lean());
      double bz = l.bar().z();
      double br = l.bar().r();
      double out = (rim + 1 - bz) / cos;
      return out <= bar.shape.length()
          && Edges.clear(
              edges,
              new double[] {bz, br, bz + out * cos, br + out * Math.sin(l.lean())},
              bar.shape.shank() - SLACK)
          && Edges.clear(
              edges, new double[] {l.nose().z(), l.nose().r(), bz, br}, bar.shape.nose() - SLACK);
    }
  }
}
