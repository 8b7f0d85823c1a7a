package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.DOME;
import static hazelkeep.kinds.box.BoxSizes.FOOT;
import static hazelkeep.kinds.box.BoxSizes.LID_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.ROUNDOVER;
import static hazelkeep.kinds.box.BoxSizes.TOP;
import static hazelkeep.kinds.box.BoxSizes.WIDEST;

import hazelkeep.element.Bend;
import hazelkeep.element.Bent;
import hazelkeep.element.Through;
import hazelkeep.kinds.box.LiddedBox.Form;
import hazelkeep.kinds.box.LiddedBox.OutlinePoint;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Wording;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Dims;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Curve;
import hazelkeep.solid.Point;
import hazelkeep.solid.Profile;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/** The outside of a lidded box from foot to top, one line over both halves. */
final class BoxLine {
  /** The diameters that a free outline says itself. */
  static final Set<DimKey> SAID = Set.of(WIDEST, FOOT, TOP);

  private static final int FREE_POINTS = 5;

  /** What the top of a lid leaves of it at least, mm. */
  private static final double LEFT = 0.2;

  /** Nearer to an end than this share a free point is its end. */
  private static final double END = 0.001;

  private BoxLine() {}

  /** What rounds the lid's top. */
  static DimKey cap(LiddedBox d) {
    return d.top() == LiddedBox.Top.DOME ? DOME : ROUNDOVER;
  }

  /**
   * The outside, closed, z = 0 at the foot.
   *
   * @throws BadDesign when it can't be drawn
   */
  static Profile of(LiddedBox d, ToDoubleFunction<DimKey> mm, Practice practice) {
    double lid = mm.applyAsDouble(LID_HEIGHT);
    double height = mm.applyAsDouble(BODY_HEIGHT) + lid;
    double rTop = mm.applyAsDouble(TOP) / 2;
    boolean dome = d.top() == LiddedBox.Top.DOME;
    double cap = mm.applyAsDouble(cap(d));
    double most = dome ? lid : Math.min(lid, rTop);
    if (height <= 0 || lid <= 0 || lid >= height) {
      throw new BadDesign(
          LID_HEIGHT, Wording.of("boxLine.body-and-lid-both-need", Dims.both(height)));
    }
    if (cap > most - LEFT) {
      throw new BadDesign(cap(d), Wording.of("boxLine.the-top-of-the-lid", Dims.both(most - LEFT)));
    }
    double side = height - cap;
    List<Curve> curves = new ArrayList<>(side(d, side, mm, practice));
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

  private static List<Curve> side(
      LiddedBox d, double h, ToDoubleFunction<DimKey> mm, Practice practice) {
    double r = mm.applyAsDouble(WIDEST) / 2;
    double rFoot = mm.applyAsDouble(FOOT) / 2;
    double rTop = mm.applyAsDouble(TOP) / 2;
    Point foot = new Point(0, rFoot);
    Point top = new Point(h, rTop);
    Point belly = new Point(h / 2, r);
    List<Point> own =
        switch (d.form()) {
          case STRAIGHT, TAPER -> List.of(foot, top);
          case BARREL -> List.of(foot, belly, top);
          case OGEE ->
              List.of(
                  foot,
                  new Point(practice.of(Line.BOX_OGEE_FULL) * h, r),
                  new Point(
                      practice.of(Line.BOX_OGEE_DRAWN) * h,
                      Math.min(rTop, r) * practice.of(Line.BOX_OGEE_WAIST)),
                  top);
          case FREE -> free(d.points(), h);
        };
    List<Point> all = Through.merged(own, added(d, mm));
    boolean smooth = all.size() > own.size() || d.form() == Form.OGEE || d.form() == Form.FREE;
    return smooth ? Profile.smooth(all) : Bent.through(own, bends(own));
  }

  /** Straight from end to end; level at a belly, or at a waist, that sits between them. */
  private static List<Bend> bends(List<Point> own) {
    List<Bend> out = new ArrayList<>(Collections.nCopies(own.size(), Bend.STRAIGHT));
    double middle = own.get(1).r();
    for (int i = 1; own.size() > 2 && i < own.size(); i++) {
      double end = own.get(i == 1 ? 0 : i).r();
      out.set(i, middle >= end ? Bend.BULGING : Bend.HOLLOW);
    }
    return out;
  }

  /** The places that were added to both halves, over the foot of the closed piece. */
  private static List<Point> added(LiddedBox d, ToDoubleFunction<DimKey> mm) {
    List<Point> out = new ArrayList<>(Through.on(d.elements(), BoxParts.BODY, mm));
    double join = mm.applyAsDouble(BODY_HEIGHT);
    out.removeIf(p -> p.z() >= join);
    Through.on(d.elements(), BoxParts.LID, mm)
        .forEach(p -> out.add(new Point(join + p.z(), p.r())));
    return out;
  }

  private static List<Point> free(List<OutlinePoint> points, double h) {
    List<Point> out = new ArrayList<>();
    if (points.get(0).at() > END) {
      out.add(new Point(0, points.get(0).radius()));
    }
    points.forEach(p -> out.add(new Point(p.at() * h, p.radius())));
    OutlinePoint last = points.get(points.size() - 1);
    if (last.at() < 1 - END) {
      out.add(new Point(h, last.radius()));
    } else {
      out.set(out.size() - 1, new Point(h, last.radius()));
    }
    return out;
  }

  /** The largest radius of free points, mm. */
  static double widest(List<OutlinePoint> points) {
    return points.stream().mapToDouble(OutlinePoint::radius).max().orElse(30);
  }

  /** The free outline with one of its diameters set: the widest scales it, the ends move alone. */
  static LiddedBox resized(LiddedBox d, DimKey key, double diameter) {
    List<OutlinePoint> points = new ArrayList<>(d.points());
    double share = diameter / 2 / widest(points);
    for (int i = 0; i < points.size(); i++) {
      OutlinePoint p = points.get(i);
      boolean end = key.equals(FOOT) ? i == 0 : i == points.size() - 1;
      if (key.equals(WIDEST)) {
        points.set(i, new OutlinePoint(p.at(), share * p.radius()));
      } else if (end) {
        points.set(i, new OutlinePoint(p.at(), diameter / 2));
      }
    }
    return d.withPoints(points);
  }

  /** A free outline starts as the line it had. */
  static LiddedBox freed(LiddedBox d) {
    if (!d.points().isEmpty()) {
      return d;
    }
    Shop shop = Shop.starter();
    LiddedBox bare = Restated.with(d, "elements", List.of());
    Map<DimKey, Dim> dims = Dims.resolve(bare, LiddedBoxKind.BOX.rules(bare), shop, Map.of());
    Profile line = of(bare, k -> dims.get(k).mm(), shop.practice());
    double side = line.flat().last().z() - dims.get(cap(d)).mm();
    List<OutlinePoint> points = new ArrayList<>();
    for (int i = 0; i < FREE_POINTS; i++) {
      double at = i / (FREE_POINTS - 1.0);
      points.add(new OutlinePoint(at, Rounding.to(line.radius(at * side * BELOW), 1)));
    }
    return d.withPoints(points);
  }

  /** The side ends where the top begins: its last point is read just below. */
  private static final double BELOW = 0.999999;
}
