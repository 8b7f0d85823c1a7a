package hazelkeep.piece.mill;

import hazelkeep.bore.BothEnds;
import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
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
import java.util.stream.Stream;

/** What would go wrong with a mill by geometry alone, and what to try. */
final class MillJudge {
  private static final String BODY = MillShape.BODY;
  private static final String HEAD = MillShape.HEAD;

  private final Mill design;
  private final Aim aim;
  private final Shop shop;
  private final MillShape shape;
  private final Told told = new Told();

  MillJudge(Mill design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = new MillShape(design, aim.dims(), shop);
  }

  List<Finding> judge() {
    double wide =
        Stream.of("outside.diameter", "outside.waist", "outside.join", "outside.top")
            .mapToDouble(aim::mm)
            .max()
            .orElse(0);
    told.all(
        StockJudge.of(
            aim,
            shop,
            wide,
            "A shorter shaft or a longer blank.",
            design.blank(),
            shop.custom(Line.WALL_MILL)));
    bores();
    head();
    parts();
    for (var mount :
        List.of(MillRecipe.mouthHold(design, aim, shop), MillRecipe.topHold(design, aim, shop))) {
      mount.missing().ifPresent(v -> told.found(v, BODY, null));
    }
    return told.done();
  }

  private void bores() {
    BothEnds through = shape.through();
    Point meet = new Point(shape.mouthTenonEnd() - through.meeting(), aim.mm("bore.diameter") / 2);
    told.bores(through.near(), BODY, meet);
    told.bores(through.far(), BODY, meet);
    through.verdicts(shop.practice()).forEach(v -> told.found(v, BODY, meet));
    told.bores(shape.headBore(), HEAD, new Point(shape.tenonEnd, 0));
    if (aim.mm("shaft.hole") > 0) {
      BothEnds.shortOfLine(
              "hole for the shaft",
              aim.mm("shaft.bore"),
              shape.top - shape.tenonEnd,
              shop.custom(Line.BORE_PAST_FACE))
          .ifPresent(v -> told.found(v, HEAD, new Point(shape.top, 0)));
    }
  }

  private void head() {
    double roof = aim.mm("joint.length") + aim.mm("head.height") - aim.mm("drive.depth");
    told.thin(
        Entry.ROOF_THIN,
        roof,
        design.grinds() ? shop.custom(Line.WALL_MILL_ROOF) : shop.custom(Line.WALL_SHAKER_ROOF),
        HEAD,
        new Point(shape.top - roof, 0));
    double d = aim.mm("holes.diameter");
    double circle = aim.mm("holes.circle");
    if (d <= 0) {
      return;
    }
    Point at = new Point(shape.top, circle / 2);
    if (design.holes() > 1) {
      told.thin(
          Entry.SALT_HOLES_CLOSE,
          circle * Math.sin(Math.PI / design.holes()) - d,
          shop.custom(Line.WALL_SALT_HOLES),
          HEAD,
          at);
    }
    if (circle + d > aim.mm("drive.diameter")) {
      told.found(Entry.HOLES_MISS.told(Grade.STOP, circle + d, aim.mm("drive.diameter")), HEAD, at);
    }
  }

  /** Whether what was bought goes together. */
  private void parts() {
    double shaft = aim.mm("shaft.diameter");
    if (shaft <= 0) {
      return;
    }
    Point top = new Point(shape.top, 0);
    if (aim.mm("shaft.hole") < shaft + shop.custom(Line.CONTENT_SHAFT) - 1e-9) {
      told.found(
          Entry.PARTS_JAM_HOLE.told(
              Grade.STOP, aim.mm("shaft.hole"), shaft + shop.custom(Line.CONTENT_SHAFT)),
          HEAD,
          top);
    }
    told.thin(
        Entry.THREAD_SHORT,
        aim.mm("thread.proud") + 1e-9,
        shop.custom(Line.CONTENT_THREAD),
        HEAD,
        top);
    if (shaft >= aim.mm("bore.diameter")) {
      told.found(Entry.PARTS_JAM_BORE.told(Grade.STOP, aim.mm("bore.diameter"), shaft), BODY, null);
    }
  }

  /** Ways out of a finding that are worth trying, best first. */
  List<Remedy> remedies(Finding f) {
    Tries r = new Tries(aim);
    double lack = f.verdict().limit() - f.verdict().found();
    switch (f.code()) {
      case "blank-short" -> {
        r.more(-lack, "outside.height");
      }
      case "blank-thin" -> {
        r.set("outside.diameter", f.verdict().found());
      }
      case "bores-apart" -> {
        r.more(lack, "bore.mouth");
        r.more(lack, "bore.foot");
      }
      case "bores-step", "bore-drifts", "bit-short" -> {
        r.more(5, "bore.diameter");
        r.set("outside.height", aim.mm("outside.height") - 20);
      }
      case "short-of-line" -> r.more(lack, "shaft.bore");
      case "wall-thin" -> {
        for (double more : new double[] {2 * Math.max(0.5, lack), 4, 8}) {
          r.more(more, "outside.waist");
          r.more(more, "outside.diameter");
          r.more(more, "outside.join");
        }
      }
      case "spigot-wall" -> r.set("drive.diameter", aim.mm("drive.diameter") - 2 * lack);
      case "roof-thin" -> {
        r.more(-lack, "drive.depth");
        r.more(lack, "head.height");
      }
      case "holes-close" -> {
        r.more(Math.max(1, 1.2 * lack), "holes.circle");
        r.more(-lack, "holes.diameter");
      }
      case "holes-miss" ->
          r.set("holes.circle", aim.mm("drive.diameter") - aim.mm("holes.diameter") - 0.2);
      case "parts-jam" -> {
        r.set("shaft.hole", f.verdict().limit());
        r.set("bore.diameter", aim.mm("shaft.diameter") + 10);
      }
      case "thread-short" -> {
        r.more(-lack, "outside.height");
      }
      case "bit-missing" -> r.set("bore.diameter", f.verdict().limit());
      default -> {
        if (Tries.held(f.code())) {
          r.ends(MillKind.finishes(design));
        }
      }
    }
    return r.done(f);
  }
}
