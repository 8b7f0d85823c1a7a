package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.CORNER;
import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.INSIDE;
import static hazelkeep.kinds.box.BoxSizes.LID_DEPTH;
import static hazelkeep.kinds.box.BoxSizes.LID_INSIDE;
import static hazelkeep.kinds.box.BoxSizes.RECESS;
import static hazelkeep.kinds.box.BoxSizes.RECESS_DEEP;

import hazelkeep.element.Built;
import hazelkeep.element.Spigot;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.practice.Line;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import java.util.Comparator;

/** How each half of a box can be held by its mouth, its spigot or its rim. */
final class BoxEnds {
  private static final String BODY = BoxParts.BODY;
  private static final String LID = BoxParts.LID;

  private final Built b;
  private final LiddedBox design;
  private final BoxParts parts;

  BoxEnds(LiddedBox design, Built b) {
    this.b = b;
    this.design = design;
    this.parts = new BoxParts(design);
  }

  private EndHolds holds(String half) {
    return new EndHolds(b.aim().wood(half), design.jamWood(), design.paper(), b.shop());
  }

  /** The body reversed, its foot towards the tailstock. */
  EndHolds.Mount foot(Finishing by) {
    boolean over = parts.over();
    double straight =
        over ? b.mm(DEPTH) - b.mm(CORNER) : b.mm(RECESS_DEEP) - b.custom(Line.HOLD_PLUG_CLEAR);
    EndHolds.Half half =
        new EndHolds.Half(
            BODY,
            over ? "inside" : "recess",
            b.mm(over ? INSIDE : RECESS),
            straight,
            b.mm(DEPTH),
            over ? b.mm(Spigot.DIAMETER) : outside(BODY, -1),
            parts.mouthAt(b),
            true);
    return holds(BODY)
        .mount(
            by,
            half.on(b.part(BODY).target(), b.shop().practice()),
            over ? parts.joinAt(b) : Double.NaN,
            design.closes());
  }

  /** The lid alone, its top towards the tailstock. */
  EndHolds.Mount top(Finishing by) {
    boolean over = parts.over();
    double straight =
        over ? b.mm(RECESS_DEEP) - b.custom(Line.HOLD_PLUG_CLEAR) : b.mm(LID_DEPTH) / 2;
    EndHolds.Half half =
        new EndHolds.Half(
            LID,
            over ? "recess" : "inside",
            b.mm(over ? RECESS : LID_INSIDE),
            straight,
            b.mm(LID_DEPTH),
            over ? outside(LID, 1) : b.mm(Spigot.DIAMETER),
            parts.faceAt(b),
            false);
    return holds(LID)
        .mount(
            by,
            half.on(b.part(LID).target(), b.shop().practice()),
            over ? Double.NaN : parts.rimAt(b),
            design.closes());
  }

  /** The outside beside the join, mm across: towards the foot or towards the top. */
  private double outside(String part, int way) {
    double z = way < 0 ? parts.joinAt(b) : parts.rimAt(b);
    return 2 * b.part(part).target().outer(z + way * b.custom(Line.HOLD_ROUND_DEPTH) / 2);
  }

  /** The jaws that close on a round blank best. */
  static JawSet round(Shop shop, double diameter) {
    return shop.jaws().stream()
        .filter(j -> j.squeeze().holds(diameter))
        .min(Comparator.comparingDouble(j -> Math.abs(j.trueCircle() - diameter)))
        .orElse(Shop.COMMON_JAWS);
  }
}
