package hazelkeep.piece;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Lump;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * When a closed piece tips over: at the angle whose tangent is the radius that it stands on over
 * the height of its centre of mass. Both are read from what was drawn, each wood by its own weight;
 * where one of the woods is not known they count alike.
 *
 * @param empty degrees
 * @param full filled to the brim, degrees; the same where nothing goes in
 * @param edge the outermost place that it stands on, as the closed piece lies
 */
public record Tipping(double empty, double full, Point edge) {
  /** How far over its lowest place a foot is looked at, mm: no dished foot is as flat. */
  private static final double HAIR = 0.01;

  private static final double ML = 1000;

  /**
   * Reads it.
   *
   * @param woods a part's target, wood by wood, in the blank's z
   */
  static Tipping of(Aim aim, Function<Part, List<Lump>> woods) {
    boolean known =
        aim.made().stream().flatMap(p -> woods.apply(p).stream()).allMatch(w -> weighs(w.wood()));
    double grams = 0;
    double moment = 0;
    for (Part p : aim.made()) {
      for (Lump of : woods.apply(p)) {
        double mass = of.mm3() / ML * (known ? of.wood().kilograms() / ML : 1);
        grams += mass;
        moment += mass * p.closed().x(of.z());
      }
    }
    Point edge = edge(aim);
    double empty = angle(edge, grams, moment);
    HalfSection in = contents(aim);
    double content = known ? in.volume() / ML * aim.custom(Line.CONTENT_WEIGHS) : 0;
    double full =
        content > 0 ? angle(edge, grams + content, moment + content * in.centroid()) : empty;
    return new Tipping(empty, full, edge);
  }

  private static boolean weighs(Species wood) {
    return wood.kilograms() > 0;
  }

  private static double angle(Point edge, double grams, double moment) {
    return Math.toDegrees(Math.atan(edge.r() / (moment / grams - edge.z())));
  }

  /** The outermost place of the lowest of what is made. */
  private static Point edge(Aim aim) {
    List<HalfSection> closed = aim.made().stream().map(p -> p.target().in(p.closed())).toList();
    double low = closed.stream().mapToDouble(HalfSection::minZ).min().orElse(0);
    double r = closed.stream().mapToDouble(h -> h.outer(low + HAIR)).max().orElse(0);
    return new Point(low, r);
  }

  /** What is hollow in the part that stands, up to its brim. */
  private static HalfSection contents(Aim aim) {
    Part first = aim.parts().get(0);
    HalfSection body = first.target();
    return Properties.hollow(first)
        .and(HalfSection.box(body.minZ(), body.maxZ(), 0, HalfSection.FAR))
        .in(first.closed());
  }

  /** What is told where it tips over too easily. */
  Optional<Finding> told(Aim aim) {
    double least = Math.min(empty, full);
    double limit = aim.custom(Line.FORM_TIPS);
    Part first = aim.parts().get(0);
    return least >= limit
        ? Optional.empty()
        : Optional.of(
            Finding.of(
                Entry.TIPS_OVER.told(Grade.WATCH, least, limit, full < empty ? "full" : "empty"),
                first.name(),
                new Point(first.target().minZ(), edge.r())));
  }
}
