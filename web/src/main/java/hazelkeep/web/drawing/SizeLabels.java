package hazelkeep.web.drawing;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Measure;
import hazelkeep.route.Aim;
import java.util.ArrayList;
import java.util.List;

/** Sizes on the drawing: lines where they are measured, and fields that can be typed in. */
final class SizeLabels {
  /** How high a row of labels above the work is. */
  private static final double ROW = 24;

  private static final DimKey WHOLE = new DimKey("outside.height");

  private static final String CLOSED = "closed, high";

  private final Board on;
  private final PieceDrawing.NotTaken refused;
  private final double top;

  /**
   * On a sheet.
   *
   * @param refused what was typed and refused; may be null
   * @param top where the blank begins
   */
  SizeLabels(Board on, PieceDrawing.NotTaken refused, double top) {
    this.on = on;
    this.refused = refused;
    this.top = top;
  }

  /** A dimension on its way to its place. */
  private record Hung(Measure measure, Dim dim, double wide, double x0, double x1, double[] line) {}

  /** Draws all of them. */
  void draw() {
    List<Measure> hanging = on.sketch().measures().stream().filter(Measure::hangs).toList();
    if (hanging.stream().noneMatch(m -> m.key().equals(WHOLE))) {
      whole();
    }
    List<Hung> all = new ArrayList<>();
    for (Measure m : hanging) {
      Dim d = on.sketch().aim().dims().get(m.key());
      double wide = wide(d, m.label());
      double x0 = on.sheet().x(m.from().z());
      double x1 = on.sheet().x(m.to().z());
      boolean in = m.kind() == Measure.Kind.INSIDE;
      double[] line = null;
      if (in || m.kind() == Measure.Kind.OUTSIDE) {
        // Lines across have their place: labels of others keep off them.
        double r = m.to().r();
        line = new double[] {x0, on.sheet().axis(), x0, in ? on.sheet().up(r) : on.sheet().down(r)};
        on.labels().line(line);
      }
      all.add(new Hung(m, d, wide, x0, x1, line));
    }
    List<Hung> lengths = all.stream().filter(h -> h.measure.kind() == Measure.Kind.LENGTH).toList();
    // All lines before all labels: none is struck through by its neighbour's line.
    lengths.forEach(h -> lengthLine(h, top - ROW));
    lengths.forEach(this::above);
    all.stream().filter(h -> h.measure.kind() == Measure.Kind.DEPTH).forEach(this::inside);
    all.stream().filter(h -> h.line != null).forEach(this::across);
  }

  private double wide(Dim d, String word) {
    return Board.LETTER * word.length() + Board.DIGIT * text(d).length() + 17;
  }

  /** Whether the piece is made with what closes it. */
  private static boolean whole(Aim aim) {
    return aim.closing().isPresent() && aim.made().size() == aim.parts().size();
  }

  /** Where its members lie apart no line is as long as the closed piece is high: a field alone. */
  private void whole() {
    Dim d = on.sketch().aim().dims().get(WHOLE);
    String word = whole(on.sketch().aim()) ? CLOSED : "height";
    double wide = wide(d, word);
    on.labels().keepClear(0, 0, wide + 8, ROW + 4);
    field(d, word, wide / 2 + 4, ROW / 2 + 4);
  }

  /** A length above the work: all lines in one row, a label that has no room one row higher. */
  private void above(Hung h) {
    double mid = (h.x0 + h.x1) / 2;
    double y = top - ROW;
    List<double[]> places = new ArrayList<>();
    for (double widths : new double[] {0, 0.5, -0.5, 1, -1}) {
      places.add(new double[] {mid + widths * h.wide, y});
      places.add(new double[] {mid + widths * h.wide, y - ROW - 4});
    }
    double[] at = on.labels().place(h.wide, places, null);
    if (at[1] < y || Math.abs(at[0] - mid) > h.wide / 2) {
      on.svg().line("dim-line", at[0], at[1], mid, y);
    }
    label(h, at[0], at[1]);
  }

  private void lengthLine(Hung h, double y) {
    on.svg()
        .path("dim-line", Svg.d("M", h.x0, y - 5, "v10M", h.x1, y - 5, "v10M", h.x0, y, "H", h.x1));
    on.labels().line(h.x0, y, h.x1, y);
  }

  /** A depth in the hollow: the line goes at the height where its label finds room. */
  private void inside(Hung h) {
    double mid = (h.x0 + h.x1) / 2;
    double lo = Math.min(h.x0, h.x1);
    double hi = Math.max(h.x0, h.x1);
    List<double[]> places = new ArrayList<>();
    for (double x :
        new double[] {
          mid, lo + 0.3 * (hi - lo), lo + 0.7 * (hi - lo), lo - h.wide / 2 - 8, hi + h.wide / 2 + 8
        }) {
      for (double share = 0.3; share < 0.95; share += 0.08) {
        places.add(new double[] {x, on.sheet().up(share * h.measure.to().r())});
      }
    }
    double[] at = on.labels().place(h.wide, places, null);
    lengthLine(h, at[1]);
    if (at[0] < lo || at[0] > hi) {
      on.svg().line("dim-line", at[0], at[1], mid, at[1]);
    }
    label(h, at[0], at[1]);
  }

  /** A diameter: the line stands where it is, its label along or beside it. */
  private void across(Hung h) {
    double axis = h.line[1];
    double end = h.line[3];
    List<double[]> places = new ArrayList<>();
    for (double widths : new double[] {0, 0.5, -0.5, 1.1, -1.1, 1.8, -1.8}) {
      for (double share : new double[] {0.5, 0.65, 0.35, 0.8, 0.22, 0.92}) {
        double beside = widths * h.wide + Math.signum(widths) * 6;
        places.add(new double[] {h.x0 + beside, axis + share * (end - axis)});
      }
    }
    double[] at = on.labels().place(h.wide, places, h.line);
    on.svg().path("dim-line", Svg.d("M", h.x0, axis, "V", end));
    if (Math.abs(at[0] - h.x0) > h.wide / 2) {
      on.svg().path("dim-line", Svg.d("M", h.x0, at[1], "H", at[0]));
    }
    label(h, at[0], at[1]);
  }

  private String text(Dim d) {
    return refused != null && refused.key().equals(d.key().path())
        ? refused.typed()
        : on.show().value(d);
  }

  private void label(Hung h, double x, double y) {
    field(h.dim, h.measure.label(), x, y);
  }

  private void field(Dim d, String word, double x, double y) {
    double wide = wide(d, word);
    String key = d.key().path();
    boolean bad = refused != null && refused.key().equals(key);
    String said = d.label() + ", " + d.origin().words() + ": " + d.reason();
    on.svg()
        .open(
            "foreignObject",
            "x",
            x - wide / 2,
            "y",
            y - Labels.HEIGHT / 2,
            "width",
            wide,
            "height",
            Labels.HEIGHT);
    on.svg()
        .open(
            "label",
            "class",
            "dim " + Svg.css(d.origin()) + (bad ? " refused" : ""),
            "title",
            said + " · " + on.show().other(d));
    on.svg().textIn("span", word);
    on.svg()
        .empty(
            "input",
            "id",
            "dim-" + key.replace('.', '-'),
            "class",
            "dim-input",
            "name",
            "value",
            "value",
            text(d),
            "size",
            Math.max(2, text(d).length()),
            "data-key",
            key,
            "autocomplete",
            "off",
            "aria-label",
            said,
            "aria-invalid",
            bad ? "true" : null,
            "aria-describedby",
            bad ? "notice" : null);
    on.svg().close("label").close("foreignObject");
  }
}
