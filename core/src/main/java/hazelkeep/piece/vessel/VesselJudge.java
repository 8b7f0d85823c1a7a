package hazelkeep.piece.vessel;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.FootRecess;
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
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Optional;

/** What would go wrong with a bored vessel by geometry alone, and what to try. */
final class VesselJudge {
  private static final String BODY = VesselShape.BODY;

  private final BoredVessel design;
  private final Aim aim;
  private final Shop shop;
  private final VesselShape shape;
  private final Told told = new Told();

  VesselJudge(BoredVessel design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = new VesselShape(design, aim.dims(), shop);
  }

  List<Finding> judge() {
    double wide =
        Math.max(
            aim.mm("outside.rim"), Math.max(aim.mm("outside.diameter"), aim.mm("outside.foot")));
    told.all(
        StockJudge.of(
            aim,
            shop,
            wide,
            "A shallower bore or a longer blank.",
            design.blank(),
            shop.custom(Line.WALL_VESSEL)));
    bore();
    content();
    if (design.recessed() && aim.mm("foot.recess") <= 0) {
      told.found(
          Entry.HOLD_MISSING_RECESS.told(
              Grade.STOP, aim.mm("outside.foot"), FootRecess.least(shop)),
          BODY,
          new Point(shape.foot, 0));
      return told.done();
    }
    VesselRecipe.end(design, aim, shop).missing().ifPresent(v -> told.found(v, BODY, null));
    return told.done();
  }

  private void bore() {
    told.bores(shape.boring(), BODY, new Point(shape.rim - shape.bore().depth(), 0));
    told.thin(
        Entry.FLOOR_THIN,
        aim.mm("outside.height") - shape.point() - aim.mm("foot.hollow"),
        shop.custom(Line.WALL_VESSEL_FLOOR),
        BODY,
        new Point(shape.rim - shape.point(), 0),
        "counted from the bit's point");
  }

  /** How far from the wall of the bore its floor is looked at, mm. */
  private static final double BESIDE = 0.2;

  private void content() {
    Optional<BoredVessel.Content> c = design.content();
    c.flatMap(BoredVessel.Content::diameter)
        .map(Size::mm)
        .filter(d -> d > aim.mm("bore.diameter"))
        .ifPresent(
            d ->
                told.found(
                    Entry.CONTENT_WIDE.told(Grade.STOP, aim.mm("bore.diameter"), d), BODY, null));
    c.flatMap(BoredVessel.Content::height)
        .map(Size::mm)
        .ifPresent(
            h -> {
              double wide = aim.mm("bore.diameter") / 2 - BESIDE;
              double radius = c.get().diameter().map(s -> s.mm() / 2).orElse(wide);
              Part part = aim.part(BODY);
              double floor = Standing.floor(part, c.get().bundle() ? wide : radius);
              double proud = h - (part.target().in(part.closed()).maxZ() - floor);
              double want = c.get().proud().map(Size::mm).orElse(0.0);
              if (proud < want - 0.5) {
                told.found(Entry.CONTENT_PROUD.told(Grade.WATCH, proud, want), BODY, null);
              }
            });
  }

  /** Ways out of a finding that are worth trying, best first. */
  List<Remedy> remedies(Finding f) {
    Tries r = new Tries(aim);
    double lack = f.verdict().limit() - f.verdict().found();
    switch (f.code()) {
      case "blank-short" -> {
        r.more(-lack, "bore.depth");
        r.more(-lack, "outside.height");
      }
      case "blank-thin" -> {
        r.set("outside.diameter", f.verdict().found());
      }
      case "floor-thin" -> {
        r.more(-lack, "bore.depth");
        r.more(lack, "outside.height");
      }
      case "wall-thin" -> {
        stouter(r, 2 * Math.max(0.5, lack), 3, 6);
        r.more(-2 * Math.max(0.5, lack), "bore.diameter");
      }
      // What lacks is stiffness, not millimetres: a little stouter is tried.
      case "shakes" -> stouter(r, 3, 6, 10);
      case "bit-short" -> r.more(-lack, "bore.depth");
      case "bit-missing" -> r.set("bore.diameter", f.verdict().limit());
      case "content" ->
          r.set("bore.diameter", f.verdict().limit() + 2 * shop.custom(Line.CONTENT_VESSEL));
      default -> {
        if (Tries.held(f.code())) {
          r.ends(VesselKind.finishes(design));
        }
      }
    }
    return r.done(f);
  }

  /** More wood where the bore leaves the least, at the rim, at the foot, mm of diameter. */
  private void stouter(Tries r, double... more) {
    for (double mm : more) {
      r.more(mm, design.necked() ? "outside.neck" : "outside.diameter", "outside.rim");
      r.more(mm, "outside.foot");
    }
  }
}
