package hazelkeep.web.drawing;

import hazelkeep.practice.Practice;
import hazelkeep.shop.JawSet;
import hazelkeep.solid.Span;
import hazelkeep.web.said.Sentences;

/** A jaw set from the end, to scale, with a tenon in it; below it what it squeezes and opens to. */
public final class JawDrawing {
  /** Sheet units to the mm: one for all sets, so that they can be compared. */
  private static final double SCALE = 1.3;

  /** What is drawn round the axis, mm. */
  private static final double MOST = 58;

  private static final double WIDE = 330;
  private static final double BAR = 8;

  /** Where the bars end, mm: what a common chuck opens to. */
  private static final double FULL = 130;

  /** Half the gap between two jaws, degrees. */
  private static final double GAP = 8;

  /** Where the bars of the ranges begin. */
  private static final double LEFT = 64;

  private JawDrawing() {}

  /** A set with a tenon of some diameter, mm. */
  public static String of(JawSet jaws, double tenon, Practice practice, Show show) {
    int lines = jaws.lines(tenon, practice);
    String bite = bite(jaws, tenon, lines, show);
    double r = tenon / 2;
    double rj = jaws.trueCircle() / 2;
    double most = MOST;
    double cy = most * SCALE + 6;
    double cx = WIDE / 2;
    double height = 2 * cy + 62;
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDE, height),
        "class",
        "jaw-drawing",
        "role",
        "img",
        "aria-label",
        jaws.name() + " on " + show.len(tenon) + ": " + bite);
    boolean holds = jaws.squeeze().holds(tenon);
    double held = Math.max(jaws.squeeze().from(), Math.min(jaws.squeeze().to(), tenon)) / 2;
    double shift = shift(jaws, held);
    for (int q = 0; q < 4; q++) {
      svg.path("iron", jaw(cx, cy, q, rj, shift, Math.min(jaws.body() / 2, most)));
    }
    svg.empty(
        "circle",
        "class",
        holds ? "tenon-end" : "tenon-end off",
        "cx",
        cx,
        "cy",
        cy,
        "r",
        r * SCALE);
    svg.empty("circle", "class", "true-circle", "cx", cx, "cy", cy, "r", rj * SCALE);
    if (holds) {
      bites(svg, jaws, r, lines, new double[] {cx, cy});
    }
    bars(svg, jaws, tenon, 2 * cy + 8);
    svg.text("jaw-note", LEFT, 2 * cy + 56, bite);
    return svg.close("svg").toString();
  }

  /** How far each jaw has moved out from where all four form a circle, mm. */
  private static double shift(JawSet jaws, double r) {
    double rj = jaws.trueCircle() / 2;
    double a = Math.min(jaws.halfChord(), 0.7 * r);
    return r > rj ? Math.sqrt(r * r - a * a) - Math.sqrt(rj * rj - a * a) : r - rj;
  }

  private static String jaw(
      double cx, double cy, int quarter, double rj, double shift, double out) {
    double mid = Math.toRadians(45 + 90 * quarter);
    double dx = cx + shift * SCALE * Math.cos(mid);
    double dy = cy + shift * SCALE * Math.sin(mid);
    double from = mid - Math.toRadians(45 - GAP);
    double to = mid + Math.toRadians(45 - GAP);
    double in = rj * SCALE;
    double far = Math.max(out - shift, rj + 6) * SCALE;
    return Svg.d("M", dx + in * Math.cos(from), dy + in * Math.sin(from))
        + Svg.d("A", in, in, "0 0 1 ", dx + in * Math.cos(to), dy + in * Math.sin(to))
        + Svg.d("L", dx + far * Math.cos(to), dy + far * Math.sin(to))
        + Svg.d("A", far, far, "0 0 0 ", dx + far * Math.cos(from), dy + far * Math.sin(from))
        + "Z";
  }

  /** Where the jaws touch the tenon. */
  private static void bites(Svg svg, JawSet jaws, double r, int lines, double[] centre) {
    double cx = centre[0];
    double cy = centre[1];
    for (int q = 0; q < 4; q++) {
      double mid = Math.toRadians(45 + 90 * q);
      double half = Math.asin(Math.min(0.9, jaws.halfChord() / r));
      if (lines == 0) {
        double a = mid - half;
        double b = mid + half;
        double rr = r * SCALE;
        svg.path(
            "bite",
            Svg.d("M", cx + rr * Math.cos(a), cy + rr * Math.sin(a))
                + Svg.d("A", rr, rr, "0 0 1 ", cx + rr * Math.cos(b), cy + rr * Math.sin(b)));
        continue;
      }
      double[] at = lines == 4 ? new double[] {mid} : new double[] {mid - half, mid + half};
      for (double t : at) {
        svg.empty(
            "circle",
            "class",
            "bite-line",
            "cx",
            cx + r * SCALE * Math.cos(t),
            "cy",
            cy + r * SCALE * Math.sin(t),
            "r",
            3.6);
      }
    }
  }

  /** How it bites, in words. */
  public static String bite(JawSet jaws, double tenon, int lines, Show show) {
    if (!jaws.squeeze().holds(tenon)) {
      return jaws.expand().filter(e -> e.holds(tenon)).isPresent()
          ? Sentences.of("jawDrawing.too-thick-to-squeeze-opens")
          : "out of its range";
    }
    return lines == 0
        ? "bites all round"
        : Sentences.of("jawDrawing.bites-on-lines", lines, show.fit(jaws.miss(tenon)));
  }

  private static void bars(Svg svg, JawSet jaws, double tenon, double y) {
    double left = LEFT;
    double unit = (WIDE - left - 8) / FULL;
    bar(svg, "squeezes", "bar-squeeze", jaws.squeeze(), left, y, unit);
    jaws.expand().ifPresent(e -> bar(svg, "opens", "bar-expand", e, left, y + 17, unit));
    double x = left + unit * Math.min(FULL, jaws.trueCircle());
    svg.line("true-mark", x, y - 4, x, y + BAR + 4);
    double t = left + unit * Math.min(FULL, tenon);
    svg.path("tenon-mark", Svg.d("M", t, y + BAR + 20, "l-5 9h10Z"));
  }

  private static void bar(
      Svg svg, String word, String css, Span range, double left, double y, double unit) {
    svg.text("jaw-word", left - 6, y + BAR, word);
    svg.rect("bar-ground", left, y, unit * FULL, BAR, null);
    double from = Math.min(FULL, range.from());
    double to = Math.min(FULL, range.to());
    svg.rect(css, left + unit * from, y, Math.max(1, unit * (to - from)), BAR, null);
  }
}
