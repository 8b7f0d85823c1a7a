package hazelkeep.web.paper;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Numbers on end in a row beside a drawing, each led to its place; none on another. */
final class Ordinates {
  /** How near two numbers may stand, mm. */
  private static final double APART = 3.6;

  /** How far a leader runs straight before it bends, mm. */
  private static final double BEND = 4;

  private static final double SIZE = 7.5;

  private final List<Mark> marks = new ArrayList<>();

  private record Mark(double x, double y, String text) {}

  /** Adds a number that leads to a place; one that stands there already is not written again. */
  void add(double x, double y, String text) {
    if (marks.stream().noneMatch(m -> m.text.equals(text) && Math.abs(m.x - x) < 0.3)) {
      marks.add(new Mark(x, y, text));
    }
  }

  /**
   * Draws the row.
   *
   * @param edge where the row begins, mm from the top of the page
   * @param up whether it stands above what it leads to
   */
  void draw(Sheet s, double edge, boolean up) {
    marks.sort(Comparator.comparingDouble(Mark::x));
    double[] at = new double[marks.size()];
    for (int i = 0; i < at.length; i++) {
      at[i] = i == 0 ? marks.get(i).x : Math.max(marks.get(i).x, at[i - 1] + APART);
    }
    double over = at.length == 0 ? 0 : Math.max(0, at[at.length - 1] - Sheet.RIGHT);
    for (int i = at.length - 1; i >= 0 && over > 0; i--) {
      at[i] = Math.min(at[i], i == at.length - 1 ? Sheet.RIGHT : at[i + 1] - APART);
    }
    for (int i = 0; i < at.length; i++) {
      Mark m = marks.get(i);
      double x = at[i];
      double bend = up ? edge - BEND : edge + BEND;
      s.faint(
          () -> {
            s.line(x, bend, m.x, edge);
            s.line(m.x, edge, m.x, m.y);
          });
      double text = up ? bend - 1 : bend + 1 + s.width(Faces.Face.NUMBER, m.text, SIZE);
      s.upright(x + 1, text, SIZE, m.text);
    }
  }
}
