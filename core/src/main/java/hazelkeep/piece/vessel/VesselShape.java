package hazelkeep.piece.vessel;

import hazelkeep.bore.Bore;
import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Pass;
import hazelkeep.bore.Sweep;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Aim;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Curve;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/**
 * The target shape of a bored vessel in its blank: foot towards the headstock, mouth at the top.
 */
final class VesselShape {
  static final String BODY = "vessel";
  private static final double BEYOND = 10;

  private final BoredVessel design;
  private final Map<DimKey, Dim> dims;
  private final Shop shop;
  private BoringPlan boring;
  final double foot;
  final double rim;
  final double far;
  final double length;

  VesselShape(BoredVessel design, Map<DimKey, Dim> dims, Shop shop) {
    this.design = design;
    this.dims = dims;
    this.shop = shop;
    this.foot = mm("stick.face-foot") + mm("stick.tenon-foot") + mm("stick.waste-foot");
    this.rim = foot + mm("outside.height");
    this.length = mm("blank.length");
    this.far = mm("blank.across") + 20;
  }

  double mm(String key) {
    return dims.get(new DimKey(key)).mm();
  }

  /** What a bit is chosen for: what was wanted, whatever it really bored. */
  private double due(String key) {
    return dims.get(new DimKey(key)).due().mm();
  }

  /** The bore from the mouth, as deep as it is. */
  Bore bore() {
    return bore(this::mm);
  }

  private Bore bore(ToDoubleFunction<String> size) {
    List<Bore.Step> steps = new ArrayList<>();
    // A hollow's depth is that of its floor: bit and point end above its corner.
    double tip =
        design.rigged()
            ? Math.max(VesselRules.tip(shop, due("bore.diameter"), due("bore.depth")), corner())
            : 0;
    steps.add(new Bore.Step(due("bore.diameter"), size.applyAsDouble("bore.depth") - tip));
    if (mm("bore.narrow") > 0 && !design.rigged()) {
      steps.add(new Bore.Step(due("bore.narrow"), size.applyAsDouble("bore.narrow-depth")));
    }
    try {
      return new Bore("bore", steps);
    } catch (IllegalArgumentException e) {
      throw new BadDesign(new DimKey("bore.narrow"), e.getMessage() + ".");
    }
  }

  /** How it is bored to what was wanted: asked for by shape, recipe and judge, worked out once. */
  BoringPlan boring() {
    if (boring == null) {
      boring = BoringPlan.of(bore(this::due), shop);
    }
    return boring;
  }

  /** Where it is widest, as a share of the height. */
  static double widest(BoredVessel d, Practice practice) {
    return switch (d.form()) {
      case NECKED -> practice.of(Line.FORM_BELLY_NECKED);
      case BELLIED -> practice.of(Line.FORM_BELLY);
      default -> 0.5;
    };
  }

  Aim aim() {
    sane();
    return new Aim(blank(), List.of(part()), List.of(), dims, shop.practice());
  }

  private void sane() {
    Sane sane = new Sane(dims);
    for (String out : List.of("outside.rim", "outside.diameter")) {
      String name = out.equals("outside.rim") ? "the piece at its mouth" : "the piece";
      sane.size("bore.diameter")
          .with("its flare", 2 * mm("mouth.flare"))
          .below(mm(out), name, out, "mouth.flare");
    }
    if (design.necked()) {
      sane.below("bore.diameter", "outside.neck");
    }
    sane.size("bore.depth")
        .with("its point", point() - mm("bore.depth"))
        .below(mm("outside.height"), "the piece's height", "outside.height");
    sane.below("foot.hollow", "outside.height");
  }

  /** How deep the deepest point goes below the rim, mm. */
  double point() {
    return design.rigged() ? mm("bore.depth") : bore().depth() + boring().tip();
  }

  private Body blank() {
    Species wood =
        shop.woods()
            .named(design.species())
            .orElseGet(() -> new Species(design.species(), "", Map.of()));
    return Blank.body(design.blank(), length, mm("blank.across"), wood, design.grainSlope());
  }

