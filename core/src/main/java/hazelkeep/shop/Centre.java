package hazelkeep.shop;

/**
 * A drive or tail centre.
 *
 * @param name as the turner calls it
 * @param dimple depth of the mark it leaves, mm; 0 for a padded one
 * @param dimpleRadius radius of the mark at the surface, mm
 * @param radius how much room it takes round the axis, mm
 */
public record Centre(String name, double dimple, double dimpleRadius, double radius) {}
