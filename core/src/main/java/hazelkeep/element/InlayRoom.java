package hazelkeep.element;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Span;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where in a part another wood finds room. Its groove is square, as the tool cuts it. */
final class InlayRoom {
  /** Places at which the wood beside a groove is looked at, a side. */
  private static final int PLACES = 8;

  /** What is let in fills its groove as it was found: so far beside its place, mm. */
  private static final double FOUND = 1;

  private InlayRoom() {}

  /**
   * A ring in the side: its floor lies as deep as stated under the least radius of its stretch.
   *
   * @param at its middle, mm over the low end
   * @param proud how far it stands out until it is levelled, mm
   */
  static Optional<Form.Inlaid> ring(Form form, double at, double wide, double deep, double proud) {
    double from = at - wide / 2;
    double to = at + wide / 2;
    return form.free(from, to)
        .map(
            on -> {
              Span along = new Span(form.zero() + from, form.zero() + to);
              Span r = radii(on.line(), along);
              double floor = Math.max(0, r.from() - deep);
              HalfSection room =
                  HalfSection.box(
                      along.from() - FOUND, along.to() + FOUND, floor - FOUND, r.to() + proud);
              return new Form.Inlaid(
                  on.id().name(),
                  HalfSection.box(along.from(), along.to(), floor, HalfSection.FAR)
                      .and(form.plain().target()),
                  room.minus(hollow(form)),
                  Optional.of(along));
            });
  }

  /** The least and the largest radius of a rising line along a stretch. */
  private static Span radii(Polyline line, Span along) {
    double a = Rising.at(line, along.from());
    double b = Rising.at(line, along.to());
    double least = Math.min(a, b);
    double most = Math.max(a, b);
    for (Point p : line.points()) {
      if (along.holds(p.z())) {
        least = Math.min(least, p.r());
        most = Math.max(most, p.r());
      }
    }
    return new Span(least, most);
  }

  /** A disc in the top: its floor lies as deep as stated under the lowest place of its edge. */
  static Optional<Form.Inlaid> disc(Form form, double wide, double deep, double proud) {
    double r = wide / 2;
    return form.top()
        .filter(t -> !form.isTopTaken() && r < t.radius())
        .map(
            t -> {
              Polyline line = form.plain().surface(t.surface()).line();
              double floor = Math.min(t.z(), Rising.height(line, r)) - deep;
              HalfSection room =
                  HalfSection.box(floor - FOUND, t.z() + proud, 0, Math.min(r + FOUND, t.radius()));
              return new Form.Inlaid(
                  t.surface(),
                  HalfSection.box(floor, t.z(), 0, r).and(form.plain().target()),
                  room.minus(hollow(form)),
                  Optional.empty());
            });
  }

  /** A collar behind the whole recess. */
  static Optional<Form.Inlaid> collar(Form form, double thick, double proud) {
    return form.recess()
        .map(
            recess -> {
              Polyline line = recess.line();
              double z0 = Math.min(line.first().z(), line.last().z());
              double z1 = Math.max(line.first().z(), line.last().z());
              double r = Math.max(line.first().r(), line.last().r());
              HalfSection target = form.plain().target();
              HalfSection behind =
                  HalfSection.box(z0 - FOUND, z1 + FOUND, r - FOUND, r + thick + FOUND).and(target);
              return new Form.Inlaid(
                  recess.id().name(),
                  HalfSection.box(z0, z1, r, r + thick).and(target),
                  behind.plus(HalfSection.box(z0, z1, r - proud, r)),
                  Optional.empty());
            });
  }

  private static HalfSection hollow(Form form) {
    return form.plain().surfaces().stream()
        .filter(Surface::inside)
        .map(Surface::zone)
        .reduce(HalfSection.EMPTY, HalfSection::plus);
  }

  /** The middle of a groove. */
  static Point middle(HalfSection groove) {
    double z = (groove.minZ() + groove.maxZ()) / 2;
    return new Point(z, (groove.minR() + groove.maxR()) / 2);
  }

  /**
   * The least wood that a groove leaves, mm; nothing where it breaks through.
   *
   * @param outwards whether it is cut from the inside outwards
   */
  static double left(Form form, HalfSection groove, boolean outwards) {
    List<Point> edge = new ArrayList<>();
    double r = outwards ? groove.maxR() : groove.minR();
    for (int i = 0; i <= PLACES; i++) {
      double share = (double) i / PLACES;
      edge.add(new Point(groove.minZ() + share * (groove.maxZ() - groove.minZ()), r));
    }
    if (groove.minR() <= 0) {
      for (int i = 0; i <= PLACES; i++) {
        edge.add(new Point(groove.minZ(), groove.maxR() * i / PLACES));
      }
    }
    return form.least(edge, !outwards);
  }
}
