package hazelkeep.element;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.util.ArrayList;
import java.util.List;

/** Lines that rise along the axis, read at a height, and tops read at a radius. */
final class Rising {
  /** Points nearer than this are one, mm. */
  private static final double SAME = 1e-9;

  private Rising() {}

  /** Whether a line rises from its first point to its last. */
  static boolean is(Polyline line) {
    for (int i = 1; i < line.points().size(); i++) {
      if (line.points().get(i).z() < line.points().get(i - 1).z()) {
        return false;
      }
    }
    return line.last().z() > line.first().z();
  }

  /** The radius of a rising line at a z. */
  static double at(Polyline line, double z) {
    List<Point> p = line.points();
    for (int i = 1; i < p.size(); i++) {
      Point a = p.get(i - 1);
      Point b = p.get(i);
      if (z <= b.z() && b.z() > a.z()) {
        return a.r() + (b.r() - a.r()) * Math.max(0, (z - a.z()) / (b.z() - a.z()));
      }
    }
    return line.last().r();
  }

  /** A stretch of a line between two heights. */
  static Polyline between(Polyline line, double z0, double z1) {
    List<Point> out = new ArrayList<>();
    out.add(new Point(z0, at(line, z0)));
    for (Point p : line.points()) {
      if (p.z() > z0 + SAME && p.z() < z1 - SAME) {
        out.add(p);
      }
    }
    out.add(new Point(z1, at(line, z1)));
    return new Polyline(out);
  }

  /** What lies between two lines; where they touch, one piece ends and the next begins. */
  static HalfSection under(Polyline line, Polyline was) {
    HalfSection out = HalfSection.EMPTY;
    List<Point> run = new ArrayList<>();
    for (Point p : line.points()) {
      run.add(p);
      boolean touches = at(was, p.z()) - p.r() < SAME;
      if (touches && run.size() > 2) {
        List<Point> back = between(was, run.get(0).z(), p.z()).reversed().points();
        run.addAll(back.subList(1, back.size() - 1));
        out = out.plus(HalfSection.of(run));
      }
      if (touches) {
        run = new ArrayList<>(List.of(p));
      }
    }
    return out;
  }

  /** How high a top's line lies at a radius, in the blank's z. */
  static double height(Polyline line, double r) {
    List<Point> p = line.points();
    for (int i = p.size() - 1; i > 0; i--) {
      Point in = p.get(i);
      Point out = p.get(i - 1);
      if (r <= out.r() && out.r() > in.r()) {
        return in.z() + (out.z() - in.z()) * Math.max(0, (r - in.r()) / (out.r() - in.r()));
      }
    }
    return line.first().z();
  }
}
