package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.CORNER;
import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.INSIDE;
import static hazelkeep.kinds.box.BoxSizes.LID_DEPTH;
import static hazelkeep.kinds.box.BoxSizes.LID_INSIDE;
import static hazelkeep.kinds.box.BoxSizes.RECESS_DEEP;

import hazelkeep.element.Spigot;
import hazelkeep.kinds.box.LiddedBox.Floor;
import hazelkeep.kinds.box.LiddedBox.Roof;
import hazelkeep.kinds.box.LiddedBox.School;
import hazelkeep.measure.DimKey;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.function.ToDoubleFunction;

/** The room inside a lidded box: how much goes in, and how tall. */
final class BoxRoom {
  private final LiddedBox design;
  private final Practice practice;
  private final ToDoubleFunction<DimKey> mm;
  private final boolean over;

  /**
   * @param mm every dimension by its name
   * @param practice what the turner goes by
   */
  BoxRoom(LiddedBox design, ToDoubleFunction<DimKey> mm, Practice practice) {
    this.design = design;
    this.practice = practice;
    this.mm = mm;
    this.over = design.school() == School.LID_OVER;
  }

  private double mm(DimKey key) {
    return mm.applyAsDouble(key);
  }

  /**
   * Height between floor and roof with the lid on, for a cylinder that stands on the axis.
   *
   * @param radius of the cylinder, not larger than the inside
   */
  double closed(double radius) {
    double brim = mm(BODY_HEIGHT) + (over ? mm(Spigot.LENGTH) : 0);
    double floor = brim - mm(DEPTH) + risesAt(radius);
    double face = mm(BODY_HEIGHT) - (over ? 0 : mm(Spigot.LENGTH));
    double roof = face + mm(LID_DEPTH) - sinksAt(radius);
    if (radius > mm(LID_INSIDE) / 2) {
      roof = over ? mm(BODY_HEIGHT) + mm(RECESS_DEEP) : face;
    }
    return roof - floor;
  }

  /** The corner radius of a flat floor, or the depth of a rounded one. */
  static double floorCorner(LiddedBox d, ToDoubleFunction<DimKey> mm) {
    double r = mm.applyAsDouble(INSIDE) / 2;
    double deep = mm.applyAsDouble(DEPTH);
    if (d.school() == School.LID_IN) {
      deep -= mm.applyAsDouble(RECESS_DEEP);
    }
    return d.floor() == Floor.ROUNDED
        ? Math.min(r, deep)
        : Math.min(mm.applyAsDouble(CORNER), Math.min(r, deep) - 0.01);
  }

  /** How far the floor has risen at a radius: nothing in the middle of a flat one. */
  private double risesAt(double radius) {
    double r = mm(INSIDE) / 2;
    double along = floorCorner(design, mm);
    double across = design.floor() == Floor.ROUNDED ? r : along;
    return quarter(radius - (r - across), along, across);
  }

  /** How far the roof has come down at a radius. */
  private double sinksAt(double radius) {
    double r = mm(LID_INSIDE) / 2;
    double along = roofCorner(design, mm, practice);
    double across = design.roof() == Roof.DOMED ? r : along;
    return along <= 0 ? 0 : quarter(Math.min(radius, r) - (r - across), along, across);
  }

  /** The corner radius of a flat roof, or the height of a domed one. */
  static double roofCorner(LiddedBox d, ToDoubleFunction<DimKey> mm, Practice practice) {
    double r = mm.applyAsDouble(LID_INSIDE) / 2;
    double deep = mm.applyAsDouble(LID_DEPTH);
    if (d.school() == School.LID_OVER) {
      deep -= mm.applyAsDouble(RECESS_DEEP);
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
}
