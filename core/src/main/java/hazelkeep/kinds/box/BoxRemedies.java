package hazelkeep.kinds.box;

import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;

/**
 * Ways out that are worth trying, best first. Each is tried by the same play before it is shown.
 */
final class BoxRemedies {
  private final LiddedBox design;
  private final Aim aim;
  private final Shop shop;
  private final Tries tries;

  BoxRemedies(LiddedBox design, Aim aim, Shop shop, Tries tries) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.tries = tries;
  }

  /** Those for a finding. */
  void of(Finding f) {
    double short_ = f.verdict().limit() - f.verdict().found();
    switch (f.code()) {
      case "blank-short", "tenon-gone", "wood-missing" -> shortBlank();
      case "tips-over" -> tries.wider(f.verdict(), "outside.foot", "outside.diameter");
      case "recess-too-big" -> newSpigot();
      case "blank-thin" -> scaleForm(f.verdict().found() / f.verdict().limit());
      case "wall-thin", "outside-into-inside", "lid-corner" -> {
        boolean lid = f.part().equals("lid");
        String inside = lid ? "lid.inside" : "inside.diameter";
        for (double more : new double[] {short_, short_ + 1, short_ + 3}) {
          set(inside, down(aim.mm(inside) - 2 * more));
          if (lid) {
            set("lid.depth", down(aim.mm("lid.depth") - more));
            set("lid.roundover", down(aim.mm("lid.roundover") - more));
          }
        }
        if (lid) {
          set("lid.roundover", largestRoundOver());
          set("lid.roundover", 1);
          choose("top", "FLAT");
        }
        choose("form", "STRAIGHT");
      }
      case "spigot-wall" -> spigotWall(short_);
      case "shakes" -> {
        double wall = (aim.mm("spigot.diameter") - aim.mm(spigotInside())) / 2;
        if (wall < shop.custom(Line.WALL_SPIGOT_JAM)) {
          spigotWall(shop.custom(Line.WALL_SPIGOT_JAM) - wall);
        }
        String inside = f.part().equals("lid") ? "lid.inside" : "inside.diameter";
        for (double less : new double[] {2, 4, 6}) {
          set(inside, down(aim.mm(inside) - less));
        }
      }
      case "rim-thin" -> {
        double joint = down(aim.mm("joint.diameter") - 2 * short_);
        set("joint.diameter", joint);
        set("joint.shoulder", up(aim.mm("joint.shoulder") + short_));
      }
      case "floor-thin" -> {
        set("inside.depth", down(aim.mm("inside.depth") - short_));
        set("depth-hole.body", down(aim.mm("inside.depth") - 3));
        set("foot.hollow", 1);
      }
      case "lid-thin" -> {
        set("lid.depth", down(aim.mm("lid.depth") - short_));
        set("lid.height", up(aim.mm("lid.height") + short_));
        set("joint.length", down(aim.mm("joint.length") - short_));
      }
      case "lid-shallow" -> set("lid.height", up(aim.mm("lid.height") + short_ + 1));
      case "content" -> content(f);
      case "dimple" -> shortBlank();
      default -> {}
    }
  }

  private String spigotInside() {
    return design.school() == LiddedBox.School.LID_OVER ? "inside.diameter" : "lid.inside";
  }

  private void spigotWall(double lack) {
    set(
        spigotInside(),
        down(aim.mm("spigot.diameter") - 2 * shop.custom(Line.WALL_SPIGOT_JAM) - 0.1));
    set("joint.diameter", up(aim.mm("joint.diameter") + 2 * lack));
  }

  /** What consumes more than the blank has gives way: first what the turner named. */
  private void shortBlank() {
    double give = up(aim.mm("stick.need") - aim.mm("blank.length"));
    if (give <= 0) {
      return;
    }
    String key = giving();
    set(key, aim.mm(key) - give);
    set("outside.height", aim.mm("outside.height") - give);
    set("body.height", aim.mm("body.height") - give);
  }

  /** What the turner lets give way. */
  private String giving() {
    return switch (design.gives()) {
      case BOTH -> "outside.height";
      case BODY -> "body.height";
      case LID -> "lid.height";
      case JOINT -> "joint.length";
    };
  }

  /** A spigot too thin for its recess is turned anew, further down in full wood. */
  private void newSpigot() {
    if (design.school() == LiddedBox.School.LID_OVER) {
      for (double joint : new double[] {aim.mm("joint.length"), 5, 4}) {
        tries.together(
            new DimKey("body.height"),
            down(aim.mm("body.height") - aim.mm("joint.length")),
            new DimKey("joint.length"),
            joint);
      }
    }
  }

  private void content(Finding f) {
    double lack = up(f.verdict().limit() - f.verdict().found());
    if (f.verdict().entry() == Entry.CONTENT_LESS) {
      double area = Math.PI / 4 * Math.pow(aim.mm("inside.diameter"), 2);
      double deeper = up(lack * 1000 / area * 1.02 + 0.5);
      set("body.height", aim.mm("body.height") + deeper);
      set("outside.height", aim.mm("outside.height") + 1.6 * deeper);
    } else if (f.verdict().entry() == Entry.CONTENT_WIDE) {
      double in = f.verdict().limit() + 2 * shop.custom(Line.CONTENT_BOX);
      set("inside.diameter", in);
      set("outside.diameter", up(in + 2 * Math.max(8, Math.min(18, 0.25 * in))));
    } else {
      set("body.height", aim.mm("body.height") + lack);
      set("outside.height", aim.mm("outside.height") + lack);
      set("outside.height", aim.mm("outside.height") + 2 * lack);
      choose("floor", "FLAT");
      choose("roof", "FLAT");
    }
  }

  private void scaleForm(double share) {
    if (design.form() == LiddedBox.Form.FREE) {
      choose("form", "STRAIGHT");
    }
    set("outside.diameter", down(aim.mm("outside.diameter") * share));
  }

  /** The largest round-over that keeps the lid's corner, by halving. */
  private double largestRoundOver() {
    double lo = 0.3;
    double hi = aim.mm("lid.roundover");
    for (int i = 0; i < 12; i++) {
      double mid = (lo + hi) / 2;
      if (BoxKeeps.corner(design, shop, mid)) {
        lo = mid;
      } else {
        hi = mid;
      }
    }
    return down(lo);
  }

  private void set(String key, double mm) {
    tries.set(key, mm);
  }

  private void choose(String choice, String option) {
    tries.choose(choice, option);
  }

  /** Up to the next tenth: what is set can be read off a rule. */
  private static double up(double mm) {
    return Math.ceil(mm * 10 - 1e-6) / 10;
  }

  private static double down(double mm) {
    return Math.floor(mm * 10 + 1e-6) / 10;
  }
}
