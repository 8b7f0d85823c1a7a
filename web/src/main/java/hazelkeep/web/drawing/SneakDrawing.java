package hazelkeep.web.drawing;

import hazelkeep.fit.Aimed;
import hazelkeep.fit.Belief;
import hazelkeep.fit.FitClass;
import hazelkeep.fit.SneakUp;
import hazelkeep.web.said.Sentences;
import java.util.List;

/** What is thought of a clearance, narrowing from reading to reading over the classes of fit. */
public final class SneakDrawing {
  private static final double WIDE = 900;
  private static final double ROW = 34;
  private static final double TOP = 56;
  private static final double EDGE = 12;

  /** So many of the last are drawn. */
  private static final int LAST = 9;

  /** Wood that is still on, beyond the tightest class, is shown to here, mm. */
  private static final double BEFORE = 0.35;

  private SneakDrawing() {}

  /** Draws it, the latest below. */
  public static String of(SneakUp s, Show show) {
    List<SneakUp.Taken> all = s.taken();
    List<SneakUp.Taken> rows = all.subList(Math.max(0, all.size() - LAST), all.size());
    double tall = TOP + Math.max(1, rows.size()) * ROW + 10;
    Aimed aim = s.aimed();
    double least = FitClass.JAM.least(aim.diameter(), aim.practice()) - BEFORE;
    Scale x = new Scale(least, FitClass.EASY.most(aim.diameter(), aim.practice()));
    Svg svg = new Svg();
    svg.open(
        "svg",
        "viewBox",
        Svg.d("0 0 ", WIDE, tall),
        "class",
        "sneak-drawing",
        "role",
        "img",
        "aria-label",
        label(s, show));
    classes(svg, aim, x, tall, show);
    for (int i = 0; i < rows.size(); i++) {
      row(svg, rows.get(i), x, TOP + i * ROW + ROW / 2, i == rows.size() - 1);
    }
    return svg.close("svg").toString();
  }

  private static String label(SneakUp s, Show show) {
    return Sentences.of(
        "sneakDrawing.clearance-thought-to-be-give",
        show.fit(s.belief().clearance()),
        show.fit(2 * s.belief().spread()));
  }

  private record Scale(double least, double most) {
    double at(double v) {
      double share = Math.max(0, Math.min(1, (v - least) / (most - least)));
      return EDGE + share * (WIDE - 2 * EDGE);
    }
  }

  private static void classes(Svg svg, Aimed aim, Scale x, double tall, Show show) {
    for (FitClass f : FitClass.values()) {
      if (f.ordinal() > FitClass.EASY.ordinal()) {
        continue;
      }
      double from = x.at(f.least(aim.diameter(), aim.practice()));
      double to = x.at(f.most(aim.diameter(), aim.practice()));
      svg.rect(
          f == aim.wanted() ? "sneak-band wanted" : "sneak-band",
          from,
          26,
          to - from,
          tall - 34,
          null);
      svg.text("sneak-class", (from + to) / 2, 18, f.word());
      svg.text(
          "sneak-border", to - 2, 42, show.unit().showFit(f.most(aim.diameter(), aim.practice())));
    }
    svg.text("sneak-class start", EDGE, 18, "too tight to start");
  }

  private static void row(Svg svg, SneakUp.Taken t, Scale x, double y, boolean last) {
    Belief b = t.after();
    String css = t.doubt().isPresent() ? "sneak-doubt" : last ? "sneak-now" : "sneak-was";
    double two = 2 * b.spread();
    double from = x.at(b.clearance() - two);
    svg.rect(css, from, y - 8, Math.max(3, x.at(b.clearance() + two) - from), 16, null);
    double at = x.at(b.clearance());
    svg.line("sneak-middle", at, y - 11, at, y + 11);
  }
}
