package hazelkeep.piece.mill;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.BothEnds;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Sweep;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Joint;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Curve;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.solid.Span;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/**
 * The target shapes of a mill in its blank: the body's foot towards the headstock, then the head.
 */
final class MillShape {
  static final String BODY = "body";
  static final String HEAD = "head";
  private static final double BEYOND = 10;

  private final Mill design;
  private final Map<DimKey, Dim> dims;
  private final Shop shop;
  private BothEnds through;

  /**
   * Foot and mouth of the body; end and shoulder of the head's tenon; top; all in the blank's z.
   */
  final double foot;

  final double mouth;
  final double tenonEnd;
  final double rim;
  final double top;
  final double far;
  final double length;

  MillShape(Mill design, Map<DimKey, Dim> dims, Shop shop) {
    this.design = design;
    this.dims = dims;
    this.shop = shop;
    foot = mm("stick.face-foot") + mm("stick.tenon-foot") + mm("stick.waste-foot");
    mouth = foot + mm("body.height");
    tenonEnd = kerfFrom() + mm("stick.kerf") + mm("stick.face-spigot");
    rim = tenonEnd + mm("joint.length");
    top = rim + mm("head.height");
    length = mm("blank.length");
    far = mm("blank.across") + 20;
  }

  double mm(String key) {
    return dims.get(new DimKey(key)).mm();
  }

  /** What a bit is chosen for: what was wanted, whatever it really bored. */
  private double due(String key) {
    return dims.get(new DimKey(key)).due().mm();
  }

  /** Where the body's mouth tenon ends. */
  double mouthTenonEnd() {
    return mouth + mm("stick.face-mouth") + mm("stick.tenon-mouth");
  }

  double kerfFrom() {
    return mouthTenonEnd();
  }

  /** From the head's place in the blank to its place on the closed piece. */
  double jump() {
    return rim - mouth;
  }

  /** The seats at the foot, widest first, then the main bore. */
  private Bore footBore() {
    List<Bore.Step> steps = new ArrayList<>();
    for (String seat : List.of("plate", "ring")) {
      if (mm(seat + ".diameter") > 0 && mm(seat + ".depth") > 0) {
        steps.add(new Bore.Step(due(seat + ".diameter"), mm(seat + ".depth")));
      }
    }
    steps.add(new Bore.Step(due("bore.diameter"), mm("bore.foot")));
    try {
      return new Bore("from the foot", steps);
    } catch (IllegalArgumentException e) {
      throw new BadDesign(
          new DimKey("ring.diameter"),
          "The parts at the foot can't be put in: each seat is narrower and deeper than the one"
              + " before it, plate, seat, main bore.");
    }
  }

  /** Both bores of the body: from its mouth and from its foot. */
  BothEnds through() {
    if (through == null) {
      Bore near = Bore.plain("from the mouth", due("bore.diameter"), mm("bore.mouth"));
      through =
          new BothEnds(
              BoringPlan.of(near, shop),
              BoringPlan.of(footBore(), shop),
              mouthTenonEnd() - foot,
              design.grinds()
                  ? "Neither mouth is seen: the plate covers the foot's, the head the other."
                  : "The stopper covers the foot's mouth, the head the other.");
    }
    return through;
  }

  /** What is bored in the head, from its tenon's end. */
  BoringPlan headBore() {
    List<Bore.Step> steps = new ArrayList<>();
    if (mm("drive.diameter") > 0 && mm("drive.depth") > 0) {
      steps.add(new Bore.Step(due("drive.diameter"), mm("drive.depth")));
    }
    if (mm("shaft.hole") > 0) {
      steps.add(new Bore.Step(due("shaft.hole"), mm("shaft.bore")));
    }
    if (steps.isEmpty()) {
      throw new BadDesign(
          new DimKey("drive.diameter"),
          "Something is bored in the head: a seat, a hollow, a hole.");
    }
    try {
      return BoringPlan.of(new Bore("from its tenon", steps), shop);
    } catch (IllegalArgumentException e) {
      throw new BadDesign(
          new DimKey("drive.diameter"),
          "The seat in the head is wider than the shaft's hole, "
              + Dims.both(mm("shaft.hole"))
              + ", and ends inside the head.");
    }
  }

