package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.route.Aim;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
  private final Map<DimKey, Double> read = new LinkedHashMap<>();

  /** On what was drawn. */
  public OnSection(Aim aim) {
    this.aim = aim;
  }

  /** A size as it was read. */
  public OnSection is(String key, double mm) {
    read.put(new DimKey(key), mm);
    return this;
  }

  /** How far a surface runs along the axis. */
  public OnSection along(String key, String part, String surface) {
    return is(key, high(part, surface) - low(part, surface));
  }

  /** The largest diameter of a surface. */
  public OnSection across(String key, String part, String surface) {
    return is(key, 2 * widest(part, surface));
  }

  /**
   * What a joint has: the recess, the spigot in it, and what lies between them.
   *
   * @param in the recess's surface
   * @param on the spigot's
   */
  public OnSection joint(String recess, SurfaceId in, String spigot, SurfaceId on) {
    double outer = widest(in.part(), in.name());
    double inner = widest(on.part(), on.name());
    return is(recess, 2 * outer).is(spigot, 2 * inner).is("joint.clearance", 2 * (outer - inner));
  }

  /** A recess for jaws in a foot, where there is one. */
  public OnSection recess(Recess of, String part) {
    if (points(part, "foot").size() <= 2) {
      return this;
    }
    double low = low(part, "foot") + SAME;
    double rim = narrowest(part, "foot", z -> z < low);
    double wide = widest(part, "foot", z -> z >= low);
    double foot = widest(part, "foot", z -> z < low);
    return is(of.mouth, 2 * rim).is(of.wide, 2 * wide).is(of.land, foot - wide);
  }

  /**
   * The sizes of a recess for jaws.
   *
   * @param mouth how wide it is at the foot
   * @param wide how wide it is at its floor
   * @param land what is left of the foot round that
   */
  public record Recess(String mouth, String wide, String land) {}

  /** Everything read. */
  public Map<DimKey, Double> done() {
    return read;
  }

  /** Whether a part has a surface. */
  public boolean has(String part, String surface) {
    return find(part, surface).isPresent();
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
  public double low(String part, String surface) {
    return points(part, surface).stream().mapToDouble(Point::z).min().orElseThrow();
  }

  /** The highest z of a surface. */
  public double high(String part, String surface) {
    return points(part, surface).stream().mapToDouble(Point::z).max().orElseThrow();
  }

  /** The largest radius of a surface. */
  public double widest(String part, String surface) {
    return points(part, surface).stream().mapToDouble(Point::r).max().orElseThrow();
  }

  /** The smallest radius of a surface. */
  public double narrowest(String part, String surface) {
    return points(part, surface).stream().mapToDouble(Point::r).min().orElseThrow();
  }

  /** The largest radius of a surface where its z is such; 0 where it has none there. */
  public double widest(String part, String surface, DoublePredicate where) {
    return points(part, surface).stream()
        .filter(p -> where.test(p.z()))
        .mapToDouble(Point::r)
        .max()
        .orElse(0);
  }

  /** The smallest radius of a surface where its z is such. */
  public double narrowest(String part, String surface, DoublePredicate where) {
    return points(part, surface).stream()
        .filter(p -> where.test(p.z()))
        .mapToDouble(Point::r)
        .min()
        .orElseThrow();
  }

  /** The lowest z at which a surface is that wide, as a radius. */
  public double lowAt(String part, String surface, double radius) {
    return points(part, surface).stream()
        .filter(p -> p.r() > radius - SAME)
        .mapToDouble(Point::z)
        .min()
        .orElse(Double.NaN);
  }

  /** The highest z at which a surface is that wide, as a radius. */
  public double highAt(String part, String surface, double radius) {
    return points(part, surface).stream()
        .filter(p -> p.r() > radius - SAME)
        .mapToDouble(Point::z)
        .max()
        .orElse(Double.NaN);
  }

  /** The radius where a surface begins. */
  public double first(String part, String surface) {
    return line(part, surface).line().first().r();
  }

  /** The radius where a surface ends. */
  public double last(String part, String surface) {
    return line(part, surface).line().last().r();
  }

  private List<Point> points(String part, String surface) {
    return line(part, surface).line().points();
  }

  private Surface line(String part, String surface) {
    return find(part, surface).orElseThrow();
  }

  private Optional<Surface> find(String part, String surface) {
    return part(part).surfaces().stream().filter(s -> s.id().name().equals(surface)).findFirst();
  }

  private Part part(String name) {
    return aim.part(name);
  }
}
