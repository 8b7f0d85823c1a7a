package hazelkeep.web.drawing;

import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.Work;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Stage;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The stock as it is at a step, how it is held, and what the step takes off. */
public final class StageDrawing {
  /** Room for jaws behind the work, and for the tail centre in front of it, mm. */
  private static final double BEHIND = 42;

  private static final double TAIL = 34;

  /** Room round the jaws, mm. */
  private static final double JAWS = 52;

  private static final double LARGE_WIDE = 700;
  private static final double LARGE_TALL = 400;

  /** What is shown beside the work of jaws and air on a large drawing, mm. */
  private static final double BESIDE = 10;

  /** The least radius that a large drawing shows, mm. */
  private static final double LARGE_LEAST = 24;

  private static final double WANTED_DIGIT = 15.5;

  private final Plan<?> plan;
  private final Stage stage;
  private final Hold hold;
  private final Work before;
  private final double scale;
  private final double lo;
  private final double hi;
  private final Sheet sheet;
  private final Svg svg = new Svg();
  private final String id;

  private StageDrawing(Plan<?> plan, Stage stage, double scale, double radius) {
    this.plan = plan;
    this.stage = stage;
    this.hold = stage.setup().hold();
    this.before = stage.mounted();
    this.scale = scale;
    double[] ends = ends(stage);
    this.lo = ends[0];
    this.hi = ends[1];
    this.sheet = new Sheet(-lo * scale, radius * scale + 4, scale);
    this.id = stage.step().key().path().replaceAll("[^a-z0-9]+", "-");
  }

  /**
   * A stage for the film strip.
   *
   * @param scale sheet units to the mm, one for the whole route
   * @param radius the largest radius of the route, mm, so that all share the line of the axis
   */
  public static String card(Plan<?> plan, Stage stage, double scale, double radius) {
    return new StageDrawing(plan, stage, scale, radius).draw("stage-drawing", Told.NOTHING);
  }

  /**
   * What a large drawing tells.
   *
   * @param measured the dimension that is to be measured; may be null
   * @param rows how the step is set out
   * @param picked the row that is looked at; 0 for none
   * @param show how numbers are written
   */
  public record Told(DimKey measured, List<CutRow> rows, int picked, Show show) {
    static final Told NOTHING = new Told(null, List.of(), 0, null);
  }

  /** A stage as large as the bench screen lets it be, with its numbers. */
  public static String large(Plan<?> plan, Stage stage, Told told) {
    double[] ends = ends(stage);
    // Jaws are cut off where they stand far out beside slim work: the work is what is looked at.
    double radius = Math.max(LARGE_LEAST, stage.mounted().radius() + BESIDE);
    double scale = Math.min(LARGE_WIDE / (ends[1] - ends[0]), LARGE_TALL / (2 * radius));
    return new StageDrawing(plan, stage, scale, radius).draw("stage-drawing large", told);
  }

  /** Where the picture begins and ends along the setup, mm. */
  private static double[] ends(Stage stage) {
    Hold hold = stage.setup().hold();
    Work work = stage.mounted();
    boolean centres = hold.grip() instanceof Centres;
    double lo = centres ? -TAIL : hold.onLathe() ? -BEHIND : 0;
    double hi = 0;
    for (String p : work.parts().keySet()) {
      HalfSection h = work.swept(p);
      if (!h.isEmpty()) {
        hi = Math.max(hi, h.maxZ());
        lo = centres ? lo : Math.min(lo, h.minZ() - 2);
      }
    }
    return new double[] {lo, hi + (centres || hold.tail().isPresent() ? TAIL : 8)};
  }

