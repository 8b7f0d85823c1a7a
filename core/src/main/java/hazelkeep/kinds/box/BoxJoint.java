package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.AIR;
import static hazelkeep.kinds.box.BoxSizes.JOINT;
import static hazelkeep.kinds.box.BoxSizes.RECESS_DEEP;
import static hazelkeep.kinds.box.BoxSizes.SHOULDER;

import hazelkeep.element.Built;
import hazelkeep.element.Element;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.OnSection;
import hazelkeep.wood.SurfaceId;
import java.util.function.ToDoubleFunction;

/**
 * What the joint of a box leaves: its shoulder, the air under its spigot.
 *
 * @param over whether the lid goes over the body's spigot
 */
record BoxJoint(boolean over) implements Element {

  @Override
  public void dimensions(Built b, Dimensions d) {
    SurfaceId on = new SurfaceId(over ? BoxParts.BODY : BoxParts.LID, "spigot");
    SurfaceId in = new SurfaceId(over ? BoxParts.LID : BoxParts.BODY, "recess");
    SurfaceId shoulder = new SurfaceId(on.part(), "shoulder");
    ToDoubleFunction<OnSection> deep =
        s -> over ? s.high(in) - s.bottom(in.part()) : s.top(in.part()) - s.low(in);
    d.size(JOINT, on).widest();
    d.size(SHOULDER, shoulder).reads(s -> s.widest(shoulder) - s.narrowest(shoulder));
    d.size(RECESS_DEEP, in).reads(deep);
    d.size(AIR, on).reads(s -> deep.applyAsDouble(s) - (s.high(on) - s.low(on)));
  }
}
