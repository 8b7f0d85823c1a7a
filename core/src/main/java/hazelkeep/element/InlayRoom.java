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
              double z0 = form.zero() + from;
              double z1 = form.zero() + to;
              double least = Math.min(Form.at(on.line(), z0), Form.at(on.line(), z1));
              double most = Math.max(Form.at(on.line(), z0), Form.at(on.line(), z1));
              for (Point p : on.line().points()) {
                if (p.z() > z0 && p.z() < z1) {
                  least = Math.min(least, p.r());
                  most = Math.max(most, p.r());
                }
              }
              double floor = Math.max(0, least - deep);
              return inlaid(
                  form,
                  on.id().name(),
                  HalfSection.box(z0, z1, floor, most + proud),
                  Optional.of(new Span(z0, z1)));
            });
  }

  /** A disc in the top: its floor lies as deep as stated under the lowest place of its edge. */
  static Optional<Form.Inlaid> disc(Form form, double wide, double deep, double proud) {
    double r = wide / 2;
    return form.top()
        .filter(t -> !form.isTopTaken() && r < t.radius())
        .map(
            t -> {
              Polyline line = form.plain().surface(t.surface()).line();
              double floor = Math.min(t.z(), Form.height(line, r)) - deep;
              return inlaid(
                  form, t.surface(), HalfSection.box(floor, t.z() + proud, 0, r), Optional.empty());
            });
  }

  /** A collar behind the whole recess. */
  static Optional<Form.Inlaid> collar(Form form, double thick, double proud) {
    return form.recess()
        .map(Surface::line)
        .map(
            line -> {
              double z0 = Math.min(line.first().z(), line.last().z());
              double z1 = Math.max(line.first().z(), line.last().z());
              double r = Math.max(line.first().r(), line.last().r());
              HalfSection behind = HalfSection.box(z0, z1, r, r + thick);
              HalfSection fill = behind.plus(HalfSection.box(z0, z1, r - proud, r));
              return new Form.Inlaid(
                  form.recess().orElseThrow().id().name(),
                  behind.and(form.plain().target()),
                  fill.and(form.plain().target().plus(HalfSection.box(z0, z1, 0, r))),
                  Optional.empty());
            });
  }

  private static Form.Inlaid inlaid(Form form, String on, HalfSection room, Optional<Span> along) {
    HalfSection groove = room.and(form.plain().target());
    HalfSection hollow = HalfSection.EMPTY;
    for (Surface s : form.plain().surfaces()) {
      hollow = s.inside() ? hollow.plus(s.zone()) : hollow;
    }
    return new Form.Inlaid(on, groove, room.minus(hollow), along);
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
