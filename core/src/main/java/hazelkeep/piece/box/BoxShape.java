package hazelkeep.piece.box;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Sane;
import hazelkeep.piece.Tenons;
import hazelkeep.piece.box.LiddedBox.Floor;
import hazelkeep.piece.box.LiddedBox.OutlinePoint;
import hazelkeep.piece.box.LiddedBox.Roof;
import hazelkeep.piece.box.LiddedBox.School;
import hazelkeep.piece.box.LiddedBox.Top;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Aim;
import hazelkeep.route.Joint;
import hazelkeep.solid.Curve;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Profile;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.Role;
import hazelkeep.wood.Species;
import hazelkeep.wood.Stub;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import hazelkeep.wood.Woods;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/** The target shapes of a lidded box in its blank. */
final class BoxShape {
  /** How far zones reach past the blank, mm: a face takes all there is beyond it. */
  private static final double BEYOND = 10;

  private final LiddedBox design;
  private final Map<DimKey, Dim> dims;
  private final Practice practice;
  private final boolean over;

  /** Foot plane, join on the body, lid rim, lid top; jump from the lid's blank z to closed z. */
  final double foot;

  final double join;
  final double rim;
  final double top;
  final double jump;
  final double far;
  final double length;

  private BoxShape(LiddedBox design, Map<DimKey, Dim> dims, Practice practice) {
    this.practice = practice;
    this.design = design;
    this.dims = dims;
    this.over = design.school() == School.LID_OVER;
    foot = mm("stick.face-foot") + mm("stick.tenon-foot") + mm("stick.waste-foot");
    join = foot + mm("body.height");
    jump = mm("joint.length") + mm("stick.face-spigot") + mm("stick.kerf") + mm("stick.face-rim");
    rim = join + jump;
    top = rim + mm("lid.height");
    length = mm("blank.length");
    far = mm("blank.across") + 20;
  }

  static BoxShape of(LiddedBox design, Map<DimKey, Dim> dims, Practice practice) {
    return new BoxShape(design, dims, practice);
  }

  double mm(String key) {
    return dims.get(new DimKey(key)).mm();
  }

  /** Where the mouth of the body ends: spigot end or rim. */
  double mouth() {
    return over ? join + mm("joint.length") : join;
  }

  /** The face of the lid that looks into the body: its rim, or its spigot's end. */
  double lidFace() {
    return over ? rim : rim - mm("joint.length");
  }

  /** The kerf's lower border. */
  double kerfFrom() {
    return mouth() + (over ? mm("stick.face-spigot") : mm("stick.face-rim"));
  }

  /** The outside from foot to top, closed, z = 0 at the foot. */
  static Profile outline(LiddedBox d, ToDoubleFunction<String> mm) {
    double height = mm.applyAsDouble("body.height") + mm.applyAsDouble("lid.height");
    double lid = mm.applyAsDouble("lid.height");
    double r = mm.applyAsDouble("outside.diameter") / 2;
    boolean straight = d.form() == LiddedBox.Form.STRAIGHT;
    double rFoot = straight ? r : mm.applyAsDouble("outside.foot") / 2;
    double rTop = straight ? r : mm.applyAsDouble("outside.top") / 2;
    boolean dome = d.top() == Top.DOME;
    double cap = dome ? mm.applyAsDouble("lid.dome") : mm.applyAsDouble("lid.roundover");
    double most = dome ? lid : Math.min(lid, rTop);
    String capKey = dome ? "lid.dome" : "lid.roundover";
    if (height <= 0 || lid <= 0 || lid >= height) {
      throw new BadDesign(
          new DimKey("lid.height"),
          "Body and lid both need some height: the lid stays below " + Dims.both(height) + ".");
    }
    if (cap > most - 0.2) {
      throw new BadDesign(
          new DimKey(capKey), "The top of the lid stays below " + Dims.both(most - 0.2) + " here.");
    }
    double side = height - cap;
    List<Curve> curves = new ArrayList<>(side(d, side, rFoot, rTop, r));
    if (dome) {
      curves.add(new Curve.Arc(new Point(side, 0), cap, rTop, 90, 0));
    } else {
      if (cap > 0) {
        curves.add(new Curve.Arc(new Point(side, rTop - cap), cap, cap, 90, 0));
      }
      curves.add(new Curve.Line(new Point(height, rTop - cap), new Point(height, 0)));
    }
    return new Profile(curves);
  }

