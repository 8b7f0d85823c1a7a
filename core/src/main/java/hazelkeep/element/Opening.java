package hazelkeep.element;

import hazelkeep.hold.Centres;
import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.RecipeSteps;
import hazelkeep.piece.StockRules;
import hazelkeep.practice.Line;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How the work on two halves begins: in one blank, that is rounded, gets a tenon at each end and is
 * parted between them; or each in a blank of its own, with a tenon where the other would have had
 * its end. From there on both ways are one.
 *
 * @param low the tenon at the lower half's end
 * @param high the tenon at the upper half's
 * @param kerf what lies between them
 * @param called what the upper half is called
 */
public record Opening(ChuckTenon low, ChuckTenon high, Spare kerf, String called) {
  private String lower() {
    return low.on().part();
  }

  private String upper() {
    return high.on().part();
  }

  /**
   * The usual one.
   *
   * @param more what else is cut on the lower half before the upper one comes off
   */
  public void in(Work w, Work.Task... more) {
    Built b = w.built();
    if (b.apart()) {
      apart(w, more);
      return;
    }
    w.held(
        "centres",
        "Between centres",
        Hold.of(new Centres()),
        both(Work.FLAT),
        (s, x) -> x.usual().round(s, lower()),
        (s, x) -> x.usual().tenons(s, lower(), low.stub(), upper(), b.custom(Line.READ_TURNED)));
    w.held(
        "whole",
        Wording.of("any.foot-tenon-in-the-jaws"),
        Hold.of(low.squeeze(b), b.shop().live()),
        both(low.frame(b)),
        (s, x) -> {
          RecipeSteps.grain(s, lower(), upper(), called);
          List.of(more).forEach(t -> t.in(s, x));
        },
        kerf.part(lower(), upper(), called));
  }

  /**
   * Each half in a blank of its own: both laid out on the bench, then each rounded between centres
   * and its tenon cut.
   *
   * @param more what else is cut on the lower half there
   */
  public void apart(Work w, Work.Task... more) {
    w.held("blanks", "The two blanks", Hold.of(new OffLathe()), both(Work.FLAT), this::cutToLength);
    half(w, low, "Body", "centres", more);
    half(w, high, capital(), "centres top");
  }

  /** What the upper half is called, at the head of a sentence. */
  String capital() {
    return Character.toUpperCase(called.charAt(0)) + called.substring(1);
  }

  /** A tenon where there is one; else its end is faced: a recess comes there. */
  private void end(ChuckTenon tenon, SetupDraft s, Work w) {
    if (tenon.none().isEmpty()) {
      tenon.cut(s, w);
      return;
    }
    s.step(
        "face",
        "Face the end",
        Wording.of("opening.true-it-with-the-parting"),
        Speeds.At.TURNING,
        Acts.remove(tenon.on().part(), tenon.facing(w.built())));
  }

  private void half(Work w, ChuckTenon tenon, String word, String name, Work.Task... more) {
    String part = tenon.on().part();
    w.held(
        name,
        word + " between centres",
        Hold.of(new Centres()),
        Map.of(part, Work.FLAT),
        (s, x) -> x.usual().round(s, part),
        (s, x) -> end(tenon, s, x),
        (s, x) -> List.of(more).forEach(t -> t.in(s, x)));
  }

  private void cutToLength(SetupDraft s, Work w) {
    Built b = w.built();
    double from = b.at(Edge.from(kerf.key()));
    double to = b.at(Edge.to(kerf.key()));
    s.step(
        "cut",
        "Cut both blanks to length",
        Wording.of(
            "opening.the-bodys-long-of-the",
            Dims.both(from),
            wood(b, lower()),
            called,
            Dims.both(b.length() - to),
            wood(b, upper()),
            Dims.both(b.mm(StockRules.ACROSS))),
        Speeds.At.TURNING,
        Acts.part(lower(), upper(), HalfSection.box(from, to, 0, b.far())));
  }

  private static String wood(Built b, String part) {
    return b.aim().wood(part).name();
  }

  private Map<String, Frame> both(Frame f) {
    Map<String, Frame> out = new LinkedHashMap<>();
    out.put(lower(), f);
    out.put(upper(), f);
    return out;
  }
}
