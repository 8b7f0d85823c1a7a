package hazelkeep.web.drawing;

import hazelkeep.closing.Feel;
import hazelkeep.fit.AirCushion;
import hazelkeep.measure.Rounding;
import hazelkeep.web.said.Sentences;
import java.util.ArrayList;
import java.util.List;

/** How the air holds a lid on its way off. */
public final class PullDrawing {
  private static final double WIDE = 430;
  private static final double TALL = 220;

  private PullDrawing() {}

  /** Draws it; empty where the air does nothing. */
  public static String of(Feel feel, double length, Show show) {
    if (feel.pull().isEmpty()) {
      return "";
    }
    double peak = Math.max(1, Math.max(AirCushion.peak(feel.pull()), 0));
    double top = peak > 10 ? Math.ceil(peak / 10) * 10 : Math.ceil(peak / 2) * 2;
    Chart c =
        new Chart(
            WIDE,
            TALL,
            new Chart.Range(0, length),
            new Chart.Range(0, top),
            Sentences.of(
                "pullDrawing.force-of-the-air-while",
                Rounding.text(AirCushion.peak(feel.pull()), 1)));
    c.band("pull-band", points(feel.loosePull()), points(feel.pull()));
    c.curve("pull-line", points(feel.pull()));
    c.frame();
    for (int i = 0; i <= 2; i++) {
      c.markY(top * i / 2, Rounding.text(top * i / 2, 1));
      c.markX(length * i / 2, show.bare(length * i / 2));
    }
    c.nameY("N");
    c.nameX("pulled off by, " + show.unit().word());
    return c.toString();
  }

  private static List<double[]> points(List<AirCushion.Pull> pulls) {
    List<double[]> out = new ArrayList<>();
    pulls.forEach(p -> out.add(new double[] {p.way(), p.force()}));
    return out;
  }
}
