package hazelkeep.wood;

import hazelkeep.solid.CrossHole;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;

/**
 * A hole drilled from outside through the wall of a part.
 *
 * @param name what it is for
 * @param at where it lies: along in the blank's z, round from the grain mark
 */
public record Hole(String name, CrossHole at) {
  /** Its width, mm. */
  public double diameter() {
    return 2 * at.radius();
  }

  /** How far round from the grain mark its middle lies, degrees, 0 to 360. */
  public double degrees() {
    return Math.toDegrees(at.turn());
  }

  /** The same hole counted from elsewhere along the axis, mm. */
  public Hole shifted(double dz) {
    return new Hole(name, at.shifted(dz));
  }

  /** The same hole in a frame. */
  public Hole in(Frame f) {
    return new Hole(name, at.in(f));
  }

  /** Where its middle goes in, on an outside. */
  public Point mouth(HalfSection wood) {
    return new Point(at.z(), wood.outer(at.z()));
  }

  /** The wall that it goes through, mm; as far as the axis where there is no hollow. */
  public double wall(HalfSection wood) {
    return wood.outer(at.z()) - wood.inner(at.z());
  }

  /**
   * The wood between this hole and another on an outside of a radius, mm.
   *
   * @param radius of the outside, mm
   */
  public double between(Hole other, double radius) {
    double chord = 2 * radius * Math.abs(Math.sin((at.turn() - other.at.turn()) / 2));
    double apart = Math.hypot(chord, at.z() - other.at.z());
    return apart - at.radius() - other.at.radius();
  }
}
