package hazelkeep.kinds.box;

import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Dims;
import hazelkeep.route.Aim;
import hazelkeep.shop.Shop;
import java.util.Map;
import java.util.Set;

/** Whether a change keeps a wall: the question that solvers ask. */
final class BoxKeeps {
  private BoxKeeps() {}

  /** Whether the lid keeps its corner with that round-over. */
  static boolean corner(LiddedBox design, Shop shop, double roundOver) {
    LiddedBox d = design.with(BoxSizes.ROUNDOVER.path(), roundOver);
    LiddedBoxKind kind = LiddedBoxKind.BOX;
    try {
      Aim aim = kind.aim(d, Dims.resolve(d, kind.rules(d), shop, Map.of()), shop);
      return kind.walls(d, aim, shop).stream()
          .filter(w -> w.part().name().equals(BoxParts.LID))
          .flatMap(w -> w.judge().stream())
          .noneMatch(f -> CORNER.contains(f.code()));
    } catch (BadDesign e) {
      return false;
    }
  }

  private static final Set<String> CORNER =
      Set.of("lid-corner", "wall-thin", "outside-into-inside");
}
