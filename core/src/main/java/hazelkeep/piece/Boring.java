package hazelkeep.piece;

import hazelkeep.bore.BoringPlan;
import hazelkeep.bore.Stations;
import java.util.List;

/**
 * What is bored and hollowed in a part.
 *
 * @param part the part
 * @param from what depths are counted from, in words
 * @param plans the bores in the order of the work
 * @param stations sizes at depths below its rim
 */
public record Boring(
    String part, String from, List<BoringPlan> plans, List<Stations.Station> stations) {}
