package hazelkeep.web.drawing;

import hazelkeep.piece.Fitting;
import hazelkeep.piece.Rolled;
import hazelkeep.piece.Sketch;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The parts side by side, all to one scale, and under them the piece put together; and the side of
 * a piece rolled out flat.
 */
public final class PartsDrawing {
  private static final double WIDTH = 860;
  private static final double MARGIN = 20;
  private static final double GAP = 26;
  private static final double TALL = 150;
  private static final double TOP = 26;

  /** How high a line of numbers is. */
  private static final double LABEL = 22;

  /** A thing that lies in the row. */
  private record Item(String name, HalfSection shape, String css, String wood) {
    boolean own() {
      return css.equals("wood");
    }

    double length() {
      return shape.maxZ() - shape.minZ();
    }
  }

  private PartsDrawing() {}

  /** The parts apart, and together. */
  public static String of(Sketch<?> sketch) {
    List<Item> items = items(sketch);
    double long_ = items.stream().mapToDouble(Item::length).sum();
    double wide = items.stream().mapToDouble(i -> 2 * i.shape().maxR()).max().orElse(1);
    double gaps = GAP * (items.size() - 1);
    double scale = Math.min((WIDTH - 2 * MARGIN - gaps) / long_, TALL / wide);
    double row = wide * scale;
    double axis = TOP + row / 2;
    double below = TOP + row + LABEL + 34 + row / 2;
    double height = below + row / 2 + 20;
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDTH, height),
        "class",
        "parts-drawing",
        "role",
        "img",
        "aria-label",
        Sentences.of("partsDrawing.the-parts-side-by-side"));
    double x = (WIDTH - long_ * scale - gaps) / 2;
    int no = 0;
    for (Item i : items) {
      Sheet sheet = new Sheet(x - i.shape().minZ() * scale, axis, scale);
      double mid = x + i.length() * scale / 2;
      thing(svg, sheet, i);
      no++;
      svg.text("part-label", mid, TOP + row + 18, Integer.toString(no));
      x += i.length() * scale + GAP;
    }
    List<Item> closed = closed(sketch);
    double from = closed.stream().mapToDouble(i -> i.shape().minZ()).min().orElse(0);
    double to = closed.stream().mapToDouble(i -> i.shape().maxZ()).max().orElse(1);
    Sheet sheet = new Sheet((WIDTH - (to + from) * scale) / 2, below, scale);
    closed.forEach(i -> thing(svg, sheet, i));
    svg.line("axis", sheet.x(from) - 16, below, sheet.x(to) + 16, below);
    return svg.close("svg").toString();
  }

  private static void thing(Svg svg, Sheet sheet, Item i) {
    if (i.css().equals("metal") && i.shape().minR() == 0) {
      HalfSection h = i.shape();
      double top = sheet.up(h.maxR());
      double wide = sheet.x(h.maxZ()) - sheet.x(h.minZ());
      svg.rect("metal", sheet.x(h.minZ()), top, wide, sheet.down(h.maxR()) - top, null);
    } else {
      svg.region(i.css(), sheet.both(i.shape()), i.own() ? i.wood() : null);
      double a = sheet.axis();
      svg.line("axis", sheet.x(i.shape().minZ()) - 8, a, sheet.x(i.shape().maxZ()) + 8, a);
    }
  }

  private static List<Item> items(Sketch<?> sketch) {
    return closed(sketch).stream().sorted(Comparator.comparing(i -> !i.own())).toList();
  }

  /** What the numbers under the parts stand for, in their order. */
  public static List<String> legend(Sketch<?> sketch, Show show) {
    return items(sketch).stream()
        .map(
            i ->
                i.name() + ", " + show.bare(i.length()) + " × ⌀ " + show.bare(2 * i.shape().maxR()))
        .toList();
  }

  private static List<Item> closed(Sketch<?> sketch) {
    List<Item> out = new ArrayList<>();
    for (Part p : sketch.aim().parts()) {
      out.add(
          new Item(
              p.name(), p.target().in(p.closed()), "wood", WoodColour.of(sketch.aim(), p.name())));
    }
    for (Fitting f : sketch.fittings()) {
      out.add(new Item(f.name(), f.outline(), f.wood() ? "inlay" : "metal", ""));
    }
    return out;
  }

  /** The side rolled out: what is round the piece, from the grain mark on. */
  public static String rolled(Rolled side, Show show) {
    double round = side.round();
    double scale = Math.min((WIDTH - 140) / round, 260 / side.height());
    double left = (WIDTH - round * scale) / 2;
    double base = TOP + side.height() * scale;
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDTH, base + 34),
        "class",
        "parts-drawing",
        "role",
        "img",
        "aria-label",
        Sentences.of("partsDrawing.the-side-rolled-out-from"));
    svg.rect("rolled", left, TOP, round * scale, side.height() * scale, null);
    for (int quarter = 0; quarter <= 4; quarter++) {
      double x = left + quarter / 4.0 * round * scale;
      svg.line("guide", x, TOP, x, base);
      svg.text("part-label", x, base + 18, 90 * quarter + "°");
    }
    for (Rolled.Place p : side.places()) {
      Hole h = p.hole();
      double x = left + p.along() * scale;
      double y = base - p.height() * scale;
      double r = h.diameter() / 2 * scale;
      svg.empty("circle", "class", "hole", "cx", x, "cy", y, "r", r);
      String said = h.name() + " ⌀ " + show.bare(h.diameter());
      svg.text("hole-label", x + r + 8, y + 4, said);
    }
    return svg.close("svg").toString();
  }
}
