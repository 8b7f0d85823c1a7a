package hazelkeep.element;

import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Span;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A part while its elements draw it: they lay their stretches of the outside one after the other
 * from its low end to its high end, hollow it, and name their surfaces.
 */
public final class PartDraft {
  private final String name;
  private final boolean finished;
  private final List<Point> outside = new ArrayList<>();
  private final List<Surface> surfaces = new ArrayList<>();
  private final Set<String> glued = new HashSet<>();
  private final List<Stub> stubs = new ArrayList<>();
  private HalfSection hollow = HalfSection.EMPTY;

  /**
   * @param finished whether what is seen of it gets a finish
   */
  PartDraft(String name, boolean finished) {
    this.name = name;
    this.finished = finished;
  }

  /** Carries the outside on to some points, upwards. */
  public PartDraft outside(Point... points) {
    return outside(List.of(points));
  }

  /** Carries the outside on along a line, upwards; a point that is there already is kept once. */
  public PartDraft outside(Polyline line) {
    return outside(line.points());
  }

  private PartDraft outside(List<Point> points) {
    for (Point p : points) {
      if (outside.isEmpty() || outside.get(outside.size() - 1).distance(p) > 1e-9) {
        outside.add(p);
      }
    }
    return this;
  }

  /** Hollows it. */
  public PartDraft hollow(HalfSection region) {
    hollow = hollow.plus(region);
    return this;
  }

  /**
   * Names an outer surface.
   *
   * @param zone what has to go for it to be bared
   */
  public PartDraft surface(String surface, Role role, Polyline line, HalfSection zone) {
    return surface(surface, role, line, zone, false);
  }

  /** Names a surface in a hollow. */
  public PartDraft inside(String surface, Role role, Polyline line, HalfSection zone) {
    return surface(surface, role, line, zone, true);
  }

  private PartDraft surface(
      String surface, Role role, Polyline line, HalfSection zone, boolean inside) {
    surfaces.add(Surface.of(new SurfaceId(name, surface), role, line, zone, inside, finished));
    return this;
  }

  /** Something is glued to a surface. */
  public PartDraft glued(String surface) {
    glued.add(surface);
    return this;
  }

  /** Waste that is spared on purpose. */
  public PartDraft stub(String stub, HalfSection region, String standsOn) {
    stubs.add(new Stub(stub, region, new SurfaceId(name, standsOn)));
    return this;
  }

  /**
   * The part.
   *
   * @param core a height at which a point of its wall is looked for, in the blank's z
   * @param closed where it lies when the piece is closed
   */
  Part done(double core, Frame closed) {
    List<Point> ring = new ArrayList<>(outside);
    Point end = ring.get(ring.size() - 1);
    if (end.r() > 0) {
      ring.add(new Point(end.z(), 0));
    }
    if (ring.get(0).r() > 0) {
      ring.add(new Point(ring.get(0).z(), 0));
    }
    HalfSection target = HalfSection.of(ring).minus(hollow);
    List<Surface> all =
        surfaces.stream().map(s -> glued.contains(s.id().name()) ? s.glued() : s).toList();
    return new Part(name, core(target, core), target, all, stubs, closed);
  }

  /** How many heights are looked at for wood. */
  private static final int LOOKS = 40;

  /** In the middle of the wall at a height, or where the part is thickest. */
  private static Point core(HalfSection target, double z) {
    Point wall = new Point(z, (target.inner(z) + target.outer(z)) / 2);
    if (target.holds(wall)) {
      return wall;
    }
    Point best = wall;
    double most = 0;
    double high = target.maxZ() - target.minZ();
    for (int i = 1; i < LOOKS; i++) {
      double at = target.minZ() + high * i / LOOKS;
      for (Span s : target.at(at)) {
        if (s.length() > most) {
          most = s.length();
          best = new Point(at, (s.from() + s.to()) / 2);
        }
      }
    }
    return best;
  }
}
