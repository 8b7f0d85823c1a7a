package hazelkeep.web.drawing;

import static hazelkeep.web.drawing.Board.WIDTH;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.piece.Billet;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.StockRules;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Layer;
import hazelkeep.wood.Part;
import hazelkeep.wood.Strip;
import hazelkeep.wood.Surface;
import java.util.List;

/**
 * The piece in its blank, headstock left: section above the axis, outside below, the stick to the
 * same scale under it. Sizes on the drawing are input fields.
 */
public final class PieceDrawing {
  private static final double MARGIN = 26;
  private static final double TOP = 78;
  private static final double TALL = 330;

  private static final double STICK_GAP = 40;

  /** Two lines closer than this can't be told apart, mm. */
  private static final double SEEN = 0.3;

  /**
   * Something typed that was refused.
   *
   * @param key the size
   * @param typed what was typed
   */
  public record NotTaken(String key, String typed) {}

  /**
   * A point on its way: the sheet lies still under it.
   *
   * @param handle the point
   * @param left where z = 0 lay on the sheet when it was taken up
   * @param axis where the axis lay
   * @param scale units of the sheet to the mm
   */
  public record Drag(String handle, Double left, Double axis, Double scale) {
    /** Nothing on a sheet lies further out, and no sheet is finer, than this. */
    private static final double FAR = 10_000;

    private boolean lies() {
      boolean all = handle != null && left != null && axis != null && scale != null;
      return all && Math.abs(left) < FAR && Math.abs(axis) < FAR && scale > 0 && scale < FAR;
    }
  }

  private final Sketch<?> sketch;
  private final NotTaken refused;
  private final String dragged;
  private final Sheet sheet;
  private final Labels labels;
  private final Svg svg = new Svg();
  private final Board on;
  private final String wood;
  private final double radius;
  private final double length;
  private final double height;

  private PieceDrawing(Sketch<?> sketch, Show show, NotTaken refused, Drag drag) {
    this.sketch = sketch;
    this.refused = refused;
    this.dragged = drag == null ? "" : drag.handle;
    this.wood = WoodColour.of(sketch.design().species());
    this.length = Math.max(mm(StockRules.LENGTH), mm(StockRules.NEED));
    this.radius = Math.max(mm(StockRules.ACROSS) / 2, widest(sketch));
    this.sheet = drag == null ? filled() : new Sheet(drag.left, drag.axis, drag.scale);
    this.height = sheet.down(radius) + STICK_GAP + StickDrawing.STICK + 52;
    this.labels = new Labels(WIDTH, sheet.down(radius) + STICK_GAP - 4);
    this.on = new Board(sketch, show, sheet, svg, labels);
  }

  /** As large as there is room. */
  private Sheet filled() {
    double before = GivenDrawing.before(sketch);
    double all = before + length + OffcutDrawing.room(sketch);
    double scale = Math.min((WIDTH - 2 * MARGIN) / all, TALL / (2 * radius));
    double left = (WIDTH - all * scale) / 2 + before * scale;
    return new Sheet(left, TOP + radius * scale, scale);
  }

  /**
   * The drawing with its stick.
   *
   * @param refused what was typed and refused; may be null
   */
  public static String of(Sketch<?> sketch, Show show, NotTaken refused) {
    return new PieceDrawing(sketch, show, refused, null).draw();
  }

  /**
   * The drawing while a point is dragged.
   *
   * @throws Refused when no sheet can lie as it says
   */
  public static String dragging(Sketch<?> sketch, Show show, Drag drag) {
    if (!drag.lies()) {
      throw new Refused(Sentences.of("pieceDrawing.no-drawing-lies-so"));
    }
    return new PieceDrawing(sketch, show, null, drag).draw();
  }

