package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.CORNER;
import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.FLOOR;
import static hazelkeep.kinds.box.BoxSizes.HOLE;
import static hazelkeep.kinds.box.BoxSizes.INSIDE;
import static hazelkeep.kinds.box.BoxSizes.RECESS;
import static hazelkeep.kinds.box.BoxSizes.RECESS_DEEP;

import hazelkeep.element.Built;
import hazelkeep.element.DishedFoot;
import hazelkeep.element.Edge;
import hazelkeep.element.Element;
import hazelkeep.element.Lay;
import hazelkeep.element.PartDraft;
import hazelkeep.element.Side;
import hazelkeep.element.SizeRule;
import hazelkeep.element.Spigot;
import hazelkeep.finding.Entry;
import hazelkeep.kinds.box.LiddedBox.School;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Grip;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.practice.Line;
import hazelkeep.shop.Bit;
import hazelkeep.solid.Curve;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The hollow of a box's body: from its brim, or from the recess that the lid's spigot sits in, down
 * to its floor.
 *
 * @param d the box
 * @param rules of its sizes
 */
record BoxHollow(LiddedBox d, List<SizeRule> rules) implements Element {
  private static final String BODY = BoxParts.BODY;
  private static final SurfaceId ON = new SurfaceId(BODY, "inside");

  /** Stretches shorter than this are none, mm. */
  private static final double NONE = 1e-9;

  private boolean over() {
    return d.school() == School.LID_OVER;
  }

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  /** The brim: the end of the spigot, or the rim. */
  double mouth(Lay lay) {
    return lay.at(Edge.to(over() ? Spigot.LENGTH : BODY_HEIGHT));
  }

  private double floorAt(Lay lay) {
    return mouth(lay) - lay.mm(DEPTH);
  }

  /** Where the hollow begins under a recess. */
  private double top(Lay lay) {
    return over() ? mouth(lay) : mouth(lay) - lay.mm(RECESS_DEEP);
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(INSIDE, (over() ? Spigot.DIAMETER : RECESS));
    sane.size(DEPTH).below(mouth(lay), Wording.of("boxHollow.the-foots-end-of-the"), BODY_HEIGHT);
  }

  /** From its top down to the floor and the axis. */
  private Polyline line(Lay lay) {
    double r = lay.mm(INSIDE) / 2;
    double floor = floorAt(lay);
    double round = BoxRoom.floorCorner(d, lay::mm);
    double across = d.floor() == LiddedBox.Floor.ROUNDED ? r : round;
    List<Curve> c = new ArrayList<>();
    // Built from the axis outwards, z rising, then run backwards so that wood lies right.
    if (r - across > NONE) {
      c.add(new Curve.Line(new Point(floor, 0), new Point(floor, r - across)));
    }
    c.add(new Curve.Arc(new Point(floor + round, r - across), round, across, 180, 90));
    if (top(lay) - floor - round > NONE) {
      c.add(new Curve.Line(new Point(floor + round, r), new Point(top(lay), r)));
    }
    return new Profile(c).flat().reversed();
  }

  @Override
  public void draw(Lay lay, PartDraft draft) {
    Polyline line = line(lay);
    HalfSection room = HalfSection.closed(line, new Point(top(lay), 0));
    HalfSection zone =
        over() ? room : room.plus(HalfSection.box(top(lay), mouth(lay), 0, lay.mm(INSIDE) / 2));
    draft.inside(ON.name(), Role.SHOW, line, zone).hollow(room);
  }

  @Override
  public void check(Built b, Told told) {
    double tip = b.shop().depthBit().map(Bit::tip).orElse(0.0);
    double point = b.shop().depthBit().isPresent() ? b.mm(HOLE) + tip : 0;
    double deepest = Math.max(b.mm(DEPTH), point);
    double foot = b.at(Edge.from(BODY_HEIGHT));
    double floor = mouth(b) - deepest - foot - b.mm(DishedFoot.HOLLOW);
    double least = b.custom(Line.WALL_BOX_FLOOR);
    if (floor < least) {
      boolean byPoint = point > b.mm(DEPTH) + SEEN;
      told.found(
          (floor <= 0 ? Entry.FLOOR_THROUGH : Entry.FLOOR_THIN)
              .told(
                  floor <= least / 2 ? Grade.STOP : Grade.WATCH,
                  floor,
                  least,
                  byPoint ? Wording.of("boxHollow.counted-from-the-drills-point") : "on the axis"),
          BODY,
          new Point(foot, 0));
    }
  }

  /** Less is not seen, mm. */
  private static final double SEEN = 0.01;

  /** What could still be taken off the floor from below, mm. */
  double spare(Built b) {
    double foot = b.at(Edge.from(BODY_HEIGHT)) + b.mm(DishedFoot.HOLLOW);
    return floorAt(b) - foot - b.custom(Line.WALL_BOX_FLOOR);
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    double floor = floorAt(b);
    double mouth = mouth(b);
    double r = b.mm(INSIDE) / 2;
    Point wall = new Point(mouth - b.mm(DEPTH) / 2, r);
    d.size(INSIDE, ON)
        .widest()
        .inside("⌀ inside", floor + b.mm(DEPTH) * AT)
        .corrects(Feature.Kind.SHAPE)
        .recorded()
        .grip(() -> Grip.round(INSIDE, "inside wall", wall, Optional.empty()));
    Handle handle = new Handle(DEPTH.path(), "floor", new Point(floor, r * NEAR), true, false);
    d.size(DEPTH, ON)
        .reads(s -> s.top(BODY) - s.low(ON))
        .deep("deep", floor, mouth, r)
        .corrects(Feature.Kind.SHAPE, FLOOR)
        .recorded()
        .grip(() -> Grip.of(DEPTH, handle, p -> mouth - p.z()));
    d.size(FLOOR, ON)
        .reads(s -> s.low(ON) - s.low(new SurfaceId(BODY, Side.NAME)))
        .deep("floor", b.at(Edge.from(BODY_HEIGHT)), floor, r);
    d.size(HOLE, BODY).deep("hole", mouth, -1);
    if (this.d.floor() == LiddedBox.Floor.FLAT) {
      d.size(CORNER, ON).reads(s -> BoxRoom.floorCorner(this.d, b::mm));
    }
  }

  /** The floor is dragged so far out, as a share of its radius. */
  private static final double NEAR = 0.4;

  /** How far up its diameter stands on the drawing, as a share of its depth. */
  private static final double AT = 0.42;

  @Override
  public List<Boring> boring(Built b) {
    return List.of(new BoxBoring(d, b, mouth(b)).body());
  }
}
