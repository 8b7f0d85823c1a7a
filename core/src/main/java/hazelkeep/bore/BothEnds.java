package hazelkeep.bore;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Verdict;
import java.util.ArrayList;
import java.util.List;

/**
 * Bores from both ends that meet.
 *
 * @param length of the wood between both mouths, mm
 * @param one from the one end
 * @param other from the other end
 */
public record BothEnds(double length, Pass one, Pass other) {
  /** How far they overlap, mm; below zero they do not meet. */
  public double overlap() {
    return one.depth() + other.depth() - length;
  }

  /** Where they meet, from the mouth of the first, mm: the deeper end of it. */
  public double meets() {
    return Math.min(one.depth(), length);
  }

  /** The largest step that both drifts make where they meet, mm. */
  public double step() {
    return one.drift() + other.drift();
  }

  /** What would go wrong. */
  public List<Verdict> judge() {
    List<Verdict> out = new ArrayList<>();
    if (overlap() < BoreLimits.OVERLAP) {
      out.add(
          new Verdict(
              "bores-do-not-meet",
              overlap() <= 0 ? Grade.STOP : Grade.WATCH,
              overlap(),
              BoreLimits.OVERLAP,
              "mm",
              "The bores from both ends hardly meet",
              "A skin stays between them unless they overlap at full diameter."));
    }
    return out;
  }
}
