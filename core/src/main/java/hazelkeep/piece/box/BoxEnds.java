package hazelkeep.piece.box;

import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import java.util.Comparator;

/** How each half of a box can be held by its mouth, its spigot or its rim. */
final class BoxEnds {
  private final Aim aim;
  private final EndHolds holds;
  private final BoxShape shape;

  BoxEnds(LiddedBox design, Aim aim, Shop shop, BoxShape shape) {
    this.aim = aim;
    this.holds = new EndHolds(aim.blank().wood(), design.jamWood(), design.paper(), shop);
    this.shape = shape;
  }

  /** The body reversed, its foot towards the tailstock. */
  EndHolds.Mount foot(Finishing by) {
    boolean over = shape.over();
    double mouth = aim.mm(over ? "inside.diameter" : "recess.diameter");
    double straight =
        over
            ? aim.mm("inside.depth") - aim.mm("inside.corner")
            : aim.mm("recess.depth") - aim.custom(Line.HOLD_PLUG_CLEAR);
    EndHolds.Half half =
        new EndHolds.Half(
            "body",
            over ? "inside" : "recess",
            mouth,
            straight,
            aim.mm("inside.depth"),
            over ? aim.mm("spigot.diameter") : outside("body", -1),
            shape.mouth(),
            true);
    return holds.mount(
        by, half.on(aim.part("body").target(), aim.practice()), over ? shape.join : Double.NaN);
  }

  /** The lid alone, its top towards the tailstock. */
  EndHolds.Mount top(Finishing by) {
    boolean over = shape.over();
    double mouth = aim.mm(over ? "recess.diameter" : "lid.inside");
    double straight =
        over ? aim.mm("recess.depth") - aim.custom(Line.HOLD_PLUG_CLEAR) : aim.mm("lid.depth") / 2;
    EndHolds.Half half =
        new EndHolds.Half(
            "lid",
            over ? "recess" : "inside",
            mouth,
            straight,
            aim.mm("lid.depth"),
            over ? outside("lid", 1) : aim.mm("spigot.diameter"),
            shape.lidFace(),
            false);
    return holds.mount(
        by, half.on(aim.part("lid").target(), aim.practice()), over ? Double.NaN : shape.rim);
  }

  /** The outside beside the join, mm across: towards the foot or towards the top. */
  private double outside(String part, int way) {
    double z = way < 0 ? shape.join : shape.rim;
    return 2 * aim.part(part).target().outer(z + way * aim.custom(Line.HOLD_ROUND_DEPTH) / 2);
  }

  /** The jaws that close on a round blank best. */
  static JawSet round(Shop shop, double diameter) {
    return shop.jaws().stream()
        .filter(j -> j.squeeze().holds(diameter))
        .min(Comparator.comparingDouble(j -> Math.abs(j.trueCircle() - diameter)))
        .orElse(Shop.COMMON_JAWS);
  }
}