  /** A small picture of the closed piece in its wood, for a card. */
  public static String card(Sketch<?> sketch) {
    List<HalfSection> parts = sketch.aim().closed();
    double tall = parts.stream().mapToDouble(HalfSection::maxZ).max().orElse(1);
    double wide = parts.stream().mapToDouble(HalfSection::maxR).max().orElse(1);
    double scale = Math.min(230 / tall, 118 / (2 * wide));
    Sheet sheet = new Sheet((250 - tall * scale) / 2, 66, scale);
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
        Sentences.of("pieceDrawing.section-of-the-piece-lying"));
    for (Part p : sketch.aim().parts()) {
      String wood = WoodColour.of(sketch.aim(), p.name());
      svg.region("wood", sheet.both(p.target().in(p.closed())), wood);
    }
    return svg.line("axis", 4, 66, 246, 66).close("svg").toString();
  }

  private double mm(DimKey key) {
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
        Sentences.of("pieceDrawing.the-piece-in-its-blank"),
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
    PartDrawing of = new PartDrawing(svg, labels, sheet, wood);
    for (Part p : sketch.aim().offBlank()) {
      of.part(p);
      layers(p);
      strips(p);
    }
    new OffcutDrawing(on, length).draw();
    new GivenDrawing(on).draw();
    sketch.letIn().forEach(this::inlay);
    keep();
    holes();
    svg.line("axis", sheet.x(0) - 20, sheet.axis(), sheet.x(length) + 20, sheet.axis());
    labels.line(0, sheet.axis(), WIDTH, sheet.axis());
    double under = sheet.down(radius);
    new StickDrawing(on, wood, length).draw(under + STICK_GAP, under + 4);
    List<Handle> handles = sketch.handles();
    for (Handle h : handles) {
      double x = sheet.x(h.at().z());
      double y = sheet.up(h.at().r());
      labels.keepClear(x - 8, y - 8, x + 8, y + 8);
    }
    Svg pins = PinDrawing.draw(on);
    new SizeLabels(on, refused, TOP).draw();
    handles.forEach(new HandleDrawing(on, dragged)::draw);
    return svg.toString() + pins + "</svg>";
  }

  private void blank() {
    double r = mm(StockRules.ACROSS) / 2;
    double x = sheet.x(0);
    double wide = sheet.x(mm(StockRules.LENGTH)) - x;
    for (Billet b : sketch.billets()) {
      double along = b.length() * sheet.scale();
      double thick = b.across() * sheet.scale();
      svg.rect(
          "blank",
          sheet.x(b.along().from()),
          sheet.up(b.across() / 2),
          along,
          thick,
          "url(#waste)");
    }
    if (length > mm(StockRules.LENGTH)) {
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
    for (Part p : sketch.aim().offBlank()) {
      p.stubs().stream()
          .filter(s -> s.name().endsWith("tenon"))
          .forEach(s -> svg.path("tenon", sheet.both(s.region())));
    }
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

  /** What is seen of a part from outside. */
  private static HalfSection hull(Part p) {
    HalfSection hull = p.target();
    for (Surface s : p.surfaces()) {
      hull = s.inside() ? hull.plus(s.zone()) : hull;
    }
    // A ring is a band to the eye: its far side shows through.
    return PartDrawing.isRing(p) ? HalfSection.box(hull.minZ(), hull.maxZ(), 0, hull.maxR()) : hull;
  }

  /** Boards that run through a part: cut through above the axis, edge on below it. */
  private void strips(Part p) {
    for (Strip s : sketch.strips()) {
      String colour = WoodColour.of(s.wood().name());
      String in = sheet.above(p.target().and(s.section(1)));
      svg.path("under", in).region("wood", in, colour).region("grain", in, "url(#grain)");
      String out = sheet.below(hull(p).and(s.section(-1)));
      svg.path("under", out).empty("path", "class", "outside", "d", out, "fill", colour);
      svg.empty("path", "class", "outside-grain", "d", out, "fill", "url(#grain)");
    }
  }

  /** What of a part lies above a seam, in its own wood, and the seams as lines. */
  private void layers(Part p) {
    if (sketch.layers().isEmpty()) {
      return;
    }
    HalfSection hull = hull(p);
    for (Layer l : sketch.layers()) {
      HalfSection above = HalfSection.box(l.from(), HalfSection.FAR, 0, HalfSection.FAR);
      String colour = WoodColour.of(l.wood().name());
      String in = sheet.above(p.target().and(above));
      String out = sheet.below(hull.and(above));
      // The wood under the seam was drawn to the top of the part: it does not show through.
      svg.path("under", in).path("under", out);
      svg.region("wood", in, colour).region("grain", in, "url(#grain)");
      svg.empty("path", "class", "outside", "d", out, "fill", colour);
      svg.empty("path", "class", "outside-grain", "d", out, "fill", "url(#grain)");
      double r = p.target().outer(l.from());
      double x = sheet.x(l.from());
      if (r > SEEN) {
        svg.line("seam", x, sheet.up(r), x, sheet.down(r));
      }
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
    for (Part p : sketch.aim().made()) {
      p.holes()
          .forEach(h -> HoleDrawing.draw(svg, sheet, h.in(p.closed()), p.target().in(p.closed())));
    }
  }
}
