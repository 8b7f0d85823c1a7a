package hazelkeep.web.drawing;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Origin;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A size that the record keeps.
 *
 * @param label what it is called
 * @param wished how large it was to be
 * @param made how large it is
 * @param how whether that was measured
 */
public record Made(String label, String wished, String made, String how) {
  /**
   * All that the record of a piece keeps.
   *
   * @param wished the plan as it was before anything was measured
   * @param closed sizes as they were when the record was closed; empty before
   */
  public static <D extends Design> List<Made> of(
      Plan<D> plan, Plan<?> wished, Map<DimKey, Double> closed, Show show) {
    List<Made> out = new ArrayList<>();
    for (DimKey key : plan.sketch().dimensions().recorded()) {
      Dim d = plan.aim().dims().get(key);
      boolean measured = d.origin() == Origin.MEASURED;
      // What was measured is known from the log; only a size that was not is told as it was closed.
      double mm = measured ? d.mm() : closed.getOrDefault(key, d.mm());
      out.add(
          new Made(
              d.label(),
              show.number(d, wished.aim().dims().getOrDefault(key, d).mm()),
              show.number(d, mm),
              measured ? "measured" : "as planned"));
    }
    return List.copyOf(out);
  }
}
