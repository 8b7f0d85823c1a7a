package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Measures;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.Finding;
import hazelkeep.route.Joint;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.List;

/**
 * A spigot on a body, that goes into the recess of what closes it: its shoulder, its wall and its
 * end.
 *
 * @param on its surface
 * @param rules of its sizes
 * @param side the outside that ends at its shoulder
 * @param bore the hole in it
 * @param recess the hole that it goes into
 * @param beyond where the wood that frees it ends
 */
public record Spigot(
    SurfaceId on, List<SizeRule> rules, Outside side, Drilled bore, Drilled recess, Edge beyond)
    implements Element {
  /** How long it is. */
  public static final DimKey LENGTH = new DimKey("joint.length");

  /** How wide it is in use. */
  public static final DimKey DIAMETER = new DimKey("spigot.diameter");

  /** How wide it is while its partner is jammed on it. */
  public static final DimKey JAM = new DimKey("joint.jam");

  /** What is left between it and its recess. */
  public static final DimKey CLEARANCE = new DimKey("joint.clearance");

  private static final String SHOULDER = "shoulder";
  private static final String END = "spigot end";

  /** Its stretch of the stick. */
  public static Stretch stretch() {
    return Stretch.kept(LENGTH, "spigot");
  }

  /** The fit that it makes. */
  public Joint joint(SurfaceId wall, FitClass use) {
    return new Joint("closure", wall, on, recess.diameter(), DIAMETER, on, use);
  }

  @Override
  public List<SizeRule> sizes() {
    return rules;
  }

  private double join(Lay lay) {
    return lay.at(Edge.from(LENGTH));
  }

  private double end(Lay lay) {
    return lay.at(Edge.to(LENGTH));
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    double join = join(lay);
    double end = end(lay);
    double r = lay.mm(DIAMETER) / 2;
    double outer = side.line(lay).last().r();
    HalfSection freed = HalfSection.box(join, lay.at(beyond), r, lay.far());
    part.outside(new Point(join, r), new Point(end, r))
        .surface(SHOULDER, Role.MEET, Polyline.of(join, outer, join, r), freed)
        .surface(on.name(), Role.FIT, Polyline.of(join, r, end, r), freed)
        .surface(
            END,
            Role.MEET,
            Polyline.of(end, r, end, lay.mm(bore.diameter()) / 2),
            HalfSection.box(end, lay.length() + Lay.BEYOND, 0, lay.far()))
        .stub(
            "spare",
            HalfSection.box(join, lay.at(beyond), r, r + lay.custom(Line.TURN_SPIGOT_SPARE)),
            on.name());
  }

  @Override
  public void check(Built b, Told told) {
    double gap = b.mm(recess.depth()) - b.mm(LENGTH);
    double least = b.custom(Line.TURN_SPIGOT_AIR);
    if (gap < least) {
      double z = recess.place().below(b, b.mm(recess.depth()));
      told.found(
          Entry.SPIGOT_BOTTOMS.told(Grade.STOP, gap, least),
          recess.place().on().part(),
          new Point(z, b.mm(recess.diameter()) / 2));
    }
  }

  @Override
  public void remedies(Built b, Finding f, Tries r) {
    double lack = f.verdict().limit() - f.verdict().found();
    switch (f.verdict().entry()) {
      case SPIGOT_WALL ->
          r.more(2 * lack, recess.diameter().path()).more(-2 * lack, bore.diameter().path());
      case SPIGOT_BOTTOMS -> r.more(lack, recess.depth().path()).more(-lack, LENGTH.path());
      default -> {}
    }
  }

  @Override
  public void measures(Built b, Measures m) {
    double middle = (join(b) + end(b)) / 2;
    m.length(LENGTH.path(), "spigot", join(b), end(b), on.part())
        .turned(DIAMETER.path(), "spigot", Measure.Kind.OUTSIDE, middle, on.part())
        .turned(JAM.path(), "jam", Measure.Kind.OUTSIDE, middle, on.part());
  }

  @Override
  public List<Feature> features() {
    return List.of(
        new Feature(DIAMETER, on, Feature.Kind.OUTER, DIAMETER),
        new Feature(JAM, on, Feature.Kind.OUTER, JAM));
  }

  @Override
  public void onSection(Built b, OnSection s) {
    s.joint(recess.diameter().path(), DIAMETER.path());
    s.along(LENGTH.path(), on.part(), on.name());
  }

  /** Its end faced, for the bit. */
  public void face(SetupDraft s, Work w) {
    s.step(
        "face",
        "Face the spigot's end",
        "Cut it clean; a dimple starts the bit.",
        Speeds.At.TURNING,
        w.acts().bare(0, on.part(), END));
  }

  /** Its shoulder sunk. */
  public void shoulder(SetupDraft s, Work w) {
    s.step(
        SHOULDER,
        "Shoulder cut",
        "Sink the shoulder that frees the spigot; leave it a millimetre a side too thick.",
        Speeds.At.TURNING,
        w.acts().bare(0, on.part(), SHOULDER));
  }

  /** Brought to a jam with its partner. */
  public Work.Task jam(String partner) {
    return (s, w) -> {
      Built b = w.built();
      HalfSection core = HalfSection.box(-Lay.BEYOND, b.length() + Lay.BEYOND, 0, b.mm(JAM) / 2);
      s.step(
          "jam",
          "Spigot to a jam",
          "Sneak up on it with trial fits until the "
              + partner
              + " goes on tight, grain lines together. Its wall is thin: light cuts, no force.",
          Speeds.At.TURNING,
          Acts.remove(on.part(), b.part(on.part()).surface(on.name()).zone().minus(core)),
          w.fit(JAM, "on the spigot"),
          new Act.Try("closure", true));
    };
  }

  /** Eased to the fit that is wanted in use. */
  public void ease(SetupDraft s, Work w) {
    s.step(
        "ease",
        "Ease the spigot",
        "Nothing hangs on the jam any more: ease it to the fit you want, a hair at a time, with"
            + " fine abrasive on a flat stick.",
        Speeds.At.SANDING,
        w.acts().bare(0, on.part(), on.name()),
        w.fit(DIAMETER, "on the spigot"),
        new Act.Try("closure", false));
  }
}
