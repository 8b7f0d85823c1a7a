package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.AIR;
import static hazelkeep.kinds.box.BoxSizes.JOINT;
import static hazelkeep.kinds.box.BoxSizes.RECESS_DEEP;
import static hazelkeep.kinds.box.BoxSizes.SHOULDER;

import hazelkeep.element.Built;
import hazelkeep.element.Element;
import hazelkeep.piece.OnSection;

/**
 * What the joint of a box leaves: its shoulder, the air under its spigot.
 *
 * @param over whether the lid goes over the body's spigot
 */
record BoxJoint(boolean over) implements Element {
  @Override
  public void onSection(Built b, OnSection s) {
    String on = over ? BoxParts.BODY : BoxParts.LID;
    String in = over ? BoxParts.LID : BoxParts.BODY;
    double deep = over ? s.high(in, "recess") - s.bottom(in) : s.top(in) - s.low(in, "recess");
    double length = s.high(on, "spigot") - s.low(on, "spigot");
    s.across(JOINT.path(), on, "spigot")
        .is(SHOULDER.path(), s.widest(on, "shoulder") - s.narrowest(on, "shoulder"))
        .is(RECESS_DEEP.path(), deep)
        .is(AIR.path(), deep - length);
  }
}
