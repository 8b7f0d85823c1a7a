/** Goblets: a bowl on a stem on a foot. */
package hazelkeep.kinds.goblet;
