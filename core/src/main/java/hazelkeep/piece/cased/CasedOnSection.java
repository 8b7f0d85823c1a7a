package hazelkeep.piece.cased;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.OnSection;
import hazelkeep.route.Aim;
import java.util.Map;

/** The sizes of a cased piece, read on its drawn section. */
final class CasedOnSection {
  private static final String BODY = CasedShape.BODY;
  private static final String LID = CasedShape.LID;

  private CasedOnSection() {}

  static Map<DimKey, Double> read(Aim aim) {
    OnSection s = new OnSection(aim);
    double foot = s.low(BODY, "side");
    double body = s.high(BODY, "side") - foot;
    double rim = s.bottom(LID);
    double lid = s.top(LID) - rim;
    double bore = s.first(BODY, "inside");
    return s.joint("recess.diameter", "spigot.diameter")
        .is("outside.height", body + lid)
        .is("body.height", body)
        .is("lid.height", lid)
        .is("outside.diameter", 2 * s.last(BODY, "side"))
        .is("outside.foot", 2 * s.first(BODY, "side"))
        .is("outside.eaves", 2 * s.first(LID, "side"))
        .is("outside.top", 2 * s.last(LID, "side"))
        .along("joint.length", BODY, "spigot")
        .is("bore.diameter", 2 * bore)
        .is("bore.depth", s.top(BODY) - s.lowAt(BODY, "inside", bore))
        .is("body.floor", s.low(BODY, "inside") - foot)
        .is("lid.depth", s.high(LID, "recess") - rim)
        .is("lid.end", s.top(LID) - Math.max(s.high(LID, "roof"), s.high(LID, "recess")))
        .along("lid.dome", LID, "top")
        .along("foot.hollow", BODY, "foot")
        .done();
  }
}
