package hazelkeep.web.drawing;

import java.util.Locale;

/** Writes SVG: every attribute and text is escaped, no inline style. */
final class Svg {
  private final StringBuilder out = new StringBuilder(8192);

  /** Opens an element; attributes come as name, value, name, value. Null values are left out. */
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

  /** A line or region along a path. */
  Svg path(String css, String d) {
    return d.isEmpty() ? this : empty("path", "class", css, "d", d);
  }

  /** A region along a path, filled even-odd so that holes stay open. */
  Svg region(String css, String d, String fill) {
    return d.isEmpty()
        ? this
        : empty("path", "class", css, "d", d, "fill", fill, "fill-rule", "evenodd");
  }

  /** A straight line. */
  Svg line(String css, double x1, double y1, double x2, double y2) {
    return empty("line", "class", css, "x1", x1, "y1", y1, "x2", x2, "y2", y2);
  }

  /** A rectangle. */
  Svg rect(String css, double x, double y, double width, double height, String fill) {
    return empty(
        "rect", "class", css, "x", x, "y", y, "width", width, "height", height, "fill", fill);
  }

  /** A text at a point; its class says how it is anchored. */
  Svg text(String css, double x, double y, String text) {
    return textIn("text", text, "class", css, "x", x, "y", y);
  }

  /** An element with text in it. */
  Svg textIn(String tag, String text, Object... attributes) {
    open(tag, attributes);
    escape(text);
    return close(tag);
  }

  /** A hatch or grain that regions are filled with. */
  Svg pattern(String id, double width, double height, String turn, String ground, String marks) {
    open(
        "pattern",
        "id",
        id,
        "width",
        width,
        "height",
        height,
        "patternUnits",
        "userSpaceOnUse",
        "patternTransform",
        turn);
    if (ground != null) {
      empty("rect", "class", ground + "-ground", "width", width, "height", height);
    }
    return path(ground == null ? "grain-line" : ground + "-line", marks).close("pattern");
  }

  private void start(String tag, Object... attributes) {
    out.append('<').append(tag);
    for (int i = 0; i < attributes.length; i += 2) {
      Object v = attributes[i + 1];
      if (v != null) {
        out.append(' ').append(attributes[i]).append("=\"");
        escape(v instanceof Double d ? n(d) : v.toString());
        out.append('"');
      }
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
    // Not String.format: a drawing writes thousands of these.
    long hundredths = Math.round(v * 100);
    if (hundredths % 100 == 0) {
      return Long.toString(hundredths / 100);
    }
    String digits = Long.toString(Math.abs(hundredths) % 100);
    return (hundredths < 0 ? "-" : "")
        + Math.abs(hundredths) / 100
        + (digits.length() == 1 ? ".0" : ".")
        + digits;
  }

  /** A path of straight stretches: M x y, L x y ... with the letters between the numbers. */
  static String d(Object... parts) {
    StringBuilder s = new StringBuilder();
    for (Object p : parts) {
      if (p instanceof Double v) {
        s.append(n(v)).append(' ');
      } else {
        s.append(p);
      }
    }
    return s.toString().strip();
  }

  /** The lower-case name of an enum constant, for a class. */
  static String css(Enum<?> e) {
    return e.name().toLowerCase(Locale.ROOT);
  }

  @Override
  public String toString() {
    return out.toString();
  }
}
