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
import hazelkeep.element.Grip;
import hazelkeep.element.Lay;
import hazelkeep.element.PartDraft;
import hazelkeep.element.Side;
import hazelkeep.element.SizeRule;
import hazelkeep.element.Spigot;
import hazelkeep.finding.Entry;
import hazelkeep.kinds.box.LiddedBox.School;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Measures;
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

  /** A roof lower than this over its face is flat, mm. */
  private static final double FLAT = 0.02;

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
    return over() ? face(lay) + lay.mm(RECESS_DEEP) : face(lay);
  }

  private double roof(Lay lay) {
    return face(lay) + lay.mm(LID_DEPTH);
  }

  private double top(Lay lay) {
    return lay.at(Edge.to(LID_HEIGHT));
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(LID_INSIDE.path(), (over() ? RECESS : Spigot.DIAMETER).path());
    sane.size(LID_DEPTH.path())
        .below(top(lay) - face(lay), "the top of the lid", LID_HEIGHT.path(), Spigot.LENGTH.path());
    if (over()) {
      sane.size(RECESS_DEEP.path())
          .below(lay.mm(LID_DEPTH) + 2 * NONE, "the depth in the lid", LID_DEPTH.path());
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

  @Override
  public void measures(Built b, Measures m) {
    double face = face(b);
    m.deep(LID_DEPTH.path(), "deep", face, roof(b), b.mm(LID_INSIDE) / 2, LID)
        .turned(
            LID_INSIDE.path(), "inside", Measure.Kind.INSIDE, roof(b) - b.mm(LID_DEPTH) / 3, LID);
    if (over()) {
      m.inside(RECESS.path(), "⌀ recess", face + b.mm(RECESS_DEEP) / 2, LID)
          .read(RECESS_DEEP.path(), "recess", face, 1, LID);
    }
  }

  /** The roof stays where it is in the wood when a mouth is cut back. */
  @Override
  public List<Feature> features() {
    List<Feature> out =
        new ArrayList<>(
            List.of(
                new Feature(LID_DEPTH, ON, Feature.Kind.SHAPE, LID_THICK),
                new Feature(LID_INSIDE, ON, Feature.Kind.SHAPE, LID_INSIDE)));
    if (over()) {
      out.add(new Feature(RECESS, WALL, Feature.Kind.INNER, RECESS));
      out.add(new Feature(RECESS_DEEP, ON, Feature.Kind.SHAPE, RECESS_DEEP));
    }
    return out;
  }

  @Override
  public List<DimKey> recorded() {
    return List.of(RECESS, RECESS_DEEP, LID_DEPTH);
  }

  @Override
  public void onSection(Built b, OnSection s) {
    double face = s.bottom(LID);
    double high = s.high(LID, ON.name());
    s.is(LID_DEPTH.path(), high - face).is(LID_THICK.path(), s.top(LID) - high);
    double roof = over() ? s.high(LID, WALL.name()) : face;
    if (high - roof > FLAT) {
      s.is(LID_INSIDE.path(), 2 * s.widest(LID, ON.name(), z -> z > roof + SEEN));
    }
  }

  /** Corners nearer than this are one, mm. */
  private static final double SEEN = 1e-6;

  @Override
  public List<Boring> boring(Built b) {
    return List.of(BoxBoring.lid(d, b, face(b)));
  }

  @Override
  public List<Grip> grips(Built b) {
    double face = face(b);
    Point at = new Point(roof(b), b.mm(LID_INSIDE) / 6);
    return List.of(
        Grip.of(
            LID_DEPTH,
            new Handle(LID_DEPTH.path(), "inside of the lid", at, true, false),
            p -> p.z() - face));
  }
}