  private static List<Curve> side(LiddedBox d, double h, double rFoot, double rTop, double r) {
    return switch (d.form()) {
      case STRAIGHT, TAPER -> List.of(new Curve.Line(new Point(0, rFoot), new Point(h, rTop)));
      // The belly sits in the middle; two cubics that are level there and need no common centre.
      case BARREL ->
          List.of(
              new Curve.Hermite(new Point(0, rFoot), new Point(h / 2, r), 4 * (r - rFoot) / h, 0),
              new Curve.Hermite(new Point(h / 2, r), new Point(h, rTop), 0, -4 * (r - rTop) / h));
      case OGEE ->
          Profile.smooth(
              List.of(
                  new Point(0, rFoot),
                  new Point(0.32 * h, r),
                  new Point(0.74 * h, Math.min(rTop, r) * 0.94),
                  new Point(h, rTop)));
      case FREE -> Profile.smooth(free(d.points(), h));
    };
  }

  private static List<Point> free(List<OutlinePoint> points, double h) {
    List<Point> out = new ArrayList<>();
    if (points.get(0).at() > 0.001) {
      out.add(new Point(0, points.get(0).radius()));
    }
    points.forEach(p -> out.add(new Point(p.at() * h, p.radius())));
    OutlinePoint last = points.get(points.size() - 1);
    if (last.at() < 0.999) {
      out.add(new Point(h, last.radius()));
    } else {
      out.set(out.size() - 1, new Point(h, last.radius()));
    }
    return out;
  }

  Aim aim(Woods woods) {
    sane();
    Profile outline = outline(design, this::mm);
    double height = mm("body.height") + mm("lid.height");
    double sideEnd = sideEnd(height);
    Part body = body(outline);
    Part lid = lid(outline, height, sideEnd);
    SurfaceId recess = new SurfaceId(over ? "lid" : "body", "recess");
    SurfaceId spigot = new SurfaceId(over ? "body" : "lid", "spigot");
    Joint joint =
        new Joint(
            "closure",
            recess,
            spigot,
            new DimKey("recess.diameter"),
            new DimKey("spigot.diameter"),
            over ? spigot : recess,
            design.fit());
    return new Aim(blank(woods), List.of(body, lid), List.of(joint), dims, practice);
  }

  private double sideEnd(double height) {
    double cap = design.top() == Top.DOME ? mm("lid.dome") : mm("lid.roundover");
    return height - cap;
  }

  private void sane() {
    double atJoin = 2 * outline(design, this::mm).radius(mm("body.height"));
    Sane sane = new Sane(dims);
    sane.size(over ? "recess.diameter" : "spigot.diameter")
        .below(
            atJoin,
            "the piece at the join",
            "joint.diameter",
            "joint.shoulder",
            "outside.diameter");
    sane.below("inside.diameter", over ? "spigot.diameter" : "recess.diameter")
        .below("lid.inside", over ? "recess.diameter" : "spigot.diameter")
        .below("foot.hollow", "body.height");
    sane.size("inside.depth").below(mouth(), "the foot's end of the blank", "body.height");
    sane.size("lid.depth").below(lidRoom(), "the top of the lid", "lid.height", "joint.length");
    if (over) {
      sane.size("recess.depth").below(mm("lid.depth") + 2e-9, "the depth in the lid", "lid.depth");
    } else {
      sane.below("recess.depth", "inside.depth");
    }
  }

  private double lidRoom() {
    return mm("lid.height") + (over ? 0 : mm("joint.length"));
  }

