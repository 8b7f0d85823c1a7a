package hazelkeep.web.drawing;

import hazelkeep.measure.Dim;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Rolled;
import hazelkeep.piece.SideHole;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.StickPiece;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The piece in its blank, headstock left: section above the axis, outside below, the stick to the
 * same scale under it. Sizes on the drawing are input fields.
 */
public final class PieceDrawing {
  private static final double WIDTH = 840;
  private static final double MARGIN = 26;
  private static final double TOP = 78;
  private static final double TALL = 330;

  /** How high a row of labels above the work is. */
  private static final double ROW = 24;

  private static final double STICK_GAP = 40;
  private static final double STICK = 26;

  /** How wide the letters of a label are, and the digits of its number. */
  private static final double LETTER = 5.8;

  private static final double STICK_LETTER = 6.4;

  /** Two lines closer than this can't be told apart, mm. */
  private static final double SEEN = 0.3;

  private static final double DIGIT = 8.2;

  /**
   * Something typed that was refused.
   *
   * @param key the size
   * @param typed what was typed
   */
  public record Refused(String key, String typed) {}

  private final Sketch<?> sketch;
  private final Show show;
  private final Refused refused;
  private final Sheet sheet;
  private final Labels labels;
  private final Svg svg = new Svg();
  private final String wood;
  private final double radius;
  private final double length;
  private final double height;

  private PieceDrawing(Sketch<?> sketch, Show show, Refused refused) {
    this.sketch = sketch;
    this.show = show;
    this.refused = refused;
    this.wood = WoodColour.of(sketch.design().species());
    this.length = Math.max(mm("blank.length"), mm("stick.need"));
    this.radius = Math.max(mm("blank.across") / 2, widest(sketch));
    double scale = Math.min((WIDTH - 2 * MARGIN) / length, TALL / (2 * radius));
    this.sheet = new Sheet((WIDTH - length * scale) / 2, TOP + radius * scale, scale);
    this.height = sheet.down(radius) + STICK_GAP + STICK + 52;
    this.labels = new Labels(WIDTH, sheet.down(radius) + STICK_GAP - 4);
  }

  /**
   * The drawing with its stick.
   *
   * @param refused what was typed and refused; may be null
   */
  public static String of(Sketch<?> sketch, Show show, Refused refused) {
    return new PieceDrawing(sketch, show, refused).draw();
  }

