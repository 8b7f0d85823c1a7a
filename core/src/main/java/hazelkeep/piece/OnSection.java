package hazelkeep.piece;

import hazelkeep.route.Aim;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;

/**
 * Sizes read again on the section that was drawn, whatever was stated. All lengths in mm.
 *
 * <p>Example: a box stated 100 high with a body of 60 and a lid of 30 is drawn 90 high; that is
 * what is read of its height.
 */
public final class OnSection {
  /** Points closer than this lie at one place, mm. */
  private static final double SAME = 1e-6;

  private final Aim aim;

  /** On what was drawn. */
  public OnSection(Aim aim) {
    this.aim = aim;
  }

  /** Whether a part has a surface. */
  public boolean has(SurfaceId on) {
    return find(on).isPresent();
  }

  /** The lowest z of a part. */
  public double bottom(String part) {
    return part(part).target().minZ();
  }

  /** The highest z of a part. */
  public double top(String part) {
    return part(part).target().maxZ();
  }

  /** The lowest z of a surface. */
  public double low(SurfaceId on) {
    return points(on).stream().mapToDouble(Point::z).min().orElseThrow();
  }

  /** The highest z of a surface. */
  public double high(SurfaceId on) {
    return points(on).stream().mapToDouble(Point::z).max().orElseThrow();
  }

  /** The largest radius of a surface. */
  public double widest(SurfaceId on) {
    return points(on).stream().mapToDouble(Point::r).max().orElseThrow();
  }

  /** The smallest radius of a surface. */
  public double narrowest(SurfaceId on) {
    return points(on).stream().mapToDouble(Point::r).min().orElseThrow();
  }

  /** The largest radius of a surface where its z is such; 0 where it has none there. */
  public double widest(SurfaceId on, DoublePredicate where) {
    return points(on).stream().filter(p -> where.test(p.z())).mapToDouble(Point::r).max().orElse(0);
  }

  /** The smallest radius of a surface where its z is such. */
  public double narrowest(SurfaceId on, DoublePredicate where) {
    return points(on).stream()
        .filter(p -> where.test(p.z()))
        .mapToDouble(Point::r)
        .min()
        .orElseThrow();
  }

  /** The lowest z at which a surface is that wide, as a radius. */
  public double lowAt(SurfaceId on, double radius) {
    return points(on).stream()
        .filter(p -> p.r() > radius - SAME)
        .mapToDouble(Point::z)
        .min()
        .orElse(Double.NaN);
  }

  /** The highest z at which a surface is that wide, as a radius. */
  public double highAt(SurfaceId on, double radius) {
    return points(on).stream()
        .filter(p -> p.r() > radius - SAME)
        .mapToDouble(Point::z)
        .max()
        .orElse(Double.NaN);
  }

  /** The radius where a surface begins. */
  public double first(SurfaceId on) {
    return line(on).line().first().r();
  }

  /** The radius where a surface ends. */
  public double last(SurfaceId on) {
    return line(on).line().last().r();
  }

  private List<Point> points(SurfaceId on) {
    return line(on).line().points();
  }

  private Surface line(SurfaceId on) {
    return find(on).orElseThrow();
  }

  private Optional<Surface> find(SurfaceId on) {
    return part(on.part()).surfaces().stream().filter(s -> s.id().equals(on)).findFirst();
  }

  private Part part(String name) {
    return aim.part(name);
  }
}
