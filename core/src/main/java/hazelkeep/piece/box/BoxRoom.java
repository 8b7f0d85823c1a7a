package hazelkeep.piece.box;

import hazelkeep.piece.Properties;
import hazelkeep.piece.box.LiddedBox.Floor;
import hazelkeep.piece.box.LiddedBox.Roof;
import hazelkeep.piece.box.LiddedBox.School;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Aim;
import hazelkeep.solid.HalfSection;
import java.util.function.ToDoubleFunction;

/** The room inside a lidded box: how much goes in, and how tall. */
final class BoxRoom {
  private final LiddedBox design;
  private final Practice practice;
  private final ToDoubleFunction<String> mm;
  private final boolean over;

  /**
   * @param mm every dimension by its name
   * @param practice what the turner goes by
   */
  BoxRoom(LiddedBox design, ToDoubleFunction<String> mm, Practice practice) {
    this.design = design;
    this.practice = practice;
    this.mm = mm;
    this.over = design.school() == School.LID_OVER;
  }

  private double mm(String key) {
    return mm.applyAsDouble(key);
  }

  /**
   * Height between floor and roof with the lid on, for a cylinder that stands on the axis.
   *
   * @param radius of the cylinder, not larger than the inside
   */
  double closed(double radius) {
    double brim = mm("body.height") + (over ? mm("joint.length") : 0);
    double floor = brim - mm("inside.depth") + risesAt(radius);
    double face = mm("body.height") - (over ? 0 : mm("joint.length"));
    double roof = face + mm("lid.depth") - sinksAt(radius);
    if (radius > mm("lid.inside") / 2) {
      roof = over ? mm("body.height") + mm("recess.depth") : face;
    }
    return roof - floor;
  }

  /** The corner radius of a flat floor, or the depth of a rounded one. */
  static double floorCorner(LiddedBox d, ToDoubleFunction<String> mm) {
    double r = mm.applyAsDouble("inside.diameter") / 2;
    double deep = mm.applyAsDouble("inside.depth");
    if (d.school() == School.LID_IN) {
      deep -= mm.applyAsDouble("recess.depth");
    }
    return d.floor() == Floor.ROUNDED
        ? Math.min(r, deep)
        : Math.min(mm.applyAsDouble("inside.corner"), Math.min(r, deep) - 0.01);
  }

  /** How far the floor has risen at a radius: nothing in the middle of a flat one. */
  private double risesAt(double radius) {
    double r = mm("inside.diameter") / 2;
    double along = floorCorner(design, mm);
    double across = design.floor() == Floor.ROUNDED ? r : along;
    return quarter(radius - (r - across), along, across);
  }

  /** How far the roof has come down at a radius. */
  private double sinksAt(double radius) {
    double r = mm("lid.inside") / 2;
    double along = roofCorner(design, mm, practice);
    double across = design.roof() == Roof.DOMED ? r : along;
    return along <= 0 ? 0 : quarter(Math.min(radius, r) - (r - across), along, across);
  }

  /** The corner radius of a flat roof, or the height of a domed one. */
  static double roofCorner(LiddedBox d, ToDoubleFunction<String> mm, Practice practice) {
    double r = mm.applyAsDouble("lid.inside") / 2;
    double deep = mm.applyAsDouble("lid.depth");
    if (d.school() == School.LID_OVER) {
      deep -= mm.applyAsDouble("recess.depth");
    }
    return d.roof() == Roof.DOMED
        ? Math.min(r, deep)
        : Math.min(
            Math.min(
                practice.of(Line.TURN_ROOF_CORNER), practice.of(Line.TURN_ROOF_CORNER_SHARE) * r),
            Math.max(0, deep - 0.01));
  }

  /** Rise of a quarter of an ellipse, so far out from where it starts level. */
  private static double quarter(double out, double along, double across) {
    if (out <= 0) {
      return 0;
    }
    double u = Math.min(1, out / across);
    return along * (1 - Math.sqrt(1 - u * u));
  }

  /** What the finished box is like. */
  static Properties properties(LiddedBox d, Aim aim) {
    BoxShape s = BoxShape.of(d, aim.dims(), aim.practice());
    HalfSection body = aim.part("body").target();
    return Properties.of(
        aim,
        room(s, body, s.mouth()),
        room(s, body, s.mouth() - aim.custom(Line.CONTENT_WATER_LINE)),
        aim.mm("outside.foot"));
  }

  /** What the body holds to the brim, ml. */
  static double brimMl(LiddedBox d, Aim aim) {
    BoxShape s = BoxShape.of(d, aim.dims(), aim.practice());
    return room(s, aim.part("body").target(), s.mouth()) / 1000;
  }

  /** Room in the body up to a line, mm3: the hollow that is open to it on the axis. */
  private static double room(BoxShape s, HalfSection body, double line) {
    if (line <= s.foot) {
      return 0;
    }
    double most = 0;
    for (HalfSection p : HalfSection.box(s.foot, line, 0, s.far).minus(body).pieces()) {
      if (p.minR() == 0 && Math.abs(p.maxZ() - line) < 0.01) {
        most = Math.max(most, p.volume());
      }
    }
    return most;
  }
}
