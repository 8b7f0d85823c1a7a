package hazelkeep.web.drawing;

import hazelkeep.piece.Plan;
import hazelkeep.route.State;
import hazelkeep.solid.Extent;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What would become of the wood that is left: the piece over it, both where they lie closed. */
public final class WayDrawing {
  private static final double WIDE = 250;
  private static final double TALL = 132;
  private static final double MARGIN = 8;

  private WayDrawing() {}

  /**
   * The drawing.
   *
   * @param now the wood as it is, by the aim of the plan in force
   * @param plan the plan in force
   * @param then the plan as it would be
   * @param no keeps what several drawings of a page refer to apart
   */
  public static String of(State now, Plan<?> plan, Plan<?> then, int no) {
    List<HalfSection> left = new ArrayList<>();
    for (Part p : plan.aim().parts()) {
      Optional<Body> body = now.stock(p);
      Optional<Part> same =
          then.aim().parts().stream().filter(q -> q.name().equals(p.name())).findFirst();
      if (body.isPresent() && same.isPresent()) {
        Frame closed = same.get().closed();
        left.add(body.get().sound().in(closed));
      }
    }
    List<HalfSection> piece = then.aim().closed();
    Extent box = Extent.of(Stream.concat(left.stream(), piece.stream()).toList());
    double scale = Math.min((WIDE - 2 * MARGIN) / box.length(), (TALL - 2 * MARGIN) / box.across());
    double x0 = (WIDE - box.length() * scale) / 2 - box.low() * scale;
    Sheet sheet = new Sheet(x0, TALL / 2, scale);
    Svg svg = new Svg();
    svg.open("svg", "viewBox", Svg.d("0 0 ", WIDE, TALL), "class", "way-drawing");
    svg.open("defs").pattern("left-" + no, 6, 6, "rotate(45)", "waste", "M0 0v6").close("defs");
    left.forEach(h -> svg.region("blank", sheet.both(h), "url(#left-" + no + ")"));
    for (Part p : then.aim().parts()) {
      HalfSection h = p.target().in(p.closed());
      svg.region("wood", sheet.both(h), WoodColour.of(then.aim(), p.name()));
    }
    return svg.line("axis", 2, TALL / 2, WIDE - 2, TALL / 2).close("svg").toString();
  }
}
