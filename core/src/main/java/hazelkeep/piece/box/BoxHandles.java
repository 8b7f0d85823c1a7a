package hazelkeep.piece.box;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Rounding;
import hazelkeep.measure.Size;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Handle;
import hazelkeep.piece.box.LiddedBox.Form;
import hazelkeep.piece.box.LiddedBox.OutlinePoint;
import hazelkeep.piece.box.LiddedBox.Top;
import hazelkeep.route.Aim;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import hazelkeep.solid.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The points of a lidded box's outline that can be dragged, and what dragging them states. */
final class BoxHandles {
  private static final int FREE_POINTS = 5;

  private static final DimKey WIDEST = new DimKey("outside.diameter");
  private static final DimKey FOOT = new DimKey("outside.foot");
  private static final DimKey TOP = new DimKey("outside.top");

  /** The diameters that a free outline says itself. */
  static final Set<DimKey> OUTLINE = Set.of(WIDEST, FOOT, TOP);

  private BoxHandles() {}

  /** The free outline with one of its diameters set: the widest scales it, the ends move alone. */
  static LiddedBox resized(LiddedBox d, DimKey key, double diameter) {
    List<OutlinePoint> points = new ArrayList<>(d.points());
    double share = diameter / 2 / widest(points);
    for (int i = 0; i < points.size(); i++) {
      OutlinePoint p = points.get(i);
      boolean this_ = key.equals(FOOT) ? i == 0 : i == points.size() - 1;
      if (key.equals(WIDEST)) {
        points.set(i, new OutlinePoint(p.at(), share * p.radius()));
      } else if (this_) {
        points.set(i, new OutlinePoint(p.at(), diameter / 2));
      }
    }
    return d.withPoints(points);
  }

  static double widest(List<OutlinePoint> points) {
    return points.stream().mapToDouble(OutlinePoint::radius).max().orElse(30);
  }

  /** A free outline starts as the line it had. */
  static LiddedBox freed(LiddedBox d) {
    if (!d.points().isEmpty()) {
      return d;
    }
    Map<DimKey, Dim> dims = Dims.resolve(d, BoxRules.ALL, Shop.starter(), Map.of());
    Profile line = BoxShape.outline(d, k -> dims.get(new DimKey(k)).mm());
    double cap = dims.get(new DimKey(d.top() == Top.DOME ? "lid.dome" : "lid.roundover")).mm();
    double side = line.flat().last().z() - cap;
    List<OutlinePoint> points = new ArrayList<>();
    for (int i = 0; i < FREE_POINTS; i++) {
      double at = i / (FREE_POINTS - 1.0);
      points.add(new OutlinePoint(at, Rounding.to(line.radius(at * side * 0.999999), 1)));
    }
    return d.withPoints(points);
  }

  /** The box with a point of its outline moved to a place in the blank's z. */
  static LiddedBox drag(LiddedBox d, Aim aim, String handle, double z, double r) {
    BoxShape s = BoxShape.of(d, aim.dims(), aim.practice());
    double across = Rounding.to(2 * r, 1);
    if (handle.startsWith("point-")) {
      int i = Integer.parseInt(handle.substring(6));
      List<OutlinePoint> points = new ArrayList<>(d.points());
      OutlinePoint p = points.get(i);
      double at = p.at();
      if (i > 0 && i < points.size() - 1) {
        double wanted = closed(s, z) / sideLength(d, aim);
        at =
            Math.max(
                points.get(i - 1).at() + 0.03, Math.min(points.get(i + 1).at() - 0.03, wanted));
      }
      points.set(i, new OutlinePoint(Rounding.to(at, 3), across / 2));
      return d.withPoints(points);
    }
    return switch (handle) {
      case "foot" -> LiddedBoxKind.sized(opened(d, aim), FOOT, Optional.of(Size.mm(across)));
      case "belly" ->
          LiddedBoxKind.sized(d, new DimKey("outside.diameter"), Optional.of(Size.mm(across)));
      case "top" -> LiddedBoxKind.sized(opened(d, aim), TOP, Optional.of(Size.mm(across)));
      case "cap" ->
          LiddedBoxKind.sized(
              d,
              new DimKey(d.top() == Top.DOME ? "lid.dome" : "lid.roundover"),
              Optional.of(Size.mm(Math.max(0.3, tenth(s.top - z)))));
      case "inside" ->
          LiddedBoxKind.sized(d, new DimKey("inside.diameter"), Optional.of(Size.mm(across)));
      case "floor" ->
          LiddedBoxKind.sized(
              d, new DimKey("inside.depth"), Optional.of(Size.mm(tenth(s.mouth() - z))));
      case "roof" ->
          LiddedBoxKind.sized(
              d, new DimKey("lid.depth"), Optional.of(Size.mm(tenth(z - s.lidFace()))));
      default -> throw new IllegalArgumentException("There is no point called “" + handle + "”");
    };
  }

