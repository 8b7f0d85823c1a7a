package hazelkeep.web.drawing;

import hazelkeep.piece.Sketch;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;

/** The parts of a piece where they lie in their blank, to one scale. */
public final class BlankDrawing {
  private static final double WIDE = 460;
  private static final double TALL = 230;
  private static final double MARGIN = 10;

  private BlankDrawing() {}

  /** The drawing. */
  public static String of(Sketch<?> sketch) {
    Body blank = sketch.aim().blank();
    HalfSection wood = blank.swept();
    double scale =
        Math.min(
            (WIDE - 2 * MARGIN) / (wood.maxZ() - wood.minZ()),
            (TALL - 2 * MARGIN) / (2 * wood.maxR()));
    double left = (WIDE - (wood.maxZ() - wood.minZ()) * scale) / 2 - wood.minZ() * scale;
    Sheet sheet = new Sheet(left, TALL / 2, scale);
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDE, TALL),
        "class",
        "blank-drawing",
        "role",
        "img",
        "aria-label",
        "The piece in its blank");
    svg.open("defs")
        .pattern("waste", 8, 8, "rotate(45)", "waste", "M0 0v8")
        .close("defs")
        .region("blank", sheet.both(wood), "url(#waste)");
    String colour = WoodColour.of(sketch.design().species());
    for (Part p : sketch.aim().offBlank()) {
      svg.region("wood", sheet.both(p.target()), colour);
    }
    return svg.line("axis", 2, TALL / 2, WIDE - 2, TALL / 2).close("svg").toString();
  }
}