  Aim aim() {
    sane();
    Part body = body();
    Part head = head();
    Joint joint =
        new Joint(
            "closure",
            new SurfaceId(BODY, "mouth bore"),
            new SurfaceId(HEAD, "spigot"),
            new DimKey("bore.diameter"),
            new DimKey("spigot.diameter"),
            new SurfaceId(HEAD, "spigot"),
            design.fit());
    Species wood =
        shop.woods()
            .named(design.species())
            .orElseGet(() -> new Species(design.species(), "", Map.of()));
    return new Aim(
        Blank.body(design.blank(), length, mm("blank.across"), wood, design.grainSlope()),
        List.of(body, head),
        List.of(joint),
        dims,
        shop.practice());
  }

  private void sane() {
    Sane sane = new Sane(dims);
    sane.below("ring.diameter", "outside.diameter")
        .below("plate.diameter", "outside.diameter")
        .below("bore.diameter", "outside.waist")
        .below("bore.diameter", "outside.join")
        .below("spigot.diameter", "outside.join")
        .below("drive.diameter", "spigot.diameter")
        .below("shaft.hole", "outside.top");
    sane.size("ring.depth")
        .with("the head's tenon", mm("joint.length"))
        .below(mm("body.height"), "the body's height", "joint.length", "body.height");
    double head = mm("joint.length") + mm("head.height");
    sane.size("drive.depth")
        .below(head, "the head's height with its tenon", "joint.length", "head.height");
    sane.size("head.dome").below(mm("head.height") + 1e-9, "the head's height", "head.height");
    sane.size("bore.foot")
        .below(mm("body.height") + mm("stick.face-mouth"), "the body's height", "body.height");
  }

  private Polyline bodySide() {
    double h = mm("body.height");
    double rFoot = mm("outside.diameter") / 2;
    double rJoin = mm("outside.join") / 2;
    List<Curve> curves =
        design.form() == Mill.Form.STRAIGHT
            ? List.of(new Curve.Line(new Point(0, rFoot), new Point(h, rJoin)))
            : Profile.smooth(
                List.of(
                    new Point(0, rFoot),
                    new Point(shop.custom(Line.FORM_WAIST) * h, mm("outside.waist") / 2),
                    new Point(h, rJoin)));
    return new Profile(curves).flat().moved(foot);
  }

  private Polyline headSide() {
    double side = mm("head.height") - mm("head.dome");
    double from = mm("outside.join") / 2;
    double to = mm("outside.top") / 2;
    // A head that is all dome still has a hair of side, so that it has an edge.
    double high = Math.max(HAIR, side);
    return new Profile(List.of(new Curve.Line(new Point(0, from), new Point(high, to))))
        .flat()
        .moved(rim);
  }

  private static final double HAIR = 0.05;

  /**
   * How high the head's dome would be without a hole for the shaft. The hole takes the middle of
   * the dome with it: its edge is the top that the shaft stands in.
   */
  static double cap(ToDoubleFunction<String> mm) {
    double share = mm.applyAsDouble("shaft.hole") / mm.applyAsDouble("outside.top");
    return mm.applyAsDouble("head.dome") / Math.sqrt(1 - share * share);
  }

  private Polyline headTop() {
    double side = Math.max(HAIR, mm("head.height") - mm("head.dome"));
    double r = mm("outside.top") / 2;
    double hole = mm("shaft.hole") / 2;
    double end = Math.toDegrees(Math.asin(Math.min(1, hole / r)));
    double cap = (mm("head.height") - side) / Math.cos(Math.toRadians(end));
    return new Profile(List.of(new Curve.Arc(new Point(side, 0), cap, r, 90, end)))
        .flat()
        .moved(rim);
  }

  private Surface surface(
      String part, String name, Role role, Polyline line, HalfSection zone, boolean inside) {
    return Surface.of(
        new SurfaceId(part, name), role, line, zone, inside, !design.finish().isEmpty());
  }

