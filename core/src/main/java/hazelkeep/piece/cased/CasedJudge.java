package hazelkeep.piece.cased;

import hazelkeep.bore.BoringPlan;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Length;
import hazelkeep.measure.Size;
import hazelkeep.measure.Verdict;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.End;
import hazelkeep.piece.SideHole;
import hazelkeep.piece.StockJudge;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.solid.Wall;
import hazelkeep.wood.Part;
import java.util.ArrayList;
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
  private final List<Finding> out = new ArrayList<>();

  CasedJudge(Cased design, Aim aim, Shop shop) {
    this.design = design;
    this.aim = aim;
    this.shop = shop;
    this.shape = new CasedShape(design, aim.dims(), shop);
  }

  List<Finding> judge() {
    double wide = Math.max(aim.mm("outside.diameter"), aim.mm("outside.eaves"));
    out.addAll(
        StockJudge.of(
            aim,
            shop,
            wide,
            "A shorter content or a longer blank.",
            design.blank(),
            CasedLimits.WALL));
    bores(shape.bodyBore(), BODY, new Point(shape.mouth - aim.mm("bore.depth"), 0));
    bores(shape.lidBore(), LID, new Point(shape.rim + aim.mm("lid.depth"), 0));
    walls();
    ends();
    content();
    holes();
    CasedRecipe.end(design, aim, shop)
        .missing()
        .ifPresent(v -> found(v, BODY, null, "Choose another way to finish the foot."));
    return List.copyOf(out);
  }

  private void bores(BoringPlan plan, String part, Point where) {
    plan.verdicts().stream()
        .filter(v -> v.grade() != Grade.NOTE)
        .forEach(
            v -> found(v, part, where, "Another bit, an extension, or a bore of another size."));
  }

  private void walls() {
    thin(shape.bodyWalls(), BODY, "The body's wall beside the bore is thin");
    thin(shape.lidWalls(), LID, "The wall beside the lid's bore is thin");
    Part lid = aim.part(LID);
    Polyline outside = lid.surface("side").line().then(lid.surface("top").line());
    Wall.of(outside, lid.surface("roof").line(), CasedLimits.WALL)
        .filter(w -> w.least() < CasedLimits.WALL)
        .ifPresent(
            w ->
                say(
                    "lid-corner",
                    grade(w.least(), CasedLimits.WALL),
                    w.least(),
                    CasedLimits.WALL,
                    "The lid is thin over the end of its bore",
                    "The outside comes close to the corner that the bit leaves.",
                    LID,
                    w.inside(),
                    "A shallower bore, or more wood over it."));
    double spigot = (aim.mm("spigot.diameter") - aim.mm("bore.diameter")) / 2;
    if (spigot < CasedLimits.SPIGOT) {
      say(
          "spigot-wall",
          grade(spigot, CasedLimits.SPIGOT),
          spigot,
          CasedLimits.SPIGOT,
          "The spigot's wall is too thin",
          "It is what the larger bit's size leaves over the smaller's.",
          BODY,
          new Point(shape.mouth, aim.mm("spigot.diameter") / 2),
          "Two bits that lie further apart.");
    }
    double gap = aim.mm("lid.depth") - aim.mm("joint.length");
    if (gap < 0.3) {
      say(
          "spigot-bottoms",
          Grade.STOP,
          gap,
          0.3,
          "The spigot bottoms in the lid's bore",
          "Its end touches before the shoulder closes, and a gap stays at the join.",
          LID,
          new Point(shape.rim + aim.mm("lid.depth"), aim.mm("recess.diameter") / 2),
          "A deeper bore or a shorter spigot.");
    }
  }

  private void thin(BoreWalls walls, String part, String title) {
    walls
        .thinnest()
        .filter(t -> t.wall() < CasedLimits.WALL)
        .ifPresent(
            t ->
                say(
                    "wall-thin",
                    grade(t.wall(), CasedLimits.WALL),
                    t.wall(),
                    CasedLimits.WALL,
                    title,
                    "What the bit may drift by is counted off it.",
                    part,
                    t.at(),
                    "A wider outside there, or a narrower bore."));
  }

  private void ends() {
    double floor = aim.mm("body.floor") - aim.mm("foot.hollow");
    if (floor < CasedLimits.END) {
      say(
          "floor-thin",
          grade(floor, CasedLimits.END),
          floor,
          CasedLimits.END,
          "The floor under the bit's point is thin",
          "The floor is counted from the point, on the axis.",
          BODY,
          new Point(shape.foot + aim.mm("body.floor"), 0),
          "A shallower bore or a flatter foot.");
    }
    double end =
        aim.mm("lid.height")
            - aim.mm("lid.depth")
            - shape.lidBore().passes().stream().mapToDouble(p -> p.bit().tip()).max().orElse(0);
    if (end < CasedLimits.END) {
      say(
          "lid-thin",
          grade(end, CasedLimits.END),
          end,
          CasedLimits.END,
          "The lid's end is thin over the bit's point",
          "It is textured or rounded later and needs wood for it.",
          LID,
          new Point(shape.top, 0),
          "A shallower bore in the lid, or a higher lid.");
    }
  }

  /** The room inside, closed, for a cylinder that stands on the axis, mm. */
  private double room(boolean bundle) {
    double full = aim.mm("bore.depth") + aim.mm("lid.depth") - aim.mm("joint.length");
    double points =
        shape.bodyBore().passes().stream().mapToDouble(p -> p.bit().tip()).max().orElse(0)
            + shape.lidBore().passes().stream().mapToDouble(p -> p.bit().tip()).max().orElse(0);
    return bundle ? full : full + points;
  }

  private void content() {
    Optional<Cased.Content> c = design.content();
    c.flatMap(Cased.Content::diameter)
        .map(Size::mm)
        .filter(d -> d > aim.mm("bore.diameter"))
        .ifPresent(
            d ->
                say(
                    "content",
                    Grade.STOP,
                    aim.mm("bore.diameter"),
                    d,
                    "What goes in is wider than the bore",
                    "It must slide in with a little play.",
                    BODY,
                    new Point(shape.mouth, aim.mm("bore.diameter") / 2),
                    "A wider bore."));
    c.flatMap(Cased.Content::height)
        .map(Size::mm)
        .filter(h -> h > room(c.get().bundle()) + 1e-6)
        .ifPresent(
            h ->
                say(
                    "content",
                    Grade.STOP,
                    room(c.get().bundle()),
                    h,
                    "What goes in is too long",
                    c.get().bundle()
                        ? "A bundle does not reach into the bits' points."
                        : "With the lid on there is less room on the axis.",
                    BODY,
                    new Point(shape.mouth - aim.mm("bore.depth"), 0),
                    "A deeper bore in body or lid."));
  }

  private void holes() {
    double r = aim.mm("outside.diameter") / 2;
    double floor = shape.mouth - aim.mm("bore.depth") - shape.foot;
    List<SideHole> all = design.holes();
    for (int i = 0; i < all.size(); i++) {
      SideHole h = all.get(i);
      String name = h.name().isEmpty() ? "hole " + (i + 1) : h.name();
      double half = h.diameter().mm() / 2;
      Point at = new Point(shape.foot + Math.min(h.height().mm(), aim.mm("body.height")), r);
      double edge = aim.mm("body.height") - h.height().mm() - half;
      if (edge < CasedLimits.HOLE_WALL) {
        say(
            "hole-edge",
            edge <= 0 ? Grade.STOP : grade(edge, CasedLimits.HOLE_WALL),
            edge,
            CasedLimits.HOLE_WALL,
            "The " + name + " lies close to the shoulder",
            "The end grain over it breaks out.",
            BODY,
            at,
            "Lower it or make it smaller.");
      }
      double low = h.height().mm() - half - floor;
      if (low < 0) {
        say(
            "hole-misses",
            Grade.STOP,
            low,
            0,
            "The " + name + " does not open into the bore",
            "Its lower edge lies below the floor of the bore.",
            BODY,
            at,
            "Raise it, or bore deeper.");
      }
      if (h.diameter().mm() >= aim.mm("bore.diameter")) {
        say(
            "hole-wide",
            Grade.STOP,
            h.diameter().mm(),
            aim.mm("bore.diameter"),
            "The " + name + " is as wide as the bore",
            "It would cut through the sides of the body.",
            BODY,
            at,
            "A smaller hole.");
      }
      for (SideHole other : all.subList(i + 1, all.size())) {
        double between = h.between(other, r);
        if (between < CasedLimits.HOLE_WALL) {
          say(
              "holes-close",
              between <= 0 ? Grade.STOP : grade(between, CasedLimits.HOLE_WALL),
              between,
              CasedLimits.HOLE_WALL,
              "Two holes lie close together: "
                  + name
                  + " and "
                  + (other.name().isEmpty() ? "the next" : other.name()),
              "The wood between them breaks out.",
              BODY,
              at,
              "Move one of them, or make it smaller.");
        }
      }
    }
  }

  private static Grade grade(double found, double limit) {
    return found <= limit / 2 ? Grade.STOP : Grade.WATCH;
  }

  private void say(
      String code,
      Grade grade,
      double found,
      double limit,
      String title,
      String why,
      String part,
      Point where,
      String advice) {
    found(new Verdict(code, grade, found, limit, "mm", title, why), part, where, advice);
  }

  private void found(Verdict v, String part, Point where, String advice) {
    out.add(new Finding(v, Optional.empty(), part, Optional.ofNullable(where), advice, List.of()));
  }

  /** Ways out of a finding that are worth trying, best first. */
  List<Remedy> remedies(Finding f) {
    List<Remedy> r = new ArrayList<>();
    double lack = f.verdict().limit() - f.verdict().found();
    switch (f.code()) {
      case "blank-short" -> {
        set(r, "bore.depth", aim.mm("bore.depth") - lack);
        set(r, "lid.depth", aim.mm("lid.depth") - lack);
        set(r, "blank.length", aim.mm("stick.need"));
      }
      case "blank-thin" -> {
        set(r, "outside.diameter", f.verdict().found());
        set(r, "outside.eaves", f.verdict().found());
        set(r, "blank.across", f.verdict().limit() + 2 * StockJudge.CENTRING);
      }
      case "wall-thin" -> {
        double more = 2 * Math.max(0.5, lack);
        set(r, "outside.diameter", aim.mm("outside.diameter") + more);
        set(r, "outside.foot", aim.mm("outside.foot") + more);
        set(r, "outside.top", aim.mm("outside.top") + more);
        set(r, "bore.diameter", aim.mm("bore.diameter") - more);
      }
      case "lid-corner", "lid-thin" -> {
        set(r, "lid.end", aim.mm("lid.end") + lack + 1);
        set(r, "lid.depth", aim.mm("lid.depth") - lack - 1);
        set(r, "lid.dome", aim.mm("lid.dome") / 2);
        set(r, "outside.top", aim.mm("outside.top") + 2 * lack);
      }
      case "spigot-wall" -> {
        set(r, "recess.diameter", aim.mm("recess.diameter") + 2 * lack);
        set(r, "bore.diameter", aim.mm("bore.diameter") - 2 * lack);
      }
      case "spigot-bottoms" -> {
        set(r, "lid.depth", aim.mm("lid.depth") + lack);
        set(r, "joint.length", aim.mm("joint.length") - lack);
      }
      case "floor-thin" -> set(r, "body.floor", aim.mm("body.floor") + lack);
      case "content" -> {
        set(r, "bore.depth", aim.mm("bore.depth") + lack);
        set(r, "bore.diameter", f.verdict().limit() + 2 * CasedLimits.PLAY);
      }
      case "bit-short" -> {
        set(r, "bore.depth", aim.mm("bore.depth") - lack);
        set(r, "lid.depth", aim.mm("lid.depth") - lack);
      }
      case "bore-drifts" -> set(r, "bore.diameter", aim.mm("bore.diameter") + 3);
      case "hole-misses" -> set(r, "bore.depth", aim.mm("bore.depth") + lack + 1);
      case "hole-edge" -> set(r, "bore.depth", aim.mm("bore.depth") + lack);
      case "hold-missing", "hold-weak", "expand-wall", "splits", "seat-leans", "jam-loose" -> {
        for (End e : CasedKind.finishes(design)) {
          e.choice().options().stream()
              .filter(o -> !o.name().equals(e.choice().chosen()))
              .forEach(o -> r.add(new Remedy.Choose(e.choice().name(), o.name())));
        }
      }
      default -> {}
    }
    f.at().ifPresent(step -> r.add(new Remedy.Restore(step)));
    return r.stream().distinct().toList();
  }

  private static void set(List<Remedy> out, String key, double mm) {
    if (mm > 0.2 && mm < 900) {
      out.add(new Remedy.SetDim(new DimKey(key), Length.mm(Math.round(mm * 10) / 10.0)));
    }
  }
}