  private Body blank(Woods woods) {
    Species wood =
        woods
            .named(design.species())
            .orElseGet(() -> new Species(design.species(), "", java.util.Map.of()));
    return Blank.body(design.blank(), length, mm("blank.across"), wood, design.grainSlope());
  }

  /** The outline's stretch between two closed heights, moved by so much along the axis. */
  private static Polyline stretch(Profile outline, double from, double to, double by) {
    List<Point> out = new ArrayList<>();
    for (Point p : outline.between(from, to).points()) {
      out.add(new Point(p.z() + by, p.r()));
    }
    return new Polyline(out);
  }

  private Surface surface(
      String part, String name, Role role, Polyline line, HalfSection zone, boolean inside) {
    return Surface.of(
        new SurfaceId(part, name), role, line, zone, inside, !design.finish().isEmpty());
  }

  /** The hollow of the body from the plane where it begins down to the floor and the axis. */
  private Polyline bodyInside(double from) {
    double r = mm("inside.diameter") / 2;
    double floor = mouth() - mm("inside.depth");
    double deep = from - floor;
    List<Curve> c = new ArrayList<>();
    double round = BoxRoom.floorCorner(design, this::mm);
    double ar = design.floor() == Floor.ROUNDED ? r : round;
    // Built from the axis outwards, z rising, then run backwards so that wood lies right.
    if (r - ar > 1e-9) {
      c.add(new Curve.Line(new Point(floor, 0), new Point(floor, r - ar)));
    }
    c.add(new Curve.Arc(new Point(floor + round, r - ar), round, ar, 180, 90));
    if (deep - round > 1e-9) {
      c.add(new Curve.Line(new Point(floor + round, r), new Point(from, r)));
    }
    return new Profile(c).flat().reversed();
  }

  private Part body(Profile outline) {
    double rs = mm("spigot.diameter") / 2;
    double ri = mm("inside.diameter") / 2;
    double rr = mm("recess.diameter") / 2;
    Polyline side = stretch(outline, 0, mm("body.height"), foot);
    double rFoot = side.first().r();
    double rJoin = side.last().r();
    Polyline footLine = footLine(rFoot);
    double insideFrom = over ? mouth() : mouth() - mm("recess.depth");
    Polyline inside = bodyInside(insideFrom);
    HalfSection cavity = HalfSection.closed(inside, new Point(insideFrom, 0));
    double facing = kerfFrom() + mm("stick.kerf");
    List<Surface> surfaces = new ArrayList<>();
    surfaces.add(
        surface(
            "body",
            "foot",
            Role.SHOW,
            footLine,
            HalfSection.closed(
                footLine, new Point(foot, far), new Point(-BEYOND, far), new Point(-BEYOND, 0)),
            false));
    surfaces.add(
        surface(
            "body",
            "side",
            Role.SHOW,
            side,
            HalfSection.closed(side, new Point(join, far), new Point(foot, far)),
            false));
    List<Stub> stubs = new ArrayList<>();
    stubs.add(new Stub("tenon", footTenon(), new SurfaceId("body", "foot")));
    HalfSection outer;
    if (over) {
      surfaces.add(
          surface(
              "body",
              "shoulder",
              Role.MEET,
              Polyline.of(join, rJoin, join, rs),
              HalfSection.box(join, facing, rs, far),
              false));
      surfaces.add(
          surface(
              "body",
              "spigot",
              Role.FIT,
              Polyline.of(join, rs, mouth(), rs),
              HalfSection.box(join, kerfFrom(), rs, far),
              false));
      surfaces.add(
          surface(
              "body",
              "spigot end",
              Role.MEET,
              Polyline.of(mouth(), rs, mouth(), ri),
              HalfSection.box(mouth(), length + BEYOND, 0, far),
              false));
      stubs.add(
          new Stub(
              "spare",
              HalfSection.box(join, kerfFrom(), rs, rs + practice.of(Line.TURN_BOX_SPARE)),
              new SurfaceId("body", "spigot")));
      outer =
          HalfSection.closed(
              footLine.then(side),
              new Point(join, rs),
              new Point(mouth(), rs),
              new Point(mouth(), 0));
    } else {
      surfaces.add(
          surface(
              "body",
              "rim",
              Role.MEET,
              Polyline.of(mouth(), rJoin, mouth(), rr),
              HalfSection.box(mouth(), length + BEYOND, 0, far),
              false));
      surfaces.add(
          surface(
              "body",
              "recess",
              Role.FIT,
              Polyline.of(mouth(), rr, insideFrom, rr),
              HalfSection.box(insideFrom, mouth(), 0, rr),
              true));
      surfaces.add(
          surface(
              "body",
              "ledge",
              Role.MEET,
              Polyline.of(insideFrom, rr, insideFrom, ri),
              HalfSection.box(insideFrom, mouth(), 0, rr),
              true));
      outer = HalfSection.closed(footLine.then(side), new Point(mouth(), 0));
      cavity = cavity.plus(HalfSection.box(insideFrom, mouth(), 0, rr));
    }
    HalfSection insideZone =
        over
            ? cavity
            : HalfSection.closed(inside, new Point(insideFrom, 0))
                .plus(HalfSection.box(insideFrom, mouth(), 0, ri));
    surfaces.add(surface("body", "inside", Role.SHOW, inside, insideZone, true));
    Point core = new Point(foot + mm("body.height") * 0.5, (rJoin + (over ? ri : rr)) / 2);
    HalfSection target = outer.minus(cavity);
    return new Part("body", core(target, core), target, surfaces, stubs, new Frame(foot, false));
  }

