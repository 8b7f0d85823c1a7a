package hazelkeep.web.drawing;

import hazelkeep.setout.Cut;
import hazelkeep.setout.Cut.Shape;
import hazelkeep.setout.Datum;
import hazelkeep.setout.HandCut;
import hazelkeep.setout.Station;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A step's numbers where they are: the lines to cut to, diameters above the work, places below it,
 * each led to what it is the size of.
 */
final class SetOutDrawing {
  /** How high the strips of numbers above and below the work are. */
  static final double STRIP = 108;

  /** How near two numbers may stand, as large as they are read from the lathe. */
  private static final double APART = 25;

  /** How near they may stand where there are more of them than fit that large. */
  private static final double CROWDED = 19;

  /** Where a leader bends towards what it leads to, from the strip's inner edge. */
  private static final double BEND = 14;

  /** Between a leader and its number. */
  private static final double CLEAR = 5;

  private final Svg svg;
  private final Sheet sheet;
  private final Show show;
  private final double width;
  private final List<Mark> above = new ArrayList<>();
  private final List<Mark> below = new ArrayList<>();

  /** A number in a strip: where it leads to, and where it found room. */
  private record Mark(int row, boolean picked, String text, double x, double y) {}

  SetOutDrawing(Svg svg, Sheet sheet, Show show, double width) {
    this.svg = svg;
    this.sheet = sheet;
    this.show = show;
    this.width = width;
  }

  /**
   * Draws the lines of a step with their numbers.
   *
   * @param told what is told of it
   * @param height of the drawing with its two strips
   */
  void draw(StageDrawing.Told told, double height) {
    for (CutRow row : told.rows()) {
      row.cut().ifPresent(c -> line(row, c, row.no() == told.picked(), told.hand()));
    }
    told.hand()
        .ifPresent(
            h ->
                told.rows().stream()
                    .flatMap(r -> r.pass().stream())
                    .findFirst()
                    .ifPresent(p -> hand(h, p.datum())));
    strip(above, STRIP, -1);
    strip(below, height - STRIP, 1);
  }

  private void line(CutRow row, Cut c, boolean pick, Optional<HandCut> hand) {
    // A setting is told by its groove, not by the line that is joined later.
    boolean picked = pick && hand.filter(h -> h.places().size() == 1).isEmpty();
    Datum datum = row.pass().orElseThrow().datum();
    StringBuilder d = new StringBuilder();
    for (int side : new int[] {-1, 1}) {
      char op = 'M';
      for (Station s : c.stations()) {
        Point p = s.in(datum);
        d.append(op);
        if (op == 'L' && c.shape() == Shape.ROUND) {
          d.setCharAt(d.length() - 1, 'A');
          double r = Math.abs(c.radius()) * sheet.scale();
          d.append(Svg.d("", r, r, "0 0 ", (c.radius() > 0 ? 1 : 0) ^ (side > 0 ? 1 : 0), " "));
        }
        d.append(Svg.d("", sheet.x(p.z()), side < 0 ? sheet.up(p.r()) : sheet.down(p.r())));
        op = 'L';
      }
    }
    svg.empty(
        "path",
        "class",
        picked ? "to-cut picked" : "to-cut",
        "d",
        d.toString(),
        "data-row",
        row.no());
    boolean all = picked || c.shape() != Shape.CURVE;
    for (int i = 0; hand.isEmpty() && i < c.stations().size(); i++) {
      if (all || i == 0 || i == c.stations().size() - 1) {
        number(row, c, datum, i, picked);
      }
    }
  }

  /** The numbers of a cut of the hand: its lines below, its setting above. */
  private void hand(HandCut h, Datum datum) {
    for (Station s : h.places()) {
      boolean told =
          switch (h.does()) {
            case STRIKE, SHOULDER, SET, PART, PARALLEL, FLOOR, GROOVE -> true;
            default -> false;
          };
      Point p = s.in(datum);
      if (told) {
        groove(h, p);
        boolean picked = h.does() != HandCut.Does.STRIKE;
        if (Math.abs(s.from()) > 0.05) {
          add(below, new Mark(0, picked, show.bare(s.from()), sheet.x(p.z()), sheet.down(p.r())));
        }
      }
    }
    boolean across = h.stop() == HandCut.Stop.CALIPERS || h.stop() == HandCut.Stop.INSIDE;
    if (across) {
      double x = h.places().stream().mapToDouble(s -> s.in(datum).z()).average().orElse(0);
      boolean fine = h.of().filter(Cut::fine).isPresent();
      String text = fine ? show.unit().showFit(h.mm()) : show.bare(h.mm());
      add(above, new Mark(0, true, "⌀ " + text, sheet.x(x), sheet.up(h.mm() / 2)));
    }
  }

  /** How far a groove or a pencil line is drawn beyond its place. */
  private static final double GROOVE = 26;

