package hazelkeep.workbench;

import hazelkeep.piece.Plan;
import hazelkeep.solid.Extent;

/**
 * What a way on costs: by how much the piece becomes smaller, and what is to be done more.
 *
 * @param narrower how much less wide the closed piece becomes, mm; negative where it becomes wider
 * @param shorter how much less tall, mm
 * @param less how much less it holds to the brim, ml
 * @param holds how many more holds are to come
 * @param steps how many more steps are to come
 */
public record Cost(double narrower, double shorter, double less, int holds, int steps) {
  /** Of one plan beside another. */
  static Cost of(Plan<?> now, Plan<?> then) {
    Extent was = Extent.of(now.aim().closed());
    Extent is = Extent.of(then.aim().closed());
    return new Cost(
        was.across() - is.across(),
        was.length() - is.length(),
        now.sketch().properties().brimMl() - then.sketch().properties().brimMl(),
        holds(then) - holds(now),
        then.rehearsal().stages().size() - now.rehearsal().stages().size());
  }

  private static int holds(Plan<?> plan) {
    return (int) plan.rehearsal().stages().stream().map(s -> s.setup().name()).distinct().count();
  }
}