  /** The foot from the axis outwards: hollowed, or with a recess for jaws. */
  private Polyline footLine(double rFoot) {
    double deep = foot + mm("foot.hollow");
    double recess = mm("foot.recess") / 2;
    if (recess <= 0 || recess >= rFoot) {
      return Polyline.of(deep, 0, foot, rFoot);
    }
    return Polyline.of(deep, 0, deep, recess, foot, recess, foot, rFoot);
  }

  private HalfSection footTenon() {
    double from = mm("stick.face-foot");
    return Tenons.region(
        from, from + mm("stick.tenon-foot"), mm("tenon-foot.diameter"), mm("tenon-foot.root"));
  }

  private HalfSection topTenon() {
    double from = top + mm("stick.waste-top");
    return Tenons.region(
        from, from + mm("stick.tenon-top"), mm("tenon-top.root"), mm("tenon-top.diameter"));
  }

  private Polyline lidRoof(double from) {
    double r = mm("lid.inside") / 2;
    double deepest = lidFace() + mm("lid.depth");
    double deep = deepest - from;
    List<Curve> c = new ArrayList<>();
    boolean domed = design.roof() == Roof.DOMED;
    double round = BoxRoom.roofCorner(design, this::mm, practice);
    double ar = domed ? r : round;
    if (deep < 0.02) {
      return Polyline.of(deepest, 0, deepest, r);
    }
    if (deep - round > 1e-9) {
      c.add(new Curve.Line(new Point(from, r), new Point(deepest - round, r)));
    }
    if (round > 0.01) {
      c.add(new Curve.Arc(new Point(deepest - round, r - ar), round, ar, 90, 0));
    }
    if (r - ar > 1e-9) {
      c.add(new Curve.Line(new Point(deepest, r - ar), new Point(deepest, 0)));
    }
    return new Profile(c).flat().reversed();
  }

