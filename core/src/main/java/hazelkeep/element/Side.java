package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Measures;
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
import java.util.function.Function;

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
      sane.below(up.get(i - 1).path(), up.get(i).path());
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
  public void measures(Built b, Measures m) {
    double top = b.at(Edge.to(rise.height()));
    m.length(rise.height().path(), rise.word(), foot(b), top, on.part());
    besides.ifPresent(p -> measure(b, m, p));
    places.forEach(p -> measure(b, m, p));
  }

  private void measure(Built b, Measures m, Station p) {
    if (!p.sign().isEmpty()) {
      m.outside(p.key().path(), p.sign(), z(b, p), on.part());
    }
    p.height().ifPresent(h -> m.along(h.path(), p.label(), foot(b), z(b, p), on.part()));
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

  @Override
  public List<DimKey> recorded() {
    List<DimKey> out = new ArrayList<>(List.of(rise.height()));
    besides.ifPresent(p -> out.add(p.key()));
    places.forEach(p -> out.add(p.key()));
    return out;
  }

  @Override
  public List<DimKey> stays() {
    return List.of(rise.height());
  }

  @Override
  public List<Grip> grips(Built b) {
    Optional<BoreWalls> beside = walls.map(w -> w.apply(b));
    return places.stream().filter(Station::grip).map(p -> grip(b, p, beside)).toList();
  }

  private Grip grip(Built b, Station p, Optional<BoreWalls> beside) {
    Point at = new Point(z(b, p), b.mm(p.key()) / 2);
    Grip round = Grip.round(p.key(), p.label(), at, beside);
    return p.height().map(h -> Grip.free(round, h, foot(b))).orElse(round);
  }

  @Override
  public void onSection(Built b, OnSection s) {
    String part = on.part();
    Polyline line = b.part(part).surface(on.name()).line();
    s.is(rise.height().path(), rises(s));
    places(b, s, line);
  }

  /** Its sizes read again on the line that it was drawn by. */
  void read(Built b, OnSection s, Polyline line) {
    double top = rise.capped() ? s.top(on.part()) : line.last().z();
    s.is(rise.height().path(), top - line.first().z());
    places(b, s, line);
  }

  private void places(Built b, OnSection s, Polyline line) {
    boolean free = isFree(b);
    besides
        .filter(p -> !free)
        .ifPresent(p -> read(b, s, p, new Seen(line, Double.NEGATIVE_INFINITY)));
    double below = Double.NEGATIVE_INFINITY;
    for (Station p : places) {
      read(b, s, free ? p.here() : p, new Seen(line, below));
      below = z(b, p);
    }
  }

  /** A line as it was drawn, and the height of the place before. */
  private record Seen(Polyline line, double below) {
    double widest() {
      return line.points().stream().mapToDouble(Point::r).max().orElseThrow();
    }

    double narrowest() {
      return line.points().stream()
          .filter(p -> p.z() > below)
          .mapToDouble(Point::r)
          .min()
          .orElseThrow();
    }
  }

  /** How high it is, with what caps it, read on what was drawn, mm. */
  double rises(OnSection s) {
    String part = on.part();
    return (rise.capped() ? s.top(part) : s.high(part, on.name())) - s.low(part, on.name());
  }

  private void read(Built b, OnSection s, Station p, Seen seen) {
    double r =
        switch (p.reads()) {
          case FIRST -> seen.line.first().r();
          case LAST -> seen.line.last().r();
          case WIDEST -> seen.widest();
          case NARROWEST -> seen.narrowest();
          case HERE -> b.part(on.part()).target().outer(z(b, p));
        };
    s.is(p.key().path(), 2 * r);
    p.height().ifPresent(h -> height(b, s, p, h, r, seen.line.points()));
  }

  /** Its height, where the line turns there: elsewhere no place of it is to be seen. */
  private void height(Built b, OnSection s, Station p, DimKey height, double r, List<Point> line) {
    line.subList(1, line.size() - 1).stream()
        .filter(q -> Math.abs(q.r() - r) < SAME)
        .min(Comparator.comparingDouble(q -> Math.abs(q.z() - z(b, p))))
        .ifPresent(q -> s.is(height.path(), q.z() - line.get(0).z()));
  }

  /** Radii that differ by less are one, mm. */
  private static final double SAME = 1e-6;
}
