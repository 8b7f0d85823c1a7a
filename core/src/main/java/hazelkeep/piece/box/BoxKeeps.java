package hazelkeep.piece.box;

import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Walls;
import hazelkeep.route.Aim;
import hazelkeep.shop.Shop;
import java.util.Map;
import java.util.Set;

/** Whether a change keeps a wall: the question that solvers ask. */
final class BoxKeeps {
  private BoxKeeps() {}

  /** Whether the lid keeps its corner with that round-over. */
  static boolean corner(LiddedBox design, Shop shop, double roundOver) {
    try {
      LiddedBox d = design.with("lid.roundover", roundOver);
      Aim aim =
          BoxShape.of(d, Dims.resolve(d, BoxRules.ALL, shop, Map.of()), shop.practice())
              .aim(shop.woods());
      return Walls.of(aim.part("lid"), LiddedBoxKind.wishes(aim), z -> 0).stream()
          .noneMatch(f -> CORNER.contains(f.code()));
    } catch (BadDesign e) {
      return false;
    }
  }

  private static final Set<String> CORNER =
      Set.of("lid-corner", "wall-thin", "outside-into-inside");
}
