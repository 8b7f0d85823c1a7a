package hazelkeep.web.drawing;

import hazelkeep.hold.Hold;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.Work;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.route.Act;
import hazelkeep.route.Approach;
import hazelkeep.route.Stage;
import hazelkeep.setout.HandCut;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Polyline;
import hazelkeep.wood.Body;
import hazelkeep.wood.Layer;
import hazelkeep.wood.Part;
import hazelkeep.wood.Strip;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The stock as it is at a step, how it is held, and what the step takes off. */
public final class StageDrawing {
  private static final double LARGE_WIDE = 700;
  private static final double LARGE_TALL = 400;

  /** How broad wood is opened along a tool's way, of its mean depth to both sides. */
  private static final double BROAD = 3.2;

  private static final double WANTED_DIGIT = 15.5;

  private final Plan<?> plan;
  private final Stage stage;
  private final Hold hold;
  private final Work before;
  private final Reel reel;
  private final Sheet sheet;
  private final Svg svg = new Svg();
  private final String id;

  private StageDrawing(Plan<?> plan, Stage stage, Reel reel, String id) {
    this.plan = plan;
    this.stage = stage;
    this.hold = stage.setup().hold();
    this.before = stage.mounted();
    this.reel = reel;
    this.sheet = reel.sheet();
    this.id = id + stage.step().key().path().replaceAll("[^a-z0-9]+", "-");
  }

  /** A stage for the film strip, as every picture of the route is laid out. */
  public static String card(Plan<?> plan, Stage stage, Reel reel) {
    return new StageDrawing(plan, stage, reel, "").draw("stage-drawing", Told.NOTHING, List.of());
  }

  /** A stage large, with the tools that do it as they come in. */
  public static String film(Plan<?> plan, Stage stage, Reel reel) {
    List<Approach> ways =
        plan.rehearsal().approaches(stage, plan.shop()).stream()
            .filter(a -> !a.lies().isEmpty())
            .toList();
    return new StageDrawing(plan, stage, reel, "film-").draw("stage-drawing", Told.NOTHING, ways);
  }

  /**
   * What a large drawing tells.
   *
   * @param measured the dimension that is to be measured; may be null
   * @param rows how the step is set out
   * @param picked the row that is looked at; 0 for none
   * @param hand the cut at hand, whose numbers alone are told then; empty for all of the rows
   * @param show how numbers are written
   */
  public record Told(
      DimKey measured, List<CutRow> rows, int picked, Optional<HandCut> hand, Show show) {
    static final Told NOTHING = new Told(null, List.of(), 0, Optional.empty(), null);
  }

  /** A stage as large as the bench screen lets it be, with its numbers. */
  public static String large(Plan<?> plan, Stage stage, Told told) {
    return new StageDrawing(plan, stage, Reel.of(stage, LARGE_WIDE, LARGE_TALL), "")
        .draw("stage-drawing large", told, List.of());
  }

  private String draw(String css, Told told, List<Approach> ways) {
    double width = reel.width();
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
    String wood = wood().values().stream().findFirst().map(WoodColour::of).orElse(WoodColour.INLAY);
    wood()
        .forEach(
            (h, of) -> {
              svg.region("wood", sheet.both(h), WoodColour.of(of));
              svg.region("grain", sheet.both(h), "url(#grain-" + id + ")");
            });
    strips();
    letIn().forEach(h -> svg.path("inlay", sheet.both(h)));
    holes();
    gone(wood, ways);
    for (Polyline line : worked()) {
      svg.path("worked", sheet.above(line) + sheet.below(line));
    }
    svg.line("axis", 0, sheet.axis(), width, sheet.axis());
    ways.forEach(new ToolDrawing(svg, sheet)::draw);
    if (curve) {
      StiffnessDrawing.draw(svg, stage, sheet, 2 * sheet.axis(), width);
    }
    svg.close("svg");
    Sheet below = new Sheet(sheet.left(), sheet.axis() + strip, sheet.scale());
    new SetOutDrawing(svg, below, told.show, width).draw(told, height);
    if (told.measured != null) {
      svg.open("g", "transform", "translate(0 " + Svg.n(strip) + ")");
      measure(told.measured, told.show, width);
      svg.close("g");
    }
    return svg.close("svg").toString();
  }

