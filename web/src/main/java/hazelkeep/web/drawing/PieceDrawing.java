package hazelkeep.web.drawing;

import hazelkeep.measure.Dim;
import hazelkeep.measure.Grade;
import hazelkeep.piece.Design;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.piece.StickPiece;
import hazelkeep.route.Finding;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.web.drawing.Svg.Sheet;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The piece in its blank, headstock left: section above the axis, outside below, the stick to the
 * same scale under it. Sizes on the drawing are input fields.
 */
public final class PieceDrawing {
  private static final double WIDTH = 840;
  private static final double MARGIN = 26;
  private static final double TOP = 78;
  private static final double TALL = 330;
  private static final double LABEL = 25;

  private static final Map<String, String> SHORT =
      Map.ofEntries(
          Map.entry("body.height", "body"),
          Map.entry("lid.height", "lid"),
          Map.entry("joint.length", "spigot"),
          Map.entry("outside.diameter", "⌀"),
          Map.entry("outside.foot", "⌀ foot"),
          Map.entry("spigot.diameter", "⌀ spigot"),
          Map.entry("inside.diameter", "⌀ inside"),
          Map.entry("recess.diameter", "⌀ recess"),
          Map.entry("inside.depth", "deep"),
          Map.entry("lid.depth", "deep"),
          Map.entry("body.floor", "floor"));

  /**
   * Something typed that was refused.
   *
   * @param key the size
   * @param typed what was typed
   */
  public record Refused(String key, String typed) {}

  private final Plan<?> plan;
  private final Show show;
  private final Refused refused;
  private final Sheet sheet;
  private final Svg svg = new Svg();
  private final List<double[]> taken = new ArrayList<>();
  private final double radius;
  private final double length;

  private PieceDrawing(Plan<?> plan, Show show, Refused refused) {
    this.plan = plan;
    this.show = show;
    this.refused = refused;
    this.length = Math.max(plan.aim().mm("blank.length"), plan.aim().mm("stick.need"));
    this.radius = Math.max(plan.aim().mm("blank.across") / 2, widest());
    double scale = Math.min((WIDTH - 2 * MARGIN) / length, TALL / (2 * radius));
    double left = (WIDTH - length * scale) / 2;
    this.sheet = new Sheet(left, TOP + radius * scale, scale);
  }

  /** The drawing with its stick. */
  public static String of(Plan<?> plan, Show show, Refused refused) {
    return new PieceDrawing(plan, show, refused).draw();
  }

  /** A small picture of the closed piece in its wood, for a card. */
  public static String card(Plan<?> plan, String species) {
    Svg svg = new Svg();
    double height = 0;
    double r = 0;
    List<HalfSection> parts = new ArrayList<>();
    for (Part p : plan.aim().parts()) {
      HalfSection closed = p.target().in(p.closed());
      parts.add(closed);
      height = Math.max(height, closed.maxZ());
      r = Math.max(r, closed.maxR());
    }
    double scale = Math.min(230 / height, 118 / (2 * r));
    Sheet sheet = new Sheet((250 - height * scale) / 2, 66, scale);
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
    for (HalfSection h : parts) {
      svg.empty(
          "path",
          "d",
          sheet.both(h),
          "fill",
          WoodColour.of(species),
          "class",
          "wood",
          "fill-rule",
          "evenodd");
    }
    svg.empty("line", "x1", 4, "x2", 246, "y1", 66, "y2", 66, "class", "axis");
    return svg.close("svg").toString();
  }

  private double widest() {
    return plan.aim().parts().stream().mapToDouble(p -> p.target().maxR()).max().orElse(10);
  }

  private String draw() {
    double bottom = sheet.down(radius);
    double stick = bottom + 44;
    double height = stick + 76;
    svg.open(
        "svg",
        "viewBox",
        "0 0 " + Svg.n(WIDTH) + " " + Svg.n(height),
        "class",
        "piece-drawing",
        "id",
        "drawing",
        "role",
        "group",
        "aria-label",
        "The piece in its blank, section above the axis, outside below",
        "data-left",
        sheet.left(),
        "data-axis",
        sheet.axis(),
        "data-scale",
        sheet.scale());
    patterns();
    blank();
    for (Part p : plan.aim().parts()) {
      part(p);
    }
    svg.empty(
        "line",
        "x1",
        sheet.x(0) - 20,
        "x2",
        sheet.x(length) + 20,
        "y1",
        sheet.axis(),
        "y2",
        sheet.axis(),
        "class",
        "axis");
    stick(stick);
    for (Handle h : handles(plan)) {
      double x = sheet.x(h.at().z());
      double y = sheet.up(h.at().r());
      taken.add(new double[] {x - 8, y - 8, x + 8, y + 8});
    }
    measures();
    handles();
    pins();
    return svg.close("svg").toString();
  }

