package hazelkeep.wood;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;

/**
 * Wood that exists. Its z is that of its blank for life; only frames turn it round.
 *
 * @param name its name: {@code blank}, later the part it becomes
 * @param sound wood at every angle: walls are judged on it
 * @param swept wood at some angle: swing and reach are judged on it; the same object as sound once
 *     the work is round
 * @param wood its species, with all that is known of it
 */
public record Body(String name, HalfSection sound, HalfSection swept, Species wood) {
  /** Whether the work runs round and true. */
  public boolean round() {
    return sound == swept || sound.equals(swept);
  }

  /** This body with a region taken off. */
  public Body without(HalfSection region) {
    HalfSection s = sound.minus(region);
    HalfSection w = sound == swept ? s : swept.minus(region);
    return new Body(name, s, s.equals(w) ? s : w, wood);
  }

  /** This body with something that was let into it. */
  public Body with(HalfSection region) {
    HalfSection s = sound.plus(region);
    return new Body(name, s, sound == swept ? s : swept.plus(region), wood);
  }

  /** This body with its z counted from elsewhere, mm. */
  public Body shifted(double dz) {
    HalfSection s = sound.shifted(dz);
    return dz == 0 ? this : new Body(name, s, round() ? s : swept.shifted(dz), wood);
  }

  /** Whether the wood holds a point. */
  public boolean holds(Point p) {
    return sound.holds(p);
  }

  /** kg/m3; not a number where it is not known. */
  public double density() {
    return wood.kilograms();
  }

  /** Its mass in grams, taking the sound wood. */
  public double grams() {
    return sound.volume() * density() * 1e-6;
  }
}
