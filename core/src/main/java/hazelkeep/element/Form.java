package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Span;
import hazelkeep.solid.Wall;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * A part whose outline elements bend. Heights count from the low end of what is seen of its
 * outside: the foot of a body, the rim of a lid. A stretch that one element bent is no other's any
 * more, so that two of them never overlap.
 */
public final class Form {
  /** Points nearer than this are one, mm. */
  private static final double SAME = 1e-9;

  private final Part plain;
  private final double zero;
  private final double end;
  private final Map<String, Dug> bends = new LinkedHashMap<>();

  /** A part as its kind drew it. */
  public Form(Part part) {
    this.plain = part;
    this.zero = part.datum();
    this.end =
        part.surfaces().stream()
            .filter(Surface::seen)
            .flatMap(s -> s.line().points().stream())
            .mapToDouble(Point::z)
            .max()
            .orElse(zero);
  }

  /** The part as its kind drew it. */
  public Part plain() {
    return plain;
  }

  /** Where heights are counted from, in the blank's z. */
  public double zero() {
    return zero;
  }

  /** How high what is seen of its outside is, mm. */
  public double height() {
    return end - zero;
  }

  /**
   * How wide something on the top may be, mm; empty without a top.
   *
   * @param share of the top that it looks well on
   * @param least what it has to cover, as far as the top reaches, mm
   */
  OptionalDouble room(double share, double least) {
    return top()
        .map(t -> OptionalDouble.of(2 * Math.max(t.radius * share, Math.min(t.radius, least / 2))))
        .orElse(OptionalDouble.empty());
  }

  /**
   * How deep something may be cut in at a height, so that wood is left under it, mm; to the tenth,
   * at least a tenth.
   *
   * @param left the wood that is to be left
   */
  double spare(double height, double left) {
    double out = Double.POSITIVE_INFINITY;
    double in = 0;
    for (double z = zero + height - BESIDE; z <= zero + height + BESIDE; z += BESIDE) {
      out = Math.min(out, plain.target().outer(z));
      in = Math.max(in, plain.target().inner(z));
    }
    return tenth(out - in - left);
  }

  /** How deep something as wide may be sunk in the top, so that wood is left under it, mm. */
  double sinks(double wide, double left) {
    return tenth(top().isPresent() ? under(wide / 2) - left : 0);
  }

  private static double tenth(double mm) {
    return Math.max(LEAST, Math.floor(mm / LEAST) * LEAST);
  }

  /** So far to both sides the wall is looked at, mm. */
  private static final double BESIDE = 2;

  /** The tenth that a size is rounded to, mm. */
  private static final double LEAST = 0.1;

  /** The radius of the outside as its kind drew it, at a height, mm; 0 where there is none. */
  public double radius(double height) {
    return plain.target().outer(zero + height);
  }

  /**
   * Something that is let in: the outline stays as it is.
   *
   * @param on the surface under which it lies
   * @param groove what has to go for it, all of it the part's own wood
   * @param fill what comes in its place, with what is levelled afterwards
   * @param along the stretch of the outside that it holds; empty on a top or in a recess
   */
  public record Inlaid(String on, HalfSection groove, HalfSection fill, Optional<Span> along) {}

  private final Map<String, Inlaid> inlaid = new LinkedHashMap<>();

  /** What an element lets in; empty where it found no room. */
  public Optional<Inlaid> inlaid(String id) {
    return Optional.ofNullable(inlaid.get(id));
  }

  /** Lets something in under a surface. */
  void inlay(String id, Inlaid what) {
    inlaid.put(id, what);
  }

  /** The recess that takes the other half; empty where there is none. */
  Optional<Surface> recess() {
    return plain.surfaces().stream().filter(s -> s.inside() && s.role() == Role.FIT).findFirst();
  }

  /**
   * The least wood between a line and any surface of the other side, mm; all of it where the part
   * is solid there.
   *
   * @param inside whether what lies inside is looked at, else what is seen outside
   */
  double least(List<Point> line, boolean inside) {
    double least = Double.POSITIVE_INFINITY;
    for (Surface s : plain.surfaces()) {
      if (inside ? s.inside() : s.seen()) {
        for (Point p : line) {
          least = Math.min(least, Wall.nearest(s.line(), p).distance(p));
        }
      }
    }
    return least;
  }

  /** What an element bent; empty where it found no room. */
  public Optional<Dug> bend(String id) {
    return Optional.ofNullable(bends.get(id));
  }

  /**
   * The surface that runs from one height to another along the axis, with no other element on it.
   *
   * @param from the low height, mm
   * @param to the high height, mm
   */
  public Optional<Surface> free(double from, double to) {
    double z0 = zero + from;
    double z1 = zero + to;
    return taker(from, to).isPresent() || !hasSide()
        ? Optional.empty()
        : plain.surfaces().stream()
            .filter(Surface::seen)
            .filter(
                s -> Rising.is(s.line()) && s.line().first().z() < z0 && s.line().last().z() > z1)
            .findFirst();
  }

