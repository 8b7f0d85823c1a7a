package hazelkeep.web.api;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.piece.Design;
import hazelkeep.piece.Plan;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import java.util.ArrayList;
import java.util.List;

/**
 * A design with remedies applied, just as a press on the screen applies them.
 *
 * @param <D> the design record
 * @param design what is planned
 * @param edits the changes of the route that are left
 * @param letGo stated sizes that a remedy took back
 */
record Applied<D extends Design>(D design, List<RouteEdit> edits, List<String> letGo) {
  static <D extends Design> Applied<D> of(PlanRequest<D> asked) {
    D design = asked.design();
    List<RouteEdit> edits = asked.edits();
    try {
      for (Remedy r : asked.apply()) {
        edits = r.applied(edits);
        design = Plan.changed(asked.kind(), design, r);
      }
    } catch (Refused e) {
      throw NotPlanned.field("apply", e.getMessage());
    }
    List<DimKey> gone = new ArrayList<>(asked.design().sizes().keySet());
    gone.removeAll(design.sizes().keySet());
    return new Applied<>(design, edits, gone.stream().map(DimKey::path).toList());
  }
}