  private Part body() {
    Polyline side = bodySide();
    double bore = mm("bore.diameter") / 2;
    List<Bore.Step> seats = footBore().steps();
    HalfSection seatZone = HalfSection.EMPTY;
    List<Point> seatLine = new ArrayList<>();
    double narrow = due("bore.diameter") / 2;
    for (int i = seats.size() - 2; i >= 0; i--) {
      double z = foot + seats.get(i).depth();
      double r = seats.get(i).diameter() / 2;
      seatLine.add(new Point(z, narrow));
      seatLine.add(new Point(z, r));
      narrow = r;
      seatZone = seatZone.plus(HalfSection.box(foot, z, 0, r));
    }
    seatLine.add(new Point(foot, narrow));
    double lead = mouth - mm("joint.length");
    double deepest = seats.size() > 1 ? foot + seats.get(seats.size() - 2).depth() : foot;
    // What is measured in the mouth is so there; further in the bit's own size stands.
    double within = due("bore.diameter") / 2;
    HalfSection mouthZone = HalfSection.box(lead, mouth, 0, bore);
    HalfSection boreZone = HalfSection.box(foot, lead, 0, within).plus(mouthZone);
    List<Surface> surfaces = new ArrayList<>();
    surfaces.add(
        surface(
            BODY,
            "foot",
            Role.SHOW,
            Polyline.of(foot, narrow, foot, side.first().r()),
            HalfSection.box(-BEYOND, foot, 0, far),
            false));
    surfaces.add(
        surface(
            BODY,
            "side",
            Role.SHOW,
            side,
            HalfSection.closed(side, new Point(mouth, far), new Point(foot, far)),
            false));
    surfaces.add(
        surface(
            BODY,
            "mouth",
            Role.MEET,
            Polyline.of(mouth, side.last().r(), mouth, bore),
            HalfSection.box(mouth, length + BEYOND, 0, far),
            false));
    surfaces.add(
        surface(
            BODY, "mouth bore", Role.FIT, Polyline.of(mouth, bore, lead, bore), mouthZone, true));
    surfaces.add(
        surface(
            BODY, "bore", Role.MEET, Polyline.of(lead, within, deepest, within), boreZone, true));
    if (seats.size() > 1) {
      surfaces.add(surface(BODY, "seats", Role.MEET, new Polyline(seatLine), seatZone, true));
    }
    HalfSection outer = HalfSection.closed(side, new Point(mouth, 0), new Point(foot, 0));
    HalfSection target = outer.minus(boreZone.plus(seatZone));
    double middle = (deepest + lead) / 2;
    Point core = new Point(middle, (target.inner(middle) + target.outer(middle)) / 2);
    return new Part(
        BODY,
        core,
        target,
        surfaces,
        List.of(
            new Stub("foot tenon", tenon("foot"), new SurfaceId(BODY, "foot")),
            new Stub("tenon", tenon("mouth"), new SurfaceId(BODY, "mouth"))),
        new Frame(foot, false));
  }

