/** Fits of a lid: classes of clearance and how a spigot is taken to size. */
package hazelkeep.fit;
