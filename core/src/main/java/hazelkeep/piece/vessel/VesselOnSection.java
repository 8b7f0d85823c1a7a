package hazelkeep.piece.vessel;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.OnSection;
import hazelkeep.route.Aim;
import java.util.Map;

/** The sizes of a bored vessel, read on its drawn section. */
final class VesselOnSection {
  private static final String BODY = VesselShape.BODY;

  private VesselOnSection() {}

  static Map<DimKey, Double> read(BoredVessel d, Aim aim) {
    OnSection s = new OnSection(aim);
    double foot = s.low(BODY, "side");
    double rim = s.top(BODY);
    double floor = s.low(BODY, "inside");
    double mouth = s.first(BODY, "inside");
    s.along("outside.height", BODY, "side")
        .across("outside.diameter", BODY, "side")
        .is("outside.foot", 2 * s.first(BODY, "side"))
        .is("outside.rim", 2 * s.last(BODY, "side"))
        .is("bore.diameter", 2 * mouth)
        .is("body.floor", floor - foot)
        .along("foot.hollow", BODY, "foot")
        .recess("foot.recess", BODY);
    if (s.has(BODY, "flare")) {
      s.along("mouth.flare", BODY, "flare");
    }
    if (d.necked()) {
      double belly = foot + VesselShape.widest(d, aim.practice()) * (rim - foot);
      s.is("outside.neck", 2 * s.narrowest(BODY, "side", z -> z > belly));
    }
    if (aim.mm("bore.narrow") > 0 && !d.rigged()) {
      double from = s.lowAt(BODY, "inside", mouth);
      double narrow = s.widest(BODY, "inside", z -> z < from - 1e-6);
      s.is("bore.narrow", 2 * narrow);
      s.is("bore.narrow-depth", rim - s.lowAt(BODY, "inside", narrow));
    }
    s.is("bore.depth", rim - (d.rigged() ? floor : s.lowAt(BODY, "inside", mouth)));
    return s.done();
  }
}