  private Part lid(Profile outline, double height, double sideEnd) {
    double rs = mm("spigot.diameter") / 2;
    double rr = mm("recess.diameter") / 2;
    double ri = mm("lid.inside") / 2;
    double hb = mm("body.height");
    double by = foot + jump;
    Polyline side = stretch(outline, hb, sideEnd, by);
    Polyline topLine = topOf(outline, sideEnd, by);
    double rJoin = side.first().r();
    double facingFrom = kerfFrom();
    double insideFrom = over ? rim + mm("recess.depth") : lidFace();
    Polyline roof = lidRoof(insideFrom);
    List<Surface> surfaces = new ArrayList<>();
    HalfSection outer;
    HalfSection cavity = HalfSection.closed(roof, new Point(insideFrom, 0));
    if (over) {
      // The recess floor belongs to the inside: it is seen when the lid is off.
      Polyline inside = roof.then(Polyline.of(insideFrom, ri, insideFrom, rr));
      HalfSection mouthRoom = HalfSection.box(rim, insideFrom, 0, rr);
      surfaces.add(
          surface(
              "lid",
              "inside",
              Role.SHOW,
              inside,
              cavity.plus(HalfSection.box(rim, insideFrom, 0, Math.min(ri, rr))),
              true));
      surfaces.add(
          surface(
              "lid", "recess", Role.FIT, Polyline.of(insideFrom, rr, rim, rr), mouthRoom, true));
      surfaces.add(
          surface(
              "lid",
              "rim",
              Role.MEET,
              Polyline.of(rim, rr, rim, rJoin),
              HalfSection.box(-BEYOND, rim, 0, far),
              false));
      cavity = cavity.plus(mouthRoom);
      outer = HalfSection.closed(side.then(topLine), new Point(rim, 0));
    } else {
      surfaces.add(surface("lid", "inside", Role.SHOW, roof, cavity, true));
      surfaces.add(
          surface(
              "lid",
              "spigot end",
              Role.MEET,
              Polyline.of(lidFace(), ri, lidFace(), rs),
              HalfSection.box(-BEYOND, lidFace(), 0, far),
              false));
      surfaces.add(
          surface(
              "lid",
              "spigot",
              Role.FIT,
              Polyline.of(lidFace(), rs, rim, rs),
              HalfSection.box(facingFrom, rim, rs, far),
              false));
      surfaces.add(
          surface(
              "lid",
              "shoulder",
              Role.MEET,
              Polyline.of(rim, rs, rim, rJoin),
              HalfSection.box(facingFrom, rim, rs, far),
              false));
      outer =
          HalfSection.closed(
              side.then(topLine),
              new Point(lidFace(), 0),
              new Point(lidFace(), rs),
              new Point(rim, rs));
    }
    surfaces.add(
        surface(
            "lid",
            "side",
            Role.SHOW,
            side,
            HalfSection.closed(side, new Point(side.last().z(), far), new Point(rim, far)),
            false));
    surfaces.add(
        surface(
            "lid",
            "top",
            Role.SHOW,
            topLine,
            HalfSection.closed(
                topLine,
                new Point(length + BEYOND, 0),
                new Point(length + BEYOND, far),
                new Point(topLine.first().z(), far)),
            false));
    HalfSection target = outer.minus(cavity);
    Point core =
        new Point(rim + 0.45 * (side.last().z() - rim) + 0.2, (rJoin + (over ? rr : ri)) / 2);
    return new Part(
        "lid",
        core(target, core),
        target,
        surfaces,
        List.of(new Stub("tenon", topTenon(), new SurfaceId("lid", "top"))),
        new Frame(foot + jump, false));
  }

  private static Polyline topOf(Profile outline, double from, double by) {
    List<Point> out = new ArrayList<>();
    for (Point p : outline.flat().points()) {
      if (p.z() >= from - 1e-9) {
        out.add(new Point(p.z() + by, p.r()));
      }
    }
    if (out.size() < 2) {
      throw new IllegalStateException("The outline has no top above " + from);
    }
    return new Polyline(out);
  }

  /** A point well inside the target: the wanted one, or the middle of the thickest slice. */
  private static Point core(HalfSection target, Point wanted) {
    if (target.holds(wanted)) {
      return wanted;
    }
    Point best = wanted;
    double most = 0;
    for (int i = 1; i < 40; i++) {
      double z = target.minZ() + (target.maxZ() - target.minZ()) * i / 40;
      for (hazelkeep.solid.Span s : target.at(z)) {
        if (s.length() > most) {
          most = s.length();
          best = new Point(z, (s.from() + s.to()) / 2);
        }
      }
    }
    return best;
  }

  boolean over() {
    return over;
  }
}