  /** Whether it has a side that things are put on; a loose ring has none. */
  public boolean hasSide() {
    return plain.surfaces().stream().anyMatch(s -> s.id().name().equals(Side.NAME));
  }

  /** The element that holds a stretch already. */
  public Optional<String> taker(double from, double to) {
    Map<String, Span> held = new LinkedHashMap<>();
    bends.forEach((id, b) -> held.put(id, new Span(b.from(), b.to())));
    inlaid.forEach((id, i) -> i.along().ifPresent(s -> held.put(id, s)));
    return held.entrySet().stream()
        .filter(e -> zero + from < e.getValue().to() && zero + to > e.getValue().from())
        .map(Map.Entry::getKey)
        .findFirst();
  }

  /**
   * Why a stretch is not free: another element holds it, or no surface runs along all of it.
   *
   * @param at its middle, mm
   * @param label what wants it
   */
  Verdict missing(double at, double wide, String label) {
    return taker(at - wide / 2, at + wide / 2)
        .map(o -> Entry.DETAIL_MEETS.told(Grade.STOP, label, o.replace('-', ' ')))
        .orElseGet(() -> Entry.DETAIL_NO_ROOM.told(Grade.STOP, wide, at, label, plain.name()));
  }

  /** The middle of the nearest free stretch of a width; empty where there is none. */
  Optional<Double> elsewhere(double at, double wide) {
    for (double way = wide; way < height(); way += wide) {
      for (double to : new double[] {at + way, at - way}) {
        if (free(to - wide / 2, to + wide / 2).isPresent()) {
          return Optional.of(to);
        }
      }
    }
    return Optional.empty();
  }

  /**
   * Bends a stretch of a surface inwards.
   *
   * @param id the element's
   * @param on the surface
   * @param chain the new line from its low end to its high end; both ends lie on the old one
   */
  public void bend(String id, Surface on, List<Point> chain) {
    Polyline line = new Polyline(chain);
    Polyline was = Rising.between(on.line(), line.first().z(), line.last().z());
    bends.put(id, new Dug(on.id().name(), line, was, Rising.under(line, was)));
  }

  /**
   * The top of a part: an end that is seen and has wood on the axis.
   *
   * @param surface its name
   * @param z how high it is on the axis, in the blank's z
   * @param radius how far it reaches outwards, mm
   */
  public record Top(String surface, double z, double radius) {}

  /**
   * What was grown on a top.
   *
   * @param on the surface that it stands on
   * @param chain its line from there up to the axis
   * @param wood what comes to the part
   * @param rough what is left standing for it until it is turned
   */
  public record Grown(String on, List<Point> chain, HalfSection wood, HalfSection rough) {
    /** Where it is widest. */
    public Point widest() {
      return chain.stream().max(Comparator.comparingDouble(Point::r)).orElseThrow();
    }
  }

  /** How far what is grown reaches into what it stands on, mm: so that the two are one. */
  private static final double ROOT = 0.05;

  private final Map<String, Grown> grown = new LinkedHashMap<>();

  /** The top, where there is one. */
  public Optional<Top> top() {
    return plain.surfaces().stream()
        .filter(s -> s.seen() && s.line().last().r() < SAME && s.line().last().z() > zero + SAME)
        .map(
            s ->
                new Top(
                    s.id().name(),
                    s.line().last().z(),
                    s.line().points().stream().mapToDouble(Point::r).max().orElse(0)))
        .findFirst();
  }

  /** What an element grew; empty where it found no room. */
  public Optional<Grown> grown(String id) {
    return Optional.ofNullable(grown.get(id));
  }

  /**
   * A hole bored into a top.
   *
   * @param on the top's surface
   * @param hole what is bored, all of it the part's own wood
   * @param wall its own surface
   * @param mouth how high its edge lies, in the blank's z
   * @param foot how high the top lies where it is covered, in the blank's z
   */
  public record Sunk(String on, HalfSection hole, Surface wall, double mouth, double foot) {}

  private final Map<String, Sunk> sunk = new LinkedHashMap<>();

  /** What an element bored; empty where it found no room. */
  public Optional<Sunk> sunk(String id) {
    return Optional.ofNullable(sunk.get(id));
  }

  /** Bores a hole into the top, which nothing stands on yet. */
  void sink(String id, Sunk what) {
    sunk.put(id, what);
  }

  /** How thick the wood under the top is within a radius of the axis, mm. */
  double under(double radius) {
    Top top = top().orElseThrow();
    double mouth = Rising.height(plain.surface(top.surface).line(), radius);
    double low = plain.target().minZ();
    HalfSection open =
        HalfSection.box(low, mouth - SAME_WOOD, 0, radius).minus(plain.target()).dusted();
    return mouth - (open.isEmpty() ? low : open.maxZ());
  }

  /** How far under a top wood is looked for, mm. */
  private static final double SAME_WOOD = 0.1;

