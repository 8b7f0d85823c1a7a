package hazelkeep.web.drawing;

import hazelkeep.piece.AsFound;
import hazelkeep.piece.Gone;
import hazelkeep.piece.Plan;
import hazelkeep.solid.Extent;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Part;
import java.util.Optional;

/**
 * The closed piece to be touched where something is not as planned, and what is said to be gone.
 * Each part says where places on it count from, so that a touch can be read as one.
 */
public final class FoundDrawing {
  private static final double WIDE = 460;
  private static final double TALL = 260;
  private static final double MARGIN = 12;

  private FoundDrawing() {}

  /**
   * The drawing.
   *
   * @param found what was said so far; empty while it is not enough to draw
   */
  public static String of(Plan<?> plan, Optional<AsFound> found) {
    Extent box = Extent.of(plan.aim().closed());
    double scale = Math.min((WIDE - 2 * MARGIN) / box.length(), (TALL - 2 * MARGIN) / box.across());
    double left = (WIDE - box.length() * scale) / 2 - box.low() * scale;
    Sheet sheet = new Sheet(left, TALL / 2, scale);
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDE, TALL),
        "class",
        "found-drawing",
        "id",
        "found-drawing",
        "role",
        "img",
        "aria-label",
        Sentences.of("foundDrawing.the-piece-foot-left-touch"),
        "data-left",
        sheet.left(),
        "data-scale",
        scale);
    for (Part p : plan.aim().parts()) {
      String d = sheet.both(p.target().in(p.closed()));
      double datum = p.closed().x(p.datum());
      svg.empty(
          "path",
          "class",
          "wood",
          "d",
          d,
          "fill",
          WoodColour.of(plan.aim(), p.name()),
          "fill-rule",
          "evenodd",
          "data-part",
          p.name(),
          "data-datum",
          datum);
    }
    found.ifPresent(f -> gone(svg, sheet, plan.aim().part(f.part()), f));
    return svg.line("axis", 2, TALL / 2, WIDE - 2, TALL / 2).close("svg").toString();
  }

  /** What is gone, or a mark where something only weakens the wood. */
  private static void gone(Svg svg, Sheet sheet, Part part, AsFound f) {
    Frame closed = part.closed();
    Gone gone = new Gone(part);
    HalfSection lost = gone.of(f).and(part.target()).in(closed);
    if (!lost.isEmpty()) {
      svg.region("missing", sheet.both(lost), "none");
    } else if (f.what().says().contains(AsFound.Says.AT)) {
      double x = sheet.x(closed.x(part.datum() + f.at()));
      double r = part.target().outer(part.datum() + f.at());
      svg.line("weak", x, sheet.up(r + 3), x, sheet.up(Math.max(0, r - Math.max(1, f.value()))));
    }
  }
}
