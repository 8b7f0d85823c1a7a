package hazelkeep.piece.vessel;

import hazelkeep.bore.BoringPlan;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Length;
import hazelkeep.measure.Size;
import hazelkeep.measure.Verdict;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.End;
import hazelkeep.piece.FootRecess;
import hazelkeep.piece.StockJudge;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import hazelkeep.solid.Wall;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What would go wrong with a bored vessel by geometry alone, and what to try. */
final class VesselJudge {
  private final BoredVessel design;
  private final Aim aim;
  private final Shop shop;
  private final VesselShape shape;
  private final List<Finding> out = new ArrayList<>();

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
    out.addAll(
        StockJudge.of(
            aim,
            shop,
            wide,
            "A shallower bore or a longer blank.",
            design.blank(),
            VesselLimits.WALL));
    bore();
    walls();
    content();
    if (design.recessed() && aim.mm("foot.recess") <= 0) {
      say(
          "hold-missing",
          Grade.STOP,
          aim.mm("outside.foot"),
          FootRecess.least(shop),
          "mm",
          "The foot is too narrow for a recess",
          "No jaws open in what leaves enough wall round them.",
          new Point(shape.foot, 0),
          "Choose another way to finish the foot, or a wider foot.");
      return List.copyOf(out);
    }
    VesselRecipe.end(design, aim, shop)
        .missing()
        .ifPresent(v -> found(v, null, "Choose another way to finish the foot."));
    return List.copyOf(out);
  }

  private void bore() {
    BoringPlan plan = shape.boring();
    plan.verdicts().stream()
        .filter(v -> v.grade() != Grade.NOTE)
        .forEach(
            v ->
                found(
                    v,
                    new Point(shape.rim - shape.bore().depth(), 0),
                    "Another bit, an extension, or a bore of another size."));
    double floor = aim.mm("outside.height") - shape.point() - aim.mm("foot.hollow");
    if (floor < VesselLimits.FLOOR) {
      say(
          "floor-thin",
          floor <= VesselLimits.FLOOR / 2 ? Grade.STOP : Grade.WATCH,
          floor,
          VesselLimits.FLOOR,
          "mm",
          "The floor under the bit's point is thin",
          "The floor is counted from the point, on the axis.",
          new Point(shape.rim - shape.point(), 0),
          "A shallower bore or a flatter foot.");
    }
  }

  /** The wall beside the bore, less what the bit may drift by there. */
  private void walls() {
    Part part = aim.part(VesselShape.BODY);
    Optional<BoreWalls.Thin> beside = shape.walls().thinnest();
    Optional<Wall> straight =
        Wall.of(part.surface("side").line(), part.surface("inside").line(), VesselLimits.WALL);
    double found =
        Math.min(
            beside.map(BoreWalls.Thin::wall).orElse(Double.POSITIVE_INFINITY),
            straight.map(Wall::least).orElse(Double.POSITIVE_INFINITY));
    Point where =
        beside
            .filter(b -> b.wall() <= found)
            .map(BoreWalls.Thin::at)
            .orElseGet(() -> straight.map(Wall::inside).orElse(null));
    if (found < VesselLimits.WALL) {
      say(
          "wall-thin",
          found <= VesselLimits.WALL / 2 ? Grade.STOP : Grade.WATCH,
          found,
          VesselLimits.WALL,
          "mm",
          "The wall beside the bore is thin",
          "What the bit may drift by is counted off it.",
          where,
          "A wider outside there, or a narrower bore.");
    }
  }

  private void content() {
    Optional<BoredVessel.Content> c = design.content();
    c.flatMap(BoredVessel.Content::diameter)
        .map(Size::mm)
        .filter(d -> d > aim.mm("bore.diameter"))
        .ifPresent(
            d ->
                say(
                    "content",
                    Grade.STOP,
                    aim.mm("bore.diameter"),
                    d,
                    "mm",
                    "What goes in is wider than the bore",
                    "It must slide in with a little play.",
                    null,
                    "A wider bore."));
    c.flatMap(BoredVessel.Content::height)
        .map(Size::mm)
        .ifPresent(
            h -> {
              double proud =
                  h
                      - shape.bore().depth()
                      - (c.get().bundle() ? 0 : shape.point() - shape.bore().depth());
              double want = c.get().proud().map(Size::mm).orElse(0.0);
              if (proud < want - 0.5) {
                say(
                    "content",
                    Grade.WATCH,
                    proud,
                    want,
                    "mm",
                    "It stands less proud than wished",
                    "The bore is deeper than what goes in needs.",
                    null,
                    "A shallower bore.");
              }
            });
  }

  private void say(
      String code,
      Grade grade,
      double found,
      double limit,
      String unit,
      String title,
      String why,
      Point where,
      String advice) {
    found(new Verdict(code, grade, found, limit, unit, title, why), where, advice);
  }

  private void found(Verdict v, Point where, String advice) {
    out.add(
        new Finding(
            v, Optional.empty(), VesselShape.BODY, Optional.ofNullable(where), advice, List.of()));
  }

  /** Ways out of a finding that are worth trying, best first. */
  List<Remedy> remedies(Finding f) {
    List<Remedy> r = new ArrayList<>();
    double lack = f.verdict().limit() - f.verdict().found();
    switch (f.code()) {
      case "blank-short" -> {
        set(r, "bore.depth", aim.mm("bore.depth") - lack);
        set(r, "outside.height", aim.mm("outside.height") - lack);
        set(r, "blank.length", aim.mm("stick.need"));
      }
      case "blank-thin" -> {
        set(r, "outside.diameter", f.verdict().found());
        set(r, "blank.across", f.verdict().limit() + 2 * StockJudge.CENTRING);
      }
      case "floor-thin" -> {
        set(r, "bore.depth", aim.mm("bore.depth") - lack);
        set(r, "outside.height", aim.mm("outside.height") + lack);
      }
      case "wall-thin", "shakes" -> {
        for (double more : new double[] {2 * Math.max(0.5, lack), 3, 6}) {
          set(
              r,
              design.necked() ? "outside.neck" : "outside.diameter",
              aim.mm(design.necked() ? "outside.neck" : "outside.diameter") + more);
          set(r, "outside.rim", aim.mm("outside.rim") + more);
          set(r, "outside.foot", aim.mm("outside.foot") + more);
        }
        set(r, "bore.diameter", aim.mm("bore.diameter") - 2 * Math.max(0.5, lack));
      }
      case "bit-short", "bore-drifts" ->
          set(
              r,
              "bore.depth",
              f.verdict().unit().equals("mm")
                  ? aim.mm("bore.depth") + f.verdict().found() - f.verdict().limit()
                  : aim.mm("bore.diameter") * f.verdict().limit());
      case "bit-missing" -> set(r, "bore.diameter", f.verdict().limit());
      case "content" -> set(r, "bore.diameter", f.verdict().limit() + 2 * VesselLimits.PLAY);
      case "hold-missing", "hold-weak", "expand-wall", "splits", "seat-leans", "jam-loose" -> {
        for (End e : VesselKind.finishes(design)) {
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
    if (mm > 1 && mm < 900) {
      out.add(new Remedy.SetDim(new DimKey(key), Length.mm(Math.round(mm * 10) / 10.0)));
    }
  }
}
