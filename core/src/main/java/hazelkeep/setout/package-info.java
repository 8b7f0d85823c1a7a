/** Setting out: the numbers that suffice to cut what a step cuts, read from the played wood. */
package hazelkeep.setout;
