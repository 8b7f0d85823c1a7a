package hazelkeep.element;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;

/**
 * A stretch of an outside that was bent.
 *
 * @param on the surface that it is on
 * @param chain its line now, from its low end to its high end, in the blank's z
 * @param was its line before
 * @param cut what has to go for it
 */
record Dug(String on, Polyline chain, Polyline was, HalfSection cut) {
  /** Where it begins, in the blank's z. */
  public double from() {
    return was.first().z();
  }

  /** Where it ends. */
  public double to() {
    return was.last().z();
  }

  /** How deep it lies under the line that was there, mm. */
  public double deep() {
    double most = 0;
    for (Point p : chain.points()) {
      most = Math.max(most, Rising.at(was, p.z()) - p.r());
    }
    return most;
  }

  /** The place where it is deepest. */
  public Point deepest() {
    Point best = chain.first();
    double most = -1;
    for (Point p : chain.points()) {
      double deep = Rising.at(was, p.z()) - p.r();
      if (deep > most + 1e-9) {
        most = deep;
        best = p;
      }
    }
    return best;
  }
}
