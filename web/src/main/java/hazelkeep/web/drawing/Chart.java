package hazelkeep.web.drawing;

import java.util.List;

/** A plain chart: two axes, their marks, curves and bands between them. */
final class Chart {
  private static final double LEFT = 56;
  private static final double RIGHT = 14;
  private static final double TOP = 24;
  private static final double BELOW = 40;

  private final Svg svg = new Svg();
  private final double wide;
  private final double tall;
  private final Range x;
  private final Range y;

  /**
   * What an axis runs over.
   *
   * @param from its low end
   * @param to its high end
   */
  record Range(double from, double to) {
    double share(double v) {
      return (v - from) / (to - from);
    }
  }

  Chart(double wide, double tall, Range x, Range y, String label) {
    this.wide = wide;
    this.tall = tall;
    this.x = x;
    this.y = y;
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", wide, tall),
        "class",
        "chart",
        "role",
        "img",
        "aria-label",
        label);
  }

  double x(double v) {
    return LEFT + x.share(v) * (wide - LEFT - RIGHT);
  }

  double y(double v) {
    double share = Math.max(0, Math.min(1, y.share(v)));
    return tall - BELOW - share * (tall - TOP - BELOW);
  }

  Svg svg() {
    return svg;
  }

  /** The frame, once all that lies behind it is drawn. */
  void frame() {
    svg.path("chart-frame", Svg.d("M", LEFT, " ", TOP, "V", tall - BELOW, "H", wide - RIGHT));
  }

  void markX(double v, String text) {
    svg.line("chart-tick", x(v), tall - BELOW, x(v), tall - BELOW + 5);
    svg.text("chart-x", x(v), tall - BELOW + 19, text);
  }

  void markY(double v, String text) {
    svg.line("chart-tick", LEFT - 5, y(v), LEFT, y(v));
    svg.text("chart-y", LEFT - 9, y(v) + 4, text);
  }

  void nameX(String text) {
    svg.text("chart-name-x", (LEFT + wide - RIGHT) / 2, tall - 4, text);
  }

  void nameY(String text) {
    svg.text("chart-name-y", 4, TOP - 12, text);
  }

  /** A stripe across the whole width between two heights. */
  void stripe(String css, double low, double high) {
    svg.rect(css, LEFT, y(high), wide - LEFT - RIGHT, Math.max(0, y(low) - y(high)), null);
  }

  void curve(String css, List<double[]> points) {
    svg.path(css, path(points, false));
  }

  /** The region between two curves over the same places. */
  void band(String css, List<double[]> low, List<double[]> high) {
    String back = path(reversed(high), true);
    svg.path(css, path(low, false) + back + "Z");
  }

  private static List<double[]> reversed(List<double[]> points) {
    List<double[]> out = new java.util.ArrayList<>(points);
    java.util.Collections.reverse(out);
    return out;
  }

  private String path(List<double[]> points, boolean on) {
    StringBuilder d = new StringBuilder();
    for (int i = 0; i < points.size(); i++) {
      d.append(i == 0 && !on ? 'M' : 'L')
          .append(Svg.n(x(points.get(i)[0])))
          .append(' ')
          .append(Svg.n(y(points.get(i)[1])));
    }
    return d.toString();
  }

  @Override
  public String toString() {
    return svg.close("svg").toString();
  }
}
