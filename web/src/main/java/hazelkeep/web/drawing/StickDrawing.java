package hazelkeep.web.drawing;

import static hazelkeep.web.drawing.Board.WIDTH;

import hazelkeep.piece.StickPiece;
import hazelkeep.wood.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The stick under the piece, to the same scale: what of the blank is kept and what is used up. */
final class StickDrawing {
  static final double STICK = 26;

  private static final double STICK_LETTER = 6.4;

  private final Board on;
  private final String wood;
  private final double length;

  StickDrawing(Board on, String wood, double length) {
    this.on = on;
    this.wood = wood;
    this.length = length;
  }

  /** Draws it with its upper edge at y, and guides up to the work. */
  void draw(double y, double guide) {
    List<StickPiece> run = new ArrayList<>();
    double[] ends = {-100, -100, -100, -100};
    for (StickPiece s : on.sketch().stick()) {
      double x0 = on.sheet().x(s.from());
      double wide = Math.max(0, on.sheet().x(s.to()) - x0);
      on.svg().line("guide", x0, guide, x0, y);
      on.svg()
          .rect(
              s.kept() ? "stick-kept" : "stick-waste", x0, y, wide, STICK, s.kept() ? wood : null);
      if (s.kept()) {
        layers(s, y);
      }
      String value = on.show().bare(s.length());
      boolean roomy = wide > Math.max(value.length() * 7.6, s.label().length() * STICK_LETTER) + 2;
      if (roomy) {
        names(run, y + STICK, ends);
        on.svg().text("stick-number", x0 + wide / 2, y + 18, value);
        on.svg().text("stick-label", x0 + wide / 2, y + STICK + 15, s.label());
        ends[0] = Math.max(ends[0], x0 + wide / 2 + s.label().length() * STICK_LETTER / 2);
      } else if (s.length() > 0) {
        run.add(s);
      }
    }
    names(run, y + STICK, ends);
    on.svg().line("guide", on.sheet().x(length), guide, on.sheet().x(length), y);
  }

  /** What of a stretch is of another wood. */
  private void layers(StickPiece s, double y) {
    for (Layer l : on.sketch().layers()) {
      double from = Math.max(l.from(), s.from());
      if (from < s.to()) {
        double x = on.sheet().x(from);
        String colour = WoodColour.of(l.wood().name());
        on.svg().rect("stick-kept", x, y, on.sheet().x(s.to()) - x, STICK, colour);
      }
    }
  }

  /** Names stretches that have no room for their own: neighbours share one label. */
  private void names(List<StickPiece> run, double y, double[] ends) {
    if (run.isEmpty()) {
      return;
    }
    double mid = (on.sheet().x(run.get(0).from()) + on.sheet().x(run.get(run.size() - 1).to())) / 2;
    String text =
        run.stream()
            .map(s -> s.label() + " " + on.show().bare(s.length()))
            .collect(Collectors.joining(", "));
    double half = text.length() * 3.1;
    double at = Math.max(half + 2, Math.min(WIDTH - half - 2, mid));
    int row = 1;
    while (row < ends.length - 1 && at - half < ends[row] + 8) {
      row++;
    }
    ends[row] = at + half;
    double base = y + 15 + 15 * row;
    on.svg().line("guide", mid, y, mid, base - 11);
    on.svg().text("stick-label small", at, base, text);
    run.clear();
  }
}
