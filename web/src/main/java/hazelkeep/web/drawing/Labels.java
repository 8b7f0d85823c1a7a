package hazelkeep.web.drawing;

import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.util.ArrayList;
import java.util.List;

/** Finds room for labels: never on one another where it can be helped, and clear of lines. */
final class Labels {
  /** How tall a label is. */
  static final double HEIGHT = 25;

  private static final double GAP = 3;
  private static final double EDGE = 2;

  /** What it costs to cover another label, a mark, the edge of the sheet, a line, the outline. */
  private static final double ON_LABEL = 100;

  private static final double ON_MARK = 45;
  private static final double OFF_SHEET = 400;
  private static final double ON_LINE = 12;
  private static final double ON_OUTLINE = 7;

  private final double width;
  private final double height;
  private final List<double[]> boxes = new ArrayList<>();
  private final List<double[]> marks = new ArrayList<>();
  private final List<double[]> lines = new ArrayList<>();
  private final List<double[]> outline = new ArrayList<>();

  /** On a sheet of that size. */
  Labels(double width, double height) {
    this.width = width;
    this.height = height;
  }

  /** Keeps a box clear of labels, where there is room. */
  void keepClear(double x0, double y0, double x1, double y1) {
    marks.add(new double[] {x0, y0, x1, y1});
  }

  /** A line that labels had better not cover, as x, y, x, y. */
  void line(double... xyxy) {
    lines.add(xyxy);
  }

  /** The outline of the work above the axis. */
  void outline(Sheet sheet, Polyline ring) {
    List<Point> p = ring.points();
    for (int i = 1; i < p.size(); i++) {
      outline.add(
          new double[] {
            sheet.x(p.get(i - 1).z()),
            sheet.up(p.get(i - 1).r()),
            sheet.x(p.get(i).z()),
            sheet.up(p.get(i).r())
          });
    }
  }

  /**
   * The best place for a label's middle.
   *
   * @param w its width
   * @param places where it may go, the dearest first
   * @param own its own dimension line, which it may cover; may be null
   */
  double[] place(double w, List<double[]> places, double[] own) {
    double[] best = places.get(0);
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < places.size() && least > 0; i++) {
      double cost = 0.3 * i + cost(w, places.get(i), own);
      if (cost < least) {
        least = cost;
        best = places.get(i);
      }
    }
    double x = Math.max(w / 2 + EDGE, Math.min(width - w / 2 - EDGE, best[0]));
    double[] box = box(x, best[1], w);
    boxes.add(box);
    return new double[] {x, best[1]};
  }

  private static double[] box(double x, double y, double w) {
    return new double[] {x - w / 2, y - HEIGHT / 2, x + w / 2, y + HEIGHT / 2};
  }

  private double cost(double w, double[] at, double[] own) {
    double[] b = box(at[0], at[1], w);
    double cost = 0;
    if (b[0] < EDGE || b[2] > width - EDGE || b[1] < EDGE || b[3] > height - EDGE) {
      cost += OFF_SHEET;
    }
    for (double[] o : boxes) {
      cost += meet(b, o) ? ON_LABEL : 0;
    }
    for (double[] o : marks) {
      cost += meet(b, o) ? ON_MARK : 0;
    }
    for (double[] l : lines) {
      cost += l != own && crosses(b, l) ? ON_LINE : 0;
    }
    for (double[] l : outline) {
      if (crosses(b, l)) {
        cost += ON_OUTLINE;
        break;
      }
    }
    return cost;
  }

  private static boolean meet(double[] b, double[] o) {
    return b[0] < o[2] + GAP && o[0] < b[2] + GAP && b[1] < o[3] + GAP && o[1] < b[3] + GAP;
  }

  /** Whether a line passes a box grown by a hair (Liang and Barsky's clipping). */
  private static boolean crosses(double[] b, double[] l) {
    double t0 = 0;
    double t1 = 1;
    double dx = l[2] - l[0];
    double dy = l[3] - l[1];
    double[] p = {-dx, dx, -dy, dy};
    double[] q = {l[0] - b[0] + GAP, b[2] + GAP - l[0], l[1] - b[1] + GAP, b[3] + GAP - l[1]};
    for (int i = 0; i < 4; i++) {
      if (p[i] == 0) {
        if (q[i] < 0) {
          return false;
        }
      } else {
        double t = q[i] / p[i];
        if (p[i] < 0) {
          t0 = Math.max(t0, t);
        } else {
          t1 = Math.min(t1, t);
        }
      }
    }
    return t0 <= t1;
  }
}