  /** The outside from foot to rim, z = 0 at the foot. */
  static Profile outline(BoredVessel d, ToDoubleFunction<String> mm, Practice practice) {
    double h = mm.applyAsDouble("outside.height");
    double r = mm.applyAsDouble("outside.diameter") / 2;
    double rFoot = mm.applyAsDouble("outside.foot") / 2;
    double rRim = mm.applyAsDouble("outside.rim") / 2;
    List<Curve> curves =
        switch (d.form()) {
          case STRAIGHT -> List.of(new Curve.Line(new Point(0, r), new Point(h, r)));
          case TAPER -> List.of(new Curve.Line(new Point(0, rFoot), new Point(h, rRim)));
          case BELLIED ->
              Profile.smooth(
                  List.of(
                      new Point(0, rFoot),
                      new Point(widest(d, practice) * h, r),
                      new Point(h, rRim)));
          case NECKED ->
              Profile.smooth(
                  List.of(
                      new Point(0, rFoot),
                      new Point(widest(d, practice) * h, r),
                      new Point(
                          practice.of(Line.FORM_NECK) * h, mm.applyAsDouble("outside.neck") / 2),
                      new Point(h, rRim)));
        };
    return new Profile(curves);
  }

  /** The inside from below the flare down to the deepest point on the axis. */
  private Polyline inside() {
    double flare = mm("mouth.flare");
    List<Point> p = new ArrayList<>();
    double r = mm("bore.diameter") / 2;
    p.add(new Point(rim - flare, r));
    if (design.rigged()) {
      hollow(p);
      return new Polyline(clean(p));
    }
    List<Pass> passes = boring().passes();
    List<Bore.Step> steps = bore().steps();
    for (int i = 0; i < steps.size(); i++) {
      double z = rim - steps.get(i).depth();
      double ri = i == 0 ? r : steps.get(i).diameter() / 2;
      if (i > 0) {
        p.add(new Point(rim - steps.get(i - 1).depth(), ri));
      }
      p.add(new Point(z, ri));
    }
    double z = rim - bore().depth();
    if (passes.isEmpty() || passes.size() < steps.size()) {
      p.add(new Point(z, 0));
    } else {
      Bit last = passes.get(passes.size() - 1).bit();
      p.addAll(Sweep.end(last, z, -1));
    }
    return new Polyline(clean(p));
  }

  /** The hollow behind the mouth: it follows the outside, a wall away, down to its floor. */
  private void hollow(List<Point> p) {
    double[] outside = radii(outline(design, this::mm, shop.practice()), mm("outside.height"));
    double wall = mm("hollow.wall");
    double mouth = mm("bore.diameter") / 2;
    double floor = rim - mm("bore.depth");
    double corner = corner();
    double last = mouth;
    // Above a neck the outside flares out again; the hollow begins below it.
    double top =
        design.necked()
            ? foot + shop.custom(Line.FORM_NECK) * mm("outside.height")
            : rim - mm("mouth.flare");
    for (double z = top - 1; z > floor + corner; z -= 1) {
      last = Math.max(mouth, hollow(outside, z - foot, wall));
      p.add(new Point(z, last));
    }
    last = Math.max(mouth, hollow(outside, floor + corner - foot, wall));
    double across = Math.min(corner, last - 0.5);
    new Profile(
            List.of(
                new Curve.Arc(new Point(floor + corner, last - across), corner, across, 180, 90)))
        .flat()
        .reversed()
        .points()
        .forEach(p::add);
    p.add(new Point(floor, 0));
  }

  private double corner() {
    return Math.min(shop.custom(Line.TURN_FLOOR_CORNER), mm("bore.depth") / 4);
  }

  /** How far apart the outside is looked at for its distance, mm. */
  private static final double GRID = 0.5;

  /** The outside's radii on a grid from the foot up: read once, asked for often. */
  private static double[] radii(Profile outline, double height) {
    double[] r = new double[(int) Math.ceil(height / GRID) + 1];
    for (int i = 0; i < r.length; i++) {
      r[i] = outline.radius(Math.min(height, i * GRID));
    }
    return r;
  }

  /** The largest radius at a height that keeps a distance from all of the outside. */
  private static double hollow(double[] outside, double at, double wall) {
    double least = Double.POSITIVE_INFINITY;
    int from = (int) Math.max(0, Math.ceil((at - wall) / GRID));
    int to = (int) Math.min(outside.length - 1, Math.floor((at + wall) / GRID));
    for (int i = from; i <= to; i++) {
      double dz = i * GRID - at;
      least = Math.min(least, outside[i] - Math.sqrt(Math.max(0, wall * wall - dz * dz)));
    }
    return least;
  }

