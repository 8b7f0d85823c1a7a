package hazelkeep.web.api;

import hazelkeep.measure.Rounding;
import hazelkeep.setout.Cut;
import hazelkeep.setout.Datum;
import hazelkeep.setout.Pass;
import hazelkeep.setout.SetOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A stretch of a line that a step cuts to.
 *
 * @param part whose wood is cut
 * @param makes the surface, or the waste that is kept on purpose; null where wood is left for later
 * @param shape face, parallel, cone, round or curve
 * @param inside whether the wood lies round it
 * @param from what places count from: end, the free end of the work, or chuck, its front
 * @param stations place and diameter of each of its ends, and of the places between on a curve, mm
 * @param radius of a round, mm, negative where it is hollow; null for every other shape
 */
record CutAnswer(
    String part,
    String makes,
    String shape,
    boolean inside,
    String from,
    List<double[]> stations,
    Double radius) {
  private static final int HUNDREDTHS = 2;

  /** The lines of a step, in order. */
  static List<CutAnswer> of(SetOut setOut) {
    List<CutAnswer> out = new ArrayList<>();
    for (Pass p : setOut.passes()) {
      for (Cut c : p.cuts()) {
        out.add(of(p, c));
      }
    }
    return List.copyOf(out);
  }

  private static CutAnswer of(Pass p, Cut c) {
    return new CutAnswer(
        p.part(),
        c.on().map(n -> n.part() + "." + n.name()).orElse(null),
        c.shape().name().toLowerCase(Locale.ROOT),
        c.inside(),
        p.datum().from() == Datum.From.END ? "end" : "chuck",
        c.stations().stream()
            .map(s -> new double[] {rounded(s.from()), rounded(s.across())})
            .toList(),
        c.radius() == 0 ? null : rounded(c.radius()));
  }

  private static double rounded(double mm) {
    return Double.parseDouble(Rounding.text(mm, HUNDREDTHS));
  }
}
