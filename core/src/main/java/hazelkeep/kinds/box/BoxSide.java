package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.FOOT;
import static hazelkeep.kinds.box.BoxSizes.LID_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.TOP;
import static hazelkeep.kinds.box.BoxSizes.WIDEST;

import hazelkeep.element.Built;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.Lay;
import hazelkeep.element.Outside;
import hazelkeep.element.PartDraft;
import hazelkeep.element.Side;
import hazelkeep.element.SizeRule;
import hazelkeep.kinds.box.LiddedBox.Form;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Grip;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The outside of one half of a box: its stretch of the line that runs over both.
 *
 * @param d the box
 * @param part body or lid
 * @param rules of its sizes
 */
record BoxSide(LiddedBox d, String part, List<SizeRule> rules) implements Element, Outside {
  private boolean lid() {
    return part.equals(BoxParts.LID);
  }

  private DimKey height() {
    return lid() ? LID_HEIGHT : BODY_HEIGHT;
  }

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  /** The whole line, z = 0 at the foot. */
  private Profile outline(Lay lay) {
    return lay.once(d, "outline", () -> BoxLine.of(d, lay::mm, lay.shop().practice()));
  }

  /** From the closed piece's height to the blank's z. */
  private double by(Lay lay) {
    double low = lay.at(Edge.from(height()));
    return lid() ? low - lay.mm(BODY_HEIGHT) : low;
  }

  /** How high the side goes, lid on: the top has the rest, mm. */
  private double high(Lay lay) {
    double whole = lay.mm(BODY_HEIGHT) + lay.mm(LID_HEIGHT);
    return lid() ? whole - lay.mm(BoxLine.cap(d)) : lay.mm(BODY_HEIGHT);
  }

  @Override
  public Polyline line(Lay lay) {
    double from = lid() ? lay.mm(BODY_HEIGHT) : 0;
    return lay.once(this, "line", () -> outline(lay).between(from, high(lay)).moved(by(lay)));
  }

  /** The rest of the line, over the side. */
  Polyline top(Lay lay) {
    List<Point> out = new ArrayList<>();
    for (Point p : outline(lay).flat().points()) {
      if (p.z() >= high(lay) - SAME) {
        out.add(new Point(p.z() + by(lay), p.r()));
      }
    }
    return new Polyline(out);
  }

  /** Heights that differ by less are one, mm. */
  private static final double SAME = 1e-9;

  @Override
  public DimKey across(boolean high) {
    return WIDEST;
  }

  @Override
  public double radius(Lay lay, double z) {
    return outline(lay).radius(z - by(lay));
  }

  @Override
  public void draw(Lay lay, PartDraft draft) {
    Polyline line = line(lay);
    Point low = new Point(line.first().z(), lay.far());
    Point high = new Point(line.last().z(), lay.far());
    draft.outside(line).surface(Side.NAME, Role.SHOW, line, HalfSection.closed(line, high, low));
  }

  @Override
  public void dimensions(Built b, Dimensions to) {
    double low = b.at(Edge.from(height()));
    SurfaceId on = new SurfaceId(part, Side.NAME);
    to.size(height(), on)
        .reads(s -> (lid() ? s.top(part) : s.high(on)) - s.low(on))
        .length(part, low, b.at(Edge.to(height())))
        .stays();
    double belly = (b.mm(BODY_HEIGHT) + b.mm(LID_HEIGHT) - b.mm(BoxLine.cap(d))) / 2;
    Dimension widest = to.size(WIDEST, on);
    if (d.form() == Form.BARREL && lid() == belly > b.mm(BODY_HEIGHT)) {
      widest.grip(() -> grip(b, WIDEST, "belly", belly));
    }
    if (lid()) {
      end(to.size(TOP, on).last(), () -> grip(b, TOP, "top edge", high(b)));
      return;
    }
    widest.outside("⌀", shows(b, WIDEST, low + b.mm(BODY_HEIGHT) / 2));
    Dimension foot = end(to.size(FOOT, on).first(), () -> grip(b, FOOT, "foot", 0));
    if (d.form() != Form.STRAIGHT) {
      foot.outside("⌀ foot", low);
    }
  }

  /** An end is dragged, but for that of a free outline, which has points of its own. */
  private Dimension end(Dimension across, Supplier<Grip> grip) {
    return d.form() == Form.FREE ? across : across.grip(grip);
  }

  private Grip grip(Built b, DimKey key, String label, double closed) {
    Point at = new Point(by(b) + closed, b.mm(key) / 2);
    return Grip.round(key, label, at, Optional.empty());
  }

  /** Where a point of a free outline lies, in the blank's z; nowhere where it is the other's. */
  Optional<Point> free(Lay lay, LiddedBox.OutlinePoint p) {
    double whole = lay.mm(BODY_HEIGHT) + lay.mm(LID_HEIGHT) - lay.mm(BoxLine.cap(d));
    double closed = p.at() * whole;
    boolean mine = lid() == closed > lay.mm(BODY_HEIGHT) + SAME;
    return mine ? Optional.of(new Point(by(lay) + closed, p.radius())) : Optional.empty();
  }
}
