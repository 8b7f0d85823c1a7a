package hazelkeep.kinds.lid;

import hazelkeep.element.Built;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.Lay;
import hazelkeep.element.PartDraft;
import hazelkeep.element.SizeRule;
import hazelkeep.element.Spigot;
import hazelkeep.element.Work;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Tries;
import hazelkeep.route.Finding;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Curve;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;

/**
 * The hollow under a lid: parallel behind its lip, so that jaws or a plug find a hold in it, then a
 * quarter of an ellipse up to the axis.
 *
 * @param on its surface
 * @param wide the rule of how wide it is at its mouth
 * @param deep the rule of how deep it is in the middle
 */
record UnderHollow(SurfaceId on, SizeRule wide, SizeRule deep) implements Element {
  /** A hollow that is all lip still has so much roof to round, mm. */
  private static final double LEAST = 0.5;

  DimKey diameter() {
    return wide.key();
  }

  DimKey depth() {
    return deep.key();
  }

  @Override
  public List<SizeRule> sizes() {
    return List.of(wide, deep);
  }

  private static double end(Lay lay) {
    return lay.at(Edge.from(Spigot.LENGTH));
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(diameter(), Spigot.DIAMETER);
    sane.size(depth())
        .below(
            lay.at(Edge.to(LidSizes.HEIGHT)) - end(lay),
            "lip and lid",
            LidSizes.HEIGHT,
            Spigot.LENGTH);
  }

  /** From the axis to its mouth. */
  private Polyline line(Lay lay) {
    double r = lay.mm(diameter()) / 2;
    double straight = Math.min(lay.mm(Spigot.LENGTH), lay.mm(depth()) - LEAST);
    double high = lay.mm(depth()) - straight;
    Curve round = new Curve.Arc(new Point(0, 0), high, r, 90, 0);
    List<Point> points =
        new ArrayList<>(
            new Profile(List.of(round)).flat().reversed().moved(end(lay) + straight).points());
    points.add(new Point(end(lay), r));
    return new Polyline(points);
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    HalfSection room = HalfSection.closed(line(lay), new Point(end(lay), 0));
    part.inside(on.name(), Role.SHOW, line(lay), room).hollow(room);
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    if (!f.part().equals(on.part())) {
      return;
    }
    switch (f.verdict().entry()) {
      case LID_CORNER, LID_THIN -> r.more(-f.lack(), depth()).more(f.lack(), LidSizes.HEIGHT);
      case SPIGOT_WALL, RIM_THIN -> r.more(-2 * f.lack(), diameter());
      case WALL_THIN, OUTSIDE_INTO_INSIDE -> r.more(-Math.max(1, f.lack()), depth());
      default -> {}
    }
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    double low = end(b);
    double r = b.mm(diameter()) / 2;
    d.size(diameter(), on)
        .last()
        .inside("⌀ inside", low + b.mm(Spigot.LENGTH) / 2)
        .corrects(Feature.Kind.SHAPE)
        .recorded();
    d.size(depth(), on)
        .along()
        .deep("deep", low, low + b.mm(depth()), r / 2)
        .corrects(Feature.Kind.SHAPE)
        .recorded();
  }

  /** Hollowed. */
  void hollow(SetupDraft s, Work w) {
    s.step(
        "hollow",
        "Hollow the underside",
        Wording.of("underHollow.from-the-middle-out-in"),
        Speeds.At.TURNING,
        w.acts().bare(0, on.part(), on.name()),
        w.turned(diameter(), "behind the lip"),
        w.deep(depth(), "in the middle"));
  }
}