  private static List<Point> clean(List<Point> points) {
    List<Point> out = new ArrayList<>();
    for (Point p : points) {
      if (out.isEmpty() || !out.get(out.size() - 1).equals(p)) {
        out.add(p);
      }
    }
    return out;
  }

  private Part part() {
    Profile outline = outline(design, this::mm, shop.practice());
    Polyline side = outline.between(0, mm("outside.height")).moved(foot);
    double rFoot = side.first().r();
    double rRim = side.last().r();
    Polyline footLine = footLine(rFoot);
    Polyline inside = inside();
    // The flare is a surface of its own: cutting it leaves what was measured in the bore as it is.
    double lip = rim - mm("mouth.flare");
    boolean flared = mm("mouth.flare") > 0;
    double mouth = (flared ? due("bore.diameter") : mm("bore.diameter")) / 2 + mm("mouth.flare");
    Polyline flare = Polyline.of(rim, mouth, lip, mouth - mm("mouth.flare"));
    HalfSection bore = HalfSection.closed(inside, new Point(lip, 0));
    HalfSection open =
        flared
            ? HalfSection.closed(flare, new Point(lip, 0), new Point(rim, 0))
            : HalfSection.EMPTY;
    HalfSection cavity = bore.plus(open);
    List<Surface> surfaces = new ArrayList<>();
    if (flared) {
      surfaces.add(surface("flare", Role.MEET, flare, open, true));
    }
    surfaces.addAll(
        List.of(
            surface(
                "foot",
                Role.SHOW,
                footLine,
                HalfSection.closed(
                    footLine, new Point(foot, far), new Point(-BEYOND, far), new Point(-BEYOND, 0)),
                false),
            surface(
                "side",
                Role.SHOW,
                side,
                HalfSection.closed(side, new Point(rim, far), new Point(foot, far)),
                false),
            surface(
                "rim",
                Role.SHOW,
                Polyline.of(rim, rRim, rim, mouth),
                HalfSection.box(rim, length + BEYOND, 0, far),
                false),
            surface("inside", Role.MEET, inside, bore, true)));
    HalfSection outer = HalfSection.closed(footLine.then(side), new Point(rim, 0));
    HalfSection target = outer.minus(cavity);
    double middle = foot + 0.5 * mm("outside.height");
    Point core = new Point(middle, (target.inner(middle) + target.outer(middle)) / 2);
    return new Part(
        BODY,
        core,
        target,
        surfaces,
        List.of(
            design.recessed()
                ? new Stub("tenon", rimTenon(), new SurfaceId(BODY, "rim"))
                : new Stub("tenon", tenon(), new SurfaceId(BODY, "foot"))),
        new Frame(foot, false));
  }

  private Surface surface(String name, Role role, Polyline line, HalfSection zone, boolean inside) {
    return Surface.of(
        new SurfaceId(BODY, name), role, line, zone, inside, !design.finish().isEmpty());
  }

  /** The foot from the axis outwards: hollowed, or with a recess for jaws. */
  private Polyline footLine(double rFoot) {
    double deep = foot + mm("foot.hollow");
    double recess = mm("foot.recess") / 2;
    return recess <= 0 || recess >= rFoot
        ? Polyline.of(deep, 0, foot, rFoot)
        : Polyline.of(deep, 0, deep, recess, foot, recess, foot, rFoot);
  }

  private HalfSection rimTenon() {
    double from = rim + mm("stick.face-rim");
    return Tenons.region(
        from, from + mm("stick.tenon-rim"), mm("tenon-rim.root"), mm("tenon-rim.diameter"));
  }

  private HalfSection tenon() {
    double from = mm("stick.face-foot");
    return Tenons.region(
        from, from + mm("stick.tenon-foot"), mm("tenon-foot.diameter"), mm("tenon-foot.root"));
  }

  /** What a pass takes: the bit with its point, from above the mouth down to its depth. */
  HalfSection hole(Pass p) {
    return Sweep.of(p.bit(), length + 1, rim - p.depth());
  }

  /** The wood beside the bore, down to its end. */
  BoreWalls walls() {
    List<Pass> passes = boring().passes();
    return new BoreWalls(
        part().target(),
        new Span(
            rim - bore().depth(),
            Math.max(
                rim - bore().depth() + 1, rim - shop.custom(Line.WALL_VESSEL) - mm("mouth.flare"))),
        shop.custom(Line.WALL_VESSEL),
        z -> passes.stream().mapToDouble(p -> p.driftAt(rim - z)).max().orElse(0));
  }
}
