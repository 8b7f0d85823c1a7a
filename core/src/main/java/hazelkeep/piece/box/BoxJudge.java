package hazelkeep.piece.box;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.EndHolds;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.FootRecess;
import hazelkeep.piece.StockJudge;
import hazelkeep.piece.box.LiddedBox.Content;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What would go wrong with a lidded box by geometry alone, before anything is played. */
final class BoxJudge {
  private final LiddedBox design;
  private final Aim aim;
  private final Shop shop;
  private final BoxShape shape;
  private final List<Finding> out = new ArrayList<>();

  BoxJudge(LiddedBox design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = BoxShape.of(design, aim.dims(), aim.practice());
  }

  List<Finding> judge() {
    double dia = Math.max(aim.mm("outside.diameter"), 2 * widest());
    out.addAll(
        StockJudge.of(
            aim,
            shop,
            dia,
            "A longer blank, or let the " + giving() + " give.",
            design.blank(),
            shop.custom(Line.WALL_BOX)));
    joint();
    floor();
    content();
    ends();
    return List.copyOf(out);
  }

  private String giving() {
    return switch (design.gives()) {
      case BOTH -> "height";
      case BODY -> "body";
      case LID -> "lid";
      case JOINT -> "joint";
    };
  }

  private double widest() {
    double most = 0;
    for (Part p : aim.parts()) {
      for (Point q : p.surface("side").line().points()) {
        most = Math.max(most, q.r());
      }
    }
    return most;
  }

  private void joint() {
    boolean over = shape.over();
    String rimOn = over ? "lid" : "body";
    double gap = aim.mm("recess.depth") - aim.mm("joint.length");
    if (gap <= 0) {
      out.add(
          Finding.of(
              Entry.SPIGOT_BOTTOMS.told(Grade.STOP, gap, 0.1),
              rimOn,
              new Point(
                  aim.part(rimOn).surface("recess").line().first().z(),
                  aim.mm("recess.diameter") / 2)));
    }
    double lidWall =
        aim.part("lid").surface("side").line().last().z()
            - shape.lidFace()
            - (over ? aim.mm("recess.depth") : 0);
    if (over && lidWall < 0 && design.top() == LiddedBox.Top.FLAT) {
      out.add(
          Finding.of(
              Entry.LID_SHALLOW.told(Grade.WATCH, lidWall, 0),
              "lid",
              aim.part("lid").surface("recess").line().first()));
    }
  }

  private void floor() {
    double point = aim.mm("depth-hole.body") + shop.depthBit().map(Bit::tip).orElse(0.0);
    double deepest = Math.max(aim.mm("inside.depth"), shop.depthBit().isPresent() ? point : 0);
    double floor = shape.mouth() - deepest - (shape.foot + aim.mm("foot.hollow"));
    boolean byPoint = point > aim.mm("inside.depth") + 0.01;
    floorSay(floor, byPoint ? "counted from the drill's point, on the axis" : "on the axis", 0);
    double lidTop = shape.top - shape.lidFace() - aim.mm("lid.depth");
    if (lidTop < shop.custom(Line.WALL_BOX_FLOOR)) {
      out.add(
          Finding.of(
              Entry.LID_THIN.told(
                  grade(lidTop, shop.custom(Line.WALL_BOX_FLOOR)),
                  lidTop,
                  shop.custom(Line.WALL_BOX_FLOOR),
                  "lid"),
              "lid",
              new Point(shape.top, 0)));
    }
  }

  private void floorSay(double floor, String where, double r) {
    if (floor < shop.custom(Line.WALL_BOX_FLOOR)) {
      out.add(
          Finding.of(
              (floor <= 0 ? Entry.FLOOR_THROUGH : Entry.FLOOR_THIN)
                  .told(
                      grade(floor, shop.custom(Line.WALL_BOX_FLOOR)),
                      floor,
                      shop.custom(Line.WALL_BOX_FLOOR),
                      where),
              "body",
              new Point(shape.foot, r)));
    }
  }

  private void content() {
    Optional<Content> wish = design.content();
    if (wish.isEmpty()) {
      return;
    }
    Content c = wish.get();
    if (c.diameter().isPresent()) {
      double d = c.diameter().get().mm();
      double mouth = aim.mm("inside.diameter");
      if (d > mouth) {
        out.add(
            Finding.of(
                Entry.CONTENT_WIDE.told(Grade.STOP, mouth, d),
                "body",
                new Point(shape.mouth(), mouth / 2)));
        return;
      }
    }
    if (c.height().isPresent()) {
      double d = c.diameter().map(Size::mm).orElse(1.0);
      double room = new BoxRoom(design, aim::mm, aim.practice()).closed(d / 2);
      if (c.height().get().mm() > room + 1e-9) {
        out.add(
            Finding.of(
                Entry.CONTENT_TALL.told(
                    Grade.STOP,
                    room,
                    c.height().get().mm(),
                    "With the lid on, there is less room at its edge than it needs."),
                "body",
                new Point(shape.mouth() - aim.mm("inside.depth"), d / 2)));
      }
    }
    if (c.ml().isPresent()) {
      double has = BoxRoom.brimMl(design, aim);
      if (has < c.ml().get() * 0.995) {
        out.add(Finding.of(Entry.CONTENT_LESS.told(Grade.STOP, has, c.ml().get()), "body", null));
      }
    }
  }

  /** Ways of finishing an end that the shop or the piece does not allow. */
  private void ends() {
    BoxEnds ends = new BoxEnds(design, aim, shop, shape);
    missing(ends.foot(design.footBy()), "body");
    missing(ends.top(design.topBy()), "lid");
    if (design.footBy() == Finishing.RECESS && aim.mm("foot.recess") <= 0) {
      out.add(
          Finding.of(
              Entry.HOLD_MISSING_RECESS.told(
                  Grade.STOP, aim.mm("outside.foot"), FootRecess.least(shop)),
              "body",
              new Point(shape.foot, 0)));
    }
  }

  private void missing(EndHolds.Mount mount, String part) {
    mount.missing().ifPresent(v -> out.add(Finding.of(v, part, null)));
  }

  private static Grade grade(double found, double limit) {
    return found <= 0.5 * limit ? Grade.STOP : Grade.WATCH;
  }
}