  private void patterns() {
    svg.open("defs")
        .open(
            "pattern",
            "id",
            "waste",
            "width",
            9,
            "height",
            9,
            "patternUnits",
            "userSpaceOnUse",
            "patternTransform",
            "rotate(45)")
        .empty("rect", "width", 9, "height", 9, "class", "waste-ground")
        .empty("line", "x1", 0, "x2", 0, "y1", 0, "y2", 9, "class", "waste-line")
        .close("pattern")
        .open("pattern", "id", "grain", "width", 64, "height", 13, "patternUnits", "userSpaceOnUse")
        .empty("path", "d", "M2 3h34M44 6.5h18M10 10h40", "class", "grain-line")
        .close("pattern")
        .close("defs");
  }

  private void blank() {
    double x0 = sheet.x(0);
    double x1 = sheet.x(plan.aim().mm("blank.length"));
    double r = plan.aim().mm("blank.across") / 2;
    svg.empty(
        "rect",
        "x",
        x0,
        "y",
        sheet.up(r),
        "width",
        x1 - x0,
        "height",
        2 * r * sheet.scale(),
        "class",
        "blank",
        "fill",
        "url(#waste)");
    for (Part p : plan.aim().parts()) {
      HalfSection tenon = p.stub("tenon").region();
      svg.empty("path", "d", sheet.both(tenon), "class", "tenon");
    }
  }

  private void part(Part p) {
    String wood = WoodColour.of(species());
    StringBuilder cavity = new StringBuilder();
    StringBuilder hull = new StringBuilder(sheet.below(p.target()));
    for (Surface s : p.surfaces()) {
      if (s.inside()) {
        cavity.append(sheet.above(s.zone()));
        hull.append(sheet.below(s.zone()));
      }
    }
    svg.empty("path", "d", cavity.toString(), "class", "hollow");
    svg.empty("path", "d", hull.toString(), "fill", wood, "class", "outside");
    svg.empty("path", "d", hull.toString(), "fill", "url(#grain)", "class", "outside-grain");
    String target = sheet.above(p.target());
    svg.empty("path", "d", target, "fill", wood, "class", "wood", "fill-rule", "evenodd");
    svg.empty("path", "d", target, "fill", "url(#grain)", "fill-rule", "evenodd", "class", "grain");
    for (Surface s : p.surfaces()) {
      if (!s.inside()) {
        Polyline line = s.line();
        svg.empty("path", "d", sheet.below(line), "class", "edge");
        // Where the outline turns a corner the eye sees an edge right across.
        Point corner = line.last();
        if (corner.r() > 0.5) {
          svg.empty(
              "line",
              "x1",
              sheet.x(corner.z()),
              "x2",
              sheet.x(corner.z()),
              "y1",
              sheet.axis(),
              "y2",
              sheet.down(corner.r()),
              "class",
              "corner");
        }
      }
    }
  }

  private String species() {
    return speciesOf(plan);
  }

  /** The wood a plan is drawn in; plain where its kind names none. */
  public static String speciesOf(Plan<?> plan) {
    return plan.design() instanceof hazelkeep.piece.box.LiddedBox b ? b.species() : "";
  }

