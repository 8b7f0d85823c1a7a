package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.Added;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import java.util.Locale;
import java.util.function.Function;

/** The sizes that inlays have, with their words. */
enum InlaySize {
  HEIGHT("Height", 0, 900, Line.DETAIL_HEIGHT, Line.DETAIL_HEIGHT, ""),
  WIDE("Width", 1, 200, Line.INLAY_RING_WIDE, Line.INLAY_DISC_WIDE, "across, what is let in"),
  DEEP("Depth", 0.3, 40, Line.INLAY_RING_DEEP, Line.INLAY_DISC_DEEP, "down to the floor"),
  THICK("Thickness", 0.5, 40, Line.INLAY_COLLAR, Line.INLAY_COLLAR, "from the recess outwards");

  private final String word;
  private final double least;
  private final double most;
  private final Line usual;
  private final Line onTop;
  private final String where;

  InlaySize(String word, double least, double most, Line usual, Line onTop, String where) {
    this.word = word;
    this.least = least;
    this.most = most;
    this.usual = usual;
    this.onTop = onTop;
    this.where = where;
  }

  /** Its name on an element. */
  DimKey of(Added added) {
    return added.size(name().toLowerCase(Locale.ROOT));
  }

  /** Where it is read. */
  String where() {
    return where;
  }

  /**
   * How it follows.
   *
   * @param label the element's
   * @param top whether it lies in a top
   */
  SizeRule rule(Added added, String label, boolean top) {
    Line line = top ? onTop : usual;
    String why = this == HEIGHT ? "until it is put elsewhere" : "looks right on small work";
    Function<hazelkeep.piece.Dims<?>, Rule.Value> by =
        d -> Rule.Value.practice(d.custom(line), why);
    return new SizeRule(of(added), word + " of " + label, least, most, by);
  }
}