  /** The surface that an element is on; empty where it found no room. */
  Optional<String> on(String id) {
    return bend(id)
        .map(Dug::on)
        .or(() -> grown(id).map(Grown::on))
        .or(() -> inlaid(id).map(Inlaid::on))
        .or(() -> sunk(id).map(Sunk::on));
  }

  /** Whether something stands on the top already, or is let into it. */
  public boolean isTopTaken() {
    String on = top().map(Top::surface).orElse("");
    return !grown.isEmpty()
        || !sunk.isEmpty()
        || inlaid.values().stream().anyMatch(i -> i.on().equals(on));
  }

  /** What is left standing until it is turned. */
  HalfSection rough() {
    return grown.values().stream().map(Grown::rough).reduce(HalfSection.EMPTY, HalfSection::plus);
  }

  /**
   * Grows something on the top, which nothing stands on yet.
   *
   * @param id the element's
   * @param outline from its foot to its tip on the axis, z = 0 at the top
   * @param rough radius of what is left standing until it is turned, mm
   */
  public void grow(String id, List<Point> outline, double rough) {
    Top top = top().orElse(null);
    if (top == null || isTopTaken()) {
      return;
    }
    Polyline line = plain.surface(top.surface).line();
    double foot = Rising.height(line, outline.get(0).r());
    List<Point> chain = new ArrayList<>();
    chain.add(new Point(foot, outline.get(0).r()));
    for (Point p : outline) {
      Point at = new Point(top.z + p.z(), p.r());
      if (chain.get(chain.size() - 1).distance(at) > SAME) {
        chain.add(at);
      }
    }
    List<Point> ring = new ArrayList<>(chain);
    ring.add(new Point(top.z - ROOT, 0));
    ring.add(new Point(foot - ROOT, outline.get(0).r()));
    double low = Rising.height(line, Math.min(rough, top.radius));
    double tip = chain.get(chain.size() - 1).z();
    grown.put(
        id,
        new Grown(
            top.surface,
            List.copyOf(chain),
            HalfSection.of(ring).minus(plain.target()),
            HalfSection.box(low, tip, 0, rough).minus(plain.target())));
  }

  /** Drills a hole from outside. */
  void drill(Hole hole) {
    drilled.add(hole);
  }

  private final List<Hole> drilled = new ArrayList<>();

  private List<Hole> drilled() {
    return Stream.concat(plain.holes().stream(), drilled.stream()).toList();
  }

  /** The part with everything that was bent and grown. */
  public Part part() {
    if (bends.isEmpty() && grown.isEmpty() && sunk.isEmpty()) {
      return drilled.isEmpty() ? plain : plain.drilled(drilled());
    }
    HalfSection target = plain.target();
    for (Dug b : bends.values()) {
      target = target.minus(b.cut());
    }
    for (Grown g : grown.values()) {
      target = target.plus(g.wood());
    }
    List<Surface> surfaces = new ArrayList<>(plain.surfaces().stream().map(this::bent).toList());
    for (Sunk s : sunk.values()) {
      target = target.minus(s.hole());
      surfaces.add(s.wall());
    }
    return new Part(
        plain.name(), core(target), target, surfaces, plain.stubs(), plain.closed(), drilled());
  }

  /** Where it is looked for: where it was, or in the middle of what a cove has left there. */
  private Point core(HalfSection target) {
    double z = plain.core().z();
    return target.holds(plain.core())
        ? plain.core()
        : new Point(z, (target.inner(z) + target.outer(z)) / 2);
  }

  private Surface bent(Surface s) {
    Polyline line = s.line();
    HalfSection zone = s.zone();
    for (Dug b : bends.values()) {
      if (b.on().equals(s.id().name())) {
        List<Point> points = new ArrayList<>();
        line.points().stream().filter(p -> p.z() < b.from() - SAME).forEach(points::add);
        points.addAll(b.chain().points());
        line.points().stream().filter(p -> p.z() > b.to() + SAME).forEach(points::add);
        line = new Polyline(points);
        zone = zone.plus(b.cut());
      }
    }
    for (Sunk k : sunk.values()) {
      if (k.on().equals(s.id().name())) {
        double r = k.hole().maxR();
        List<Point> points = new ArrayList<>();
        line.points().stream().filter(p -> p.r() > r + SAME).forEach(points::add);
        points.add(new Point(k.mouth(), r));
        line = new Polyline(points);
      }
    }
    for (Grown g : grown.values()) {
      if (g.on().equals(s.id().name())) {
        double r = g.chain().get(0).r();
        List<Point> points = new ArrayList<>();
        line.points().stream().filter(p -> p.r() > r + SAME).forEach(points::add);
        points.addAll(g.chain());
        line = new Polyline(points);
        zone = zone.minus(g.wood());
      }
    }
    return line == s.line() ? s : new Surface(s.id(), s.role(), line, zone, s.inside(), s.needs());
  }
}
