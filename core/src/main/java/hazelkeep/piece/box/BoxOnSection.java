package hazelkeep.piece.box;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.OnSection;
import hazelkeep.piece.box.LiddedBox.School;
import hazelkeep.piece.box.LiddedBox.Top;
import hazelkeep.route.Aim;
import java.util.Map;

/** The sizes of a lidded box, read on its drawn section. */
final class BoxOnSection {
  private static final String BODY = "body";
  private static final String LID = "lid";

  /** A roof lower than this over its face is flat, mm. */
  private static final double FLAT = 0.02;

  private BoxOnSection() {}

  static Map<DimKey, Double> read(LiddedBox d, Aim aim) {
    boolean over = d.school() == School.LID_OVER;
    OnSection s = new OnSection(aim);
    double foot = s.low(BODY, "side");
    double body = s.high(BODY, "side") - foot;
    double lid = s.top(LID) - s.low(LID, "side");
    double mouth = s.top(BODY);
    double face = s.bottom(LID);
    String onSpigot = over ? BODY : LID;
    String onRecess = over ? LID : BODY;
    double deep = s.high(onRecess, "recess") - s.low(onRecess, "recess");
    double length = s.high(onSpigot, "spigot") - s.low(onSpigot, "spigot");
    s.joint("recess.diameter", "spigot.diameter")
        .is("outside.height", body + lid)
        .is("body.height", body)
        .is("lid.height", lid)
        .is("outside.diameter", 2 * Math.max(s.widest(BODY, "side"), s.widest(LID, "side")))
        .is("outside.foot", 2 * s.first(BODY, "side"))
        .is("outside.top", 2 * s.last(LID, "side"))
        .is("joint.length", length)
        .across("joint.diameter", onSpigot, "spigot")
        .is("joint.shoulder", s.widest(onSpigot, "shoulder") - s.narrowest(onSpigot, "shoulder"))
        .is("recess.depth", deep)
        .is("joint.air", deep - length)
        .across("inside.diameter", BODY, "inside")
        .is("inside.depth", mouth - s.low(BODY, "inside"))
        .is("body.floor", s.low(BODY, "inside") - foot)
        .is("lid.depth", s.high(LID, "inside") - face)
        .is("lid.thickness", s.top(LID) - s.high(LID, "inside"))
        .along("foot.hollow", BODY, "foot")
        .recess("foot.recess", BODY);
    double roof = over ? s.high(LID, "recess") : face;
    if (s.high(LID, "inside") - roof > FLAT) {
      s.is("lid.inside", 2 * s.widest(LID, "inside", z -> z > roof + 1e-6));
    }
    s.along(d.top() == Top.DOME ? "lid.dome" : "lid.roundover", LID, "top");
    if (d.floor() == LiddedBox.Floor.FLAT) {
      s.is("inside.corner", BoxRoom.floorCorner(d, aim::mm));
    }
    return s.done();
  }
}
