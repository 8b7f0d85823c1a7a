package hazelkeep.web.drawing;

import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.Work;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.web.drawing.Svg.Sheet;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The stock as it is at a step, how it is held, and what the step takes off. */
public final class StageDrawing {
  private static final double BEHIND = 42;
  private static final double TAIL = 34;

  private StageDrawing() {}

  /**
   * A stage for the film strip.
   *
   * @param scale sheet units to the mm, one for the whole route
   * @param radius the largest radius of the route, mm, so that all share the line of the axis
   */
  public static String card(Plan<?> plan, Stage stage, double scale, double radius) {
    return draw(plan, stage, scale, radius, null, "stage-drawing");
  }

  /** A stage as large as the bench screen lets it be, with the dimension that is to be measured. */
  public static String large(Plan<?> plan, Stage stage, DimKey measured, Show show) {
    Work work = stage.mounted();
    double radius = 10;
    double lo = -BEHIND;
    double hi = 10;
    for (String p : work.parts().keySet()) {
      HalfSection h = work.swept(p);
      if (!h.isEmpty()) {
        radius = Math.max(radius, h.maxR());
        hi = Math.max(hi, h.maxZ());
        lo = Math.min(lo, h.minZ() - 4);
      }
    }
    double tail = hasTail(stage) ? TAIL : 8;
    double scale = Math.min(700 / (hi - lo + tail), 540 / (2 * Math.max(radius + 6, 52)));
    return draw(
        plan,
        stage,
        scale,
        Math.max(radius + 6, 52),
        new Wanted(measured, show),
        "stage-drawing large");
  }

  private record Wanted(DimKey key, Show show) {}

  private static boolean hasTail(Stage s) {
    return s.setup().hold().tail().isPresent() || s.setup().hold().grip() instanceof Grip.Centres;
  }

