package hazelkeep.setout;

import hazelkeep.hold.Work;
import hazelkeep.route.Stage;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The lines that a step bares: where what it takes borders on wood that stays. What it takes
 * borders elsewhere on air, which needs no number.
 */
final class Bared {
  /** How far beside a line wood is looked for, mm. */
  private static final double PROBE = 0.004;

  private final HalfSection gone;
  private final List<HalfSection> stays;
  private final List<List<Point>> lines = new ArrayList<>();

  private Bared(HalfSection gone, List<HalfSection> stays) {
    this.gone = gone;
    this.stays = stays;
  }

  /** The lines in the setup's frame, the wood that stays on the right hand. */
  static List<List<Point>> of(Stage stage, HalfSection gone) {
    Work left = stage.left();
    List<HalfSection> stays = new ArrayList<>();
    for (String part : left.parts().keySet()) {
      stays.add(left.swept(part));
    }
    Bared b = new Bared(gone, stays);
    gone.rings().forEach(b::ring);
    return b.lines;
  }

  private void ring(Polyline ring) {
    List<Point> p = ring.points();
    int n = p.size() - 1;
    boolean[] on = new boolean[n];
    int gap = -1;
    for (int i = 0; i < n; i++) {
      on[i] = borders(p.get(i), p.get(i + 1));
      gap = on[i] ? gap : i;
    }
    List<Point> now = new ArrayList<>();
    for (int k = 1; k <= n; k++) {
      int i = (gap + k + n) % n;
      if (on[i]) {
        if (now.isEmpty()) {
          now.add(p.get(i));
        }
        now.add(p.get(i + 1));
      } else {
        end(now);
        now = new ArrayList<>();
      }
    }
    end(now);
  }

  private void end(List<Point> line) {
    if (line.size() > 1) {
      if (!stays(line.get(0), line.get(1), -PROBE)) {
        Collections.reverse(line);
      }
      lines.add(line);
    }
  }

  private boolean borders(Point a, Point b) {
    return stays(a, b, PROBE) && goes(a, b, -PROBE) || stays(a, b, -PROBE) && goes(a, b, PROBE);
  }

  private boolean goes(Point a, Point b, double left) {
    Point p = beside(a, b, left);
    return gone.holds(p.z(), p.r());
  }

  private boolean stays(Point a, Point b, double left) {
    Point p = beside(a, b, left);
    return p.r() > 0 && stays.stream().anyMatch(h -> h.holds(p.z(), p.r()));
  }

  /** A place beside the middle of an edge; on its left hand where positive. */
  private static Point beside(Point a, Point b, double left) {
    double l = a.distance(b);
    Point m = a.towards(b, 0.5);
    return new Point(m.z() - left * (b.r() - a.r()) / l, m.r() + left * (b.z() - a.z()) / l);
  }
}