  /** What goes: hatched, and on film as the wood that it still is, opened along the tools' ways. */
  private void gone(String wood, List<Approach> ways) {
    Set<HalfSection> gone = new LinkedHashSet<>(stage.removed().values());
    if (!ways.isEmpty()) {
      opening(gone, ways);
      svg.open("g", "mask", "url(#open-" + id + ")");
      gone.forEach(h -> svg.region("going", sheet.both(h), wood));
    }
    gone.forEach(h -> svg.region("cut", sheet.both(h), "url(#cut-" + id + ")"));
    if (!ways.isEmpty()) {
      svg.close("g");
    }
  }

  /** All is shown but what the tools have passed: as broad as what they take is deep. */
  private void opening(Set<HalfSection> gone, List<Approach> ways) {
    ToolDrawing tools = new ToolDrawing(svg, sheet);
    double area = gone.stream().mapToDouble(HalfSection::area).sum();
    double length = ways.stream().mapToDouble(StageDrawing::length).sum();
    double broad = BROAD * area / Math.max(1, length) * sheet.scale();
    svg.open("defs").open("mask", "id", "open-" + id, "maskUnits", "userSpaceOnUse");
    svg.empty("rect", "class", "mask-all", "width", "100%", "height", "100%");
    for (Approach a : ways) {
      for (int side = -1; side <= 1; side += 2) {
        svg.empty("path", "class", "opened", "d", tools.way(a, side), "stroke-width", broad);
      }
    }
    svg.close("mask").close("defs");
  }

  private static double length(Approach a) {
    double sum = 0;
    for (int i = 1; i < a.lies().size(); i++) {
      sum += a.lies().get(i - 1).nose().distance(a.lies().get(i).nose());
    }
    return sum;
  }

  /** What is there after the step, and its wood; what was parted off still lies where it was. */
  private Map<HalfSection, String> wood() {
    Map<HalfSection, String> out = new LinkedHashMap<>();
    for (Part p : plan.aim().parts()) {
      Frame f = stage.setup().frames().get(p.name());
      Optional<Body> body = stage.after().stock(p);
      if (f != null && body.isPresent()) {
        Body b = body.get();
        List<Layer.Of> of =
            plan.aim().own(p.name()).isPresent()
                ? List.of(new Layer.Of(b.sound(), b.wood()))
                : plan.sketch().woods(b.sound());
        of.forEach(w -> out.put(w.region().in(f), w.wood().name()));
      }
    }
    return out;
  }

  /** Boards that were glued in along the grain, where the section goes across them. */
  private void strips() {
    for (Part p : plan.aim().offBlank()) {
      Frame f = stage.setup().frames().get(p.name());
      Optional<Body> body = f == null ? Optional.empty() : stage.after().stock(p);
      for (Strip s : body.map(Body::strips).orElse(List.of())) {
        HalfSection wood = body.orElseThrow().sound();
        String in =
            sheet.above(wood.and(s.section(1)).in(f)) + sheet.below(wood.and(s.section(-1)).in(f));
        svg.region("wood", in, WoodColour.of(s.wood().name()));
        svg.region("grain", in, "url(#grain-" + id + ")");
      }
    }
  }

  private void holes() {
    for (Map.Entry<String, Body> e : stage.left().bodies().entrySet()) {
      Body b = e.getValue();
      Frame f = stage.left().frames().get(e.getKey());
      b.holes().forEach(h -> HoleDrawing.draw(svg, sheet, h.in(f), b.sound().in(f)));
    }
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

  /** The surfaces that the step sands, coats or glues. */
  private List<Polyline> worked() {
    List<Polyline> out = new ArrayList<>();
    for (Act a : stage.step().acts()) {
      SurfaceId on =
          a instanceof Act.Sand s
              ? s.on()
              : a instanceof Act.Coat c ? c.on() : a instanceof Act.Glue g ? g.on() : null;
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
      y = sheet.up(0.25 * sheet.axis() / sheet.scale());
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
}
