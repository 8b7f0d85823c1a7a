package hazelkeep.workbench;

import hazelkeep.route.Aim;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Where the parts lay in the blank when a fact was entered.
 *
 * @param planes a plane of each part that stays with its wood, in the blank's z
 * @param cores a point inside each part's target
 */
public record Where(Map<String, Double> planes, Map<String, Point> cores) {
  /** Nothing said: as it lies now. */
  public static final Where UNSAID = new Where(Map.of(), Map.of());

  /** What is left out was not said. */
  public Where {
    planes = planes == null ? Map.of() : Map.copyOf(planes);
    cores = cores == null ? Map.of() : Map.copyOf(cores);
  }

  /** As parts lie in an aim. */
  static Where of(Aim aim, Map<String, Double> planes) {
    Map<String, Point> cores = new LinkedHashMap<>();
    for (Part p : aim.parts()) {
      cores.put(p.name(), p.core());
    }
    return new Where(planes, cores);
  }

  /** Whether it was said. */
  boolean said() {
    return !planes.isEmpty();
  }
}
