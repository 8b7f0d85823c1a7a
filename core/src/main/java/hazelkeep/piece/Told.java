package hazelkeep.piece;

import hazelkeep.bore.BoringPlan;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Verdict;
import hazelkeep.route.Finding;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Findings by geometry alone, as a judge tells them. */
public final class Told {
  private final List<Finding> out = new ArrayList<>();

  /** Tells a verdict on a part. */
  public void found(Verdict v, String part, Point where, String advice) {
    out.add(new Finding(v, Optional.empty(), part, Optional.ofNullable(where), advice, List.of()));
  }

  /** Tells something measured against its limit, in mm. */
  public void say(
      String code,
      Grade grade,
      double found,
      double limit,
      String title,
      String why,
      String part,
      Point where,
      String advice) {
    found(new Verdict(code, grade, found, limit, "mm", title, why), part, where, advice);
  }

  /**
   * Tells what is thinner than it should be: at half the limit it stops the work.
   *
   * @return whether it was told
   */
  public boolean thin(
      String code,
      double found,
      double limit,
      String title,
      String why,
      String part,
      Point where,
      String advice) {
    if (found >= limit) {
      return false;
    }
    Grade grade = found <= limit / 2 ? Grade.STOP : Grade.WATCH;
    say(code, grade, found, limit, title, why, part, where, advice);
    return true;
  }

  /** Tells what has to be solved or watched in a boring plan. */
  public void bores(BoringPlan plan, String part, Point where) {
    plan.verdicts().stream()
        .filter(v -> v.grade() != Grade.NOTE)
        .forEach(
            v -> found(v, part, where, "Another bit, an extension, or a bore of another size."));
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
