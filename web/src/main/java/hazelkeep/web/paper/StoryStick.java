package hazelkeep.web.paper;

import hazelkeep.measure.Dim;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Plan;
import hazelkeep.web.drawing.Show;
import hazelkeep.wood.Part;
import java.util.Comparator;
import java.util.List;

/** The finished piece's own marks, 1:1, to be held against the work. */
final class StoryStick {
  /** Room for a stick and its labels beside one another, mm. */
  private static final double COLUMN = 96;

  private StoryStick() {}

  static void draw(Sheet s, Printed of) {
    s.sheet("Story stick 1:1");
    double top = Sheet.TOP + 8;
    double x = 24;
    for (Part p : of.plan().aim().parts()) {
      if (x > Sheet.RIGHT - 50) {
        s.next();
        x = 24;
      }
      story(s, of.plan(), p, of.show(), x, top);
      x += COLUMN;
    }
  }

  /** A depth's inner end, which is marked on the outside; where anything else lies. */
  private static double place(Measure m, Part p) {
    if (m.kind() != Measure.Kind.DEPTH) {
      return m.from().z();
    }
    double low = Math.abs(m.from().z() - p.target().minZ());
    double high = Math.abs(m.to().z() - p.target().maxZ());
    return low < high ? m.to().z() : m.from().z();
  }

  /** A part's heights from its lowest end, each with what is turned or bored there. */
  private static void story(Sheet s, Plan<?> plan, Part p, Show show, double x, double top) {
    double from = p.target().minZ();
    double long_ = p.target().maxZ() - from;
    double shown = Math.min(long_, s.bottom() - top - 6);
    s.text(x, top - 4, 10, "The " + p.name() + ", " + show.len(long_) + " long");
    s.line(x, top, x, top + shown);
    s.line(x + 18, top, x + 18, top + shown);
    s.line(x - 3, top, x + 22, top);
    s.line(x - 3, top + shown, x + 22, top + shown);
    double label = top - 2;
    List<Measure> marks =
        plan.sketch().measures().stream()
            .filter(m -> m.part().equals(p.name()))
            .filter(m -> m.hangs() && m.kind() != Measure.Kind.LENGTH)
            .filter(m -> place(m, p) >= from - 0.01 && place(m, p) <= from + shown + 0.01)
            .sorted(Comparator.comparingDouble(m -> place(m, p)))
            .toList();
    for (Measure m : marks) {
      boolean across = m.kind() == Measure.Kind.INSIDE || m.kind() == Measure.Kind.OUTSIDE;
      double y = top + place(m, p) - from;
      Dim d = plan.aim().dims().get(m.key());
      s.line(x, y, x + 18, y);
      label = Math.max(y + 1, label + 4);
      s.line(x + 18, y, x + 23, label - 1);
      s.text(
          x + 24,
          label,
          7.5,
          show.bare(place(m, p) - from)
              + " · "
              + d.label()
              + (across ? " ⌀ " : " ")
              + show.words(d, d.mm()));
    }
  }
}
