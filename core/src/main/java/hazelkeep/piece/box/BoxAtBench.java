package hazelkeep.piece.box;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.piece.AsFound;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.box.LiddedBox.School;
import hazelkeep.piece.box.LiddedBox.Top;
import hazelkeep.route.Aim;
import hazelkeep.route.Remedy;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What a run at the bench asks of a lidded box: what is measured, what was found, what then. */
final class BoxAtBench {
  /** Half the width of the place that a diameter found is taken for, mm. */
  private static final double GROOVE = 2;

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

  /** Heights stay, unless one of them is what changes; then the other half does. */
  static List<DimKey> stays(Set<DimKey> named) {
    List<DimKey> out = new ArrayList<>(List.of(new DimKey("joint.length")));
    boolean whole = named.contains(new DimKey("outside.height"));
    for (String height : List.of("body.height", "lid.height")) {
      if (!whole && !named.contains(new DimKey(height))) {
        out.add(new DimKey(height));
      }
    }
    out.removeAll(named);
    return out;
  }

  static List<Feature> features(LiddedBox d) {
    boolean over = d.school() == School.LID_OVER;
    SurfaceId recess = new SurfaceId(over ? "lid" : "body", "recess");
    SurfaceId spigot = new SurfaceId(over ? "body" : "lid", "spigot");
    SurfaceId inside = new SurfaceId("body", "inside");
    SurfaceId roof = new SurfaceId("lid", "inside");
    Feature.Kind jam = over ? Feature.Kind.OUTER : Feature.Kind.INNER;
    List<Feature> out = new ArrayList<>();
    if (d.footBy() == Finishing.RECESS) {
      SurfaceId foot = new SurfaceId("body", "foot");
      out.add(feature("foot.recess", foot, Feature.Kind.SHAPE));
      out.add(feature("foot.hollow", foot, Feature.Kind.SHAPE));
    }
    out.addAll(
        List.of(
            feature("recess.diameter", recess, Feature.Kind.INNER),
            feature("recess.depth", over ? roof : recess, Feature.Kind.SHAPE),
            feature("spigot.diameter", spigot, Feature.Kind.OUTER),
            feature("joint.jam", over ? spigot : recess, jam),
            // Floor and roof stay where they are in the wood when a mouth is cut back.
            feature("inside.depth", inside, Feature.Kind.SHAPE, "body.floor"),
            feature("inside.diameter", inside, Feature.Kind.SHAPE),
            feature("lid.depth", roof, Feature.Kind.SHAPE, "lid.thickness"),
            feature("lid.inside", roof, Feature.Kind.SHAPE),
            feature("tenon-foot.diameter", new SurfaceId("body", "foot"), Feature.Kind.STUB),
            feature("tenon-top.diameter", new SurfaceId("lid", "top"), Feature.Kind.STUB)));
    return out;
  }

  private static Feature feature(String key, SurfaceId on, Feature.Kind kind) {
    return feature(key, on, kind, key);
  }

  private static Feature feature(String key, SurfaceId on, Feature.Kind kind, String keeps) {
    return new Feature(new DimKey(key), on, kind, new DimKey(keeps));
  }

  static List<Remedy> waysOn(LiddedBox d, Aim aim, AsFound f) {
    List<Remedy> out = new ArrayList<>();
    double value = f.value();
    boolean body = f.part().equals("body");
    boolean carries = body == (d.school() == School.LID_OVER);
    double joint = carries ? aim.mm("joint.length") : 0;
    String height = body ? "body.height" : "lid.height";
    switch (f.what()) {
      case LENGTH -> {
        set(out, height, value - joint);
        double rest = value - aim.mm(height);
        if (carries && rest >= 2) {
          set(out, "joint.length", rest);
        }
        if (carries) {
          double least = Math.max(3, joint / 2);
          out.add(
              new Remedy.Together(List.of(dim(height, value - least), dim("joint.length", least))));
        }
        set(out, height, 0.9 * (value - joint));
      }
      case DIAMETER -> {
        set(out, "outside.diameter", value);
        set(out, "outside.diameter", value - 1);
        leaning(out, aim, f, body);
        out.add(new Remedy.Choose("form", "TAPER"));
        out.add(new Remedy.Choose("form", "BARREL"));
        out.add(new Remedy.Choose("form", "OGEE"));
      }
      case DEPTH -> {
        set(out, body ? "inside.depth" : "lid.depth", value);
        set(out, body ? "inside.depth" : "lid.depth", value + 0.5);
        set(out, "foot.hollow", 0.5);
        set(out, "depth-hole.body", value - 2);
      }
      case FLAW -> {
        set(out, "outside.diameter", aim.mm("outside.diameter") - 2 * value);
        set(out, "outside.diameter", aim.mm("outside.diameter") - 2 * value - 1);
      }
      default -> {}
    }
    double shorter = value > 0 && f.what() == AsFound.What.FLAW ? value : 3;
    set(out, height, aim.mm(height) - shorter);
    set(out, "joint.diameter", aim.mm("joint.diameter") - 2);
    out.add(new Remedy.Choose("fit", "EASY"));
    out.add(new Remedy.Choose("top", d.top() == Top.DOME ? "FLAT" : "DOME"));
    return out;
  }

  /** A side that leans in just enough to pass a place that came out too thin. */
  private static void leaning(List<Remedy> out, Aim aim, AsFound f, boolean body) {
    double whole = aim.mm("body.height") + aim.mm("lid.height");
    double at = body ? f.at() + GROOVE : whole - aim.mm("body.height") - f.at() + GROOVE;
    double lack = aim.mm("outside.diameter") - f.value();
    double share = at / whole;
    if (share < 0.6) {
      String end = body ? "outside.foot" : "outside.top";
      set(out, end, aim.mm(end) - lack / (1 - share) - 0.2);
    }
  }

  private static Remedy dim(String key, double mm) {
    return new Remedy.SetDim(new DimKey(key), Length.mm(BoxHandles.tenth(mm)));
  }

  private static void set(List<Remedy> out, String key, double mm) {
    if (mm > 1) {
      out.add(dim(key, mm));
    }
  }
}
