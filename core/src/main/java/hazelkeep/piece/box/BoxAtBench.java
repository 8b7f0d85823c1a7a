package hazelkeep.piece.box;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Feature;
import hazelkeep.piece.box.LiddedBox.School;
import hazelkeep.piece.box.LiddedBox.Top;
import hazelkeep.route.Aim;
import hazelkeep.route.Remedy;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What a run at the bench asks of a lidded box: what is measured, what was found, what then. */
final class BoxAtBench {
  private BoxAtBench() {}

  static Map<String, Double> anchors(Map<DimKey, Double> dims) {
    double foot = sum(dims, "stick.face-foot", "stick.tenon-foot", "stick.waste-foot");
    double rim =
        foot
            + sum(
                dims,
                "body.height",
                "joint.length",
                "stick.face-spigot",
                "stick.kerf",
                "stick.face-rim");
    return Map.of("body", foot, "lid", rim);
  }

  private static double sum(Map<DimKey, Double> dims, String... keys) {
    double sum = 0;
    for (String k : keys) {
      sum += dims.get(new DimKey(k));
    }
    return sum;
  }

  static Map<DimKey, Double> settled(Map<DimKey, Double> then, Map<DimKey, Double> now) {
    // The tenon on the lid stays where it was cut, however high the lid is to be.
    double waste = sum(then, "lid.height", "stick.waste-top") - sum(now, "lid.height");
    return Math.abs(waste - sum(now, "stick.waste-top")) < 1e-9
        ? Map.of()
        : Map.of(new DimKey("stick.waste-top"), Math.max(0, waste));
  }

  static List<Feature> features(LiddedBox d) {
    boolean over = d.school() == School.LID_OVER;
    SurfaceId recess = new SurfaceId(over ? "lid" : "body", "recess");
    SurfaceId spigot = new SurfaceId(over ? "body" : "lid", "spigot");
    return List.of(
        new Feature(new DimKey("recess.diameter"), recess, Feature.Kind.INNER),
        new Feature(
            new DimKey("recess.depth"),
            over ? new SurfaceId("lid", "inside") : recess,
            Feature.Kind.SHAPE),
        new Feature(new DimKey("spigot.diameter"), spigot, Feature.Kind.OUTER),
        new Feature(
            new DimKey("joint.jam"),
            over ? spigot : recess,
            over ? Feature.Kind.OUTER : Feature.Kind.INNER),
        new Feature(
            new DimKey("inside.depth"), new SurfaceId("body", "inside"), Feature.Kind.SHAPE),
        new Feature(
            new DimKey("inside.diameter"), new SurfaceId("body", "inside"), Feature.Kind.SHAPE),
        new Feature(new DimKey("lid.depth"), new SurfaceId("lid", "inside"), Feature.Kind.SHAPE),
        new Feature(
            new DimKey("tenon-foot.diameter"), new SurfaceId("body", "foot"), Feature.Kind.STUB),
        new Feature(
            new DimKey("tenon-top.diameter"), new SurfaceId("lid", "top"), Feature.Kind.STUB));
  }

  static List<Remedy> waysOn(LiddedBox d, Aim aim, AsFound f) {
    double value = f.value();
    List<Remedy> out = new ArrayList<>();
    boolean body = f.part().equals("body");
    boolean carries = body == (d.school() == School.LID_OVER);
    double joint = carries ? aim.mm("joint.length") : 0;
    String height = body ? "body.height" : "lid.height";
    // What the other half is to be stays: it may be cut already.
    String mate = body ? "lid.height" : "body.height";
    Remedy other = dim(mate, aim.mm(mate));
    switch (f.what()) {
      case LENGTH -> {
        out.add(new Remedy.Together(List.of(dim(height, value - joint), other)));
        if (carries) {
          // The recess is cut already: it stays as deep as it is.
          Remedy recess = dim("recess.depth", aim.mm("recess.depth"));
          double rest = value - aim.mm(height);
          double least = Math.max(3, joint / 2);
          if (rest >= 2) {
            out.add(new Remedy.Together(List.of(dim("joint.length", rest), recess)));
          }
          out.add(
              new Remedy.Together(
                  List.of(dim(height, value - least), dim("joint.length", least), recess, other)));
        }
        out.add(new Remedy.Together(List.of(dim(height, 0.9 * (value - joint)), other)));
      }
      case DIAMETER -> {
        double ratio = value / aim.mm("outside.diameter");
        set(out, "outside.diameter", value);
        set(out, body ? "outside.foot" : "outside.top", value);
        set(out, "outside.diameter", value - 1);
        set(out, "inside.diameter", ratio * aim.mm("inside.diameter"));
        out.add(new Remedy.Choose("form", "TAPER"));
        out.add(new Remedy.Choose("form", "BARREL"));
      }
      case DEPTH -> {
        set(out, body ? "inside.depth" : "lid.depth", value);
        set(out, body ? "inside.depth" : "lid.depth", value + 0.5);
        set(out, "foot.hollow", 0.5);
        set(out, "depth-hole.body", value - 2);
      }
      default -> {}
    }
    double shorter = value > 0 && f.what() == AsFound.What.FLAW ? value : 3;
    out.add(new Remedy.Together(List.of(dim(height, aim.mm(height) - shorter), other)));
    set(out, "joint.diameter", aim.mm("joint.diameter") - 2);
    out.add(new Remedy.Choose("fit", "EASY"));
    out.add(new Remedy.Choose("top", d.top() == Top.DOME ? "FLAT" : "DOME"));
    return out;
  }

  private static Remedy dim(String key, double mm) {
    return new Remedy.SetDim(new DimKey(key), Length.mm(BoxHandles.tenth(mm)));
  }

  private static void set(List<Remedy> out, String key, double mm) {
    if (mm > 1) {
      out.add(dim(key, mm));
    }
  }

  static HalfSection gone(LiddedBox d, Aim aim, AsFound f) {
    double value = f.value();
    double at = f.at();
    BoxShape s = BoxShape.of(d, aim.dims());
    boolean body = f.part().equals("body");
    return switch (f.what()) {
      case LENGTH ->
          // Measured from the foot up on the body, from the top down on the lid.
          body
              ? HalfSection.box(s.foot + value, s.kerfFrom() + 1, 0, s.far)
              : HalfSection.box(s.kerfFrom(), s.top - value, 0, s.far);
      case DIAMETER -> {
        double z = body ? s.foot + at : s.rim + at;
        yield HalfSection.box(z - 2, z + 2, value / 2, s.far);
      }
      case DEPTH ->
          body
              ? HalfSection.box(s.mouth() - value, s.mouth() + 1, 0, aim.mm("inside.diameter") / 4)
              : HalfSection.box(s.lidFace() - 1, s.lidFace() + value, 0, aim.mm("lid.inside") / 4);
      case FLAW -> {
        double z = body ? s.foot + at : s.rim + at;
        double r = aim.mm("outside.diameter") / 2;
        // A flaw is taken as a groove as deep as it was found, at its worst all round.
        yield value > 0 ? HalfSection.box(z - 1, z + 1, r - value, s.far) : HalfSection.EMPTY;
      }
      case LOST -> HalfSection.EMPTY;
    };
  }
}
