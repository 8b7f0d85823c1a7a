package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Grip;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.solid.Point;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A place that an outside goes through, beside those of its kind: so many of them, so many bellies
 * and waists. The outside is then one smooth line through all its places ({@link Through}); its own
 * step cuts it, and everything that follows the outside follows this one.
 */
final class OutlinePoint extends AddedElement {
  /** Its name in piece files. */
  static final String POINT = "point";

  static final String HEIGHT = "height";
  static final String DIAMETER = "diameter";

  /** The diameter of most pieces at their widest. */
  private static final DimKey WIDEST = new DimKey("outside.diameter");

  /** Diameters that differ by less are one, mm. */
  private static final double SAME = 0.01;

  private final DimKey height = added.size(HEIGHT);
  private final DimKey diameter = added.size(DIAMETER);

  OutlinePoint(Added added) {
    super(added, POINT);
  }

  /** The diameters of all that were added to a design. */
  static List<DimKey> diameters(Design design) {
    return design.elements().stream()
        .filter(a -> a.what().equals(POINT))
        .map(a -> a.size(DIAMETER))
        .toList();
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(
        height(0, 900),
        new SizeRule(
            diameter,
            "Diameter at " + label(),
            3,
            400,
            d ->
                Rule.Value.derived(d.mm(WIDEST), Wording.of("outlinePoint.as-wide-as-the-piece"))));
  }

  /** How wide the outside is where it lies, mm. */
  private double wide(Form form, Aim aim) {
    return 2 * form.radius(aim.mm(height));
  }

  private boolean isMissed(Form form, Aim aim) {
    return Math.abs(wide(form, aim) - aim.mm(diameter)) > SAME;
  }

  private Point at(Form form, Aim aim) {
    return new Point(form.zero() + aim.mm(height), aim.mm(diameter) / 2);
  }

  @Override
  public void check(Form form, Aim aim, Told told) {
    if (isMissed(form, aim)) {
      double said = aim.mm(diameter);
      told.found(
          Entry.POINT_MISSED.told(Grade.STOP, wide(form, aim), said, label(), added.part()),
          added.part(),
          at(form, aim));
    }
  }

  /** Onto the line as it is, or to the middle of its outside. */
  @Override
  public void remedies(Finding finding, Form form, Aim aim, Tries tries) {
    if (finding.verdict().entry() == Entry.POINT_MISSED) {
      if (finding.verdict().found() > 0) {
        tries.set(diameter, finding.verdict().found());
      }
      tries.set(height, form.height() / 2);
    }
  }

  @Override
  public void dimensions(Form form, Aim aim, Dimensions d) {
    Point at = at(form, aim);
    Handle handle = new Handle(added.id(), label(), at, true, true);
    Dimension across = d.size(diameter, added.part()).outside("\u2300", at.z());
    if (!isMissed(form, aim)) {
      across.reads(s -> wide(form, aim));
    }
    across.grip(
        () ->
            new Grip(
                handle,
                diameter,
                to -> Map.of(height, to.z() - form.zero(), diameter, 2 * to.r()),
                Optional.empty()));
    d.size(height, added.part()).length(label(), form.zero(), at.z()).atBench();
  }

  /** It is put on the line as it runs. */
  @Override
  public Map<DimKey, Double> seen(Form form, double at) {
    double wide = Rounding.to(2 * form.radius(at), 1);
    return wide > 0 ? Map.of(diameter, wide) : Map.of();
  }
}
