package hazelkeep.setout;

import hazelkeep.wood.Role;
import java.util.List;
import java.util.Optional;

/**
 * One stretch of a line to cut to, said by the fewest numbers that build it again.
 *
 * @param shape what it is
 * @param stations its places in order: both ends, and for a {@link Shape#CURVE} those between, with
 *     straight stretches from one to the next nearer to the curve than {@link Outline#NEAR}
 * @param radius of a {@link Shape#ROUND}, mm; negative where the round is hollow, seen from the
 *     air; 0 for every other shape
 * @param on what it makes; empty where wood is left on for later
 * @param inside whether the air lies nearer to the axis than the wood: a bore, a hollow, a recess
 * @param sunk whether wood stands round it nearer to the tailstock, so that a rule can't be laid to
 *     it and a depth gauge is wanted
 */
public record Cut(
    Shape shape,
    List<Station> stations,
    double radius,
    Optional<Named> on,
    boolean inside,
    boolean sunk) {
  /** What a stretch of a turned line can be. */
  public enum Shape {
    /** Square to the axis. */
    FACE,
    /** Of one diameter. */
    PARALLEL,
    /** Leaning at one angle. */
    CONE,
    /** Part of a circle. */
    ROUND,
    /** Any other smooth line, given by stations. */
    CURVE
  }

  /** Copies the stations. */
  public Cut {
    stations = List.copyOf(stations);
  }

  /** Whether wood is left on for later, or is waste that only holds. */
  public boolean rough() {
    return on.flatMap(Named::role).isEmpty();
  }

  /** Whether it is of a fit, where a hundredth counts. */
  public boolean fine() {
    return on.flatMap(Named::role).filter(r -> r == Role.FIT).isPresent();
  }

  /** Where it begins. */
  public Station first() {
    return stations.get(0);
  }

  /** Where it ends. */
  public Station last() {
    return stations.get(stations.size() - 1);
  }

  /** The lean of a cone against the axis, degrees from 0 to 90. */
  public double lean() {
    double along = Math.abs(last().from() - first().from());
    double up = Math.abs(last().across() - first().across()) / 2;
    return Math.toDegrees(Math.atan2(up, along));
  }
}
