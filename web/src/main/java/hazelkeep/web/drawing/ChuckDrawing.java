package hazelkeep.web.drawing;

import hazelkeep.hold.JamChuck;
import hazelkeep.hold.Touch;
import hazelkeep.hold.Work;
import hazelkeep.solid.HalfSection;

/** A jam chuck in section, to scale, with the sizes it is turned to and the work it carries. */
public final class ChuckDrawing {
  private static final double WIDE = 360;
  private static final double TALL = 250;

  /** How much of the work is shown in front of the face, mm. */
  private static final double WORK = 34;

  private ChuckDrawing() {}

  /** A jam chuck and what it holds. */
  public static String of(JamChuck jam, Work work, Show show) {
    HalfSection chuck = jam.chuck();
    HalfSection held =
        work.sound(jam.part()).and(HalfSection.box(chuck.minZ() - 1, WORK, 0, HalfSection.FAR));
    double radius = Math.max(chuck.maxR(), held.isEmpty() ? 0 : held.maxR()) + 3;
    double lo = Math.max(chuck.minZ(), -26);
    double hi = Math.max(chuck.maxZ(), held.isEmpty() ? 10 : held.maxZ()) + 4;
    double scale = Math.min((WIDE - 130) / (hi - lo), (TALL - 44) / (2 * radius));
    Sheet sheet = new Sheet(12 - lo * scale, TALL / 2 - 6, scale);
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDE, TALL),
        "class",
        "chuck-drawing",
        "role",
        "img",
        "aria-label",
        jam.words() + ", in section");
    svg.path("held", sheet.both(held));
    svg.path("jam-chuck", sheet.both(chuck));
    svg.line("axis", 4, sheet.axis(), WIDE - 112, sheet.axis());
    labels(svg, sheet, jam, show);
    return svg.close("svg").toString();
  }

  private static void labels(Svg svg, Sheet sheet, JamChuck jam, Show show) {
    HalfSection chuck = jam.chuck();
    double x = WIDE - 104;
    if (jam.cup()) {
      double at = -Touch.JAM_AT;
      lead(svg, sheet, at, chuck.inner(at), x, 34, "⌀ " + show.fit(2 * chuck.inner(at)), "recess");
      lead(svg, sheet, at, chuck.outer(at), x, 74, "⌀ " + show.len(2 * chuck.outer(at)), "outside");
      return;
    }
    double root = Touch.PROBE;
    double end = chuck.maxZ() - Touch.PROBE;
    lead(
        svg,
        sheet,
        end,
        chuck.outer(end),
        x,
        112,
        "⌀ " + show.fit(2 * chuck.outer(end)),
        "at its end");
    lead(
        svg,
        sheet,
        root,
        chuck.outer(root),
        x,
        70,
        "⌀ " + show.fit(2 * chuck.outer(root)),
        "at its root");
    lead(svg, sheet, -1, chuck.outer(-1), x, 28, "⌀ " + show.len(2 * chuck.outer(-1)), "face");
    double y = sheet.down(chuck.outer(-1)) + 12;
    double x0 = sheet.x(0);
    double x1 = sheet.x(chuck.maxZ());
    svg.path("dim-line", Svg.d("M", x0, y - 5, "v10M", x1, y - 5, "v10M", x0, y, "H", x1));
    svg.text("chuck-note", (x0 + x1) / 2, y + 16, show.len(chuck.maxZ()) + " long");
  }

  private static void lead(
      Svg svg, Sheet sheet, double z, double r, double x, double y, String size, String what) {
    svg.path("guide", Svg.d("M", sheet.x(z), sheet.up(r), "L", x - 5, y));
    svg.text("chuck-size", x, y + 1, size);
    svg.text("chuck-word", x, y + 16, what);
  }
}
