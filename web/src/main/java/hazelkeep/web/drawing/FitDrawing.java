package hazelkeep.web.drawing;

import hazelkeep.closing.Closing;
import hazelkeep.fit.FitClass;
import hazelkeep.practice.Practice;
import hazelkeep.web.said.Sentences;

/** A joint enlarged: the clearance across to one scale, the length along to another. */
public final class FitDrawing {
  private static final double WIDE = 560;
  private static final double TALL = 400;

  /** Where the recess's wall lies; the spigot hangs below it by the clearance. */
  private static final double WALL = 150;

  /** Room below for the two bars. */
  private static final double BARS = 64;

  private static final double LEFT = 60;
  private static final double ALONG = 400;

  /** The widest clearance that is drawn at the full scale, mm a side. */
  private static final double FULL = 0.3;

  private static final double ACROSS = 110 / FULL;

  private FitDrawing() {}

  /**
   * A joint as it is drawn.
   *
   * @param closing the joint with its lid
   * @param clearance shown, mm
   * @param taper how much narrower the spigot is at its end, mm
   * @param wood the wood of the recess's half
   * @param other the wood of the spigot's half
   */
  public record Shown(Closing closing, double clearance, double taper, String wood, String other) {}

  /** Draws it. */
  public static String of(Shown s, Show show) {
    double gap = s.clearance() / 2;
    double across = Math.abs(gap) > FULL ? ACROSS * FULL / Math.abs(gap) : ACROSS;
    double along = ALONG / Math.max(s.closing().engaged(), 1);
    double root = WALL + gap * across;
    double end = root + s.taper() / 2 * across;
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDE, TALL),
        "class",
        "fit-drawing",
        "role",
        "img",
        "aria-label",
        Sentences.of("fitDrawing.recess-and-spigot-enlarged-between", show.fit(gap)));
    double to = LEFT + ALONG;
    // The half with the recess above, its floor beyond the spigot's end; the other with its
    // shoulder.
    String above =
        Svg.d(
            "M",
            LEFT,
            " ",
            12.0,
            "H",
            WIDE - 12,
            "V",
            TALL - BARS,
            "H",
            to + 26,
            "V",
            WALL,
            "H",
            LEFT,
            "Z");
    String below =
        Svg.d(
            "M",
            8.0,
            " ",
            12.0,
            "H",
            LEFT - 4,
            "V",
            root,
            "H",
            LEFT,
            "L",
            to,
            " ",
            end,
            "V",
            TALL - BARS,
            "H",
            8.0,
            "Z");
    svg.region("wood", above, WoodColour.of(s.wood()));
    svg.region("wood", below, WoodColour.of(s.other()));
    if (Math.min(gap, gap + s.taper() / 2) < 0) {
      svg.path(
          "fit-over",
          Svg.d(
              "M", LEFT, " ", WALL, "H", to, "V", Math.min(WALL, end), "L", LEFT, " ", root, "Z"));
    }
    gap(svg, s, new Place(across, root, end), show);
    bars(svg, across, along, show);
    svg.text("fit-word", LEFT + 16, 44, "recess ⌀ " + show.unit().showFit(s.closing().recess()))
        .text(
            "fit-word",
            LEFT + 16,
            TALL - BARS - 18,
            "spigot ⌀ " + show.unit().showFit(s.closing().recess() - s.clearance()));
    return svg.close("svg").toString();
  }

  private record Place(double across, double root, double end) {}

  private static void gap(Svg svg, Shown s, Place at, Show show) {
    double x = LEFT + ALONG * 0.4;
    double low = at.root + (at.end - at.root) * 0.4;
    svg.line("fit-leader", x, WALL, x, low);
    svg.line("fit-leader", x, Math.max(WALL, low), x + 40, Math.max(WALL, low) + 46);
    svg.text(
        "fit-number",
        x + 44,
        Math.max(WALL, low) + 60,
        show.unit().showFit(s.clearance() / 2) + " a side");
  }

  /** A bar for each of the two scales. */
  private static void bars(Svg svg, double across, double along, Show show) {
    double tenth = 0.1 * across;
    double y = TALL - 14;
    svg.line("fit-bar", LEFT, y, LEFT + 5 * along, y);
    svg.text("fit-note", LEFT, y - 8, show.len(5) + " along");
    double x = WIDE - 150;
    svg.line("fit-bar", x, y, x, y - tenth);
    svg.text("fit-note", x + 10, y, show.fit(0.1) + " across");
  }

  private static final double STRIP = 900;
  private static final double STRIP_TALL = 78;

  /** As far from the edges as a slider's knob stays, so that both scales are one. */
  private static final double EDGE = 8;

  /**
   * What a strip shows of a joint's clearance.
   *
   * @param diameter of the joint, mm
   * @param wanted the class wanted
   * @param at the clearance shown, mm
   * @param low the least of the year, mm; not a number where that is not known
   * @param high the largest of the year, mm
   */
  public record Strip(double diameter, FitClass wanted, double at, double low, double high) {}

  /** The least clearance that a strip shows, mm. */
  public static double least(double diameter, Practice p) {
    return FitClass.JAM.least(diameter, p);
  }

  /** The largest clearance that a strip shows, mm. */
  public static double most(double diameter, Practice p) {
    return FitClass.DROP_ON.most(diameter, p);
  }

  /** The classes of fit side by side, with the clearance as a mark and the year as a bar. */
  public static String strip(Strip s, Practice p, Show show) {
    Scale x = scale(s.diameter(), p);
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", STRIP, STRIP_TALL),
        "class",
        "fit-strip",
        "role",
        "img",
        "aria-label",
        Sentences.of("fitDrawing.classes-of-fit-with-a", show.fit(s.at())));
    classes(svg, s, p, x, show);
    if (!Double.isNaN(s.low())) {
      double from = x.at(s.low());
      svg.rect("fit-year", from, 46, Math.max(2, x.at(s.high()) - from), 8, null);
    }
    double at = x.at(s.at());
    svg.path("fit-mark", Svg.d("M", at, " ", 11.0, "l", -8.0, " ", -11.0, "h", 16.0, "Z"));
    svg.line("fit-mark-line", at, 10, at, 56);
    return svg.close("svg").toString();
  }

  /**
   * A scale across a strip.
   *
   * @param least at its left edge, mm
   * @param most at its right edge, mm
   */
  record Scale(double least, double most) {
    double at(double v) {
      double share = (v - least) / (most - least);
      return EDGE + Math.max(0, Math.min(1, share)) * (STRIP - 2 * EDGE);
    }
  }

  static Scale scale(double diameter, Practice p) {
    return new Scale(least(diameter, p), most(diameter, p));
  }

  /** Bands of the classes, named, with their borders below. */
  static void classes(Svg svg, Strip s, Practice p, Scale x, Show show) {
    for (FitClass f : FitClass.values()) {
      if (!f.ofLids()) {
        continue;
      }
      double from = x.at(f.least(s.diameter(), p));
      double to = x.at(f.most(s.diameter(), p));
      svg.rect(f == s.wanted() ? "fit-band wanted" : "fit-band", from, 10, to - from, 30, null);
      svg.text("fit-class", (from + to) / 2, 30, f.word());
      if (f == FitClass.DROP_ON) {
        svg.text("fit-border end", to, 70, show.unit().showFit(f.most(s.diameter(), p)));
      } else if (f != FitClass.JAM) {
        svg.text("fit-border", to, 70, show.unit().showFit(f.most(s.diameter(), p)));
      } else {
        svg.text("fit-border", to, 70, show.unit().showFit(f.most(s.diameter(), p)));
        svg.text("fit-border start", from, 70, show.unit().showFit(f.least(s.diameter(), p)));
      }
    }
  }
}
