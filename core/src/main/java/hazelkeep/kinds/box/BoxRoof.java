package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.LID_DEPTH;
import static hazelkeep.kinds.box.BoxSizes.LID_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.LID_INSIDE;
import static hazelkeep.kinds.box.BoxSizes.LID_THICK;
import static hazelkeep.kinds.box.BoxSizes.RECESS;
import static hazelkeep.kinds.box.BoxSizes.RECESS_DEEP;

import hazelkeep.element.Built;
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
import hazelkeep.piece.Boring;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Grip;
import hazelkeep.piece.Handle;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.practice.Line;
import hazelkeep.solid.Curve;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The hollow of a box's lid: behind the recess that goes over the body's spigot, or in the lid's
 * own spigot.
 *
 * @param d the box
 * @param rules of its sizes
 */
record BoxRoof(LiddedBox d, List<SizeRule> rules) implements Element {
  private static final String LID = BoxParts.LID;
  static final SurfaceId ON = new SurfaceId(LID, "inside");
  static final SurfaceId WALL = new SurfaceId(LID, "recess");

  /** Stretches shorter than this are none, mm. */
  private static final double NONE = 1e-9;

  /** A roof lower than this over its face or its recess is flat, mm: sizes agree within more. */
  private static final double FLAT = 0.04;

  /** A corner smaller than this is none, mm. */
  private static final double SHARP = 0.01;

  private boolean over() {
    return d.school() == School.LID_OVER;
  }

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  /** The face that looks into the body: the rim, or the spigot's end. */
  double face(Lay lay) {
    return lay.at(Edge.from(over() ? LID_HEIGHT : Spigot.LENGTH));
  }

  /** Where the hollow begins over a recess. */
  private double from(Lay lay) {
    double floor = over() ? face(lay) + lay.mm(RECESS_DEEP) : face(lay);
    return roof(lay) - floor < FLAT ? roof(lay) : floor;
  }

  private double roof(Lay lay) {
    return face(lay) + lay.mm(LID_DEPTH);
  }

  private double top(Lay lay) {
    return lay.at(Edge.to(LID_HEIGHT));
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(LID_INSIDE, (over() ? RECESS : Spigot.DIAMETER));
    sane.size(LID_DEPTH)
        .below(top(lay) - face(lay), "the top of the lid", LID_HEIGHT, Spigot.LENGTH);
    if (over()) {
      sane.size(RECESS_DEEP).below(lay.mm(LID_DEPTH) + 2 * NONE, "the depth in the lid", LID_DEPTH);
    }
  }

  private Polyline line(Lay lay) {
    double r = lay.mm(LID_INSIDE) / 2;
    double deepest = roof(lay);
    double deep = deepest - from(lay);
    double round = BoxRoom.roofCorner(d, lay::mm, lay.shop().practice());
    double across = d.roof() == LiddedBox.Roof.DOMED ? r : round;
    if (deep < FLAT) {
      return Polyline.of(deepest, 0, deepest, r);
    }
    List<Curve> c = new ArrayList<>();
    if (deep - round > NONE) {
      c.add(new Curve.Line(new Point(from(lay), r), new Point(deepest - round, r)));
    }
    if (round > SHARP) {
      c.add(new Curve.Arc(new Point(deepest - round, r - across), round, across, 90, 0));
    }
    if (r - across > NONE) {
      c.add(new Curve.Line(new Point(deepest, r - across), new Point(deepest, 0)));
    }
    return new Profile(c).flat().reversed();
  }

  @Override
  public void draw(Lay lay, PartDraft draft) {
    Polyline roof = line(lay);
    double from = from(lay);
    HalfSection cavity = HalfSection.closed(roof, new Point(from, 0));
    draft.hollow(cavity);
    if (!over()) {
      draft.inside(ON.name(), Role.SHOW, roof, cavity);
      return;
    }
    double in = lay.mm(LID_INSIDE) / 2;
    double r = lay.mm(RECESS) / 2;
    double rim = face(lay);
    HalfSection room = HalfSection.box(rim, from, 0, r);
    // The recess's floor belongs to the inside: it is seen when the lid is off.
    draft
        .inside(
            ON.name(),
            Role.SHOW,
            roof.then(Polyline.of(from, in, from, r)),
            cavity.plus(HalfSection.box(rim, from, 0, Math.min(in, r))))
        .inside(WALL.name(), Role.FIT, Polyline.of(from, r, rim + d.lip(lay), r), room)
        .hollow(room);
  }

  @Override
  public void check(Built b, Told told) {
    double recess = over() ? b.mm(RECESS_DEEP) : 0;
    Polyline side = b.part(LID).surface(Side.NAME).line();
    double wall = side.last().z() - face(b) - recess;
    if (over() && wall < 0 && d.top() == LiddedBox.Top.FLAT) {
      Point at = b.part(LID).surface(WALL.name()).line().first();
      told.found(Entry.LID_SHALLOW.told(Grade.WATCH, wall, 0), LID, at);
    }
    told.thin(
        Entry.LID_THIN,
        top(b) - roof(b),
        b.custom(Line.WALL_BOX_FLOOR),
        LID,
        new Point(top(b), 0),
        LID);
  }

  /** The roof stays where it is in the wood when a mouth is cut back. */
  @Override
  public void dimensions(Built b, Dimensions to) {
    double face = face(b);
    double roof = roof(b);
    Point at = new Point(roof, b.mm(LID_INSIDE) / 6);
    Handle handle = new Handle(LID_DEPTH.path(), "inside of the lid", at, true, false);
    to.size(LID_DEPTH, ON)
        .reads(s -> s.high(ON) - s.bottom(LID))
        .deep("deep", face, roof, b.mm(LID_INSIDE) / 2)
        .corrects(Feature.Kind.SHAPE, LID_THICK)
        .recorded()
        .grip(() -> Grip.of(LID_DEPTH, handle, p -> p.z() - face));
    to.size(LID_THICK, ON).reads(s -> s.top(LID) - s.high(ON));
    to.size(LID_INSIDE, ON)
        .sees(this::inside)
        .inside("inside", roof - b.mm(LID_DEPTH) / 3)
        .atBench()
        .corrects(Feature.Kind.SHAPE);
    Dimension recess = to.size(RECESS, WALL).recorded();
    Dimension deep = to.size(RECESS_DEEP, WALL).recorded();
    if (over()) {
      recess.inside("⌀ recess", face + b.mm(RECESS_DEEP) / 2).corrects(Feature.Kind.INNER);
      deep.deep("recess", face, 1);
      to.size(RECESS_DEEP, ON).corrects(Feature.Kind.SHAPE);
    }
  }

  /** How wide its hollow is above the recess, where it goes on there. */
  private OptionalDouble inside(OnSection s) {
    double roof = over() ? s.high(WALL) : s.bottom(LID);
    return s.high(ON) - roof > FLAT
        ? OptionalDouble.of(2 * s.widest(ON, z -> z > roof + SEEN))
        : OptionalDouble.empty();
  }

  /** Corners nearer than this are one, mm. */
  private static final double SEEN = 1e-6;

  @Override
  public List<Boring> boring(Built b) {
    return List.of(BoxBoring.lid(d, b, face(b)));
  }
}
