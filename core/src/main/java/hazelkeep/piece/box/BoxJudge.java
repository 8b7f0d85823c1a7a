package hazelkeep.piece.box;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.measure.Verdict;
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
      say(
          "spigot-bottoms",
          Grade.STOP,
          gap,
          0.1,
          "mm",
          "The spigot bottoms in its recess",
          "Its end touches before the shoulder closes, and a gap stays at the join.",
          rimOn,
          new Point(
              aim.part(rimOn).surface("recess").line().first().z(), aim.mm("recess.diameter") / 2),
          "A deeper recess or a shorter spigot.");
    }
    double lidWall =
        aim.part("lid").surface("side").line().last().z()
            - shape.lidFace()
            - (over ? aim.mm("recess.depth") : 0);
    if (over && lidWall < 0 && design.top() == LiddedBox.Top.FLAT) {
      say(
          "lid-shallow",
          Grade.WATCH,
          lidWall,
          0,
          "mm",
          "The lid is shallow for its recess",
          "The recess reaches up into the rounded edge.",
          "lid",
          aim.part("lid").surface("recess").line().first(),
          "A shorter spigot or a higher lid.");
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
      say(
          "lid-thin",
          grade(lidTop, shop.custom(Line.WALL_BOX_FLOOR)),
          lidTop,
          shop.custom(Line.WALL_BOX_FLOOR),
          "mm",
          "The lid's top is thin",
          "It is turned while it hangs on a jam, and yields in the middle.",
          "lid",
          new Point(shape.top, 0),
          "A shallower lid inside or a higher lid.");
    }
  }

  private void floorSay(double floor, String where, double r) {
    if (floor < shop.custom(Line.WALL_BOX_FLOOR)) {
      say(
          "floor-thin",
          grade(floor, shop.custom(Line.WALL_BOX_FLOOR)),
          floor,
          shop.custom(Line.WALL_BOX_FLOOR),
          "mm",
          floor <= 0 ? "Through the floor" : "The floor is thin " + where,
          floor <= 0
              ? "The hollow and the foot meet, " + where + "."
              : "There is little left between the hollow and the foot.",
          "body",
          new Point(shape.foot, r),
          "Less depth, or a flatter foot.");
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
        say(
            "content",
            Grade.STOP,
            mouth,
            d,
            "mm",
            "What goes in does not pass the mouth",
            "It is thicker than the inside.",
            "body",
            new Point(shape.mouth(), mouth / 2),
            "A wider inside.");
        return;
      }
    }
    if (c.height().isPresent()) {
      double d = c.diameter().map(Size::mm).orElse(1.0);
      double room = new BoxRoom(design, aim::mm, aim.practice()).closed(d / 2);
      if (c.height().get().mm() > room + 1e-9) {
        say(
            "content",
            Grade.STOP,
            room,
            c.height().get().mm(),
            "mm",
            "What goes in is too tall",
            "With the lid on, there is less room at its edge than it needs.",
            "body",
            new Point(shape.mouth() - aim.mm("inside.depth"), d / 2),
            "A deeper inside or a higher box.");
      }
    }
    if (c.ml().isPresent()) {
      double has = BoxRoom.brimMl(design, aim);
      if (has < c.ml().get() * 0.995) {
        say(
            "content",
            Grade.STOP,
            has,
            c.ml().get(),
            "ml",
            "It holds too little",
            "Filled to the brim, the body takes less than was wished.",
            "body",
            null,
            "A deeper or wider inside.");
      }
    }
  }

  /** Ways of finishing an end that the shop or the piece does not allow. */
  private void ends() {
    BoxEnds ends = new BoxEnds(design, aim, shop, shape);
    missing(ends.foot(design.footBy()), "body", "the foot");
    missing(ends.top(design.topBy()), "lid", "the top");
    if (design.footBy() == Finishing.RECESS && aim.mm("foot.recess") <= 0) {
      say(
          "hold-missing",
          Grade.STOP,
          aim.mm("outside.foot"),
          FootRecess.least(shop),
          "mm",
          "The foot is too narrow for a recess",
          "No jaws open in what leaves enough wall round them.",
          "body",
          new Point(shape.foot, 0),
          "Choose another way to finish the foot, or a wider foot.");
    }
  }

  private void missing(EndHolds.Mount mount, String part, String end) {
    mount
        .missing()
        .ifPresent(
            v ->
                say(
                    v.code(),
                    v.grade(),
                    v.found(),
                    v.limit(),
                    v.unit(),
                    v.title(),
                    v.why(),
                    part,
                    null,
                    "Choose another way to finish " + end + "."));
  }

  private static Grade grade(double found, double limit) {
    return found <= 0.5 * limit ? Grade.STOP : Grade.WATCH;
  }

  private void say(
      String code,
      Grade grade,
      double found,
      double limit,
      String unit,
      String title,
      String why,
      String part,
      Point where,
      String advice) {
    out.add(
        new Finding(
            new Verdict(code, grade, found, limit, unit, title, why),
            Optional.empty(),
            part,
            Optional.ofNullable(where),
            advice,
            List.of()));
  }
}
