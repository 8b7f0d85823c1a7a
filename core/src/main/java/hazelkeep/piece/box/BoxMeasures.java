package hazelkeep.piece.box;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Measure;
import hazelkeep.piece.StickPiece;
import hazelkeep.piece.box.LiddedBox.School;
import hazelkeep.route.Aim;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Where the sizes of a lidded box hang: on its drawing, and along the stick. */
final class BoxMeasures {
  private BoxMeasures() {}

  /** The blank's length with every millimetre named. */
  static List<StickPiece> stick(LiddedBox d, Map<DimKey, Dim> dims) {
    List<StickPiece> out = new ArrayList<>();
    boolean over = d.school() == School.LID_OVER;
    add(out, dims, "stick.face-foot", "facing", false);
    add(out, dims, "stick.tenon-foot", "tenon", false);
    add(out, dims, "stick.waste-foot", "waste", false);
    add(out, dims, "body.height", "body", true);
    if (over) {
      add(out, dims, "joint.length", "spigot", true);
      add(out, dims, "stick.face-spigot", "facing", false);
      add(out, dims, "stick.kerf", "kerf", false);
      add(out, dims, "stick.face-rim", "facing", false);
    } else {
      add(out, dims, "stick.face-rim", "facing", false);
      add(out, dims, "stick.kerf", "kerf", false);
      add(out, dims, "stick.face-spigot", "facing", false);
      add(out, dims, "joint.length", "spigot", true);
    }
    add(out, dims, "lid.height", "lid", true);
    add(out, dims, "stick.waste-top", "waste", false);
    add(out, dims, "stick.tenon-top", "tenon", false);
    add(out, dims, "stick.face-top", "facing", false);
    double end = out.get(out.size() - 1).to();
    double blank = dims.get(new DimKey("blank.length")).mm();
    if (blank > end + 1e-6) {
      out.add(new StickPiece(new DimKey("blank.length"), "to spare", end, blank, false));
    }
    return out;
  }

  private static void add(
      List<StickPiece> out, Map<DimKey, Dim> dims, String key, String label, boolean kept) {
    double from = out.isEmpty() ? 0 : out.get(out.size() - 1).to();
    double length = dims.get(new DimKey(key)).mm();
    out.add(new StickPiece(new DimKey(key), label, from, from + length, kept));
  }

  /** The dimensions that hang on the drawing. */
  static List<Measure> measures(LiddedBox d, Aim aim) {
    BoxShape s = BoxShape.of(d, aim.dims());
    boolean over = d.school() == School.LID_OVER;
    double ri = aim.mm("inside.diameter") / 2;
    double floor = s.mouth() - aim.mm("inside.depth");
    double roof = s.lidFace() + aim.mm("lid.depth");
    double half = s.foot + aim.mm("body.height") / 2;
    List<Measure> m = new ArrayList<>();
    m.add(measure("body.height", "body", s.foot, s.join, 0, Measure.Kind.LENGTH));
    m.add(
        over
            ? measure("joint.length", "spigot", s.join, s.mouth(), 0, Measure.Kind.LENGTH)
            : measure("joint.length", "spigot", s.lidFace(), s.rim, 0, Measure.Kind.LENGTH));
    m.add(measure("lid.height", "lid", s.rim, s.top, 0, Measure.Kind.LENGTH));
    m.add(
        across(
            "outside.diameter", "⌀", half, aim.mm("outside.diameter") / 2, Measure.Kind.OUTSIDE));
    m.add(
        across("outside.foot", "⌀ foot", s.foot, aim.mm("outside.foot") / 2, Measure.Kind.OUTSIDE));
    m.add(
        across(
            "spigot.diameter",
            "⌀ spigot",
            over ? (s.join + s.mouth()) / 2 : (s.lidFace() + s.rim) / 2,
            aim.mm("spigot.diameter") / 2,
            Measure.Kind.OUTSIDE));
    m.add(
        across(
            "inside.diameter",
            "⌀ inside",
            floor + aim.mm("inside.depth") * 0.42,
            ri,
            Measure.Kind.INSIDE));
    m.add(
        across(
            "recess.diameter",
            "⌀ recess",
            over ? s.rim + aim.mm("recess.depth") / 2 : s.mouth() - aim.mm("recess.depth") / 2,
            aim.mm("recess.diameter") / 2,
            Measure.Kind.INSIDE));
    m.add(measure("inside.depth", "deep", floor, s.mouth(), 0, Measure.Kind.DEPTH));
    m.add(measure("lid.depth", "deep", s.lidFace(), roof, 0, Measure.Kind.DEPTH));
    m.add(measure("body.floor", "floor", s.foot, floor, 0, Measure.Kind.DEPTH));
    return m;
  }

  private static Measure measure(
      String key, String label, double from, double to, double r, Measure.Kind kind) {
    return new Measure(new DimKey(key), label, new Point(from, r), new Point(to, r), kind);
  }

  private static Measure across(String key, String label, double z, double r, Measure.Kind kind) {
    return new Measure(new DimKey(key), label, new Point(z, 0), new Point(z, r), kind);
  }
}
