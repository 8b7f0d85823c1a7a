package hazelkeep.workbench;

import hazelkeep.route.Prompt;
import hazelkeep.shop.Gauge;

/**
 * A reading as it was taken, held against what will do.
 *
 * @param prompt what the route asks
 * @param gauge the device it was taken with
 * @param shown what the device showed, mm
 * @param truth the true length behind it, mm
 * @param leaves what it leaves to do; anything but nothing is asked about before it counts
 */
public record Taken(Prompt prompt, Gauge gauge, double shown, double truth, Leaves leaves) {}
