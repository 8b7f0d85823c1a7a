package hazelkeep.bore;

import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A bore that goes right through, from both ends until the two meet.
 *
 * @param near the plan from the one end
 * @param far the plan from the other end
 * @param length between the two ends that depths are counted from, mm
 * @param seen which of the two mouths is seen once it is together, in words
 */
public record BothEnds(BoringPlan near, BoringPlan far, double length, String seen) {
  /** How far they run past one another at full diameter, mm; below zero they don't meet. */
  public double overlap() {
    return near.bore().depth() + far.bore().depth() - length;
  }

  /** Where they meet, mm from the near end: the middle of what both take. */
  public double meeting() {
    return near.bore().depth() - overlap() / 2;
  }

  /** The largest step where they meet, mm: no more than both drift together. */
  public double step() {
    return drift(near) + drift(far);
  }

  private static double drift(BoringPlan plan) {
    return last(plan).map(Pass::drift).orElse(0.0);
  }

  /** The pass that goes deepest. */
  private static Optional<Pass> last(BoringPlan plan) {
    return plan.passes().stream().reduce((a, b) -> b.depth() >= a.depth() ? b : a);
  }

  /** What would go wrong where they meet. */
  public List<Verdict> verdicts(Practice practice) {
    List<Verdict> out = new ArrayList<>();
    double overlap = overlap();
    double least = practice.of(Line.BORE_OVERLAP_LEAST);
    if (overlap < least - 1e-9) {
      out.add(
          overlap <= 0
              ? Entry.BORES_APART.told(Grade.STOP, overlap, least)
              : Entry.BORES_HARDLY.told(Grade.WATCH, overlap, least));
    }
    double step = step();
    double seen = practice.of(Line.BORE_STEP_SEEN);
    if (step > seen) {
      out.add(Entry.BORES_STEP.told(Grade.WATCH, step, seen));
    }
    return out;
  }

  /**
   * Whether a bore passes a finished face by enough, so that the kept part is open once the waste
   * behind it is parted off.
   *
   * @param what is bored, in words
   * @param depth to its full diameter, mm
   * @param face how far that face lies from where the depth is counted, mm
   * @param least by how much it has to pass it, mm
   */
  public static Optional<Verdict> shortOfLine(
      String what, double depth, double face, double least) {
    double past = depth - face;
    return past >= least - 1e-9
        ? Optional.empty()
        : Optional.of(
            Entry.SHORT_OF_LINE.told(past <= 0 ? Grade.STOP : Grade.WATCH, past, least, what));
  }
}