  private void groove(HandCut h, Point p) {
    if (h.does() == HandCut.Does.PARALLEL || h.does() == HandCut.Does.FLOOR) {
      return;
    }
    String css = h.does() == HandCut.Does.STRIKE ? "to-cut pencil" : "to-cut picked";
    double x = sheet.x(p.z());
    double way = h.inside() ? 1 : -1;
    svg.path(
        css,
        Svg.d("M", x, sheet.up(p.r()), "v", way * GROOVE, "M", x, sheet.down(p.r()))
            + Svg.d("v", -way * GROOVE));
  }

  private void number(CutRow row, Cut c, Datum datum, int i, boolean picked) {
    Station s = c.stations().get(i);
    Point p = s.in(datum);
    if (c.shape() == Shape.PARALLEL) {
      if (i == 0) {
        double x = (p.z() + c.last().in(datum).z()) / 2;
        above(row, picked, across(c, s), new Point(x, p.r()));
      }
      place(row, picked, s, p);
    } else if (c.shape() == Shape.FACE) {
      if (i == 0) {
        place(row, picked, s, new Point(p.z(), (p.r() + c.last().across() / 2) / 2));
      }
    } else {
      above(row, picked, across(c, s), p);
      place(row, picked, s, p);
    }
  }

  private String across(Cut c, Station s) {
    return c.fine() ? show.unit().showFit(s.across()) : show.bare(s.across());
  }

  private void above(CutRow row, boolean picked, String text, Point p) {
    if (p.r() > 0.2) {
      add(above, new Mark(row.no(), picked, "⌀ " + text, sheet.x(p.z()), sheet.up(p.r())));
    }
  }

  private void place(CutRow row, boolean picked, Station s, Point p) {
    if (Math.abs(s.from()) > 0.05) {
      add(
          below,
          new Mark(row.no(), picked, show.bare(s.from()), sheet.x(p.z()), sheet.down(p.r())));
    }
  }

  /** The same number at the same place is written once, picked before not. */
  private static void add(List<Mark> strip, Mark m) {
    boolean known =
        strip.removeIf(
            o -> o.text.equals(m.text) && Math.abs(o.x - m.x) < 2 && m.picked && !o.picked);
    if (known || strip.stream().noneMatch(o -> o.text.equals(m.text) && Math.abs(o.x - m.x) < 2)) {
      strip.add(m);
    }
  }

  /** Numbers on end in a row, as near to what they lead to as room allows. */
  private void strip(List<Mark> strip, double edge, int way) {
    strip.sort(Comparator.comparingDouble(Mark::x));
    boolean crowded = strip.size() * APART > width;
    double apart = crowded ? CROWDED : APART;
    double[] at = spread(strip.stream().mapToDouble(Mark::x).toArray(), apart, width);
    for (int i = 0; i < strip.size(); i++) {
      Mark m = strip.get(i);
      String css = (m.picked ? "set-out picked" : "set-out") + (crowded ? " crowded" : "");
      double bend = edge + way * BEND;
      svg.path(css + " leader", Svg.d("M", at[i], bend, "L", m.x, edge, "V", m.y));
      svg.textIn(
          "text",
          m.text,
          "class",
          css + (way < 0 ? " upper" : " lower"),
          "data-row",
          m.row,
          "transform",
          "translate(" + Svg.n(at[i] + CLEAR) + " " + Svg.n(bend + way * CLEAR) + ") rotate(-90)");
    }
  }

  /**
   * Moves places apart as little as it takes (least squares: what is pushed together shares one
   * mean, so that a crowd stands round its middle), and none off the sheet.
   *
   * @param x in order
   * @param apart how near two may stand
   * @param width of the sheet
   */
  static double[] spread(double[] x, double apart, double width) {
    // Less its turn times the distance, each place is at least the one before it.
    double[] mean = new double[x.length];
    int[] size = new int[x.length];
    int crowds = 0;
    for (int i = 0; i < x.length; i++) {
      mean[crowds] = x[i] - i * apart;
      size[crowds++] = 1;
      while (crowds > 1 && mean[crowds - 2] >= mean[crowds - 1]) {
        crowds--;
        int both = size[crowds - 1] + size[crowds];
        mean[crowds - 1] =
            (mean[crowds - 1] * size[crowds - 1] + mean[crowds] * size[crowds]) / both;
        size[crowds - 1] = both;
      }
    }
    double most = width - apart / 2 - (x.length - 1) * apart;
    double[] out = new double[x.length];
    for (int crowd = 0, i = 0; crowd < crowds; crowd++) {
      double at = Math.max(apart / 2, Math.min(most, mean[crowd]));
      for (int j = 0; j < size[crowd]; j++, i++) {
        out[i] = at + i * apart;
      }
    }
    return out;
  }
}
