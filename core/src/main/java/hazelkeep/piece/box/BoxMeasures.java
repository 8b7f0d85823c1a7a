package hazelkeep.piece.box;

import static hazelkeep.piece.Measure.Kind.DEPTH;
import static hazelkeep.piece.Measure.Kind.INSIDE;
import static hazelkeep.piece.Measure.Kind.LENGTH;
import static hazelkeep.piece.Measure.Kind.OUTSIDE;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Measure;
import hazelkeep.piece.Stick;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.box.LiddedBox.School;
import hazelkeep.route.Aim;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Where the sizes of a lidded box hang: on its drawing, and along the stick. */
final class BoxMeasures {
  private static final String BODY = "body";
  private static final String LID = "lid";

  private BoxMeasures() {}

  /** The blank's length with every millimetre named. */
  static List<StickPiece> stick(LiddedBox d, Map<DimKey, Dim> dims) {
    Stick out = new Stick(dims);
    boolean over = d.school() == School.LID_OVER;
    out.add("stick.face-foot", "facing", false);
    out.add("stick.tenon-foot", "tenon", false);
    out.add("stick.waste-foot", "waste", false);
    out.add("body.height", "body", true);
    if (over) {
      out.add("joint.length", "spigot", true);
      out.add("stick.face-spigot", "facing", false);
      out.add("stick.kerf", "kerf", false);
      out.add("stick.face-rim", "facing", false);
    } else {
      out.add("stick.face-rim", "facing", false);
      out.add("stick.kerf", "kerf", false);
      out.add("stick.face-spigot", "facing", false);
      out.add("joint.length", "spigot", true);
    }
    out.add("lid.height", "lid", true);
    out.add("stick.waste-top", "waste", false);
    out.add("stick.tenon-top", "tenon", false);
    out.add("stick.face-top", "facing", false);
    return out.done();
  }

  /** Where the sizes lie on the work. */
  static List<Measure> measures(LiddedBox d, Aim aim) {
    BoxShape s = BoxShape.of(d, aim.dims(), aim.practice());
    boolean over = d.school() == School.LID_OVER;
    String onSpigot = over ? BODY : LID;
    String onRecess = over ? LID : BODY;
    double floor = s.mouth() - aim.mm("inside.depth");
    double mouth = s.mouth();
    double spigot = over ? (s.join + mouth) / 2 : (s.lidFace() + s.rim) / 2;
    double deep = aim.mm("recess.depth");
    double recess = over ? s.rim + deep / 2 : mouth - deep / 2;
    double foot = aim.mm("stick.face-foot") + aim.mm("stick.tenon-foot") / 2;
    double top = s.top + aim.mm("stick.waste-top") + aim.mm("stick.tenon-top") / 2;
    List<Measure> m = new ArrayList<>();
    m.add(along("body.height", "body", LENGTH, BODY, s.foot, s.join));
    m.add(
        over
            ? along("joint.length", "spigot", LENGTH, BODY, s.join, mouth)
            : along("joint.length", "spigot", LENGTH, LID, s.lidFace(), s.rim));
    m.add(along("lid.height", "lid", LENGTH, LID, s.rim, s.top));
    m.add(across(aim, "outside.diameter", "⌀", OUTSIDE, BODY, s.foot + aim.mm("body.height") / 2));
    if (d.form() != LiddedBox.Form.STRAIGHT) {
      m.add(across(aim, "outside.foot", "⌀ foot", OUTSIDE, BODY, s.foot));
    }
    m.add(across(aim, "spigot.diameter", "⌀ spigot", OUTSIDE, onSpigot, spigot));
    m.add(
        across(
            aim,
            "inside.diameter",
            "⌀ inside",
            INSIDE,
            BODY,
            floor + aim.mm("inside.depth") * 0.42));
    m.add(across(aim, "recess.diameter", "⌀ recess", INSIDE, onRecess, recess));
    double in = aim.mm("inside.diameter") / 2;
    double inLid = aim.mm("lid.inside") / 2;
    double roof = s.lidFace() + aim.mm("lid.depth");
    m.add(deep("inside.depth", "deep", BODY, floor, mouth, in));
    m.add(deep("lid.depth", "deep", LID, s.lidFace(), roof, inLid));
    m.add(deep("body.floor", "floor", BODY, s.foot, floor, in));
    m.add(
        atBench(
            over
                ? across(aim, "joint.jam", "jam", OUTSIDE, BODY, spigot)
                : across(aim, "joint.jam", "jam", INSIDE, BODY, recess)));
    m.add(
        atBench(
            over
                ? along("recess.depth", "recess", DEPTH, LID, s.rim, s.rim + deep)
                : along("recess.depth", "recess", DEPTH, BODY, mouth - deep, mouth)));
    m.add(
        atBench(
            along(
                "depth-hole.body", "hole", DEPTH, BODY, mouth - aim.mm("depth-hole.body"), mouth)));
    m.add(
        atBench(across(aim, "lid.inside", "inside", INSIDE, LID, roof - aim.mm("lid.depth") / 3)));
    m.add(atBench(across(aim, "tenon-foot.diameter", "tenon", OUTSIDE, BODY, foot)));
    m.add(atBench(across(aim, "tenon-top.diameter", "tenon", OUTSIDE, LID, top)));
    m.add(atBench(across(aim, "blank.round", "round", OUTSIDE, BODY, s.foot + 5)));
    return m;
  }

  private static Measure along(
      String key, String label, Measure.Kind kind, String part, double from, double to) {
    return new Measure(
        new DimKey(key), label, new Point(from, 0), new Point(to, 0), kind, part, true);
  }

  /** A depth, measured anywhere up to a radius. */
  private static Measure deep(
      String key, String label, String part, double from, double to, double radius) {
    return new Measure(
        new DimKey(key), label, new Point(from, 0), new Point(to, radius), DEPTH, part, true);
  }

  private static Measure across(
      Aim aim, String key, String label, Measure.Kind kind, String part, double z) {
    Point to = new Point(z, aim.mm(key) / 2);
    return new Measure(new DimKey(key), label, new Point(z, 0), to, kind, part, true);
  }

  private static Measure atBench(Measure m) {
    return new Measure(m.key(), m.label(), m.from(), m.to(), m.kind(), m.part(), false);
  }
}