  private Part head() {
    Polyline side = headSide();
    Polyline cap = headTop();
    double rs = mm("spigot.diameter") / 2;
    double drive = mm("drive.depth") > 0 ? mm("drive.diameter") / 2 : 0;
    double hole = mm("shaft.hole") / 2;
    double roof = tenonEnd + (drive > 0 ? mm("drive.depth") : 0);
    HalfSection cavity = HalfSection.EMPTY;
    List<Surface> surfaces = new ArrayList<>();
    List<Point> under = new ArrayList<>();
    if (drive > 0) {
      cavity = HalfSection.box(tenonEnd, roof, 0, drive);
      under.add(new Point(roof, hole));
      under.add(new Point(roof, drive));
      under.add(new Point(tenonEnd, drive));
      if (hole == 0) {
        List<Pass> passes = headBore().passes();
        if (!passes.isEmpty()) {
          // Bored blind: the bit's point stays in the roof.
          List<Point> end = new ArrayList<>(Sweep.end(passes.get(0).bit(), roof, 1));
          Collections.reverse(end);
          under.clear();
          under.addAll(end);
          if (passes.get(0).open() > 0) {
            under.add(new Point(roof, drive));
          }
          under.add(new Point(tenonEnd, drive));
          List<Point> ring = new ArrayList<>(under);
          ring.add(new Point(tenonEnd, 0));
          cavity = HalfSection.of(ring);
        }
      }
      surfaces.add(surface(HEAD, "under", Role.MEET, new Polyline(under), cavity, true));
    }
    HalfSection outer =
        HalfSection.closed(
            side.then(cap),
            new Point(cap.last().z(), 0),
            new Point(tenonEnd, 0),
            new Point(tenonEnd, rs),
            new Point(rim, rs));
    if (hole > 0) {
      double open = cap.last().z();
      HalfSection through = HalfSection.box(tenonEnd, top, 0, hole);
      surfaces.add(
          surface(HEAD, "hole", Role.MEET, Polyline.of(open, hole, roof, hole), through, true));
      cavity = cavity.plus(through);
    }
    surfaces.add(
        surface(
            HEAD,
            "spigot end",
            Role.MEET,
            Polyline.of(tenonEnd, drive > 0 ? drive : hole, tenonEnd, rs),
            HalfSection.box(-BEYOND, tenonEnd, 0, far),
            false));
    surfaces.add(
        surface(
            HEAD,
            "spigot",
            Role.FIT,
            Polyline.of(tenonEnd, rs, rim, rs),
            HalfSection.box(tenonEnd - mm("stick.face-spigot"), rim, rs, far),
            false));
    surfaces.add(
        surface(
            HEAD,
            "shoulder",
            Role.MEET,
            Polyline.of(rim, rs, rim, side.first().r()),
            HalfSection.box(tenonEnd - mm("stick.face-spigot"), rim, rs, far),
            false));
    surfaces.add(
        surface(
            HEAD,
            "side",
            Role.SHOW,
            side,
            HalfSection.closed(side, new Point(side.last().z(), far), new Point(rim, far)),
            false));
    surfaces.add(
        surface(
            HEAD,
            "top",
            Role.SHOW,
            cap,
            HalfSection.closed(
                cap,
                new Point(cap.last().z(), 0),
                new Point(length + BEYOND, 0),
                new Point(length + BEYOND, far),
                new Point(cap.first().z(), far)),
            false));
    HalfSection target = outer.minus(cavity);
    double z = rim + Math.min(mm("head.height") / 4, side.length() / 2 + 0.5);
    Point core = new Point(z, (target.inner(z) + target.outer(z)) / 2);
    return new Part(
        HEAD,
        core,
        target,
        surfaces,
        List.of(new Stub("tenon", tenon("top"), new SurfaceId(HEAD, "top"))),
        new Frame(foot + jump(), false));
  }

  /** A chucking tenon: its root towards the wood that it carries. */
  private HalfSection tenon(String end) {
    double root = mm("tenon-" + end + ".root");
    double wide = mm("tenon-" + end + ".diameter");
    double from =
        switch (end) {
          case "foot" -> mm("stick.face-foot");
          case "mouth" -> mouth + mm("stick.face-mouth");
          default -> top + mm("stick.waste-top");
        };
    boolean outwards = !end.equals("foot");
    double to = from + mm("stick.tenon-" + end);
    return Tenons.region(from, to, outwards ? root : wide, outwards ? wide : root);
  }

  /** The wood beside the body's bores. */
  BoreWalls walls() {
    BothEnds both = through();
    double near = mouthTenonEnd();
    return new BoreWalls(
        body().target(),
        new Span(foot, mouth),
        shop.custom(Line.WALL_MILL),
        z ->
            Math.max(
                both.near().passes().stream()
                    .mapToDouble(p -> near - z <= p.depth() ? p.driftAt(near - z) : 0)
                    .max()
                    .orElse(0),
                both.far().passes().stream()
                    .mapToDouble(p -> z - foot <= p.depth() ? p.driftAt(z - foot) : 0)
                    .max()
                    .orElse(0)));
  }

  /** The hole of a bit that enters the body from its foot. */
  HalfSection fromFoot(Pass p) {
    return Sweep.of(p.bit(), foot - BEYOND, foot + p.depth());
  }

  /** The hole of a bit that enters the body from its mouth. */
  HalfSection fromMouth(Pass p) {
    return Sweep.of(p.bit(), mouthTenonEnd() + BEYOND, mouthTenonEnd() - p.depth());
  }

  /** The hole of a bit that enters the head from its tenon's end. */
  HalfSection intoHead(Pass p) {
    return Sweep.of(p.bit(), tenonEnd - BEYOND, tenonEnd + p.depth());
  }
}
