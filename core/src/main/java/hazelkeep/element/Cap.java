package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.OnSection;
import hazelkeep.solid.Curve;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.List;

/**
 * A rounded top: a quarter of an ellipse from the side's upper edge to the axis.
 *
 * @param on its surface
 * @param rule of how high it is
 * @param side the outside that it closes
 */
public record Cap(SurfaceId on, SizeRule rule, Outside side) implements Element {
  /** How high it is. */
  public DimKey high() {
    return rule.key();
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(rule);
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    Point edge = side.line(lay).last();
    double cap = lay.mm(high());
    Polyline line =
        new Profile(List.of(new Curve.Arc(new Point(0, 0), cap, edge.r(), 90, 0)))
            .flat()
            .moved(edge.z());
    double far = lay.far();
    double beyond = lay.length() + Lay.BEYOND;
    part.outside(line)
        .surface(
            on.name(),
            Role.SHOW,
            line,
            HalfSection.closed(
                line,
                new Point(beyond, 0),
                new Point(beyond, far),
                new Point(line.first().z(), far)));
  }

  @Override
  public void onSection(Built b, OnSection s) {
    s.along(high().path(), on.part(), on.name());
  }
}
