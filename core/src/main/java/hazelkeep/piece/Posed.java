package hazelkeep.piece;

import hazelkeep.route.State;
import hazelkeep.solid.FirstContact;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Layer;
import hazelkeep.wood.Part;
import hazelkeep.wood.Strip;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * One thing of a piece that stands upright, its foot at zero: loose rings at the lowest place that
 * they come to, another wood apart from the wood it is let into.
 *
 * @param name in the trade's words
 * @param shape its half-section, z upwards
 * @param is what becomes of it
 * @param wood the name of its wood
 * @param strips boards of other woods that run through it along the axis
 * @param holes drilled into it from outside
 */
public record Posed(
    String name, HalfSection shape, Is is, String wood, List<Strip> strips, List<Hole> holes) {
  /** What a thing of a piece is. */
  public enum Is {
    /** What stands. */
    STANDS,
    /** What is lifted off: a lid, a head. */
    LIFTS,
    /** A loose ring. */
    LOOSE,
    /** Another wood, let in. */
    INLAY
  }

  /** Nothing is nearer to the axis in a ring, mm. */
  private static final double HOLLOW = 0.5;

  /** A finished piece, closed. */
  public static List<Posed> finished(Sketch<?> sketch) {
    List<Posed> out = new ArrayList<>();
    HalfSection under = HalfSection.EMPTY;
    HalfSection other = HalfSection.EMPTY;
    for (Fitting f : sketch.fittings()) {
      other = f.wood() ? other.plus(f.outline()) : other;
    }
    for (Part p : sketch.aim().parts()) {
      HalfSection shape = p.target().in(p.closed());
      Is is = is(sketch, p);
      if (is == Is.LOOSE) {
        shape = rested(shape, under);
      }
      under = under.plus(shape);
      HalfSection bare = other.isEmpty() ? shape : shape.minus(other);
      double up = shape.minZ() - p.target().minZ();
      woods(sketch, p, bare.shifted(-up))
          .forEach(
              of ->
                  out.add(
                      new Posed(
                          p.name(),
                          of.region().shifted(up),
                          is,
                          of.wood().name(),
                          strips(sketch, p),
                          in(p.closed(), p.holes()))));
    }
    for (Fitting f : sketch.fittings()) {
      if (f.wood()) {
        out.add(new Posed(f.name(), f.outline(), Is.INLAY, "", List.of(), List.of()));
      }
    }
    return onZero(out);
  }

  private static List<Hole> in(Frame f, List<Hole> holes) {
    return holes.stream().map(h -> h.in(f)).toList();
  }

  /** What a part is of: its own wood, or those of the blank that it comes off. */
  private static List<Layer.Of> woods(Sketch<?> sketch, Part p, HalfSection region) {
    return sketch.aim().offBlank().contains(p)
        ? sketch.woods(region)
        : List.of(new Layer.Of(region, sketch.aim().wood(p.name())));
  }

  private static List<Strip> strips(Sketch<?> sketch, Part p) {
    return sketch.aim().offBlank().contains(p) ? sketch.strips() : List.of();
  }

  private static Is is(Sketch<?> sketch, Part p) {
    boolean given = sketch.aim().made().size() < sketch.aim().parts().size();
    boolean first = given ? sketch.aim().given(p.name()) : sketch.aim().parts().get(0) == p;
    boolean joined =
        sketch.aim().joints().stream()
            .anyMatch(j -> j.outer().part().equals(p.name()) || j.inner().part().equals(p.name()));
    if (first) {
      return Is.STANDS;
    }
    return !joined && p.target().minR() > HOLLOW ? Is.LOOSE : Is.LIFTS;
  }

  /** A ring let down on what is under it. */
  private static HalfSection rested(HalfSection ring, HalfSection under) {
    HalfSection below = under.and(HalfSection.box(under.minZ(), ring.minZ(), 0, HalfSection.FAR));
    double stop = below.isEmpty() ? 0 : FirstContact.of(below, ring, 0).stop();
    return Double.isInfinite(stop) || stop > 0 ? ring : ring.shifted(stop);
  }

  /**
   * The wood as a step leaves it, lying where it lies in the blank, turned upright; what has a
   * blank of its own stands over it.
   */
  public static List<Posed> after(State state, Sketch<?> sketch) {
    List<Posed> out = new ArrayList<>();
    for (Part p : sketch.aim().offBlank()) {
      state
          .stock(p)
          .ifPresent(
              b ->
                  add(
                      out,
                      b.become(p.name(), b.sound(), b.swept()),
                      sketch.woods(b.sound()),
                      sketch.strips(),
                      0));
    }
    for (Part p : sketch.aim().parts()) {
      double high = out.stream().mapToDouble(o -> o.shape.maxZ()).max().orElse(0) + APART;
      if (sketch.aim().own(p.name()).isPresent()) {
        state
            .stock(p)
            .ifPresent(
                b ->
                    add(
                        out,
                        b.become(p.name(), b.sound(), b.swept()),
                        woods(sketch, p, b.sound()),
                        List.of(),
                        high - b.sound().minZ()));
      }
    }
    return onZero(out);
  }

  /** Between one blank and the next, mm. */
  private static final double APART = 12;

  private static void add(
      List<Posed> out, Body body, List<Layer.Of> woods, List<Strip> strips, double up) {
    List<Hole> holes = in(new Frame(-up, false), body.holes());
    for (Layer.Of of : woods) {
      HalfSection shape = of.region().shifted(up);
      if (out.stream().noneMatch(o -> o.shape.equals(shape))) {
        out.add(new Posed(body.name(), shape, Is.STANDS, of.wood().name(), strips, holes));
      }
    }
  }

  private static List<Posed> onZero(List<Posed> all) {
    double low = all.stream().mapToDouble(p -> p.shape.minZ()).min().orElse(0);
    Frame down = new Frame(low, false);
    return all.stream()
        .map(p -> new Posed(p.name, p.shape.in(down), p.is, p.wood, p.strips, in(down, p.holes)))
        .toList();
  }

  /** How far beside a corner an outline is looked at, mm. */
  private static final double HAIR = 0.02;

  /**
   * What is seen of it from outside: its outermost line, stretch by stretch, where nothing that is
   * wider hides it. A spigot is not, once its lid is on.
   *
   * @param all everything that stands there, itself among them
   */
  public List<List<Point>> seen(List<Posed> all) {
    TreeSet<Double> heights = new TreeSet<>();
    for (Posed p : all) {
      for (Polyline ring : p.shape.rings()) {
        for (Point q : ring.points()) {
          heights.add(q.z() - HAIR);
          heights.add(q.z() + HAIR);
        }
      }
    }
    List<List<Point>> out = new ArrayList<>();
    List<Point> run = new ArrayList<>();
    for (double z : heights) {
      boolean there = z > shape.minZ() && z < shape.maxZ();
      double r = there ? shape.outer(z) : 0;
      boolean hidden =
          r <= 0 || all.stream().anyMatch(o -> o != this && o.shape.outer(z) > r + HAIR);
      if (!hidden) {
        run.add(new Point(z, r));
      } else {
        ended(run, out);
        run = new ArrayList<>();
      }
    }
    ended(run, out);
    return out;
  }

  private static void ended(List<Point> run, List<List<Point>> out) {
    if (run.size() > 1) {
      out.add(run);
    }
  }
}