  /** A cylinder of which one end is dragged tapers; the other end stays as it is. */
  private static LiddedBox opened(LiddedBox d, Aim aim) {
    if (d.form() != Form.STRAIGHT) {
      return d;
    }
    LiddedBox out = Restated.with(d, "form", Form.TAPER);
    Optional<Size> is = Optional.of(Size.mm(tenth(aim.mm("outside.diameter"))));
    out = LiddedBoxKind.sized(LiddedBoxKind.sized(out, FOOT, is), TOP, is);
    return LiddedBoxKind.sized(out, WIDEST, Optional.empty());
  }

  static double tenth(double mm) {
    return Rounding.to(mm, 1);
  }

  private static double closed(BoxShape s, double z) {
    return z > s.rim ? z - s.foot - s.jump : Math.min(z, s.join) - s.foot;
  }

  private static double sideLength(LiddedBox d, Aim aim) {
    double cap = aim.mm(d.top() == Top.DOME ? "lid.dome" : "lid.roundover");
    return aim.mm("body.height") + aim.mm("lid.height") - cap;
  }

  /** The points of the outline that can be dragged. */
  static List<Handle> handles(LiddedBox d, Aim aim) {
    BoxShape s = BoxShape.of(d, aim.dims(), aim.practice());
    List<Handle> out = new ArrayList<>();
    double side = sideLength(d, aim);
    if (d.form() == Form.FREE) {
      for (int i = 0; i < d.points().size(); i++) {
        OutlinePoint p = d.points().get(i);
        boolean inner = i > 0 && i < d.points().size() - 1;
        out.add(
            new Handle(
                "point-" + i,
                "outline point " + (i + 1),
                at(s, p.at() * side, p.radius()),
                inner,
                true));
      }
    } else {
      out.add(new Handle("foot", "foot", at(s, 0, aim.mm("outside.foot") / 2), false, true));
      if (d.form() == Form.BARREL) {
        out.add(
            new Handle(
                "belly", "belly", at(s, side / 2, aim.mm("outside.diameter") / 2), false, true));
      }
      out.add(new Handle("top", "top edge", at(s, side, aim.mm("outside.top") / 2), false, true));
    }
    double cap = aim.mm(d.top() == Top.DOME ? "lid.dome" : "lid.roundover");
    out.add(
        new Handle(
            "cap",
            d.top() == Top.DOME ? "dome" : "round-over",
            new Point(s.top - cap, aim.mm("outside.top") / 2 * 0.7),
            true,
            false));
    out.add(
        new Handle(
            "inside",
            "inside wall",
            new Point(s.mouth() - aim.mm("inside.depth") * 0.5, aim.mm("inside.diameter") / 2),
            false,
            true));
    out.add(
        new Handle(
            "floor",
            "floor",
            new Point(s.mouth() - aim.mm("inside.depth"), aim.mm("inside.diameter") / 5),
            true,
            false));
    out.add(
        new Handle(
            "roof",
            "inside of the lid",
            new Point(s.lidFace() + aim.mm("lid.depth"), aim.mm("lid.inside") / 6),
            true,
            false));
    return out;
  }

  private static Point at(BoxShape s, double closed, double r) {
    double onBody = s.foot + closed;
    return new Point(onBody <= s.join + 1e-9 ? onBody : onBody + s.jump, r);
  }
}
