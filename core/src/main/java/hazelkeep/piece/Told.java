package hazelkeep.piece;

import hazelkeep.bore.BoringPlan;
import hazelkeep.finding.Entry;
import hazelkeep.finding.Verdict;
import hazelkeep.measure.Grade;
import hazelkeep.route.Finding;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;

/** Findings by geometry alone, as a judge tells them. */
public final class Told {
  /** What lies on the grid of vertices may fall short of a limit by so much, mm. */
  private static final double SAME = 1e-3;

  private final List<Finding> out = new ArrayList<>();

  /** Tells a verdict on a part; its place may be null. */
  public void found(Verdict v, String part, Point where) {
    out.add(Finding.of(v, part, where));
  }

  /**
   * Tells what is thinner than it should be: at half the limit it stops the work.
   *
   * @param said the words that stand in the entry's sentences
   * @return whether it was told
   */
  public boolean thin(
      Entry entry, double found, double limit, String part, Point where, String... said) {
    if (found >= limit - SAME) {
      return false;
    }
    Grade grade = found <= limit / 2 ? Grade.STOP : Grade.WATCH;
    found(entry.told(grade, found, limit, said), part, where);
    return true;
  }

  /** Tells what has to be solved or watched in a boring plan. */
  public void bores(BoringPlan plan, String part, Point where) {
    plan.verdicts().stream()
        .filter(v -> v.grade() != Grade.NOTE)
        .forEach(v -> found(v, part, where));
  }

  /** Adds what another judge found. */
  public void all(List<Finding> findings) {
    out.addAll(findings);
  }

  /** Everything told. */
  public List<Finding> done() {
    return List.copyOf(out);
  }
}