  private static String draw(
      Plan<?> plan, Stage stage, double scale, double radius, Wanted wanted, String css) {
    Shop shop = plan.shop();
    Work before = stage.mounted();
    Work after = stage.left();
    Hold hold = stage.setup().hold();
    boolean centres = hold.grip() instanceof Grip.Centres;
    double lo = hold.onLathe() ? -BEHIND : 0;
    double hi = 0;
    for (String p : before.parts().keySet()) {
      HalfSection h = before.swept(p);
      if (!h.isEmpty()) {
        hi = Math.max(hi, h.maxZ());
        lo =
            centres || !hold.onLathe()
                ? Math.min(lo, h.minZ() - (centres ? TAIL : 4))
                : Math.min(lo, h.minZ() - 2);
      }
    }
    lo = centres ? -TAIL : lo;
    hi += hasTail(stage) ? TAIL : 8;
    double width = (hi - lo) * scale;
    double height = 2 * radius * scale + 8;
    Sheet sheet = new Sheet(-lo * scale, height / 2, scale);
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        "0 0 " + Svg.n(width) + " " + Svg.n(height),
        "width",
        Svg.n(width),
        "height",
        Svg.n(height),
        "class",
        css,
        "role",
        "img",
        "aria-label",
        stage.step().title() + ", " + stage.setup().title());
    svg.open("defs")
        .open(
            "pattern",
            "id",
            "cut-" + id(stage),
            "width",
            7,
            "height",
            7,
            "patternUnits",
            "userSpaceOnUse",
            "patternTransform",
            "rotate(45)")
        .empty("rect", "width", 7, "height", 7, "class", "cut-ground")
        .empty("line", "x1", 0, "x2", 0, "y1", 0, "y2", 7, "class", "cut-line")
        .close("pattern")
        .open(
            "pattern",
            "id",
            "grain-" + id(stage),
            "width",
            50,
            "height",
            11,
            "patternUnits",
            "userSpaceOnUse")
        .empty("path", "d", "M2 2.5h28M36 6h12M8 9h32", "class", "grain-line")
        .close("pattern")
        .close("defs");
    String wood = WoodColour.of(PieceDrawing.speciesOf(plan));
    for (HalfSection f : hold.fixtures(before, shop)) {
      svg.empty(
          "path",
          "d",
          sheet.both(f),
          "class",
          hold.grip() instanceof Grip.JamChuck && f.minZ() < -1 && f.minR() == 0
              ? "jam-chuck"
              : "iron");
    }
    Set<HalfSection> drawn = new LinkedHashSet<>();
    for (String p : after.parts().keySet()) {
      HalfSection h = after.sound(p);
      if (!h.isEmpty() && drawn.add(h)) {
        svg.empty(
            "path", "d", sheet.both(h), "fill", wood, "fill-rule", "evenodd", "class", "wood");
        svg.empty(
            "path",
            "d",
            sheet.both(h),
            "fill",
            "url(#grain-" + id(stage) + ")",
            "fill-rule",
            "evenodd",
            "class",
            "grain");
      }
    }
    partedOff(plan, stage, sheet, svg, wood);
    Set<HalfSection> gone = new LinkedHashSet<>(stage.removed().values());
    for (HalfSection h : gone) {
      svg.empty(
          "path",
          "d",
          sheet.both(h),
          "fill",
          "url(#cut-" + id(stage) + ")",
          "class",
          "cut",
          "fill-rule",
          "evenodd");
    }
    for (Polyline line : worked(plan, stage)) {
      svg.empty("path", "d", sheet.above(line) + sheet.below(line), "class", "worked");
    }
    svg.empty(
        "line", "x1", 0, "x2", width, "y1", sheet.axis(), "y2", sheet.axis(), "class", "axis");
    if (wanted != null && wanted.key() != null) {
      measure(plan, stage, sheet, svg, wanted, width);
    }
    return svg.close("svg").toString();
  }

  private static String id(Stage s) {
    return s.step().key().path().replaceAll("[^a-z0-9]+", "-");
  }

  /** What came off in a parting cut is still shown, set apart by nothing but its kerf. */
  private static void partedOff(Plan<?> plan, Stage stage, Sheet sheet, Svg svg, String wood) {
    boolean parts =
        stage.step().acts().stream()
            .anyMatch(a -> a instanceof Act.Remove r && !r.claims().isEmpty());
    if (!parts) {
      return;
    }
    for (Part p : plan.aim().parts()) {
      Frame f = stage.setup().frames().get(p.name());
      if (f != null) {
        stage
            .after()
            .stock(p)
            .ifPresent(
                b ->
                    svg.empty(
                        "path",
                        "d",
                        sheet.both(b.sound().in(f)),
                        "fill",
                        wood,
                        "fill-rule",
                        "evenodd",
                        "class",
                        "wood"));
      }
    }
  }

  private static List<Polyline> worked(Plan<?> plan, Stage stage) {
    List<Polyline> out = new ArrayList<>();
    for (Act a : stage.step().acts()) {
      SurfaceId id = a instanceof Act.Sand s ? s.on() : a instanceof Act.Coat c ? c.on() : null;
      if (id != null && stage.setup().frames().containsKey(id.part())) {
        Surface s = plan.aim().surface(id);
        out.add(s.line().in(stage.setup().frames().get(id.part())));
      }
    }
    return out;
  }

  private static void measure(
      Plan<?> plan, Stage stage, Sheet sheet, Svg svg, Wanted wanted, double width) {
    Dim dim = plan.aim().dims().get(wanted.key());
    Measure m = null;
    for (Measure x : PieceDrawing.measuresOf(plan)) {
      if (x.key().equals(wanted.key())) {
        m = x;
      }
    }
    if (m == null) {
      return;
    }
    Frame frame = null;
    for (Map.Entry<String, Frame> e : stage.setup().frames().entrySet()) {
      HalfSection t = plan.aim().part(e.getKey()).target();
      if (m.from().z() >= t.minZ() - 1 && m.from().z() <= t.maxZ() + 1) {
        frame = e.getValue();
      }
    }
    if (frame == null) {
      return;
    }
    double x0 = sheet.x(frame.x(m.from().z()));
    double x1 = sheet.x(frame.x(m.to().z()));
    String text = wanted.show().number(dim.key(), dim.mm(), plan.aim());
    boolean across = m.kind() == Measure.Kind.INSIDE || m.kind() == Measure.Kind.OUTSIDE;
    double r = m.to().r();
    double y = sheet.axis();
    if (across) {
      svg.empty(
          "path",
          "d",
          "M"
              + Svg.n(x0 - 10)
              + " "
              + Svg.n(sheet.up(r))
              + "h20M"
              + Svg.n(x0 - 10)
              + " "
              + Svg.n(sheet.down(r))
              + "h20M"
              + Svg.n(x0)
              + " "
              + Svg.n(sheet.up(r))
              + "V"
              + Svg.n(sheet.down(r)),
          "class",
          "wanted-line");
      text = "⌀ " + text;
    } else {
      y = sheet.up(Math.min(14, 0.2 * 100 / sheet.scale()));
      svg.empty(
          "path",
          "d",
          "M"
              + Svg.n(x0)
              + " "
              + Svg.n(y - 10)
              + "v20M"
              + Svg.n(x1)
              + " "
              + Svg.n(y - 10)
              + "v20M"
              + Svg.n(x0)
              + " "
              + Svg.n(y)
              + "H"
              + Svg.n(x1),
          "class",
          "wanted-line");
    }
    double w = text.length() * 15.5 + 22;
    double cx = Math.max(w / 2 + 2, Math.min(width - w / 2 - 2, across ? x0 : (x0 + x1) / 2));
    double cy = across ? y - 44 : y - 34;
    svg.empty(
        "rect",
        "x",
        cx - w / 2,
        "y",
        cy - 20,
        "width",
        w,
        "height",
        40,
        "rx",
        9,
        "class",
        "wanted-box");
    svg.textIn("text", text, "x", cx, "y", cy + 9, "class", "wanted-text");
  }

  /** The scale at which every stage of a route fits a card of that width. */
  public static double scale(Plan<?> plan, double cardWidth) {
    double longest = plan.aim().mm("blank.length") + 2 * TAIL;
    return Math.min(cardWidth / longest, 130 / (2 * radius(plan)));
  }

  /** The largest radius that a route shows, mm. */
  public static double radius(Plan<?> plan) {
    double r = plan.aim().blank().swept().maxR();
    return Math.max(r, 48) + 1;
  }
}
