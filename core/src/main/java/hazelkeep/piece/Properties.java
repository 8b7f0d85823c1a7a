package hazelkeep.piece;

import hazelkeep.route.Aim;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Part;
import java.util.OptionalDouble;

/**
 * What the finished piece is like.
 *
 * @param brimMl room to the brim, ml
 * @param lineMl room to 10 mm below the brim, ml
 * @param woodMl wood in the finished parts, ml
 * @param grams mass of the finished parts; empty where the density is unknown
 * @param tips angle at which it tips over, degrees
 */
public record Properties(
    double brimMl, double lineMl, double woodMl, OptionalDouble grams, double tips) {
  private static final double ML = 1000;

  /**
   * What the parts weigh and when they tip over, closed as they are.
   *
   * @param brim room to the brim, mm3
   * @param line room to a line below it, mm3
   * @param foot diameter that it stands on, mm
   */
  public static Properties of(Aim aim, double brim, double line, double foot) {
    double wood = 0;
    double moment = 0;
    for (Part p : aim.parts()) {
      HalfSection closed = p.target().in(p.closed());
      wood += closed.volume();
      moment += closed.volume() * closed.centroid();
    }
    double density = aim.blank().density();
    return new Properties(
        brim / ML,
        line / ML,
        wood / ML,
        Double.isNaN(density)
            ? OptionalDouble.empty()
            : OptionalDouble.of(wood * density / ML / ML),
        Math.toDegrees(Math.atan(foot / 2 / (moment / wood))));
  }
}