  private void stick(double y) {
    double h = 26;
    List<StickPiece> run = new ArrayList<>();
    double[] ends = {-100, -100, -100};
    for (StickPiece s : stickPieces()) {
      double x0 = sheet.x(s.from());
      double x1 = sheet.x(s.to());
      svg.empty(
          "line", "x1", x0, "x2", x0, "y1", sheet.down(radius) + 4, "y2", y, "class", "guide");
      svg.empty(
          "rect",
          "x",
          x0,
          "y",
          y,
          "width",
          Math.max(0, x1 - x0),
          "height",
          h,
          "fill",
          s.kept() ? WoodColour.of(species()) : "none",
          "class",
          s.kept() ? "stick-kept" : "stick-waste");
      double mid = (x0 + x1) / 2;
      String value = show.bare(s.length());
      boolean roomy = x1 - x0 > Math.max(value.length() * 7.6, s.label().length() * 6.4) + 2;
      if (roomy) {
        names(run, y + h, ends);
        svg.textIn("text", value, "x", mid, "y", y + 18, "class", "stick-number");
        svg.textIn("text", s.label(), "x", mid, "y", y + h + 15, "class", "stick-label");
        ends[0] = Math.max(ends[0], mid + s.label().length() * 3.2);
      } else if (s.length() > 0) {
        run.add(s);
      }
    }
    names(run, y + h, ends);
    svg.empty(
        "line",
        "x1",
        sheet.x(length),
        "x2",
        sheet.x(length),
        "y1",
        sheet.down(radius) + 4,
        "y2",
        y,
        "class",
        "guide");
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
            .collect(java.util.stream.Collectors.joining(", "));
    double half = text.length() * 3.1;
    double at = Math.max(half + 2, Math.min(WIDTH - half - 2, mid));
    int row = 1;
    while (row < ends.length - 1 && at - half < ends[row] + 8) {
      row++;
    }
    ends[row] = at + half;
    double base = y + 15 + 15 * row;
    svg.empty("line", "x1", mid, "x2", mid, "y1", y, "y2", base - 11, "class", "guide");
    svg.textIn("text", text, "x", at, "y", base, "class", "stick-label small");
    run.clear();
  }

  private List<StickPiece> stickPieces() {
    return stick(plan);
  }

  private static <D extends Design> List<StickPiece> stick(Plan<D> p) {
    return p.kind().stick(p.design(), p.aim().dims());
  }

  private static <D extends Design> List<Measure> measures(Plan<D> p) {
    return p.kind().measures(p.design(), p.aim());
  }

  private static <D extends Design> List<Handle> handles(Plan<D> p) {
    return p.kind().handles(p.design(), p.aim());
  }

  /** The dimension lines of a plan. */
  static List<Measure> measuresOf(Plan<?> p) {
    return measures(p);
  }

  private void measures() {
    List<Measure> all = measures(plan);
    double row = 0;
    double lastEnd = -1000;
    for (Measure m : all) {
      Dim d = plan.aim().dims().get(m.key());
      String words =
          SHORT.getOrDefault(m.key().path(), d.label().toLowerCase(java.util.Locale.ROOT));
      double w = width(words, d);
      double x0 = sheet.x(m.from().z());
      double x1 = sheet.x(m.to().z());
      switch (m.kind()) {
        case LENGTH -> {
          double mid = (x0 + x1) / 2;
          row = mid - w / 2 < lastEnd + 6 ? 1 - row : 0;
          double y = TOP - 22 - 28 * row;
          lastEnd = Math.max(lastEnd, mid + w / 2);
          svg.empty(
              "path",
              "d",
              "M"
                  + Svg.n(x0)
                  + " "
                  + Svg.n(y - 5)
                  + "v10M"
                  + Svg.n(x1)
                  + " "
                  + Svg.n(y - 5)
                  + "v10M"
                  + Svg.n(x0)
                  + " "
                  + Svg.n(y)
                  + "H"
                  + Svg.n(x1),
              "class",
              "dim-line");
          label(d, words, mid, y, w);
        }
        case INSIDE, OUTSIDE -> {
          boolean in = m.kind() == Measure.Kind.INSIDE;
          double x = x0;
          double r = m.to().r();
          double[] at =
              free(
                  x,
                  w,
                  in ? sheet.up(r * 0.5) : sheet.down(r * 0.55),
                  in ? sheet.up(r * 0.8) : sheet.down(r * 0.85),
                  in ? sheet.up(r * 0.25) : sheet.down(r * 0.25),
                  in ? sheet.up(r + 6) : sheet.down(r) + 10);
          svg.empty(
              "path",
              "d",
              "M"
                  + Svg.n(x)
                  + " "
                  + Svg.n(sheet.axis())
                  + "V"
                  + Svg.n(in ? sheet.up(r) : sheet.down(r)),
              "class",
              "dim-line");
          label(d, words, at[0], at[1], w);
        }
        case DEPTH -> {
          double mid = (x0 + x1) / 2;
          double[] at =
              free(mid, w, sheet.up(6), sheet.up(12), sheet.up(18), sheet.up(24), sheet.up(30));
          svg.empty(
              "path",
              "d",
              "M"
                  + Svg.n(x0)
                  + " "
                  + Svg.n(at[1] - 5)
                  + "v10M"
                  + Svg.n(x1)
                  + " "
                  + Svg.n(at[1] - 5)
                  + "v10M"
                  + Svg.n(x0)
                  + " "
                  + Svg.n(at[1])
                  + "H"
                  + Svg.n(x1),
              "class",
              "dim-line");
          label(d, words, at[0], at[1], w);
        }
        default -> throw new IllegalStateException();
      }
    }
  }

