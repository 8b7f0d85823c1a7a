package hazelkeep.piece.mill;

import hazelkeep.measure.DimKey;
import hazelkeep.piece.OnSection;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import java.util.Map;

/** The sizes of a mill or shaker, read on its drawn section. */
final class MillOnSection {
  private static final String BODY = MillShape.BODY;
  private static final String HEAD = MillShape.HEAD;

  private MillOnSection() {}

  static Map<DimKey, Double> read(Mill d, Aim aim) {
    OnSection s = new OnSection(aim);
    double foot = s.low(BODY, "side");
    double body = s.high(BODY, "side") - foot;
    double rim = s.high(HEAD, "spigot");
    double head = s.top(HEAD) - rim;
    s.joint("bore.diameter", "spigot.diameter")
        .is("outside.height", body + head)
        .is("body.height", body)
        .is("head.height", head)
        .is("outside.diameter", 2 * s.first(BODY, "side"))
        .is("outside.join", 2 * s.last(BODY, "side"))
        .is("outside.top", 2 * s.last(HEAD, "side"))
        .along("joint.length", HEAD, "spigot")
        .along("head.dome", HEAD, "top");
    if (d.form() == Mill.Form.WAISTED) {
      double at = foot + aim.custom(Line.FORM_WAIST) * body;
      s.is("outside.waist", 2 * aim.part(BODY).target().outer(at));
    }
    if (aim.mm("shaft.length") > 0) {
      // Stands on the foot's own plane less what is sunk: so much of it looks out at the top.
      s.is("thread.proud", aim.mm("shaft.sunk") + aim.mm("shaft.length") - body - head);
    }
    seats(s, foot);
    head(s);
    return s.done();
  }

  private static void seats(OnSection s, double foot) {
    if (!s.has(BODY, "seats")) {
      return;
    }
    double wide = s.widest(BODY, "seats");
    double ends = s.highAt(BODY, "seats", wide);
    double inner = s.widest(BODY, "seats", z -> z > ends + 1e-6);
    boolean two = inner > 0;
    s.is(two ? "plate.diameter" : "ring.diameter", 2 * wide);
    s.is(two ? "plate.depth" : "ring.depth", ends - foot);
    if (two) {
      s.is("ring.diameter", 2 * inner);
      s.is("ring.depth", s.highAt(BODY, "seats", inner) - foot);
    }
  }

  private static void head(OnSection s) {
    double end = s.low(HEAD, "spigot");
    if (s.has(HEAD, "hole")) {
      s.across("shaft.hole", HEAD, "hole");
    }
    if (s.has(HEAD, "under")) {
      double wide = s.widest(HEAD, "under");
      s.is("drive.diameter", 2 * wide);
      s.is("drive.depth", s.highAt(HEAD, "under", wide) - end);
    }
  }
}
