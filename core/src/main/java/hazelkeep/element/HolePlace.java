package hazelkeep.element;

import hazelkeep.wood.SurfaceId;
import java.util.function.ToDoubleFunction;

/**
 * Where a hole is.
 *
 * @param name what it is called: bore
 * @param on its surface
 * @param from what depths are counted from, in words
 * @param mouth the station that they are counted from
 * @param up whether the mouth looks away from the blank's foot
 * @param clear from where a bit comes, in the blank's z, clear of the wood
 * @param lip below which depth its line begins: a flare over it is a surface of its own, mm
 */
public record HolePlace(
    String name,
    SurfaceId on,
    String from,
    Edge mouth,
    boolean up,
    ToDoubleFunction<Lay> clear,
    ToDoubleFunction<Lay> lip) {
  /** Where its line begins, in the blank's z. */
  double top(Lay lay) {
    return below(lay, lip.applyAsDouble(lay));
  }

  /** A height so deep under the mouth, in the blank's z. */
  double below(Lay lay, double deep) {
    return lay.at(mouth) - way() * deep;
  }

  /** How deep a height lies under the mouth. */
  double deep(Lay lay, double z) {
    return way() * (lay.at(mouth) - z);
  }

  /** The direction in which the mouth looks. */
  int way() {
    return up ? 1 : -1;
  }
}
