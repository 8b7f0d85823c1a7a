package hazelkeep.workbench;

import java.time.Instant;

/**
 * A fact in the log.
 *
 * @param no its number, rising by one
 * @param at when it was entered
 * @param designVersion the design's version then
 * @param fact what happened
 */
public record Entry(long no, Instant at, int designVersion, Fact fact) {}
