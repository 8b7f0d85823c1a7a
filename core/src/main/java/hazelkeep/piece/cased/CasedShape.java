package hazelkeep.piece.cased;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Sweep;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Blank;
import hazelkeep.piece.BoreWalls;
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

/** The target shapes of a bored case in its blank: the body's foot towards the headstock. */
final class CasedShape {
  static final String BODY = "body";
  static final String LID = "lid";
  private static final double BEYOND = 10;

  private final Cased design;
  private final Map<DimKey, Dim> dims;
  private final Shop shop;

  /** Foot, join and spigot's end of the body; rim and top of the lid; in the blank's z. */
  final double foot;

  final double join;
  final double mouth;
  final double rim;
  final double top;
  final double far;
  final double length;

  CasedShape(Cased design, Map<DimKey, Dim> dims, Shop shop) {
    this.design = design;
    this.dims = dims;
    this.shop = shop;
    foot = mm("stick.face-foot") + mm("stick.tenon-foot") + mm("stick.waste-foot");
    join = foot + mm("body.height");
    mouth = join + mm("joint.length");
    rim = kerfFrom() + mm("stick.kerf") + mm("stick.face-rim");
    top = rim + mm("lid.height");
    length = mm("blank.length");
    far = mm("blank.across") + 20;
  }

  double mm(String key) {
    return dims.get(new DimKey(key)).mm();
  }

  double kerfFrom() {
    return mouth + mm("stick.face-spigot");
  }

  /** From the lid's place in the blank to its place on the closed case. */
  double jump() {
    return rim - join;
  }

  /** What a bit is chosen for: what was wanted, whatever it really bored. */
  private double due(String key) {
    return dims.get(new DimKey(key)).due().mm();
  }

  /** How the body is bored, from the spigot's end. */
  BoringPlan bodyBore() {
    return BoringPlan.of(Bore.plain("body", due("bore.diameter"), due("bore.depth")), shop);
  }

  /** How the lid is bored, from its rim. */
  BoringPlan lidBore() {
    return BoringPlan.of(Bore.plain("lid", due("recess.diameter"), due("lid.depth")), shop);
  }

  Aim aim() {
    sane();
    Joint joint =
        new Joint(
            "closure",
            new SurfaceId(LID, "recess"),
            new SurfaceId(BODY, "spigot"),
            new DimKey("recess.diameter"),
            new DimKey("spigot.diameter"),
            new SurfaceId(BODY, "spigot"),
            design.fit());
    Species wood =
        shop.woods()
            .named(design.species())
            .orElseGet(() -> new Species(design.species(), "", Map.of()));
    return new Aim(
        Blank.body(design.blank(), length, mm("blank.across"), wood, design.grainSlope()),
        List.of(body(), lid()),
        List.of(joint),
        dims,
        shop.practice());
  }

  private void sane() {
    Sane sane = new Sane(dims);
    sane.below("bore.diameter", "spigot.diameter")
        .below("spigot.diameter", "outside.diameter")
        .below("recess.diameter", "outside.eaves")
        .below("joint.length", "lid.depth")
        .below("lid.dome", "lid.height");
    sane.size("lid.depth")
        .with("its point", lidBore().tip())
        .below(mm("lid.height"), "the lid's height", "lid.height");
    double high = mm("body.height") + mm("joint.length");
    sane.size("bore.depth")
        .with("its point", bodyBore().tip())
        .below(high, "the body's height with its spigot", "body.height", "joint.length");
  }

  private Polyline bodySide() {
    return line(0, mm("outside.foot") / 2, mm("body.height"), mm("outside.diameter") / 2, foot);
  }

  private Polyline lidSide() {
    return line(
        0, mm("outside.eaves") / 2, mm("lid.height") - mm("lid.dome"), mm("outside.top") / 2, rim);
  }

  /** A straight side, or one that bulges towards the join. */
  private Polyline line(double z0, double r0, double z1, double r1, double by) {
    Curve curve =
        design.form() == Cased.Form.SPINDLE
            ? new Curve.Hermite(
                new Point(z0, r0),
                new Point(z1, r1),
                r1 > r0 ? 2 * (r1 - r0) / (z1 - z0) : 0,
                r1 > r0 ? 0 : 2 * (r1 - r0) / (z1 - z0))
            : new Curve.Line(new Point(z0, r0), new Point(z1, r1));
    return new Profile(List.of(curve)).flat().moved(by);
  }

  private Polyline lidTop() {
    double cap = mm("lid.dome");
    Point centre = new Point(mm("lid.height") - cap, 0);
    return new Profile(List.of(new Curve.Arc(centre, cap, mm("outside.top") / 2, 90, 0)))
        .flat()
        .moved(rim);
  }

  private Surface surface(
      String part, String name, Role role, Polyline line, HalfSection zone, boolean inside) {
    return Surface.of(
        new SurfaceId(part, name), role, line, zone, inside, !design.finish().isEmpty());
  }

  /** The end of a bore: what is opened with a tool, then the bit's own end. */
  private static List<Point> end(BoringPlan plan, double full, double r, int way) {
    List<Point> out = new ArrayList<>();
    out.add(new Point(full, r));
    plan.passes().stream()
        .findFirst()
        .map(p -> Sweep.end(p.bit(), full, way))
        .orElse(List.of(new Point(full, 0)))
        .stream()
        .filter(p -> !p.equals(out.get(0)))
        .forEach(out::add);
    return out;
  }

