package hazelkeep.season;

import hazelkeep.air.Movement;
import hazelkeep.air.Rings;

/**
 * One half of a joint, as far as moisture is concerned.
 *
 * @param wood how it moves
 * @param moisture that it has now, %
 * @param rings how its rings lie
 * @param slow how many days it follows the air behind
 */
public record Half(Movement wood, double moisture, Rings rings, double slow) {
  /** Its own diameter's gain in a direction when it comes to another moisture, as a share. */
  double gain(double then, double radialShare) {
    double r = wood.radially(moisture, then);
    double t = wood.tangentially(moisture, then);
    return t + (r - t) * radialShare;
  }

  /** The same half with its rings turned, degrees from the grain mark. */
  public Half turned(double degrees) {
    return new Half(wood, moisture, new Rings(rings.pith(), degrees), slow);
  }

  /** The same half with a finish that slows it. */
  public Half slowed(double days) {
    return new Half(wood, moisture, rings, days);
  }
}
