package hazelkeep.web.drawing;

import hazelkeep.air.Climate;
import hazelkeep.fit.FitClass;
import hazelkeep.practice.Practice;
import hazelkeep.season.Year;
import hazelkeep.web.said.Sentences;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A joint's clearance through the year, over the classes of fit. */
public final class YearDrawing {
  private static final double WIDE = 900;
  private static final double TALL = 300;
  private static final double SPARE = 0.06;

  private YearDrawing() {}

  /** Draws it, with a mark at today. */
  public static String of(Year year, Practice p, int day, Show show) {
    double d = year.joint().diameter();
    double low = Math.min(year.tightest() - SPARE, FitClass.PUSH.least(d, p) - SPARE);
    double high = Math.max(year.loosest() + SPARE, FitClass.SNUG.most(d, p));
    Chart c =
        new Chart(
            WIDE,
            TALL,
            new Chart.Range(0, Climate.DAYS - 1),
            new Chart.Range(low, high),
            Sentences.of(
                "yearDrawing.clearance-through-the-year-from",
                show.fit(year.tightest()),
                show.fit(year.loosest())));
    classes(c, year, p, new Chart.Range(low, high), show);
    c.band("year-band", points(year.least()), points(year.most()));
    c.curve("year-line", points(year.least()));
    c.curve("year-line", points(year.most()));
    c.curve(
        "year-cut",
        List.of(
            new double[] {0, year.joint().clearance()},
            new double[] {Climate.DAYS - 1, year.joint().clearance()}));
    c.svg().path("year-today", Svg.d("M", c.x(day), " ", c.y(high), "V", c.y(low)));
    c.svg()
        .text(
            c.x(day) > WIDE / 2 ? "year-word before" : "year-word",
            c.x(day) + (c.x(day) > WIDE / 2 ? -6 : 6),
            c.y(high) + 12,
            "today");
    c.frame();
    for (Month m : Month.values()) {
      double middle = (m.getValue() - 0.5) * Climate.DAYS / Climate.MONTHS;
      c.markX(middle, m.getDisplayName(TextStyle.SHORT, Locale.ENGLISH));
    }
    c.nameY(show.unit().word());
    return c.toString();
  }

  private static void classes(Chart c, Year year, Practice p, Chart.Range over, Show show) {
    double low = over.from();
    double high = over.to();
    double d = year.joint().diameter();
    for (FitClass f : FitClass.values()) {
      double from = f.least(d, p);
      double to = f == FitClass.DROP_ON ? high : f.most(d, p);
      if (!f.ofLids() || to <= low || from >= high) {
        continue;
      }
      double bottom = f == FitClass.JAM ? low : Math.max(low, from);
      c.stripe(
          f == year.joint().wanted() ? "fit-band wanted" : "fit-band", bottom, Math.min(high, to));
      c.svg().text("year-class", WIDE - 20, c.y(Math.min(high, to)) + 15, f.word());
    }
    for (FitClass f : FitClass.values()) {
      double from = f.least(d, p);
      if (f.ofLids() && from > low && from < high) {
        c.markY(from, show.unit().showFit(from));
      }
    }
  }

  private static List<double[]> points(double[] days) {
    List<double[]> out = new ArrayList<>();
    for (int d = 0; d < days.length; d += d + 4 < days.length || d == days.length - 1 ? 4 : 1) {
      out.add(new double[] {d, days[d]});
    }
    return out;
  }
}
