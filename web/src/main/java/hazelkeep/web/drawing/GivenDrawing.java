package hazelkeep.web.drawing;

import hazelkeep.piece.Sketch;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.List;

/**
 * What was there before and is only fitted to, in outline where it meets the piece: a vessel under
 * its lid.
 *
 * @param on the sheet
 */
record GivenDrawing(Board on) {
  /** So much of it is shown beside what is fitted to it, mm. */
  private static final double SHOWN = 24;

  private static List<Part> given(Sketch<?> sketch) {
    return sketch.aim().parts().stream().filter(p -> sketch.aim().given(p.name())).toList();
  }

  /** What is seen of it, in the z of the piece's blank. */
  private static HalfSection seen(Sketch<?> sketch, Part p) {
    double to = sketch.aim().parts().get(0).closed().zero();
    HalfSection whole = p.target().shifted(to - p.closed().zero());
    double top = whole.maxZ();
    return whole.and(HalfSection.box(top - SHOWN, top, 0, HalfSection.FAR));
  }

  /** How far it reaches out before the blank, mm. */
  static double before(Sketch<?> sketch) {
    return given(sketch).stream()
        .mapToDouble(p -> Math.max(0, -seen(sketch, p).minZ()))
        .max()
        .orElse(0);
  }

  void draw() {
    for (Part p : given(on.sketch())) {
      HalfSection seen = seen(on.sketch(), p);
      on.svg().path("given", on.sheet().both(seen));
      double x = on.sheet().x(seen.minZ());
      double y = on.sheet().up(seen.maxR()) - 6;
      on.svg().text("given-word", x, y, "the " + p.name());
    }
  }
}
