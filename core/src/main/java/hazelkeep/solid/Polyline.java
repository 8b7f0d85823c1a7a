package hazelkeep.solid;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * A line of straight stretches. Lines of surfaces run so that the wood is on their right hand, with
 * z to the right and r upwards.
 *
 * @param points two or more points
 */
public record Polyline(List<Point> points) {
  private static final GeometryFactory MAKE = new GeometryFactory();

  /**
   * A place on a line.
   *
   * @param at the point
   * @param nz the outward normal's axial part
   * @param nr the outward normal's radial part
   * @param along distance from the start of the line, mm
   */
  public record Sample(Point at, double nz, double nr, double along) {}

  /** Copies the points. */
  public Polyline {
    points = List.copyOf(points);
  }

  /** A line through points given as z, r, z, r ... */
  public static Polyline of(double... zr) {
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < zr.length; i += 2) {
      points.add(new Point(zr[i], zr[i + 1]));
    }
    return new Polyline(points);
  }

  /** Its length, mm. */
  public double length() {
    double sum = 0;
    for (int i = 1; i < points.size(); i++) {
      sum += points.get(i - 1).distance(points.get(i));
    }
    return sum;
  }

  /** The first point. */
  public Point first() {
    return points.get(0);
  }

  /** The last point. */
  public Point last() {
    return points.get(points.size() - 1);
  }

  /** The lowest place of it along the axis. */
  public double least() {
    return points.stream().mapToDouble(Point::z).min().orElseThrow();
  }

  /** The highest place of it along the axis. */
  public double most() {
    return points.stream().mapToDouble(Point::z).max().orElseThrow();
  }

  /**
   * From the first to the last point between two heights, cut off where it comes in and goes out;
   * all of it where no point lies there.
   */
  public Polyline between(double from, double to) {
    int first = 0;
    while (first < points.size() && !within(first, from, to)) {
      first++;
    }
    int last = points.size() - 1;
    while (last > first && !within(last, from, to)) {
      last--;
    }
    if (first >= last) {
      return this;
    }
    List<Point> out = new ArrayList<>();
    if (first > 0) {
      out.add(edge(points.get(first - 1), points.get(first), from, to));
    }
    out.addAll(points.subList(first, last + 1));
    if (last < points.size() - 1) {
      out.add(edge(points.get(last + 1), points.get(last), from, to));
    }
    return new Polyline(out);
  }

  private boolean within(int i, double from, double to) {
    return points.get(i).z() >= from && points.get(i).z() <= to;
  }

  /** Where a stretch from outside to inside comes in. */
  private static Point edge(Point out, Point in, double from, double to) {
    double z = out.z() < from ? from : to;
    return out.towards(in, (z - out.z()) / (in.z() - out.z()));
  }

  /** The same line run the other way. */
  public Polyline reversed() {
    List<Point> back = new ArrayList<>(points);
    java.util.Collections.reverse(back);
    return new Polyline(back);
  }

  /**
   * This line with as few of its points as keep it within a distance of itself, ends kept (Douglas
   * and Peucker 1973).
   *
   * @param near the distance, mm
   */
  public Polyline simplified(double near) {
    Coordinate[] all =
        points.stream().map(p -> new Coordinate(p.z(), p.r())).toArray(Coordinate[]::new);
    Coordinate[] few =
        DouglasPeuckerSimplifier.simplify(MAKE.createLineString(all), near).getCoordinates();
    return new Polyline(Arrays.stream(few).map(c -> new Point(c.x, c.y)).toList());
  }

  /** This line with another hung on; a doubled joint point is kept once. */
  public Polyline then(Polyline next) {
    List<Point> all = new ArrayList<>(points);
    for (Point p : next.points) {
      if (all.get(all.size() - 1).distance(p) > 1e-9) {
        all.add(p);
      }
    }
    return new Polyline(all);
  }

  /** This line moved along the axis, mm. */
  public Polyline moved(double by) {
    return new Polyline(points.stream().map(p -> new Point(p.z() + by, p.r())).toList());
  }

  /** The line as it lies in a setup; turned lines are run backwards so that wood stays right. */
  public Polyline in(Frame frame) {
    List<Point> moved = new ArrayList<>();
    for (Point p : points) {
      moved.add(frame.of(p));
    }
    Polyline line = new Polyline(moved);
    return frame.turned() ? line.reversed() : line;
  }

  /**
   * Places along the line, at most {@code step} apart, with the ends of the line left out by {@code
   * inset} (or by a quarter of a shorter line), and each with the normal of its stretch.
   */
  public List<Sample> samples(double step, double inset) {
    double whole = length();
    double from = Math.min(inset, whole / 4);
    double to = whole - from;
    int n = Math.max(2, (int) Math.ceil((to - from) / step) + 1);
    List<Sample> out = new ArrayList<>(n);
    int edge = 1;
    double passed = 0;
    for (int i = 0; i < n; i++) {
      double s = from + (to - from) * i / (n - 1);
      while (edge < points.size() - 1 && passed + stretch(edge) < s) {
        passed += stretch(edge);
        edge++;
      }
      Point a = points.get(edge - 1);
      Point b = points.get(edge);
      double l = stretch(edge);
      if (l == 0) {
        continue;
      }
      double dz = (b.z() - a.z()) / l;
      double dr = (b.r() - a.r()) / l;
      out.add(new Sample(a.towards(b, (s - passed) / l), -dr, dz, s));
    }
    return out;
  }

  private double stretch(int edge) {
    return points.get(edge - 1).distance(points.get(edge));
  }
}
