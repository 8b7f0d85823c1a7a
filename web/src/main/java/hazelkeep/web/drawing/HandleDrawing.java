package hazelkeep.web.drawing;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Handle;
import java.util.Map;
import java.util.stream.Stream;

/** Points that can be dragged. */
final class HandleDrawing {
  private final Board on;
  private final String dragged;

  /**
   * On a sheet.
   *
   * @param dragged the point that is on its way, whose number is told beside it; empty for none
   */
  HandleDrawing(Board on, String dragged) {
    this.on = on;
    this.dragged = dragged;
  }

  /** Draws one. */
  void draw(Handle h) {
    double value = h.across() ? 2 * h.at().r() : h.at().z();
    on.svg()
        .empty(
            "circle",
            "cx",
            on.sheet().x(h.at().z()),
            "cy",
            on.sheet().up(h.at().r()),
            "r",
            6.5,
            "class",
            "handle",
            "id",
            "handle-" + h.name(),
            "data-handle",
            h.name(),
            "data-along",
            h.along(),
            "data-across",
            h.across(),
            "data-z",
            Double.toString(h.at().z()),
            "data-r",
            Double.toString(h.at().r()),
            "tabindex",
            0,
            "role",
            "slider",
            "aria-label",
            "Shape: " + h.label(),
            "aria-valuenow",
            value,
            "aria-valuetext",
            on.show().len(value) + (bound(h).isEmpty() ? "" : ", " + bound(h)));
    told(h);
  }

  /** How far it may go, in words; empty where nothing bounds it. */
  private String bound(Handle h) {
    if (!Double.isNaN(h.least())) {
      return "at least ⌀ " + on.show().len(h.least());
    }
    return Double.isNaN(h.most())
        ? ""
        : "at most " + on.show().len(Math.max(0, h.most())) + " deep";
  }

  /** The limit of a point is told while it is held, and beside one on its way its number. */
  private void told(Handle h) {
    boolean moving = h.name().equals(dragged);
    String number = moving ? number(h) : "";
    String bound = bound(h);
    String text = number + (number.isEmpty() || bound.isEmpty() ? "" : ", ") + bound;
    if (!text.isEmpty()) {
      double half = Board.LETTER * text.length() / 2 + 4;
      double x = Math.max(half, Math.min(Board.WIDTH - half, on.sheet().x(h.at().z())));
      double y = Math.max(16, on.sheet().up(h.at().r()) - 16);
      on.svg().open("g", "class", moving ? "limit moving" : "limit", "aria-hidden", "true");
      on.svg().rect("limit-ground", x - half, y - 13, 2 * half, 18, null);
      on.svg().text("limit-text", x, y, text);
      on.svg().close("g");
    }
  }

  /** The size that a point is about; of one without a size of its own its diameter. */
  private String number(Handle h) {
    Map<DimKey, Dim> dims = on.sketch().aim().dims();
    return Stream.of(h.name(), h.name() + ".height")
        .map(DimKey::new)
        .filter(dims::containsKey)
        .findFirst()
        .map(k -> on.show().words(dims.get(k), dims.get(k).mm()))
        .orElse(h.across() ? "⌀ " + on.show().len(2 * h.at().r()) : "");
  }
}