  private Part body() {
    double r = mm("bore.diameter") / 2;
    double rs = mm("spigot.diameter") / 2;
    Polyline side = bodySide();
    Polyline footLine = Polyline.of(foot + mm("foot.hollow"), 0, foot, side.first().r());
    List<Point> bore = new ArrayList<>();
    bore.add(new Point(mouth, r));
    bore.addAll(end(bodyBore(), mouth - mm("bore.depth"), r, -1));
    Polyline inside = new Polyline(bore);
    HalfSection cavity = HalfSection.closed(inside, new Point(mouth, 0));
    double outer = side.last().r();
    List<Surface> surfaces =
        List.of(
            surface(
                BODY,
                "foot",
                Role.SHOW,
                footLine,
                HalfSection.closed(
                    footLine, new Point(foot, far), new Point(-BEYOND, far), new Point(-BEYOND, 0)),
                false),
            surface(
                BODY,
                "side",
                Role.SHOW,
                side,
                HalfSection.closed(side, new Point(join, far), new Point(foot, far)),
                false),
            surface(
                BODY,
                "shoulder",
                Role.MEET,
                Polyline.of(join, outer, join, rs),
                HalfSection.box(join, kerfFrom(), rs, far),
                false),
            surface(
                BODY,
                "spigot",
                Role.FIT,
                Polyline.of(join, rs, mouth, rs),
                HalfSection.box(join, kerfFrom(), rs, far),
                false),
            surface(
                BODY,
                "spigot end",
                Role.MEET,
                Polyline.of(mouth, rs, mouth, r),
                HalfSection.box(mouth, length + BEYOND, 0, far),
                false),
            surface(BODY, "inside", Role.MEET, inside, cavity, true));
    HalfSection target =
        HalfSection.closed(
                footLine.then(side), new Point(join, rs), new Point(mouth, rs), new Point(mouth, 0))
            .minus(cavity);
    double z = foot + mm("body.height") / 2;
    return new Part(
        BODY,
        new Point(z, (target.inner(z) + target.outer(z)) / 2),
        target,
        surfaces,
        List.of(
            new Stub("tenon", tenon("foot"), new SurfaceId(BODY, "foot")),
            new Stub(
                "spare",
                HalfSection.box(join, kerfFrom(), rs, rs + shop.custom(Line.TURN_SPIGOT_SPARE)),
                new SurfaceId(BODY, "spigot"))),
        new Frame(foot, false));
  }

  private Part lid() {
    double r = mm("recess.diameter") / 2;
    double full = rim + mm("lid.depth");
    Polyline side = lidSide();
    Polyline cap = lidTop();
    List<Point> roof = new ArrayList<>(end(lidBore(), full, r, 1));
    Collections.reverse(roof);
    Polyline inside = new Polyline(roof);
    HalfSection mouthRoom = HalfSection.box(rim, full, 0, r);
    HalfSection point = HalfSection.EMPTY;
    if (roof.get(0).z() > full) {
      point = HalfSection.closed(inside, new Point(full, 0));
    }
    HalfSection cavity = mouthRoom.plus(point);
    List<Surface> surfaces =
        List.of(
            surface(LID, "recess", Role.FIT, Polyline.of(full, r, rim, r), mouthRoom, true),
            surface(LID, "roof", Role.MEET, inside, cavity, true),
            surface(
                LID,
                "rim",
                Role.MEET,
                Polyline.of(rim, r, rim, side.first().r()),
                HalfSection.box(-BEYOND, rim, 0, far),
                false),
            surface(
                LID,
                "side",
                Role.SHOW,
                side,
                HalfSection.closed(side, new Point(side.last().z(), far), new Point(rim, far)),
                false),
            surface(
                LID,
                "top",
                Role.SHOW,
                cap,
                HalfSection.closed(
                    cap,
                    new Point(length + BEYOND, 0),
                    new Point(length + BEYOND, far),
                    new Point(cap.first().z(), far)),
                false));
    HalfSection target = HalfSection.closed(side.then(cap), new Point(rim, 0)).minus(cavity);
    double z = rim + Math.min(mm("lid.depth"), mm("lid.height")) / 3;
    return new Part(
        LID,
        new Point(z, (target.inner(z) + target.outer(z)) / 2),
        target,
        surfaces,
        List.of(new Stub("tenon", tenon("top"), new SurfaceId(LID, "top"))),
        new Frame(foot + jump(), false));
  }

  private HalfSection tenon(String end) {
    double root = mm("tenon-" + end + ".root");
    double wide = mm("tenon-" + end + ".diameter");
    boolean atFoot = end.equals("foot");
    double from = atFoot ? mm("stick.face-foot") : top + mm("stick.waste-top");
    double to = from + mm("stick.tenon-" + end);
    return Tenons.region(from, to, atFoot ? wide : root, atFoot ? root : wide);
  }

  /** The wood beside the body's bore, up to the join. */
  BoreWalls bodyWalls() {
    return walls(
        body().target(), new Span(mouth - mm("bore.depth"), join), bodyBore(), z -> mouth - z);
  }

  /** The wood beside the lid's bore. */
  BoreWalls lidWalls() {
    return walls(lid().target(), new Span(rim, rim + mm("lid.depth")), lidBore(), z -> z - rim);
  }

  private BoreWalls walls(
      HalfSection target,
      Span along,
      BoringPlan plan,
      java.util.function.DoubleUnaryOperator deep) {
    return new BoreWalls(
        target,
        along,
        shop.custom(Line.WALL_CASE),
        z ->
            plan.passes().stream()
                .mapToDouble(p -> p.driftAt(deep.applyAsDouble(z)))
                .max()
                .orElse(0));
  }

  /** The hole of the body's bit. */
  HalfSection intoBody(Pass p) {
    return Sweep.of(p.bit(), kerfFrom() + BEYOND, mouth - p.depth());
  }

  /** The hole of the lid's bit. */
  HalfSection intoLid(Pass p) {
    return Sweep.of(p.bit(), rim - BEYOND, rim + p.depth());
  }
}
