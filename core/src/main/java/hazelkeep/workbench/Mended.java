package hazelkeep.workbench;

import hazelkeep.solid.HalfSection;

/**
 * How the wood was made to agree with a reading.
 *
 * @param part whose stock
 * @param less wood that is not there, in the blank's z
 * @param more wood that is there after all
 */
public record Mended(String part, HalfSection less, HalfSection more) {}
