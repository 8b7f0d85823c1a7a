package hazelkeep.web.paper;

import hazelkeep.piece.Plan;
import hazelkeep.practice.Line;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.paper.Faces.Face;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * Cards 1:1 to cut out and hold against the work: for the outside the card lies outside of the
 * line, for the inside within it.
 */
final class Templates {
  /** How wide a card stands beyond the widest place, mm. */
  private static final double CARD = 12;

  /** What of a template is drawn again on the next page, mm. */
  private static final double OVERLAP = 10;

  /** Beside a corner a radius is read twice, mm. */
  private static final double BESIDE = 1e-4;

  private final Sheet sheet;
  private final Show show;
  private final double every;

  private Templates(Sheet sheet, Show show, double every) {
    this.sheet = sheet;
    this.show = show;
    this.every = every;
  }

  static void draw(Sheet s, Printed of) {
    Plan<?> plan = of.plan();
    Templates t = new Templates(s, of.show(), plan.shop().custom(Line.PAPER_TEMPLATE));
    for (Part p : plan.aim().parts()) {
      HalfSection h = p.target();
      t.card("Template 1:1, outside of the " + p.name(), h, line(h, false), false);
      List<double[]> inside = line(h, true);
      if (inside.stream().anyMatch(q -> q[1] > 1)) {
        t.card("Template 1:1, inside of the " + p.name(), h, inside, true);
      }
    }
  }

  /** The outermost or innermost line of a part: places with their radius, each side of a corner. */
  private static List<double[]> line(HalfSection h, boolean inside) {
    TreeSet<Double> zs = new TreeSet<>();
    h.rings().forEach(ring -> ring.points().forEach(p -> zs.add(p.z())));
    List<double[]> out = new ArrayList<>();
    for (double z : zs) {
      for (double at : new double[] {z - BESIDE, z + BESIDE}) {
        if (at > h.minZ() && at < h.maxZ()) {
          out.add(new double[] {z, inside ? h.inner(at) : h.outer(at)});
        }
      }
    }
    return out;
  }

  private void card(String what, HalfSection h, List<double[]> line, boolean inside) {
    double room = sheet.bottom() - Sheet.TOP - 12;
    double whole = h.maxZ() - h.minZ();
    int pages = whole <= room ? 1 : (int) Math.ceil((whole - OVERLAP) / (room - OVERLAP));
    for (int i = 0; i < pages; i++) {
      double from = h.minZ() + i * (room - OVERLAP);
      double to = Math.min(h.maxZ(), from + room);
      sheet.sheet(what + (pages > 1 ? ", part " + (i + 1) + " of " + pages : ""));
      page(h, line, inside, from, to);
      if (i > 0) {
        double y = Sheet.TOP + 8 + OVERLAP;
        sheet.faint(() -> sheet.line(Sheet.LEFT, y, Sheet.RIGHT, y));
        sheet.text(Sheet.RIGHT - 62, y - 1, 8, Sentences.of("templates.lay-this-line-on-the"));
      }
    }
  }

  private void page(HalfSection h, List<double[]> line, boolean inside, double from, double to) {
    double top = Sheet.TOP + 8;
    double axis = Sheet.LEFT + 14;
    List<double[]> edge = new ArrayList<>();
    for (double[] q : line) {
      if (q[0] >= from - 1e-6 && q[0] <= to + 1e-6) {
        edge.add(new double[] {axis + q[1], top + q[0] - from});
      }
    }
    sheet.path(edge);
    double back = inside ? axis : axis + h.maxR() + CARD;
    sheet.line(back, top, back, top + to - from);
    sheet.line(edge.get(0)[0], top, back, top);
    double[] last = edge.get(edge.size() - 1);
    sheet.line(last[0], top + to - from, back, top + to - from);
    String card =
        inside
            ? Sentences.of("templates.the-card-is-on-this")
            : Sentences.of("templates.the-card-is-on-the");
    sheet.text(Face.STRONG, axis + 2, top - 2, 8, (inside ? "axis; " : "") + card);
    marks(h, inside, from, to, axis, top);
  }

  /** Cross lines with the diameter, from the part's lower end. */
  private void marks(
      HalfSection h, boolean inside, double from, double to, double axis, double top) {
    double first = Math.ceil((from - h.minZ()) / every) * every;
    double x = axis + h.maxR() + CARD;
    for (double at = first; h.minZ() + at < to; at += every) {
      double z = h.minZ() + at;
      double r = inside ? h.inner(z + BESIDE) : h.outer(z + BESIDE);
      if (r > 0) {
        double y = top + z - from;
        sheet.faint(() -> sheet.line(axis + r, y, x + 4, y));
        sheet.text(x + 6, y + 1, 8, show.bare(at) + "  \u2300 " + show.bare(2 * r));
      }
    }
  }
}
