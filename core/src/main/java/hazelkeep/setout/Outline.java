package hazelkeep.setout;

import hazelkeep.setout.Cut.Shape;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.util.ArrayList;
import java.util.List;

/**
 * A flattened line taken apart again into what was drawn: straight stretches, rounds and curves.
 *
 * <p>A chord of length {@code l} on a curve turns by {@code a} at its ends and lies {@code l a / 8}
 * off the curve. Curves are flattened to {@link hazelkeep.solid.Curve#CHORD}, so a chord that would
 * lie much farther off is no chord: it was drawn straight. What is left between two corners is
 * tried as a part of a circle, as far as one goes, and else given by stations.
 */
final class Outline {
  /** How near the told line comes to the one that is cut, mm. */
  static final double NEAR = 0.04;

  /** A turn at a corner that is a corner, not a flattened curve, radians: 20 degrees. */
  private static final double CORNER = Math.toRadians(20);

  /** A chord this far off its curve was drawn straight, mm: four times what flattening allows. */
  private static final double DRAWN_STRAIGHT = 0.02;

  /** A circle is one when no place lies farther from it, mm. */
  private static final double ON_CIRCLE = 0.02;

  /** A part of a circle that turns less is told by stations, radians: 30 degrees. */
  private static final double TURNS_LEAST = Math.toRadians(30);

  /** One that turns more is told in two, radians: its chord and radius would not say which. */
  private static final double TURNS_MOST = Math.toRadians(150);

  /** Stretches along or across the axis may be off by so much and still be called so, mm. */
  private static final double TRUE = 0.01;

  private final List<Point> line;
  private final double round;
  private final List<Piece> out = new ArrayList<>();

  /** A stretch: its shape, its places in the setup, its radius (see {@link Cut#radius}). */
  record Piece(Shape shape, List<Point> points, double radius) {}

  private Outline(List<Point> line, double round) {
    this.line = line;
    this.round = round;
  }

  /**
   * Takes a line apart.
   *
   * @param line its points, the wood on the right hand
   * @param round the largest radius that is told as a radius, mm; one that stands on the axis is
   *     told as such however large it is
   */
  static List<Piece> of(List<Point> line, double round) {
    return new Outline(line, round).pieces();
  }

  private List<Piece> pieces() {
    int from = 0;
    while (from < line.size() - 1) {
      boolean straight = straight(from);
      int to = from + 1;
      while (to < line.size() - 1 && turn(to) < CORNER && straight(to) == straight) {
        if (straight && off(from, to + 1) > TRUE) {
          break;
        }
        to++;
      }
      if (straight) {
        out.add(straight(line.get(from), line.get(to)));
      } else {
        smooth(from, to);
      }
      from = to;
    }
    return out;
  }

  /** The turn between two edges, radians. */
  private double turn(int corner) {
    Point a = line.get(corner - 1);
    Point b = line.get(corner);
    Point c = line.get(corner + 1);
    double before = Math.atan2(b.r() - a.r(), b.z() - a.z());
    double after = Math.atan2(c.r() - b.r(), c.z() - b.z());
    return Math.abs(Math.IEEEremainder(after - before, 2 * Math.PI));
  }

  /** Whether the edge that begins here was drawn straight. */
  private boolean straight(int from) {
    double least = Math.PI;
    for (int corner : new int[] {from, from + 1}) {
      boolean end = corner == 0 || corner == line.size() - 1 || turn(corner) >= CORNER;
      least = end ? least : Math.min(least, turn(corner));
    }
    return line.get(from).distance(line.get(from + 1)) * least / 8 > DRAWN_STRAIGHT
        || least < 1e-4
        || least == Math.PI;
  }

  /** How far the places between two lie off the straight line between them, mm. */
  private double off(int from, int to) {
    Point a = line.get(from);
    Point b = line.get(to);
    double most = 0;
    for (int i = from + 1; i < to; i++) {
      Point p = line.get(i);
      double cross = (b.z() - a.z()) * (p.r() - a.r()) - (b.r() - a.r()) * (p.z() - a.z());
      most = Math.max(most, Math.abs(cross) / Math.max(1e-9, a.distance(b)));
    }
    return most;
  }

  private static Piece straight(Point a, Point b) {
    Shape shape =
        Math.abs(a.r() - b.r()) < TRUE
            ? Shape.PARALLEL
            : Math.abs(a.z() - b.z()) < TRUE ? Shape.FACE : Shape.CONE;
    return new Piece(shape, List.of(a, b), 0);
  }

  /** A smooth stretch: rounds where circles fit, stations between them. */
  private void smooth(int from, int to) {
    int curve = from;
    int at = from;
    while (at < to) {
      int end = at + 2;
      Circle last = null;
      while (end <= to) {
        Circle c = Circle.through(line.get(at), line.get((at + end) / 2), line.get(end));
        if (c == null || !fits(c, at, end) || c.turns(line.get(at), line.get(end)) > TURNS_MOST) {
          break;
        }
        last = c;
        end++;
      }
      end--;
      if (last != null
          && last.turns(line.get(at), line.get(end)) >= TURNS_LEAST
          && (last.radius <= round || Math.abs(last.r) < NEAR)) {
        curve(curve, at);
        out.add(last.piece(line.get(at), line.get((at + end) / 2), line.get(end)));
        at = end;
        curve = at;
      } else {
        at++;
      }
    }
    curve(curve, to);
  }

  private boolean fits(Circle c, int from, int to) {
    for (int i = from; i <= to; i++) {
      if (c.off(line.get(i)) > ON_CIRCLE) {
        return false;
      }
      if (i > from && c.off(line.get(i - 1).towards(line.get(i), 0.5)) > ON_CIRCLE) {
        return false;
      }
    }
    return true;
  }

  private void curve(int from, int to) {
    if (to <= from) {
      return;
    }
    List<Point> points = new Polyline(line.subList(from, to + 1)).simplified(NEAR).points();
    out.add(
        points.size() == 2
            ? straight(points.get(0), points.get(1))
            : new Piece(Shape.CURVE, points, 0));
  }

  /** A circle in the plane of axis and radius. */
  private record Circle(double z, double r, double radius) {
    /** The circle through three places; null when they lie in line. */
    static Circle through(Point a, Point b, Point c) {
      double d = 2 * (a.z() * (b.r() - c.r()) + b.z() * (c.r() - a.r()) + c.z() * (a.r() - b.r()));
      if (Math.abs(d) < 1e-9) {
        return null;
      }
      double aa = a.z() * a.z() + a.r() * a.r();
      double bb = b.z() * b.z() + b.r() * b.r();
      double cc = c.z() * c.z() + c.r() * c.r();
      double z = (aa * (b.r() - c.r()) + bb * (c.r() - a.r()) + cc * (a.r() - b.r())) / d;
      double r = (aa * (c.z() - b.z()) + bb * (a.z() - c.z()) + cc * (b.z() - a.z())) / d;
      return new Circle(z, r, Math.hypot(a.z() - z, a.r() - r));
    }

    double off(Point p) {
      return Math.abs(Math.hypot(p.z() - z, p.r() - r) - radius);
    }

    /** The angle between two of its places, radians. */
    double turns(Point a, Point b) {
      return 2 * Math.asin(Math.min(1, a.distance(b) / 2 / radius));
    }

    /** With the wood on the right hand, a line that turns right goes round wood. */
    Piece piece(Point a, Point m, Point b) {
      double cross = (m.z() - a.z()) * (b.r() - a.r()) - (m.r() - a.r()) * (b.z() - a.z());
      return new Piece(Shape.ROUND, List.of(a, b), cross < 0 ? radius : -radius);
    }
  }
}
