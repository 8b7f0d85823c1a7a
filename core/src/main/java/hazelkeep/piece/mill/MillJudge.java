package hazelkeep.piece.mill;

import hazelkeep.bore.BothEnds;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Length;
import hazelkeep.measure.Verdict;
import hazelkeep.piece.BoreWalls;
import hazelkeep.piece.End;
import hazelkeep.piece.StockJudge;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Remedy;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What would go wrong with a mill by geometry alone, and what to try. */
final class MillJudge {
  private static final String BODY = MillShape.BODY;
  private static final String HEAD = MillShape.HEAD;

  private final Mill design;
  private final Aim aim;
  private final Shop shop;
  private final MillShape shape;
  private final List<Finding> out = new ArrayList<>();

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
    out.addAll(
        StockJudge.of(
            aim,
            shop,
            wide,
            "A shorter shaft or a longer blank.",
            design.blank(),
            MillLimits.WALL));
    bores();
    walls();
    head();
    parts();
    for (var mount :
        List.of(MillRecipe.mouthHold(design, aim, shop), MillRecipe.topHold(design, aim, shop))) {
      mount.missing().ifPresent(v -> found(v, BODY, null, "Choose another way to hold it."));
    }
    return List.copyOf(out);
  }

  private void bores() {
    BothEnds through = shape.through();
    Point meet = new Point(shape.mouthTenonEnd() - through.meeting(), aim.mm("bore.diameter") / 2);
    Stream.of(through.near(), through.far())
        .flatMap(p -> p.verdicts().stream())
        .filter(v -> v.grade() != Grade.NOTE)
        .forEach(
            v -> found(v, BODY, meet, "Another bit, an extension, or a bore of another size."));
    through
        .verdicts()
        .forEach(v -> found(v, BODY, meet, "A deeper bore from one of the two ends."));
    shape.headBore().verdicts().stream()
        .filter(v -> v.grade() != Grade.NOTE)
        .forEach(
            v ->
                found(
                    v,
                    HEAD,
                    new Point(shape.tenonEnd, 0),
                    "Another bit, an extension, or a bore of another size."));
    if (aim.mm("shaft.hole") > 0) {
      BothEnds.shortOfLine("hole for the shaft", aim.mm("shaft.bore"), shape.top - shape.tenonEnd)
          .ifPresent(v -> found(v, HEAD, new Point(shape.top, 0), "Bore it deeper."));
    }
  }

  private void walls() {
    shape
        .walls()
        .thinnest()
        .filter(t -> t.wall() < MillLimits.WALL)
        .ifPresent(t -> thin(t, BODY, "The wall beside the bore is thin"));
    double tenon = (aim.mm("spigot.diameter") - aim.mm("drive.diameter")) / 2;
    if (aim.mm("drive.depth") > 0 && tenon < MillLimits.TENON_WALL) {
      say(
          "wall-thin",
          tenon <= MillLimits.TENON_WALL / 2 ? Grade.STOP : Grade.WATCH,
          tenon,
          MillLimits.TENON_WALL,
          "mm",
          "The head's tenon is thin round what is let into it",
          "It drives the head, and splits when it is forced.",
          HEAD,
          new Point(shape.tenonEnd, aim.mm("drive.diameter") / 2),
          "A smaller seat in the head or a wider main bore.");
    }
  }

  private void thin(BoreWalls.Thin t, String part, String title) {
    say(
        "wall-thin",
        t.wall() <= MillLimits.WALL / 2 ? Grade.STOP : Grade.WATCH,
        t.wall(),
        MillLimits.WALL,
        "mm",
        title,
        "What the bit may drift by is counted off it.",
        part,
        t.at(),
        "A wider outside there, or a narrower bore.");
  }

  private void head() {
    double roof = aim.mm("joint.length") + aim.mm("head.height") - aim.mm("drive.depth");
    double least = design.grinds() ? MillLimits.HEAD_ROOF : MillLimits.CAP;
    if (roof < least) {
      say(
          "roof-thin",
          roof <= least / 2 ? Grade.STOP : Grade.WATCH,
          roof,
          least,
          "mm",
          "The head is thin above what is let into it",
          "Counted on the axis, up to the top.",
          HEAD,
          new Point(shape.top - roof, 0),
          "A shallower seat or a higher head.");
    }
    double d = aim.mm("holes.diameter");
    double circle = aim.mm("holes.circle");
    if (d <= 0) {
      return;
    }
    if (design.holes() > 1) {
      double between = circle * Math.sin(Math.PI / design.holes()) - d;
      if (between < MillLimits.BETWEEN) {
        say(
            "holes-close",
            between <= 0 ? Grade.STOP : Grade.WATCH,
            between,
            MillLimits.BETWEEN,
            "mm",
            "The holes in the head lie close together",
            "The wood between two of them breaks out.",
            HEAD,
            new Point(shape.top, circle / 2),
            "A larger circle, or fewer holes.");
      }
    }
    double outer = circle + d;
    if (outer > aim.mm("drive.diameter")) {
      say(
          "holes-miss",
          Grade.STOP,
          outer,
          aim.mm("drive.diameter"),
          "mm",
          "The holes in the head miss its hollow",
          "Each has to open into it over its whole width.",
          HEAD,
          new Point(shape.top, circle / 2),
          "A smaller circle, or a wider hollow.");
    }
  }

  /** Whether what was bought goes together. */
  private void parts() {
    double shaft = aim.mm("shaft.diameter");
    if (shaft > 0 && aim.mm("shaft.hole") < shaft + MillLimits.SHAFT_PLAY - 1e-9) {
      say(
          "parts-jam",
          Grade.STOP,
          aim.mm("shaft.hole"),
          shaft + MillLimits.SHAFT_PLAY,
          "mm",
          "The shaft does not turn in its hole",
          "It needs a little room all round.",
          HEAD,
          new Point(shape.top, aim.mm("shaft.hole") / 2),
          "A larger hole.");
    }
    double proud = aim.mm("thread.proud");
    if (shaft > 0 && proud < MillLimits.THREAD - 1e-9) {
      say(
          "thread-short",
          proud <= MillLimits.THREAD / 2 ? Grade.STOP : Grade.WATCH,
          proud,
          MillLimits.THREAD,
          "mm",
          "The thread does not stand proud enough for its nut",
          "The shaft is as long as it is: the height follows from it.",
          HEAD,
          new Point(shape.top, 0),
          "A lower mill or a longer shaft.");
    }
    double room = aim.mm("bore.diameter");
    if (shaft > 0 && shaft >= room) {
      say(
          "parts-jam",
          Grade.STOP,
          room,
          shaft,
          "mm",
          "The shaft is thicker than the main bore",
          "Nothing could be put together.",
          BODY,
          null,
          "A wider main bore or a thinner shaft.");
    }
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
    found(new Verdict(code, grade, found, limit, unit, title, why), part, where, advice);
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
        set(r, "outside.height", aim.mm("outside.height") - lack);
        set(r, "shaft.length", aim.mm("shaft.length") - lack);
        set(r, "blank.length", aim.mm("stick.need"));
      }
      case "blank-thin" -> {
        set(r, "outside.diameter", f.verdict().found());
        set(r, "blank.across", f.verdict().limit() + 2 * StockJudge.CENTRING);
      }
      case "bores-apart" -> {
        set(r, "bore.mouth", aim.mm("bore.mouth") + lack);
        set(r, "bore.foot", aim.mm("bore.foot") + lack);
      }
      case "bores-step", "bore-drifts", "bit-short" -> {
        set(r, "bore.diameter", aim.mm("bore.diameter") + 5);
        set(r, "outside.height", aim.mm("outside.height") - 20);
      }
      case "short-of-line" -> set(r, "shaft.bore", aim.mm("shaft.bore") + lack);
      case "wall-thin" -> {
        for (double more : new double[] {2 * Math.max(0.5, lack), 4, 8}) {
          set(r, "outside.waist", aim.mm("outside.waist") + more);
          set(r, "outside.diameter", aim.mm("outside.diameter") + more);
          set(r, "outside.join", aim.mm("outside.join") + more);
        }
        set(r, "drive.diameter", aim.mm("drive.diameter") - 2 * lack);
      }
      case "roof-thin" -> {
        set(r, "drive.depth", aim.mm("drive.depth") - lack);
        set(r, "head.height", aim.mm("head.height") + lack);
      }
      case "holes-close" -> {
        set(r, "holes.circle", aim.mm("holes.circle") + Math.max(1, 1.2 * lack));
        set(r, "holes.diameter", aim.mm("holes.diameter") - lack);
      }
      case "holes-miss" ->
          set(r, "holes.circle", aim.mm("drive.diameter") - aim.mm("holes.diameter") - 0.2);
      case "parts-jam" -> {
        set(r, "shaft.hole", f.verdict().limit());
        set(r, "bore.diameter", aim.mm("shaft.diameter") + 10);
      }
      case "thread-short" -> {
        set(r, "outside.height", aim.mm("outside.height") - lack);
        set(r, "shaft.length", aim.mm("shaft.length") + lack);
      }
      case "bit-missing" -> set(r, "bore.diameter", f.verdict().limit());
      case "hold-missing",
          "hold-weak",
          "expand-wall",
          "splits",
          "seat-leans",
          "jam-loose",
          "jam-bottoms" -> {
        for (End e : MillKind.finishes(design)) {
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
    if (mm > 0.4 && mm < 900) {
      out.add(new Remedy.SetDim(new DimKey(key), Length.mm(Math.round(mm * 10) / 10.0)));
    }
  }
}
