package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Grip;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Tries;
import hazelkeep.route.Finding;
import hazelkeep.solid.Curve;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;

/**
 * The outside of a part: through any number of places, each a diameter at a share of the height, by
 * one straight line or by a smooth one.
 *
 * @param on its surface
 * @param rise how high it is
 * @param rules of all its sizes
 * @param places from its low end to its high end
 * @param besides a diameter that is shown at a place but not drawn by it
 * @param walls the wood beside what is bored in the part; empty where it bounds nothing
 */
public record Side(
    SurfaceId on,
    Rise rise,
    List<SizeRule> rules,
    List<Station> places,
    Optional<Station> besides,
    Optional<Function<Built, BoreWalls>> walls)
    implements Element, Outside {
  /** The name of its surface. */
  public static final String NAME = "side";

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  private double foot(Lay lay) {
    return lay.at(Edge.from(rise.height()));
  }

  private double z(Lay lay, Station p) {
    return foot(lay) + p.share().applyAsDouble(lay) * rise.high(lay);
  }

  private Profile profile(Lay lay) {
    return lay.once(this, "profile", () -> new Profile(curves(lay)));
  }

  private List<Curve> curves(Lay lay) {
    List<Point> p = new ArrayList<>();
    for (Station place : places) {
      double up = place.share().applyAsDouble(lay) * rise.high(lay);
      p.add(new Point(up, lay.mm(place.drawn()) / 2));
    }
    List<Point> all = Through.merged(p, added(lay));
    return all.size() > p.size()
        ? Profile.smooth(all)
        : Bent.through(p, places.stream().map(s -> s.bend().orElse(rise.bend())).toList());
  }

  /** The places that were added to its part, heights over its own low end. */
  private List<Point> added(Lay lay) {
    double low = foot(lay) - lay.low(on.part());
    return lay.through(on.part()).stream().map(p -> new Point(p.z() - low, p.r())).toList();
  }

  /** Whether it goes through places that were added to it. */
  private boolean isFree(Lay lay) {
    List<Point> ends = List.of(new Point(0, 0), new Point(rise.high(lay), 0));
    return Through.merged(ends, added(lay)).size() > ends.size();
  }

  @Override
  public Polyline line(Lay lay) {
    return lay.once(this, "line", () -> profile(lay).between(0, rise.high(lay)).moved(foot(lay)));
  }

  /** A stretch of its line between two heights, in the blank's z. */
  Polyline between(Lay lay, double from, double to) {
    double foot = foot(lay);
    return profile(lay).between(from - foot, to - foot).moved(foot);
  }

  @Override
  public DimKey across(boolean high) {
    return (high ? last() : places.get(0)).drawn();
  }

  @Override
  public double radius(Lay lay, double z) {
    return profile(lay).radius(z - foot(lay));
  }

  /** Its places follow one another. */
  @Override
  public void sane(Lay lay, Sane sane) {
    List<DimKey> up = new ArrayList<>();
    places.forEach(p -> p.height().ifPresent(up::add));
    up.add(rise.height());
    for (int i = 1; i < up.size(); i++) {
      sane.below(up.get(i - 1), up.get(i));
    }
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    Polyline line = line(lay);
    Point low = new Point(line.first().z(), lay.far());
    Point high = new Point(line.last().z(), lay.far());
    part.outside(line).surface(on.name(), Role.SHOW, line, HalfSection.closed(line, high, low));
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    dimensions(b, d, new Read(s -> b.part(on.part()).surface(on.name()).line(), Optional.empty()));
  }

  /**
   * How it is read.
   *
   * @param line as it was drawn
   * @param at the surface that its diameters are read on at the bench; empty where none is
   */
  record Read(Function<OnSection, Polyline> line, Optional<SurfaceId> at) {}

  /** Its dimensions, wherever its line was drawn. */
  void dimensions(Built b, Dimensions d, Read how) {
    d.size(rise.height(), on.part())
        .reads(s -> rises(s, how.line.apply(s)))
        .length(rise.word(), foot(b), b.at(Edge.to(rise.height())))
        .recorded()
        .stays();
    UnaryOperator<Station> read = isFree(b) ? Station::here : UnaryOperator.identity();
    // Of a line through places that were added nothing tells where it would have been widest.
    besides.ifPresent(p -> place(b, d, p, how).sees(s -> isFree(b) ? none() : seen(b, p, how, s)));
    for (Station p : places) {
      Dimension at = place(b, d, read.apply(p), how).sees(s -> seen(b, read.apply(p), how, s));
      if (p.grip()) {
        at.grip(() -> grip(b, p));
        how.at.ifPresent(on -> at.corrects(Feature.Kind.SKIN));
      }
    }
  }

  private static OptionalDouble none() {
    return OptionalDouble.empty();
  }

  private Dimension place(Built b, Dimensions d, Station p, Read how) {
    Dimension across = d.size(p.key(), how.at.orElse(new SurfaceId(on.part(), ""))).recorded();
    if (!p.sign().isEmpty()) {
      across.outside(p.sign(), shows(b, p.key(), z(b, p)));
    }
    p.height()
        .ifPresent(
            h ->
                d.size(h, on.part())
                    .sees(s -> turns(b, p, how.line.apply(s)))
                    .length(p.label(), foot(b), z(b, p))
                    .atBench());
    return across;
  }

  private OptionalDouble seen(Built b, Station p, Read how, OnSection s) {
    return OptionalDouble.of(2 * drawn(b, p, how.line.apply(s)));
  }

  /** The radius of a place on the line as it was drawn, mm. */
  private double drawn(Built b, Station p, Polyline line) {
    DoubleStream radii = line.points().stream().mapToDouble(Point::r);
    return switch (p.reads()) {
      case FIRST -> line.first().r();
      case LAST -> line.last().r();
      case WIDEST -> radii.max().orElseThrow();
      case NARROWEST -> narrowest(line, before(b, p));
      case HERE -> b.part(on.part()).target().outer(z(b, p));
    };
  }

  /** Where the place under it lies. */
  private double before(Built b, Station p) {
    return places.stream()
        .mapToDouble(x -> z(b, x))
        .filter(z -> z < z(b, p) - SAME)
        .max()
        .orElse(Double.NEGATIVE_INFINITY);
  }

  private static double narrowest(Polyline line, double above) {
    return line.points().stream()
        .filter(p -> p.z() > above)
        .mapToDouble(Point::r)
        .min()
        .orElseThrow();
  }

  /** How high the line has its place, where it turns there: elsewhere none is to be seen. */
  private OptionalDouble turns(Built b, Station p, Polyline line) {
    double r = drawn(b, p, line);
    List<Point> all = line.points();
    return all.subList(1, all.size() - 1).stream()
        .filter(q -> Math.abs(q.r() - r) < SAME)
        .min(Comparator.comparingDouble(q -> Math.abs(q.z() - z(b, p))))
        .map(q -> OptionalDouble.of(q.z() - line.first().z()))
        .orElse(none());
  }

  /** How high a line with what caps it rises, mm. */
  private double rises(OnSection s, Polyline line) {
    return (rise.capped() ? s.top(on.part()) : line.last().z()) - line.first().z();
  }

  private Grip grip(Built b, Station p) {
    Optional<BoreWalls> beside = walls.map(w -> w.apply(b));
    Point at = new Point(z(b, p), b.mm(p.key()) / 2);
    Grip round = Grip.round(p.key(), p.label(), at, beside);
    return p.height().map(h -> Grip.free(round, h, foot(b))).orElse(round);
  }

  /** More wood, first where it is nearest to what was found; less where the wood is gone. */
  @Override
  public void remedies(Built b, Finding f, Tries r) {
    if (!f.part().equals(on.part())) {
      return;
    }
    switch (f.verdict().entry()) {
      case WALL_THIN -> stouter(b, f, r, 2 * Math.max(LEAST, f.lack()), 3, 6);
      // What lacks is stiffness, not millimetres: a little stouter is tried.
      case SHAKES, TAIL_TWISTS -> stouter(b, f, r, 3, 6, 10);
      case LID_THIN, LID_CORNER -> r.more(2 * f.lack(), last().drawn());
      case TIPS_OVER -> {
        if (foot(b) <= b.part(on.part()).target().minZ() + SAME) {
          r.wider(f.verdict(), places.get(0).drawn());
        }
      }
      default -> {}
    }
  }

  /** Nothing is made stouter by less, mm. */
  private static final double LEAST = 0.5;

  private void stouter(Built b, Finding f, Tries r, double... more) {
    List<DimKey> near = new ArrayList<>();
    f.where()
        .ifPresentOrElse(
            p ->
                places.stream()
                    .sorted(Comparator.comparingDouble(x -> Math.abs(z(b, x) - p.z())))
                    .forEach(x -> near.add(x.drawn())),
            () -> places.forEach(x -> near.add(x.drawn())));
    for (double mm : more) {
      near.stream().distinct().forEach(k -> r.more(mm, k));
    }
  }

  private Station last() {
    return places.get(places.size() - 1);
  }

  /** How high it is, with what caps it, read on what was drawn, mm. */
  double rises(OnSection s) {
    return (rise.capped() ? s.top(on.part()) : s.high(on)) - s.low(on);
  }

  /** Radii that differ by less are one, mm. */
  private static final double SAME = 1e-6;
}
