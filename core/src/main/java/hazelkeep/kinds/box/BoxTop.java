package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.TOP;

import hazelkeep.element.Built;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.Lay;
import hazelkeep.element.PartDraft;
import hazelkeep.element.SizeRule;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Grip;
import hazelkeep.piece.Handle;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.List;

/**
 * The top of a box's lid: a dome, or flat with its edge rounded.
 *
 * @param d the box
 * @param rules of its sizes
 * @param side under it
 */
record BoxTop(LiddedBox d, List<SizeRule> rules, BoxSide side) implements Element {
  static final String NAME = "top";

  /** Its handle lies so far out, as a share of its radius. */
  private static final double OUT = 0.7;

  /** Nothing is rounded less, mm. */
  private static final double LEAST = 0.3;

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  @Override
  public void draw(Lay lay, PartDraft draft) {
    Polyline line = side.top(lay);
    double far = lay.far();
    double beyond = lay.length() + Lay.BEYOND;
    draft
        .outside(line)
        .surface(
            NAME,
            Role.SHOW,
            line,
            HalfSection.closed(
                line,
                new Point(beyond, 0),
                new Point(beyond, far),
                new Point(line.first().z(), far)));
  }

  @Override
  public void dimensions(Built b, Dimensions to) {
    DimKey cap = BoxLine.cap(d);
    double top = b.at(Edge.to(BoxSizes.LID_HEIGHT));
    Point at = new Point(top - b.mm(cap), b.mm(TOP) / 2 * OUT);
    String label = d.top() == LiddedBox.Top.DOME ? "dome" : "round-over";
    Handle handle = new Handle(cap.path(), label, at, true, false);
    to.size(cap, new SurfaceId(BoxParts.LID, NAME))
        .along()
        .grip(() -> Grip.of(cap, handle, p -> Math.max(LEAST, top - p.z())));
  }
}
