/** Vessels that are bored: the straight well and the dry-stem vase. */
package hazelkeep.kinds.vessel;
