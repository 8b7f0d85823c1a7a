package hazelkeep.kinds.box;

import static hazelkeep.kinds.box.BoxSizes.BODY_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.DEPTH;
import static hazelkeep.kinds.box.BoxSizes.FOOT;
import static hazelkeep.kinds.box.BoxSizes.HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.HOLE;
import static hazelkeep.kinds.box.BoxSizes.INSIDE;
import static hazelkeep.kinds.box.BoxSizes.JOINT;
import static hazelkeep.kinds.box.BoxSizes.LID_DEPTH;
import static hazelkeep.kinds.box.BoxSizes.LID_HEIGHT;
import static hazelkeep.kinds.box.BoxSizes.LID_INSIDE;
import static hazelkeep.kinds.box.BoxSizes.ROUNDOVER;
import static hazelkeep.kinds.box.BoxSizes.SHOULDER;
import static hazelkeep.kinds.box.BoxSizes.WIDEST;
import static hazelkeep.measure.Rounding.down;
import static hazelkeep.measure.Rounding.up;

import hazelkeep.element.DishedFoot;
import hazelkeep.element.Spigot;
import hazelkeep.finding.Entry;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.StockRules;
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
    switch (f.code()) {
      case "blank-short", "tenon-gone", "wood-missing" -> shortBlank();
      case "tips-over" -> tries.wider(f.verdict(), FOOT, WIDEST);
      case "recess-too-big" -> newSpigot();
      case "blank-thin" -> scaleForm(f.verdict().found() / f.verdict().limit());
      case "wall-thin", "outside-into-inside", "lid-corner" -> {
        boolean lid = f.part().equals("lid");
        DimKey inside = lid ? LID_INSIDE : INSIDE;
        for (double more : new double[] {f.lack(), f.lack() + 1, f.lack() + 3}) {
          set(inside, down(aim.mm(inside) - 2 * more));
          if (lid) {
            set(LID_DEPTH, down(aim.mm(LID_DEPTH) - more));
            set(ROUNDOVER, down(aim.mm(ROUNDOVER) - more));
          }
        }
        if (lid) {
          set(ROUNDOVER, largestRoundOver());
          set(ROUNDOVER, 1);
          choose("top", "FLAT");
        }
        choose("form", "STRAIGHT");
      }
      case "spigot-wall" -> spigotWall(f.lack());
      case "shakes" -> {
        double wall = (aim.mm(Spigot.DIAMETER) - aim.mm(spigotInside())) / 2;
        if (wall < shop.custom(Line.WALL_SPIGOT_JAM)) {
          spigotWall(shop.custom(Line.WALL_SPIGOT_JAM) - wall);
        }
        DimKey inside = f.part().equals("lid") ? LID_INSIDE : INSIDE;
        for (double less : new double[] {2, 4, 6}) {
          set(inside, down(aim.mm(inside) - less));
        }
      }
      case "rim-thin" -> {
        double joint = down(aim.mm(JOINT) - 2 * f.lack());
        set(JOINT, joint);
        set(SHOULDER, up(aim.mm(SHOULDER) + f.lack()));
      }
      case "floor-thin" -> {
        set(DEPTH, down(aim.mm(DEPTH) - f.lack()));
        set(HOLE, down(aim.mm(DEPTH) - 3));
        set(DishedFoot.HOLLOW, 1);
      }
      case "lid-thin" -> {
        set(LID_DEPTH, down(aim.mm(LID_DEPTH) - f.lack()));
        set(LID_HEIGHT, up(aim.mm(LID_HEIGHT) + f.lack()));
        set(Spigot.LENGTH, down(aim.mm(Spigot.LENGTH) - f.lack()));
      }
      case "lid-shallow" -> set(LID_HEIGHT, up(aim.mm(LID_HEIGHT) + f.lack() + 1));
      case "content" -> content(f);
      case "dimple" -> shortBlank();
      default -> {}
    }
  }

  private DimKey spigotInside() {
    return design.school() == LiddedBox.School.LID_OVER ? INSIDE : LID_INSIDE;
  }

  private void spigotWall(double lack) {
    set(
        spigotInside(),
        down(aim.mm(Spigot.DIAMETER) - 2 * shop.custom(Line.WALL_SPIGOT_JAM) - 0.1));
    set(JOINT, up(aim.mm(JOINT) + 2 * lack));
  }

  /** What consumes more than the blank has gives way: first what the turner named. */
  private void shortBlank() {
    double give = up(aim.mm(StockRules.NEED) - aim.mm(StockRules.LENGTH));
    if (give <= 0) {
      return;
    }
    DimKey key = giving();
    set(key, aim.mm(key) - give);
    set(HEIGHT, aim.mm(HEIGHT) - give);
    set(BODY_HEIGHT, aim.mm(BODY_HEIGHT) - give);
  }

  /** What the turner lets give way. */
  private DimKey giving() {
    return switch (design.gives()) {
      case BOTH -> HEIGHT;
      case BODY -> BODY_HEIGHT;
      case LID -> LID_HEIGHT;
      case JOINT -> Spigot.LENGTH;
    };
  }

  /** A spigot too thin for its recess is turned anew, further down in full wood. */
  private void newSpigot() {
    if (design.school() == LiddedBox.School.LID_OVER) {
      for (double joint : new double[] {aim.mm(Spigot.LENGTH), 5, 4}) {
        tries.together(
            BODY_HEIGHT, down(aim.mm(BODY_HEIGHT) - aim.mm(Spigot.LENGTH)), Spigot.LENGTH, joint);
      }
    }
  }

  private void content(Finding f) {
    double lack = up(f.verdict().limit() - f.verdict().found());
    if (f.verdict().entry() == Entry.CONTENT_LESS) {
      double area = Math.PI / 4 * Math.pow(aim.mm(INSIDE), 2);
      double deeper = up(lack * 1000 / area * 1.02 + 0.5);
      set(BODY_HEIGHT, aim.mm(BODY_HEIGHT) + deeper);
      set(HEIGHT, aim.mm(HEIGHT) + 1.6 * deeper);
    } else if (f.verdict().entry() == Entry.CONTENT_WIDE) {
      double in = f.verdict().limit() + 2 * shop.custom(Line.CONTENT_BOX);
      set(INSIDE, in);
      set(WIDEST, up(in + 2 * Math.max(8, Math.min(18, 0.25 * in))));
    } else {
      set(BODY_HEIGHT, aim.mm(BODY_HEIGHT) + lack);
      set(HEIGHT, aim.mm(HEIGHT) + lack);
      set(HEIGHT, aim.mm(HEIGHT) + 2 * lack);
      choose("floor", "FLAT");
      choose("roof", "FLAT");
    }
  }

  private void scaleForm(double share) {
    if (design.form() == LiddedBox.Form.FREE) {
      choose("form", "STRAIGHT");
    }
    set(WIDEST, down(aim.mm(WIDEST) * share));
  }

  /** The largest round-over that keeps the lid's corner, by halving. */
  private double largestRoundOver() {
    double lo = 0.3;
    double hi = aim.mm(ROUNDOVER);
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

  private void set(DimKey key, double mm) {
    tries.set(key, mm);
  }

  private void choose(String choice, String option) {
    tries.choose(choice, option);
  }
}
