package hazelkeep.web.paper;

import hazelkeep.measure.Dim;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.web.drawing.Show;
import java.util.List;

/** The blank's cuts 1:1, to be held against it and marked. */
final class MarkingStick {
  /** What the stick has of a page, mm. */
  private static final double ROOM = Sheet.HEIGHT - 62;

  /** Where a stick begins on its page, mm. */
  private static final double TOP = 42;

  private MarkingStick() {}

  static void draw(Sheet s, Printed of) {
    List<CutSheet.Cut> cuts = CutSheet.cuts(of.plan(), of.show());
    double whole = cuts.get(cuts.size() - 1).mm();
    // Longer than a page: continued on the next, each part with its own datum line.
    int pages = (int) Math.ceil(whole / ROOM);
    for (int p = 0; p < pages; p++) {
      if (p > 0) {
        s.next();
      }
      String part = pages > 1 ? ", part " + (p + 1) + " of " + pages : "";
      s.text(18, 16, 13, of.piece().name() + " · marking stick 1:1" + part);
      s.controlBar(18, 28);
      double from = p * ROOM;
      double to = Math.min(whole, from + ROOM);
      stretch(s, of.show(), from, to);
      marks(s, cuts.stream().filter(c -> c.mm() > from && c.mm() <= to + 1e-9).toList(), from);
      if (p == 0) {
        diameters(s, of.plan(), of.show());
      }
    }
  }

  private static void stretch(Sheet s, Show show, double from, double to) {
    s.line(30, TOP, 30, TOP + to - from);
    s.line(55, TOP, 55, TOP + to - from);
    s.line(24, TOP, 61, TOP);
    String datum =
        from == 0 ? "0 · foot end of the blank, the datum" : "continues at " + show.len(from);
    s.text(64, TOP + 1, 8, datum);
  }

  private static void marks(Sheet s, List<CutSheet.Cut> cuts, double from) {
    double label = TOP + 1;
    for (CutSheet.Cut c : cuts) {
      double y = TOP + c.mm() - from;
      s.line(30, y, 55, y);
      // Labels keep 4 mm apart; a thin line leads to a mark they had to leave.
      label = Math.max(y + 1, label + 4);
      s.line(55, y, 62, label - 1);
      s.text(64, label, 8, c.at() + " · end of " + c.what() + " " + c.length());
    }
  }

  private static void diameters(Sheet s, Plan<?> plan, Show show) {
    double y = TOP;
    s.text(132, y, 9, "Diameters");
    for (Measure m : plan.sketch().measures()) {
      boolean across = m.kind() == Measure.Kind.INSIDE || m.kind() == Measure.Kind.OUTSIDE;
      if (across) {
        Dim d = plan.aim().dims().get(m.key());
        y += 6;
        s.text(132, y, 9, d.label());
        s.right(196, y, 9, show.words(d, d.mm()));
      }
    }
  }
}
