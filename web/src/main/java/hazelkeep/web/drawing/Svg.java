package hazelkeep.web.drawing;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import java.util.Locale;

/** Writes SVG: every attribute and text is escaped, no inline style. */
final class Svg {
  private final StringBuilder out = new StringBuilder(8192);

  /** Opens an element; attributes come as name, value, name, value. */
  Svg open(String tag, Object... attributes) {
    start(tag, attributes);
    out.append('>');
    return this;
  }

  /** An element without content. */
  Svg empty(String tag, Object... attributes) {
    start(tag, attributes);
    out.append("/>");
    return this;
  }

  /** Closes an element. */
  Svg close(String tag) {
    out.append("</").append(tag).append('>');
    return this;
  }

  /** Text content. */
  Svg text(String text) {
    escape(text);
    return this;
  }

  /** An element with text in it. */
  Svg textIn(String tag, String text, Object... attributes) {
    return open(tag, attributes).text(text).close(tag);
  }

  private void start(String tag, Object... attributes) {
    out.append('<').append(tag);
    for (int i = 0; i < attributes.length; i += 2) {
      Object v = attributes[i + 1];
      if (v == null) {
        continue;
      }
      out.append(' ').append(attributes[i]).append("=\"");
      escape(v instanceof Double d ? n(d) : v.toString());
      out.append('"');
    }
  }

  private void escape(String s) {
    for (int i = 0; i < s.length(); i++) {
      char c = s.charAt(i);
      switch (c) {
        case '<' -> out.append("&lt;");
        case '>' -> out.append("&gt;");
        case '&' -> out.append("&amp;");
        case '"' -> out.append("&quot;");
        default -> out.append(c);
      }
    }
  }

  /** A number with two decimals at most. */
  static String n(double v) {
    String s = String.format(Locale.ROOT, "%.2f", v);
    return s.endsWith(".00") ? s.substring(0, s.length() - 3) : s;
  }

  @Override
  public String toString() {
    return out.toString();
  }

  /**
   * Where the work lies on the sheet.
   *
   * @param left x of z = 0
   * @param axis y of the axis
   * @param scale units of the sheet to the mm
   */
  record Sheet(double left, double axis, double scale) {
    double x(double z) {
      return left + z * scale;
    }

    double up(double r) {
      return axis - r * scale;
    }

    double down(double r) {
      return axis + r * scale;
    }

    /** A region above the axis. */
    String above(HalfSection h) {
      return path(h, -1);
    }

    /** Its mirror image below. */
    String below(HalfSection h) {
      return path(h, 1);
    }

    /** Both. */
    String both(HalfSection h) {
      return above(h) + below(h);
    }

    private String path(HalfSection h, int side) {
      StringBuilder d = new StringBuilder();
      for (Polyline ring : h.rings()) {
        line(d, ring, side);
        d.append('Z');
      }
      return d.toString();
    }

    /** A line above the axis. */
    String above(Polyline line) {
      StringBuilder d = new StringBuilder();
      line(d, line, -1);
      return d.toString();
    }

    /** A line below the axis. */
    String below(Polyline line) {
      StringBuilder d = new StringBuilder();
      line(d, line, 1);
      return d.toString();
    }

    private void line(StringBuilder d, Polyline line, int side) {
      char op = 'M';
      for (Point p : line.points()) {
        d.append(op).append(n(x(p.z()))).append(' ').append(n(axis + side * p.r() * scale));
        op = 'L';
      }
    }
  }
}
