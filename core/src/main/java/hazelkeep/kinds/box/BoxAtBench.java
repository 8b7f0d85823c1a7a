package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.FOOT;
import static hazelkeep.kinds.box.BoxSizes.HOLE;
import static hazelkeep.kinds.box.BoxSizes.JOINT;
import static hazelkeep.kinds.box.BoxSizes.LID_DEPTH;
import static hazelkeep.kinds.box.BoxSizes.LID_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.TOP;
import static hazelkeep.kinds.box.BoxSizes.WIDEST;

import hazelkeep.element.DishedFoot;
import hazelkeep.element.Spigot;
import hazelkeep.kinds.box.LiddedBox.School;
import hazelkeep.kinds.box.LiddedBox.Top;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Length;
import hazelkeep.measure.Rounding;
import hazelkeep.piece.AsFound;
import hazelkeep.route.Aim;
import hazelkeep.route.Remedy;
import java.util.ArrayList;
import java.util.List;

/** Changes of a lidded box worth trying when its wood was found otherwise than planned. */
final class BoxAtBench {
  /** Half the width of the place that a diameter found is taken for, mm. */
  private static final double GROOVE = 2;

  private BoxAtBench() {}

  static List<Remedy> waysOn(LiddedBox d, Aim aim, AsFound f) {
    List<Remedy> out = new ArrayList<>();
    double value = f.value();
    boolean body = f.part().equals("body");
    boolean carries = body == (d.school() == School.LID_OVER);
    double joint = carries ? aim.mm(Spigot.LENGTH) : 0;
    DimKey height = body ? BODY_HEIGHT : LID_HEIGHT;
    switch (f.what()) {
      case LENGTH -> {
        set(out, height, value - joint);
        double rest = value - aim.mm(height);
        if (carries && rest >= 2) {
          set(out, Spigot.LENGTH, rest);
        }
        if (carries) {
          double least = Math.max(3, joint / 2);
          out.add(
              new Remedy.Together(List.of(dim(height, value - least), dim(Spigot.LENGTH, least))));
        }
        set(out, height, 0.9 * (value - joint));
      }
      case DIAMETER -> {
        set(out, WIDEST, value);
        set(out, WIDEST, value - 1);
        leaning(out, aim, f, body);
        out.add(new Remedy.Choose("form", "TAPER"));
        out.add(new Remedy.Choose("form", "BARREL"));
        out.add(new Remedy.Choose("form", "OGEE"));
      }
      case DEPTH -> {
        set(out, body ? DEPTH : LID_DEPTH, value);
        set(out, body ? DEPTH : LID_DEPTH, value + 0.5);
        set(out, DishedFoot.HOLLOW, 0.5);
        set(out, HOLE, value - 2);
      }
      case FLAW -> {
        set(out, WIDEST, aim.mm(WIDEST) - 2 * value);
        set(out, WIDEST, aim.mm(WIDEST) - 2 * value - 1);
      }
      default -> {}
    }
    double shorter = value > 0 && f.what() == AsFound.What.FLAW ? value : 3;
    set(out, height, aim.mm(height) - shorter);
    set(out, JOINT, aim.mm(JOINT) - 2);
    out.add(new Remedy.Choose("fit", "EASY"));
    out.add(new Remedy.Choose("top", d.top() == Top.DOME ? "FLAT" : "DOME"));
    return out;
  }

  /** A side that leans in just enough to pass a place that came out too thin. */
  private static void leaning(List<Remedy> out, Aim aim, AsFound f, boolean body) {
    double whole = aim.mm(BODY_HEIGHT) + aim.mm(LID_HEIGHT);
    double at = body ? f.at() + GROOVE : whole - aim.mm(BODY_HEIGHT) - f.at() + GROOVE;
    double lack = aim.mm(WIDEST) - f.value();
    double share = at / whole;
    if (share < 0.6) {
      DimKey end = body ? FOOT : TOP;
      set(out, end, aim.mm(end) - lack / (1 - share) - 0.2);
    }
  }

  private static Remedy dim(DimKey key, double mm) {
    return new Remedy.SetDim(key, Length.mm(Rounding.to(mm, 1)));
  }

  private static void set(List<Remedy> out, DimKey key, double mm) {
    if (mm > 1) {
      out.add(dim(key, mm));
    }
  }
}
