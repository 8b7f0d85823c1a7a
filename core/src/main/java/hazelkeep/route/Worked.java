package hazelkeep.route;

import hazelkeep.wood.Doing;

/**
 * With which tool a surface is worked in a route.
 *
 * @param doing what is done to it
 * @param tool the tool of the shop that reaches most of it there
 * @param share of it that the tool reaches, 0 to 1
 * @param at in which step
 */
public record Worked(Doing doing, String tool, double share, Step at) {}