  private double width(String words, Dim d) {
    return 7.0 * words.length() + 8.2 * Math.max(4, text(d).length()) + 18;
  }

  private String text(Dim d) {
    return refused != null && refused.key().equals(d.key().path())
        ? refused.typed()
        : show.value(d, plan.aim());
  }

  /** The first place where a label lies on no other; beside the line when all are taken. */
  private double[] free(double x, double w, double... ys) {
    for (double dx : new double[] {0, w * 0.3, -w * 0.3, w * 0.6, -w * 0.6}) {
      for (double y : ys) {
        double[] box = {x + dx - w / 2, y - LABEL / 2, x + dx + w / 2, y + LABEL / 2};
        boolean inside = box[0] > 2 && box[2] < WIDTH - 2;
        if (inside && taken.stream().noneMatch(t -> meets(t, box))) {
          return new double[] {x + dx, y};
        }
      }
    }
    return new double[] {Math.max(w / 2 + 2, Math.min(WIDTH - w / 2 - 2, x)), ys[0]};
  }

  private static boolean meets(double[] a, double[] b) {
    return a[0] < b[2] + 3 && b[0] < a[2] + 3 && a[1] < b[3] + 3 && b[1] < a[3] + 3;
  }

  private void label(Dim d, String words, double x, double y, double w) {
    double left = Math.max(2, Math.min(WIDTH - w - 2, x - w / 2));
    taken.add(new double[] {left, y - LABEL / 2, left + w, y + LABEL / 2});
    String key = d.key().path();
    boolean bad = refused != null && refused.key().equals(key);
    String origin = d.origin().name().toLowerCase(java.util.Locale.ROOT);
    String said = d.label() + ", " + d.origin().words() + ": " + d.reason();
    svg.open("foreignObject", "x", left, "y", y - LABEL / 2, "width", w, "height", LABEL);
    svg.open(
        "label",
        "class",
        "dim " + origin + (bad ? " refused" : ""),
        "title",
        said + " · " + show.other(d.key(), d.mm(), plan.aim()));
    svg.textIn("span", words);
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
        Math.max(3, text(d).length()),
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

  private void handles() {
    for (Handle h : handles(plan)) {
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
          h.at().z(),
          "data-r",
          h.at().r(),
          "tabindex",
          0,
          "role",
          "slider",
          "aria-label",
          "Shape: " + h.label(),
          "aria-valuenow",
          Svg.n(h.across() ? 2 * h.at().r() : h.at().z()),
          "aria-valuetext",
          show.len(h.across() ? 2 * h.at().r() : h.at().z()));
    }
  }

  private void pins() {
    Map<String, Integer> same = new HashMap<>();
    int no = 0;
    for (Finding f : plan.findings()) {
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
      svg.open(
          "a",
          "href",
          "#finding-" + no,
          "class",
          "pin " + (stop ? "stop" : "watch"),
          "aria-label",
          "Finding " + no + ": " + f.verdict().title());
      svg.empty("circle", "cx", x, "cy", y, "r", 13, "class", "pin-ring");
      svg.empty(
          "path",
          "d",
          stop
              ? "M" + Svg.n(x + 8) + " " + Svg.n(cy - 26) + "h20v20h-20z"
              : "M" + Svg.n(x + 18) + " " + Svg.n(cy - 28) + "l12 22h-24z",
          "class",
          "pin-mark");
      svg.textIn("text", Integer.toString(no), "x", x + 18, "y", cy - 11, "class", "pin-number");
      svg.close("a");
    }
  }
}
