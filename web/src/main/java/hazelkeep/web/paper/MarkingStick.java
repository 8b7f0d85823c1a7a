package hazelkeep.web.paper;

import hazelkeep.piece.Billet;
import hazelkeep.piece.Plan;
import hazelkeep.route.Joint;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;

/** The blank's cuts 1:1, to be held against it and marked, with what becomes of it beside them. */
final class MarkingStick {
  /** Where a stick begins on its page, mm. */
  private static final double TOP = Sheet.TOP + 6;

  /** What of a stick is drawn again on the next page, mm. */
  private static final double OVERLAP = 10;

  private static final double LEFT = 24;
  private static final double EDGE = 44;

  private MarkingStick() {}

  static void draw(Sheet s, Printed of) {
    s.sheet("Marking stick 1:1");
    boolean first = true;
    for (Billet b : of.plan().sketch().billets()) {
      if (!first) {
        s.next();
      }
      first = false;
      draw(s, of, b);
    }
  }

  private static void draw(Sheet s, Printed of, Billet b) {
    List<CutSheet.Cut> cuts = CutSheet.cuts(of.plan(), b, of.show());
    double whole = cuts.get(cuts.size() - 1).mm();
    double room = s.bottom() - TOP - 4;
    int pages = whole <= room ? 1 : (int) Math.ceil((whole - OVERLAP) / (room - OVERLAP));
    for (int p = 0; p < pages; p++) {
      if (p > 0) {
        s.next();
      }
      double from = p * (room - OVERLAP);
      double to = Math.min(whole, from + room);
      stretch(s, of.show(), b, from, to);
      if (pages > 1) {
        s.text(LEFT, TOP - 3, 8, "part " + (p + 1) + " of " + pages);
      }
      section(s, of.plan(), b, from, to);
      marks(s, all(of.plan(), b, cuts, of.show()), from, to);
    }
  }

  /** A line on the stick: where, what it is, and whether the blank is cut there. */
  private record Mark(double mm, String text, boolean cut) {}

  /** Cuts, and the shoulders of joints that are marked between them. */
  private static List<Mark> all(Plan<?> plan, Billet b, List<CutSheet.Cut> cuts, Show show) {
    List<Mark> out = new ArrayList<>();
    for (CutSheet.Cut c : cuts) {
      out.add(new Mark(c.mm(), c.at() + " \u00b7 end of " + c.what() + " " + c.length(), true));
    }
    for (Joint j : plan.aim().joints()) {
      Part part = plan.aim().part(j.inner().part());
      Polyline side = plan.aim().surface(j.inner()).line();
      Point a = side.first();
      Point z = side.last();
      boolean up = Math.abs(a.z() - part.core().z()) < Math.abs(z.z() - part.core().z());
      double at = (up ? a.z() : z.z()) - b.along().from();
      boolean on = at > 0 && at < b.length();
      if (on && cuts.stream().noneMatch(c -> Math.abs(c.mm() - at) < 0.05)) {
        out.add(new Mark(at, show.bare(at) + " \u00b7 shoulder of the " + part.name(), false));
      }
    }
    out.sort((x, y) -> Double.compare(x.mm, y.mm));
    return out;
  }

  private static void stretch(Sheet s, Show show, Billet b, double from, double to) {
    s.line(LEFT, TOP, LEFT, TOP + to - from);
    s.line(EDGE, TOP, EDGE, TOP + to - from);
    s.line(LEFT - 6, TOP, EDGE + 6, TOP);
    String datum =
        from == 0
            ? Sentences.of("markingStick.0-end-of-the", CutSheet.end(b), whose(b))
            : "begins at " + show.len(from);
    s.text(EDGE + 9, TOP - 1, 8, datum);
    if (from > 0) {
      double end = TOP + OVERLAP;
      s.faint(() -> s.line(LEFT - 6, end, EDGE + 6, end));
      s.text(EDGE + 9, end, 7.5, "the part before ends here");
    }
  }

  private static String whose(Billet b) {
    return b.part().isEmpty() ? "blank" : b.part() + "'s blank";
  }

  /** What the blank becomes, at its places, cut off at the ends of the page's stretch. */
  private static void section(Sheet s, Plan<?> plan, Billet b, double from, double to) {
    double zero = b.along().from();
    HalfSection window = HalfSection.box(zero + from, zero + to, 0, HalfSection.FAR);
    double most = plan.aim().blank().swept().maxR();
    double axis = Sheet.RIGHT - Math.min(most, AXIS_MOST);
    for (Part p : plan.aim().parts()) {
      HalfSection h = p.target().and(window);
      if (!h.isEmpty()) {
        s.section(h, (z, r) -> new double[] {axis - r, TOP + z - zero - from}, 0.88f);
      }
    }
  }

  /** Wider work runs over the labels rather than off the sheet, mm. */
  private static final double AXIS_MOST = 50;

  private static void marks(Sheet s, List<Mark> marks, double from, double to) {
    double label = TOP + 1;
    for (Mark m : marks) {
      if (m.mm <= from && from > 0 || m.mm > to + 1e-9) {
        continue;
      }
      double y = TOP + m.mm - from;
      s.line(m.cut ? LEFT : LEFT + 8, y, EDGE, y);
      // Labels keep 4 mm apart; a thin line leads to a mark they had to leave.
      label = Math.max(y + 1, label + 4);
      s.line(EDGE, y, EDGE + 7, label - 1);
      s.text(EDGE + 9, label, 8, m.text);
    }
  }
}
