package hazelkeep.web.shelf;

import hazelkeep.kinds.Kinds;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Sketch;
import hazelkeep.shop.Shop;
import hazelkeep.web.drawing.BlankDrawing;
import hazelkeep.web.drawing.StandingDrawing;
import java.util.Map;

/**
 * The three ways in to an empty shelf, as they are drawn.
 *
 * @param wish a piece that is wished for
 * @param wood one that is looked for in a blank
 * @param example one that is there to be played
 */
public record FirstPiece(String wish, String wood, String example) {
  /** The kind that a form begins with, and one far from it in the list, drawn once. */
  static final FirstPiece DRAWN = drawn();

  private static FirstPiece drawn() {
    Sketch<?> first = fresh(Kinds.ALL.get(0));
    return new FirstPiece(
        StandingDrawing.onShelf(fresh(Kinds.ALL.get(Kinds.ALL.size() / 2))),
        BlankDrawing.of(first),
        StandingDrawing.onShelf(first));
  }

  private static <D extends Design> Sketch<D> fresh(Kind<D> kind) {
    return Sketch.of(kind, kind.fresh(), Shop.starter(), Map.of());
  }
}
