package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.hold.Expand;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Feature;
import hazelkeep.piece.FootRecess;
import hazelkeep.piece.Grip;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Told;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.function.DoublePredicate;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * A foot that stands on its rim: hollowed a little, or with a recess that jaws open in.
 *
 * @param on its surface
 * @param at where it is
 * @param side the outside that begins at it
 * @param across the size that it is wide
 * @param by how it is made
 * @param over what could still be taken off the floor over it, mm
 */
public record DishedFoot(
    SurfaceId on, Edge at, Outside side, DimKey across, By by, ToDoubleFunction<Built> over)
    implements Element {
  /**
   * How a foot is made.
   *
   * @param recessed whether a recess holds it
   * @param offered whether a recess may hold it
   * @param hollow how deep it is hollowed where it is not
   */
  public record By(boolean recessed, boolean offered, Function<Dims<?>, Rule.Value> hollow) {
    /** One that is hollowed, and never held by a recess. */
    public static By dished(Line hollow) {
      return new By(false, false, usual(hollow));
    }

    /** One that a recess may hold. */
    public static By recessed(boolean so, Line hollow) {
      return new By(so, true, usual(hollow));
    }

    private static Function<Dims<?>, Rule.Value> usual(Line hollow) {
      return d -> Rule.Value.practice(d.custom(hollow), "only the rim stands");
    }
  }

  /** How deep it is hollowed. */
  public static final DimKey HOLLOW = new DimKey("foot.hollow");

  /** How wide its recess is at its mouth. */
  public static final DimKey RECESS = new DimKey("foot.recess");

  /** How wide that is at its floor, where the jaws' dovetail bites. */
  public static final DimKey WIDE = new DimKey("foot.recess-wide");

  /** What is left of the foot round it. */
  public static final DimKey LAND = new DimKey("foot.land");

  /**
   * The rule of a floor that is counted down to the rim that the foot stands on: it says how much
   * of that is wood.
   *
   * @param label what it is
   * @param by how it follows
   */
  public static SizeRule floor(
      DimKey key, String label, double most, Function<Dims<?>, Rule.Value> by) {
    return new SizeRule(
        key, Wording.of("dishedFoot.down-to-the-rim", label), 0.5, most, d -> wood(d, by.apply(d)));
  }

  private static Rule.Value wood(Dims<?> d, Rule.Value v) {
    double hollow = d.mm(HOLLOW);
    return hollow <= 0
        ? v
        : new Rule.Value(
            v.mm(),
            v.origin(),
            Wording.of("dishedFoot.of-it-wood", v.reason(), Dims.both(v.mm() - hollow)));
  }

  /** The narrowest foot that takes a recess with room for its dovetail, mm. */
  public static double least(Dims<?> d) {
    return FootRecess.least(d.shop(), 0) + d.custom(Line.HOLD_RECESS_FOOT);
  }

  @Override
  public List<SizeRule> sizes() {
    SizeRule hollow = new SizeRule(HOLLOW, "Hollow of the foot", 0, 20, this::usual);
    SizeRule recess =
        new SizeRule(RECESS, "Recess in the foot", 0, 400, d -> by.recessed ? mouth(d) : OTHERWISE);
    SizeRule wide =
        new SizeRule(
            WIDE,
            Wording.of("dishedFoot.recess-in-the-foot-at"),
            0,
            400,
            d -> by.recessed ? wide(d) : OTHERWISE);
    SizeRule land =
        new SizeRule(LAND, "Land round the recess", 0, 200, d -> by.recessed ? land(d) : OTHERWISE);
    return by.offered ? List.of(hollow, recess, wide, land) : List.of(hollow);
  }

  private static final Rule.Value OTHERWISE = Rule.Value.derived(0, "the foot is held otherwise");

  /** Where the land is stated the recess is what that leaves. */
  private Rule.Value mouth(Dims<?> d) {
    Rule.Value usual = FootRecess.rule(d, across, HOLLOW);
    return d.stated(LAND)
        .map(
            land -> {
              double wide = d.mm(across) - 2 * land.mm();
              double flare = flare(d, usual.mm());
              return Rule.Value.derived(Math.max(0, wide - flare), "what the land leaves");
            })
        .orElse(usual);
  }

  /** Its floor is wider than its mouth by twice the depth times the tangent of the dovetail. */
  private Rule.Value wide(Dims<?> d) {
    double mouth = d.mm(RECESS);
    return mouth <= 0
        ? Rule.Value.derived(0, "there is none")
        : Rule.Value.shop(
            mouth + flare(d, mouth), Wording.of("dishedFoot.undercut-as-the-jaws-are"));
  }

  private double flare(Dims<?> d, double mouth) {
    return FootRecess.held(d.shop(), d.mm(across), d.mm(HOLLOW), mouth).flare(d.mm(HOLLOW));
  }

  private Rule.Value land(Dims<?> d) {
    return d.mm(RECESS) <= 0
        ? Rule.Value.derived(0, "there is no recess")
        : Rule.Value.derived(
            (d.mm(across) - d.mm(WIDE)) / 2, Wording.of("dishedFoot.what-the-recess-leaves-of"));
  }

  private Rule.Value usual(Dims<?> d) {
    return by.recessed
        ? Rule.Value.practice(d.custom(Line.HOLD_RECESS_DEPTH), "3 to 6 mm hold the jaws")
        : by.hollow.apply(d);
  }

  /** Whether jaws open in its recess: there is one. */
  public boolean held(Lay lay) {
    return by.recessed && lay.mm(RECESS) > 0;
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    double z = lay.at(at);
    double r = side.line(lay).first().r();
    double deep = z + lay.mm(HOLLOW);
    double recess = by.offered ? lay.mm(RECESS) / 2 : 0;
    Polyline line =
        recess <= 0 || recess >= r
            ? Polyline.of(deep, 0, z, r)
            : Polyline.of(deep, 0, deep, lay.mm(WIDE) / 2, z, recess, z, r);
    double far = lay.far();
    HalfSection zone =
        HalfSection.closed(
            line, new Point(z, far), new Point(-Lay.BEYOND, far), new Point(-Lay.BEYOND, 0));
    part.outside(line).surface(on.name(), Role.SHOW, line, zone);
  }

  @Override
  public void check(Built b, Told told) {
    if (by.recessed && !held(b)) {
      told.found(
          Entry.HOLD_MISSING_RECESS.told(
              Grade.STOP, b.mm(across), FootRecess.least(b.shop(), b.mm(HOLLOW))),
          on.part(),
          new Point(b.at(at), 0));
    }
    if (held(b)) {
      // The jaws still open in it when the outside is there.
      HalfSection wood = b.part(on.part()).target().in(frame(b));
      double wall = Expand.wall(wood, expand(b).jaws(), b.mm(HOLLOW));
      double least = b.custom(Line.HOLD_EXPAND_WALL);
      told.thin(
          Entry.EXPAND_WALL,
          wall,
          least,
          on.part(),
          new Point(b.at(at), b.mm(RECESS) / 2),
          "recess");
    }
  }

  @Override
  public void sane(Lay lay, Sane sane) {
    sane.below(HOLLOW, at.stretch());
    if (by.offered && held(lay)) {
      sane.below(WIDE, across);
    }
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    double z = b.at(at);
    Dimension hollow = d.size(HOLLOW, on).along().grip(() -> grip(b, z));
    if (by.offered) {
      hollow.deep("hollow", z, 1);
      Dimension mouth = d.size(RECESS, on).inside("recess", z + 1).atBench();
      if (by.recessed) {
        hollow.corrects(Feature.Kind.SHAPE);
        mouth.corrects(Feature.Kind.SHAPE);
      }
      if (b.part(on.part()).surface(on.name()).line().points().size() > 2) {
        DoublePredicate rim = y -> y < z + SAME;
        mouth.reads(s -> 2 * s.narrowest(on, rim));
        d.size(WIDE, on).reads(s -> 2 * s.widest(on, rim.negate()));
        d.size(LAND, on).reads(s -> s.widest(on, rim) - s.widest(on, rim.negate()));
      }
    }
  }

  private Grip grip(Built b, double z) {
    double deep = b.mm(HOLLOW);
    double most = deep + over.applyAsDouble(b);
    Point at = new Point(z + deep, b.mm(across) / 8);
    Handle handle = Handle.deep(HOLLOW.path(), "hollow of the foot", at, most);
    return Grip.of(HOLLOW, handle, to -> to.z() - z);
  }

  /** Heights nearer than this are one, mm. */
  private static final double SAME = 1e-6;

  /** Jaws opened in its recess. */
  public Expand expand(Built b) {
    return new Expand(
        on.part(), "recess", FootRecess.held(b.shop(), b.mm(across), b.mm(HOLLOW), b.mm(RECESS)));
  }

  /** Where its part lies then. */
  public Frame frame(Lay lay) {
    return new Frame(lay.at(at), false);
  }

  /** Made first, with its recess: it holds the work from then on. */
  public void first(SetupDraft s, Work w) {
    double within = w.built().custom(Line.READ_HOLLOW);
    String gauge = w.built().shop().depthGauge().name();
    Act.Read deep = Acts.read(HOLLOW, gauge, "from the foot's rim", within, 2 * within);
    s.step(
        "foot",
        Wording.of("dishedFoot.finish-the-foot-and-its"),
        Wording.of("dishedFoot.true-the-foot-cut-the"),
        Speeds.At.TURNING,
        w.acts().bare(0, on.part(), on.name()),
        w.turned(RECESS, "at its mouth"),
        deep);
    s.step(
        "sand",
        "Sand and finish the foot",
        Wording.of("dishedFoot.through-the-grits-then-the"),
        Speeds.At.SANDING,
        w.acts().treat(on.part(), on.name()));
  }
}
