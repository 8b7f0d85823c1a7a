package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Dimensions;
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
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A rounded top: a quarter of an ellipse from the side's upper edge to the axis, or to the edge of
 * a hole through it, which is then the top.
 *
 * @param on its surface
 * @param rule of how high it is
 * @param side the outside that it closes
 * @param top where it ends
 * @param hole the radius of a hole through it, mm: it takes the middle with it
 */
public record Cap(SurfaceId on, SizeRule rule, Outside side, Edge top, ToDoubleFunction<Lay> hole)
    implements Element {
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
    double open = Math.asin(Math.min(1, hole.applyAsDouble(lay) / edge.r()));
    double high = (lay.at(top) - edge.z()) / Math.cos(open);
    Curve round = new Curve.Arc(new Point(0, 0), high, edge.r(), 90, Math.toDegrees(open));
    Polyline line = new Profile(List.of(round)).flat().moved(edge.z());
    double far = lay.far();
    double beyond = Math.max(lay.length(), lay.at(top)) + Lay.BEYOND;
    part.outside(line)
        .surface(
            on.name(),
            Role.SHOW,
            line,
            HalfSection.closed(
                line,
                new Point(line.last().z(), 0),
                new Point(beyond, 0),
                new Point(beyond, far),
                new Point(line.first().z(), far)));
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.size(high()).below(lay.mm(top.stretch()) + EDGE, "the height under it", top.stretch());
  }

  /** Lengths that differ by less are one, mm. */
  private static final double EDGE = 1e-9;

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    Entry e = f.verdict().entry();
    if (f.part().equals(on.part()) && (e == Entry.LID_THIN || e == Entry.LID_CORNER)) {
      r.set(high(), b.mm(high()) / 2);
    }
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    d.size(high(), on).along();
  }
}
