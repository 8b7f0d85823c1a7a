package hazelkeep.web.drawing;

import hazelkeep.piece.Posed;
import hazelkeep.piece.Sketch;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Strip;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The piece as it stands, seen from outside, with a hand's width beside it. */
public final class StandingDrawing {
  private static final double WIDE = 520;
  private static final double TALL = 460;
  private static final double MARGIN = 34;

  /** The width of a hand over its knuckles, mm: common practice, from memory. */
  public static final double HAND = 85;

  private StandingDrawing() {}

  /** The view from outside. */
  public static String of(List<Posed> things, Show show) {
    double high = high(things);
    double radius = half(things);
    double scale = Math.min((TALL - 2 * MARGIN) / high, (WIDE - 3 * MARGIN) / (2 * radius + HAND));
    double middle = MARGIN + (radius + HAND) * scale + MARGIN / 2;
    double ground = TALL - MARGIN;
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDE, TALL),
        "class",
        "standing-drawing",
        "role",
        "img",
        "aria-label",
        Sentences.of("standingDrawing.the-piece-as-it-stands"));
    place(svg, new Sheet(0, 0, scale), things, middle, ground);
    double hand = HAND * scale;
    double from = MARGIN / 2;
    svg.line("dim-line", from, ground - 12, from + hand, ground - 12);
    svg.line("dim-line", from, ground - 17, from, ground - 7);
    svg.line("dim-line", from + hand, ground - 17, from + hand, ground - 7);
    svg.text("part-label", from + hand / 2, ground - 20, "a hand, " + show.len(HAND));
    svg.line("ground", MARGIN / 4, ground, WIDE - MARGIN / 4, ground);
    return svg.close("svg").toString();
  }

  /**
   * Two pieces beside one another, and between them the outline of the second over the first, all
   * to one scale.
   */
  public static String beside(List<Posed> one, List<Posed> other) {
    double high = Math.max(high(one), high(other));
    double half = Math.max(half(one), half(other));
    double third = BESIDE / 3;
    double scale = Math.min((TALL - 2 * MARGIN) / high, (third - MARGIN) / (2 * half));
    double ground = TALL - MARGIN;
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", BESIDE, TALL),
        "class",
        "standing-drawing",
        "role",
        "img",
        "aria-label",
        Sentences.of("standingDrawing.the-one-on-the-left"));
    Sheet sheet = new Sheet(0, 0, scale);
    place(svg, sheet, one, third / 2, ground);
    place(svg, sheet, one, 1.5 * third, ground);
    svg.open("g", "transform", Svg.d("translate(", 1.5 * third, ground, ") rotate(-90)"));
    other.forEach(p -> svg.path("over", seen(p, other, sheet)));
    svg.close("g");
    place(svg, sheet, other, 2.5 * third, ground);
    svg.line("ground", MARGIN / 4, ground, BESIDE - MARGIN / 4, ground);
    return svg.close("svg").toString();
  }

  private static final double BESIDE = 900;

  private static double high(List<Posed> things) {
    return things.stream().mapToDouble(p -> p.shape().maxZ()).max().orElse(1);
  }

  private static double half(List<Posed> things) {
    return things.stream().mapToDouble(p -> p.shape().maxR()).max().orElse(1);
  }

  private static void place(Svg svg, Sheet sheet, List<Posed> things, double x, double ground) {
    svg.open("g", "transform", Svg.d("translate(", x, ground, ") rotate(-90)"));
    outsides(svg, sheet, things);
    svg.close("g");
  }

  private static void outsides(Svg svg, Sheet sheet, List<Posed> things) {
    for (Posed p : things) {
      boolean inlay = p.is() == Posed.Is.INLAY;
      svg.region(
          inlay ? "inlay" : "outside-edge",
          seen(p, things, sheet),
          inlay ? null : WoodColour.of(p.wood()));
      for (Strip s : p.strips()) {
        String stripe =
            p.seen(things).stream().map(run -> stripe(run, s, sheet)).collect(Collectors.joining());
        svg.region("stripe", stripe, WoodColour.of(s.wood().name()));
      }
      p.holes().forEach(h -> hole(svg, sheet, h, p.shape()));
    }
  }

  /** A hole on the side that is seen: narrower round the edge, as a round thing shows it. */
  private static void hole(Svg svg, Sheet sheet, Hole h, HalfSection wood) {
    double out = h.mouth(wood).r();
    double cos = Math.cos(h.at().turn());
    if (cos > 0 && out > 0) {
      double r = h.at().radius() * sheet.scale();
      double beside = out * Math.sin(h.at().turn());
      svg.empty(
          "ellipse",
          "class",
          "hole",
          "cx",
          sheet.x(h.at().z()),
          "cy",
          sheet.down(beside),
          "rx",
          r,
          "ry",
          r * cos);
    }
  }

  /** Sheet units to the mm on the shelf: one scale for all that stands there. */
  private static final double SHELF = 0.9;

  /** As it stands on the shelf: from outside on the left, cut open on the right. */
  public static String onShelf(Sketch<?> sketch) {
    List<Posed> things = Posed.finished(sketch);
    double high = high(things) * SHELF;
    double half = half(things) * SHELF;
    double wide = 2 * half + 6;
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", wide, high + 3),
        "width",
        wide,
        "height",
        high + 3,
        "class",
        "on-shelf",
        "role",
        "img",
        "aria-label",
        Sentences.of("standingDrawing.it-stands-seen-from-outside"));
    svg.open("g", "transform", Svg.d("translate(", wide / 2, high + 2.4, ") rotate(-90)"));
    Sheet sheet = new Sheet(0, 0, SHELF);
    outsides(svg, sheet, things);
    svg.rect("opened", -2, 0, high + 4, half + 2, null);
    for (Posed p : things) {
      boolean inlay = p.is() == Posed.Is.INLAY;
      svg.region(
          inlay ? "inlay" : "outside-edge",
          sheet.below(p.shape()),
          inlay ? null : WoodColour.lighter(WoodColour.of(p.wood())));
    }
    svg.line("axis", -3, 0, high + 2, 0);
    return svg.close("g").close("svg").toString();
  }

  private static String seen(Posed thing, List<Posed> all, Sheet sheet) {
    return thing.seen(all).stream().map(run -> band(run, sheet)).collect(Collectors.joining());
  }

  /** A stretch is looked at so finely where a board runs out of it, mm. */
  private static final double FINE = 0.5;

  /** What is seen of a board that runs through it, its edges towards the eye. */
  private static String stripe(List<Point> run, Strip s, Sheet sheet) {
    List<double[]> at = new ArrayList<>();
    for (int i = 1; i < run.size(); i++) {
      Point a = run.get(i - 1);
      Point b = run.get(i);
      int steps = (int) Math.max(1, Math.ceil((b.z() - a.z()) / FINE));
      for (int k = i == 1 ? 0 : 1; k <= steps; k++) {
        double t = (double) k / steps;
        double r = a.r() + t * (b.r() - a.r());
        at.add(
            new double[] {
              a.z() + t * (b.z() - a.z()),
              Math.max(-r, Math.min(r, s.to())),
              Math.max(-r, Math.min(r, s.from()))
            });
      }
    }
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < at.size(); i++) {
      out.append(Svg.d(i == 0 ? "M" : "L", sheet.x(at.get(i)[0]), sheet.up(at.get(i)[1])));
    }
    for (int i = at.size() - 1; i >= 0; i--) {
      out.append(Svg.d("L", sheet.x(at.get(i)[0]), sheet.up(at.get(i)[2])));
    }
    return out.append("Z").toString();
  }

  /** One side up and the other side down again. */
  private static String band(List<Point> run, Sheet sheet) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < run.size(); i++) {
      Point p = run.get(i);
      out.append(Svg.d(i == 0 ? "M" : "L", sheet.x(p.z()), sheet.up(p.r())));
    }
    for (int i = run.size() - 1; i >= 0; i--) {
      Point p = run.get(i);
      out.append(Svg.d("L", sheet.x(p.z()), sheet.down(p.r())));
    }
    return out.append("Z").toString();
  }
}
