package hazelkeep.web.drawing;

import hazelkeep.piece.Sketch;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.List;

/**
 * What is turned from offcuts of its own, right of the blank, on its axis and to its scale.
 *
 * @param on the sheet
 * @param length how far the blank reaches, mm
 */
record OffcutDrawing(Board on, double length) {
  /** Between one blank and the next, mm. */
  private static final double GAP = 12;

  /** From one line of words to the next. */
  private static final double LINE = 16;

  private static List<Body> offcuts(Sketch<?> sketch) {
    return sketch.aim().blanks().stream()
        .skip(1)
        .filter(b -> sketch.aim().own(b.name()).isPresent())
        .toList();
  }

  private static double along(Body b) {
    return b.swept().maxZ() - b.swept().minZ();
  }

  /** How much room they take along the axis, mm. */
  static double room(Sketch<?> sketch) {
    return offcuts(sketch).stream().mapToDouble(b -> GAP + along(b)).sum();
  }

  void draw() {
    double from = length;
    for (Body b : offcuts(on.sketch())) {
      one(b, from + GAP);
      from += GAP + along(b);
    }
  }

  private void one(Body b, double at) {
    Sheet main = on.sheet();
    double left = main.left() + (at - b.swept().minZ()) * main.scale();
    Sheet sheet = new Sheet(left, main.axis(), main.scale());
    double r = b.swept().maxR();
    double x = sheet.x(b.swept().minZ());
    double wide = along(b) * main.scale();
    on.svg().rect("blank", x, sheet.up(r), wide, 2 * r * main.scale(), "url(#waste)");
    Part p = on.sketch().aim().part(b.name());
    p.stubs().forEach(s -> on.svg().path("tenon", sheet.both(s.region())));
    new PartDrawing(on.svg(), on.labels(), sheet, WoodColour.of(b.wood().name())).part(p);
    double middle = x + wide / 2;
    double y = sheet.down(r);
    on.svg()
        .text("stick-label", middle, y + LINE, p.name())
        .text("stick-label small", middle, y + 2 * LINE, "offcut of " + b.wood().name());
    on.labels().keepClear(x, sheet.up(r), x + wide, y + 2 * LINE);
  }
}
