package hazelkeep.piece;

import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.BothEnds;
import hazelkeep.bore.Stations;
import java.util.List;
import java.util.Optional;

/**
 * What is bored and hollowed in a part.
 *
 * @param part the part
 * @param from what depths are counted from, in words
 * @param plans the bores in the order of the work
 * @param stations sizes at depths below its rim
 * @param through the bore that it shares with the other end, where it goes right through
 */
public record Boring(
    String part,
    String from,
    List<BoringPlan> plans,
    List<Stations.Station> stations,
    Optional<BothEnds> through) {
  /** What ends inside the part. */
  public Boring(String part, String from, List<BoringPlan> plans, List<Stations.Station> stations) {
    this(part, from, plans, stations, Optional.empty());
  }
}