  /** A small picture of the closed piece in its wood, for a card. */
  public static String card(Sketch<?> sketch) {
    List<HalfSection> parts =
        sketch.aim().parts().stream().map(p -> p.target().in(p.closed())).toList();
    double tall = parts.stream().mapToDouble(HalfSection::maxZ).max().orElse(1);
    double wide = parts.stream().mapToDouble(HalfSection::maxR).max().orElse(1);
    double scale = Math.min(230 / tall, 118 / (2 * wide));
    Sheet sheet = new Sheet((250 - tall * scale) / 2, 66, scale);
    String wood = WoodColour.of(sketch.design().species());
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        "0 0 250 132",
        "class",
        "card-drawing",
        "role",
        "img",
        "aria-label",
        "Section of the piece, lying as on the lathe");
    parts.forEach(h -> svg.region("wood", sheet.both(h), wood));
    return svg.line("axis", 4, 66, 246, 66).close("svg").toString();
  }

  private double mm(String key) {
    return sketch.aim().mm(key);
  }

  private static double widest(Sketch<?> sketch) {
    return sketch.aim().parts().stream().mapToDouble(p -> p.target().maxR()).max().orElse(10);
  }

  private String draw() {
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDTH, height),
        "class",
        "piece-drawing",
        "id",
        "drawing",
        "role",
        "group",
        "aria-label",
        "The piece in its blank, section above the axis, outside below",
        "data-left",
        Double.toString(sheet.left()),
        "data-axis",
        Double.toString(sheet.axis()),
        "data-scale",
        Double.toString(sheet.scale()));
    svg.open("defs")
        .pattern("waste", 9, 9, "rotate(45)", "waste", "M0 0v9")
        .pattern("grain", 64, 13, null, null, "M2 3h34M44 6.5h18M10 10h40")
        .close("defs");
    blank();
    sketch.aim().parts().forEach(this::part);
    sketch.letIn().forEach(this::inlay);
    keep();
    holes();
    svg.line("axis", sheet.x(0) - 20, sheet.axis(), sheet.x(length) + 20, sheet.axis());
    labels.line(0, sheet.axis(), WIDTH, sheet.axis());
    stick(sheet.down(radius) + STICK_GAP);
    List<Handle> handles = sketch.handles();
    for (Handle h : handles) {
      double x = sheet.x(h.at().z());
      double y = sheet.up(h.at().r());
      labels.keepClear(x - 8, y - 8, x + 8, y + 8);
    }
    Svg pins = pins();
    measures();
    handles.forEach(this::handle);
    return svg.toString() + pins + "</svg>";
  }

  private void blank() {
    double r = mm("blank.across") / 2;
    double x = sheet.x(0);
    double wide = sheet.x(mm("blank.length")) - x;
    svg.rect("blank", x, sheet.up(r), wide, 2 * r * sheet.scale(), "url(#waste)");
    if (length > mm("blank.length")) {
      svg.rect(
          "missing",
          x + wide,
          sheet.up(r),
          sheet.x(length) - x - wide,
          2 * r * sheet.scale(),
          null);
    }
    double sure = sketch.aim().blank().sound().maxR();
    if (sure < r - SEEN) {
      // A limb that is out of round: what lies within this line is wood all round.
      for (double y : new double[] {sheet.up(sure), sheet.down(sure)}) {
        svg.line("limb", x, y, x + wide, y);
      }
    }
    for (Part p : sketch.aim().parts()) {
      p.stubs().stream()
          .filter(s -> s.name().endsWith("tenon"))
          .forEach(s -> svg.path("tenon", sheet.both(s.region())));
    }
  }

  private void part(Part p) {
    if (p.target().minR() > SEEN) {
      ring(p);
      return;
    }
    StringBuilder cavity = new StringBuilder();
    StringBuilder hull = new StringBuilder(sheet.below(p.target()));
    for (Surface s : p.surfaces()) {
      if (s.inside()) {
        cavity.append(sheet.above(s.zone()));
        hull.append(sheet.below(s.zone()));
      }
    }
    svg.path("hollow", cavity.toString());
    svg.empty("path", "class", "outside", "d", hull, "fill", wood);
    svg.empty("path", "class", "outside-grain", "d", hull, "fill", "url(#grain)");
    String target = sheet.above(p.target());
    svg.region("wood", target, wood).region("grain", target, "url(#grain)");
    p.target().rings().forEach(ring -> labels.outline(sheet, ring));
    for (Surface s : p.surfaces()) {
      if (!s.inside()) {
        svg.path("edge", sheet.below(s.line()));
        // Where the outline turns a corner the eye sees an edge right across.
        Point corner = s.line().last();
        if (corner.r() > SEEN && turns(p, s)) {
          double x = sheet.x(corner.z());
          svg.line("corner", x, sheet.axis(), x, sheet.down(corner.r()));
        }
      }
    }
  }

  /** Whether the outline turns a corner at the end of a surface, and does not run on smoothly. */
  private static boolean turns(Part p, Surface s) {
    List<Point> in = s.line().points();
    Point end = in.get(in.size() - 1);
    Point before = in.get(in.size() - 2);
    for (Surface o : p.surfaces()) {
      List<Point> on = o.line().points();
      if (!o.inside() && on.get(0).distance(end) < SEEN) {
        double a = Math.atan2(end.r() - before.r(), end.z() - before.z());
        double b = Math.atan2(on.get(1).r() - end.r(), on.get(1).z() - end.z());
        return Math.abs(Math.toDegrees(a - b)) > SMOOTH;
      }
    }
    return true;
  }

  /** An outline that turns by less is one line to the eye, degrees. */
  private static final double SMOOTH = 8;

  /** What goes round others and has no wood on the axis: seen from outside it hides them. */
  private void ring(Part p) {
    HalfSection ring = p.target();
    String out = sheet.below(HalfSection.box(ring.minZ(), ring.maxZ(), 0, ring.maxR()));
    String target = sheet.above(ring);
    svg.empty("path", "class", "outside", "d", out, "fill", wood);
    svg.empty("path", "class", "outside-grain", "d", out, "fill", "url(#grain)");
    svg.path("edge", out);
    svg.region("wood", target, wood).region("grain", target, "url(#grain)");
    ring.rings().forEach(r -> labels.outline(sheet, r));
  }

  /** Another wood: cut through above the axis; below it what runs round the outside. */
  private void inlay(HalfSection in) {
    double z = (in.minZ() + in.maxZ()) / 2;
    boolean seen =
        sketch.aim().parts().stream()
            .anyMatch(p -> Math.abs(p.target().outer(z) - in.outer(z)) < SEEN);
    svg.path("inlay", sheet.above(in));
    if (seen) {
      HalfSection whole = in.plus(HalfSection.box(in.minZ(), in.maxZ(), 0, in.minR()));
      svg.path("inlay", sheet.below(whole));
    }
  }

  /** The wood beside a bore that no cut from outside may enter, above the axis. */
  private void keep() {
    HalfSection keep = sketch.keep();
    if (!keep.isEmpty()) {
      String line = sheet.above(keep);
      svg.path("keep-ground", line).path("keep", line);
    }
  }

  /** Holes in the side: seen from outside below the axis, those at the back left out. */
  private void holes() {
    sketch.rolled().ifPresent(this::holes);
  }

  private void holes(Rolled side) {
    Part body = sketch.aim().part(side.part());
    double foot = body.closed().zero();
    for (Rolled.Place place : side.places()) {
      SideHole h = place.hole();
      double turn = Math.toRadians(h.degrees());
      double z = foot + h.height().mm();
      double out = body.target().outer(z) * Math.sin(turn);
      if (Math.cos(turn) > 0 && out >= 0) {
        double r = h.diameter().mm() / 2 * sheet.scale();
        svg.path("hole", half(sheet.x(z), sheet.down(out), r * Math.cos(turn), r, out));
      }
    }
  }

  /** A hole seen from aside; one on the axis is cut by it. */
  private String half(double x, double y, double ry, double rx, double out) {
    return out > 0
        ? Svg.d("M", x - rx, y, "A", rx, ry, "0 1 0", x + rx, y, "A", rx, ry, "0 1 0", x - rx, y)
        : Svg.d("M", x - rx, y, "A", rx, ry, "0 0 0", x + rx, y, "Z");
  }

  private void stick(double y) {
    List<StickPiece> run = new ArrayList<>();
    double[] ends = {-100, -100, -100, -100};
    double guide = sheet.down(radius) + 4;
    for (StickPiece s : sketch.stick()) {
      double x0 = sheet.x(s.from());
      double wide = Math.max(0, sheet.x(s.to()) - x0);
      svg.line("guide", x0, guide, x0, y);
      svg.rect(s.kept() ? "stick-kept" : "stick-waste", x0, y, wide, STICK, s.kept() ? wood : null);
      String value = show.bare(s.length());
      boolean roomy = wide > Math.max(value.length() * 7.6, s.label().length() * STICK_LETTER) + 2;
      if (roomy) {
        names(run, y + STICK, ends);
        svg.text("stick-number", x0 + wide / 2, y + 18, value);
        svg.text("stick-label", x0 + wide / 2, y + STICK + 15, s.label());
        ends[0] = Math.max(ends[0], x0 + wide / 2 + s.label().length() * STICK_LETTER / 2);
      } else if (s.length() > 0) {
        run.add(s);
      }
    }
    names(run, y + STICK, ends);
    svg.line("guide", sheet.x(length), guide, sheet.x(length), y);
  }

  /** Names stretches that have no room for their own: neighbours share one label. */
  private void names(List<StickPiece> run, double y, double[] ends) {
    if (run.isEmpty()) {
      return;
    }
    double mid = (sheet.x(run.get(0).from()) + sheet.x(run.get(run.size() - 1).to())) / 2;
    String text =
        run.stream()
            .map(s -> s.label() + " " + show.bare(s.length()))
            .collect(Collectors.joining(", "));
    double half = text.length() * 3.1;
    double at = Math.max(half + 2, Math.min(WIDTH - half - 2, mid));
    int row = 1;
    while (row < ends.length - 1 && at - half < ends[row] + 8) {
      row++;
    }
    ends[row] = at + half;
    double base = y + 15 + 15 * row;
    svg.line("guide", mid, y, mid, base - 11);
    svg.text("stick-label small", at, base, text);
    run.clear();
  }

  /** A dimension on its way to its place. */
  private record Hung(Measure measure, Dim dim, double wide, double x0, double x1, double[] line) {}

  private void measures() {
    List<Hung> all = new ArrayList<>();
    for (Measure m : sketch.measures().stream().filter(Measure::hangs).toList()) {
      Dim d = sketch.aim().dims().get(m.key());
      double wide = LETTER * m.label().length() + DIGIT * text(d).length() + 17;
      double x0 = sheet.x(m.from().z());
      double x1 = sheet.x(m.to().z());
      boolean in = m.kind() == Measure.Kind.INSIDE;
      double[] line = null;
      if (in || m.kind() == Measure.Kind.OUTSIDE) {
        // Lines across have their place: labels of others keep off them.
        double r = m.to().r();
        line = new double[] {x0, sheet.axis(), x0, in ? sheet.up(r) : sheet.down(r)};
        labels.line(line);
      }
      all.add(new Hung(m, d, wide, x0, x1, line));
    }
    all.stream().filter(h -> h.measure.kind() == Measure.Kind.LENGTH).forEach(this::above);
    all.stream().filter(h -> h.measure.kind() == Measure.Kind.DEPTH).forEach(this::inside);
    all.stream().filter(h -> h.line != null).forEach(this::across);
  }

  /** A length above the work: all lines in one row, a label that has no room one row higher. */
  private void above(Hung h) {
    double mid = (h.x0 + h.x1) / 2;
    double y = TOP - ROW;
    List<double[]> places = new ArrayList<>();
    for (double widths : new double[] {0, 0.5, -0.5, 1, -1}) {
      places.add(new double[] {mid + widths * h.wide, y});
      places.add(new double[] {mid + widths * h.wide, y - ROW - 4});
    }
    double[] at = labels.place(h.wide, places, null);
    lengthLine(h, y);
    if (at[1] < y || Math.abs(at[0] - mid) > h.wide / 2) {
      svg.line("dim-line", at[0], at[1], mid, y);
    }
    label(h, at[0], at[1]);
  }

  private void lengthLine(Hung h, double y) {
    svg.path("dim-line", Svg.d("M", h.x0, y - 5, "v10M", h.x1, y - 5, "v10M", h.x0, y, "H", h.x1));
    labels.line(h.x0, y, h.x1, y);
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
        places.add(new double[] {x, sheet.up(share * h.measure.to().r())});
      }
    }
    double[] at = labels.place(h.wide, places, null);
    lengthLine(h, at[1]);
    if (at[0] < lo || at[0] > hi) {
      svg.line("dim-line", at[0], at[1], mid, at[1]);
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
    double[] at = labels.place(h.wide, places, h.line);
    svg.path("dim-line", Svg.d("M", h.x0, axis, "V", end));
    if (Math.abs(at[0] - h.x0) > h.wide / 2) {
      svg.path("dim-line", Svg.d("M", h.x0, at[1], "H", at[0]));
    }
    label(h, at[0], at[1]);
  }

  private String text(Dim d) {
    return refused != null && refused.key().equals(d.key().path())
        ? refused.typed()
        : show.value(d);
  }

  private void label(Hung h, double x, double y) {
    Dim d = h.dim;
    String key = d.key().path();
    boolean bad = refused != null && refused.key().equals(key);
    String said = d.label() + ", " + d.origin().words() + ": " + d.reason();
    svg.open(
        "foreignObject",
        "x",
        x - h.wide / 2,
        "y",
        y - Labels.HEIGHT / 2,
        "width",
        h.wide,
        "height",
        Labels.HEIGHT);
    svg.open(
        "label",
        "class",
        "dim " + Svg.css(d.origin()) + (bad ? " refused" : ""),
        "title",
        said + " · " + show.other(d));
    svg.textIn("span", h.measure.label());
    svg.empty(
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
    svg.close("label").close("foreignObject");
  }

  private void handle(Handle h) {
    double value = h.across() ? 2 * h.at().r() : h.at().z();
    svg.empty(
        "circle",
        "cx",
        sheet.x(h.at().z()),
        "cy",
        sheet.up(h.at().r()),
        "r",
        6.5,
        "class",
        "handle",
        "id",
        "handle-" + h.name(),
        "data-handle",
        h.name(),
        "data-along",
        h.along(),
        "data-across",
        h.across(),
        "data-z",
        Double.toString(h.at().z()),
        "data-r",
        Double.toString(h.at().r()),
        "tabindex",
        0,
        "role",
        "slider",
        "aria-label",
        "Shape: " + h.label(),
        "aria-valuenow",
        value,
        "aria-valuetext",
        show.len(value) + (bound(h).isEmpty() ? "" : ", " + bound(h)));
    limit(h);
  }

  /** How far it may go, in words; empty where nothing bounds it. */
  private String bound(Handle h) {
    if (!Double.isNaN(h.least())) {
      return "at least ⌀ " + show.len(h.least());
    }
    return Double.isNaN(h.most()) ? "" : "at most " + show.len(Math.max(0, h.most())) + " deep";
  }

  /** The limit of a point is told while it is held. */
  private void limit(Handle h) {
    String text = bound(h);
    if (!text.isEmpty()) {
      double half = LETTER * text.length() / 2 + 4;
      double x = Math.max(half, Math.min(WIDTH - half, sheet.x(h.at().z())));
      double y = Math.max(16, sheet.up(h.at().r()) - 16);
      svg.open("g", "class", "limit", "aria-hidden", "true");
      svg.rect("limit-ground", x - half, y - 13, 2 * half, 18, null);
      svg.text("limit-text", x, y, text);
      svg.close("g");
    }
  }

  /** Findings at their places; drawn last, but labels keep clear of them. */
  private Svg pins() {
    Svg over = new Svg();
    Map<String, Integer> same = new HashMap<>();
    int no = 0;
    for (Finding f : sketch.findings()) {
      no++;
      if (f.where().isEmpty() || f.at().isPresent()) {
        continue;
      }
      Point p = f.where().get();
      double x = sheet.x(p.z());
      double y = sheet.up(p.r());
      int n = same.merge(Math.round(x / 20) + "/" + Math.round(y / 20), 1, Integer::sum) - 1;
      boolean stop = f.grade() == Grade.STOP;
      double cy = y - 22 * n;
      labels.keepClear(x - 13, cy - 28, x + 32, cy + 13);
      over.open(
          "a",
          "href",
          "#finding-" + no,
          "class",
          "pin " + (stop ? "stop" : "watch"),
          "aria-label",
          "Finding " + no + ": " + f.verdict().title());
      over.empty("circle", "class", "pin-ring", "cx", x, "cy", cy, "r", 13);
      over.path(
          "pin-mark",
          stop
              ? Svg.d("M", x + 8, cy - 26, "h20v20h-20z")
              : Svg.d("M", x + 18, cy - 28, "l12 22h-24z"));
      over.text("pin-number", x + 18, cy - 11, Integer.toString(no)).close("a");
    }
    return over;
  }
}
