package hazelkeep.wood;

import hazelkeep.solid.HalfSection;

/**
 * Waste that is spared on purpose: a chucking tenon, the oversize left on a spigot.
 *
 * @param name its name, {@code tenon}
 * @param region where it is, in the blank's z
 * @param standsOn the surface under it: baring that takes the stub away
 */
public record Stub(String name, HalfSection region, SurfaceId standsOn) {}
