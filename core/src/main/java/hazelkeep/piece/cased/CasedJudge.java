package hazelkeep.piece.cased;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.SideHoles;
import hazelkeep.piece.Standing;
import hazelkeep.piece.StockJudge;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import java.util.List;
import java.util.Optional;

/** What would go wrong with a bored case by geometry alone, and what to try. */
final class CasedJudge {
  private static final String BODY = CasedShape.BODY;
  private static final String LID = CasedShape.LID;

  private final Cased design;
  private final Aim aim;
  private final Shop shop;
  private final CasedShape shape;
  private final Told told = new Told();

  CasedJudge(Cased design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = new CasedShape(design, aim.dims(), shop);
  }

  List<Finding> judge() {
    double wide = Math.max(aim.mm("outside.diameter"), aim.mm("outside.eaves"));
    told.all(
        StockJudge.of(
            aim,
            shop,
            wide,
            "A shorter content or a longer blank.",
            design.blank(),
            shop.custom(Line.WALL_CASE)));
    told.bores(shape.bodyBore(), BODY, new Point(shape.mouth - aim.mm("bore.depth"), 0));
    told.bores(shape.lidBore(), LID, new Point(shape.rim + aim.mm("lid.depth"), 0));
    recess();
    ends();
    content();
    told.all(new SideHoles(aim.part(BODY), design.holes()).judge(shop.custom(Line.WALL_HOLE)));
    CasedRecipe.end(design, aim, shop).missing().ifPresent(v -> told.found(v, BODY, null));
    return told.done();
  }

  private void recess() {
    double gap = aim.mm("lid.depth") - aim.mm("joint.length");
    if (gap < shop.custom(Line.TURN_SPIGOT_AIR)) {
      told.found(
          Entry.SPIGOT_BOTTOMS.told(Grade.STOP, gap, shop.custom(Line.TURN_SPIGOT_AIR)),
          LID,
          new Point(shape.rim + aim.mm("lid.depth"), aim.mm("recess.diameter") / 2));
    }
  }

  private void ends() {
    told.thin(
        Entry.FLOOR_THIN,
        aim.mm("body.floor") - aim.mm("foot.hollow"),
        shop.custom(Line.WALL_CASE_END),
        BODY,
        new Point(shape.foot + aim.mm("body.floor"), 0),
        "counted from the bit's point");
    told.thin(
        Entry.LID_THIN,
        aim.mm("lid.height") - aim.mm("lid.depth") - shape.lidBore().tip(),
        shop.custom(Line.WALL_CASE_END),
        LID,
        new Point(shape.top, 0),
        LID);
  }

  /** The room inside, closed, for what is wished to go in, mm. */
  private double room(Cased.Content c) {
    double wide = aim.mm("bore.diameter") / 2 - BESIDE;
    double radius = c.diameter().map(Size::mm).orElse(2 * wide) / 2;
    return Standing.room(aim.part(BODY), aim.part(LID), c.bundle() ? wide : radius, wide);
  }

  /** How far from the wall of the bore its floor is looked at, mm. */
  private static final double BESIDE = 0.2;

  private void content() {
    Optional<Cased.Content> c = design.content();
    c.flatMap(Cased.Content::diameter)
        .map(Size::mm)
        .filter(d -> d > aim.mm("bore.diameter"))
        .ifPresent(
            d ->
                told.found(
                    Entry.CONTENT_WIDE.told(Grade.STOP, aim.mm("bore.diameter"), d),
                    BODY,
                    new Point(shape.mouth, aim.mm("bore.diameter") / 2)));
    c.flatMap(Cased.Content::height)
        .map(Size::mm)
        .filter(h -> h > room(c.get()) + 1e-6)
        .ifPresent(
            h ->
                told.found(
                    Entry.CONTENT_TALL.told(
                        Grade.STOP,
                        room(c.get()),
                        h,
                        c.get().bundle()
                            ? "A bundle does not reach into the bits' points."
                            : "With the lid on there is less room; a single piece stands in one point at most."),
                    BODY,
                    new Point(shape.mouth - aim.mm("bore.depth"), 0)));
  }

  /** Ways out of a finding that are worth trying, best first. */
  List<Remedy> remedies(Finding f) {
    Tries r = new Tries(aim);
    double lack = f.verdict().limit() - f.verdict().found();
    switch (f.code()) {
      case "blank-short" -> {
        r.more(-lack, "bore.depth");
        r.more(-lack, "lid.depth");
      }
      case "blank-thin" -> {
        r.set("outside.diameter", f.verdict().found());
        r.set("outside.eaves", f.verdict().found());
      }
      case "wall-thin" -> {
        double more = 2 * Math.max(0.5, lack);
        r.more(more, "outside.diameter");
        r.more(more, "outside.foot");
        r.more(more, "outside.top");
        r.set("bore.diameter", aim.mm("bore.diameter") - more);
      }
      case "lid-corner", "lid-thin" -> {
        r.more(lack + 1, "lid.end");
        r.set("lid.depth", aim.mm("lid.depth") - lack - 1);
        r.set("lid.dome", aim.mm("lid.dome") / 2);
        r.more(2 * lack, "outside.top");
      }
      case "spigot-wall" -> {
        r.more(2 * lack, "recess.diameter");
        r.set("bore.diameter", aim.mm("bore.diameter") - 2 * lack);
      }
      case "spigot-bottoms" -> {
        r.more(lack, "lid.depth");
        r.more(-lack, "joint.length");
      }
      case "floor-thin" -> r.more(lack, "body.floor");
      case "content" -> {
        r.more(lack, "bore.depth");
        r.set("bore.diameter", f.verdict().limit() + 2 * shop.custom(Line.CONTENT_CASE));
      }
      case "bit-short" -> {
        r.more(-lack, "bore.depth");
        r.more(-lack, "lid.depth");
      }
      case "bore-drifts" -> r.more(3, "bore.diameter");
      case "hole-misses" -> r.more(lack + 1, "bore.depth");
      case "hole-edge" -> r.more(lack, "bore.depth");
      default -> {
        if (Tries.held(f.code())) {
          r.ends(CasedKind.finishes(design));
        }
      }
    }
    return r.done(f);
  }
}
