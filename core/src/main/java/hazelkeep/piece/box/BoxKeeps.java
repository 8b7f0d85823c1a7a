package hazelkeep.piece.box;

import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Dims;
import hazelkeep.route.Aim;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Wall;
import hazelkeep.wood.Part;
import java.util.Map;

/** Whether a change keeps a wall: the question that solvers ask. */
final class BoxKeeps {
  private BoxKeeps() {}

  /** Whether the lid keeps its corner with that round-over. */
  static boolean corner(LiddedBox design, Shop shop, double roundOver) {
    return cornerThickness(design, shop, roundOver) >= BoxLimits.LID_CORNER;
  }

  /** The lid's thickness over its inside corner with that round-over; 0 when it can't be drawn. */
  static double cornerThickness(LiddedBox design, Shop shop, double roundOver) {
    try {
      LiddedBox d = design.with("lid.roundover", roundOver);
      Aim aim = BoxShape.of(d, Dims.resolve(d, BoxRules.ALL, shop, Map.of())).aim(shop.woods());
      Part lid = aim.part("lid");
      Polyline outside = lid.surface("side").line().then(lid.surface("top").line());
      return Wall.of(outside, lid.surface("inside").line(), BoxLimits.LID_CORNER)
          .map(Wall::least)
          .orElse(Double.MAX_VALUE);
    } catch (BadDesign e) {
      return 0;
    }
  }
}
