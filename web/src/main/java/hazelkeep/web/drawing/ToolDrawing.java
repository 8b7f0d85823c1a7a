package hazelkeep.web.drawing;

import hazelkeep.route.Approach;
import hazelkeep.solid.Lie;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * The tools of a step as they come in from where they can, go along the cut and out again: an
 * outline for each moment, and the way that their noses go, which the film opens the wood along.
 */
final class ToolDrawing {
  /** From how far away a tool comes in, and how far apart its places are drawn, mm. */
  private static final double IN = 36;

  private static final double APART = 1.5;

  private final Svg svg;
  private final Sheet sheet;

  ToolDrawing(Svg svg, Sheet sheet) {
    this.svg = svg;
    this.sheet = sheet;
  }

  /** One tool; hidden but for the film, which shows one moment after another. */
  void draw(Approach a) {
    List<Lie> lies = along(a.lies());
    List<Lie> in = coming(lies.get(0));
    List<Lie> out = coming(lies.get(lies.size() - 1));
    List<String> frames = new ArrayList<>();
    in.forEach(l -> frames.add(outline(a, l)));
    lies.forEach(l -> frames.add(outline(a, l)));
    for (int i = out.size() - 1; i >= 0; i--) {
      frames.add(outline(a, out.get(i)));
    }
    svg.empty(
        "path",
        "class",
        "tool",
        "data-name",
        a.tool(),
        "d",
        frames.get(0),
        "data-frames",
        String.join("|", frames),
        "data-from",
        in.size(),
        "data-to",
        in.size() + lies.size());
  }

  /** The way of its nose, above and below the axis. */
  String way(Approach a, int side) {
    StringBuilder d = new StringBuilder();
    for (Lie l : a.lies()) {
      at(d, new Point(l.nose().z(), side * l.nose().r()));
    }
    return d.toString();
  }

  /** Back along its own bar, farthest first. */
  private static List<Lie> coming(Lie first) {
    List<Lie> out = new ArrayList<>();
    for (double away = IN; away > 0; away -= 3 * APART) {
      double dz = away * Math.cos(first.lean());
      double dr = away * Math.sin(first.lean());
      Point n = first.nose();
      Point b = first.bar();
      out.add(
          new Lie(
              new Point(n.z() + dz, n.r() + dr), new Point(b.z() + dz, b.r() + dr), first.lean()));
    }
    return out;
  }

  /** Places close enough to one another to be seen as a movement. */
  private static List<Lie> along(List<Lie> lies) {
    List<Lie> out = new ArrayList<>();
    for (int i = 0; i + 1 < lies.size(); i++) {
      Lie a = lies.get(i);
      Lie b = lies.get(i + 1);
      int n = (int) Math.max(1, Math.ceil(a.nose().distance(b.nose()) / APART));
      for (int k = 0; k < n; k++) {
        double t = k / (double) n;
        out.add(
            new Lie(
                a.nose().towards(b.nose(), t),
                a.bar().towards(b.bar(), t),
                a.lean() + t * (b.lean() - a.lean())));
      }
    }
    out.add(lies.get(lies.size() - 1));
    return out;
  }

  private String outline(Approach a, Lie l) {
    StringBuilder d = new StringBuilder();
    a.outline(l).forEach(p -> at(d, p));
    return d.append('Z').toString();
  }

  private void at(StringBuilder d, Point p) {
    d.append(d.isEmpty() ? 'M' : 'L')
        .append(Svg.n(sheet.x(p.z())))
        .append(' ')
        .append(Svg.n(sheet.up(p.r())));
  }
}