  private String draw(String css, Told told) {
    double width = (hi - lo) * scale;
    boolean curve = told.show == null && stage.stiffBefore().known();
    double strip = told.rows.isEmpty() ? 0 : SetOutDrawing.STRIP;
    double height = 2 * sheet.axis() + 2 * strip + (curve ? StiffnessDrawing.TALL : 0);
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", width, height),
        "width",
        width,
        "height",
        height,
        "class",
        css,
        "role",
        "img",
        "aria-label",
        stage.step().title() + ", " + stage.setup().title());
    svg.open("defs")
        .pattern("cut-" + id, 7, 7, "rotate(45)", "cut", "M0 0v7")
        .pattern("grain-" + id, 50, 11, null, null, "M2 2.5h28M36 6h12M8 9h32")
        .close("defs");
    svg.open("svg", "y", strip, "width", width, "height", height - 2 * strip);
    for (HalfSection f : hold.fixtures(before, plan.shop())) {
      boolean waste = hold.grip() instanceof JamChuck && f.minZ() < -1 && f.minR() == 0;
      svg.path(waste ? "jam-chuck" : "iron", sheet.both(f));
    }
    String wood = WoodColour.of(plan.design().species());
    for (HalfSection h : wood()) {
      svg.region("wood", sheet.both(h), wood);
      svg.region("grain", sheet.both(h), "url(#grain-" + id + ")");
    }
    letIn().forEach(h -> svg.path("inlay", sheet.both(h)));
    Set<HalfSection> gone = new LinkedHashSet<>(stage.removed().values());
    gone.forEach(h -> svg.region("cut", sheet.both(h), "url(#cut-" + id + ")"));
    for (Polyline line : worked()) {
      svg.path("worked", sheet.above(line) + sheet.below(line));
    }
    svg.line("axis", 0, sheet.axis(), width, sheet.axis());
    if (curve) {
      StiffnessDrawing.draw(svg, stage, sheet, 2 * sheet.axis(), width);
    }
    svg.close("svg");
    Sheet below = new Sheet(sheet.left(), sheet.axis() + strip, sheet.scale());
    new SetOutDrawing(svg, below, told.show, width).draw(told.rows, told.picked, height);
    if (told.measured != null) {
      svg.open("g", "transform", "translate(0 " + Svg.n(strip) + ")");
      measure(told.measured, told.show, width);
      svg.close("g");
    }
    return svg.close("svg").toString();
  }

  /** The wood after the step; what a parting cut sets off still lies where it was. */
  private Set<HalfSection> wood() {
    Set<HalfSection> out = new LinkedHashSet<>();
    for (Part p : plan.aim().parts()) {
      Frame f = stage.setup().frames().get(p.name());
      Optional<Body> body = stage.after().stock(p);
      if (f != null && body.isPresent()) {
        out.add(body.get().sound().in(f));
      }
    }
    return out;
  }

  /** What the step lets in, as it is once it is level. */
  private List<HalfSection> letIn() {
    List<HalfSection> out = new ArrayList<>();
    for (Act a : stage.step().acts()) {
      if (a instanceof Act.LetIn l && stage.setup().frames().containsKey(l.part())) {
        HalfSection level = l.region().and(plan.aim().part(l.part()).target());
        out.add(level.in(stage.setup().frames().get(l.part())));
      }
    }
    return out;
  }

  /** The surfaces that the step sands or coats. */
  private List<Polyline> worked() {
    List<Polyline> out = new ArrayList<>();
    for (Act a : stage.step().acts()) {
      SurfaceId on = a instanceof Act.Sand s ? s.on() : a instanceof Act.Coat c ? c.on() : null;
      Frame f = on == null ? null : stage.setup().frames().get(on.part());
      if (f != null) {
        out.add(plan.aim().surface(on).line().in(f));
      }
    }
    return out;
  }

  /** The size that is wanted, on the work itself. */
  private void measure(DimKey key, Show show, double width) {
    Optional<Measure> found =
        plan.sketch().measures().stream().filter(m -> m.key().equals(key)).findFirst();
    Frame frame = found.map(m -> stage.setup().frames().get(m.part())).orElse(null);
    if (frame == null) {
      return;
    }
    Measure m = found.get();
    Dim dim = plan.aim().dims().get(key);
    double x0 = sheet.x(frame.x(m.from().z()));
    double x1 = sheet.x(frame.x(m.to().z()));
    boolean across = m.kind() == Measure.Kind.INSIDE || m.kind() == Measure.Kind.OUTSIDE;
    double y = sheet.axis();
    if (across) {
      double up = sheet.up(m.to().r());
      double down = sheet.down(m.to().r());
      svg.path(
          "wanted-line", Svg.d("M", x0 - 10, up, "h20M", x0 - 10, down, "h20M", x0, up, "V", down));
    } else {
      y = sheet.up(0.25 * sheet.axis() / scale);
      svg.path("wanted-line", Svg.d("M", x0, y - 10, "v20M", x1, y - 10, "v20M", x0, y, "H", x1));
    }
    String text = (across ? "⌀ " : "") + show.number(dim, dim.due().mm());
    double w = text.length() * WANTED_DIGIT + 22;
    double mid = across ? x0 : (x0 + x1) / 2;
    double cx = Math.max(w / 2 + 2, Math.min(width - w / 2 - 2, mid));
    double cy = across ? y - 44 : y - 36;
    svg.empty(
        "rect",
        "class",
        "wanted-box",
        "x",
        cx - w / 2,
        "y",
        cy - 20,
        "width",
        w,
        "height",
        40,
        "rx",
        9);
    svg.text("wanted-text", cx, cy + 9, text);
  }

  /** The scale at which every stage of a route fits a card of that width. */
  public static double scale(Plan<?> plan, double cardWidth) {
    double longest = plan.aim().mm("blank.length") + 2 * TAIL;
    return Math.min(cardWidth / longest, 130 / (2 * radius(plan)));
  }

  /** The largest radius that a route shows, mm. */
  public static double radius(Plan<?> plan) {
    return Math.max(plan.aim().blank().swept().maxR(), JAWS - 4) + 1;
  }
}
