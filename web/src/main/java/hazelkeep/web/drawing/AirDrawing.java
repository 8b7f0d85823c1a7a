package hazelkeep.web.drawing;

import hazelkeep.air.Climate;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.List;

/** What thin wood comes to in some air, month by month. */
public final class AirDrawing {
  private static final double WIDE = 320;
  private static final double TALL = 165;
  private static final double DRIEST = 2;
  private static final double DAMPEST = 20;

  private AirDrawing() {}

  /** Draws it. */
  public static String of(Climate c) {
    Chart chart =
        new Chart(
            WIDE,
            TALL,
            new Chart.Range(0, Climate.DAYS - 1),
            new Chart.Range(DRIEST, DAMPEST),
            Sentences.of("airDrawing.moisture-of-wood-through-the"));
    double[] moisture = c.moisture();
    List<double[]> points = new ArrayList<>();
    for (int d = 0; d < Climate.DAYS; d += 7) {
      points.add(new double[] {d, moisture[d]});
    }
    chart.curve("year-line", points);
    chart.frame();
    for (double m = DRIEST; m <= DAMPEST; m += 6) {
      chart.markY(m, Long.toString(Math.round(m)));
    }
    for (int m = 0; m < Climate.MONTHS; m += 3) {
      double middle = (m + 0.5) * Climate.DAYS / Climate.MONTHS;
      chart.markX(middle, List.of("Jan", "Apr", "Jul", "Oct").get(m / 3));
    }
    chart.nameY("% of dry mass");
    return chart.toString();
  }
}
