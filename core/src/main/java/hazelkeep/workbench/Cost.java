package hazelkeep.workbench;

import hazelkeep.piece.Plan;
import hazelkeep.solid.HalfSection;
import java.util.List;

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
    double[] was = size(now);
    double[] is = size(then);
    return new Cost(
        was[0] - is[0],
        was[1] - is[1],
        now.sketch().properties().brimMl() - then.sketch().properties().brimMl(),
        holds(then) - holds(now),
        then.rehearsal().stages().size() - now.rehearsal().stages().size());
  }

  /** Width and height of the closed piece, mm. */
  private static double[] size(Plan<?> plan) {
    List<HalfSection> closed =
        plan.aim().parts().stream().map(p -> p.target().in(p.closed())).toList();
    double low = closed.stream().mapToDouble(HalfSection::minZ).min().orElse(0);
    double high = closed.stream().mapToDouble(HalfSection::maxZ).max().orElse(0);
    double wide = 2 * closed.stream().mapToDouble(HalfSection::maxR).max().orElse(0);
    return new double[] {wide, high - low};
  }

  private static int holds(Plan<?> plan) {
    return (int) plan.rehearsal().stages().stream().map(s -> s.setup().name()).distinct().count();
  }
}
