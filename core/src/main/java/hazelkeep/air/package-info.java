/** Wood and the air round it: moisture, movement, climates. */
package hazelkeep.air;
